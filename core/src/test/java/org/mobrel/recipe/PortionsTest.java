package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;

/** From what a line says to grams and millilitres, by the kitchen averages of its food. */
class PortionsTest {

    private static final LineReader reader = new LineReader(Catalogue.load());

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # line                            | pack | raw g, in jar g, bulk ml, solid ml, broth ml
            2 cups dried pinto beans, soaked  | HOT  | 380 855 1156 777 0
            2 cups pinto beans, cooked        | HOT  | 350 350 473 318 0
            2 cups dried beans, soaked and boiled | HOT | 380 855 1156 777 0
            1 (15-oz) can pinto beans         | HOT  | 425 425 575 387 0
            2 cups carrots                    | HOT  | 256 256 473 249 0
            4 carrots                         | HOT  | 244 244 451 237 0
            2 cups chicken                    | HOT  | 400 300 507 283 0
            2 cups chicken, cooked            | HOT  | 400 400 676 377 0
            2 cups chicken                    | RAW  | 400 400 473 377 0
            2 cups tomatoes                   | HOT  | 360 360 106 106 319
            3 qt beef stock                   | HOT  | 2880 2880 0 0 2839
            1 tbsp salt                       | HOT  | 18 18 0 0 0
            a pinch of salt                   | HOT  | 0 0 0 0 0
            """)
    void an_amount_is_weighed(String line, Pack pack, String expected) {
        Portion portion = Portions.of(reader.read(line), pack).orElseThrow();
        assertThat(String.format(
                        Locale.ROOT,
                        "%.0f %.0f %.0f %.0f %.0f",
                        portion.raw().grams(),
                        portion.inJar().grams(),
                        portion.bulk().millilitres(),
                        portion.solid().millilitres(),
                        portion.broth().millilitres()))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "1 can pinto beans",
        "1 bunch kale",
        "1 turkey",
        "a handful of carrots",
        "carrots",
        "2 cups zorbs",
        "1 cup cream",
        "'2 cups carrots, at serving'"
    })
    void what_cannot_be_weighed_is_left_open(String line) {
        assertThat(Portions.of(reader.read(line), Pack.HOT)).isEqualTo(Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        "tomatoes, tomato",
        "radishes, radish",
        "boxes, box",
        "leaves, leaf",
        "berries, berry",
        "asparagus, asparagus",
        "peas, pea",
        "bass, bass",
        "gas, gas",
        "pies, pie",
        "chives, chif",
        "ribs, rib",
        "ties, tie",
        "watercress, watercress"
    })
    void plurals_and_singulars_meet(String word, String singular) {
        assertThat(Tokenizer.singular(word)).isEqualTo(singular);
    }

    @Test
    void units_are_known_by_their_codes() {
        assertThat(MeasureUnit.ofCode("lb")).contains(MeasureUnit.POUND);
        assertThat(MeasureUnit.ofCode("")).contains(MeasureUnit.PIECE);
        assertThat(MeasureUnit.ofCode("furlong")).isEmpty();
        assertThat(State.ofCode("bone-in")).contains(State.BONE_IN);
        assertThat(State.ofCode("frobbed")).isEmpty();
    }

    @Test
    void a_line_can_be_printed_as_it_was_meant() {
        assertThat(LineWriter.write(reader.read("1 1/2 lb dried kidney beans, soaked overnight")))
                .isEqualTo("1.5 lb dried kidney beans, soaked");
        assertThat(LineWriter.write(reader.read("4 carrots in 1-inch coins"))).isEqualTo("4 carrots, in 1-inch pieces");
        assertThat(LineWriter.write(reader.read("2 cups zorbs"))).isEqualTo("2 cup zorbs");
        assertThat(LineWriter.write(reader.read("kale"))).isEqualTo("kale");
        assertThat(reader.read("1 cup cream, at serving").named()).isEmpty();
        assertThat(reader.read("1 cup kale, at serving").named().orElseThrow().id())
                .isEqualTo("greens");
        assertThat(reader.read("2 lb carrots")).hasToString("2 lb carrots");
    }
}
