package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** What a kitchen says in words of its own. */
class OwnWordsTest {

    private static final LineReader reader = new LineReader(Catalogue.load());

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
