package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.mobrel.canner.GaugeKind;

/**
 * Where a run stands after its events; computed from them and from nothing else.
 *
 * @param stage where it stands
 * @param holdComplete whether an unbroken hold of the full time is behind it; once true, it stays so
 * @param steamSince when the steady steam of this vent began
 * @param holdSince when this hold's clock began
 * @param weightOnAt when the weight went on
 * @param heatOffAt when the heat went off
 * @param weightOffAt when the weight came off after the pressure was gone
 * @param openedAt when the lid came off
 * @param jarsOutAt when the jars came out
 * @param lastAt the time of the last event; the run's clock never goes back behind it
 */
public record RunState(
        Stage stage,
        boolean holdComplete,
        Optional<Instant> steamSince,
        Optional<Instant> holdSince,
        Optional<Instant> weightOnAt,
        Optional<Instant> heatOffAt,
        Optional<Instant> weightOffAt,
        Optional<Instant> openedAt,
        Optional<Instant> jarsOutAt,
        Optional<Instant> lastAt,
        List<Deviation> deviations,
        Map<Integer, JarCheck> checked) {

    public RunState {
        deviations = List.copyOf(deviations);
        checked = Map.copyOf(checked);
    }

    public static RunState start() {
        Optional<Instant> never = Optional.empty();
        return new RunState(
                Stage.CHECKS, false, never, never, never, never, never, never, never, never, List.of(), Map.of());
    }

    /** The state after all these events, which must be in their order. */
    public static RunState after(RunPlan plan, List<RunEvent> events) {
        RunState state = start();
        for (RunEvent event : events) {
            state = state.after(plan, event);
        }
        return state;
    }

    /** The state after one more event; the event has been accepted and is not questioned. */
    public RunState after(RunPlan plan, RunEvent event) {
        Draft draft = new Draft(seenAt(plan, event.at()));
        draft.lastAt = Optional.of(clock(event.at()));
        draft.apply(plan, event.at(clock(event.at())));
        return draft.done();
    }

    /** The run's own clock: an instant before the last event counts as the last event, so that no hold is ever shortened. */
    public Instant clock(Instant now) {
        return lastAt.filter(last -> last.isAfter(now)).orElse(now);
    }

    /** The state as it shows at an instant: a hold whose time is over is complete, whatever comes later. */
    public RunState seenAt(RunPlan plan, Instant now) {
        if (holdComplete
                || stage != Stage.HOLDING
                || holdElapsed(plan, now).compareTo(plan.process().duration()) < 0) {
            return this;
        }
        Draft draft = new Draft(this);
        draft.holdComplete = true;
        return draft.done();
    }

    /** Time of steady steam still missing; zero once it is done, empty outside venting. */
    public Optional<Duration> ventRemaining(Instant now) {
        return stage == Stage.VENTING ? steamSince.map(since -> left(since, RunPlan.VENT, now)) : Optional.empty();
    }

    /** Unbroken time at pressure, at most the process time; zero outside holding. */
    public Duration holdElapsed(RunPlan plan, Instant now) {
        if (stage != Stage.HOLDING) {
            return Duration.ZERO;
        }
        Duration elapsed =
                holdSince.map(since -> Duration.between(since, clock(now))).orElse(Duration.ZERO);
        Duration whole = plan.process().duration();
        return elapsed.compareTo(whole) > 0 ? whole : elapsed;
    }

    /** When the heat may go off at the earliest; empty outside holding. */
    public Optional<Instant> earliestHeatOff(RunPlan plan) {
        return stage == Stage.HOLDING
                ? holdSince.map(since -> since.plus(plan.process().duration()))
                : Optional.empty();
    }

    /** Time the closed, pressureless canner still has to stand; empty outside settling. */
    public Optional<Duration> settleRemaining(Instant now) {
        return stage == Stage.SETTLING ? weightOffAt.map(since -> left(since, RunPlan.SETTLE, now)) : Optional.empty();
    }

    /** Time the jars still have to rest before a seal can be judged; empty before they are out. */
    public Optional<Duration> restRemaining(Instant now) {
        return jarsOutAt.map(since -> left(since, RunPlan.REST, now));
    }

    private Duration left(Instant since, Duration whole, Instant now) {
        Duration left = whole.minus(Duration.between(since, clock(now)));
        return left.isNegative() ? Duration.ZERO : left;
    }

    /** A state being written; the only place where one turns into the next. */
    private static final class Draft {
        private Stage stage;
        private boolean holdComplete;
        private Optional<Instant> steamSince;
        private Optional<Instant> holdSince;
        private Optional<Instant> weightOnAt;
        private Optional<Instant> heatOffAt;
        private Optional<Instant> weightOffAt;
        private Optional<Instant> openedAt;
        private Optional<Instant> jarsOutAt;
        private Optional<Instant> lastAt;
        private final List<Deviation> deviations;
        private final Map<Integer, JarCheck> checked;

        private Draft(RunState from) {
            stage = from.stage;
            holdComplete = from.holdComplete;
            steamSince = from.steamSince;
            holdSince = from.holdSince;
            weightOnAt = from.weightOnAt;
            heatOffAt = from.heatOffAt;
            weightOffAt = from.weightOffAt;
            openedAt = from.openedAt;
            jarsOutAt = from.jarsOutAt;
            lastAt = from.lastAt;
            deviations = new ArrayList<>(from.deviations);
            checked = new TreeMap<>(from.checked);
        }

        private RunState done() {
            return new RunState(
                    stage,
                    holdComplete,
                    steamSince,
                    holdSince,
                    weightOnAt,
                    heatOffAt,
                    weightOffAt,
                    openedAt,
                    jarsOutAt,
                    lastAt,
                    deviations,
                    checked);
        }

        private void apply(RunPlan plan, RunEvent event) {
            Optional<Instant> now = Optional.of(event.at());
            switch (event.kind()) {
                case CHECKS_DONE -> stage = Stage.LOADING;
                case LID_LOCKED -> stage = Stage.HEATING;
                case STEAM_STEADY -> {
                    stage = Stage.VENTING;
                    steamSince = now;
                }
                case STEAM_STOPPED -> backToHeating(event, "vent-interrupted");
                case WEIGHT_ON -> {
                    stage = Stage.RISING;
                    weightOnAt = now;
                }
                case READING -> read(plan, event);
                case HEAT_OFF -> {
                    stage = Stage.COOLING;
                    heatOffAt = now;
                }
                case STOP_EARLY -> abandon(event, "stopped-early");
                case ABANDON -> abandon(event, "abandoned");
                case FORCED_COOLING -> deviate("forced-cooling", event);
                case PRESSURE_ZERO -> stage = Stage.DEPRESSURISED;
                case WEIGHT_OFF -> {
                    stage = Stage.SETTLING;
                    weightOffAt = now;
                }
                case LID_OFF -> {
                    stage = Stage.OPENED;
                    openedAt = now;
                }
                case JARS_OUT -> {
                    stage = Stage.RESTING;
                    jarsOutAt = now;
                }
                case JAR_CHECKED -> check(plan, event.jar().orElseThrow());
                case NOTE -> {
                    // Kept in the record; the run does not change.
                }
            }
        }

        private void read(RunPlan plan, RunEvent event) {
            Reading reading = event.reading().orElseThrow();
            if (holdComplete) {
                // What the instrument does after the full time no longer matters to the process.
                return;
            }
            if (plan.gauge() == GaugeKind.DIAL && reading.isZero()) {
                // At zero air may be back in the canner: vent again, from the beginning.
                backToHeating(event, stage == Stage.HOLDING ? "pressure-lost" : "vent-interrupted");
                return;
            }
            Optional<Boolean> atMark = plan.isAtMark(reading);
            if (stage == Stage.RISING && atMark.equals(Optional.of(true))) {
                stage = Stage.HOLDING;
                holdSince = Optional.of(event.at());
            } else if (stage == Stage.HOLDING && atMark.equals(Optional.of(false))) {
                stage = Stage.RISING;
                holdSince = Optional.empty();
                deviate("pressure-lost", event);
            }
        }

        private void backToHeating(RunEvent event, String deviation) {
            stage = Stage.HEATING;
            steamSince = Optional.empty();
            holdSince = Optional.empty();
            weightOnAt = Optional.empty();
            deviate(deviation, event);
        }

        private void abandon(RunEvent event, String deviation) {
            stage = Stage.ABANDONED;
            deviate(deviation, event);
        }

        private void check(RunPlan plan, JarCheck jar) {
            checked.put(jar.jar(), jar);
            stage = checked.size() == plan.jars() ? Stage.DONE : Stage.CHECKING;
        }

        private void deviate(String code, RunEvent event) {
            deviations.add(new Deviation(code, event.at(), event.reading()));
        }
    }
}
