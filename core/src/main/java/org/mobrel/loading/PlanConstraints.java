package org.mobrel.loading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Sums that every complete plan has to meet: the jars of some crates, weighed by the room they take in one canner, against the most that
 * the loads could take of them. A plan that misses one cannot hold all jars; most plans are told apart by this alone, in nanoseconds.
 */
final class PlanConstraints {

    private static final int MOST_SUMS = 96;

    private record Sum(int crates, long[] weight) {}

    private final EquivalenceGroups crates;
    private final Fillings[] fillings;
    private final List<Sum> sums = new ArrayList<>();
    private final long[] needed;
    private final Map<Long, long[]> room = new HashMap<>();

    PlanConstraints(EquivalenceGroups crates, Fillings[] fillings) {
        this.crates = crates;
        this.fillings = fillings;
        for (int canner = 0; canner < fillings.length; canner++) {
            long[] weight = new long[crates.shapes];
            for (int shape = 0; shape < crates.shapes; shape++) {
                weight[shape] = crates.rack(canner).weight(shape);
            }
            for (int some : worthSumming()) {
                if (sums.size() < MOST_SUMS) {
                    sums.add(new Sum(some, weight));
                }
            }
        }
        this.needed = new long[sums.size()];
        for (int sum = 0; sum < needed.length; sum++) {
            for (int crate = 0; crate < crates.size; crate++) {
                if ((sums.get(sum).crates() & 1 << crate) != 0) {
                    needed[sum] += sums.get(sum).weight()[crates.shapeOf[crate]] * crates.count[crate];
                }
            }
        }
    }

    /** All crates, those that need at least so many minutes or are ready no sooner; each also by tall and short alone. */
    private Set<Integer> worthSumming() {
        Set<Integer> worth = new LinkedHashSet<>();
        int tall = 0;
        for (int crate = 0; crate < crates.size; crate++) {
            tall |= crates.rack(0).isTall(crates.shapeOf[crate]) ? 1 << crate : 0;
        }
        for (int one = 0; one < crates.size; one++) {
            for (int other = 0; other < crates.size; other++) {
                int some = 0;
                for (int crate = 0; crate < crates.size; crate++) {
                    boolean counts =
                            crates.process[crate] >= crates.process[one] && crates.ready[crate] >= crates.ready[other];
                    some |= counts ? 1 << crate : 0;
                }
                worth.add(some);
                worth.add(some & tall);
                worth.add(some & ~tall);
            }
        }
        worth.remove(0);
        return worth;
    }

    int size() {
        return needed.length;
    }

    long[] needed() {
        return needed;
    }

    /** Whether some of what is left finds no room in loads that take so much of each sum. */
    boolean exceed(int[] left, long[] roomThere) {
        for (int sum = 0; sum < roomThere.length; sum++) {
            Sum one = sums.get(sum);
            long need = 0;
            for (int crate = 0; crate < left.length; crate++) {
                need += (one.crates() & 1 << crate) == 0 ? 0 : one.weight()[crates.shapeOf[crate]] * left[crate];
            }
            if (need > roomThere[sum]) {
                return true;
            }
        }
        return false;
    }

    /** The most that one load of this type takes of each sum. */
    long[] room(int canner, LoadType type) {
        return room.computeIfAbsent((long) canner << 32 | type.admits(), key -> {
            long[] most = new long[sums.size()];
            for (int sum = 0; sum < most.length; sum++) {
                Sum one = sums.get(sum);
                most[sum] = fillings[canner].most(type.admits() & one.crates(), crates.count, one.weight());
            }
            return most;
        });
    }
}
