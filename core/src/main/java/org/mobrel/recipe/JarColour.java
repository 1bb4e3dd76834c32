package org.mobrel.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.foods.Colour;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Volume;

/**
 * What a dish looks like in its jar: below its pieces, above them the broth.
 *
 * @param solids the foods mixed by the room they take; of a clear broth its own
 * @param broth the liquids mixed; of a dish without any a pale sort of its solids
 */
public record JarColour(Colour solids, Colour broth) {

    private static final Colour WATER = new Colour(0xef, 0xe6, 0xd2);

    /** Empty where no line says how much there is of a food. */
    public static Optional<JarColour> of(List<IngredientLine> lines) {
        Map<Colour, Double> solids = new HashMap<>();
        Map<Colour, Double> liquids = new HashMap<>();
        for (IngredientLine line : lines) {
            line.food().ifPresent(food -> Portions.of(line, Pack.HOT).ifPresent(portion -> {
                add(solids, food, food.kind() == FoodKind.LIQUID ? Volume.ZERO : portion.bulk());
                add(liquids, food, portion.broth());
            }));
        }
        if (solids.isEmpty() && liquids.isEmpty()) {
            return Optional.empty();
        }
        Colour broth =
                liquids.isEmpty() ? Colour.mixed(Map.of(Colour.mixed(solids), 1.0, WATER, 2.0)) : Colour.mixed(liquids);
        return Optional.of(new JarColour(solids.isEmpty() ? broth : Colour.mixed(solids), broth));
    }

    private static void add(Map<Colour, Double> to, Food food, Volume room) {
        if (room.compareTo(Volume.ZERO) > 0) {
            to.merge(food.colour(), room.millilitres(), Double::sum);
        }
    }
}
