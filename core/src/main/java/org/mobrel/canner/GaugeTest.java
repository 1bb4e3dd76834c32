package org.mobrel.canner;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

/**
 * A dial read beside a master gauge.
 *
 * @param read on the canner's own dial
 * @param master on the master at the same moment, at least 5 psi: a dial that is right at nothing proves little
 * @param by who tested it
 */
public record GaugeTest(LocalDate on, GaugePressure read, GaugePressure master, String by) {

    /** A dial is tested once a year (source: the guide's general part). */
    public static final int DUE_AFTER_YEARS = 1;

    public static final GaugePressure LEAST_MASTER = GaugePressure.ofPsi(5);

    /** @throws IllegalArgumentException if the master was too low to test anything */
    public GaugeTest {
        if (master.compareTo(LEAST_MASTER) < 0) {
            throw new IllegalArgumentException("a test below %s psi: %s".formatted(LEAST_MASTER.psi(), master.psi()));
        }
    }

    /** How far the dial was off: above zero reads high. */
    public GaugeError error() {
        return new GaugeError(read.milliPsi() - master.milliPsi());
    }

    public LocalDate dueOn() {
        return on.plusYears(DUE_AFTER_YEARS);
    }

    /** The one whose error counts: the last by date, and of one day the one written down last. */
    public static Optional<GaugeTest> last(List<GaugeTest> inOrderWritten) {
        return inOrderWritten.stream().reduce((one, other) -> other.on().isBefore(one.on()) ? one : other);
    }
}
