package org.mobrel.scaling;

/** Numbers as they stand on spoons and cups: '1¾', '⅔', '⅛'. */
final class Fractions {

    private static final String[] EIGHTHS = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};

    private Fractions() {}

    /** So many eighths: 14 is '1¾'. */
    static String eighths(long count) {
        long whole = count / 8;
        String part = EIGHTHS[(int) (count % 8)];
        return whole == 0 && !part.isEmpty() ? part : whole + part;
    }

    /** So many twelfths of which thirds and quarters are written: 16 is '1⅓'. */
    static String twelfths(long count) {
        long whole = count / 12;
        String part =
                switch ((int) (count % 12)) {
                    case 0 -> "";
                    case 3 -> "¼";
                    case 4 -> "⅓";
                    case 6 -> "½";
                    case 8 -> "⅔";
                    case 9 -> "¾";
                    default -> throw new IllegalArgumentException("no cup is marked with %s twelfths".formatted(count));
                };
        return whole == 0 && !part.isEmpty() ? part : whole + part;
    }

    /** The multiple of a step that is nearest, never below one step. */
    static long nearest(double value, double step) {
        return Math.max(1, Math.round(value / step));
    }
}
