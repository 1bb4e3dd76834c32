package org.mobrel.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.EventKind;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunHistory;
import org.mobrel.run.RunPlan;
import org.mobrel.server.run.Run;

class SimulationTest {

    private static final Instant LID_ON = Instant.parse("2026-03-07T09:00:00Z");

    private static Run run(RunEvent... events) {
        GaugePressure target = GaugePressure.ofPsi(11);
        return new Run(
                1,
                1,
                1,
                "Stock",
                1,
                "Big canner",
                Verdict.COVERED,
                target,
                target,
                BigDecimal.ONE,
                Pack.HOT,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                RunHistory.of(new RunPlan(new Minutes(25), target, GaugeKind.DIAL, 7), List.of(events)));
    }

    @Test
    void what_is_stamped_after_the_clock_was_looked_at_waits_for_its_instant_and_is_not_lost() {
        Simulation canner = new Simulation(run(), LID_ON, 7, Volume.ofMillilitres(3_000), Altitude.ofFeet(0));
        Run told = run(RunEvent.of(EventKind.WEIGHT_ON, LID_ON.plusSeconds(40)));
        List<KnobChange> turns = List.of(new KnobChange(LID_ON.plusSeconds(20), KnobChange.Knob.BURNER, 30));
        canner.until(LID_ON.plusSeconds(10), told, turns);
        assertThat(canner.instruments().canner().knobs().burnerPercent()).isEqualTo(100);
        canner.until(LID_ON.plusSeconds(30), told, turns);
        assertThat(canner.instruments().canner().knobs().burnerPercent()).isEqualTo(30);
        assertThat(canner.instruments().canner().knobs().weightOn()).isFalse();
        canner.until(LID_ON.plusSeconds(50), told, turns);
        assertThat(canner.instruments().canner().knobs().weightOn()).isTrue();
        assertThat(canner.instruments().canner().knobs().burnerPercent()).isEqualTo(30);
    }
}
