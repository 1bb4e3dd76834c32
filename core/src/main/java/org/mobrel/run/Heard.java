package org.mobrel.run;

import java.time.Duration;

/**
 * What a device heard of the weight in about a minute.
 *
 * @param listened how much of it the device could hear anything at all; more than zero, at most two minutes
 * @param knocks how often it heard the weight, 0 to {@value InstrumentReading#MOST_JIGGLES} a minute
 */
public record Heard(Duration listened, int knocks) implements EventDetail {

    private static final Duration LONGEST = Duration.ofMinutes(2);

    /** @throws IllegalArgumentException for what no device hears */
    public Heard {
        if (listened.isNegative() || listened.isZero() || listened.compareTo(LONGEST) > 0) {
            throw new IllegalArgumentException("listened for " + listened);
        }
        if (knocks < 0 || knocks > 2 * InstrumentReading.MOST_JIGGLES) {
            throw new IllegalArgumentException("knocks: " + knocks);
        }
    }

    /** As a rate, rounded. */
    public int perMinute() {
        return Math.toIntExact(Math.round(knocks * 60_000.0 / listened.toMillis()));
    }
}
