package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;

/**
 * A run whose clock goes faster than the server's: one on the simulated canner. It showed {@code runAt} when the server's showed {@code
 * realAt}; any other run goes with the server.
 *
 * @param pace seconds of the run in a real one, 1 to {@value #FASTEST}
 */
public record ClockRate(Instant realAt, Instant runAt, int pace) {

    public static final int FASTEST = 120;

    /** @throws IllegalArgumentException for a clock that stands, or races */
    public ClockRate {
        if (pace < 1 || pace > FASTEST) {
            throw new IllegalArgumentException("a pace of " + pace);
        }
    }

    Instant at(Instant real) {
        return runAt.plus(Duration.between(realAt, real).multipliedBy(pace));
    }
}
