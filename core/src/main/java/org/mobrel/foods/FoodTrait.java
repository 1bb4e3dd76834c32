package org.mobrel.foods;

import java.util.Arrays;
import java.util.Optional;

/** What the rules have to know of a single food beyond its kind; a column of the food table, so that a new food is one row. */
public enum FoodTrait {
    /** One of the mixed-vegetable row's exclusions (source: Guide 4, mixed vegetables). */
    NOT_IN_MIXED_VEGETABLES("not-in-mixed-vegetables"),
    /** Often cut larger than it was tested, so that words such as 'chunks' or 'halved' bring up a question. */
    SIZE_ASKED("size-asked"),
    /** Chopped or crushed, a quarter of it by volume is solid in the jar and the rest is broth. */
    MOSTLY_BROTH("mostly-broth"),
    /** A bottled sauce or paste that may hold a thickener: free by the spoonful only. */
    MAY_BE_THICKENED("may-be-thickened"),
    /** Packed raw without any liquid: it gives its own juice. */
    RAW_WITHOUT_LIQUID("raw-without-liquid"),
    /** Timed as meat; beyond a small share of the solids it is the cook's own judgement. */
    ONLY_A_FLAVOURING("only-a-flavouring"),
    /** Has a time inside a soup and none alone. */
    ONLY_IN_SOUP("only-in-soup"),
    /** Needs no shopping. */
    FROM_THE_TAP("from-the-tap"),
    /** A flavouring that is sold among the vegetables. */
    SOLD_AS_VEGETABLE("sold-as-vegetable"),
    /** What browns in the pan and is drained off again. */
    FOR_BROWNING("for-browning"),
    /** Boiled for what it gives and strained out; never in the jar. */
    STRAINED_OUT("strained-out");

    private final String word;

    FoodTrait(String word) {
        this.word = word;
    }

    static Optional<FoodTrait> ofWord(String word) {
        return Arrays.stream(values()).filter(trait -> trait.word.equals(word)).findFirst();
    }
}
