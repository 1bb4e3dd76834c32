package org.mobrel.practice;

import java.util.Optional;

/**
 * What came of a try.
 *
 * @param passed whether it was right
 * @param misses the reason, as a code, where it was not
 * @param text what came of it, in words
 * @param right the act that would have been right, where it was not
 */
public record DrillVerdict(boolean passed, Optional<String> misses, String text, Optional<String> right) {}
