package org.mobrel.listening;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * What a device measured by ear in a few seconds; times and yes or no, no sound.
 *
 * @param knocks when it heard the weight, in order, within the span
 * @param drowned whether something was so loud that the weight could not have been heard
 * @param plume whether steam blew as it does from an open vent
 */
public record Hearing(Instant from, Instant until, List<Instant> knocks, boolean drowned, boolean plume) {

    /** More at once is not told apart from a device that slept. */
    public static final Duration LONGEST = Duration.ofSeconds(20);

    /** @throws IllegalArgumentException for a span that is none or too long, or knocks outside it or out of order */
    public Hearing {
        knocks = List.copyOf(knocks);
        Duration span = Duration.between(from, until);
        if (span.isNegative() || span.isZero() || span.compareTo(LONGEST) > 0) {
            throw new IllegalArgumentException("listened for " + span);
        }
        Instant last = from;
        for (Instant knock : knocks) {
            if (knock.isBefore(last) || knock.isAfter(until)) {
                throw new IllegalArgumentException("a knock outside its span, or out of order");
            }
            last = knock;
        }
    }

    Duration span() {
        return Duration.between(from, until);
    }
}
