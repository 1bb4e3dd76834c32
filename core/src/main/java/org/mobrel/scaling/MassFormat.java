package org.mobrel.scaling;

import org.mobrel.quantity.Mass;

/**
 * Masses by a kitchen scale: pounds and ounces, or grams and kilograms. The roundest number that is within about 1 %, else the nearest
 * line of the scale: an ounce or a gram, down to an eighth of an ounce and half a gram.
 */
final class MassFormat {

    /** The finest step a cook is asked for: a quarter ounce, a gram. */
    static final double SMALLEST_OUNCE = 0.25;

    static final double SMALLEST_GRAM = 1;

    private static final double GRAMS_PER_OUNCE = 28.349523125;
    /** Steps from here on are round numbers: a quarter pound, ten grams. */
    private static final double ROUND_OUNCES = 4;

    private static final double ROUND_GRAMS = 10;

    /** How far off a line of the scale may be. */
    private static final double LINE = 0.02;

    private static final double[] OUNCE_STEPS = {8, 4, 1, 0.5, 0.25, 0.125};
    private static final double[] GRAM_STEPS = {500, 100, 50, 10, 5, 1, 0.5};

    private final boolean us;

    private MassFormat(boolean us) {
        this.us = us;
    }

    static MassFormat of(Units units) {
        return new MassFormat(units == Units.US);
    }

    Measured of(Mass mass) {
        return us ? american(mass.ounces()) : metric(mass.grams());
    }

    /** To the eighth of an ounce, to the gram. */
    String exactly(Mass mass) {
        return us
                ? ounces(Fractions.nearest(mass.ounces(), 0.125) * 0.125)
                : VolumeFormat.decimals(Math.round(mass.grams())) + " g";
    }

    private static Measured american(double ounces) {
        Measured near = nearest(ounces, OUNCE_STEPS, ROUND_OUNCES, 0.01);
        return new Measured(ounces(near.value()), near.value() * GRAMS_PER_OUNCE);
    }

    private static String ounces(double value) {
        if (value < 16) {
            return Fractions.eighths(Math.round(value * 8)) + " oz";
        }
        long pounds = (long) (value / 16);
        double rest = value - 16.0 * pounds;
        return rest == 0 ? pounds + " lb" : pounds + " lb " + Fractions.eighths(Math.round(rest * 8)) + " oz";
    }

    private static Measured metric(double grams) {
        double near = nearest(grams, GRAM_STEPS, ROUND_GRAMS, 0.015).value();
        return near < 1_000
                ? new Measured(VolumeFormat.decimals(near) + " g", near)
                : new Measured(VolumeFormat.decimals(near / 1_000) + " kg", near);
    }

    /** As a shop sells it, never noticeably less than is needed: to the next ounce or quarter pound, to the next 10 or 50 g. */
    String toBuy(Mass mass) {
        double almost = mass.grams() * VolumeFormat.ALMOST;
        if (us) {
            double ounces = almost / GRAMS_PER_OUNCE;
            return ounces(ounces <= 15 ? Math.ceil(ounces) : Math.ceil(ounces / 4) * 4);
        }
        double grams = almost <= 200 ? Math.ceil(almost / 10) * 10 : Math.ceil(almost / 50) * 50;
        return grams < 1_000 ? VolumeFormat.decimals(grams) + " g" : VolumeFormat.decimals(grams / 1_000) + " kg";
    }

    /**
     * The roundest number that is near enough.
     *
     * @param round steps from here on are round numbers
     * @param slack how far off a round number may be
     */
    private static Measured nearest(double exact, double[] steps, double round, double slack) {
        for (double step : steps) {
            double near = step * Fractions.nearest(exact, step);
            if (Math.abs(near - exact) <= (step >= round ? slack : LINE) * exact) {
                return new Measured("", near);
            }
        }
        double finest = steps[steps.length - 1];
        return new Measured("", finest * Fractions.nearest(exact, finest));
    }
}
