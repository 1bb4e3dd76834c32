package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Puts all jars into given loads. Loads are filled in rising order of their minutes; a jar that could move into an earlier one would
 * only gain by it, so full loads are all that has to be tried.
 */
final class Packing {

    private static final int NONE = Integer.MAX_VALUE;

    /** A load that waits for jars. */
    record Empty(int canner, LoadType type) {}

    private final EquivalenceGroups crates;
    private final Fillings[] fillings;
    private final PlanConstraints needs;
    private final SearchDeadline stop;

    Packing(EquivalenceGroups crates, Fillings[] fillings, PlanConstraints needs, SearchDeadline stop) {
        this.needs = needs;
        this.crates = crates;
        this.fillings = fillings;
        this.stop = stop;
    }

    /** The jars of each load, in the order of the loads, with the least minutes beyond their own; empty if they do not fit. */
    Optional<List<int[]>> cheapest(List<Empty> loads, int below) {
        return new Try(loads).solve(below, false);
    }

    /** As {@link #cheapest}, but the first way that is found. */
    Optional<List<int[]>> any(List<Empty> loads) {
        return new Try(loads).solve(NONE, true);
    }

    /** What jars in these loads take beyond their own minutes. */
    int cost(List<Empty> loads, List<int[]> jars) {
        int sum = 0;
        for (int load = 0; load < loads.size(); load++) {
            for (int crate = 0; crate < crates.size; crate++) {
                sum += jars.get(load)[crate] * (loads.get(load).type().process() - crates.process[crate]);
            }
        }
        return sum;
    }

    private final class Try {
        private final List<Empty> loads;
        private final int[] order;
        private final int[] most;

        /** What the loads from each one on take together. */
        private final long[][] room;

        private final List<Map<Long, Integer>> atLeast = new ArrayList<>();
        private final List<int[]> chosen = new ArrayList<>();
        private boolean anyWillDo;

        Try(List<Empty> loads) {
            this.loads = loads;
            List<Integer> rising = new ArrayList<>();
            for (int load = 0; load < loads.size(); load++) {
                rising.add(load);
                atLeast.add(new HashMap<>());
                chosen.add(new int[crates.size]);
            }
            rising.sort(Comparator.<Integer>comparingInt(
                            load -> loads.get(load).type().process())
                    .thenComparingInt(load -> loads.get(load).type().ready())
                    .thenComparingInt(load -> loads.get(load).canner()));
            this.order = rising.stream().mapToInt(load -> load).toArray();
            long[] one = new long[crates.shapes];
            Arrays.fill(one, 1);
            this.most = rising.stream()
                    .mapToInt(load -> (int) fillings[loads.get(load).canner()].most(
                            loads.get(load).type().admits(), crates.count, one))
                    .toArray();
            this.room = new long[loads.size() + 1][needs.size()];
            for (int at = loads.size() - 1; at >= 0; at--) {
                Empty load = loads.get(order[at]);
                long[] its = needs.room(load.canner(), load.type());
                for (int need = 0; need < its.length; need++) {
                    room[at][need] = room[at + 1][need] + its[need];
                }
            }
        }

        Optional<List<int[]>> solve(int below, boolean first) {
            this.anyWillDo = first;
            int budget = below;
            Optional<List<int[]>> best = Optional.empty();
            while (true) {
                int cost = place(0, crates.count, jars(crates.count), budget);
                if (cost >= budget) {
                    return best;
                }
                best = Optional.of(chosen.stream().map(int[]::clone).toList());
                if (first || cost == 0) {
                    return best;
                }
                // Every state knows by now what it costs at least, so the next round is short.
                budget = cost;
            }
        }

        private int jars(int[] left) {
            int sum = 0;
            for (int jars : left) {
                sum += jars;
            }
            return sum;
        }

        /** The cost of placing what is left into the loads from this one on, if that is below the budget. */
        private int place(int at, int[] left, int jars, int budget) {
            if (jars == 0) {
                for (int rest = at; rest < order.length; rest++) {
                    chosen.set(order[rest], new int[crates.size]);
                }
                return 0;
            }
            if (at == order.length || bound(at, left, jars) >= budget || stop.now()) {
                return NONE;
            }
            long key = crates.key(left);
            Integer known = atLeast.get(at).get(key);
            if (known != null && known >= budget || needs.exceed(left, room[at])) {
                return NONE;
            }
            int found = tryAll(at, left, jars, budget);
            if (found >= budget && !stop.now()) {
                atLeast.get(at).put(key, budget);
            }
            return found;
        }

        private int tryAll(int at, int[] left, int jars, int budget) {
            Empty load = loads.get(order[at]);
            for (int[] filling : fillings[load.canner()].of(load.type().admits(), left)) {
                int[] rest = left.clone();
                int cost = 0;
                int placed = 0;
                for (int crate = 0; crate < crates.size; crate++) {
                    rest[crate] -= filling[crate];
                    placed += filling[crate];
                    cost += anyWillDo ? 0 : filling[crate] * (load.type().process() - crates.process[crate]);
                }
                int more = cost >= budget ? NONE : place(at + 1, rest, jars - placed, budget - cost);
                if (more != NONE && cost + more < budget) {
                    chosen.set(order[at], filling);
                    return cost + more;
                }
            }
            return NONE;
        }

        /** No way of placing the rest costs less: each jar goes into the shortest load that still has a place for any jar. */
        private int bound(int at, int[] left, int jars) {
            int waiting = jars;
            int minutes = 0;
            for (int load = at; load < order.length && waiting > 0; load++) {
                int taken = Math.min(waiting, most[load]);
                minutes += taken * loads.get(order[load]).type().process();
                waiting -= taken;
            }
            if (waiting > 0) {
                return NONE;
            }
            if (anyWillDo) {
                return 0;
            }
            int own = 0;
            for (int crate = 0; crate < crates.size; crate++) {
                own += left[crate] * crates.process[crate];
            }
            return Math.max(0, minutes - own);
        }
    }
}
