package org.mobrel.method;

import java.util.List;
import org.mobrel.finding.Source;

/**
 * A step that a tested row demands, such as 'boil 30 min'.
 *
 * @param code what is done, such as 'soak'; never renamed
 * @param lines indexes of the ingredient lines it is for; empty when it is for all
 * @param said where the recipe says it
 */
public record RequiredStep(String code, String text, Source source, List<Integer> lines, Said said) {

    public RequiredStep {
        lines = List.copyOf(lines);
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
