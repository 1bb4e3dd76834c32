package org.mobrel.loading;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How long two canners are watched together, asked once for each two plans: three are watched for no less than any two of them. */
final class WatchPairs {

    /** What is known of two plans: the least minutes, or a bound that they are not below. */
    private record Known(boolean exact, int watched) {}

    private final Map<Long, Known> known = new HashMap<>();
    private final LoadingDay day;
    private final SearchDeadline stop;

    WatchPairs(LoadingDay day, SearchDeadline stop) {
        this.day = day;
        this.stop = stop;
    }

    /** Whether the last of these plans can go with each one before it in less than so many minutes on watch. */
    boolean areWatchedBelow(int watched, List<CannerPlan> plans, int deadline) {
        CannerPlan last = plans.get(plans.size() - 1);
        if (last.watched() >= watched) {
            return false;
        }
        for (int before = 0; before < plans.size() - 1; before++) {
            if (!areWatchedBelow(watched, plans.get(before), last, deadline)) {
                return false;
            }
        }
        return true;
    }

    private boolean areWatchedBelow(int watched, CannerPlan one, CannerPlan other, int deadline) {
        if (one.loads().isEmpty() || other.loads().isEmpty()) {
            return Math.max(one.watched(), other.watched()) < watched;
        }
        long two = (long) one.id() << 32 | other.id();
        Known before = known.get(two);
        if (before != null && (before.exact() || before.watched() >= watched)) {
            return before.watched() < watched;
        }
        Known now = WatchSchedule.least(day, List.of(one, other), deadline, watched, stop)
                .map(starts -> new Known(true, starts.watched()))
                .orElse(new Known(false, watched));
        if (!stop.now()) {
            known.put(two, now);
        }
        return now.watched() < watched || stop.now();
    }
}
