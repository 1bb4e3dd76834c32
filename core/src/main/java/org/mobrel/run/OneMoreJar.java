package org.mobrel.run;

import java.time.Instant;
import java.util.Optional;

/**
 * One jar more than was planned for a load. It may go in where it stands with the others, needs no longer time than they get, and no other
 * pressure; the pressure is one for all foods of a canner and an altitude, so that the minutes decide.
 */
public final class OneMoreJar {

    private OneMoreJar() {}

    /**
     * A jar that another load left out for the next one.
     *
     * @param plan what that load was processed by, which is at least what this jar needs
     * @param state of that load
     * @param jar its number there
     * @param leftAt since when it has been waiting
     */
    public record Waiting(RunPlan plan, RunState state, int jar, Instant leftAt) {}

    /**
     * Why it may not go in; empty where it may.
     *
     * @param fits whether it stands in this canner with all the others
     * @param from the load it was left out of; empty for a jar of this load's own food
     */
    public static Optional<Refusal> refusal(
            RunPlan plan, RunState state, boolean fits, Optional<Waiting> from, Instant now) {
        if (state.stage() != Stage.CHECKS && state.stage() != Stage.LOADING) {
            return Optional.of(refuse("lid-is-on", "The lid is on; nothing more goes in."));
        }
        Optional<Refusal> unfit = from.flatMap(jar -> unfit(plan, jar, now));
        return unfit.isPresent() || fits
                ? unfit
                : Optional.of(refuse("does-not-fit", "One more of these jars does not stand in this canner."));
    }

    private static Optional<Refusal> unfit(RunPlan plan, Waiting from, Instant now) {
        if (from.state().leftOut().get(from.jar()) != LeftJar.Place.NEXT_LOAD) {
            return Optional.of(refuse("jar-is-elsewhere", "That jar does not wait for a next load."));
        }
        if (now.isAfter(from.leftAt().plus(RunPlan.DECIDE_WITHIN))) {
            return Optional.of(
                    refuse("too-late", "That jar has been waiting for more than 24 hours: do not process it."));
        }
        return from.plan().process().compareTo(plan.process()) > 0
                ? Optional.of(refuse(
                        "needs-longer",
                        "That jar belongs to a load of %s min, and this one gets %s."
                                .formatted(
                                        from.plan().process().value(),
                                        plan.process().value())))
                : Optional.empty();
    }

    private static Refusal refuse(String why, String words) {
        return new Refusal(why, words, Optional.empty());
    }
}
