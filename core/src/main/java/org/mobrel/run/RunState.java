package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mobrel.quantity.Volume;

/**
 * Where a run stands after its events; computed from them and from nothing else.
 *
 * @param stage where it stands
 * @param holdComplete whether an unbroken hold of the full time is behind it
 * @param when what its clocks count from
 * @param turn how often its course has changed: a stage, or a clock that began anew. A tap meant for another turn is not taken.
 * @param gaps of the holds, in which nobody looked for too long
 * @param checks done so far; true for one that was waived
 * @param loaded the jars that stand in the canner, as far as they were counted in
 * @param fates what was done with jars that did not seal, by their number
 * @param watch who looks after it; empty where nobody said
 * @param hearth where it stands
 * @param abandonedFrom the stage it was given up in
 * @param offThePin whether the dial has shown any pressure since the weight went on
 * @param leftOut jars of the load that did not go in, and where they went
 * @param water what the canner has probably used up
 * @param tooHot whether the last look asked for less heat: water goes as fast as at full heat then
 * @param askedSince since when a device asks whether the weight still moves, until somebody has looked
 * @param unansweredSince the first such question of this hold that nobody answered in time
 * @param doubtSince since when nobody can say whether steam or pressure went on, until the cook has; nothing ends on time before
 */
public record RunState(
        Stage stage,
        boolean holdComplete,
        RunTimestamps when,
        int turn,
        List<Deviation> deviations,
        List<Gap> gaps,
        Map<CheckTick.Check, Boolean> checks,
        Set<Integer> loaded,
        Map<Integer, JarCheck> checked,
        Map<Integer, Decision> fates,
        String watch,
        Hearth hearth,
        Optional<Stage> abandonedFrom,
        Optional<Decision> decision,
        boolean offThePin,
        Map<Integer, LeftJar.Place> leftOut,
        Water water,
        boolean tooHot,
        Optional<Instant> askedSince,
        Optional<Instant> unansweredSince,
        Optional<Instant> doubtSince) {

    private static final Set<String> HOLDS_LOTS = Set.of(
            Deviation.FORCED_COOLING,
            Deviation.HOLD_UNSUPPORTED,
            Deviation.EARLY_ZERO,
            Deviation.MAY_BE_DRY,
            Deviation.NOT_HEARD,
            Deviation.NOT_SEEN,
            Deviation.BOILED_DRY,
            Deviation.UNDER_PRESSURE);

    public RunState {
        deviations = List.copyOf(deviations);
        gaps = List.copyOf(gaps);
        checks = Map.copyOf(checks);
        loaded = Set.copyOf(loaded);
        checked = Map.copyOf(checked);
        fates = Map.copyOf(fates);
        leftOut = Map.copyOf(leftOut);
    }

    public static RunState start() {
        return new RunState(
                Stage.CHECKS,
                false,
                RunTimestamps.none(),
                0,
                List.of(),
                List.of(),
                Map.of(),
                Set.of(),
                Map.of(),
                Map.of(),
                "",
                Hearth.USUAL,
                Optional.empty(),
                Optional.empty(),
                false,
                Map.of(),
                Water.UNTOUCHED,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** The state after all these events, in the order in which they were written down. */
    public static RunState after(RunPlan plan, List<RunEvent> events) {
        RunState state = start();
        for (EventTimeline.Step step : EventTimeline.of(plan, events)) {
            state = state.after(plan, step);
        }
        return state;
    }

    /** The state after one more step of the course. An event that no longer follows counts for nothing. */
    RunState after(RunPlan plan, EventTimeline.Step step) {
        RunEvent event = step.event();
        if (event.kind().isOverheard()) {
            return new RunReducer(plan, this).overhear(event);
        }
        Instant at = clock(event.at());
        if (step.struck()) {
            return new RunReducer(plan, seenAt(plan, at)).strike(step);
        }
        return new RunReducer(plan, seenAt(plan, at))
                .apply(event.happened(at, event.heard().isBefore(at) ? at : event.heard()), step);
    }

    /** The run's own clock: an instant before the last event counts as the last event, so that no hold is ever shortened. */
    public Instant clock(Instant now) {
        return when.lastAt().filter(last -> last.isAfter(now)).orElse(now);
    }

    /** The state as it shows at an instant: a hold whose time is over is complete, and a look that is missing is missed. */
    public RunState seenAt(RunPlan plan, Instant now) {
        return new RunReducer(plan, this).seenAt(clock(now));
    }

    /** Time of steady steam still missing; zero once it is done, empty outside venting. */
    public Optional<Duration> ventRemaining(Instant now) {
        return stage == Stage.VENTING
                ? when.steamSince().map(since -> left(since, RunPlan.VENT, now))
                : Optional.empty();
    }

    /** Unbroken time at pressure, at most the process time; zero outside holding. */
    public Duration holdElapsed(RunPlan plan, Instant now) {
        if (stage != Stage.HOLDING) {
            return Duration.ZERO;
        }
        Duration elapsed = when.holdSince()
                .map(since -> Duration.between(since, clock(now)))
                .orElse(Duration.ZERO);
        Duration whole = plan.process().duration();
        return elapsed.compareTo(whole) > 0 ? whole : elapsed;
    }

    /** Whether the full time has run, also where it does not count because the canner may be dry: the heat goes off in either case. */
    public boolean timeIsOver(RunPlan plan, Instant now) {
        return stage == Stage.HOLDING
                && holdElapsed(plan, now).compareTo(plan.process().duration()) >= 0;
    }

    /** What water is probably left; empty where nobody counts it, and before the lid is on. */
    public Optional<Volume> waterLeft(RunPlan plan) {
        return plan.startWater()
                .filter(start -> when.lidLockedAt().isPresent())
                .map(start -> start.minus(water.used()));
    }

    /** When a third of the water is left: it was then, or it will be if nothing changes. */
    public Optional<Instant> waterLowAt(RunPlan plan) {
        return water.lowAt().or(() -> comes(plan, Water::low));
    }

    /** When the canner may be dry: it was then, or it will be if nothing changes. */
    public Optional<Instant> waterDryAt(RunPlan plan) {
        return water.dryAt().or(() -> comes(plan, start -> start));
    }

    private Optional<Instant> comes(RunPlan plan, UnaryOperator<Volume> mark) {
        return plan.startWater().flatMap(start -> waterPerHour().flatMap(rate -> water.when(mark.apply(start), rate)));
    }

    /** How fast water goes; empty where the canner is off the heat or was not on it yet. */
    Optional<Volume> waterPerHour() {
        return switch (stage) {
            case HEATING, VENTING, RISING -> Optional.of(Water.FULL_HEAT_PER_HOUR);
            case HOLDING -> Optional.of(tooHot ? Water.FULL_HEAT_PER_HOUR : Water.HELD_PER_HOUR);
            default -> Optional.empty();
        };
    }

    /** The jars that stand in the canner: those that were counted in, or all but those that were left out. */
    public Set<Integer> inCanner(RunPlan plan) {
        return IntStream.rangeClosed(1, plan.jars())
                .filter(jar -> loaded.isEmpty() ? !leftOut.containsKey(jar) : loaded.contains(jar))
                .boxed()
                .collect(Collectors.toSet());
    }

    /** The jars of which nobody has said yet where they are; none before the first was counted in. */
    public List<Integer> missing(RunPlan plan) {
        return IntStream.rangeClosed(1, plan.jars())
                .filter(jar -> !loaded.isEmpty() && !loaded.contains(jar) && !leftOut.containsKey(jar))
                .boxed()
                .toList();
    }

    /** When the heat may go off at the earliest; empty outside holding. */
    public Optional<Instant> earliestHeatOff(RunPlan plan) {
        return stage == Stage.HOLDING
                ? when.holdSince().map(since -> since.plus(plan.process().duration()))
                : Optional.empty();
    }

    /** Time the closed, pressureless canner still has to stand; empty outside settling. */
    public Optional<Duration> settleRemaining(Instant now) {
        return stage == Stage.SETTLING
                ? when.weightOffAt().map(since -> left(since, RunPlan.SETTLE, now))
                : Optional.empty();
    }

    /** Time the jars still have to rest before a seal can be judged; empty before they are out. */
    public Optional<Duration> restRemaining(Instant now) {
        return when.jarsOutAt().map(since -> left(since, RunPlan.REST, now));
    }

    /** Whether its lots may not be used until somebody has looked into it, and the reasons as codes of deviations. */
    public List<String> heldFor() {
        return deviations.stream()
                .map(Deviation::code)
                .filter(HOLDS_LOTS::contains)
                // Before that somebody may still look into the canner and find water.
                .filter(code -> !code.equals(Deviation.MAY_BE_DRY) || stage == Stage.DONE)
                .distinct()
                .toList();
    }

    /** Whether the kitchen as it is now asks for more than this run is held at: no time of it counts. */
    public boolean isUnderPressure() {
        return deviations.stream().anyMatch(past -> past.code().equals(Deviation.UNDER_PRESSURE));
    }

    /** By when seals are judged; empty before the jars are out. */
    public Optional<Instant> checkBy() {
        return when.jarsOutAt().map(out -> RunPlan.checkBy(out, when.heatOffAt().orElse(out)));
    }

    /**
     * Until when something has to be done with jars that were not processed or did not seal: a day from when the heat went off, or from
     * when it was given up; empty before.
     */
    public Optional<Instant> decideBy() {
        return when.abandonedAt().or(when::heatOffAt).map(at -> at.plus(RunPlan.DECIDE_WITHIN));
    }

    /** The jars that did not seal and of which nobody has said yet what was done with them. */
    public List<Integer> unsettled() {
        return checked.values().stream()
                .filter(jar -> !jar.sealed() && !fates.containsKey(jar.jar()))
                .map(JarCheck::jar)
                .sorted()
                .toList();
    }

    /** Whether jars were in it when it was given up, and nobody has said yet what became of them. */
    public boolean awaitsDecision() {
        return stage == Stage.ABANDONED
                && decision.isEmpty()
                && abandonedFrom
                        .filter(from -> from.compareTo(Stage.LOADING) >= 0)
                        .isPresent();
    }

    /** Whether nothing is left to do about it. */
    public boolean isClosed() {
        return stage == Stage.DONE && unsettled().isEmpty() || stage == Stage.ABANDONED && !awaitsDecision();
    }

    /** The pressure this run came back from and has not reached again; empty on a first rise. */
    public Optional<Deviation> lostNow() {
        return stage == Stage.RISING && !deviations.isEmpty()
                ? Optional.of(deviations.get(deviations.size() - 1))
                        .filter(Deviation::isLossOfHold)
                        .filter(last -> when.weightOnAt()
                                .filter(on -> !last.at().isBefore(on))
                                .isPresent())
                : Optional.empty();
    }

    private Duration left(Instant since, Duration whole, Instant now) {
        Duration left = whole.minus(Duration.between(since, clock(now)));
        return left.isNegative() ? Duration.ZERO : left;
    }
}
