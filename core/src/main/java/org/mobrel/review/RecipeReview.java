package org.mobrel.review;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** Looks a recipe over as a careful reader would. */
public final class RecipeReview {

    private static final List<Function<RecipeText, Stream<ReviewQuestion>>> CHECKS = List.of(
            RecipeReview::noFoodStandsTwice,
            SeveralFoods::eachHasItsAmount,
            AmountQuestions::oneAmountALine,
            AmountQuestions::everySolidHasAnAmount,
            AmountQuestions::amountsCanBe,
            RecipeReview::oneFoodOrTheOther,
            RecipeReview::thereIsLiquid,
            AmountQuestions::theLiquidHasAnAmount);

    private RecipeReview() {}

    /**
     * All questions that are open.
     *
     * @param settled keys of questions the cook has answered with 'as it stands'
     */
    public static List<ReviewQuestion> of(List<IngredientLine> lines, LineReader reader, Set<String> settled) {
        RecipeText page = new RecipeText(lines, reader);
        return CHECKS.stream()
                .flatMap(check -> check.apply(page))
                .filter(question -> !settled.contains(question.key()))
                .toList();
    }

    private static Stream<ReviewQuestion> noFoodStandsTwice(RecipeText page) {
        Map<String, List<Integer>> byWords = new LinkedHashMap<>();
        page.indexes()
                .filter(index -> page.lines().get(index).mentions().size() == 1)
                .filter(index -> page.lines()
                        .get(index)
                        .food()
                        .filter(food -> food.kind() != FoodKind.FLAVOURING)
                        .isPresent())
                .forEach(index -> byWords.computeIfAbsent(
                                page.lines().get(index).mentions().get(0).phrase(), phrase -> new ArrayList<>())
                        .add(index));
        return byWords.entrySet().stream()
                .filter(entry -> entry.getValue().size() > 1)
                .filter(entry -> entry.getValue().stream()
                                .map(index -> page.lines().get(index).amount())
                                .distinct()
                                .count()
                        > 1)
                .map(entry -> twice(page, entry.getKey(), entry.getValue()));
    }

    private static ReviewQuestion twice(RecipeText page, String food, List<Integer> lines) {
        List<ReviewQuestion.Answer> answers = new ArrayList<>();
        if (lines.size() == 2) {
            answers.add(ReviewQuestion.Answer.without("Only “%s”".formatted(page.text(lines.get(0))), lines.get(1)));
            answers.add(ReviewQuestion.Answer.without("Only “%s”".formatted(page.text(lines.get(1))), lines.get(0)));
        }
        answers.add(ReviewQuestion.Answer.asItStands("Both are meant"));
        return page.ask(
                "twice-different",
                lines,
                "%s stands here twice with different amounts. Which is meant?".formatted(capital(food)),
                answers);
    }

    /** 'Kale or chard': both are counted until the cook says which. */
    private static Stream<ReviewQuestion> oneFoodOrTheOther(RecipeText page) {
        return page.indexes()
                .filter(index -> page.lines().get(index).rest().contains(" or ")
                        && page.lines().get(index).foods().size() > 1)
                .mapToObj(index -> {
                    IngredientLine line = page.lines().get(index);
                    String amount =
                            line.text().substring(0, Math.max(0, line.text().indexOf(line.rest())));
                    return page.ask(
                            "which-of-two",
                            List.of(index),
                            "Which of them? Until you say, the longer time of both counts.",
                            line.mentions().stream()
                                    .map(mention -> ReviewQuestion.Answer.instead(
                                            capital(mention.phrase()), index, amount + mention.phrase()))
                                    .toList());
                });
    }

    private static Stream<ReviewQuestion> thereIsLiquid(RecipeText page) {
        boolean beans = page.indexes()
                .anyMatch(index -> page.lines().get(index).foods().stream().anyMatch(Food::isDriedBeans));
        boolean soup = page.indexes().filter(index -> page.isSolid(index)).count() > 1;
        boolean liquid = page.indexes().anyMatch(index -> page.lines().get(index).foods().stream()
                .anyMatch(food -> food.kind() == FoodKind.LIQUID || food.isTomato()));
        if (liquid || !(beans || soup)) {
            return Stream.empty();
        }
        return Stream.of(
                beans
                        ? page.ask(
                                "beans-without-liquid",
                                List.of(),
                                "Beans, and nothing for them to lie in. What is the broth: stock, or the water they were boiled in?",
                                List.of(ReviewQuestion.Answer.asItStands("Boiling water")))
                        : page.ask(
                                "no-broth",
                                List.of(),
                                "No broth is named. What fills the jars up: stock, or boiling water?",
                                List.of(ReviewQuestion.Answer.asItStands("Boiling water"))));
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
