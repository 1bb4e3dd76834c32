package org.mobrel.recipe;

import java.math.BigDecimal;

/**
 * An amount as a recipe states it, such as '1 1/2 lb'.
 *
 * @param value above 0, at most a million; thirds are kept to six decimals
 */
public record Amount(BigDecimal value, MeasureUnit unit) {

    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000);

    /** @throws IllegalArgumentException if the value is not above 0 or is absurdly large */
    public Amount {
        if (value.signum() <= 0 || value.compareTo(MOST) > 0) {
            throw new IllegalArgumentException("amount is not above 0 and at most 1000000: " + value);
        }
        // 1.50 and 1.5 are one amount.
        value = value.stripTrailingZeros();
        value = value.scale() < 0 ? value.setScale(0) : value;
    }

    /** Millilitres, grams or pieces, by the unit's kind. */
    double inBaseUnits() {
        return value.doubleValue() * unit.size();
    }
}
