package org.mobrel.loading;

import java.util.ArrayList;
import java.util.List;
import org.mobrel.canner.Capacity;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Minutes;

/** Finds the best loads for a day, and says how far that is proven. */
public final class Loader {

    private Loader() {}

    /**
     * The loads that end soonest; of those the ones with the least time on watch, then the fewest, then those with the least
     * over-processing. When time is up, the best found so far.
     *
     * @throws IllegalArgumentException if a jar fits no canner; see {@link LoadingDay#fitsNowhere()}
     */
    public static LoadingPlan best(LoadingDay day, SearchDeadline stop) {
        day.fitsNowhere().ifPresent(group -> {
            throw new IllegalArgumentException("group %s fits no canner".formatted(group.id()));
        });
        LoadingPlan first = BaselinePlans.best(day);
        EquivalenceGroups crates = new EquivalenceGroups(day);
        return crates.isSmall() ? new Search(day, crates, first, stop).best() : first;
    }

    /** Whether these jars go into a canner together. */
    public static boolean fits(Capacity capacity, List<JarCount> jars) {
        List<JarGroup> groups = jars.stream()
                .map(jar -> new JarGroup("", "", jar.kind(), jar.count(), new Minutes(1), new Minutes(0)))
                .toList();
        return new Rack(capacity, groups)
                .fits(jars.stream().mapToInt(JarCount::count).toArray());
    }

    /** How many more jars of a group's kind would go into a load as it stands. */
    public static int roomFor(LoadingDay day, CannerLoad load, JarGroup more) {
        List<JarGroup> groups = new ArrayList<>(day.groups());
        groups.add(more);
        Rack rack = new Rack(day.canners().get(load.canner()).capacity(), groups);
        int[] jars = load.counts(groups.size());
        int room = 0;
        do {
            room++;
            jars[groups.size() - 1] = room;
        } while (rack.fits(jars));
        return room - 1;
    }
}
