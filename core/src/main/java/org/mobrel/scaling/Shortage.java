package org.mobrel.scaling;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;

/** What a pot lacks of its liquid, by its kind: broth is topped up, a sauce is made again. */
public sealed interface Shortage permits Shortage.TopUp, Shortage.MoreSauce {

    /** What lacks. */
    Volume lacking();

    /** Stock or boiling water does. */
    record TopUp(Volume lacking) implements Shortage {}

    /**
     * Water would thin it: more of it has to be made.
     *
     * @param times how many times the sauce, to the next quarter; above 1
     */
    record MoreSauce(Volume lacking, double times) implements Shortage {}

    /** Liquids that a soup is topped up with. */
    Set<String> BROTHS = Set.of("water", "meat-stock", "poultry-stock", "vegetable-stock", "fish-stock");

    /** What makes a sauce of the water beans are canned in. */
    Set<String> MAKES_SAUCE = Set.of("sweeteners", "tomato-paste", "sauces");

    /** A cook measures a sauce to the quarter of a batch. */
    double STEP = 0.25;

    /** Empty when the recipe brings enough. */
    static Optional<Shortage> of(Scaled scaled) {
        Volume lacking = scaled.topUp();
        if (lacking.isZero()) {
            return Optional.empty();
        }
        boolean sauce = isSauce(scaled.pot().lines()) && !scaled.brothInRecipe().isZero();
        return Optional.of(
                sauce ? new MoreSauce(lacking, times(lacking.dividedBy(scaled.brothInRecipe()))) : new TopUp(lacking));
    }

    private static double times(double more) {
        return 1 + STEP * Math.max(1, Math.ceil(more / STEP - 0.02));
    }

    /** Whether what the solids stand in is a sauce: no water or stock in it, or beans in something sweet or of tomatoes. */
    static boolean isSauce(List<IngredientLine> lines) {
        List<Food> foods = lines.stream()
                .filter(IngredientLine::goesIntoJar)
                .flatMap(line -> line.foods().stream())
                .toList();
        List<Food> liquids =
                foods.stream().filter(food -> food.kind() == FoodKind.LIQUID).toList();
        boolean beans = foods.stream().anyMatch(Food::isDriedBeans);
        boolean sweet = foods.stream().anyMatch(food -> MAKES_SAUCE.contains(food.id()));
        boolean noBroth = !liquids.isEmpty() && liquids.stream().noneMatch(food -> BROTHS.contains(food.id()));
        return noBroth || beans && sweet && !liquids.isEmpty();
    }
}
