package org.mobrel.quantity;

import java.math.BigDecimal;

/**
 * How far a dial is off, such as '+0.5 psi': positive when it reads high and so hides a lower true pressure. A difference of
 * pressures, and therefore not a {@link GaugePressure}.
 *
 * @param milliPsi thousandths of a psi; + reads high, - reads low
 */
public record GaugeError(int milliPsi) {

    public static final GaugeError NONE = new GaugeError(0);

    public static GaugeError ofPsi(BigDecimal psi) {
        return new GaugeError((int) Checks.round("gauge error", psi.doubleValue() * 1_000));
    }

    public BigDecimal psi() {
        BigDecimal exact = BigDecimal.valueOf(milliPsi, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0) : exact;
    }

    /** The part that has to be added to a reading: nothing for a dial that reads low. */
    public GaugeError readingHigh() {
        return milliPsi > 0 ? this : NONE;
    }
}
