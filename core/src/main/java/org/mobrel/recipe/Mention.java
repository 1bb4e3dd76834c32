package org.mobrel.recipe;

import java.util.Optional;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/**
 * A phrase of a line that the catalogue knows: either a food or a stopped ingredient.
 *
 * @param phrase the words as the catalogue has them, such as 'kidney beans'
 */
public record Mention(String phrase, Optional<Food> food, Optional<StoppedIngredient> stop) {

    /** @throws IllegalArgumentException unless it is exactly one of the two */
    public Mention {
        if (food.isPresent() == stop.isPresent()) {
            throw new IllegalArgumentException("a mention is either a food or a stopped ingredient: " + phrase);
        }
    }

    static Mention of(String phrase, Food food) {
        return new Mention(phrase, Optional.of(food), Optional.empty());
    }

    static Mention of(String phrase, StoppedIngredient stop) {
        return new Mention(phrase, Optional.empty(), Optional.of(stop));
    }
}
