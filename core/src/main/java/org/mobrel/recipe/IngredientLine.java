package org.mobrel.recipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Length;

/**
 * One line of a recipe as it was read, such as '5 cups butternut squash, peeled, in 1-inch cubes'.
 *
 * @param text as the cook typed it
 * @param rest the text behind the amount, such as 'butternut squash, peeled, in 1-inch cubes'
 * @param amount empty when the line states none
 * @param mentions what the catalogue knows in it, the main food first; empty for an unknown ingredient
 * @param states what it says about treatment
 * @param largestPiece the largest size of piece it names
 * @param heading whether it is no ingredient but a blank line or a heading such as 'For the broth:'
 */
public record IngredientLine(
        String text,
        String rest,
        Optional<Amount> amount,
        List<Mention> mentions,
        Set<State> states,
        Optional<Length> largestPiece,
        boolean heading) {

    public IngredientLine {
        mentions = List.copyOf(mentions);
        states = Set.copyOf(states);
    }

    /** The main food; empty when only a stopped or an unknown ingredient is named. */
    public Optional<Food> food() {
        return mentions.stream().flatMap(mention -> mention.food().stream()).findFirst();
    }

    /** Every food it names: '2 cups carrots and celery' names two. */
    public List<Food> foods() {
        return mentions.stream()
                .flatMap(mention -> mention.food().stream())
                .distinct()
                .toList();
    }

    public List<StoppedIngredient> stopped() {
        return mentions.stream()
                .flatMap(mention -> mention.stop().stream())
                .distinct()
                .toList();
    }

    public boolean is(State state) {
        return states.contains(state);
    }

    /** An ingredient of which the catalogue knows nothing. */
    public boolean isUnknown() {
        return !heading && mentions.isEmpty();
    }
}
