package org.mobrel.server.recipe;

import java.util.List;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;

/** What a cook saves: the next version of a recipe, or the first of a new one. */
public record RecipeDraft(String title, List<String> lines, Pack pack, Fraction solidsShare) {

    public RecipeDraft {
        lines = List.copyOf(lines);
    }
}
