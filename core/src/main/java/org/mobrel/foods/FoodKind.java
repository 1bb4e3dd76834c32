package org.mobrel.foods;

import java.util.Arrays;
import java.util.Optional;

/** What part a food plays in a jar. */
public enum FoodKind {
    LEGUME("legume", true),
    VEGETABLE("vegetable", true),
    /** Measured parts of the guide's own soups without a row of their own: onions, celery. */
    SEASONING_VEGETABLE("seasoning vegetable", true),
    /** Turnips, parsnips, rutabagas: only state extension tables list them. */
    ROOT("root", true),
    MEAT("meat", true),
    SEAFOOD("seafood", true),
    LIQUID("liquid", false),
    /** Free to change in flavouring amounts; has no volume. */
    FLAVOURING("flavouring", false);

    private final String word;
    private final boolean solid;

    FoodKind(String word, boolean solid) {
        this.word = word;
        this.solid = solid;
    }

    static Optional<FoodKind> ofWord(String word) {
        return Arrays.stream(values()).filter(kind -> kind.word.equals(word)).findFirst();
    }

    public boolean isSolid() {
        return solid;
    }
}
