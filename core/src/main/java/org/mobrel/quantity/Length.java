package org.mobrel.quantity;

import java.math.BigDecimal;

/**
 * A length at kitchen scale such as '1/2 in', stored as whole micrometres: sizes of pieces, headspace.
 *
 * @param micrometres at least 0
 */
public record Length(long micrometres) implements Comparable<Length> {

    private static final int MICROMETRES_PER_INCH = 25_400;

    /** @throws IllegalArgumentException if the length is negative */
    public Length {
        Checks.notNegative("length", micrometres, "µm");
    }

    public static Length ofInches(double inches) {
        return new Length(Checks.round("length", inches * MICROMETRES_PER_INCH));
    }

    public static Length ofMillimetres(double millimetres) {
        return new Length(Checks.round("length", millimetres * 1_000));
    }

    /** Exact to a thousandth of an inch, without trailing zeros: 1, 1.25. */
    public BigDecimal inches() {
        BigDecimal exact = BigDecimal.valueOf(Math.round(micrometres * 1_000.0 / MICROMETRES_PER_INCH), 3)
                .stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0) : exact;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(micrometres, other.micrometres);
    }
}
