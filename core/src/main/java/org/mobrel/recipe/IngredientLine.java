package org.mobrel.recipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Length;

/** One line of a recipe as it was read, such as '5 cups butternut squash, peeled, in 1-inch cubes'. Immutable. */
public final class IngredientLine {

    private final String text;
    private final String rest;
    private final Optional<Amount> amount;
    private final List<Mention> mentions;
    private final Set<State> states;
    private final Optional<Length> largestPiece;
    private final LineKind kind;
    private final Optional<String> meaning;
    // Every rule asks for these, so they are worked out once.
    private final List<Food> foods;
    private final List<StoppedIngredient> stopped;

    IngredientLine(
            String text,
            String rest,
            Optional<Amount> amount,
            List<Mention> mentions,
            Set<State> states,
            Optional<Length> largestPiece,
            LineKind kind,
            Optional<String> meaning) {
        this.text = text;
        this.rest = rest;
        this.amount = amount;
        this.mentions = List.copyOf(mentions);
        this.states = Set.copyOf(states);
        this.largestPiece = largestPiece;
        this.kind = kind;
        this.meaning = meaning;
        this.foods = kind == LineKind.INGREDIENT && !states.contains(State.AT_SERVING)
                ? mentions.stream()
                        .flatMap(mention -> mention.food().stream())
                        .distinct()
                        .toList()
                : List.of();
        this.stopped = states.contains(State.AT_SERVING)
                ? List.of()
                : mentions.stream()
                        .flatMap(mention -> mention.stop().stream())
                        .distinct()
                        .toList();
    }

    /** As the cook typed it. */
    public String text() {
        return text;
    }

    /** The text behind the amount, such as 'butternut squash, peeled, in 1-inch cubes'. */
    public String rest() {
        return rest;
    }

    /** Empty when the line states none. */
    public Optional<Amount> amount() {
        return amount;
    }

    /** What the catalogue knows in it, the main food first; empty for an unknown ingredient. */
    public List<Mention> mentions() {
        return mentions;
    }

    /** What it says about treatment. */
    public Set<State> states() {
        return states;
    }

    /** The largest size of piece it names. */
    public Optional<Length> largestPiece() {
        return largestPiece;
    }

    /** Whether it is an ingredient at all. */
    public LineKind kind() {
        return kind;
    }

    /** What the cook said that these words mean; empty where nobody had to. */
    public Optional<String> meaning() {
        return meaning;
    }

    /** Whether it goes into the jar: an ingredient that is not kept for serving. */
    public boolean goesIntoJar() {
        return kind == LineKind.INGREDIENT && !is(State.AT_SERVING);
    }

    /** The main food that goes into the jar; empty when only a stopped or an unknown ingredient is named. */
    public Optional<Food> food() {
        return foods.isEmpty() ? Optional.empty() : Optional.of(foods.get(0));
    }

    /** The main food it names, whether or not it goes into the jar. */
    public Optional<Food> named() {
        return mentions.stream().flatMap(mention -> mention.food().stream()).findFirst();
    }

    /** Every food that goes into the jar: '2 cups carrots and celery' names two. */
    public List<Food> foods() {
        return foods;
    }

    /** The stopped ingredients it would put into the jar; a step that says so counts, for in doubt it is a stop. */
    public List<StoppedIngredient> stopped() {
        return stopped;
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

    @Override
    public String toString() {
        return text;
    }
}
