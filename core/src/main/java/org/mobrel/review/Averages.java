package org.mobrel.review;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.foods.Food;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineWriter;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** What a bunch, a bag or a can of a food usually weighs: kitchen averages, offered and never assumed. */
final class Averages {

    private static final Map<String, List<BigDecimal>> OUNCES = Table.beside(
                    Averages.class, "averages.csv", Set.of("food", "unit", "ounces"))
            .map(row -> Map.entry(row.text("food") + "/" + row.text("unit"), ounces(row)))
            .stream()
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

    private Averages() {}

    private static List<BigDecimal> ounces(Row row) {
        return row.list("ounces").stream().map(BigDecimal::new).toList();
    }

    /** The line with a weight in the place of '1 bunch', for each usual size, the most usual first. */
    static List<ReviewQuestion.Answer> offers(IngredientLine line, int index, Food food, Amount amount) {
        return OUNCES.getOrDefault(food.id() + "/" + amount.unit().code(), List.of()).stream()
                .map(each -> {
                    Amount whole = new Amount(each.multiply(amount.value()), MeasureUnit.OUNCE);
                    long grams = Math.round(whole.mass().orElseThrow().grams() / 5) * 5;
                    return ReviewQuestion.Answer.instead(
                            "About %s (%s g)".formatted(LineWriter.amount(whole), grams),
                            index,
                            LineWriter.amount(whole) + " " + line.rest());
                })
                .toList();
    }
}
