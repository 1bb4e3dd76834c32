package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/** What every kitchen knows from experience, within the error of averages. */
class SanityTest {

    private static final double PERCENT = 15;

    @Test
    void five_pounds_of_dry_beans_pack_about_seven_quarts_full() {
        Pot beans = Pots.of(Pack.HOT, 1, "5 lb dried beans, soaked");
        assertThat(beans.makes().millilitres() / 902).isCloseTo(7, withinPercentage(PERCENT));
    }

    @Test
    void a_pound_of_dry_beans_at_half_makes_about_three_quarts() {
        Scaled quarts = Pots.fill(Pots.soup("1 lb dried beans, soaked", "3 qt pork stock"), 1, Volume.ZERO);
        assertThat(quarts.inPot().millilitres() / 902).isCloseTo(3, withinPercentage(PERCENT));
        assertThat(quarts.jars()).containsExactly(Pots.QUART.times(3));
    }

    @Test
    void trimmed_raw_meat_packs_about_a_pound_a_pint_and_takes_no_liquid() {
        Pot meat = Pots.of(Pack.RAW, 1, "9 lb venison, trimmed, in 1-inch cubes");
        assertThat(meat.makes().millilitres() / 422).isCloseTo(9, withinPercentage(PERCENT));
        Scaled pints = Pots.fill(meat, 1, Volume.ZERO);
        assertThat(pints.brothNeeded()).isEqualTo(Volume.ZERO);
        assertThat(pints.topUp()).isEqualTo(Volume.ZERO);
    }

    @ParameterizedTest
    @CsvSource({"carrots", "potatoes", "green beans", "beets"})
    void diced_raw_vegetables_packed_to_the_top_leave_forty_to_fifty_percent_for_broth(String food) {
        Pot pot = Pots.of(Pack.RAW, 1, "12 cups " + food + ", diced", "2 qt water");
        Scaled quarts = Pots.toQuarts(pot, 4);
        assertThat(quarts.brothNeeded().dividedBy(quarts.fill())).isBetween(0.40 * 0.85, 0.50 * 1.15);
    }

    @Test
    void a_gallon_of_stock_fills_a_little_over_four_quarts() {
        Scaled stock = Pots.fill(Pots.soup("1 gallon beef stock"), 1, Volume.ZERO);
        assertThat(stock.jars()).containsExactly(Pots.QUART.times(4));
        assertThat(stock.leftover().millilitres()).isBetween(100.0, 300.0);
        assertThat(stock.brothInRecipe()).isEqualTo(stock.inPot());
    }

    /** What is weighed into a jar and what is poured over it are together what the jar holds; no juice is counted twice. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6 cups tomatoes, peeled and chopped; 4 cups corn kernels; 2 qt chicken stock",
                "4 lb tomatoes, peeled and quartered; 2 lb carrots, sliced; 1 qt water",
                "2 qt canned tomatoes; 1 lb dried beans, soaked; 2 qt water",
                "3 lb carrots, sliced; 2 lb beef, cubed; 3 qt beef stock"
            })
    void solids_and_broth_add_up_to_what_a_jar_holds(String lines) {
        Scaled pints = Pots.fill(Pots.soup(lines.split("; ")), 1, Volume.ZERO);
        assertThat(pints.perJar()).isNotEmpty().allSatisfy(jar -> assertThat(
                        jar.solidsMass().grams() + jar.broth().millilitres())
                .isCloseTo(jar.fill().millilitres(), withinPercentage(8)));
    }

    /** What is bought in ounces, and what it fills in cups, each worked out by hand. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6 cups boneless chicken breast, cubed             | 44 | 6.4",
                "6 cups chicken, boneless, cubed                   | 44 | 6.4",
                "1 lb dried navy beans                             | 16 | 5.8",
                "1 lb of beans                                     | 16 | 5.8",
                "2 lb chickpeas, rinsed, boiled 30 minutes         | 32 | 11.7",
                "2 lb chickpeas, soaked overnight, boiled 30 min   | 32 | 11.7",
                "2 lb cooked chickpeas                             | 32 | 5.2"
            })
    void a_line_is_bought_and_fills_as_a_cook_counts(String text, double ounces, double cups) {
        IngredientLine line = new LineReader(Catalogue.load()).read(text);
        Portion portion = Portions.of(line, Pack.HOT).orElseThrow();
        assertThat(Portions.asBought(line, portion.raw()).orElseThrow().grams() / 28.35)
                .isCloseTo(ounces, withinPercentage(1));
        assertThat(portion.bulk().cups()).isCloseTo(cups, withinPercentage(2));
    }
}
