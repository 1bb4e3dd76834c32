package org.mobrel.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The events of a run as they happened, made from the order in which they were written down: late readings at their own time,
 * corrected ones as the correction leaves them.
 */
final class EventTimeline {

    private EventTimeline() {}

    /**
     * @param takesBack what a correction takes back, where that is not a reading
     * @param struck whether the event counts for nothing any more
     * @param afterCorrected whether a reading before it was corrected: what stood in a hold then may stand in a rise now
     * @param tooHigh whether it, or a correction of it, ever said that the heat is too high: the water that this used stays used
     */
    record Step(
            RunEvent event, Optional<EventKind> takesBack, boolean struck, boolean afterCorrected, boolean tooHigh) {}

    /** The step of an event that is the last one in time, and that corrects nothing. */
    static Step last(RunPlan plan, RunEvent event) {
        return new Step(
                event, Optional.empty(), false, false, event.reading().stream().anyMatch(plan::isTooHigh));
    }

    static List<Step> of(RunPlan plan, List<RunEvent> written) {
        Map<Integer, List<Correction>> corrections = written.stream()
                .map(RunEvent::correction)
                .flatMap(Optional::stream)
                .collect(Collectors.groupingBy(Correction::event));
        List<Step> course = new ArrayList<>(written.size());
        for (int index = 0; index < written.size(); index++) {
            RunEvent event = written.get(index);
            Optional<EventKind> takesBack = event.correction()
                    .map(correction -> written.get(correction.event() - 1).kind());
            List<Correction> own = corrections.getOrDefault(index + 1, List.of());
            Optional<RunEvent> left = corrected(plan, event, own);
            boolean tooHigh = Stream.concat(
                            event.reading().stream(), own.stream().flatMap(correction -> correction.instead().stream()))
                    .anyMatch(plan::isTooHigh);
            course.add(new Step(
                    left.orElse(event),
                    takesBack,
                    left.isEmpty(),
                    afterCorrected(written, corrections, event),
                    tooHigh));
        }
        // Stable, so what happened at the same instant stays in the order it was told.
        course.sort(Comparator.comparing(step -> step.event().at()));
        return course;
    }

    private static boolean afterCorrected(
            List<RunEvent> written, Map<Integer, List<Correction>> corrections, RunEvent event) {
        return event.kind() == EventKind.SERVER_AWAY
                && corrections.keySet().stream()
                        .map(number -> written.get(number - 1))
                        .anyMatch(earlier ->
                                earlier.reading().isPresent() && !earlier.at().isAfter(event.at()));
    }

    /** The event as its corrections leave it; empty where it counts for nothing any more. */
    private static Optional<RunEvent> corrected(RunPlan plan, RunEvent event, List<Correction> corrections) {
        Optional<RunEvent> left = Optional.of(event);
        for (Correction correction : corrections) {
            left = left.flatMap(each -> corrected(plan, each, correction));
        }
        return left;
    }

    /**
     * A reading below the mark is never lifted or struck out: no hold is made complete by words. Anything else has happened, and the
     * correction works from when it was said.
     */
    private static Optional<RunEvent> corrected(RunPlan plan, RunEvent event, Correction correction) {
        if (event.reading().isEmpty()) {
            return Optional.of(event);
        }
        InstrumentReading read = event.reading().get();
        if (correction.instead().isPresent()) {
            return Optional.of(event.saying(read.lowerOf(correction.instead().get(), plan.jiggles())));
        }
        boolean low = plan.isAtMark(read).equals(Optional.of(false));
        return low ? Optional.of(event) : Optional.empty();
    }
}
