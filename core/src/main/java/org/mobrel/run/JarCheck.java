package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/**
 * The look at one jar after it has rested.
 *
 * @param jar its number in the load, from 1
 * @param sealed whether the lid is sunk and does not give
 */
public record JarCheck(int jar, boolean sealed, LiquidLoss loss) implements Detail {

    /** How much liquid the jar lost to the canner. */
    public enum LiquidLoss {
        NONE("none"),
        SOME("some"),
        MORE_THAN_HALF("more-than-half");

        private final String code;

        LiquidLoss(String code) {
            this.code = code;
        }

        public static Optional<LiquidLoss> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(loss -> loss.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }
}
