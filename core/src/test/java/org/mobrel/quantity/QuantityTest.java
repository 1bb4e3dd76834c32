package org.mobrel.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class QuantityTest {

    @Test
    void units_come_out_as_kitchens_know_them() {
        assertThat(Volume.ofCups(4).millilitres()).isCloseTo(946.36, within(0.001));
        assertThat(GaugePressure.ofPsi(12).kilopascals()).isCloseTo(82.74, within(0.01));
        assertThat(Altitude.ofFeet(3_150).metres()).isCloseTo(960.12, within(0.001));
        assertThat(Length.ofMillimetres(25.4)).isEqualTo(Length.ofInches(1));
        assertThat(GaugePressure.ofPsi(new BigDecimal("12.50")).psi()).hasToString("12.5");
        assertThat(GaugePressure.ofPsi(20).psi()).hasToString("20");
    }

    @Property
    void feet_come_back_as_they_went_in(@ForAll @IntRange(min = -1_600, max = 29_500) int feet) {
        assertThat(Altitude.ofFeet(feet).feet()).isEqualTo(feet);
    }

    @Property
    void a_reading_is_never_below_the_true_pressure(
            @ForAll @IntRange(max = 15_000) int pressure, @ForAll @IntRange(min = -5_000, max = 5_000) int error) {
        GaugePressure truePressure = new GaugePressure(pressure);
        assertThat(truePressure.plus(new GaugeError(error).readingHigh())).isGreaterThanOrEqualTo(truePressure);
    }

    @Test
    void what_cannot_be_is_refused_with_its_name_value_and_unit() {
        assertThatThrownBy(() -> new GaugePressure(-5)).hasMessage("gauge pressure is negative: -5 milli-psi");
        assertThatThrownBy(() -> Mass.ofGrams(-1)).hasMessage("mass is negative: -1000 mg");
        assertThatThrownBy(() -> Volume.ofCups(1).minus(Volume.ofCups(2))).hasMessageStartingWith("volume is negative");
        assertThatThrownBy(() -> Mass.ofGrams(Double.NaN)).hasMessage("mass is out of range: NaN");
        assertThatThrownBy(() -> Fraction.of(1.01)).hasMessage("share is not between 0 and 1: 1010000 millionths");
        assertThatThrownBy(() -> Altitude.ofMetres(9_001))
                .hasMessageStartingWith("altitude is not between -500 and 9000 m");
        assertThatThrownBy(() -> new Minutes(-1)).hasMessage("minutes is negative: -1 min");
        assertThatThrownBy(() -> Volume.CUP.dividedBy(Volume.ZERO)).hasMessageContaining("0 µL");
    }
}
