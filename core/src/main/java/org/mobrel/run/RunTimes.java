package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.Minutes;

/**
 * How long a run's canner took by itself; such times tell how long it will take next time.
 *
 * @param heatUp from the locked lid to steady steam
 * @param comeUp from the weight on to the mark
 * @param coolDown from heat off to zero by itself
 */
public record RunTimes(Minutes heatUp, Minutes comeUp, Minutes coolDown) {

    /** The times of a run that went without a break; empty for one that tells nothing about the next. */
    public static Optional<RunTimes> of(RunPlan plan, List<RunEvent> events) {
        RunState state = RunState.start();
        Optional<Instant> locked = Optional.empty();
        Optional<Instant> steam = Optional.empty();
        Optional<Instant> held = Optional.empty();
        Optional<Instant> zero = Optional.empty();
        for (EventTimeline.Step step : EventTimeline.of(plan, events)) {
            RunEvent event = step.event();
            state = state.after(plan, step);
            Optional<Instant> at = Optional.of(event.at());
            locked = event.kind() == EventKind.LID_LOCKED ? at : locked;
            steam = event.kind() == EventKind.STEAM_STEADY ? at : steam;
            held = held.or(state.when()::holdSince);
            zero = event.kind() == EventKind.PRESSURE_ZERO ? at : zero;
        }
        if (!state.deviations().isEmpty()
                || locked.isEmpty()
                || steam.isEmpty()
                || held.isEmpty()
                || zero.isEmpty()
                || state.when().weightOnAt().isEmpty()
                || state.when().heatOffAt().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new RunTimes(
                minutes(locked.get(), steam.get()),
                minutes(state.when().weightOnAt().get(), held.get()),
                minutes(state.when().heatOffAt().get(), zero.get())));
    }

    private static Minutes minutes(Instant from, Instant until) {
        return new Minutes(
                (int) Math.max(0, Math.round(Duration.between(from, until).toSeconds() / 60.0)));
    }
}
