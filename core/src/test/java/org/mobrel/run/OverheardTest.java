package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/** A device that listens asks; only the cook's look is an answer, and a question without one keeps the lots back. */
class OverheardTest extends RunLog {

    @BeforeEach
    void holdsSinceMinuteTwenty() {
        plan = new RunPlan(new Minutes(60), GaugePressure.ofPsi(10), GaugeKind.WEIGHTED, 7);
        tell(0, EventKind.CHECKS_DONE);
        tell(1, EventKind.LID_LOCKED);
        tell(5, EventKind.STEAM_STEADY);
        tell(15, EventKind.WEIGHT_ON);
        weight(20, WeightState.PROPER);
    }

    private void weight(double minute, WeightState state) {
        assertThat(tell(RunEvent.reading(InstrumentReading.ofWeight(state), at(minute))))
                .isEmpty();
    }

    private void asks(double minute) {
        assertThat(tell(minute, EventKind.NOT_HEARD)).isEmpty();
    }

    private RunState heatOff(double minute) {
        assertThat(tell(minute, EventKind.HEAT_OFF)).isEmpty();
        return state(minute);
    }

    @Test
    void an_answer_in_time_leaves_nothing_behind() {
        asks(60);
        assertThat(state(60.2).askedSince()).contains(at(60));
        assertThat(Due.of(plan, state(60.2))).contains(new Due(Due.NOT_HEARD, at(60).plusSeconds(20)));
        weight(61.5, WeightState.PROPER);
        assertThat(state(62).askedSince()).isEmpty();
        assertThat(heatOff(80).heldFor()).isEmpty();
    }

    @Test
    void silent_means_the_whole_time_again_and_the_question_is_answered() {
        asks(60);
        weight(60.5, WeightState.STILL);
        assertThat(state(61).stage()).isEqualTo(Stage.RISING);
        weight(65, WeightState.PROPER);
        assertThat(state(124).holdComplete()).isFalse();
        assertThat(heatOff(125).heldFor()).isEmpty();
    }

    @Test
    void an_answer_that_comes_too_late_keeps_the_lots_back_though_the_time_counts() {
        asks(60);
        weight(62.5, WeightState.PROPER);
        RunState off = heatOff(80);
        assertThat(off.holdComplete()).isTrue();
        assertThat(off.heldFor()).containsExactly(Deviation.NOT_HEARD);
        assertThat(off.deviations()).containsExactly(new Deviation(Deviation.NOT_HEARD, at(60), Optional.empty()));
    }

    @Test
    void the_end_of_the_time_is_no_answer() {
        asks(79);
        RunState off = heatOff(80);
        assertThat(off.holdComplete()).isTrue();
        assertThat(off.heldFor()).containsExactly(Deviation.NOT_HEARD);
    }

    @Test
    void a_gauge_beside_it_and_the_device_itself_do_not_answer() {
        asks(60);
        RunEvent sent = RunEvent.reading(dial(12), at(60.5)).by(Reporter.gauge("probe"));
        tell(sent);
        tell(RunEvent.of(EventKind.HEARD, new Heard(Duration.ofMinutes(1), 120), at(61)));
        assertThat(state(61).askedSince()).contains(at(60));
    }

    @Test
    void nothing_is_asked_before_the_pressure_is_there_or_after_its_time() {
        plan = new RunPlan(new Minutes(60), GaugePressure.ofPsi(10), GaugeKind.WEIGHTED, 7);
        assertThat(state(81).holdComplete()).isTrue();
        asks(81);
        assertThat(state(81).askedSince()).isEmpty();
        log.clear();
        assertThat(tell(0, EventKind.NOT_HEARD)).isPresent();
    }

    @Test
    void a_dial_nobody_read_after_a_question_keeps_the_lots_back_under_its_own_name() {
        plan = new RunPlan(new Minutes(60), GaugePressure.ofPsi(11), GaugeKind.DIAL, 7);
        tell(RunEvent.reading(dial(12), at(20)));
        assertThat(tell(60, EventKind.NOT_SEEN)).isEmpty();
        assertThat(Due.of(plan, state(60.1))).contains(new Due(Due.NOT_SEEN, at(60).plusSeconds(20)));
        tell(RunEvent.of(EventKind.SEEN, new Seen(GaugePressure.ofPsi(9), GaugePressure.ofPsi(10), 12), at(61)));
        assertThat(state(61).askedSince()).contains(at(60));
        tell(RunEvent.reading(dial(11), at(61.5)));
        assertThat(state(62).askedSince()).isEmpty();
        assertThat(tell(70, EventKind.NOT_SEEN)).isEmpty();
        assertThat(heatOff(80).heldFor()).containsExactly(Deviation.NOT_SEEN);
    }

    @Test
    void taking_the_heat_off_back_takes_no_question_back() {
        asks(79.5);
        heatOff(80);
        tell(RunEvent.of(EventKind.CORRECTION, new Correction(log.size(), Optional.empty()), at(80.5))
                .with("not yet"));
        assertThat(state(81).deviations()).isEmpty();
        assertThat(heatOff(82).heldFor()).containsExactly(Deviation.NOT_HEARD);
    }
}
