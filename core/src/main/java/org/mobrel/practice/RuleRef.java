package org.mobrel.practice;

import java.util.Arrays;
import java.util.Optional;

/**
 * The rule that an exercise is about: something that is written down elsewhere in the tables or the rules, never only in the exercise.
 *
 * @param ref what it is called there, such as 'meat-cubes-hot' or 'pressure-lost'
 */
public record RuleRef(Kind kind, String ref) {

    /** Where it stands. The codes are those of the drills' files. */
    public enum Kind {
        /** A row of the tested processes. */
        ROW("row"),
        /** A group of what may not go into the jar. */
        STOP("stop"),
        /** A band of the pressures by altitude. */
        BAND("band"),
        /** A rule of the rulings, by its finding. */
        FINDING("finding"),
        /** A rule of the run, by what it writes down. */
        DEVIATION("deviation"),
        /** A rule of the handicraft. */
        WORKING("working");

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
}
