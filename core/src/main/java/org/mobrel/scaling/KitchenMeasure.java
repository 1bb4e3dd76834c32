package org.mobrel.scaling;

import java.util.Locale;
import java.util.Optional;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/** Amounts in the words of a kitchen, rounded to what a cook can measure: '5 1/4 cups', '1 lb 5 oz', '1.25 kg'. */
public final class KitchenMeasure {

    private static final String[] QUARTERS = {"", "¼", "½", "¾"};

    private final Units units;

    public KitchenMeasure(Units units) {
        this.units = units;
    }

    /**
     * The amount of a line times a factor; empty for a line without an amount.
     *
     * <p>A recipe's own way of measuring is kept: cups stay cups and pounds stay pounds, except that a metric kitchen weighs solids.
     */
    public Optional<String> of(IngredientLine line, double factor) {
        if (line.amount().isEmpty()) {
            return Optional.empty();
        }
        MeasureUnit unit = line.amount().get().unit();
        double value = line.amount().get().value().doubleValue() * factor;
        if (unit.kind() == MeasureUnit.Kind.TRACE || unit.kind() == MeasureUnit.Kind.CONTAINER) {
            return Optional.of(number(Math.max(1, Math.round(value))) + " " + unit.code());
        }
        if (unit.kind() == MeasureUnit.Kind.COUNT) {
            return Optional.of(counted(line, value, factor));
        }
        Optional<Food> food = line.food();
        boolean liquid = food.filter(known -> known.kind() == FoodKind.LIQUID).isPresent();
        if (unit.kind() == MeasureUnit.Kind.MASS) {
            return Optional.of(mass(massOf(unit, value)));
        }
        boolean weigh = units == Units.METRIC
                && food.filter(known -> known.kind().isSolid()).isPresent();
        Optional<Portion> portion = Portions.of(line, Pack.HOT);
        return Optional.of(
                weigh && portion.isPresent()
                        ? mass(portion.get().raw().times(factor))
                        : volume(volumeOf(unit, value), liquid));
    }

    private static Mass massOf(MeasureUnit unit, double value) {
        return switch (unit) {
            case POUND -> Mass.ofOunces(value * 16);
            case OUNCE -> Mass.ofOunces(value);
            case KILOGRAM -> Mass.ofGrams(value * 1000);
            default -> Mass.ofGrams(value);
        };
    }

    private static Volume volumeOf(MeasureUnit unit, double value) {
        return switch (unit) {
            case TEASPOON -> Volume.ofCups(value / 48);
            case TABLESPOON -> Volume.ofCups(value / 16);
            case FLUID_OUNCE -> Volume.ofCups(value / 8);
            case CUP -> Volume.ofCups(value);
            case PINT -> Volume.ofCups(value * 2);
            case QUART -> Volume.ofCups(value * 4);
            case GALLON -> Volume.ofCups(value * 16);
            case CENTILITRE -> Volume.ofMillilitres(value * 10);
            case DECILITRE -> Volume.ofMillilitres(value * 100);
            case LITRE -> Volume.ofMillilitres(value * 1000);
            default -> Volume.ofMillilitres(value);
        };
    }

    /** Counts to the half, with the weight beside them: one carrot is not like another. */
    private String counted(IngredientLine line, double value, double factor) {
        String count = quarters(Math.max(1, Math.round(value * 2)) * 2);
        return Portions.of(line, Pack.HOT)
                .filter(portion -> portion.raw().grams() >= 20)
                .map(portion ->
                        "%s, about %s".formatted(count, mass(portion.raw().times(factor))))
                .orElse(count);
    }

    /** A mass: '1 lb 5 oz' or '610 g'. */
    public String mass(Mass mass) {
        return units == Units.US ? pounds(mass) : grams(mass);
    }

    private static String pounds(Mass mass) {
        if (mass.ounces() < 4) {
            return quarters(Math.max(1, Math.round(mass.ounces() * 4))) + " oz";
        }
        long ounces = Math.round(mass.ounces());
        if (ounces < 16) {
            return ounces + " oz";
        }
        return ounces % 16 == 0 ? ounces / 16 + " lb" : ounces / 16 + " lb " + ounces % 16 + " oz";
    }

    private static String grams(Mass mass) {
        double grams = mass.grams();
        if (grams < 10) {
            return number(Math.max(1, Math.round(grams))) + " g";
        }
        if (grams < 1_000) {
            long step = grams < 100 ? 5 : 10;
            long rounded = Math.round(grams / step) * step;
            return rounded < 1_000 ? rounded + " g" : "1 kg";
        }
        return String.format(Locale.ROOT, "%.2f", grams / 1_000)
                        .replaceAll("0$", "")
                        .replaceAll("\\.0$", "") + " kg";
    }

    /** A volume: spoons, cups and quarts, or millilitres and litres. */
    public String volume(Volume volume, boolean liquid) {
        return units == Units.US ? cups(volume, liquid) : millilitres(volume);
    }

    private static String cups(Volume volume, boolean liquid) {
        double cups = volume.cups();
        double spoons = cups * 16;
        if (spoons < 1.95 && !isNearHalf(spoons)) {
            return quarters(Math.max(1, Math.round(cups * 48 * 4))) + " tsp";
        }
        if (spoons < 3.9) {
            return quarters(Math.round(spoons * 2) * 2) + " tbsp";
        }
        if (spoons < 9.5 && !isNearCupMeasure(cups)) {
            return Math.round(spoons) + " tbsp";
        }
        if (liquid && cups >= 3.9) {
            return quarters(Math.round(cups)) + " qt";
        }
        return cupWord(cups);
    }

    /** Whether so many tablespoons are one or one and a half, near enough not to be measured in teaspoons. */
    private static boolean isNearHalf(double spoons) {
        double half = Math.round(spoons * 2) / 2.0;
        return half >= 1 && Math.abs(half - spoons) < 0.05 * spoons;
    }

    /** Whether a quarter, a third or a half cup is near enough to measure with. */
    private static boolean isNearCupMeasure(double cups) {
        double quarter = Math.round(cups * 4) / 4.0;
        double third = Math.round(cups * 3) / 3.0;
        return Math.min(Math.abs(quarter - cups), Math.abs(third - cups)) < 0.08 * cups;
    }

    /** Cups to the quarter or the third, whichever is nearer. */
    private static String cupWord(double cups) {
        double quarter = Math.round(cups * 4) / 4.0;
        double third = Math.round(cups * 3) / 3.0;
        if (cups < 10 && Math.abs(third - cups) < Math.abs(quarter - cups)) {
            long whole = (long) third;
            String part = third - whole > 0.5 ? "⅔" : "⅓";
            return (whole == 0 ? part : whole + part) + (third > 1 ? " cups" : " cup");
        }
        return quarters(Math.round(quarter * 4)) + (quarter > 1 ? " cups" : " cup");
    }

    private static String millilitres(Volume volume) {
        double ml = volume.millilitres();
        if (ml < 30) {
            return quarters(Math.max(1, Math.round(ml / 5 * 4))) + " tsp (" + Math.max(1, Math.round(ml)) + " ml)";
        }
        if (ml < 1_000) {
            long rounded = Math.round(ml / 10) * 10;
            return rounded < 1_000 ? rounded + " ml" : "1 l";
        }
        return String.format(Locale.ROOT, "%.1f", ml / 1_000).replaceAll("\\.0$", "") + " l";
    }

    /** A number of quarters as a whole and a fraction: 21 is '5¼'. */
    private static String quarters(long count) {
        long whole = count / 4;
        String part = QUARTERS[(int) (count % 4)];
        return whole == 0 && !part.isEmpty() ? part : whole + part;
    }

    private static String number(long value) {
        return Long.toString(value);
    }
}
