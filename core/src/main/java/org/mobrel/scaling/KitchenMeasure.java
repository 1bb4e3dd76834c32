package org.mobrel.scaling;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/** Amounts in the words of a kitchen, rounded to what a cook can measure: '5¼ cups', '1 lb 5 oz', '1.25 kg'. */
public final class KitchenMeasure {

    /** Below this nobody weighs what can be counted. */
    private static final Mass WORTH_WEIGHING = Mass.ofGrams(20);

    private static final Volume TABLESPOON = Volume.ofCups(1.0 / 16);

    private static final Pattern TRACE_WORD =
            Pattern.compile("\\b(pinch|dash|sprig|handful|drop|splash|drizzle|glug)(?:es|s)?\\b");

    private final Units units;
    private final VolumeFormat volumes;
    private final MassFormat masses;

    public KitchenMeasure(Units units) {
        this.units = units;
        this.volumes = VolumeFormat.of(units);
        this.masses = MassFormat.of(units);
    }

    /**
     * The amount of a line times a factor; empty for a line without an amount.
     *
     * <p>A recipe's own way of measuring is kept: cups stay cups and pounds stay pounds, except that a metric kitchen weighs solids.
     */
    public Optional<String> of(IngredientLine line, double factor) {
        return line.amount().map(amount -> switch (amount.unit().kind()) {
            case TRACE -> traces(line, Math.max(1, Math.round(value(amount, factor))));
            case CONTAINER -> containers(amount.unit(), value(amount, factor));
            case COUNT -> counted(line, value(amount, factor), factor);
            case MASS -> mass(amount.mass().orElseThrow().times(factor));
            case VOLUME -> volume(line, amount.volume().orElseThrow(), factor);
        });
    }

    private static double value(Amount amount, double factor) {
        return amount.value().doubleValue() * factor;
    }

    private String volume(IngredientLine line, Volume volume, double factor) {
        Optional<Food> food = line.food();
        boolean liquid = food.filter(known -> known.kind() == FoodKind.LIQUID).isPresent();
        boolean weigh = units == Units.METRIC
                && food.filter(known -> known.kind().isSolid()).isPresent();
        return (weigh ? Portions.of(line, Pack.HOT) : Optional.<Portion>empty())
                .map(portion -> mass(portion.raw().times(factor)))
                .orElseGet(() -> food.filter(known -> known.kind().isSolid()).isPresent()
                        ? volume(bySpoon(volume.times(factor)), false)
                        : volume(volume.times(factor), liquid));
    }

    /** Nobody measures kale in teaspoons: up to a quarter cup by the whole tablespoon. */
    private static Volume bySpoon(Volume volume) {
        return volume.compareTo(TABLESPOON.times(4)) < 0
                ? TABLESPOON.times(Math.max(1, Math.round(volume.dividedBy(TABLESPOON))))
                : volume;
    }

    /** Cans and bunches to the quarter. */
    private static String containers(MeasureUnit unit, double value) {
        long quarters = Fractions.nearest(value, 0.25);
        String many = unit.code() + (unit.code().endsWith("ch") ? "es" : "s");
        return Fractions.eighths(2 * quarters) + " " + (quarters > 4 ? many : unit.code());
    }

    /** Counts to the half, with the weight beside them: one carrot is not like another. */
    private String counted(IngredientLine line, double value, double factor) {
        String count =
                value < 10 ? Fractions.eighths(4 * Fractions.nearest(value, 0.5)) : Long.toString(Math.round(value));
        return Portions.of(line, Pack.HOT)
                .map(portion -> portion.raw().times(factor))
                .filter(mass -> mass.compareTo(WORTH_WEIGHING) >= 0)
                .map(mass -> "%s, about %s".formatted(count, mass(mass)))
                .orElse(count);
    }

    /** Sprigs stay sprigs: a trace is told by the recipe's own word. */
    private static String traces(IngredientLine line, long count) {
        Matcher said = TRACE_WORD.matcher(line.text().toLowerCase(Locale.ROOT));
        String one = said.find() ? said.group(1) : "pinch";
        String many = one.endsWith("ch") || one.endsWith("sh") ? one + "es" : one + "s";
        return count + " " + (count == 1 ? one : many);
    }

    /** A mass: '1 lb 5 oz' or '610 g'. */
    public String mass(Mass mass) {
        return masses.of(mass).words();
    }

    /** A mass to the finest line of a scale, where a lot is shared out by weight: '14⅜ oz' or '407 g'. */
    public String exactly(Mass mass) {
        return masses.exactly(mass);
    }

    /** A volume: spoons, cups and quarts, or millilitres and litres. */
    public String volume(Volume volume, boolean liquid) {
        return volumes.of(volume, liquid).words();
    }

    /** A volume near enough to talk about it: '¾ cup'. Not for measuring by. */
    public String about(Volume volume) {
        return volumes.about(volume);
    }

    /** A mass as a shop sells it, never less than is needed. */
    public String toBuy(Mass mass) {
        return masses.toBuy(mass);
    }

    /** A volume as a shop sells it, never less than is needed. */
    public String toBuy(Volume volume) {
        return volumes.toBuy(volume);
    }

    /** What those words come to. */
    Mass rounded(Mass mass) {
        return Mass.ofGrams(masses.of(mass).value());
    }

    /** What those words come to. */
    Volume rounded(Volume volume, boolean liquid) {
        return Volume.ofMillilitres(volumes.of(volume, liquid).value());
    }
}
