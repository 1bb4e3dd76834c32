package org.mobrel.shopping;

import org.mobrel.foods.Food;
import org.mobrel.foods.FoodTrait;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.State;

/** Where in a shop a thing is found, in the order of a walk through it. */
public enum Aisle {
    VEGETABLES("vegetables", "Vegetables"),
    MEAT("meat", "Meat and fish"),
    DRY("dry", "Beans, cans and frozen"),
    STOCK("stock", "Stock and other liquids"),
    SEASONING("seasoning", "Seasonings"),
    OTHER("other", "Other");

    private final String code;
    private final String title;

    Aisle(String code, String title) {
        this.code = code;
        this.title = title;
    }

    static Aisle of(IngredientLine line) {
        if (line.is(State.CANNED) || line.is(State.FROZEN)) {
            return DRY;
        }
        return line.food().map(Aisle::of).orElse(OTHER);
    }

    private static Aisle of(Food food) {
        return switch (food.kind()) {
            case LEGUME -> DRY;
            case VEGETABLE, SEASONING_VEGETABLE, ROOT -> VEGETABLES;
            case MEAT, SEAFOOD -> MEAT;
            case LIQUID -> STOCK;
            case FLAVOURING -> food.has(FoodTrait.SOLD_AS_VEGETABLE) ? VEGETABLES : SEASONING;
        };
    }

    public String code() {
        return code;
    }

    public String title() {
        return title;
    }
}
