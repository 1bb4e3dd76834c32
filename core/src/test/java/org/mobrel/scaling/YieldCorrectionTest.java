package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.Volume;

/** What a recipe learns from the jars it really made. */
class YieldCorrectionTest {

    private static final Volume THOUGHT = Volume.ofMillilitres(6_000);

    private static List<YieldCorrection.Day> days(String made) {
        return Arrays.stream(made.split(" "))
                .map(Double::parseDouble)
                .map(ratio -> new YieldCorrection.Day(THOUGHT, THOUGHT.times(ratio)))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "1.1, 1.1, 0.106",
        "1.1 1.1 1.1, 1.1, 0.075",
        "1 1 1 1 1 1 1 1 1 1 1 1, 1, 0.05",
        "1.25 0.8, 1, 0.15",
        "1.05 1.15, 1.0989, 0.087"
    })
    void the_mean_is_the_factor_and_the_band_narrows_with_days_that_agree(String made, double factor, double error) {
        YieldCorrection learnt = YieldCorrection.of(days(made));
        assertThat(learnt.factor()).isCloseTo(factor, within(0.0005));
        assertThat(learnt.error().value()).isCloseTo(error, within(0.0005));
        assertThat(learnt.days()).isEqualTo(days(made).size());
    }

    @Test
    void without_a_history_the_averages_stand() {
        assertThat(YieldCorrection.of(List.of())).isEqualTo(YieldCorrection.NONE);
    }

    @ParameterizedTest
    @CsvSource({"0.4", "2.1", "0"})
    void a_slip_of_the_finger_is_not_learnt_from(double ratio) {
        assertThatThrownBy(() -> new YieldCorrection.Day(THOUGHT, THOUGHT.times(ratio)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(YieldCorrection.isPlausible(Volume.ZERO, THOUGHT)).isFalse();
    }

    @Test
    void a_household_counts_servings_and_meals() {
        Household three = new Household(3, Volume.ofMillilitres(300));
        assertThat(three.servings(Volume.ofMillilitres(900))).isCloseTo(3, within(1e-9));
        assertThat(three.meals(Volume.ofMillilitres(900))).isCloseTo(1, within(1e-9));
        assertThat(three.volume(2)).isEqualTo(Volume.ofMillilitres(600));
        assertThatThrownBy(() -> new Household(0, Volume.ofMillilitres(300))).hasMessageContaining("people");
        assertThatThrownBy(() -> new Household(2, Volume.ofMillilitres(3_000))).hasMessageContaining("serving");
    }
}
