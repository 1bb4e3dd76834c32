package org.mobrel.loading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The same loads with jars of one kind shared out evenly: seven, seven and two become six, five and five. When each begins and ends stays
 * as it is, for a load takes no longer for a jar more or less.
 */
public final class EvenLoads {

    private EvenLoads() {}

    /** Loads that hold several groups stay as they are: their jars were put together for a reason. */
    public static LoadingPlan of(LoadingDay day, LoadingPlan plan) {
        List<CannerLoad> loads = new ArrayList<>(plan.loads());
        Map<Alone, List<Integer>> alike = new LinkedHashMap<>();
        for (int index = 0; index < loads.size(); index++) {
            int[] counts = loads.get(index).counts(day.groups().size());
            int[] groups = IntStream.range(0, counts.length)
                    .filter(group -> counts[group] > 0)
                    .toArray();
            if (groups.length == 1) {
                alike.computeIfAbsent(new Alone(loads.get(index).canner(), groups[0]), first -> new ArrayList<>())
                        .add(index);
            }
        }
        alike.forEach((alone, places) -> level(day, loads, alone.group(), places));
        return new LoadingPlan(loads, plan.figures(), plan.proven(), plan.bound());
    }

    /** Loads of one canner with jars of one group alone. */
    private record Alone(int canner, int group) {}

    private static void level(LoadingDay day, List<CannerLoad> loads, int group, List<Integer> places) {
        int jars =
                places.stream().mapToInt(place -> loads.get(place).count(group)).sum();
        for (int nth = 0; nth < places.size(); nth++) {
            int share = jars / places.size() + (nth < jars % places.size() ? 1 : 0);
            CannerLoad load = loads.get(places.get(nth));
            int[] counts = new int[day.groups().size()];
            counts[group] = share;
            loads.set(places.get(nth), CannerLoad.at(day, load.canner(), load.start(), counts));
        }
    }
}
