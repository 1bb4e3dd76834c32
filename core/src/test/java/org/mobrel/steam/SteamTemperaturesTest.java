package org.mobrel.steam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Temperature;

/** Steam is as hot as the published tables say, in both units. */
class SteamTemperaturesTest {

    @ParameterizedTest
    @CsvSource({
        "0,    0, 100.0, 212.0",
        "0,   10, 115.2, 239.4",
        "0,   15, 121.0, 249.7",
        "1000, 0, 99.0, 210.1",
        "1000, 10, 114.5, 238.2",
        "2000, 11, 115.2, 239.3",
        "4000, 12, 115.2, 239.3",
        "6000, 0, 93.9, 201.0",
        "6000, 13, 115.3, 239.5",
        "8000, 14, 115.5, 239.8",
        "8000, 15, 116.7, 242.0"
    })
    void by_altitude_and_pressure(int feet, int psi, double celsius, double fahrenheit) {
        Temperature steam = SteamTemperatures.at(GaugePressure.ofPsi(psi), Altitude.ofFeet(feet));
        assertThat(steam.celsius()).isCloseTo(celsius, within(0.06));
        assertThat(steam.fahrenheit()).isCloseTo(fahrenheit, within(0.11));
    }

    /** At ten psi by the gauge with a tenth, two and three tenths of air. */
    @ParameterizedTest
    @CsvSource({"100, 233.6", "200, 227.3", "300, 220.3"})
    void air_keeps_it_cooler(int thousandths, double fahrenheit) {
        Temperature steam = SteamTemperatures.withAir(GaugePressure.ofPsi(10), Altitude.ofFeet(0), thousandths);
        assertThat(steam.fahrenheit()).isCloseTo(fahrenheit, within(0.11));
    }

    @Test
    void what_cannot_be_is_refused() {
        assertThatThrownBy(() -> SteamTemperatures.withAir(GaugePressure.ZERO, Altitude.ofFeet(0), 901))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Temperature.ofCelsius(301)).isInstanceOf(IllegalArgumentException.class);
    }
}
