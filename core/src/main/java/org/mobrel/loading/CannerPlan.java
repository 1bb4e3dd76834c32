package org.mobrel.loading;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The types of load that one canner takes in turn, by ready time: the order in which they end soonest.
 *
 * @param id tells it apart from every other plan of the day
 * @param end when the last is done if each starts as soon as it may
 * @param watched minutes of its own on watch
 * @param room how much of each {@link PlanConstraints} it can take at most
 */
record CannerPlan(int id, int canner, List<LoadType> loads, int end, int watched, long[] room) {

    /**
     * Every plan of a canner that ends in time, the empty one first.
     *
     * @param most stop at so many; an answer as long as that is not complete
     */
    static List<CannerPlan> all(
            LoadingDay day, int canner, List<LoadType> types, PlanConstraints needs, int deadline, int most) {
        List<CannerPlan> plans = new ArrayList<>();
        plans.add(new CannerPlan(canner * most, canner, List.of(), 0, 0, new long[needs.size()]));
        // A plan is one that ends earlier and one more load that is ready no sooner.
        for (int at = 0; at < plans.size() && plans.size() < most; at++) {
            CannerPlan before = plans.get(at);
            LoadType last = before.loads.isEmpty() ? null : before.loads.get(before.loads.size() - 1);
            for (int type = last == null ? 0 : types.indexOf(last); type < types.size(); type++) {
                CannerPlan longer =
                        before.then(canner * most + plans.size(), day.canners().get(canner), types.get(type), needs);
                if (longer.end <= deadline) {
                    plans.add(longer);
                }
            }
        }
        return plans;
    }

    private CannerPlan then(int number, LoadingCanner pot, LoadType type, PlanConstraints needs) {
        List<LoadType> longer = new ArrayList<>(loads);
        longer.add(type);
        int free = loads.isEmpty() ? 0 : end + LoadingCanner.RELOAD;
        int watch = pot.before() + type.process();
        long[] more = room.clone();
        long[] its = needs.room(canner, type);
        for (int need = 0; need < more.length; need++) {
            more[need] += its[need];
        }
        return new CannerPlan(
                number, canner, longer, Math.max(free, type.ready()) + watch + pot.after(), watched + watch, more);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof CannerPlan plan && plan.id == id;
    }

    @Override
    public int hashCode() {
        return id;
    }

    /** Whether a wider load or one load more would still end and be watched in time: then this plan is not needed to see what fits. */
    boolean canGrow(LoadingCanner pot, List<LoadType> types, int deadline, int mostWatched) {
        List<LoadType> grown = new ArrayList<>(loads);
        for (LoadType more : types) {
            grown.add(more);
            if (isInTime(pot, grown, deadline, mostWatched)) {
                return true;
            }
            grown.remove(grown.size() - 1);
        }
        for (int at = 0; at < loads.size(); at++) {
            for (LoadType wider : types) {
                if (wider.isWiderThan(loads.get(at))) {
                    grown.set(at, wider);
                    if (isInTime(pot, grown, deadline, mostWatched)) {
                        return true;
                    }
                }
            }
            grown.set(at, loads.get(at));
        }
        return false;
    }

    private static boolean isInTime(LoadingCanner pot, List<LoadType> loads, int deadline, int mostWatched) {
        LoadType[] inOrder = loads.toArray(LoadType[]::new);
        // A handful, nearly in order: moved one by one.
        for (int at = 1; at < inOrder.length; at++) {
            LoadType moved = inOrder[at];
            int to = at;
            while (to > 0 && inOrder[to - 1].ready() > moved.ready()) {
                inOrder[to] = inOrder[to - 1];
                to--;
            }
            inOrder[to] = moved;
        }
        int end = -LoadingCanner.RELOAD;
        int watched = 0;
        for (LoadType type : inOrder) {
            int watch = pot.before() + type.process();
            end = Math.max(end + LoadingCanner.RELOAD, type.ready()) + watch + pot.after();
            watched += watch;
        }
        return end <= deadline && watched <= mostWatched;
    }
}
