package org.mobrel.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

/** What the shelf lacks, which meals are complete, and what a hold really had. */
class StockTest {

    @ParameterizedTest
    @CsvSource({"5,20,7,3", "13,20,7,1", "14,20,7,1", "20,20,7,0", "25,20,7,0", "0,1,16,1", "0,0,7,0"})
    void what_is_lacking_is_told_in_whole_loads(int jars, int target, int perLoad, int loads) {
        assertThat(new Stock(jars, target, 0, 100).loads(perLoad)).isEqualTo(loads);
    }

    @Test
    void cover_is_told_by_how_fast_jars_go_and_not_from_a_few_days() {
        assertThat(new Stock(12, 0, 12, 365).monthsOfCover().orElseThrow()).isCloseTo(12, within(0.1));
        assertThat(new Stock(6, 0, 6, 61).monthsOfCover().orElseThrow()).isCloseTo(2, within(0.1));
        assertThat(new Stock(6, 0, 0, 365).monthsOfCover()).isEmpty();
        assertThat(new Stock(6, 0, 6, 27).monthsOfCover()).isEmpty();
    }

    @Property
    void another_jar_never_makes_a_kit_less_complete(
            @ForAll @IntRange(max = 50) int jars,
            @ForAll @IntRange(min = 1, max = 4) int perMeal,
            @ForAll @IntRange(max = 9) int rice) {
        MealKit kit = new MealKit(perMeal, List.of(new MealKit.Good("Rice", 2, rice)));
        assertThat(kit.complete(jars + 1)).isBetween(kit.complete(jars), kit.complete(jars) + 1);
        assertThat(kit.complete(jars)).isEqualTo(Math.min(jars / perMeal, rice / 2));
        assertThat(kit.shortOf(jars).isEmpty()).isEqualTo(jars / perMeal <= rice / 2);
    }

    @ParameterizedTest
    @CsvSource({
        "12500,750,12000,-250",
        "12750,750,12000,0",
        "13000,750,12000,250",
        "12000,0,12000,0",
        "11999,0,12000,-1",
        // A dial that reads low is never counted in the jars' favour.
        "11500,-1000,12000,-500"
    })
    void margin_is_what_was_read_less_the_error_less_what_was_needed(int read, int error, int needed, int margin) {
        Margin held = Margin.of(new GaugePressure(read), new GaugeError(error), new GaugePressure(needed));
        assertThat(held.milliPsi()).isEqualTo(margin);
        assertThat(held.isShort()).isEqualTo(margin < 0);
    }
}
