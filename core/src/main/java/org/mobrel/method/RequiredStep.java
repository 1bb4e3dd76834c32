package org.mobrel.method;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mobrel.finding.Source;

/**
 * A step that a tested row demands, such as 'boil 30 min'.
 *
 * @param code what is done, such as 'soak'; never renamed
 * @param when which part of the work it belongs to
 * @param lines indexes of the ingredient lines it is for; empty when it is for all
 * @param said where the recipe says it
 */
public record RequiredStep(String code, When when, String text, Source source, List<Integer> lines, Said said) {

    public RequiredStep {
        lines = List.copyOf(lines);
    }

    /** The same in another part of the work. */
    public RequiredStep on(When other) {
        return new RequiredStep(code, other, text, source, lines, said);
    }

    /** Which part of the work it belongs to, in the order of the work. */
    public enum When {
        /** The evening before. */
        EVENING("evening"),
        PREPARE("prepare"),
        COOK("cook"),
        FILL("fill");

        private final String code;

        When(String code) {
            this.code = code;
        }

        static Optional<When> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(when -> when.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    /** Where a recipe says a step. */
    public enum Said {
        IN_LINE("in-line"),
        IN_METHOD("in-method"),
        NOWHERE("nowhere");

        private final String code;

        Said(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }
}
