package org.mobrel.freezer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
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
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;

class FreezerRouteTest {

    private static final LineReader reader = new LineReader(Catalogue.load());
    private static final Rulings rulings = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());

    private FreezerRoute route(String... lines) {
        Batch batch = new Batch(
                reader.readAll(List.of(lines)),
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 1)),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT);
        return FreezerRoute.of(batch, rulings, reader);
    }

    @Test
    void a_creamy_soup_is_frozen_or_its_base_is_canned_and_finished_at_serving() {
        FreezerRoute route = route("1 lb mushrooms", "1 lb carrots", "1 cup cream", "2 qt vegetable stock");
        // Two quarts of stock, and a pound each of pieces at about a gram a millilitre, the mushrooms wilted by a
        // fifth.
        assertThat(route.volume().millilitres()).isCloseTo(1893 + 440 + 370, within(60.0));
        assertThat(route.portions())
                .extracting(portion -> portion.box() + " " + portion.boxes() + " "
                        + portion.room().inches())
                .containsExactly("pint 6 0.5", "quart 3 1");
        assertThat(route.months()).isEqualTo(new FreezerRoute.Months(3, 4));
        FreezerRoute.Base base = route.base().orElseThrow();
        assertThat(base.atServing()).containsExactly(2);
        assertThat(base.lines().get(2)).isEqualTo("1 cup cream, at serving");
        assertThat(base.ruling().timing().orElseThrow().minutes().value()).isEqualTo(75);
    }

    @Test
    void there_is_no_base_where_the_rest_is_stopped_too_or_nothing_stops() {
        assertThat(route("2 lb potatoes, unpeeled", "1 cup cream").base()).isEmpty();
        assertThat(route("1 cup cream").base()).isEmpty();
        assertThat(route("2 lb carrots").base()).isEmpty();
        assertThat(route("1 cup cream").portions()).isEmpty();
    }
}
