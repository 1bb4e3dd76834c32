package org.mobrel.server.scaling;

import java.math.BigDecimal;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.scaling.Household;
import org.mobrel.server.platform.InvalidField;

/** An amount as asked for, such as {@code {"value": 2, "unit": "L"}}. */
public record MeasureRequest(@Nullable BigDecimal value, @Nullable String unit) {

    private static final BigDecimal MOST = BigDecimal.valueOf(100_000);

    /** A tenth of a cubic metre: more than any kitchen cooks in a day. */
    private static final Volume MOST_KEPT = Volume.ofMillilitres(100_000);

    /** @throws InvalidField if it is no amount of food */
    public Amount amount(String field) {
        BigDecimal known = positive(field);
        return Amount.read(known.toPlainString() + " " + (unit == null ? "" : unit))
                .orElseThrow(() -> new InvalidField(
                        field + ".unit",
                        "\"" + unit + "\" is no measure known here; " + "try lb, oz, kg, g, cups, qt or L"));
    }

    /**
     * A volume, also as servings of this household.
     *
     * @throws InvalidField if it is none
     */
    public Volume volume(String field, Household household) {
        BigDecimal known = positive(field);
        if (unit == null || unit.isBlank()) {
            throw new InvalidField(field + ".unit", "in cups, quarts, ml, L or servings?");
        }
        if (unit.toLowerCase(Locale.ROOT).startsWith("serving")) {
            return sensible(household.volume(known.doubleValue()), field);
        }
        return sensible(
                Amount.read(known.toPlainString() + " " + unit)
                        .flatMap(Amount::volume)
                        .orElseThrow(() -> new InvalidField(
                                field + ".unit", "\"" + unit + "\" is no volume: cups, quarts, ml, L or servings")),
                field);
    }

    private static Volume sensible(Volume volume, String field) {
        if (volume.compareTo(MOST_KEPT) > 0) {
            throw new InvalidField(field + ".value", "more than a kitchen cooks in a day");
        }
        return volume;
    }

    private BigDecimal positive(String field) {
        if (value == null) {
            throw new InvalidField(field + ".value", "how much?");
        }
        if (value.signum() <= 0) {
            throw new InvalidField(field + ".value", "more than 0");
        }
        if (value.compareTo(MOST) > 0) {
            throw new InvalidField(field + ".value", "more than a kitchen cooks in a day");
        }
        return value;
    }
}
