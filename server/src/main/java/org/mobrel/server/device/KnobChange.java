package org.mobrel.server.device;

import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import org.mobrel.steam.Knobs;

/**
 * A knob of a simulated canner that was turned.
 *
 * @param at by the run's clock
 * @param value percent for the burner, else 1 or 0
 */
record KnobChange(Instant at, Knob knob, int value) {

    /** What can be turned. The codes are stored. */
    enum Knob {
        BURNER("burner"),
        GAS_OUT("gas-out"),
        LEAKING("leaking"),
        DIAL_STUCK("dial-stuck"),
        DOUSED("doused");

        private final String code;

        Knob(String code) {
            this.code = code;
        }

        static Optional<Knob> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(knob -> knob.code.equals(code))
                    .findFirst();
        }

        String code() {
            return code;
        }
    }

    /** The knobs after it; a needle that sticks is no knob of the canner. */
    Knobs on(Knobs before) {
        boolean on = value != 0;
        return switch (knob) {
            case BURNER -> before.burner(value);
            case GAS_OUT -> before.gas(on);
            case LEAKING -> before.leak(on);
            case DOUSED -> before.douse(on);
            case DIAL_STUCK -> before;
        };
    }
}
