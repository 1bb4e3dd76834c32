package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a plan of loads costs, in the order in which it matters.
 *
 * @param makespan when the last jar is out, in minutes of the day
 * @param watched minutes during which somebody has to stay in the kitchen
 * @param loads how many loads
 * @param overProcess minutes beyond their own, summed over the jars
 */
public record PlanCost(int makespan, int watched, int loads, int overProcess) implements Comparable<PlanCost> {

    private static final Comparator<PlanCost> ORDER = Comparator.comparingInt(PlanCost::makespan)
            .thenComparingInt(PlanCost::watched)
            .thenComparingInt(PlanCost::loads)
            .thenComparingInt(PlanCost::overProcess);

    static PlanCost of(LoadingDay day, List<CannerLoad> loads) {
        int over = 0;
        for (CannerLoad load : loads) {
            for (int group = 0; group < day.groups().size(); group++) {
                over += load.count(group)
                        * (load.process() - day.groups().get(group).process().value());
            }
        }
        int end = loads.stream().mapToInt(CannerLoad::done).max().orElse(0);
        return new PlanCost(end, watched(loads), loads.size(), over);
    }

    /** The union of all times on watch: two canners side by side are watched once. */
    private static int watched(List<CannerLoad> loads) {
        List<CannerLoad> inOrder = new ArrayList<>(loads);
        inOrder.sort(Comparator.comparingInt(CannerLoad::start));
        int sum = 0;
        int until = 0;
        for (CannerLoad load : inOrder) {
            sum += Math.max(0, load.heatOff() - Math.max(until, load.start()));
            until = Math.max(until, load.heatOff());
        }
        return sum;
    }

    @Override
    public int compareTo(PlanCost other) {
        return ORDER.compare(this, other);
    }
}
