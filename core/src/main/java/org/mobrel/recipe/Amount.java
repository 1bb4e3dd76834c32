package org.mobrel.recipe;

import java.math.BigDecimal;
import java.util.Optional;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;

/**
 * An amount as a recipe states it, such as '1 1/2 lb'.
 *
 * @param value above 0, at most a million; thirds are kept to six decimals
 */
public record Amount(BigDecimal value, MeasureUnit unit) {

    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000);
    private static final String NOTHING = "thing";

    /** @throws IllegalArgumentException if the value is not above 0 or is absurdly large */
    public Amount {
        if (value.signum() <= 0 || value.compareTo(MOST) > 0) {
            throw new IllegalArgumentException("amount is not above 0 and at most 1000000: " + value);
        }
        // 1.50 and 1.5 are one amount.
        value = value.stripTrailingZeros();
        value = value.scale() < 0 ? value.setScale(0) : value;
    }

    /**
     * Reads an amount that stands alone, such as '9 lb', '2.5 kg' or '12'; empty when it is none, or something follows it.
     *
     * <p>Refused are zero, negative numbers and words that are no unit of a recipe.
     */
    public static Optional<Amount> read(String text) {
        if (text.isBlank() || text.strip().startsWith("-")) {
            return Optional.empty();
        }
        // The reader expects a food behind the amount; a word of ours tells whether anything else was left over.
        AmountReader.Read read = AmountReader.read(text.strip() + " " + NOTHING);
        return read.amount().filter(amount -> read.rest().strip().equals(NOTHING));
    }

    /** The volume, for an amount that is one. */
    public Optional<Volume> volume() {
        return unit.kind() == MeasureUnit.Kind.VOLUME
                ? Optional.of(Volume.ofMillilitres(inBaseUnits()))
                : Optional.empty();
    }

    /** The mass, for an amount that is one. */
    public Optional<Mass> mass() {
        return unit.kind() == MeasureUnit.Kind.MASS ? Optional.of(Mass.ofGrams(inBaseUnits())) : Optional.empty();
    }

    /** Millilitres, grams or pieces, by the unit's kind. */
    double inBaseUnits() {
        return value.doubleValue() * unit.size();
    }
}
