package org.mobrel.quantity;

import java.math.BigDecimal;

/**
 * A pressure above the surrounding air, such as '12.5 psi', stored as whole thousandths of a psi because tables, weights and
 * dials are marked in psi.
 *
 * @param milliPsi at least 0
 */
public record GaugePressure(int milliPsi) implements Comparable<GaugePressure> {

    public static final GaugePressure ZERO = new GaugePressure(0);

    private static final double KILOPASCALS_PER_PSI = 6.894757293168;

    /** @throws IllegalArgumentException if the pressure is negative */
    public GaugePressure {
        Checks.notNegative("gauge pressure", milliPsi, "milli-psi");
    }

    public static GaugePressure ofPsi(int psi) {
        return new GaugePressure(Math.multiplyExact(psi, 1_000));
    }

    /** Rounded to a thousandth of a psi, far finer than any dial. */
    public static GaugePressure ofPsi(BigDecimal psi) {
        return new GaugePressure((int) Checks.round("gauge pressure", psi.doubleValue() * 1_000));
    }

    /** Exact, without trailing zeros: 12.5, 11. */
    public BigDecimal psi() {
        BigDecimal exact = BigDecimal.valueOf(milliPsi, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0) : exact;
    }

    public double kilopascals() {
        return milliPsi / 1_000.0 * KILOPASCALS_PER_PSI;
    }

    public GaugePressure plus(GaugeError highBy) {
        return new GaugePressure(Math.addExact(milliPsi, highBy.milliPsi()));
    }

    @Override
    public int compareTo(GaugePressure other) {
        return Integer.compare(milliPsi, other.milliPsi);
    }
}
