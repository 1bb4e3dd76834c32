package org.mobrel.steam;

import com.hummeling.if97.IF97;
import com.hummeling.if97.OutOfRangeException;
import org.mobrel.quantity.Altitude;

/**
 * What steam is like at a temperature or a pressure. Inner maths in SI units: pascals, kelvin, joules a kilogram.
 *
 * <p>Source: IAPWS-IF97 for saturation, the ICAO standard atmosphere for the air. Explanation and practice only: nothing here sets a
 * process.
 */
final class Steam {

    static final double PASCALS_IN_A_PSI = 6_894.757;
    static final double ZERO_CELSIUS = 273.15;

    private static final double PASCALS_IN_A_MEGAPASCAL = 1e6;
    private static final double JOULES_IN_A_KILOJOULE = 1e3;
    private static final IF97 TABLES = new IF97();

    /** Asked thousands of times for every minute on the stove, so it is worked out once for every tenth of a degree in between. */
    private static final int TENTHS = 2_000;

    private static final double[] PRESSURE = new double[TENTHS + 1];
    private static final double[] LATENT = new double[TENTHS + 1];

    static {
        for (int tenth = 0; tenth <= TENTHS; tenth++) {
            double kelvin = ZERO_CELSIUS + tenth / 10.0;
            PRESSURE[tenth] = exactPressure(kelvin);
            LATENT[tenth] = exactLatentHeat(kelvin);
        }
    }

    private Steam() {}

    /** @param kelvin from the freezing point up to 200 degrees Celsius; outside it counts as the nearer end */
    static double saturationPressure(double kelvin) {
        return between(PRESSURE, kelvin);
    }

    static double latentHeat(double kelvin) {
        return between(LATENT, kelvin);
    }

    private static double between(double[] table, double kelvin) {
        double tenths = Math.min(TENTHS - 1e-6, Math.max(0, (kelvin - ZERO_CELSIUS) * 10));
        int below = (int) tenths;
        return table[below] + (tenths - below) * (table[below + 1] - table[below]);
    }

    private static double exactPressure(double kelvin) {
        try {
            return TABLES.saturationPressureT(kelvin) * PASCALS_IN_A_MEGAPASCAL;
        } catch (OutOfRangeException outside) {
            throw new IllegalArgumentException("no steam at " + kelvin + " K", outside);
        }
    }

    private static double exactLatentHeat(double kelvin) {
        try {
            return (TABLES.specificEnthalpySaturatedVapourT(kelvin) - TABLES.specificEnthalpySaturatedLiquidT(kelvin))
                    * JOULES_IN_A_KILOJOULE;
        } catch (OutOfRangeException outside) {
            throw new IllegalArgumentException("no steam at " + kelvin + " K", outside);
        }
    }

    static double saturationTemperature(double pascals) {
        try {
            return TABLES.saturationTemperatureP(pascals / PASCALS_IN_A_MEGAPASCAL);
        } catch (OutOfRangeException outside) {
            throw new IllegalArgumentException("no steam at " + pascals + " Pa", outside);
        }
    }

    /** The pressure of the air at a height, in pascals. */
    static double atmosphere(Altitude altitude) {
        return 101_325 * Math.pow(1 - 2.25577e-5 * altitude.metres(), 5.25588);
    }
}
