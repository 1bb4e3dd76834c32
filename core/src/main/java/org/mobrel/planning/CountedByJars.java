package org.mobrel.planning;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.foods.FoodKind;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.scaling.StockForecast;

/**
 * A recipe of one food that says no amount, such as 'soaked kidney beans, boiling water': the jars alone say how much, so any amount does
 * to count from. Of several foods the jars do not say how they are shared, and the recipe is left as it is.
 */
final class CountedByJars {

    private static final Amount A_POUND = new Amount(BigDecimal.ONE, MeasureUnit.POUND);
    private static final Amount A_QUART = new Amount(BigDecimal.ONE, MeasureUnit.QUART);

    private CountedByJars() {}

    static List<IngredientLine> lines(List<IngredientLine> lines) {
        List<Integer> solids = having(lines, true);
        List<Integer> liquids = having(lines, false);
        boolean unknown = lines.stream().anyMatch(IngredientLine::isUnknown);
        if (unknown || solids.size() > 1 || solids.isEmpty() && liquids.size() != 1) {
            return lines;
        }
        int only = solids.isEmpty() ? liquids.get(0) : solids.get(0);
        boolean said = lines.get(only).amount().isPresent();
        boolean ofBones = StockForecast.of(lines, Optional.empty()).isPresent();
        if (said || ofBones || lines.get(only).foods().size() > 1) {
            return lines;
        }
        return IntStream.range(0, lines.size())
                .mapToObj(index ->
                        index == only ? lines.get(index).with(solids.isEmpty() ? A_QUART : A_POUND) : lines.get(index))
                .toList();
    }

    private static List<Integer> having(List<IngredientLine> lines, boolean solid) {
        return IntStream.range(0, lines.size())
                .filter(index -> lines.get(index).goesIntoJar())
                .filter(index -> lines.get(index).foods().stream()
                        .anyMatch(food -> solid ? food.kind().isSolid() : food.kind() == FoodKind.LIQUID))
                .boxed()
                .toList();
    }
}
