package org.mobrel.recipe;

/**
 * A part of a line and what it was taken for.
 *
 * @param start where it begins in the line as typed
 * @param end where it ends, exclusive
 */
public record Span(Kind kind, int start, int end) {

    /** What a part of a line says. */
    public enum Kind {
        AMOUNT("amount"),
        FOOD("food"),
        STOPPED("stopped"),
        STATE("state"),
        DESCRIPTION("description"),
        SERVING("serving"),
        NOT_UNDERSTOOD("not-understood");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /** @throws IllegalArgumentException if it ends before it begins */
    public Span {
        if (start < 0 || end < start) {
            throw new IllegalArgumentException("a span from " + start + " to " + end);
        }
    }
}
