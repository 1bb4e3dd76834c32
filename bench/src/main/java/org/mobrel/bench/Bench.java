package org.mobrel.bench;

import java.net.URI;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;
import org.openjdk.jmh.util.Statistics;

/** Runs everything and prints one table: {@code ./mobrel bench}. */
public final class Bench {

    private record Line(String what, double median, double p99, String unit, String limit) {}

    private static final Map<String, String> WHAT = Map.of(
            "read", "read %s lines",
            "rule", "rule on %s lines",
            "scale", "scale %s lines and say them",
            "fill", "fill jars from %s lines");
    private static final Map<String, Integer> LIMIT = Map.of("read", 500, "rule", 50, "scale", 100, "fill", 100);

    private Bench() {}

    /** @param arguments the address of a running server, without it only the core is measured; or 'loading' for that alone */
    public static void main(String[] arguments) throws RunnerException {
        if (arguments.length > 0 && arguments[0].equals("loading")) {
            LoadingBench.print(LoadingBench.run());
            return;
        }
        List<Line> lines = new ArrayList<>();
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(RulingBenchmark.class.getSimpleName())
                        .include(ScalingBenchmark.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        results.forEach(result -> lines.add(line(result)));
        if (arguments.length > 0) {
            double[] millis = new HttpLoad(URI.create(arguments[0])).run();
            lines.add(new Line(
                    "POST /api/ruling, 12 lines, 200 a second",
                    millis[millis.length / 2],
                    millis[millis.length * 99 / 100],
                    "ms",
                    "p99 under 10"));
        }
        System.out.printf("%n%-44s %12s %12s      %s%n", "", "median", "p99", "wanted");
        lines.forEach(line -> System.out.printf(
                "%-44s %9.2f %s %9.2f %s   %s%n",
                line.what(), line.median(), line.unit(), line.p99(), line.unit(), line.limit()));
        LoadingBench.print(LoadingBench.run());
    }

    private static Line line(RunResult result) {
        String benchmark = result.getParams().getBenchmark();
        String name = benchmark.substring(benchmark.lastIndexOf('.') + 1);
        String size = result.getParams().getParam("lines");
        Statistics times = result.getPrimaryResult().getStatistics();
        return new Line(
                WHAT.get(name).formatted(size),
                times.getPercentile(50),
                times.getPercentile(99),
                "us",
                size.equals("12") ? "median under " + LIMIT.get(name) : "");
    }
}
