package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;

/**
 * A run's own clock: of one on the simulated canner, which goes faster than the server's, or of one that goes on as before after the server's
 * clock was set. It showed {@code runAt} when the server's showed {@code realAt}; any other run goes with the server.
 *
 * @param pace seconds of the run in a real one, 1 to {@value #FASTEST}
 * @param simulated whether somebody wanted it to go at a pace of its own
 */
public record ClockRate(Instant realAt, Instant runAt, int pace, boolean simulated) {

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
