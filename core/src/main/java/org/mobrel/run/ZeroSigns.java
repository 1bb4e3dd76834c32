package org.mobrel.run;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What was seen of a pressure that was gone sooner than a canner cools by itself.
 *
 * @param seen at least one
 * @param cooled whether water, a fan or a cold place helped, or the weight was lifted
 */
public record ZeroSigns(Set<Sign> seen, boolean cooled) implements EventDetail {

    /** By what one tells that the pressure is gone (source: Guide 1, opening the canner). */
    public enum Sign {
        DIAL_AT_ZERO("dial-at-zero"),
        LOCK_DROPPED("lock-dropped"),
        NO_HISS("no-hiss");

        private final String code;

        Sign(String code) {
            this.code = code;
        }

        public static Optional<Sign> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(sign -> sign.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    /** @throws IllegalArgumentException if nothing was seen */
    public ZeroSigns {
        if (seen.isEmpty()) {
            throw new IllegalArgumentException("a zero that nobody has seen a sign of");
        }
        seen = Set.copyOf(EnumSet.copyOf(seen));
    }
}
