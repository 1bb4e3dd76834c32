package org.mobrel.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Scaling;
import org.mobrel.scaling.Units;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Scaling lines that are read, and saying every amount in words, without the network. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(value = 1, jvmArgs = "-Xmx1g")
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class ScalingBenchmark {

    @Param({"12", "200"})
    int lines;

    private final Scaling scaling = new Scaling(JarTable.load());
    private final KitchenMeasure measure = new KitchenMeasure(Units.US);
    private final List<JarCount> jars =
            List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 6), new JarCount(JarSize.PINT, Mouth.REGULAR, 2));
    private List<IngredientLine> read = List.of();

    @Setup
    public void prepare() {
        read = new LineReader(Catalogue.load()).readAll(Twelve.lines(lines));
    }

    /** Everything a plan says of its amounts. */
    @Benchmark
    public List<String> scale() {
        Pot pot = Pot.of(read, Pack.HOT, Fraction.HALF);
        Scaled scaled =
                scaling.toJars(pot, Headspace.ONE_INCH, jars, Volume.ZERO).orElseThrow();
        List<String> words = new ArrayList<>();
        for (IngredientLine line : read) {
            words.add(measure.of(line, scaled.factor()).orElse(""));
        }
        words.add(measure.volume(scaled.kettle(), true));
        return words;
    }

    /** As many jars as the recipe makes. */
    @Benchmark
    public Scaled fill() {
        Pot pot = Pot.of(read, Pack.HOT, Fraction.HALF);
        return scaling.toFill(
                        pot,
                        Headspace.ONE_INCH,
                        1,
                        jars.stream().map(JarCount::kind).toList(),
                        Volume.ZERO,
                        all -> true)
                .orElseThrow();
    }
}
