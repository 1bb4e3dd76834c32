package org.mobrel.server.recipe;

import java.time.Instant;
import java.util.List;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;

/**
 * One version of a recipe.
 *
 * @param version from 1; the highest is the one in the book
 * @param lines ingredient lines as typed
 */
public record Recipe(
        long id, int version, String title, List<String> lines, Pack pack, Fraction solidsShare, Instant savedAt) {

    public Recipe {
        lines = List.copyOf(lines);
    }
}
