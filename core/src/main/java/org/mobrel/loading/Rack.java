package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.UpperLayer;

/**
 * What fits into one canner together. A layer holds jars as long as their shares count / capacity add up to at most 1; shares are kept
 * as whole numbers over a common denominator, so nothing is rounded.
 */
final class Rack {

    private final Capacity capacity;
    private final boolean[] tall;
    private final long[] weight;
    private final long full;

    Rack(Capacity capacity, List<JarGroup> groups) {
        this.capacity = capacity;
        int[] perLayer =
                groups.stream().mapToInt(group -> capacity.of(group.kind())).toArray();
        this.full = Arrays.stream(perLayer)
                .filter(count -> count > 0)
                .asLongStream()
                .reduce(1, Rack::leastMultiple);
        this.tall = new boolean[perLayer.length];
        this.weight = new long[perLayer.length];
        for (int group = 0; group < perLayer.length; group++) {
            tall[group] = !groups.get(group).kind().size().isShort();
            // What does not go in at all outweighs every layer.
            weight[group] = perLayer[group] == 0 ? full * Capacity.MOST_LAYERS + 1 : full / perLayer[group];
        }
    }

    private static long leastMultiple(long one, long other) {
        long a = one;
        long b = other;
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return one / a * other;
    }

    /** Share of a layer that a jar of this group takes, in parts of {@link #full()}. */
    long weight(int group) {
        return weight[group];
    }

    long full() {
        return full;
    }

    boolean isTall(int group) {
        return tall[group];
    }

    boolean fits(int[] jars) {
        return arrange(jars, null);
    }

    /** How these jars stand, from the rack upwards; empty if they do not fit. */
    Optional<List<CannerLoad.Layer>> layers(int[] jars) {
        List<int[]> layers = new ArrayList<>();
        if (!arrange(jars, layers)) {
            return Optional.empty();
        }
        return Optional.of(layers.stream()
                .map(Rack::layer)
                .filter(layer -> !layer.parts().isEmpty())
                .toList());
    }

    private static CannerLoad.Layer layer(int[] jars) {
        List<CannerLoad.Part> parts = new ArrayList<>();
        for (int group = 0; group < jars.length; group++) {
            if (jars[group] > 0) {
                parts.add(new CannerLoad.Part(group, jars[group]));
            }
        }
        return new CannerLoad.Layer(parts);
    }

    private boolean arrange(int[] jars, @Nullable List<int[]> into) {
        long all = 0;
        long high = 0;
        for (int group = 0; group < jars.length; group++) {
            all += weight[group] * jars[group];
            high += tall[group] ? weight[group] * jars[group] : 0;
        }
        int layers = high > 0 && capacity.upper() == UpperLayer.SHORT ? 1 : capacity.layers();
        if (high > full || all > full * layers) {
            return false;
        }
        return arrange(jars.clone(), layers, all, into);
    }

    /**
     * Fills layer after layer, the lower ones with short jars alone; the last takes what is left, tall jars among it.
     *
     * @param all the shares still to be placed, known to be no more than the layers hold together
     */
    private boolean arrange(int[] left, int layers, long all, @Nullable List<int[]> into) {
        if (layers == 1) {
            if (all <= full && into != null) {
                into.add(left.clone());
            }
            return all <= full;
        }
        return fill(left, new int[left.length], 0, full, layers, all, into);
    }

    /** Tries how many jars of each group this layer takes, the most first. */
    private boolean fill(
            int[] left, int[] layer, int group, long room, int layers, long all, @Nullable List<int[]> into) {
        if (group == left.length) {
            long rest = all - (full - room);
            if (rest > full * (layers - 1)) {
                return false;
            }
            int before = into == null ? 0 : into.size();
            if (into != null) {
                into.add(layer.clone());
            }
            if (arrange(left, layers - 1, rest, into)) {
                return true;
            }
            if (into != null) {
                into.subList(before, into.size()).clear();
            }
            return false;
        }
        int most = tall[group] ? 0 : (int) Math.min(left[group], room / weight[group]);
        for (int count = most; count >= 0; count--) {
            left[group] -= count;
            layer[group] = count;
            boolean fits = fill(left, layer, group + 1, room - count * weight[group], layers, all, into);
            left[group] += count;
            layer[group] = 0;
            if (fits) {
                return true;
            }
        }
        return false;
    }
}
