package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;

/** Using up what there is, swapping by weight, doses by the jar. */
class InHandTest {

    private static Amount amount(String text) {
        return Amount.read(text).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # line | in hand   | bought | times the recipe
            0      | 9 lb      | false  | 3
            0      | 9 lb      | true   | 2.55
            1      | 2 cups    | false  | 0.5
            1      | 512 g     | false  | 1
            1      | 4 carrots | false  | 0.477
            3      | 1 gallon  | true   | 2
            4      | 4 tsp     | false  | 2
            """)
    void an_amount_in_hand_says_how_often_the_recipe_can_be_made(
            int line, String inHand, boolean bought, double times) {
        Pot pot = Pots.lambStew();
        InHand hand = new InHand(line, amount(inHand.replace(" carrots", "")), bought);
        assertThat(hand.factor(pot).orElseThrow()).isCloseTo(times, within(0.002));
    }

    @Test
    void of_several_things_the_scarcest_limits_and_the_rest_is_told() {
        Pot pot = Pots.lambStew();
        InHand lamb = new InHand(0, amount("9 lb"), true);
        InHand carrots = new InHand(1, amount("1 kg"), false);
        InHand stock = new InHand(3, amount("6 qt"), false);
        InHand.Reach reach = InHand.together(pot, List.of(lamb, carrots, stock));
        assertThat(reach.limitedBy()).isEqualTo(1);
        assertThat(reach.factor()).isCloseTo(1.953, within(0.001));
        assertThat(reach.rests().get(1)).isEqualTo(Mass.ZERO);
        // 9 lb bought are 3470 g trimmed; 1.953 times 3 lb are used.
        assertThat(reach.rests().get(0).grams()).isCloseTo(3470 - 2657, within(3.0));
        assertThat(reach.rests().get(2).grams()).isCloseTo(240 * (24 - 8 * 1.953), within(10.0));
        assertThat(Pots.fill(pot, reach.factor(), Volume.ZERO).jars()).hasSize(1);
    }

    @Test
    void what_cannot_be_weighed_cannot_be_used_up() {
        Pot pot = Pots.soup("3 lb lamb, cubed", "carrots", "1 can corn", "salt to taste");
        assertThat(new InHand(1, amount("2 lb"), false).factor(pot)).isEmpty();
        assertThat(new InHand(0, amount("2 cans"), false).factor(pot)).isEmpty();
        InHand none = new InHand(3, amount("1 tsp"), false);
        assertThatThrownBy(() -> InHand.together(pot, List.of(none))).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            9 lb              | 9 lb
            2.5 kg            | 2.5 kg
            1 lb 8 oz         | 1.5 lb
            ½ cup             | 0.5 cup
            12                | 12
            3 l               | 3 l
            -2 lb             |
            0 lb              |
            lb                |
            2 bushels         |
            three-ish         |
            9 lb lamb         |
            1e9 kg            |
            """)
    void an_amount_alone_is_read_or_refused(String text, String expected) {
        String read =
                Amount.read(text).map(org.mobrel.recipe.LineWriter::amount).orElse(null);
        assertThat(read).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            5 carrots, peeled, sliced        | parsnips     | METRIC | 305 g parsnips, peeled, sliced
            4 cups carrots, diced            | winter-squash| US     | 1 lb 2 oz winter squash, sliced
            3 lb lamb in 1-inch cubes        | potatoes     | US     | 3 lb white potatoes, in 1-inch pieces
            """)
    void a_food_is_swapped_by_weight(String line, String food, Units units, String expected) {
        assertThat(Swap.byWeight(Pots.line(line), Catalogue.load().food(food), units))
                .hasValueSatisfying(text -> {
                    assertThat(text).startsWith(expected.substring(0, expected.indexOf(' ', 5)));
                    assertThat(Pots.line(text).food().orElseThrow().id()).isEqualTo(food);
                    assertThat(Pots.line(text).states())
                            .containsAll(Pots.line(expected).states());
                });
    }

    @ParameterizedTest
    @CsvSource({
        "½ tsp salt a quart, 0.25, 1",
        "1 sprig rosemary a jar, 1, 1",
        "1 tsp salt per pint, 1, 2",
        "1 clove garlic in each jar, 1, 1"
    })
    void a_dose_by_the_jar_goes_by_its_size(String text, double aPint, double aQuart) {
        double amount = Pots.line(text).amount().orElseThrow().value().doubleValue();
        Dose dose = Dose.of(Pots.line(text)).orElseThrow();
        assertThat(amount * dose.times(Pots.PINT.size())).isEqualTo(aPint);
        assertThat(amount * dose.times(Pots.QUART.size()))
                .isCloseTo(text.contains("quart") ? 0.5 : aQuart, within(1e-9));
        assertThat(dose.times(List.of(Pots.QUART.times(3), Pots.PINT.times(2))))
                .isCloseTo(3 * dose.times(Pots.QUART.size()) + 2 * dose.times(Pots.PINT.size()), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"2 tsp salt", "1 quart pork stock", "3 cups carrots a jar", "salt in each jar"})
    void nothing_else_is_a_dose(String text) {
        assertThat(Dose.of(Pots.line(text))).isEmpty();
    }
}
