package org.mobrel.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;

/**
 * Words that may stand beside a food and change nothing in what it is.
 *
 * @param beside ids and kinds of the foods beside which alone they are harmless; empty: any
 */
record Descriptor(Kind kind, Set<String> beside) {

    /** What such words say. */
    enum Kind {
        JOINING,
        MEASURE,
        QUALITY,
        ORIGIN,
        /** Makes the pieces small. */
        CUT,
        /** Leaves the size of the pieces open. */
        SHAPE,
        PREPARATION,
        PART,
        PURPOSE,
        REMARK,
        /** The amount is for each jar. */
        JARS;

        static Optional<Kind> ofWord(String word) {
            return Arrays.stream(values())
                    .filter(kind ->
                            kind.name().toLowerCase(java.util.Locale.ROOT).equals(word))
                    .findFirst();
        }
    }

    Descriptor {
        beside = Set.copyOf(beside);
    }

    boolean isOfAnyFood() {
        return beside.isEmpty();
    }

    /** Whether the words are harmless beside all of these foods. */
    boolean fits(List<Food> foods) {
        return beside.isEmpty()
                || !foods.isEmpty()
                        && foods.stream()
                                .allMatch(food -> beside.contains(food.id()) || beside.contains(word(food.kind())));
    }

    private static String word(FoodKind kind) {
        return kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
