package org.mobrel.run;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mobrel.Approved;
import org.mobrel.quantity.GaugePressure;

/** What every kind of event does at every stage: a table without empty cells, looked at and approved. */
class EventsByStageTest extends RunLog {

    private static final List<Stage> STAGES = List.of(Stage.values());

    /** Each is one minute after the stage has begun, a hold also in its last minutes and when it is complete. */
    private static final double[] BEGUN = {0, 1, 3, 15, 25, 34, 95, 130, 131, 142, 143, 900, 1000, 40};

    @Test
    void every_kind_of_event_has_its_effect_at_every_stage() {
        Map<String, List<String>> told = new LinkedHashMap<>();
        for (EventKind kind : EventKind.values()) {
            List<String> cells = new ArrayList<>();
            STAGES.forEach(stage -> cells.add(stage.code() + ": " + effect(kind, stage)));
            cells.add(6, "holding, complete: " + complete(kind));
            told.put(kind.code(), cells);
        }
        Approved.holds("events-by-stage.txt", told);
    }

    private String effect(EventKind kind, Stage stage) {
        until(stage);
        return effect(kind, BEGUN[stage.ordinal()] + 1);
    }

    private String complete(EventKind kind) {
        until(Stage.HOLDING);
        return effect(kind, 94);
    }

    private String effect(EventKind kind, double minute) {
        RunState before = state(minute);
        Optional<Refusal> refusal = tell(event(kind, minute));
        if (refusal.isPresent()) {
            return "refused, " + refusal.get().why();
        }
        RunState after = state(minute);
        List<String> changes = new ArrayList<>();
        if (after.stage() != before.stage()) {
            changes.add("-> " + after.stage().code());
        }
        if (!after.when().steamSince().equals(before.when().steamSince())) {
            changes.add(after.when().steamSince().isEmpty() ? "vent void" : "vent begins");
        }
        if (!after.when().holdSince().equals(before.when().holdSince())) {
            changes.add(after.when().holdSince().isEmpty() ? "hold void" : "hold begins");
        }
        if (before.holdComplete() && !after.holdComplete()) {
            changes.add("not complete any more");
        }
        after.deviations().stream()
                .filter(deviation -> !before.deviations().contains(deviation))
                .forEach(deviation -> changes.add("deviation " + deviation.code()));
        if (!after.doubtSince().equals(before.doubtSince())) {
            changes.add("in doubt");
        }
        if (!after.askedSince().equals(before.askedSince())) {
            changes.add("asks");
        }
        if (!after.heldFor().equals(before.heldFor())) {
            changes.add("lots on hold");
        }
        return changes.isEmpty() ? "noted" : String.join(", ", changes);
    }

    private static RunEvent event(EventKind kind, double minute) {
        Optional<EventDetail> detail =
                switch (kind) {
                    case CHECK -> Optional.of(new CheckTick(CheckTick.Check.RACK, false));
                    case JAR_IN, JAR_BACK -> Optional.of(new JarSeat(1));
                    case JAR_LEFT -> Optional.of(new LeftJar(1, LeftJar.Place.FREEZER));
                    case READING -> Optional.of(dial(9));
                    case PRESSURE_NEEDED -> Optional.of(dial(15));
                    case WATER_SEEN -> Optional.of(new WaterSeen(false));
                    case JAR_CHECKED ->
                        Optional.of(new JarCheck(1, true, JarCheck.LiquidLoss.NONE, JarCheck.Level.RIGHT, true));
                    case JAR_SETTLED -> Optional.of(new JarFate(2, Decision.FROZEN));
                    case ALARM_ANSWERED -> Optional.of(new AnsweredAlarm("look"));
                    case DECIDED -> Optional.of(Decision.FROZEN);
                    case HEARD -> Optional.of(new Heard(Duration.ofMinutes(1), 3));
                    case SEEN -> Optional.of(new Seen(GaugePressure.ofPsi(11), GaugePressure.ofPsi(12), 5));
                    case CORRECTION -> Optional.of(new Correction(1, Optional.empty()));
                    case PRESSURE_ZERO -> Optional.of(new ZeroSigns(Set.of(ZeroSigns.Sign.DIAL_AT_ZERO), false));
                    default -> Optional.empty();
                };
        return new RunEvent(kind, at(minute), at(minute), detail, Reporter.SOMEBODY, "why");
    }

    /** A plain run up to a stage. */
    private void until(Stage stage) {
        log.clear();
        if (stage == Stage.ABANDONED) {
            until(Stage.HOLDING);
            tell(40, EventKind.STOP_EARLY);
            return;
        }
        int at = stage.ordinal();
        step(at, Stage.LOADING, () -> tell(1, EventKind.CHECKS_DONE));
        step(at, Stage.HEATING, () -> tell(3, EventKind.LID_LOCKED));
        step(at, Stage.VENTING, () -> tell(15, EventKind.STEAM_STEADY));
        step(at, Stage.RISING, () -> tell(25, EventKind.WEIGHT_ON));
        step(at, Stage.HOLDING, () -> read(33, 11));
        step(at, Stage.COOLING, () -> tell(95, EventKind.HEAT_OFF));
        step(at, Stage.DEPRESSURISED, () -> tell(130, EventKind.PRESSURE_ZERO));
        step(at, Stage.SETTLING, () -> tell(131, EventKind.WEIGHT_OFF));
        step(at, Stage.OPENED, () -> tell(142, EventKind.LID_OFF));
        step(at, Stage.RESTING, () -> tell(143, EventKind.JARS_OUT));
        step(at, Stage.CHECKING, () -> check(2, false));
        step(at, Stage.DONE, () -> {
            for (int jar = 1; jar <= 7; jar++) {
                check(jar, jar != 2);
            }
        });
    }

    private void check(int jar, boolean sealed) {
        tell(RunEvent.checked(
                new JarCheck(jar, sealed, JarCheck.LiquidLoss.NONE, JarCheck.Level.RIGHT, true), at(899)));
    }

    private static void step(int at, Stage stage, Runnable tell) {
        if (at >= stage.ordinal()) {
            tell.run();
        }
    }
}
