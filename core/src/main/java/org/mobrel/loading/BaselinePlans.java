package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The plans a cook would make without looking far: they are what the best plan is compared with, and where the search for it begins.
 */
public final class BaselinePlans {

    /** How such a plan is made. */
    public enum Way {
        /** Whenever a canner is free, the jars that need longest go in, and others beside them as far as they fit. */
        AS_THEY_COME("as-they-come"),
        /** No load holds two dishes or two sizes. */
        EACH_BY_ITSELF("each-by-itself"),
        /** Everything goes through one canner. */
        ONE_CANNER("one-canner");

        private final String code;

        Way(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /** One of them; it makes no claim to be the best. */
    public record Plan(Way way, List<CannerLoad> loads, PlanCost figures) {
        public Plan {
            loads = List.copyOf(loads);
        }
    }

    private BaselinePlans() {}

    /** Those that can be; the last only where there is a choice of canners. */
    public static List<Plan> plans(LoadingDay day) {
        List<Plan> plans = new ArrayList<>();
        int all = (1 << day.canners().size()) - 1;
        make(day, Way.AS_THEY_COME, all).ifPresent(plans::add);
        if (day.groups().size() > 1) {
            make(day, Way.EACH_BY_ITSELF, all).ifPresent(plans::add);
        }
        if (day.canners().size() > 1) {
            oneCanner(day).ifPresent(plans::add);
        }
        return plans;
    }

    private static Optional<Plan> oneCanner(LoadingDay day) {
        List<Plan> each = new ArrayList<>();
        for (int canner = 0; canner < day.canners().size(); canner++) {
            make(day, Way.ONE_CANNER, 1 << canner).ifPresent(each::add);
        }
        return each.stream().min(Comparator.comparing(Plan::figures));
    }

    static LoadingPlan best(LoadingDay day) {
        Plan best = plans(day).stream().min(Comparator.comparing(Plan::figures)).orElseThrow();
        return new LoadingPlan(best.loads(), best.figures(), 0, 0);
    }

    private static Optional<Plan> make(LoadingDay day, Way way, int canners) {
        int[] left = day.groups().stream().mapToInt(JarGroup::count).toArray();
        int[] free = new int[day.canners().size()];
        List<CannerLoad> loads = new ArrayList<>();
        while (Arrays.stream(left).sum() > 0) {
            int canner = next(day, canners, free, left);
            if (canner < 0) {
                return Optional.empty();
            }
            int start = Math.max(free[canner], firstReady(day, canner, left));
            int[] jars = fill(day, way, canner, start, left);
            CannerLoad load = CannerLoad.at(day, canner, start, jars);
            for (int group = 0; group < jars.length; group++) {
                left[group] -= jars[group];
            }
            free[canner] = load.done() + LoadingCanner.RELOAD;
            loads.add(load);
        }
        loads.sort(Comparator.comparingInt(CannerLoad::start).thenComparingInt(CannerLoad::canner));
        return Optional.of(new Plan(way, loads, PlanCost.of(day, loads)));
    }

    /** The canner that can be started first; of several the one that takes most. */
    private static int next(LoadingDay day, int canners, int[] free, int[] left) {
        int best = -1;
        int soonest = Integer.MAX_VALUE;
        for (int canner = 0; canner < free.length; canner++) {
            int ready = firstReady(day, canner, left);
            if ((canners & 1 << canner) != 0 && ready != Integer.MAX_VALUE) {
                int start = Math.max(free[canner], ready);
                boolean larger = best >= 0
                        && start == soonest
                        && day.canners().get(canner).capacity().quarts()
                                > day.canners().get(best).capacity().quarts();
                if (start < soonest || larger) {
                    best = canner;
                    soonest = start;
                }
            }
        }
        return best;
    }

    private static int firstReady(LoadingDay day, int canner, int[] left) {
        int first = Integer.MAX_VALUE;
        for (int group = 0; group < left.length; group++) {
            JarGroup jars = day.groups().get(group);
            if (left[group] > 0 && day.canners().get(canner).capacity().of(jars.kind()) > 0) {
                first = Math.min(first, jars.ready().value());
            }
        }
        return first;
    }

    private static int[] fill(LoadingDay day, Way way, int canner, int start, int[] left) {
        Rack rack = new Rack(day.canners().get(canner).capacity(), day.groups());
        List<Integer> order = new ArrayList<>();
        for (int group = 0; group < left.length; group++) {
            if (left[group] > 0 && day.groups().get(group).ready().value() <= start) {
                order.add(group);
            }
        }
        order.sort(Comparator.comparingInt(
                        (Integer group) -> -day.groups().get(group).process().value())
                .thenComparing(group -> day.groups().get(group).kind().size().isShort()));
        int[] jars = new int[left.length];
        for (int group : order) {
            while (jars[group] < left[group]) {
                jars[group]++;
                if (!rack.fits(jars)) {
                    jars[group]--;
                    break;
                }
            }
            if (way == Way.EACH_BY_ITSELF && jars[group] > 0) {
                break;
            }
        }
        return jars;
    }
}
