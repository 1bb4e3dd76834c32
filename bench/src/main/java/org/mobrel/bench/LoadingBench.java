package org.mobrel.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.mobrel.loading.BaselinePlans;
import org.mobrel.loading.Loader;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;
import org.mobrel.loading.PlanCost;

/** How long the best loads take to find, beside a general solver on the same days in the same run. */
final class LoadingBench {

    private static final long LIMIT_NANOS = 2_000_000_000L;

    /** Enough to see whether it is ten times slower, not so much that nobody waits for it. */
    private static final double GENERAL_SECONDS = 10;

    private static final int DAYS = 60;
    private static final int WARM_UP = 40;

    /** What one kind of day came to, in milliseconds. */
    record Result(
            String what,
            double median,
            double worst,
            int unproven,
            double general,
            double ratio,
            int compared,
            int different,
            String greedy) {}

    private LoadingBench() {}

    static List<Result> run() {
        MadeUpDays usual = new MadeUpDays(1);
        MadeUpDays large = new MadeUpDays(2);
        return List.of(
                measure("up to 30 jars, 3 groups, 2 canners", () -> usual.upTo(2, 3, 30), DAYS),
                measure("60 jars, 4 groups, 3 canners", () -> large.day(3, 4, 60), 15));
    }

    private static Result measure(String what, Supplier<LoadingDay> days, int compare) {
        for (int time = 0; time < WARM_UP; time++) {
            best(days.get());
        }
        List<Double> ours = new ArrayList<>();
        List<Double> general = new ArrayList<>();
        List<Double> ratios = new ArrayList<>();
        int unproven = 0;
        int different = 0;
        int late = 0;
        int latest = 0;
        for (int time = 0; time < DAYS; time++) {
            LoadingDay day = days.get();
            long before = System.nanoTime();
            LoadingPlan plan = best(day);
            double took = (System.nanoTime() - before) / 1e6;
            ours.add(took);
            unproven += plan.isOptimal() ? 0 : 1;
            int greedy = BaselinePlans.plans(day).get(0).figures().makespan();
            late += greedy > plan.figures().makespan() ? 1 : 0;
            latest = Math.max(latest, 100 * greedy / plan.figures().makespan() - 100);
            if (time < compare) {
                long begun = System.nanoTime();
                Optional<PlanCost> same = GeneralSolver.solve(day, greedy, GENERAL_SECONDS);
                double its = (System.nanoTime() - begun) / 1e6;
                general.add(its);
                ratios.add(its / took);
                different += plan.isOptimal() && same.isPresent() && !same.get().equals(plan.figures()) ? 1 : 0;
            }
        }
        return new Result(
                what,
                median(ours),
                Collections.max(ours),
                unproven,
                median(general),
                median(ratios),
                general.size(),
                different,
                "loading as they come ends later on %s of %s days, by up to %s %%".formatted(late, DAYS, latest));
    }

    private static LoadingPlan best(LoadingDay day) {
        long until = System.nanoTime() + LIMIT_NANOS;
        return Loader.best(day, () -> System.nanoTime() > until);
    }

    private static double median(List<Double> values) {
        List<Double> rising = values.stream().sorted().toList();
        return rising.get(rising.size() / 2);
    }

    static void print(List<Result> results) {
        System.out.printf(
                "%n%-40s %10s %10s %10s %12s %10s%n",
                "best loads of a day", "median", "worst", "unproven", "general", "ratio");
        for (Result result : results) {
            System.out.printf(
                    "%-40s %7.2f ms %7.1f ms %10d %9.0f ms %9.0fx%n",
                    result.what(),
                    result.median(),
                    result.worst(),
                    result.unproven(),
                    result.general(),
                    result.ratio());
            System.out.printf(
                    "  %s; of %s days given to both solvers %s differ%n",
                    result.greedy(), result.compared(), result.different());
        }
        System.out.println(
                "  wanted: median under 20 and 50 ms, worst 1 s or the best found with its bound; ratio at least 10");
    }
}
