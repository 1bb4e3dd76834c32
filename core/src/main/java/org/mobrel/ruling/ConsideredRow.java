package org.mobrel.ruling;

import java.util.Map;
import org.mobrel.finding.Source;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Minutes;

/**
 * A published row that was looked at and what came of it.
 *
 * @param kind what part the row plays here
 * @param what the row, such as 'soup'
 * @param minutes its times by size
 * @param outcome why it was or was not used, in a sentence
 */
public record ConsideredRow(Kind kind, String what, Map<JarSize, Minutes> minutes, Source source, String outcome) {

    /** What part a considered row plays. */
    public enum Kind {
        /** The mixture's time never goes under it. */
        FLOOR("floor"),
        /** Published for one dish; shown beside the rule, not used by it. */
        ONE_DISH("one-dish"),
        /** A row that might seem to apply, and why it does not. */
        PASSED_OVER("passed-over");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    public ConsideredRow {
        minutes = Map.copyOf(minutes);
    }
}
