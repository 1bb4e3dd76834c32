package org.mobrel.run;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is written down of a run, with the state it comes to. The state follows from all events, late and corrected ones too, so it is worked out
 * from the first one on; but only once for each history, and one that grows by an event at its end goes on from where it was.
 */
public final class RunHistory {

    private final RunPlan plan;
    private final List<RunEvent> events;
    private volatile @Nullable RunState known;

    private RunHistory(RunPlan plan, List<RunEvent> events) {
        this.plan = plan;
        this.events = List.copyOf(events);
    }

    /** @param events in the order in which they were written down */
    public static RunHistory of(RunPlan plan, List<RunEvent> events) {
        return new RunHistory(plan, events);
    }

    public RunPlan plan() {
        return plan;
    }

    /** In the order in which they were written down. */
    public List<RunEvent> events() {
        return events;
    }

    /** The state after all of them. */
    public RunState state() {
        RunState state = known;
        if (state == null) {
            state = RunState.after(plan, events);
            known = state;
        }
        return state;
    }

    /** With one more event at its end. */
    public RunHistory and(RunEvent event) {
        List<RunEvent> all = new ArrayList<>(events);
        all.add(event);
        RunHistory next = new RunHistory(plan, all);
        RunState state = known;
        if (state != null && changesNothingBefore(event)) {
            next.known = state.after(plan, EventTimeline.last(plan, event));
        }
        return next;
    }

    /** Whether it comes after all others in time too, and speaks of none of them. */
    private boolean changesNothingBefore(RunEvent event) {
        return event.correction().isEmpty()
                && event.kind() != EventKind.SERVER_AWAY
                && events.stream().noneMatch(earlier -> earlier.at().isAfter(event.at()));
    }
}
