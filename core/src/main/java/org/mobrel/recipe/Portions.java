package org.mobrel.recipe;

import java.util.Optional;
import java.util.regex.Pattern;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Measures;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;

/**
 * From the amount of a line to mass and volume, by the kitchen averages of its food (good to about 15 %):
 * jar mass = raw mass x ratio; bulk = jar mass / jar g per cup x 236.59; solid = jar mass / solid g per mL. In a raw pack the ratio
 * is 1 and the cup is the raw one.
 */
public final class Portions {

    /** Of chopped, crushed or canned tomatoes a quarter by volume is solid in the jar. */
    private static final double SOLID_SHARE_OF_TOMATO = 0.25;

    /** What trimming leaves of meat that is bought without bones (source: ordinary kitchen measures). */
    private static final double KEPT_OF_BONELESS = 0.96;

    private static final Pattern BONELESS = Pattern.compile("\\bboneless\\b", Pattern.CASE_INSENSITIVE);

    private Portions() {}

    /** Empty when the line names no food or no amount that can be weighed. */
    public static Optional<Portion> of(IngredientLine line, Pack pack) {
        return line.food().flatMap(food -> rawMass(line, food).map(raw -> portion(line, food, raw, pack)));
    }

    private static Optional<Mass> rawMass(IngredientLine line, Food food) {
        return line.amount().flatMap(amount -> rawMass(line, food, amount));
    }

    private static Optional<Mass> rawMass(IngredientLine line, Food food, Amount amount) {
        return switch (amount.unit().kind()) {
            case MASS -> Optional.of(Mass.ofGrams(amount.inBaseUnits()));
            case VOLUME -> Optional.of(ofVolume(line, amount, food));
            case COUNT -> food.measures().unit().map(each -> each.times(amount.inBaseUnits()));
            case CONTAINER -> Optional.empty();
            case TRACE -> food.kind() == FoodKind.FLAVOURING ? Optional.of(Mass.ZERO) : Optional.empty();
        };
    }

    /**
     * The raw prepared mass of another amount of what a line names, such as '9 lb' of its lamb; empty where it cannot be weighed.
     *
     * @param asBought whether a mass is meant as it comes from the shop, before peeling and trimming
     */
    public static Optional<Mass> rawOf(IngredientLine line, Amount amount, boolean asBought) {
        boolean trim = asBought && amount.unit().kind() == MeasureUnit.Kind.MASS;
        return line.food()
                .flatMap(food -> rawMass(line, food, amount))
                .map(mass -> trim ? mass.times(keptOfBought(line).orElse(1.0)) : mass);
    }

    /** What to buy for a raw prepared mass; empty where the table does not say what peeling and trimming leave. */
    public static Optional<Mass> asBought(IngredientLine line, Mass raw) {
        return keptOfBought(line).map(kept -> raw.times(1 / kept));
    }

    /** The share that is left of what was bought; all of what comes shelled, peeled and cut from a freezer or a can. */
    private static Optional<Double> keptOfBought(IngredientLine line) {
        if (line.is(State.FROZEN) || line.is(State.CANNED)) {
            return line.food().map(food -> 1.0);
        }
        Optional<Double> kept = line.food().flatMap(food -> food.measures().asBoughtYield());
        return BONELESS.matcher(line.text()).find() ? kept.map(share -> Math.max(share, KEPT_OF_BONELESS)) : kept;
    }

    /** Beans out of a can or already cooked fill a cup as they fill the jar, not as dry beans do. */
    private static Mass ofVolume(IngredientLine line, Amount amount, Food food) {
        Mass perCup = isCookedBeans(line, food)
                ? food.measures().inJarPerCup()
                : food.measures().rawPerCup();
        return perCup.times(Volume.ofMillilitres(amount.inBaseUnits()).cups());
    }

    private static boolean isCookedBeans(IngredientLine line, Food food) {
        return food.isDriedBeans()
                && (line.is(State.CANNED)
                        || line.is(State.COOKED)
                                && !line.is(State.DRIED)
                                && !line.is(State.SOAKED)
                                // 'Boiled 30 minutes' is what is done with dry ones.
                                && Times.in(PlainText.of(line.text())).isEmpty());
    }

    private static Portion portion(IngredientLine line, Food food, Mass raw, Pack pack) {
        if (food.kind() == FoodKind.FLAVOURING) {
            return Portion.flavouring(raw);
        }
        Measures measures = food.measures();
        if (food.kind() == FoodKind.LIQUID) {
            Volume volume = Volume.ofCups(
                    (double) raw.milligrams() / measures.rawPerCup().milligrams());
            return new Portion(raw, raw, Volume.ZERO, Volume.ZERO, volume);
        }
        boolean cookedAlready =
                food.isDriedBeans() ? isCookedBeans(line, food) : line.is(State.COOKED) || line.is(State.CANNED);
        Mass inJar = pack == Pack.RAW || cookedAlready ? raw : raw.times(measures.hotMassRatio());
        Mass perCup = pack == Pack.RAW ? measures.rawPerCup() : measures.inJarPerCup();
        Volume bulk = Volume.ofCups((double) inJar.milligrams() / perCup.milligrams());
        Volume solid = Volume.ofMillilitres(inJar.grams() / measures.solidGramsPerMl());
        if (food.isTomato()) {
            Volume solidPart = bulk.times(SOLID_SHARE_OF_TOMATO);
            return new Portion(raw, inJar, solidPart, solidPart, bulk.minus(solidPart));
        }
        return new Portion(raw, inJar, bulk, solid, Volume.ZERO);
    }
}
