package org.mobrel.server.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;

/**
 * A try of an exercise.
 *
 * @param exercise which one, by its code
 * @param seed what chance gave it
 * @param misses reasons, as codes
 * @param held how long something was held within a pound
 * @param furthest from the mark meanwhile
 */
record PracticeTry(
        Kind kind,
        String exercise,
        long seed,
        Instant at,
        boolean passed,
        List<String> misses,
        Optional<Duration> held,
        Optional<GaugePressure> furthest) {

    /** The codes are stored. */
    enum Kind {
        DRILL("drill"),
        REHEARSAL("rehearsal"),
        LINES("lines");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        static Kind ofCode(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code.equals(code))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("no exercise is a " + code));
        }

        String code() {
            return code;
        }
    }
}
