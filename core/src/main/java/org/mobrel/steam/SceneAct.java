package org.mobrel.steam;

import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;

/**
 * Something that is done to a simulated canner, or happens to it.
 *
 * @param at since the burner was lit
 * @param value percent for the burner, otherwise 1 for on and 0 for off; of no meaning for a nudge and the lid
 */
public record SceneAct(Duration at, Kind kind, int value) {

    /** The codes are the interface's. */
    public enum Kind {
        BURNER("burner"),
        /** The weight is put on the vent, or lifted off. */
        WEIGHT("weight"),
        /** The weight is pushed with a spoon: it tips and lets steam out for two seconds. */
        NUDGE("nudge"),
        /** The lid comes off. */
        LID("lid"),
        DOUSE("douse"),
        GAS_OUT("gas-out"),
        LEAK("leak"),
        DIAL_STICKS("dial-sticks");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        public static Optional<Kind> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    /** @throws IllegalArgumentException before the burner was lit, or beyond its stops */
    public SceneAct {
        if (at.isNegative()) {
            throw new IllegalArgumentException("before the burner was lit: " + at);
        }
        if (value < 0 || value > (kind == Kind.BURNER ? 100 : 1)) {
            throw new IllegalArgumentException("%s at %s".formatted(kind.code(), value));
        }
    }
}
