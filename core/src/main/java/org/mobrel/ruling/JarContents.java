package org.mobrel.ruling;

import java.util.List;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;

/** What is in the jars, seen as the tables see it. */
record JarContents(List<Food> foods, List<Food> solids, Pack pack, Fraction share) {

    static JarContents of(Batch batch) {
        return of(batch.lines(), batch.pack(), batch.solidsShare());
    }

    static JarContents of(List<IngredientLine> lines, Pack pack, Fraction share) {
        List<Food> foods = lines.stream()
                .map(IngredientLine::foods)
                .flatMap(List::stream)
                .distinct()
                .toList();
        List<Food> solids = foods.stream().filter(food -> food.kind().isSolid()).toList();
        return new JarContents(foods, solids, pack, share);
    }

    /** Two or more solid foods that share a broth. */
    boolean isMixture() {
        return solids.size() > 1;
    }

    /** Bones strained out of nothing but liquid leave stock. */
    boolean isStockFrom(Food food) {
        return food.has(FoodTrait.STRAINED_OUT)
                && solids.isEmpty()
                && foods.stream().anyMatch(other -> other.kind() == FoodKind.LIQUID);
    }

    boolean hasSeafood() {
        return foods.stream().anyMatch(Food::isSeafood);
    }

    /** A hot pack with solids filling at most half: what the soup table describes. */
    boolean isSoupPack() {
        return isMixture() && pack == Pack.HOT && !share.isMoreThan(Fraction.HALF);
    }

    /** Vegetables above half of the jar, none of them excluded from the mixed-vegetable row. */
    boolean isMixedVegetablePack() {
        return isMixture() && pack == Pack.HOT && share.isMoreThan(Fraction.HALF) && onlyMixableVegetables();
    }

    boolean onlyMixableVegetables() {
        return solids.stream()
                .allMatch(food -> food.kind() == FoodKind.VEGETABLE && !food.has(FoodTrait.NOT_IN_MIXED_VEGETABLES));
    }
}
