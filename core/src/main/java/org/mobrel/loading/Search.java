package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.ToIntFunction;

/**
 * The exact search: the least end first, then the least time on watch at that end, then loads, then over-processing, each inside the
 * optimum of the one before. Whenever time is up, what was found last stands.
 */
final class Search {

    /** More plans of one canner than this and the day is too large to be searched to its end. */
    private static final int MOST_PLANS = 60_000;

    private final LoadingDay day;
    private final EquivalenceGroups crates;
    private final SearchDeadline stop;
    private final PlanConstraints needs;
    private final Packing packing;
    private final List<List<LoadType>> types = new ArrayList<>();
    private final List<List<CannerPlan>> plans = new ArrayList<>();
    private final Map<List<CannerPlan>, Boolean> packs = new HashMap<>();
    private final WatchPairs pairs;
    private LoadingPlan found;

    /** One plan a canner, together holding all jars. */
    private interface Visitor {
        /** Whether the search may end here. */
        boolean visit(List<CannerPlan> chosen);

        /** Whether some canners' plans are worth another canner's. */
        default boolean isWorthwhile(List<CannerPlan> some) {
            return true;
        }
    }

    Search(LoadingDay day, EquivalenceGroups crates, LoadingPlan first, SearchDeadline stop) {
        this.day = day;
        this.crates = crates;
        this.stop = stop;
        this.found = first;
        this.pairs = new WatchPairs(day, stop);
        Fillings[] fillings = new Fillings[day.canners().size()];
        for (int canner = 0; canner < fillings.length; canner++) {
            fillings[canner] = new Fillings(crates, canner);
        }
        this.needs = new PlanConstraints(crates, fillings);
        this.packing = new Packing(crates, fillings, needs, stop);
        for (int canner = 0; canner < fillings.length; canner++) {
            types.add(LoadType.of(crates, canner));
        }
    }

    LoadingPlan best() {
        for (int canner = 0; canner < day.canners().size(); canner++) {
            List<CannerPlan> all = CannerPlan.all(
                    day, canner, types.get(canner), needs, found.figures().makespan(), MOST_PLANS);
            if (all.size() >= MOST_PLANS) {
                return found;
            }
            plans.add(all);
        }
        int end = leastEnd();
        if (stop.now()) {
            return standing(0, end);
        }
        int watched = leastWatched(end);
        if (stop.now()) {
            return standing(1, watched);
        }
        return fewestAndCheapest(end, watched);
    }

    /** What was found, with how far it is proven. */
    private LoadingPlan standing(int proven, int bound) {
        return new LoadingPlan(found.loads(), found.figures(), proven, bound);
    }

    /** The least end there is; when time is up, a bound that it is not below. */
    private int leastEnd() {
        int[] ends = candidates(CannerPlan::end, 0, found.figures().makespan());
        int low = 0;
        int high = ends.length - 1;
        while (low < high && !stop.now()) {
            int middle = (low + high) / 2;
            if (canBe(ends[middle], Integer.MAX_VALUE)) {
                high = middle;
            } else if (!stop.now()) {
                low = middle + 1;
            }
        }
        int end = ends[low];
        if (!stop.now() && found.figures().makespan() > end) {
            canBe(end, Integer.MAX_VALUE);
        }
        return end;
    }

    private int[] candidates(ToIntFunction<CannerPlan> figure, int least, int most) {
        TreeSet<Integer> values = new TreeSet<>();
        plans.forEach(all -> all.forEach(plan -> {
            int value = figure.applyAsInt(plan);
            if (value >= least && value <= most) {
                values.add(value);
            }
        }));
        return values.stream().mapToInt(value -> value).toArray();
    }

    /** Whether all jars can be done by then, no canner being watched longer than that. */
    private boolean canBe(int end, int watched) {
        List<List<CannerPlan>> largest = new ArrayList<>();
        for (int canner = 0; canner < plans.size(); canner++) {
            LoadingCanner pot = day.canners().get(canner);
            List<LoadType> wider = types.get(canner);
            largest.add(plans.get(canner).stream()
                    .filter(plan ->
                            plan.end() <= end && plan.watched() <= watched && !plan.canGrow(pot, wider, end, watched))
                    .sorted(Comparator.comparingInt((CannerPlan plan) -> -plan.watched()))
                    .toList());
        }
        return walk(largest, chosen -> {
            boolean fits = fits(chosen);
            if (fits && watched == Integer.MAX_VALUE) {
                keep(chosen, WatchSchedule.asSoonAsTheyMay(day, chosen));
            }
            return fits;
        });
    }

    private int leastWatched(int end) {
        int[] sums = candidates(CannerPlan::watched, 0, Integer.MAX_VALUE);
        int low = 0;
        int high = sums.length - 1;
        while (low < high && !stop.now()) {
            int middle = (low + high) / 2;
            if (canBe(end, sums[middle])) {
                high = middle;
            } else if (!stop.now()) {
                low = middle + 1;
            }
        }
        // Nobody watches less than the canner that is watched longest, so plans are looked at in that order.
        int[] best = {found.figures().makespan() == end ? found.figures().watched() + 1 : Integer.MAX_VALUE};
        int at = low;
        while (at < sums.length && sums[at] < best[0] && !stop.now()) {
            int most = sums[at];
            boolean enough = walk(inTime(end, most), new Visitor() {
                @Override
                public boolean visit(List<CannerPlan> chosen) {
                    if (chosen.stream().anyMatch(plan -> plan.watched() == most)) {
                        WatchSchedule.least(day, chosen, end, best[0], stop)
                                .filter(starts -> fits(chosen))
                                .ifPresent(starts -> {
                                    best[0] = starts.watched();
                                    keep(chosen, starts.at());
                                });
                    }
                    return best[0] == most;
                }

                @Override
                public boolean isWorthwhile(List<CannerPlan> some) {
                    return pairs.areWatchedBelow(best[0], some, end);
                }
            });
            at = enough ? sums.length : stop.now() ? at : at + 1;
        }
        return stop.now()
                ? sums[Math.min(at, sums.length - 1)]
                : found.figures().watched();
    }

    private List<List<CannerPlan>> inTime(int end, int watched) {
        return plans.stream()
                .map(all -> all.stream()
                        .filter(plan -> plan.end() <= end && plan.watched() <= watched)
                        .toList())
                .toList();
    }

    private LoadingPlan fewestAndCheapest(int end, int watched) {
        List<List<CannerPlan>> good = inTime(end, watched);
        int most = found.figures().loads();
        for (int count = 1; count <= most; count++) {
            List<List<CannerPlan>> soMany = new ArrayList<>();
            List<int[][]> starts = new ArrayList<>();
            collect(good, count, end, watched, soMany, starts);
            if (stop.now()) {
                return standing(2, count);
            }
            if (!soMany.isEmpty()) {
                cheapest(soMany, starts);
                return stop.now() ? standing(3, 0) : standing(4, found.figures().overProcess());
            }
        }
        throw new IllegalStateException("no plan as good as the one that was found");
    }

    private void collect(
            List<List<CannerPlan>> good,
            int count,
            int end,
            int watched,
            List<List<CannerPlan>> soMany,
            List<int[][]> starts) {
        List<List<CannerPlan>> enough = good.stream()
                .map(all -> all.stream()
                        .filter(plan -> plan.loads().size() <= count)
                        .toList())
                .toList();
        walk(enough, new Visitor() {
            @Override
            public boolean visit(List<CannerPlan> chosen) {
                if (loads(chosen) == count && fits(chosen)) {
                    WatchSchedule.least(day, chosen, end, watched + 1, stop).ifPresent(when -> {
                        soMany.add(List.copyOf(chosen));
                        starts.add(when.at());
                    });
                }
                return false;
            }

            @Override
            public boolean isWorthwhile(List<CannerPlan> some) {
                return loads(some) <= count && pairs.areWatchedBelow(watched + 1, some, end);
            }
        });
    }

    private static int loads(List<CannerPlan> chosen) {
        int loads = 0;
        for (CannerPlan plan : chosen) {
            loads += plan.loads().size();
        }
        return loads;
    }

    private void cheapest(List<List<CannerPlan>> soMany, List<int[][]> starts) {
        int best = Integer.MAX_VALUE;
        for (int at = 0; at < soMany.size() && !stop.now(); at++) {
            List<Packing.Empty> loads = empty(soMany.get(at));
            Optional<List<int[]>> jars = packing.cheapest(loads, best);
            if (jars.isPresent()) {
                best = packing.cost(loads, jars.get());
                keep(soMany.get(at), starts.get(at), jars.get());
            }
        }
    }

    private static List<Packing.Empty> empty(List<CannerPlan> chosen) {
        List<Packing.Empty> loads = new ArrayList<>();
        for (CannerPlan plan : chosen) {
            plan.loads().forEach(type -> loads.add(new Packing.Empty(plan.canner(), type)));
        }
        return loads;
    }

    private boolean fits(List<CannerPlan> chosen) {
        Boolean known = packs.get(chosen);
        if (known == null) {
            known = packing.any(empty(chosen)).isPresent();
            if (!stop.now()) {
                packs.put(List.copyOf(chosen), known);
            }
        }
        return known;
    }

    private void keep(List<CannerPlan> chosen, int[][] starts) {
        packing.any(empty(chosen)).ifPresent(jars -> keep(chosen, starts, jars));
    }

    /** Keeps a complete plan if it is better than the one before. */
    private void keep(List<CannerPlan> chosen, int[][] starts, List<int[]> jars) {
        List<int[]> byGroup = crates.backToGroups(jars, day);
        List<CannerLoad> loads = new ArrayList<>();
        int at = 0;
        for (int canner = 0; canner < chosen.size(); canner++) {
            for (int load = 0; load < starts[canner].length; load++) {
                int[] its = byGroup.get(at);
                at++;
                if (Arrays.stream(its).sum() > 0) {
                    loads.add(CannerLoad.at(day, chosen.get(canner).canner(), starts[canner][load], its));
                }
            }
        }
        loads.sort(Comparator.comparingInt(CannerLoad::start).thenComparingInt(CannerLoad::canner));
        PlanCost figures = PlanCost.of(day, loads);
        if (figures.compareTo(found.figures()) < 0) {
            found = new LoadingPlan(loads, figures, 0, 0);
        }
    }

    /** Looks at every choice of one plan a canner that could hold all jars, until told to end. */
    private boolean walk(List<List<CannerPlan>> lists, Visitor visitor) {
        int size = needs.size();
        long[][] most = new long[lists.size() + 1][size];
        for (int canner = lists.size() - 1; canner >= 0; canner--) {
            for (CannerPlan plan : lists.get(canner)) {
                for (int need = 0; need < size; need++) {
                    most[canner][need] = Math.max(most[canner][need], plan.room()[need]);
                }
            }
            for (int need = 0; need < size; need++) {
                most[canner][need] += most[canner + 1][need];
            }
        }
        return walk(lists, most, needs.needed(), new ArrayList<>(), visitor);
    }

    private boolean walk(
            List<List<CannerPlan>> lists, long[][] most, long[] open, List<CannerPlan> chosen, Visitor visitor) {
        int canner = chosen.size();
        if (canner == lists.size()) {
            return visitor.visit(chosen);
        }
        for (CannerPlan plan : lists.get(canner)) {
            if (stop.now()) {
                return false;
            }
            if (isEnough(open, plan.room(), most[canner + 1])) {
                chosen.add(plan);
                boolean ends =
                        visitor.isWorthwhile(chosen) && walk(lists, most, less(open, plan.room()), chosen, visitor);
                chosen.remove(chosen.size() - 1);
                if (ends) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isEnough(long[] open, long[] room, long[] others) {
        for (int need = 0; need < open.length; need++) {
            if (open[need] > room[need] + others[need]) {
                return false;
            }
        }
        return true;
    }

    private static long[] less(long[] open, long[] room) {
        long[] less = new long[open.length];
        for (int need = 0; need < less.length; need++) {
            less[need] = open[need] - room[need];
        }
        return less;
    }
}
