package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.mobrel.canner.Capacity;
import org.mobrel.jars.JarCount;

/**
 * Divides jars into loads of one canner, in the order a cook would: tall jars first, short ones into the room they leave.
 *
 * <p>A layer fits if the shares count / capacity add up to at most 1. A second layer is for short jars alone.
 */
public final class Loads {

    private Loads() {}

    /** The loads, first to last; every jar is in exactly one. */
    public static List<List<JarCount>> inOrder(Capacity capacity, List<JarCount> jars) {
        List<JarCount> waiting = new ArrayList<>(jars);
        waiting.sort(Comparator.comparing(JarCount::size).reversed());
        List<List<JarCount>> loads = new ArrayList<>();
        while (!waiting.isEmpty()) {
            loads.add(takeOne(capacity, waiting));
        }
        return loads;
    }

    private static List<JarCount> takeOne(Capacity capacity, List<JarCount> waiting) {
        List<JarCount> load = new ArrayList<>();
        for (JarCount group : List.copyOf(waiting)) {
            int taken = mostThatFit(capacity, load, group);
            if (taken > 0) {
                load.add(new JarCount(group.size(), group.mouth(), taken));
                int at = waiting.indexOf(group);
                if (taken == group.count()) {
                    waiting.remove(at);
                } else {
                    waiting.set(at, new JarCount(group.size(), group.mouth(), group.count() - taken));
                }
            }
        }
        return load;
    }

    private static int mostThatFit(Capacity capacity, List<JarCount> load, JarCount group) {
        int taken = 0;
        while (taken < group.count()
                && fits(capacity, and(load, new JarCount(group.size(), group.mouth(), taken + 1)))) {
            taken++;
        }
        return taken;
    }

    private static List<JarCount> and(List<JarCount> load, JarCount more) {
        List<JarCount> all = new ArrayList<>(load);
        all.add(more);
        return all;
    }

    /** Whether these jars go into the canner together. */
    public static boolean fits(Capacity capacity, List<JarCount> load) {
        int tall = count(load, false);
        int small = count(load, true);
        if (tall == 0) {
            return small <= capacity.pints() * capacity.shortLayers();
        }
        // tall / quarts + small / pints <= 1, without fractions
        return tall * capacity.pints() + small * capacity.quarts() <= capacity.quarts() * capacity.pints();
    }

    private static int count(List<JarCount> load, boolean isShort) {
        return load.stream()
                .filter(group -> group.size().isShort() == isShort)
                .mapToInt(JarCount::count)
                .sum();
    }
}
