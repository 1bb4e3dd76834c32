package org.mobrel.recipe;

import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StatedForm;

/** What a food is where the line says something of it that makes another thing of it. */
final class FoodConversion {

    private FoodConversion() {}

    static Mention ifSaid(Catalogue catalogue, Mention mention, StatedForm said) {
        if (mention.foods().size() != 1 || mention.open() != null) {
            return mention;
        }
        Food food = mention.foods().get(0);
        return catalogue
                .meant(food, said)
                .map(meant -> meant.food()
                        .map(other -> Mention.of(mention.phrase(), other))
                        .orElseGet(
                                () -> Mention.of(mention.phrase(), meant.stop().orElseThrow())))
                .orElse(mention);
    }
}
