package org.mobrel.steam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.Altitude;

/** The check values of steam: degrees Celsius at a true gauge pressure in psi, air removed. */
class SteamTest {

    @ParameterizedTest
    @CsvSource({
        "0, 100.0, 115.2, 116.4, 117.6, 118.8, 119.9, 121.0",
        "1000, 99.0, 114.5, 115.8, 117.0, 118.2, 119.3, 120.4",
        "2000, 97.9, 113.9, 115.2, 116.4, 117.6, 118.7, 119.8",
        "4000, 95.9, 112.6, 113.9, 115.2, 116.4, 117.6, 118.8",
        "6000, 93.9, 111.4, 112.7, 114.0, 115.3, 116.5, 117.7",
        "8000, 91.8, 110.2, 111.6, 112.9, 114.2, 115.5, 116.7"
    })
    void steam_is_as_hot_as_the_check_values_say(
            double feet, double boils, double at10, double at11, double at12, double at13, double at14, double at15) {
        double air = Steam.atmosphere(Altitude.ofFeet(feet));
        double[] psi = {0, 10, 11, 12, 13, 14, 15};
        double[] expected = {boils, at10, at11, at12, at13, at14, at15};
        for (int each = 0; each < psi.length; each++) {
            double kelvin = Steam.saturationTemperature(air + psi[each] * Steam.PASCALS_IN_A_PSI);
            assertThat(kelvin - Steam.ZERO_CELSIUS).isCloseTo(expected[each], within(0.06));
            assertThat(Steam.saturationPressure(kelvin))
                    .isCloseTo(air + psi[each] * Steam.PASCALS_IN_A_PSI, within(5.0));
        }
    }

    @ParameterizedTest
    @CsvSource({"10, 233.6", "20, 227.3", "30, 220.3"})
    void air_left_in_the_canner_makes_the_steam_cooler_than_the_gauge_says(double percent, double fahrenheit) {
        double kelvin = Steam.saturationTemperature(24.7 * Steam.PASCALS_IN_A_PSI * (1 - percent / 100));
        assertThat((kelvin - Steam.ZERO_CELSIUS) * 1.8 + 32).isCloseTo(fahrenheit, within(0.2));
    }
}
