package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What may happen when. A wish is answered by the event it becomes, or by a refusal that says why and how long still. */
public final class RunRules {

    private RunRules() {}

    /**
     * Decides on a wish. The event it becomes carries the run's own clock, which never steps back.
     *
     * @param wish with the instant at which it was uttered
     */
    public static RunAnswer decide(RunPlan plan, RunState before, RunEvent wish) {
        Instant now = before.clock(wish.at());
        RunState state = before.seenAt(plan, now);
        Optional<Refusal> refusal = guard(plan, state, wish, now);
        return refusal.map(RunAnswer::refuse).orElseGet(() -> RunAnswer.accept(wish.at(now)));
    }

    /** The legal moves, as a table. */
    private static Set<Stage> allowedIn(EventKind kind) {
        return switch (kind) {
            case CHECKS_DONE -> EnumSet.of(Stage.CHECKS);
            case LID_LOCKED -> EnumSet.of(Stage.LOADING);
            case STEAM_STEADY -> EnumSet.of(Stage.HEATING);
            case STEAM_STOPPED, WEIGHT_ON -> EnumSet.of(Stage.VENTING);
            case READING -> EnumSet.of(Stage.RISING, Stage.HOLDING);
            case HEAT_OFF -> EnumSet.of(Stage.HOLDING);
            case STOP_EARLY -> EnumSet.of(Stage.RISING, Stage.HOLDING);
            case FORCED_COOLING, PRESSURE_ZERO -> EnumSet.of(Stage.COOLING);
            case WEIGHT_OFF -> EnumSet.of(Stage.DEPRESSURISED);
            case LID_OFF -> EnumSet.of(Stage.SETTLING);
            case JARS_OUT -> EnumSet.of(Stage.OPENED);
            case JAR_CHECKED -> EnumSet.of(Stage.RESTING, Stage.CHECKING);
            case ABANDON -> EnumSet.range(Stage.CHECKS, Stage.SETTLING);
            case NOTE -> EnumSet.allOf(Stage.class);
        };
    }

    private static Optional<Refusal> guard(RunPlan plan, RunState state, RunEvent wish, Instant now) {
        if (!allowedIn(wish.kind()).contains(state.stage())) {
            return Optional.of(outOfTurn(state, wish));
        }
        return switch (wish.kind()) {
            case WEIGHT_ON ->
                waiting(
                        state.ventRemaining(now),
                        "vent-not-done",
                        "The vent is not done: ten minutes of unbroken steam drive the air out.");
            case HEAT_OFF ->
                state.holdComplete()
                        ? Optional.empty()
                        : waiting(
                                Optional.of(plan.process().duration().minus(state.holdElapsed(plan, now))),
                                "hold-not-complete",
                                "The time at pressure is not over.");
            case STOP_EARLY ->
                state.holdComplete()
                        ? Optional.of(refuse("hold-is-complete", "The time is over; turn the heat off instead."))
                        : Optional.empty();
            case LID_OFF ->
                waiting(
                        state.settleRemaining(now),
                        "settling",
                        "Ten minutes after the weight: the jars are still boiling inside.");
            case JAR_CHECKED -> checkable(plan, state, wish.jar().orElseThrow(), now);
            default -> Optional.empty();
        };
    }

    private static Optional<Refusal> checkable(RunPlan plan, RunState state, JarCheck jar, Instant now) {
        if (jar.jar() < 1 || jar.jar() > plan.jars()) {
            return Optional.of(refuse("no-such-jar", "There are %d jars in this load.".formatted(plan.jars())));
        }
        return waiting(state.restRemaining(now), "still-resting", "Jars rest 12 hours before a seal can be judged.");
    }

    private static Optional<Refusal> waiting(Optional<Duration> left, String why, String text) {
        return left.filter(wait -> !wait.isZero()).map(wait -> new Refusal(why, text, Optional.of(wait)));
    }

    private static Refusal outOfTurn(RunState state, RunEvent wish) {
        boolean underPressure =
                state.stage().compareTo(Stage.VENTING) >= 0 && state.stage().compareTo(Stage.COOLING) <= 0;
        boolean opens = wish.kind() == EventKind.WEIGHT_OFF || wish.kind() == EventKind.LID_OFF;
        return opens && underPressure
                ? refuse("pressure-not-zero", "The canner is under pressure. Wait until it is zero by itself.")
                : refuse(
                        "wrong-stage",
                        "That does not follow from where this run stands (%s)."
                                .formatted(state.stage().code()));
    }

    private static Refusal refuse(String why, String text) {
        return new Refusal(why, text, Optional.empty());
    }
}
