package org.mobrel.steam;

import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Temperature;

/**
 * How hot steam is, for those who want to see why pressure matters. Explanation only; it sets no process.
 *
 * <p>Source: IAPWS-IF97 for saturation, the ICAO standard atmosphere for the air.
 */
public final class SteamTemperatures {

    private static final double WHOLE = 1_000;

    private SteamTemperatures() {}

    /** Where water boils in an open pot. */
    public static Temperature boiling(Altitude altitude) {
        return at(GaugePressure.ZERO, altitude);
    }

    /** Steam without air, at a true pressure above the air around. */
    public static Temperature at(GaugePressure pressure, Altitude altitude) {
        return withAir(pressure, altitude, 0);
    }

    /**
     * Steam that air is mixed with: the gauge shows both, only the steam's part is hot.
     *
     * @param airThousandths how much of the whole pressure is the air's, 0 to 900
     * @throws IllegalArgumentException for hardly any steam
     */
    public static Temperature withAir(GaugePressure pressure, Altitude altitude, int airThousandths) {
        if (airThousandths < 0 || airThousandths > 900) {
            throw new IllegalArgumentException("air of %s thousandths".formatted(airThousandths));
        }
        double whole = Steam.atmosphere(altitude) + pressure.milliPsi() / 1_000.0 * Steam.PASCALS_IN_A_PSI;
        return Temperature.ofCelsius(
                Steam.saturationTemperature(whole * (1 - airThousandths / WHOLE)) - Steam.ZERO_CELSIUS);
    }
}
