package org.mobrel.quantity;

/** The bounds that every quantity shares; messages name what, value, unit and bound. */
final class Checks {

    private Checks() {}

    static void notNegative(String what, long value, String unit) {
        if (value < 0) {
            throw new IllegalArgumentException("%s is negative: %s %s".formatted(what, value, unit));
        }
    }

    static long round(String what, double value) {
        if (!Double.isFinite(value) || Math.abs(value) > 1e15) {
            throw new IllegalArgumentException("%s is out of range: %s".formatted(what, value));
        }
        return Math.round(value);
    }
}
