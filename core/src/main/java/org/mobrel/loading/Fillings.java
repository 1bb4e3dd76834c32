package org.mobrel.loading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The ways to fill one load of a canner that leave no place a waiting jar could take. A filling with room left is never better: the jar
 * would come out of a load that runs at least as long.
 */
final class Fillings {

    private final EquivalenceGroups crates;
    private final int canner;
    private final Rack rack;
    private final Map<Long, List<int[]>> totals = new HashMap<>();

    Fillings(EquivalenceGroups crates, int canner) {
        this.crates = crates;
        this.canner = canner;
        this.rack = crates.rack(canner);
    }

    /** Full loads of what is left and admitted, crate by crate. */
    List<int[]> of(int admits, int[] left) {
        List<int[]> fillings = new ArrayList<>();
        for (int[] total : full(waiting(admits, left))) {
            share(admits, left, total, 0, 0, new int[crates.size], fillings);
        }
        return fillings;
    }

    /** The most that a load can take of some crates, each jar counted with a weight of its shape. */
    long most(int admits, int[] left, long[] weight) {
        long most = 0;
        for (int[] total : full(waiting(admits, left))) {
            long sum = 0;
            for (int shape = 0; shape < total.length; shape++) {
                sum += weight[shape] * total[shape];
            }
            most = Math.max(most, sum);
        }
        return most;
    }

    private int[] waiting(int admits, int[] left) {
        int[] waiting = new int[crates.shapes];
        for (int crate = 0; crate < crates.size; crate++) {
            if ((admits & 1 << crate) != 0 && crates.fitsIn(crate, canner)) {
                waiting[crates.shapeOf[crate]] += left[crate];
            }
        }
        return waiting;
    }

    /** Full loads shape by shape. */
    private List<int[]> full(int[] waiting) {
        long key = 0;
        for (int shape = 0; shape < waiting.length; shape++) {
            // What does not go in at once need not be told apart.
            waiting[shape] = Math.min(waiting[shape], 3 * 60);
            key = key << 8 | waiting[shape];
        }
        if (waiting.length > 7) {
            return enumerate(waiting);
        }
        List<int[]> known = totals.get(key);
        if (known == null) {
            known = enumerate(waiting);
            totals.put(key, known);
        }
        return known;
    }

    private List<int[]> enumerate(int[] waiting) {
        List<int[]> found = new ArrayList<>();
        enumerate(waiting, new int[waiting.length], 0, found);
        return found;
    }

    private void enumerate(int[] waiting, int[] total, int shape, List<int[]> found) {
        if (shape == waiting.length) {
            if (isFull(waiting, total)) {
                found.add(total.clone());
            }
            return;
        }
        int most = 0;
        while (most < waiting[shape] && fitsWith(total, shape, most + 1)) {
            most++;
        }
        // The last shape takes all it can; the others try every number.
        int least = shape == waiting.length - 1 ? most : 0;
        for (int count = most; count >= least; count--) {
            total[shape] = count;
            enumerate(waiting, total, shape + 1, found);
        }
        total[shape] = 0;
    }

    private boolean fitsWith(int[] total, int shape, int count) {
        int before = total[shape];
        total[shape] = count;
        boolean fits = rack.fits(total);
        total[shape] = before;
        return fits;
    }

    private boolean isFull(int[] waiting, int[] total) {
        for (int shape = 0; shape < total.length; shape++) {
            if (total[shape] < waiting[shape] && fitsWith(total, shape, total[shape] + 1)) {
                return false;
            }
        }
        return true;
    }

    /**
     * Shares the places of each shape out among its crates. As long as a more demanding crate waits, one that more loads may take gets
     * no place: swapping the two later would be no worse.
     */
    private void share(int admits, int[] left, int[] total, int shape, int place, int[] filling, List<int[]> fillings) {
        if (shape == total.length) {
            fillings.add(filling.clone());
            return;
        }
        int[] mine = crates.ofShape[shape];
        int open = total[shape];
        for (int before = 0; before < place; before++) {
            open -= filling[mine[before]];
        }
        if (place == mine.length) {
            if (open == 0) {
                share(admits, left, total, shape + 1, 0, filling, fillings);
            }
            return;
        }
        int crate = mine[place];
        boolean may = (admits & 1 << crate) != 0 && crates.fitsIn(crate, canner);
        int most = may && !isWaitedFor(mine, place, admits, left, filling) ? Math.min(left[crate], open) : 0;
        for (int count = most; count >= 0; count--) {
            filling[crate] = count;
            share(admits, left, total, shape, place + 1, filling, fillings);
        }
        filling[crate] = 0;
    }

    private boolean isWaitedFor(int[] mine, int place, int admits, int[] left, int[] filling) {
        for (int before = 0; before < place; before++) {
            int other = mine[before];
            if ((admits & 1 << other) != 0
                    && filling[other] < left[other]
                    && crates.isAsDemanding(other, mine[place])) {
                return true;
            }
        }
        return false;
    }
}
