package org.mobrel.quantity;

/**
 * A share of a whole such as '0.5 of the jar', stored in whole millionths.
 *
 * @param millionths 0 to 1,000,000
 */
public record Fraction(int millionths) implements Comparable<Fraction> {

    public static final Fraction HALF = new Fraction(500_000);
    public static final Fraction THREE_QUARTERS = new Fraction(750_000);

    /** @throws IllegalArgumentException if the share is below 0 or above 1 */
    public Fraction {
        if (millionths < 0 || millionths > 1_000_000) {
            throw new IllegalArgumentException("share is not between 0 and 1: %s millionths".formatted(millionths));
        }
    }

    public static Fraction of(double share) {
        return new Fraction((int) Checks.round("share", share * 1_000_000));
    }

    public double value() {
        return millionths / 1_000_000.0;
    }

    public boolean isMoreThan(Fraction other) {
        return compareTo(other) > 0;
    }

    @Override
    public int compareTo(Fraction other) {
        return Integer.compare(millionths, other.millionths);
    }
}
