package org.mobrel.practice;

import java.util.Arrays;
import java.util.Optional;

/**
 * A moment in the life of a load at which a scene begins.
 *
 * @param amount minutes where the stage lasts, thousandths of a psi where it is told by the pressure, 0 for the others
 */
public record Moment(Stage stage, int amount) {

    /** The codes are the interface's. */
    public enum Stage {
        /** The burner is off. */
        COLD("cold", 0),
        /** So many minutes after the burner was lit. */
        HEATING("heating", 30),
        /** So many minutes of steady steam. */
        VENTING("venting", 15),
        /** The weight is on, the needle is on its way up: thousandths of a psi. */
        RISING("rising", 14_500),
        /** So many minutes at pressure. */
        HOLDING("holding", 100),
        /** The heat is off, the needle is on its way down: thousandths of a psi. */
        COOLING("cooling", 14_500);

        private final String code;
        private final int most;

        Stage(String code, int most) {
            this.code = code;
            this.most = most;
        }

        public static Optional<Stage> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(stage -> stage.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }

        /** Whether the pressure tells it, not the clock. */
        boolean isTold() {
            return this == RISING || this == COOLING;
        }
    }

    public static final Moment FIRST = new Moment(Stage.COLD, 0);

    /** @throws IllegalArgumentException for a moment that no load has */
    public Moment {
        if (amount < 0 || amount > stage.most) {
            throw new IllegalArgumentException("%s at %s".formatted(stage.code, amount));
        }
    }
}
