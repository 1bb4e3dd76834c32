package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mobrel.canner.UpperLayer;

/**
 * Tries every way to load a tiny day: every jar in every load, every load at every minute. It knows nothing of the search it is held
 * against, not even what fits.
 */
final class Witness {

    private final LoadingDay day;
    private final int mostLoads;

    /** For loads told apart by canner, minutes and ready time only: the least over-processing of any filling. */
    private final Map<List<Slot>, Integer> ways = new HashMap<>();

    private record Slot(int canner, int process, int ready) {}

    private Witness(LoadingDay day, int mostLoads) {
        this.day = day;
        this.mostLoads = mostLoads;
    }

    static PlanCost best(LoadingDay day, int mostLoads) {
        Witness witness = new Witness(day, mostLoads);
        witness.place(day.groups().stream().mapToInt(JarGroup::count).toArray(), new ArrayList<>(), 0);
        int end =
                witness.ways.keySet().stream().mapToInt(witness::soonest).min().orElseThrow();
        return witness.ways.entrySet().stream()
                .filter(way -> witness.soonest(way.getKey()) <= end)
                .map(way -> new PlanCost(
                        end,
                        witness.leastWatched(
                                way.getKey(), 0, new int[way.getKey().size()], end, Integer.MAX_VALUE),
                        way.getKey().size(),
                        way.getValue()))
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** Fills loads one after the other, canner by canner; the order within a canner is the order of the list. */
    private void place(int[] left, List<Slot> slots, int over) {
        boolean done = true;
        for (int jars : left) {
            done &= jars == 0;
        }
        if (done) {
            ways.merge(List.copyOf(slots), over, Math::min);
            return;
        }
        if (slots.size() < mostLoads) {
            int from = slots.isEmpty() ? 0 : slots.get(slots.size() - 1).canner();
            for (int canner = from; canner < day.canners().size(); canner++) {
                choose(canner, left, new int[left.length], 0, slots, over);
            }
        }
    }

    private void choose(int canner, int[] left, int[] load, int group, List<Slot> slots, int over) {
        if (group < left.length) {
            for (int count = 0; count <= left[group]; count++) {
                load[group] = count;
                choose(canner, left, load, group + 1, slots, over);
            }
            load[group] = 0;
            return;
        }
        int process = 0;
        int ready = 0;
        int jars = 0;
        int own = 0;
        int[] rest = left.clone();
        for (int each = 0; each < load.length; each++) {
            JarGroup its = day.groups().get(each);
            if (load[each] > 0) {
                process = Math.max(process, its.process().value());
                ready = Math.max(ready, its.ready().value());
            }
            jars += load[each];
            own += load[each] * its.process().value();
            rest[each] -= load[each];
        }
        if (jars > 0 && fits(canner, load)) {
            slots.add(new Slot(canner, process, ready));
            place(rest, slots, over + jars * process - own);
            slots.remove(slots.size() - 1);
        }
    }

    private boolean fits(int canner, int[] load) {
        List<Integer> jars = new ArrayList<>();
        boolean anyTall = false;
        for (int group = 0; group < load.length; group++) {
            for (int jar = 0; jar < load[group]; jar++) {
                jars.add(group);
                anyTall |= isTall(group);
            }
        }
        var capacity = day.canners().get(canner).capacity();
        int layers = anyTall && capacity.upper() == UpperLayer.SHORT ? 1 : capacity.layers();
        return stand(canner, jars, 0, new double[layers]);
    }

    /** Tries each jar on each layer; tall ones on the top one alone. */
    private boolean stand(int canner, List<Integer> jars, int next, double[] shares) {
        if (next == jars.size()) {
            return true;
        }
        int group = jars.get(next);
        int perLayer =
                day.canners().get(canner).capacity().of(day.groups().get(group).kind());
        for (int layer = isTall(group) ? shares.length - 1 : 0; layer < shares.length && perLayer > 0; layer++) {
            if (shares[layer] + 1.0 / perLayer <= 1 + 1e-9) {
                shares[layer] += 1.0 / perLayer;
                if (stand(canner, jars, next + 1, shares)) {
                    return true;
                }
                shares[layer] -= 1.0 / perLayer;
            }
        }
        return false;
    }

    private boolean isTall(int group) {
        return !day.groups().get(group).kind().size().isShort();
    }

    private int length(Slot slot) {
        LoadingCanner canner = day.canners().get(slot.canner());
        return canner.heatUp().value() + 10 + canner.comeUp().value() + slot.process();
    }

    private int after(Slot slot) {
        return day.canners().get(slot.canner()).coolDown().value() + 20;
    }

    private int earliest(List<Slot> slots, int at, int[] starts) {
        Slot slot = slots.get(at);
        boolean first = at == 0 || slots.get(at - 1).canner() != slot.canner();
        return first
                ? slot.ready()
                : Math.max(slot.ready(), starts[at - 1] + length(slots.get(at - 1)) + after(slot) + 15);
    }

    private int soonest(List<Slot> slots) {
        int[] starts = new int[slots.size()];
        int end = 0;
        for (int at = 0; at < starts.length; at++) {
            starts[at] = earliest(slots, at, starts);
            end = Math.max(end, starts[at] + length(slots.get(at)) + after(slots.get(at)));
        }
        return end;
    }

    private int leastWatched(List<Slot> slots, int at, int[] starts, int end, int best) {
        if (at == starts.length) {
            boolean[] watched = new boolean[end + 1];
            int minutes = 0;
            for (int load = 0; load < starts.length; load++) {
                for (int minute = starts[load]; minute < starts[load] + length(slots.get(load)); minute++) {
                    minutes += watched[minute] ? 0 : 1;
                    watched[minute] = true;
                }
            }
            return Math.min(best, minutes);
        }
        int least = best;
        int first = earliest(slots, at, starts);
        for (int start = first; start + length(slots.get(at)) + after(slots.get(at)) <= end; start++) {
            starts[at] = start;
            least = leastWatched(slots, at + 1, starts, end, least);
        }
        return least;
    }
}
