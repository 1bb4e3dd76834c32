package org.mobrel.steam;

import org.mobrel.quantity.Volume;

/**
 * What stands in a canner at the start.
 *
 * @param quarts and larger jars
 * @param pints and smaller ones
 * @param water poured in
 * @param hot whether hot food went into hot jars and water at eighty degrees; else cold food and warm water
 */
public record CannerContents(int quarts, int pints, Volume water, boolean hot) {

    /** Two to three inches in the usual canner. */
    public static final Volume USUAL_WATER = Volume.ofMillilitres(2_840);

    /** Glass and food of one jar, joules a kelvin. */
    private static final double QUART_HEAT = 0.45 * 840 + 0.95 * 3_800;

    private static final double PINT_HEAT = 0.30 * 840 + 0.47 * 3_800;
    private static final double QUART_CUBIC_METRES = 1.27e-3;
    private static final double PINT_CUBIC_METRES = 0.70e-3;

    /** Minutes in which pieces in broth come ten times nearer to the heat around them; a pint takes six tenths of it. */
    private static final double QUART_F_MIN = 28;

    private static final double PINT_F_MIN = 0.6 * QUART_F_MIN;

    /** @throws IllegalArgumentException for fewer jars than none, or a canner without water */
    public CannerContents {
        if (quarts < 0 || pints < 0) {
            throw new IllegalArgumentException("a canner with %s quarts and %s pints".formatted(quarts, pints));
        }
        if (water.isZero()) {
            throw new IllegalArgumentException("a canner without water");
        }
    }

    /** Nothing but water, as at the first evening with a new canner. */
    public static CannerContents waterOnly(Volume water) {
        return new CannerContents(0, 0, water, true);
    }

    boolean hasJars() {
        return quarts + pints > 0;
    }

    double heat() {
        return quarts * QUART_HEAT + pints * PINT_HEAT;
    }

    double cubicMetres() {
        return quarts * QUART_CUBIC_METRES + pints * PINT_CUBIC_METRES;
    }

    /** How slowly the inner food follows, in seconds; of mixed jars by the share of heat that each kind takes. */
    double slowSeconds() {
        double share = hasJars() ? quarts * QUART_HEAT / heat() : 1;
        return (share * QUART_F_MIN + (1 - share) * PINT_F_MIN) * 60 / Math.log(10);
    }

    double foodKelvin() {
        return (hot ? 75 : 10) + Steam.ZERO_CELSIUS;
    }

    double waterKelvin() {
        return (hot ? 80 : 55) + Steam.ZERO_CELSIUS;
    }
}
