package org.mobrel.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.Cases;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

class PageReaderTest {

    private static final PageReader pages = new PageReader(new LineReader(Catalogue.load()));

    @Test
    void a_page_is_parted_into_title_ingredients_method_and_notes() {
        RecipePage page = pages.read(
                """
                Harvest pork stew

                Ingredients
                3 lb pork shoulder, in 1-inch cubes
                For the broth:
                2 qt pork stock
                Method
                1. Brown the pork.
                2. Add the stock and boil 5 minutes.

                Notes
                Less paprika next time.
                """);
        assertThat(page.title()).contains("Harvest pork stew");
        assertThat(page.lines())
                .containsExactly("3 lb pork shoulder, in 1-inch cubes", "For the broth:", "2 qt pork stock");
        assertThat(page.ingredients()).hasSize(2);
        assertThat(page.steps()).containsExactly("Brown the pork.", "Add the stock and boil 5 minutes.");
        assertThat(page.remarks()).containsExactly("Less paprika next time.");
    }

    @Test
    void steps_among_bare_lines_are_set_apart_and_doubtful_lines_stay_where_a_ruling_sees_them() {
        RecipePage page = pages.read(
                "2 lb carrots\n2 lb peas\nSoak the beans overnight.\n3) Boil 5 minutes\nkale\n1 lb navy beans");
        assertThat(page.title()).isEmpty();
        assertThat(page.lines()).containsExactly("2 lb carrots", "2 lb peas", "kale", "1 lb navy beans");
        assertThat(page.steps()).containsExactly("Soak the beans overnight.", "Boil 5 minutes");
        assertThat(pages.read("chicken stock\n2 lb carrots").title()).isEmpty();
        assertThat(pages.read("Kale and bean soup\n2 lb kale").title()).contains("Kale and bean soup");
        assertThat(pages.read("# Stock of shanks\n2 qt stock").title()).contains("Stock of shanks");
        assertThat(pages.read("carrots").lines()).containsExactly("carrots");
        assertThat(pages.read("-----\n2 lb kale\n•\n2 lb carrots\n***").lines())
                .containsExactly("2 lb kale", "2 lb carrots");
        assertThat(pages.read(" \n#\n").parts()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
        # name typed     | first line of the page          | is it a name?
        Sunday jars      | dried beans, soaked overnight   | no
        Sunday jars      | rabbit or chicken bone broth    | no
        Sunday jars      | chicken bone broth              | no
        Sunday jars      | stewing beef                    | no
        Sunday jars      | Sunday Jars                     | yes
        Sunday jars      | Grandmother's Sunday best       | yes
        Sunday jars      | Kale and bean soup              | yes
                         | dried beans, soaked overnight   | no
                         | rabbit or chicken bone broth    | no
                         | Kale and bean soup              | yes
                         | Carrots and peas                | yes
                         | Beets                           | no
                         | leftover ham?                   | no
                         | roasted chicken base, no salt   | no
                         | Who ate all my soup?            | yes
        """)
    void an_ingredient_never_leaves_the_list_for_a_name(String name, String first, String isName) {
        RecipePage page = pages.read(first + "\n\n2 lb carrots\n1 lb peas\n2 qt water", name == null ? "" : name);
        assertThat(page.title().isPresent()).isEqualTo(isName.equals("yes"));
        assertThat(page.lines().contains(first)).isEqualTo(isName.equals("no"));
    }

    /** Each amount goes to its food, and no more than one of sixty lines asks. */
    @Test
    void lines_as_people_dictate_them() {
        LineReader reader = new LineReader(Catalogue.load());
        List<String> asked = new ArrayList<>();
        for (String row : Cases.text("/cases/corpus/own-spoken.tsv").lines().toList()) {
            if (row.startsWith("#")) {
                continue;
            }
            String[] cells = row.split("\t");
            List<String> lines =
                    pages.read("Ingredients\n" + cells[0] + "\n1 cup water").ingredients();
            List<String> found = new ArrayList<>();
            for (String line : lines.subList(0, lines.size() - 1)) {
                IngredientLine read = reader.read(line);
                read.questions().forEach(question -> asked.add(line));
                found.add((read.foods().stream().map(Food::id).collect(Collectors.joining("+"))
                                + read.amount()
                                        .map(amount -> " "
                                                + amount.value()
                                                        .stripTrailingZeros()
                                                        .toPlainString() + " "
                                                + amount.unit().name().toLowerCase(Locale.ROOT))
                                        .orElse(""))
                        .replace("pound", "lb"));
            }
            assertThat(String.join("; ", found)).as(cells[0]).isEqualTo(cells[1]);
        }
        assertThat(asked).containsExactly("leftover ham bone with meat still on it");
    }
}
