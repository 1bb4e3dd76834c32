package org.mobrel.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.method.Method;
import org.mobrel.method.RequiredStep;
import org.mobrel.method.RequiredSteps;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/** The work before the jars, by food. */
class PrepListTest {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final RequiredSteps STEPS = RequiredSteps.load();
    private static final Scraps SCRAPS = Scraps.load();

    private static PrepList prep(String... texts) {
        List<IngredientLine> lines = new LineReader(CATALOGUE).readAll(List.of(texts));
        List<Optional<Portion>> portions = lines.stream()
                .map(line -> Portions.of(line, Pack.HOT).map(portion -> portion.times(2)))
                .toList();
        return PrepList.of(lines, portions, STEPS.of(lines, Pack.HOT, Fraction.HALF, Method.NONE), SCRAPS);
    }

    private static String outline(PrepList.FoodPrep food) {
        return food.line() + ": "
                + String.join(
                        "; ",
                        food.steps().stream()
                                .map(step ->
                                        step.when().code() + " " + step.text().split(" ")[0])
                                .toList());
    }

    @Test
    void what_begins_the_evening_before_comes_first_and_each_food_has_its_steps_in_order() {
        PrepList list = prep(
                "3 cups carrots, diced",
                "1 lb dried kidney beans",
                "2 lb frozen venison in 1-inch cubes",
                "3 qt beef stock",
                "1 qt water",
                "2 cloves garlic, minced",
                "1 tsp salt");
        assertThat(list.foods().stream().map(PrepListTest::outline))
                .containsExactly(
                        "1: evening Sort; cook Cover",
                        "2: evening Thaw; prepare Trim; prepare Cut",
                        "3: evening Chill",
                        "0: prepare Peel; prepare Slice",
                        "5: ");
        assertThat(list.together().stream().map(RequiredStep::when))
                .containsExactly(RequiredStep.When.COOK, RequiredStep.When.FILL);
    }

    @Test
    void what_is_cut_away_and_worth_a_pot_is_named() {
        PrepList list = prep("3 cups carrots, diced", "1 cup celery, sliced", "1 lb dried beans, soaked", "2 potatoes");
        PrepList.FoodPrep carrots = list.foods().stream()
                .filter(food -> food.line() == 0)
                .findFirst()
                .orElseThrow();
        assertThat(carrots.prepared().orElseThrow().grams()).isEqualTo(768);
        assertThat(carrots.bought().orElseThrow().grams()).isBetween(936.0, 937.0);
        assertThat(carrots.scraps().orElseThrow().grams()).isBetween(168.0, 169.0);
        assertThat(carrots.keep().orElseThrow().use()).isEqualTo("stock");
        assertThat(list.foods().stream().filter(food -> food.line() != 0).allMatch(food -> food.keep()
                        .isEmpty()))
                .as("43 g of celery, beans and potato peel are not worth a pot")
                .isTrue();
    }

    @Test
    void every_scrap_is_of_a_food_of_the_catalogue() {
        List<String> known = CATALOGUE.foods().stream().map(food -> food.id()).toList();
        assertThat(SCRAPS.foods()).isNotEmpty().allMatch(known::contains);
    }
}
