package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;

/** A run in a test: its plan, what was told of it so far, and how it stands. */
abstract class RunLog {

    static final Instant START = Instant.parse("2026-11-24T09:00:00Z");
    static final RunPlan DIAL = new RunPlan(new Minutes(60), GaugePressure.ofPsi(11), GaugeKind.DIAL, 7);

    final List<RunEvent> log = new ArrayList<>();
    RunPlan plan = DIAL;

    static Instant at(double minutes) {
        return START.plusMillis(Math.round(minutes * 60_000));
    }

    Optional<Refusal> tell(RunEvent command) {
        CommandResult answer = RunRules.decide(RunHistory.of(plan, log), command);
        answer.event().ifPresent(log::add);
        return answer.refusal();
    }

    Optional<Refusal> tell(double minute, EventKind kind) {
        return tell(RunEvent.of(kind, at(minute)).with("why"));
    }

    Optional<Refusal> read(double minute, double psi) {
        return tell(RunEvent.reading(dial(psi), at(minute)));
    }

    static InstrumentReading dial(double psi) {
        return InstrumentReading.ofDial(new GaugePressure((int) Math.round(psi * 1000)));
    }

    RunState state(double minute) {
        return RunState.after(plan, log).seenAt(plan, at(minute));
    }

    static RunPlan anHourOnLittleWater() {
        return new RunPlan(
                new Minutes(60),
                GaugePressure.ofPsi(11),
                GaugeKind.DIAL,
                7,
                Jiggles.NOT_COUNTED,
                Optional.of(Volume.ofMillilitres(1_600)),
                Duration.ZERO,
                Set.of());
    }

    /** Holding since minute 33. */
    RunLog holding() {
        tell(0, EventKind.CHECKS_DONE);
        tell(2, EventKind.LID_LOCKED);
        tell(14, EventKind.STEAM_STEADY);
        tell(24, EventKind.WEIGHT_ON);
        read(33, 11);
        assertThat(state(33).stage()).isEqualTo(Stage.HOLDING);
        return this;
    }

    String deviations(double minute) {
        return String.join(
                " ", state(minute).deviations().stream().map(Deviation::code).toList());
    }
}
