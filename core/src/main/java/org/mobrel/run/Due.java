package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.canner.GaugeKind;

/**
 * Something that will be wanted at an instant if nothing happens before: a page that hears nothing more can still say it in time.
 *
 * @param what a code, one of the constants here
 */
public record Due(String what, Instant at) {

    public static final String WEIGHT_ON = "weight-on";
    public static final String NO_PRESSURE = "no-pressure";
    public static final String LOOK = "look";
    public static final String READING_MISSING = "reading-missing";
    public static final String HEAT_OFF = "heat-off";
    public static final String LID_OFF = "lid-off";
    public static final String JARS_INSIDE = "jars-inside";
    public static final String SEAL_CHECK = "seal-check";
    public static final String SEAL_CHECK_LATE = "seal-check-late";
    public static final String IN_DOUBT = "in-doubt";
    public static final String NOT_HEARD = "not-heard";
    public static final String NOT_SEEN = "not-seen";
    public static final String DECIDE = "decide";
    public static final String STEAM_LATE = "steam-late";
    public static final String VENT_LONG = "vent-long";
    public static final String WATER_LOW = "water-low";
    public static final String WATER_DRY = "water-dry";

    /** All that is to come from a state on, in the order of time. */
    public static List<Due> of(RunPlan plan, RunState state) {
        List<Due> dues = new ArrayList<>();
        RunTimestamps when = state.when();
        state.doubtSince().ifPresent(since -> dues.add(new Due(IN_DOUBT, since)));
        String asked = plan.gauge() == GaugeKind.DIAL ? NOT_SEEN : NOT_HEARD;
        state.askedSince().ifPresent(since -> dues.add(new Due(asked, since.plus(RunPlan.ASKED_ALOUD))));
        state.waterLowAt(plan).ifPresent(at -> dues.add(new Due(WATER_LOW, at)));
        state.waterDryAt(plan).ifPresent(at -> dues.add(new Due(WATER_DRY, at)));
        switch (state.stage()) {
            case HEATING -> add(dues, STEAM_LATE, when.lidLockedAt(), RunPlan.STEAM_WITHIN);
            case VENTING -> {
                when.steamSince()
                        .filter(since -> state.doubtSince().isEmpty())
                        .ifPresent(since -> add(dues, WEIGHT_ON, Optional.of(since), RunPlan.VENT));
                add(dues, VENT_LONG, when.steamSince(), RunPlan.VENT_LONG);
            }
            case RISING ->
                add(
                        dues,
                        NO_PRESSURE,
                        state.lostNow().map(Deviation::at).or(when::weightOnAt),
                        RunPlan.PRESSURE_WITHIN);
            case HOLDING -> holding(plan, state, dues);
            case SETTLING -> add(dues, LID_OFF, when.weightOffAt(), RunPlan.SETTLE);
            case OPENED -> add(dues, JARS_INSIDE, when.openedAt(), RunPlan.EMPTY_WITHIN);
            case RESTING, CHECKING -> {
                add(dues, SEAL_CHECK, when.jarsOutAt(), RunPlan.REST);
                state.checkBy().ifPresent(at -> dues.add(new Due(SEAL_CHECK_LATE, at)));
                unsettled(state, dues);
            }
            case DONE -> unsettled(state, dues);
            case ABANDONED ->
                state.decideBy().filter(by -> state.awaitsDecision()).ifPresent(by -> dues.add(new Due(DECIDE, by)));
            case CHECKS, LOADING, COOLING, DEPRESSURISED -> {
                // Nothing comes by itself: it is the cook who sees the steam, or the zero.
            }
        }
        return List.copyOf(dues);
    }

    private static void unsettled(RunState state, List<Due> dues) {
        state.decideBy().filter(by -> !state.unsettled().isEmpty()).ifPresent(by -> dues.add(new Due(DECIDE, by)));
    }

    private static void holding(RunPlan plan, RunState state, List<Due> dues) {
        if (state.doubtSince().isPresent() || state.isUnderPressure()) {
            // Whether it ends at all is for the cook to say first; and at too low a pressure it does not begin.
            return;
        }
        Optional<Instant> end = state.earliestHeatOff(plan);
        Optional<Instant> looked = state.when().lookedAt().filter(at -> !state.holdComplete());
        List<Due> looks = new ArrayList<>();
        add(looks, LOOK, looked, RunPlan.LOOK_EVERY);
        add(looks, READING_MISSING, looked, RunPlan.READ_WITHIN);
        // A look that would come only after the heat is off is not wanted any more.
        looks.removeIf(due -> end.isPresent() && !due.at().isBefore(end.get()));
        dues.addAll(looks);
        end.ifPresent(at -> dues.add(new Due(HEAT_OFF, at)));
    }

    private static void add(List<Due> dues, String what, Optional<Instant> since, Duration after) {
        since.ifPresent(from -> dues.add(new Due(what, from.plus(after))));
    }
}
