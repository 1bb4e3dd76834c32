package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;

/** Lines as cooks write them, traps included. */
class LineReaderTest {

    private static final LineReader reader = new LineReader(Catalogue.load());

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # line                                             | value | unit | food or stop
            2 lb dried kidney beans, quick-soaked              | 2     | lb   | dried-beans
            1 1/2 lb dried cannellini beans, soaked overnight  | 1.5   | lb   | dried-beans
            1-1/2 cups diced carrots                           | 1.5   | cup  | carrots
            2½ cups chopped onion                              | 2.5   | cup  | onions
            2-3 cups celery, sliced                            | 3     | cup  | celery
            900g dried chickpeas                               | 900   | g    | dried-beans
            2 (15-oz) cans diced tomatoes                      | 30    | oz   | tomatoes
            5 cloves garlic, minced                            | 5     | ''   | garlic
            3 qt. pork stock                                   | 3     | qt   | meat-stock
            2 cups fresh butter beans                          | 2     | cup  | lima-beans
            2 cups dried lima beans                            | 2     | cup  | dried-beans
            3 cups butternut squash                            | 3     | cup  | winter-squash
            1 tbsp rice vinegar                                | 1     | tbsp | acid-liquids
            1 tsp pepper                                       | 1     | tsp  | spices
            1 cup chopped sweet pepper                         | 1     | cup  | peppers
            2 bell peppers                                     | 2     | ''   | peppers
            1 tsp black pepper                                 | 1     | tsp  | spices
            2 tbsp olive oil                                   | 2     | tbsp | oil
            1 cup turnip greens                                | 1     | cup  | greens
            2 tbsp tomato puree                                | 2     | tbsp | tomato-paste
            1 tsp cream of tartar                              | 1     | tsp  | spices
            1 tsp horseradish                                  | 1     | tsp  | spices
            1 cup coconut milk                                 | 1     | cup  | stop:dairy
            1 large eggplant                                   | 1     | ''   | stop:no-tested-process
            1 small cauliflower                                | 1     | ''   | stop:no-tested-process
            3 tbsp peanut butter                               | 3     | tbsp | stop:no-tested-process
            1 lb split peas                                    | 1     | lb   | stop:no-tested-process
            4 oz egg noodles                                   | 4     | oz   | stop:starch
            6 cups mashed pumpkin                              | 6     | cup  | stop:puree winter-squash
            """)
    void a_line_is_understood(String line, BigDecimal value, String unit, String meaning) {
        IngredientLine read = reader.read(line);
        assertThat(read.amount()).hasValueSatisfying(amount -> {
            assertThat(amount.value()).isEqualByComparingTo(value);
            assertThat(amount.unit().code()).isEqualTo(unit);
        });
        assertThat(meaning(read)).isEqualTo(meaning);
    }

    private static String meaning(IngredientLine line) {
        return line.mentions().stream()
                .map(mention -> mention.food()
                        .map(Food::id)
                        .orElseGet(() -> "stop:" + mention.stop().orElseThrow().code()))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            3 cups peeled potatoes in 1/2-inch cubes | 0.5
            4 lb venison, cut into 1-2 inch chunks   | 2
            2 lb beef in 1 1/2" cubes                | 1.5
            1 kg squash in 2 cm cubes                | 0.787
            2 cups carrots                           | ''
            1 lb beans in a pot                      | ''
            """)
    void the_largest_piece_is_found(String line, String inches) {
        assertThat(reader.read(line)
                        .largestPiece()
                        .map(piece -> piece.inches().toPlainString())
                        .orElse(""))
                .isEqualTo(inches);
    }

    /** "Or so" says of an amount that it is rough; before a food it may be half a word of one that is stopped. */
    @Test
    void or_so_before_a_food_is_asked_about() {
        assertThat(reader.read("2 cups carrots or so beans").questions()).isNotEmpty();
        assertThat(reader.read("2 cups or so of carrots").questions()).isEmpty();
    }

    /** A slip that can be one word only is that word; what looks like a stop is one, and a short word is asked about. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 cups carots, peeled | carrots | PEELED",
                "pinto beanz, dry, 1 lb | dried-beans | DRIED",
                "kidny beans, soaked, 1 lb | dried-beans | SOAKED",
                "3 lb potatos, unpeled | potatoes | UNPEELED"
            })
    void a_slip_is_what_it_can_only_be(String line, String food, State state) {
        assertThat(reader.read(line).questions()).isEmpty();
        assertThat(reader.read(line).foods()).extracting(Food::id).containsExactly(food);
        assertThat(reader.read(line).is(state)).isTrue();
    }

    @Test
    void a_slip_for_what_is_stopped_stays_a_stop() {
        assertThat(reader.read("2 cups barly").stopped()).isNotEmpty();
        assertThat(reader.read("1 kidny, diced").stopped()).isNotEmpty();
    }

    @Test
    void every_food_of_a_line_counts() {
        assertThat(reader.read("3 cups potatoes and corn").foods())
                .extracting(Food::id)
                .containsExactly("potatoes", "corn");
    }

    @Test
    void pepper_to_taste_is_the_spice() {
        assertThat(reader.read("pepper to taste").foods()).extracting(Food::id).containsExactly("spices");
        assertThat(reader.read("salt and pepper").foods()).extracting(Food::id).containsExactly("spices");
    }

    @Test
    void what_no_table_knows_stays_unknown_and_is_offered_by_its_letters() {
        IngredientLine corm = reader.read("2 cups corm, drained");
        assertThat(corm.isUnknown()).isTrue();
        assertThat(reader.respelled(corm).orElseThrow().text()).isEqualTo("2 cups corn, drained");
        assertThat(reader.respelled(reader.read("3 green zorbs"))).isEmpty();
        assertThat(reader.read("For the broth:").heading()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"1/0 cup carrots", "0 cups carrots", "999999999999 lb carrots", "½", "''", "1 1/", "((", "🥕 carrots"})
    void nothing_a_cook_types_makes_reading_fail(String line) {
        assertThat(reader.read(line).text()).isEqualTo(line);
    }
}
