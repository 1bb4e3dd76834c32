package org.mobrel.quantity;

/**
 * A mass such as '907.185 g', stored as whole milligrams.
 *
 * @param milligrams at least 0
 */
public record Mass(long milligrams) implements Comparable<Mass> {

    public static final Mass ZERO = new Mass(0);

    /** One avoirdupois ounce is 28.349523125 g by definition. */
    private static final double GRAMS_PER_OUNCE = 28.349523125;

    /** @throws IllegalArgumentException if the mass is negative */
    public Mass {
        Checks.notNegative("mass", milligrams, "mg");
    }

    public static Mass ofGrams(double grams) {
        return new Mass(Checks.round("mass", grams * 1_000));
    }

    public double grams() {
        return milligrams / 1_000.0;
    }

    public double ounces() {
        return grams() / GRAMS_PER_OUNCE;
    }

    public Mass plus(Mass other) {
        return new Mass(Math.addExact(milligrams, other.milligrams));
    }

    /** @throws IllegalArgumentException if the other mass is the larger one */
    public Mass minus(Mass other) {
        return new Mass(Math.subtractExact(milligrams, other.milligrams));
    }

    /** This mass times a ratio, such as the gain of beans in soaking; rounded to the milligram. */
    public Mass times(double ratio) {
        return ofGrams(grams() * ratio);
    }

    public boolean isZero() {
        return milligrams == 0;
    }

    @Override
    public int compareTo(Mass other) {
        return Long.compare(milligrams, other.milligrams);
    }
}
