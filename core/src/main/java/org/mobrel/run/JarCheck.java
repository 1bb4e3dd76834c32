package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/**
 * How one jar was found.
 *
 * @param jar its number in the load, from 1
 * @param level why its liquid stands low, as far as the cook can tell
 * @param bandOff whether its band was off, so that nothing but the seal holds the lid
 */
public record JarCheck(int jar, boolean sealed, LiquidLoss loss, Level level, boolean bandOff) implements EventDetail {

    public JarCheck(int jar, boolean sealed, LiquidLoss loss) {
        this(jar, sealed, loss, Level.RIGHT, true);
    }

    /** How much liquid went missing in the canner. */
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

    /** Why a jar looks as if something were missing; food that floats on clear canner water has lost nothing. */
    public enum Level {
        RIGHT("right"),
        FLOATING("floating"),
        SIPHONED("siphoned");

        private final String code;

        Level(String code) {
            this.code = code;
        }

        public static Optional<Level> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(level -> level.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }
}
