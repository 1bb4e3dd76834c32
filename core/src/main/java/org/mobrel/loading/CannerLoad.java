package org.mobrel.loading;

import java.util.List;

/**
 * One load of one canner; all times in minutes of the day.
 *
 * @param canner its place among the day's canners
 * @param start when the lid is locked and the heat goes on
 * @param process the longest time among its jars
 * @param heatOff until then somebody is on watch
 * @param done when the last jar is out
 * @param layers from the rack upwards
 */
public record CannerLoad(int canner, int start, int process, int heatOff, int done, List<Layer> layers) {

    public CannerLoad {
        layers = List.copyOf(layers);
    }

    /** The jars that stand on one rack. */
    public record Layer(List<Part> parts) {
        public Layer {
            parts = List.copyOf(parts);
        }
    }

    /**
     * So many jars of a group.
     *
     * @param group its place among the day's groups
     */
    public record Part(int group, int count) {}

    static CannerLoad at(LoadingDay day, int canner, int start, int[] jars) {
        LoadingCanner pot = day.canners().get(canner);
        int process = 0;
        for (int group = 0; group < jars.length; group++) {
            if (jars[group] > 0) {
                process = Math.max(process, day.groups().get(group).process().value());
            }
        }
        int heatOff = start + pot.before() + process;
        List<Layer> layers = new Rack(pot.capacity(), day.groups()).layers(jars).orElseThrow();
        return new CannerLoad(canner, start, process, heatOff, heatOff + pot.after(), layers);
    }

    /** How many jars of a group are in it. */
    public int count(int group) {
        return layers.stream()
                .flatMap(layer -> layer.parts().stream())
                .filter(part -> part.group() == group)
                .mapToInt(Part::count)
                .sum();
    }

    /** How many jars of each group are in it. */
    public int[] counts(int groups) {
        int[] counts = new int[groups];
        layers.forEach(layer -> layer.parts().forEach(part -> counts[part.group()] += part.count()));
        return counts;
    }
}
