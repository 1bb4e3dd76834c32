package org.mobrel.foods;

import java.util.Arrays;
import java.util.Optional;

/**
 * What the stop table says to do instead.
 *
 * @param kind how it is carried out
 * @param words in the table's words, such as 'cook it and add at serving'
 */
public record StopRemedy(Kind kind, String words) {

    /** How a remedy is carried out; its code is the interface's and never renamed. */
    public enum Kind {
        LEAVE_OUT("leave-out"),
        FINISH_AT_SERVING("finish-at-serving"),
        FREEZE("freeze"),
        BROWN_AND_DRAIN("brown-and-drain"),
        LEAVE_IN_PIECES("leave-in-pieces"),
        SOAK_FIRST("soak-first"),
        PEEL("peel"),
        /** Only the cook can. */
        PREPARE("prepare");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }

        private static Optional<Kind> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code.equals(code))
                    .findFirst();
        }
    }

    /** Reads 'leave-out: leave out'; empty where it is not written so. */
    static Optional<StopRemedy> of(String cell) {
        int colon = cell.indexOf(':');
        return colon < 0
                ? Optional.empty()
                : Kind.ofCode(cell.substring(0, colon).strip())
                        .map(kind ->
                                new StopRemedy(kind, cell.substring(colon + 1).strip()));
    }
}
