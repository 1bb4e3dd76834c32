package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Readings that come late, and words that put right what was written: nothing ends earlier by either. */
class CorrectionsTest extends RunLog {

    @Test
    void a_late_reading_is_sorted_in_and_the_clock_starts_again_from_what_came_after_it() {
        holding().read(60, 11.5);
        assertThat(tell(RunEvent.reading(dial(9), at(45)).heardAt(at(70)))).isEmpty();
        assertThat(state(70).stage()).isEqualTo(Stage.HOLDING);
        assertThat(state(70).earliestHeatOff(plan)).contains(at(120));
        assertThat(deviations(70)).isEqualTo("pressure-lost");
    }

    @Test
    void a_late_low_reading_after_the_heat_went_off_puts_the_lots_on_hold() {
        holding().tell(93, EventKind.HEAT_OFF);
        tell(130, EventKind.PRESSURE_ZERO);
        tell(131, EventKind.WEIGHT_OFF);
        assertThat(state(131).heldFor()).isEmpty();
        assertThat(tell(RunEvent.reading(dial(10.5), at(92)).heardAt(at(135)))).isEmpty();
        assertThat(state(135).stage()).isEqualTo(Stage.SETTLING);
        assertThat(state(135).holdComplete()).isFalse();
        assertThat(state(135).heldFor()).containsExactly("hold-unsupported");
        assertThat(tell(141, EventKind.LID_OFF)).isEmpty();
    }

    @Test
    void a_late_reading_from_after_the_full_time_changes_nothing() {
        holding().tell(94, EventKind.HEAT_OFF);
        tell(RunEvent.reading(dial(8), at(93.5)).heardAt(at(97)));
        assertThat(state(97).holdComplete()).isTrue();
        assertThat(state(97).heldFor()).isEmpty();
    }

    @Test
    void a_correction_may_void_a_hold_and_never_make_one() {
        holding().read(50, 9);
        read(52, 11);
        RunEvent lifted = RunEvent.of(EventKind.CORRECTION, new Correction(6, Optional.of(dial(12))), at(53));
        assertThat(tell(lifted)).map(Refusal::why).contains("without-words");
        assertThat(tell(lifted.with("a slip of the thumb"))).isEmpty();
        assertThat(state(53).earliestHeatOff(plan)).contains(at(112));
        tell(RunEvent.of(EventKind.CORRECTION, new Correction(6, Optional.empty()), at(54))
                .with("never read"));
        assertThat(state(54).earliestHeatOff(plan)).contains(at(112));
        tell(RunEvent.of(EventKind.CORRECTION, new Correction(7, Optional.of(dial(10.5))), at(55))
                .with("misread"));
        assertThat(state(55).stage()).isEqualTo(Stage.RISING);
    }

    @Test
    void steam_that_was_only_a_wisp_takes_the_vent_and_all_that_rests_on_it_with_it() {
        holding();
        tell(RunEvent.of(EventKind.CORRECTION, new Correction(3, Optional.empty()), at(40))
                .with("it was a wisp"));
        assertThat(state(40).stage()).isEqualTo(Stage.HEATING);
        tell(41, EventKind.STEAM_STEADY);
        assertThat(tell(45, EventKind.WEIGHT_ON).flatMap(Refusal::left)).contains(Duration.ofMinutes(6));
    }

    @Test
    void what_has_happened_to_the_jars_cannot_be_taken_back() {
        holding().read(40, 10);
        read(42, 11);
        tell(102, EventKind.HEAT_OFF);
        tell(103, EventKind.FORCED_COOLING);
        tell(104, EventKind.PRESSURE_ZERO);
        tell(105, EventKind.WEIGHT_OFF);
        tell(115, EventKind.LID_OFF);
        for (int event : List.of(9, 10, 11, 12)) {
            assertThat(tell(RunEvent.of(EventKind.CORRECTION, new Correction(event, Optional.empty()), at(116))
                            .with("no")))
                    .map(Refusal::why)
                    .contains("stands");
        }
        assertThat(state(116).heldFor()).containsExactly("forced-cooling");
    }

    /** Struck out or not, a needle that was seen to leave its pin makes a gauge's zero one that voids the vent. */
    @Test
    void a_reading_that_is_struck_out_does_not_bring_a_void_vent_back() {
        holding();
        tell(RunEvent.reading(dial(0), at(40)).by(Reporter.gauge("probe")));
        assertThat(state(40).stage()).isEqualTo(Stage.HEATING);
        tell(RunEvent.of(EventKind.CORRECTION, new Correction(5, Optional.empty()), at(41))
                .with("misread"));
        assertThat(state(41).stage()).isEqualTo(Stage.HEATING);
    }

    @Test
    void a_reading_that_is_put_right_later_lets_no_water_come_back() {
        for (Optional<InstrumentReading> instead :
                List.of(Optional.of(dial(11)), Optional.<InstrumentReading>empty())) {
            log.clear();
            plan = anHourOnLittleWater();
            holding().read(34, 15);
            assertThat(state(93).holdComplete())
                    .as("a litre and a half an hour, and dry before")
                    .isFalse();
            tell(RunEvent.of(EventKind.CORRECTION, new Correction(6, instead), at(94))
                    .with("misread"));
            assertThat(state(95).holdComplete()).isFalse();
        }
    }
}
