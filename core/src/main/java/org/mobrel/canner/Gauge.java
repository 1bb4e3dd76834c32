package org.mobrel.canner;

import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

/**
 * The instrument of one canner and how far it is off.
 *
 * @param error what the last test against a master gauge showed; meaningless for a weight, which cannot drift
 */
public record Gauge(GaugeKind kind, GaugeError error) {

    /** A dial reading more than 1 psi high has to be replaced (source: the guide's general part). */
    private static final int MOST_HIGH_MILLI_PSI = 1_000;

    /** A dial reading more than 2 psi low has to be replaced. */
    private static final int MOST_LOW_MILLI_PSI = -2_000;

    public static Gauge weighted() {
        return new Gauge(GaugeKind.WEIGHTED, GaugeError.NONE);
    }

    public boolean isTooFarOff() {
        return kind == GaugeKind.DIAL
                && (error.milliPsi() > MOST_HIGH_MILLI_PSI || error.milliPsi() < MOST_LOW_MILLI_PSI);
    }

    /**
     * The reading that stands for a true pressure: higher by the error of a dial that reads high, never lower for one that reads
     * low.
     */
    public GaugePressure readingFor(GaugePressure truePressure) {
        return kind == GaugeKind.DIAL ? truePressure.plus(error.readingHigh()) : truePressure;
    }
}
