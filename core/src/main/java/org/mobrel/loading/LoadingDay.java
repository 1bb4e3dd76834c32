package org.mobrel.loading;

import java.util.List;
import java.util.Optional;

/** What has to be loaded into what. */
public record LoadingDay(List<LoadingCanner> canners, List<JarGroup> groups) {

    /** @throws IllegalArgumentException if there is no canner or no jar */
    public LoadingDay {
        canners = List.copyOf(canners);
        groups = List.copyOf(groups);
        if (canners.isEmpty() || groups.isEmpty()) {
            throw new IllegalArgumentException("a day needs a canner and a jar");
        }
    }

    int jars() {
        return groups.stream().mapToInt(JarGroup::count).sum();
    }

    /** The first group that fits into none of the canners; empty if the day can be. */
    public Optional<JarGroup> fitsNowhere() {
        return groups.stream()
                .filter(group ->
                        canners.stream().allMatch(canner -> canner.capacity().of(group.kind()) == 0))
                .findFirst();
    }
}
