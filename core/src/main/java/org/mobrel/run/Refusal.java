package org.mobrel.run;

import java.time.Duration;
import java.util.Optional;

/**
 * Why something cannot happen now.
 *
 * @param why a code: 'vent-not-done', 'hold-not-complete', 'pressure-not-zero', 'settling', 'still-resting', 'no-such-jar' or
 *     'wrong-stage'
 * @param text the reason in a sentence
 * @param wait how long still, where waiting helps
 */
public record Refusal(String why, String text, Optional<Duration> left) {}
