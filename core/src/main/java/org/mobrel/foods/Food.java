package org.mobrel.foods;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarSize;

/**
 * A food of the catalogue, such as 'dried beans'.
 *
 * @param id its code, such as 'dried-beans'; never renamed
 * @param name what a cook calls it
 * @param processRow the name of its row among the tested processes; empty for foods without a time of their own
 * @param phrases words that mean this food in a recipe, besides its name
 * @param becomes the id of the food, or 'stop:' and the group of stopped ingredients, that it is where a line says so
 * @param wholeRow a second row that holds for pieces left whole or halved
 * @param largestJar the largest jar in every pack, where there is such a limit
 * @param colour what it looks like in a jar, for pictures
 * @param note a remark for the reader; may be empty
 */
public record Food(
        String id,
        String name,
        FoodKind kind,
        Optional<String> processRow,
        List<String> phrases,
        Map<StatedForm, String> becomes,
        Optional<String> wholeRow,
        Optional<JarSize> largestJar,
        Set<FoodTrait> traits,
        Measures measures,
        Colour colour,
        String note) {

    /** Before the name of a group of stopped ingredients, where another cell would name a food. */
    static final String STOP = "stop:";

    public Food {
        phrases = List.copyOf(phrases);
        becomes = Map.copyOf(becomes);
        traits = Set.copyOf(traits);
    }

    public boolean has(FoodTrait trait) {
        return traits.contains(trait);
    }

    /** Clams, crab, fish, oysters, shrimp and the stock made of them: all go by the soup table's seafood line inside a soup. */
    public boolean isSeafood() {
        return kind == FoodKind.SEAFOOD
                || processRow.filter(Catalogue.SEAFOOD_SOUP_ROW::equals).isPresent();
    }

    /** What to call it in a line of a recipe; a name such as 'lima beans, fresh or frozen' is a title. */
    public String word() {
        return name.contains(",") || name.contains(" or ") ? phrases.get(0) : name;
    }

    public boolean isDriedBeans() {
        return kind == FoodKind.LEGUME;
    }

    /** Boneless meat in strips, cubes or chunks: the one food that is packed raw without any liquid. */
    public boolean isMeatInPieces() {
        return has(FoodTrait.RAW_WITHOUT_LIQUID);
    }

    public boolean isCuredMeat() {
        return has(FoodTrait.ONLY_A_FLAVOURING);
    }

    /** A quarter of tomatoes by volume is solid in the jar, the rest is broth. */
    public boolean isTomato() {
        return has(FoodTrait.MOSTLY_BROTH);
    }

    /** Two foods of one id are the same food: an id is given once, and comparing hundreds of phrases at every look is slow. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Food food && food.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
