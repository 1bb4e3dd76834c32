package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Colour;

class JarColourTest {

    private static final LineReader READER = new LineReader(Catalogue.load());

    private static JarColour of(String... lines) {
        return JarColour.of(READER.readAll(List.of(lines))).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            8 cups asparagus pieces   | 3 qt chicken stock   | green
            6 cups tomatoes, chopped  | 1 qt vegetable stock | red
            8 cups carrots, sliced    | 2 qt chicken stock   | red
            6 cups kale, chopped      | 2 qt beef stock      | green
            """)
    void a_dish_is_of_the_colour_of_what_is_in_it(String food, String liquid, String strongest) {
        Colour solids = of(food, liquid).solids();
        int most = Math.max(solids.red(), Math.max(solids.green(), solids.blue()));
        assertThat(strongest.equals("green") ? solids.green() : solids.red()).isEqualTo(most);
    }

    @Test
    void it_follows_the_amounts_and_not_the_order_and_salt_adds_none() {
        JarColour mostlyBeets = of("6 cups beets, sliced", "1 cup carrots, sliced", "2 qt water");
        JarColour mostlyCarrots = of("1 cup beets, sliced", "6 cups carrots, sliced", "2 qt water");
        assertThat(mostlyBeets.solids().red()).isLessThan(mostlyCarrots.solids().red());
        assertThat(of("2 qt water", "1 cup carrots, sliced", "1 tbsp salt", "6 cups beets, sliced"))
                .isEqualTo(mostlyBeets);
        assertThat(mostlyBeets.broth()).isEqualTo(mostlyCarrots.broth());
    }

    @Test
    void a_clear_broth_is_all_broth_and_a_dish_without_liquid_is_paler_above() {
        JarColour stock = of("5 qt beef stock");
        assertThat(stock.solids()).isEqualTo(stock.broth());
        JarColour dry = of("6 cups carrots, sliced");
        assertThat(dry.broth().blue()).isGreaterThan(dry.solids().blue());
        assertThat(JarColour.of(READER.readAll(List.of("some carrots", "a thing of nothing"))))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "b4622d", "#B4622D", "#b4622", "#b4622d0", "brown"})
    void what_is_no_colour_is_refused(String written) {
        assertThatThrownBy(() -> Colour.of(written)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_mixture_stays_between_its_parts() {
        Colour mixed = Colour.mixed(Map.of(Colour.of("#000000"), 1.0, Colour.of("#ff8040"), 3.0));
        assertThat(mixed.written()).isEqualTo("#bf6030");
        assertThatThrownBy(() -> Colour.mixed(Map.of())).isInstanceOf(IllegalArgumentException.class);
    }
}
