package org.mobrel.run;

import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;

/**
 * The lowest pressure that was read on the dial in the hold a run was completed by, as read and not corrected for the dial's error. What
 * the needle did between two looks nobody knows.
 *
 * @param readings how many looks it rests on
 */
public record HeldPressure(GaugePressure lowest, int readings) {

    /** Empty for a run without a complete hold, and for one that went by its weight. */
    public static Optional<HeldPressure> of(RunHistory run) {
        RunState state = run.state();
        if (state.when().holdSince().isEmpty() || state.when().completedAt().isEmpty()) {
            return Optional.empty();
        }
        List<GaugePressure> read = EventTimeline.of(run.plan(), run.events()).stream()
                .filter(step -> !step.struck())
                .map(EventTimeline.Step::event)
                .filter(event -> !event.at().isBefore(state.when().holdSince().get())
                        && !event.at().isAfter(state.when().completedAt().get()))
                .flatMap(event -> event.reading().flatMap(InstrumentReading::dial).stream())
                .toList();
        return read.stream().min(GaugePressure::compareTo).map(lowest -> new HeldPressure(lowest, read.size()));
    }
}
