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
 * @param kind whether it is an ingredient at all
 * @param meaning what the cook said that these words mean; empty where nobody had to
 */
public record IngredientLine(
        String text,
        String rest,
        Optional<Amount> amount,
        List<Mention> mentions,
        Set<State> states,
        Optional<Length> largestPiece,
        LineKind kind,
        Optional<String> meaning) {

    public IngredientLine {
        mentions = List.copyOf(mentions);
        states = Set.copyOf(states);
    }

    /** Whether it goes into the jar: an ingredient that is not kept for serving. */
    public boolean goesIntoJar() {
        return kind == LineKind.INGREDIENT && !is(State.AT_SERVING);
    }

    /** The main food that goes into the jar; empty when only a stopped or an unknown ingredient is named. */
    public Optional<Food> food() {
        return goesIntoJar() ? named() : Optional.empty();
    }

    /** The main food it names, whether or not it goes into the jar. */
    public Optional<Food> named() {
        return mentions.stream().flatMap(mention -> mention.food().stream()).findFirst();
    }

    /** Every food that goes into the jar: '2 cups carrots and celery' names two. */
    public List<Food> foods() {
        return goesIntoJar()
                ? mentions.stream()
                        .flatMap(mention -> mention.food().stream())
                        .distinct()
                        .toList()
                : List.of();
    }

    /** The stopped ingredients it would put into the jar; a step that says so counts, for in doubt it is a stop. */
    public List<StoppedIngredient> stopped() {
        return is(State.AT_SERVING)
                ? List.of()
                : mentions.stream()
                        .flatMap(mention -> mention.stop().stream())
                        .distinct()
                        .toList();
    }

    public boolean is(State state) {
        return states.contains(state);
    }

    public boolean heading() {
        return kind == LineKind.HEADING;
    }

    /** An ingredient of which the catalogue knows nothing. */
    public boolean isUnknown() {
        return goesIntoJar() && mentions.isEmpty();
    }
}
