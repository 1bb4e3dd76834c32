package org.mobrel.shopping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.LineReader;

/** What to buy for several dishes, less what is in the house. */
class ShoppingListTest {

    private static final LineReader READER = new LineReader(Catalogue.load());

    private final List<Wanted> wanted = new ArrayList<>();
    private final Map<String, Amount> pantry = new HashMap<>();

    private ShoppingListTest want(double factor, String... lines) {
        READER.readAll(List.of(lines)).forEach(line -> wanted.add(new Wanted(line, factor, Volume.ZERO, "Soup")));
        return this;
    }

    private List<ShoppingList.Item> items() {
        return ShoppingList.of(wanted, pantry).items();
    }

    private ShoppingList.Item item(String name) {
        return items().stream()
                .filter(item -> item.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(name + " is not among " + items()));
    }

    @Test
    void dishes_that_share_a_food_buy_it_once_and_the_shop_is_walked_once() {
        want(
                1,
                "2 lb dried kidney beans, soaked",
                "3 cups carrots, diced",
                "3 lb lamb in 1-inch cubes",
                "2 qt pork stock",
                "1 qt water",
                "2 tsp salt");
        want(2, "4 carrots, sliced", "1 lb venison, cubed", "1 tsp salt", "1 qt pork stock", "salt to taste");
        assertThat(items().stream().map(item -> item.aisle() + " " + item.name()))
                .containsExactly(
                        "VEGETABLES carrots",
                        "MEAT lamb",
                        "MEAT venison",
                        "DRY dried kidney beans",
                        "STOCK pork stock",
                        "SEASONING salt",
                        "SEASONING salt");
        // 3 cups are 384 g, 8 carrots 488 g; of what is bought 82 % are left.
        assertThat(item("carrots").buy().mass().orElseThrow().grams()).isBetween(1_060.0, 1_066.0);
        assertThat(item("carrots").sold()).contains("15");
        assertThat(item("pork stock").buy().volume().orElseThrow().cups()).isBetween(15.99, 16.01);
        assertThat(items().stream().filter(item -> item.name().equals("salt")).map(item -> item.buy()
                        .isMeasured()))
                .containsExactly(true, false);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # line                          | in the house | left to buy, g or mL or pieces
            2 lb dried kidney beans, soaked | 1 lb         | 453.6
            2 lb dried kidney beans, soaked | 5 lb         | 0
            3 cups carrots, diced           | 2 cups       | 156
            3 cups carrots, diced           | 2            | 319
            3 qt pork stock                 | 1 qt         | 1893
            3 qt pork stock                 | 480 g        | 2366
            2 tsp salt                      | 1 tsp        | 4.93
            2 bay leaves                    | 1            | 1
            """)
    void what_is_in_the_house_is_not_bought(String line, String have, double left) {
        want(1, line);
        pantry.put(items().get(0).key(), Amount.read(have).orElseThrow());
        ShoppingList.Item item = items().get(0);
        double buy = item.buy().mass().map(mass -> mass.grams()).orElse(0.0)
                + item.buy().volume().map(Volume::millilitres).orElse(0.0)
                + item.buy().count();
        assertThat(buy).isCloseTo(left, org.assertj.core.api.Assertions.within(3.0));
        assertThat(item.isInHouse()).isEqualTo(left == 0);
        assertThat(item.have()).isPresent();
    }

    @Test
    void own_jars_need_not_be_bought() {
        Volume twoQuarts = Volume.ofMillilitres(2 * 902);
        wanted.add(new Wanted(READER.read("3 qt pork stock"), 1, twoQuarts, "Soup"));
        wanted.add(new Wanted(READER.read("4 cups tomatoes, peeled and chopped"), 1, twoQuarts, "Soup"));
        assertThat(item("pork stock").buy().volume().orElseThrow().millilitres())
                .isBetween(1_034.0, 1_036.0);
        assertThat(item("tomatoes").isInHouse()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            2 lb dried kidney beans, soaked | 1 cup kidney beans, dried      | true
            2 carrots                       | 1 lb carrot, diced             | true
            2 potatoes, peeled              | 1 potato, peeled               | true
            1 lb kidney beans, dried        | 1 lb cranberry beans, dried    | false
            1 lb lamb, cubed                | 1 lb venison, cubed            | false
            2 tsp smoked paprika            | 2 tsp cumin                    | false
            1 lb corn kernels, frozen       | 1 lb corn kernels              | false
            """)
    void the_same_thing_has_one_key(String one, String other, boolean same) {
        assertThat(ShoppingList.key(READER.read(one)).equals(ShoppingList.key(READER.read(other))))
                .isEqualTo(same);
    }

    @Test
    void what_is_frozen_or_canned_comes_shelled_and_peeled() {
        want(1, "1 lb green peas, frozen", "1 lb green peas");
        assertThat(items().stream()
                        .map(item -> Math.round(item.buy().mass().orElseThrow().grams())))
                .containsExactly(1194L, 454L);
    }

    @Test
    void what_nobody_knows_is_bought_as_it_is_written() {
        want(1.5, "2 cups moonseed, chopped", "1 cup cream");
        assertThat(items().stream().map(ShoppingList.Item::aisle)).containsOnly(Aisle.OTHER);
        assertThat(items().get(0).need().count()).isEqualTo(3);
    }
}
