package org.mobrel.recipe;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/**
 * A phrase of a line that the catalogue knows: foods (several where it names a mixture) or a stopped ingredient.
 *
 * @param phrase the words as the catalogue has them, such as 'kidney beans'
 */
public final class Mention {

    private final String phrase;
    private final List<Food> foods;
    private final Optional<StoppedIngredient> stop;
    private final @Nullable OpenMeaning open;

    private Mention(String phrase, List<Food> foods, Optional<StoppedIngredient> stop, @Nullable OpenMeaning open) {
        this.phrase = phrase;
        this.foods = List.copyOf(foods);
        this.stop = stop;
        this.open = open;
    }

    static Mention of(String phrase, Food food) {
        return new Mention(phrase, List.of(food), Optional.empty(), null);
    }

    static Mention of(String phrase, StoppedIngredient stop) {
        return new Mention(phrase, List.of(), Optional.of(stop), null);
    }

    /** A name for several foods together, such as 'mirepoix'. */
    static Mention ofMixture(String phrase, List<Food> foods) {
        return new Mention(phrase, foods, Optional.empty(), null);
    }

    /** Words that may mean one thing or another; the first is what they are taken for. */
    static Mention of(String phrase, OpenMeaning open) {
        return new Mention(
                phrase, open.options().get(0).foods(), open.options().get(0).stop(), open);
    }

    Mention settledAs(OpenMeaning.Option option) {
        return new Mention(phrase, option.foods(), option.stop(), null);
    }

    /** As the catalogue has it. */
    public String phrase() {
        return phrase;
    }

    /** The food; the first of a mixture, empty for a stopped ingredient. */
    public Optional<Food> food() {
        return foods.stream().findFirst();
    }

    /** All foods it names. */
    public List<Food> foods() {
        return foods;
    }

    public Optional<StoppedIngredient> stop() {
        return stop;
    }

    /** Whether the line or the cook has to say which of several things it means. */
    public boolean isOpen() {
        return open != null;
    }

    /** What it may mean, where that is open. */
    @Nullable
    OpenMeaning open() {
        return open;
    }

    /** Two mentions are equal if the same words mean the same. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Mention mention
                && mention.phrase.equals(phrase)
                && mention.foods.equals(foods)
                && mention.stop.equals(stop);
    }

    @Override
    public int hashCode() {
        return phrase.hashCode();
    }

    @Override
    public String toString() {
        return phrase;
    }
}
