package org.mobrel.ruling;

import java.util.OptionalInt;

/**
 * A published row that bears on a ruling: were it wrong, so might be the ruling.
 *
 * @param row its stable id in the tables
 * @param line the index of the line whose time it is; empty for what bears on the whole batch
 */
public record RowUse(String row, Part part, OptionalInt line) {

    /** What part a row plays; the codes are stored and never renamed. */
    public enum Part {
        /** The tested time of a line, whether or not it is the longest. */
        LINE("line"),
        /** The time that a mixture never goes under. */
        FLOOR("floor"),
        /** The least pressure at this altitude. */
        PRESSURE("pressure"),
        /** The rule by which a size goes by the time of a larger one. */
        JAR_SIZE("jar-size");

        private final String code;

        Part(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }
}
