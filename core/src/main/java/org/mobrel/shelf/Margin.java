package org.mobrel.shelf;

import java.math.BigDecimal;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

/**
 * How much more pressure a hold really had than its process asks for, now that the dial's error is known: what was read, less the error,
 * less what was needed. Below zero the jars had less.
 */
public record Margin(int milliPsi) implements Comparable<Margin> {

    /**
     * @param lowest what was read, uncorrected
     * @param error of the dial, as it turned out; one that reads low adds nothing, for it is never counted in the jars' favour
     * @param needed the true pressure of the process
     */
    public static Margin of(GaugePressure lowest, GaugeError error, GaugePressure needed) {
        return new Margin(lowest.milliPsi() - error.readingHigh().milliPsi() - needed.milliPsi());
    }

    public boolean isShort() {
        return milliPsi < 0;
    }

    /** Exact, without trailing zeros: -0.25, 1. */
    public BigDecimal psi() {
        BigDecimal exact = BigDecimal.valueOf(milliPsi, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0) : exact;
    }

    @Override
    public int compareTo(Margin other) {
        return Integer.compare(milliPsi, other.milliPsi);
    }
}
