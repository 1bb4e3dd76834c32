package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;

/** Amounts as a cook measures them. */
class KitchenMeasureTest {

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
            1 tbsp salt                | 1.28   | US     | 1 tbsp + ¾ tsp
            1 tbsp salt                | 2.2    | US     | 2 tbsp + ½ tsp
            1 cup chopped onion        | 0.4    | US     | ⅓ cup + 1 tbsp
            1 cup chopped onion        | 0.34   | US     | ⅓ cup
            1 cup chopped onion        | 1.4    | US     | 1⅓ cups + 1 tbsp
            1 cup chopped onion        | 0.84   | US     | ¾ cup + 1 tbsp
            1 cup honey                | 0.26   | US     | ¼ cup
            1 cup honey                | 0.29   | US     | ¼ cup + 2 tsp
            1 tsp dried thyme          | 2.4    | US     | 2½ tsp
            1 tsp dried thyme          | 0.13   | US     | ⅛ tsp
            1 tbsp paprika             | 3.4    | US     | 3½ tbsp
            1 cup kale, chopped        | 0.02   | US     | 1 tbsp
            1 cup kale, chopped        | 0.13   | US     | 2 tbsp
            6 carrots                  | 1      | US     | 6, about 13 oz
            3 cloves garlic            | 1.4    | US     | 4
            2 bay leaves               | 1.8    | US     | 3½
            2 cans tomatoes            | 0.9    | US     | 1¾ cans
            1 bunch kale               | 2.1    | US     | 2 bunches
            2 lb dried kidney beans    | 1      | METRIC | 900 g
            4 lb lamb, cubed           | 1      | METRIC | 1.8 kg
            3 cups carrots, diced      | 1      | METRIC | 380 g
            3 qt pork stock            | 1      | METRIC | 2.8 l
            6 carrots                  | 1      | METRIC | 6, about 370 g
            2 tsp salt                 | 1      | METRIC | 2 tsp
            1 pinch cayenne            | 2      | US     | 2 pinches
            1 sprig rosemary a jar     | 3      | US     | 3 sprigs
            """)
    void amounts_come_out_as_a_cook_measures(String line, double factor, Units units, String expected) {
        assertThat(new KitchenMeasure(units).of(Pots.line(line), factor)).contains(expected);
    }

    @Test
    void a_line_without_an_amount_has_none() {
        assertThat(new KitchenMeasure(Units.US).of(Pots.line("salt to taste"), 3))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "1, false, ¼ tsp, ¼ tsp",
        "59, false, ¼ cup, 59 ml",
        "240, false, 1 cup, 240 ml",
        "946, true, 1 qt, 950 ml",
        "1300, true, 5½ cups, 1.3 l",
        "4182, true, 4½ qt, 4.2 l",
        "4182, false, 17⅔ cups, 4.2 l"
    })
    void volumes(double ml, boolean liquid, String us, String metric) {
        assertThat(new KitchenMeasure(Units.US).volume(Volume.ofMillilitres(ml), liquid))
                .isEqualTo(us);
        assertThat(new KitchenMeasure(Units.METRIC).volume(Volume.ofMillilitres(ml), liquid))
                .isEqualTo(metric);
    }

    @ParameterizedTest
    @CsvSource({
        "3, ⅛ oz, 3 g",
        "28.35, 1 oz, 28 g",
        "534, 1 lb 3 oz, 530 g",
        "1663, 3 lb 11 oz, 1.65 kg",
        "4082, 9 lb, 4.1 kg"
    })
    void masses(double grams, String us, String metric) {
        assertThat(new KitchenMeasure(Units.US).mass(Mass.ofGrams(grams))).isEqualTo(us);
        assertThat(new KitchenMeasure(Units.METRIC).mass(Mass.ofGrams(grams))).isEqualTo(metric);
    }

    @ParameterizedTest
    @CsvSource({"407.5, 14⅜ oz, 408 g", "453.6, 1 lb, 454 g", "820, 1 lb 12⅞ oz, 820 g"})
    void a_lot_is_shared_out_to_the_finest_line_of_the_scale(double grams, String us, String metric) {
        assertThat(new KitchenMeasure(Units.US).exactly(Mass.ofGrams(grams))).isEqualTo(us);
        assertThat(new KitchenMeasure(Units.METRIC).exactly(Mass.ofGrams(grams)))
                .isEqualTo(metric);
    }

    @ParameterizedTest
    @CsvSource({
        "20, 1 oz, 20 g",
        "300, 11 oz, 300 g",
        "440, 1 lb, 450 g",
        "610, 1 lb 8 oz, 650 g",
        "3629, 8 lb, 3.6 kg",
        "1190, 2 lb 12 oz, 1.2 kg"
    })
    void a_shop_sells_the_next_round_amount(double grams, String us, String metric) {
        assertThat(new KitchenMeasure(Units.US).toBuy(Mass.ofGrams(grams))).isEqualTo(us);
        assertThat(new KitchenMeasure(Units.METRIC).toBuy(Mass.ofGrams(grams))).isEqualTo(metric);
    }

    @ParameterizedTest
    @CsvSource({
        "10, 2 tsp, 50 ml",
        "200, 1 cup, 200 ml",
        "840, 1 qt, 850 ml",
        "946.36, 1 qt, 950 ml",
        "1800, 2 qt, 2 l",
        "5228, 5½ qt, 5.25 l"
    })
    void and_the_next_bottle(double ml, String us, String metric) {
        assertThat(new KitchenMeasure(Units.US).toBuy(Volume.ofMillilitres(ml))).isEqualTo(us);
        assertThat(new KitchenMeasure(Units.METRIC).toBuy(Volume.ofMillilitres(ml)))
                .isEqualTo(metric);
    }

    @ParameterizedTest
    @CsvSource({
        "203, ¾ cup, 200 ml",
        "58, ¼ cup, 60 ml",
        "30, 2 tbsp, 2 tbsp",
        "128, ½ cup, 130 ml",
        "635, 2⅔ cups, 640 ml",
        "5, 1 tsp, 1 tsp"
    })
    void talking_about_a_volume_takes_the_nearest_mark(double ml, String us, String metric) {
        assertThat(new KitchenMeasure(Units.US).about(Volume.ofMillilitres(ml))).isEqualTo(us);
        assertThat(new KitchenMeasure(Units.METRIC).about(Volume.ofMillilitres(ml)))
                .isEqualTo(metric);
    }
}
