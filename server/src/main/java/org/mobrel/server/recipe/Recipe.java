package org.mobrel.server.recipe;

import java.time.Instant;
import java.util.List;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.ruling.QuestionAnswer;

/**
 * One version of a recipe.
 *
 * @param version from 1; the highest is the one in the book
 * @param body what the cook wrote
 */
public record Recipe(long id, int version, RecipeDraft body, Instant savedAt) {

    public String title() {
        return body.title();
    }

    /** Ingredient lines of the base as typed. */
    public List<String> lines() {
        return body.lines();
    }

    /** What was answered to the questions of its lines. */
    public List<QuestionAnswer> answers() {
        return body.answers();
    }

    public Pack pack() {
        return body.pack();
    }

    public Fraction solidsShare() {
        return body.solidsShare();
    }
}
