package org.mobrel.planning;

import java.util.List;
import java.util.regex.Pattern;
import org.mobrel.method.RequiredStep;
import org.mobrel.recipe.IngredientLine;

/** Stock that comes out of the cold has been chilled: it is not planned for the evening before again. */
public final class ColdStock {

    private static final Pattern COLD =
            Pattern.compile("\\b(?:chilled|cold|refrigerated)\\b", Pattern.CASE_INSENSITIVE);

    private ColdStock() {}

    /** Whether a step chills stock, and all of it is cold already by its lines. */
    public static boolean isThere(List<IngredientLine> lines, RequiredStep step) {
        return step.code().equals("skim")
                && (step.said() == RequiredStep.Said.IN_LINE
                        || !step.lines().isEmpty()
                                && step.lines().stream().allMatch(line -> COLD.matcher(
                                                lines.get(line).text())
                                        .find()));
    }
}
