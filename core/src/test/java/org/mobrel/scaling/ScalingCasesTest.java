package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.Cases;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.LineReader;
import tools.jackson.databind.JsonNode;

/** Recipes to jars, against figures worked out beforehand. */
class ScalingCasesTest {

    private final LineReader reader = new LineReader(Catalogue.load());
    private final Scaling scaling = new Scaling(JarTable.load());

    @TestFactory
    Stream<DynamicTest> target_jars_give_the_expected_amounts() throws IOException {
        return Cases.of("scaling-cases.json")
                .filter(example -> !example.get("request").has("use"))
                .map(example -> DynamicTest.dynamicTest(example.get("name").asString(), () -> check(example)));
    }

    private void check(JsonNode example) {
        JsonNode request = example.get("request");
        List<JarCount> jars =
                request.get("jars").valueStream().map(ScalingCasesTest::jar).toList();
        Scaled scaled = scaling.toJars(
                        reader.readAll(request.get("lines")
                                .valueStream()
                                .map(JsonNode::asString)
                                .toList()),
                        Pack.ofCode(request.get("pack").asString()).orElseThrow(),
                        Fraction.of(request.get("solidsShare").asDouble()),
                        Headspace.ONE_INCH,
                        jars)
                .orElseThrow();
        JsonNode expect = example.get("expect");
        assertThat(scaled.factor()).isCloseTo(expect.get("factor").asDouble(), withinPercentage(1));
        close(scaled.fill(), expect, "fillMl");
        close(scaled.brothNeeded(), expect, "brothNeededMl");
        close(scaled.brothInRecipe(), expect, "brothInRecipeMl");
    }

    private static void close(Volume actual, JsonNode expect, String field) {
        assertThat(actual.millilitres()).as(field).isCloseTo(expect.get(field).asDouble(), withinPercentage(1));
    }

    private static JarCount jar(JsonNode jar) {
        return new JarCount(
                JarSize.ofCode(jar.get("size").asString()).orElseThrow(),
                Mouth.ofCode(jar.get("mouth").asString()).orElseThrow(),
                jar.get("count").asInt());
    }

    @Test
    void a_gallon_of_stock_fills_a_little_over_four_quarts() {
        Scaled scaled = scaling.toJars(
                        reader.readAll(List.of("1 gallon beef stock")),
                        Pack.HOT,
                        Fraction.HALF,
                        Headspace.ONE_INCH,
                        List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 4)))
                .orElseThrow();
        assertThat(scaled.factor()).isBetween(0.9, 1.0);
        assertThat(scaled.topUp()).isEqualTo(Volume.ZERO);
    }

    @Test
    void a_recipe_without_amounts_cannot_be_scaled() {
        assertThat(scaling.toJars(
                        reader.readAll(List.of("carrots", "salt to taste")),
                        Pack.HOT,
                        Fraction.HALF,
                        Headspace.ONE_INCH,
                        List.of(new JarCount(JarSize.PINT, Mouth.REGULAR, 4))))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            2 lb dried kidney beans    | 0.6667 | US     | 1 lb 5 oz
            3 cups carrots, diced      | 0.7617 | US     | 2¼ cups
            2 cups chopped onion       | 0.6667 | US     | 1⅓ cups
            3 qt pork stock            | 1.1    | US     | 3¼ qt
            2 tsp salt                 | 0.76   | US     | 1½ tsp
            1 tbsp salt                | 1      | US     | 1 tbsp
            1 tbsp salt                | 1.28   | US     | 3¾ tsp
            1 tbsp salt                | 2.2    | US     | 2 tbsp
            1 cup chopped onion        | 0.4    | US     | 6 tbsp
            1 cup chopped onion        | 0.34   | US     | ⅓ cup
            6 carrots                  | 1      | US     | 6, about 13 oz
            2 lb dried kidney beans    | 1      | METRIC | 910 g
            3 cups carrots, diced      | 1      | METRIC | 380 g
            3 qt pork stock            | 1      | METRIC | 2.8 l
            1 pinch cayenne            | 2      | US     | 2 pinch
            """)
    void amounts_come_out_as_a_cook_measures(String line, double factor, Units units, String expected) {
        assertThat(new KitchenMeasure(units).of(reader.read(line), factor)).contains(expected);
    }
}
