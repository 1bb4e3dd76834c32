package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** A whole page, and what one kitchen taught the reader. */
class PastedRecipeTest {

    private static final LineReader reader = new LineReader(Catalogue.load());

    @Test
    void a_page_is_parted_into_title_ingredients_method_and_notes() {
        PastedRecipe page = PastedRecipe.of(
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
                """,
                reader);
        assertThat(page)
                .isEqualTo(new PastedRecipe(
                        Optional.of("Harvest pork stew"),
                        List.of("3 lb pork shoulder, in 1-inch cubes", "For the broth:", "2 qt pork stock"),
                        List.of("Brown the pork.", "Add the stock and boil 5 minutes."),
                        List.of("Less paprika next time.")));
    }

    @Test
    void steps_among_bare_lines_are_set_apart_and_doubtful_lines_stay_where_a_ruling_sees_them() {
        PastedRecipe page = PastedRecipe.of(
                "2 lb carrots\n2 lb peas\nSoak the beans overnight.\n3) Boil 5 minutes\nkale\n1 lb navy beans", reader);
        assertThat(page.title()).isEmpty();
        assertThat(page.lines()).containsExactly("2 lb carrots", "2 lb peas", "kale", "1 lb navy beans");
        assertThat(page.method()).containsExactly("Soak the beans overnight.", "Boil 5 minutes");
        assertThat(PastedRecipe.of("chicken stock\n2 lb carrots", reader).title())
                .isEmpty();
        assertThat(PastedRecipe.of("Kale and bean soup\n2 lb kale", reader).title())
                .contains("Kale and bean soup");
        assertThat(PastedRecipe.of("# Stock of shanks\n2 qt stock", reader).title())
                .contains("Stock of shanks");
        assertThat(PastedRecipe.of("carrots", reader).lines()).containsExactly("carrots");
    }

    @Test
    void a_correction_is_remembered_for_the_wording_and_never_explains_a_stop_away() {
        String wording = reader.wording("3 cups Grandma's roots, scrubbed");
        LineReader taught = new LineReader(
                Catalogue.load(),
                List.of(),
                Map.of(wording, "carrots, peeled", reader.wording("1 cup cream corn mix"), "corn"));
        IngredientLine read = taught.read("5 cups grandma's ROOTS, scrubbed");
        assertThat(read.foods()).extracting(Food::id).containsExactly("carrots");
        assertThat(read.is(State.PEELED)).isTrue();
        assertThat(read.amount().orElseThrow().value()).isEqualByComparingTo("5");
        assertThat(read.meaning()).contains("carrots, peeled");
        assertThat(reader.read("5 cups grandma's roots, scrubbed").isUnknown()).isTrue();
        IngredientLine stopped = taught.read("2 cups cream corn mix");
        assertThat(stopped.foods()).extracting(Food::id).containsExactly("corn");
        assertThat(stopped.stopped()).extracting(StoppedIngredient::code).containsExactly("dairy");
    }

    @Test
    void a_food_of_the_cooks_own_is_known_and_stopped() {
        LineReader own = new LineReader(Catalogue.load(), List.of(StoppedIngredient.ownFood("sea beets")), Map.of());
        IngredientLine read = own.read("2 cups sea beets, chopped");
        assertThat(read.foods()).isEmpty();
        assertThat(read.stopped()).singleElement().satisfies(stop -> {
            assertThat(stop.code()).isEqualTo("no-tested-process");
            assertThat(stop.isOwnFood()).isTrue();
        });
        assertThat(own.meaning("Sea Beets")).isPresent();
        assertThat(reader.meaning("sea beets")).isEmpty();
        assertThat(reader.meaning("beets").orElseThrow().food()).isPresent();
    }
}
