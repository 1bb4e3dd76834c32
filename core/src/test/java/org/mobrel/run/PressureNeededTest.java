package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The altitude is put right while a canner is under way. */
class PressureNeededTest extends RunLog {

    private Optional<Refusal> needs(double minute, double psi) {
        return tell(RunEvent.of(EventKind.PRESSURE_NEEDED, dial(psi), at(minute)));
    }

    @Test
    void a_hold_at_too_little_is_never_complete_and_its_jars_wait_once_the_heat_is_off() {
        holding();
        assertThat(needs(50, 13)).isEmpty();
        assertThat(state(60).isUnderPressure()).isTrue();
        assertThat(state(200).holdComplete()).isFalse();
        assertThat(Due.of(plan, state(200)).stream().map(Due::what))
                .as("nobody is called to turn the heat off after a time that does not count")
                .doesNotContain(Due.HEAT_OFF, Due.LOOK);
        assertThat(tell(200, EventKind.HEAT_OFF)).isEmpty();
        assertThat(state(201).stage()).isEqualTo(Stage.ABANDONED);
        assertThat(state(201).awaitsDecision()).isTrue();
        assertThat(state(201).decideBy()).contains(at(200 + 24 * 60));
        assertThat(deviations(201)).isEqualTo(Deviation.UNDER_PRESSURE);
    }

    @Test
    void found_out_while_it_cools_its_jars_wait_at_once() {
        holding();
        tell(94, EventKind.HEAT_OFF);
        needs(100, 13);
        assertThat(state(101).stage()).isEqualTo(Stage.ABANDONED);
        assertThat(state(101).awaitsDecision()).isTrue();
    }

    @Test
    void an_altitude_that_was_a_slip_of_the_finger_leaves_everything_as_it_was() {
        holding();
        needs(50, 13);
        needs(51, 11);
        assertThat(state(94).holdComplete()).isTrue();
        assertThat(deviations(94)).isEmpty();
        tell(94, EventKind.HEAT_OFF);
        needs(100, 13);
        needs(101, 11);
        assertThat(state(102).stage()).isEqualTo(Stage.COOLING);
        assertThat(tell(150, EventKind.PRESSURE_ZERO)).isEmpty();
    }

    @Test
    void jars_that_are_out_go_on_hold() {
        holding();
        tell(94, EventKind.HEAT_OFF);
        tell(130, EventKind.PRESSURE_ZERO);
        tell(131, EventKind.WEIGHT_OFF);
        tell(142, EventKind.LID_OFF);
        tell(143, EventKind.JARS_OUT);
        needs(200, 13);
        assertThat(state(201).stage()).isEqualTo(Stage.RESTING);
        assertThat(state(201).heldFor()).containsExactly(Deviation.UNDER_PRESSURE);
    }

    @Test
    void seals_are_judged_before_it_is_too_late_to_process_a_jar_again() {
        holding();
        tell(94, EventKind.HEAT_OFF);
        tell(130, EventKind.PRESSURE_ZERO);
        tell(131, EventKind.WEIGHT_OFF);
        tell(142, EventKind.LID_OFF);
        tell(143, EventKind.JARS_OUT);
        assertThat(state(144).checkBy()).contains(at(94 + 23 * 60));
        assertThat(state(144).decideBy()).contains(at(94 + 24 * 60));
    }
}
