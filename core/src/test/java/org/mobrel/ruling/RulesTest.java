package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.LineReader;

/** Every rule by itself, on both sides of where it begins to speak. Lines are parted by ' + '. */
class RulesTest {

    private static final LineReader reader = new LineReader(Catalogue.load());
    private static final Rulings rulings = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());

    private Batch batch(String lines, Pack pack, double share, JarSize... sizes) {
        return new Batch(
                reader.readAll(Arrays.asList(lines.split(" \\+ "))),
                pack,
                Fraction.of(share),
                Arrays.stream(sizes)
                        .map(size -> new JarCount(size, Mouth.REGULAR, 1))
                        .toList(),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT);
    }

    private Ruling hotHalf(String lines) {
        return rulings.rule(batch(lines, Pack.HOT, 0.5, JarSize.PINT));
    }

    private static String codes(Ruling ruling) {
        return ruling.findings().stream()
                .map(finding -> finding.code() + "@"
                        + (finding.line().isPresent() ? finding.line().getAsInt() : "-"))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                                                | findings, each at its line
            2 cups carrots + 2 cups peas + 1 qt water                              | ''
            2 cups carrots + 1 cup zorbs                                           | unknown-food@1
            2 cups carrots + 2 cups peas + 2 tbsp flour                            | thickener@2
            2 cups carrots + 2 cups peas + 1 cup wild rice                         | starch@2
            2 cups carrots + 2 cups peas + 1 cup coconut milk                      | dairy@2
            2 cups carrots + 2 cups peas + 2 egg yolks                             | egg@2
            2 cups carrots + 2 cups peas + 2 tbsp butter                           | fat@2
            2 cups carrots + 2 cups peas + 2 tbsp butter for browning, drained     | ''
            2 cups carrots + 2 cups peas, pureed                                   | puree@1
            2 cups carrots + 1 small leek                                          | no-tested-process@1
            2 cups carrots + 1 lb dried navy beans                                 | ''
            2 cups carrots + 1 lb dried navy beans, not soaked                     | dry-beans@1
            2 cups carrots + 1 lb beef in 1-inch cubes                             | ''
            2 cups carrots + 1 lb beef in 1 1/2-inch cubes                         | piece-too-big@1
            2 cups carrots + 3 cups peeled potatoes, 1/2-inch cubes                | ''
            2 cups carrots + 3 cups peeled potatoes, 1-inch cubes                  | piece-too-big@1
            2 cups carrots + 3 cups whole peeled potatoes, 2 inch                  | ''
            2 cups carrots + 3 cups whole peeled potatoes, 3 inch                  | piece-too-big@1
            2 cups carrots + 3 cups potatoes, unpeeled                             | unpeeled@1
            2 cups carrots + 3 cups green beans, unpeeled                          | ''
            6 lb dried navy beans, soaked + 8 oz ham + 2 qt water                  | ''
            1 lb carrots + 1 lb ham + 1 qt water                                   | cured-meat@1
            1 lb carrots + ham + 1 qt water                                        | cured-meat@1
            4 lb carrots + 4 lb peas + 3 tbsp soy sauce + 2 qt water               | ''
            1 lb carrots + 1 lb peas + 1 cup soy sauce + 2 qt water                | bottled-sauce@2
            2 cups carrots + 2 cups parsnips + 1 qt water                          | no-tested-process@1
            2 cups parsnips + 2 cups onion + 1 qt water                            | no-tested-process@-
            3 cups onion + 1 qt beef stock                                         | no-tested-process@-
            2 qt vegetable stock                                                   | no-tested-process@-
            2 lb shrimp                                                            | no-tested-process@-
            2 lb shrimp + 2 cups carrots + 1 qt water                              | ''
            2 lb salmon                                                            | no-tested-process@-
            For the soup: + 2 cups carrots + 2 cups peas                           | ''
            """)
    void an_ingredient_is_judged_where_it_stands(String lines, String expected) {
        assertThat(codes(hotHalf(lines))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                          | pack | share | findings                           | pint | quart | set by
            2 cups carrots + 2 cups peas                     | HOT  | 0.5   | ''                                 | 60   | 75    | SOUP_TABLE
            2 cups carrots + 2 cups peas                     | HOT  | 0.51  | ''                                 | 75   | 90    | MIXED_VEGETABLE_TABLE
            2 cups carrots + 2 cups peas                     | HOT  | 1.0   | ''                                 | 75   | 90    | MIXED_VEGETABLE_TABLE
            2 cups carrots + 2 cups kale                     | HOT  | 0.75  | too-many-solids@-                  | 75   | 90    | LINE
            2 cups carrots + 2 cups kale                     | HOT  | 0.76  | overfull-solids@-                  |      |       |
            2 cups carrots + 2 cups onion                    | HOT  | 0.6   | too-many-solids@-                  | 75   | 90    | MIXED_VEGETABLE_TABLE
            2 cups carrots + 2 cups peas                     | RAW  | 0.5   | raw-pack-untested@-                | 75   | 90    | MIXED_VEGETABLE_TABLE
            2 cups carrots + 1 lb cod                        | RAW  | 0.7   | raw-pack-untested@- too-many-solids@- | 100 | 100  | SOUP_TABLE
            2 cups carrots + 1 lb dried beans, soaked        | RAW  | 0.5   | dry-beans@1 raw-pack-untested@-    |      |       |
            4 cups carrots                                   | RAW  | 1.0   | ''                                 | 25   | 30    | SINGLE_FOOD
            4 cups beets                                     | RAW  | 1.0   | raw-pack-untested@-                | 30   | 35    | SINGLE_FOOD
            3 lb salmon                                      | RAW  | 1.0   | ''                                 | 100  | 160   | SINGLE_FOOD
            2 cups corn kernels + 2 cups lima beans          | HOT  | 0.5   | ''                                 | 60   | 85    | LINE
            2 cups crab + 2 cups corn kernels                | HOT  | 0.5   | ''                                 | 100  | 100   | SOUP_TABLE
            2 cups carrots + 1 cup onion + 1 qt fish stock   | HOT  | 0.5   | ''                                 | 100  | 100   | SOUP_TABLE
            4 cups whole tomatoes                            | HOT  | 1.0   | ''                                 | 25   | 25    | SINGLE_FOOD
            """)
    void the_pack_decides_which_table_covers_it(
            String lines, Pack pack, double share, String findings, Integer pint, Integer quart, SetBy setBy) {
        Ruling ruling = rulings.rule(batch(lines, pack, share, JarSize.QUART));
        assertThat(codes(ruling)).isEqualTo(findings);
        assertThat(ruling.timing()
                        .flatMap(timing -> timing.minutesFor(JarSize.PINT))
                        .map(time -> time.value())
                        .orElse(null))
                .isEqualTo(pint);
        assertThat(ruling.timing()
                        .flatMap(timing -> timing.minutesFor(JarSize.QUART))
                        .map(time -> time.value())
                        .orElse(null))
                .isEqualTo(quart);
        assertThat(ruling.timing().map(Timing::setBy).orElse(null)).isEqualTo(setBy);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # sizes                | lines                                      | minutes or why not
            QUART                  | 5 cups mushrooms                           | no-time-for-size@-
            PINT_AND_A_HALF        | 5 cups mushrooms                           | no-time-for-size@-
            HALF_PINT              | 5 cups mushrooms                           | 45
            HALF_PINT              | 3 cups clams                               | 60
            TWELVE_OUNCE           | 3 cups clams                               | 70
            PINT PINT_AND_A_HALF   | 5 cups carrots                             | 30
            QUART                  | 2 cups mushrooms + 2 cups carrots          | 75
            QUART                  | 2 cups cream-style corn + 2 cups carrots   | no-time-for-size@-
            PINT                   | 2 cups cream-style corn + 2 cups carrots   | 85
            PINT HALF_GALLON       | 5 cups carrots                             | jar-too-big@-
            """)
    void a_size_without_a_time_stays_out_of_the_canner(String sizes, String lines, String expected) {
        JarSize[] asked = Arrays.stream(sizes.split(" ")).map(JarSize::valueOf).toArray(JarSize[]::new);
        Ruling ruling = rulings.rule(batch(lines, Pack.HOT, 0.5, asked));
        String got = ruling.timing()
                .map(timing -> Integer.toString(timing.minutes().value()))
                .orElseGet(() -> codes(ruling));
        assertThat(got).isEqualTo(expected);
    }

    @Test
    void the_answer_is_a_sentence_a_cook_would_say() {
        assertThat(hotHalf("2 lb kale + 2 cups carrots").headline()).isEqualTo("Kale sets the time: 70 min in pints.");
        assertThat(hotHalf("1 lb venison + 1 lb ground beef + 2 cups carrots").headline())
                .isEqualTo("Venison and ground beef tie and set the time: 75 min in pints.");
        assertThat(hotHalf("2 cups peas + 2 cups carrots").headline())
                .isEqualTo("The soup table sets the time, not an ingredient: 60 min in pints.");
        assertThat(hotHalf("6 qt pork stock").headline())
                .isEqualTo("One food alone, by its own tested time: 20 min in pints.");
        assertThat(hotHalf("1 cup rice + 1 cup cream").headline()).isEqualTo("Two things stop this.");
    }

    @Test
    void one_dish_rows_are_shown_but_never_shorten_anything() {
        Ruling ruling = hotHalf("1 lb dried beans, soaked + 3 cups chopped tomatoes + 1 cup onion");
        assertThat(ruling.timing().orElseThrow().minutes().value()).isEqualTo(75);
        assertThat(ruling.considered())
                .filteredOn(row -> row.kind() == ConsideredRow.Kind.ONE_DISH)
                .singleElement()
                .satisfies(row -> {
                    assertThat(row.what()).isEqualTo("dried beans in tomato or molasses sauce");
                    assertThat(row.minutes().get(JarSize.PINT)).hasToString("Minutes[value=65]");
                });
    }

    @Test
    void leaving_out_the_pacesetters_is_ruled_on_in_full() {
        Batch batch = batch("1 lb dried beans, soaked + 2 cups kale + 2 cups carrots", Pack.HOT, 0.5, JarSize.QUART);
        Ruling ruling = rulings.rule(batch);
        List<String> changes =
                WhatIf.withoutPacesetters(rulings, batch, ruling.timing().orElseThrow(), ruling.lines()).stream()
                        .map(change -> change.text() + ": "
                                + change.minutes().map(time -> time.value()).orElseThrow())
                        .toList();
        // Without both, carrots are alone and go by their own row.
        assertThat(changes)
                .containsExactly("Without dried beans: 90", "Without kale: 90", "Without dried beans and kale: 30");
    }
}
