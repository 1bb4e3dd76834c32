package org.mobrel.review;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.recipe.Mention;

/** Amounts that are missing, that are two at once, or that cannot be shared out. */
final class AmountQuestions {

    private AmountQuestions() {}

    /** 'Half a turkey or half a pound' is two amounts; the line cannot mean both. */
    static Stream<ReviewQuestion> oneAmountALine(RecipeText page) {
        return page.indexes().boxed().flatMap(index -> {
            IngredientLine line = page.lines().get(index);
            int or = line.rest().indexOf(" or ");
            if (or < 0 || line.amount().isEmpty()) {
                return Stream.empty();
            }
            String first = line.text().substring(0, line.text().lastIndexOf(" or "));
            String second = line.text().substring(line.text().lastIndexOf(" or ") + 4);
            Optional<Amount> other = page.reader().read(second).amount();
            if (other.isEmpty() || other.equals(line.amount())) {
                return Stream.empty();
            }
            boolean lacksFood = page.reader().read(second).mentions().isEmpty();
            String whole = lacksFood ? second + " " + foodWords(line) : second;
            return Stream.of(page.ask(
                    "two-amounts",
                    List.of(index),
                    "This line gives two amounts. Which is meant?",
                    List.of(
                            ReviewQuestion.Answer.instead(first, index, first),
                            ReviewQuestion.Answer.instead(whole, index, whole))));
        });
    }

    private static String foodWords(IngredientLine line) {
        return line.mentions().stream().findFirst().map(Mention::phrase).orElse(line.rest());
    }

    static Stream<ReviewQuestion> everySolidHasAnAmount(RecipeText page) {
        return page.indexes()
                .filter(index ->
                        page.isSolid(index) && page.lines().get(index).amount().isEmpty())
                .mapToObj(index -> page.ask(
                        "no-amount",
                        List.of(index),
                        "How much? Without an amount this line cannot be scaled to jars.",
                        List.of()));
    }

    /** A can, a bunch or half a bird without a weight: how much that is has to be asked. */
    static Stream<ReviewQuestion> amountsCanBe(RecipeText page) {
        return page.indexes().boxed().flatMap(index -> {
            IngredientLine line = page.lines().get(index);
            Optional<Food> food = line.food().filter(known -> known.kind().isSolid());
            if (food.isEmpty() || line.amount().isEmpty()) {
                return Stream.empty();
            }
            Amount amount = line.amount().get();
            if (amount.unit().kind() == MeasureUnit.Kind.CONTAINER) {
                return Stream.of(page.ask(
                        "how-large",
                        List.of(index),
                        "How much is in the %s? Write it as “15 oz” or “400 g”."
                                .formatted(amount.unit().code()),
                        Averages.offers(line, index, food.get(), amount)));
            }
            boolean uncounted = amount.unit().kind() == MeasureUnit.Kind.COUNT
                    && food.get().measures().unit().isEmpty();
            return uncounted
                    ? Stream.of(page.ask(
                            "how-heavy",
                            List.of(index),
                            "%s of this: how heavy is that? A count alone cannot be shared out."
                                    .formatted(
                                            amount.value().stripTrailingZeros().toPlainString()),
                            List.of()))
                    : Stream.empty();
        });
    }

    static Stream<ReviewQuestion> theLiquidHasAnAmount(RecipeText page) {
        List<Integer> liquids = page.indexes()
                .filter(index -> page.lines().get(index).foods().stream()
                        .anyMatch(food ->
                                food.kind() == FoodKind.LIQUID && !food.id().equals("acid-liquids")))
                .boxed()
                .toList();
        boolean none = !liquids.isEmpty()
                && liquids.stream()
                        .allMatch(index -> page.lines().get(index).amount().isEmpty());
        return none
                ? Stream.of(page.ask(
                        "no-broth-amount",
                        liquids,
                        "How much broth is there? The plan will say how much is needed; this says whether you have it.",
                        List.of(ReviewQuestion.Answer.asItStands("As much as it takes"))))
                : Stream.empty();
    }
}
