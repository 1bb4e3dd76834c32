package org.mobrel.canner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

class PressureTableTest {

    private final PressureTable table = PressureTable.load();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            DIAL     | -200   | 11
            DIAL     | 0      | 11
            DIAL     | 2000   | 11
            DIAL     | 2000.1 | 12
            DIAL     | 4000   | 12
            DIAL     | 4001   | 13
            DIAL     | 6000   | 13
            DIAL     | 6001   | 14
            DIAL     | 8000   | 14
            DIAL     | 8001   |
            WEIGHTED | 1000   | 10
            WEIGHTED | 1001   | 15
            WEIGHTED | 8000   | 15
            WEIGHTED | 8001   |
            """)
    void bands_include_their_upper_end_and_are_never_extended(GaugeKind gauge, double feet, Integer psi) {
        assertThat(table.band(gauge, Altitude.ofFeet(feet))
                        .map(band -> band.pressure().psi().intValueExact())
                        .orElse(null))
                .isEqualTo(psi);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # gauge  | error  | reading for 12 | too far off
            DIAL     | 0.5    | 12.5           | false
            DIAL     | 1      | 13             | false
            DIAL     | 1.001  | 13.001         | true
            DIAL     | -1     | 12             | false
            DIAL     | -2     | 12             | false
            DIAL     | -2.001 | 12             | true
            WEIGHTED | 3      | 12             | false
            """)
    void a_dial_that_reads_high_is_corrected_and_one_that_reads_low_is_not(
            GaugeKind kind, BigDecimal error, BigDecimal reading, boolean tooFarOff) {
        Gauge gauge = new Gauge(kind, GaugeError.ofPsi(error));
        assertThat(gauge.readingFor(GaugePressure.ofPsi(12)).psi()).isEqualByComparingTo(reading);
        assertThat(gauge.isTooFarOff()).isEqualTo(tooFarOff);
    }

    @ParameterizedTest
    @CsvSource({"-1, 8, 1", "7, 61, 1", "7, 8, 0", "7, 8, 4"})
    void a_cooker_that_is_no_canner_is_refused(int quarts, int pints, int layers) {
        assertThatThrownBy(() -> Capacity.of(quarts, pints, layers)).hasMessageContaining("not between");
    }
}
