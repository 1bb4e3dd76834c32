package org.mobrel.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;
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

/** Reading and ruling, without the network. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(value = 1, jvmArgs = "-Xmx1g")
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class RulingBenchmark {

    @Param({"12", "200"})
    int lines;

    private List<String> texts = List.of();
    private LineReader reader = new LineReader(Catalogue.load());
    private Rulings rulings = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());
    private Batch batch = batch(List.of());

    @Setup
    public void prepare() {
        texts = Twelve.lines(lines);
        batch = batch(reader.readAll(texts));
    }

    private static Batch batch(List<IngredientLine> lines) {
        return new Batch(
                lines,
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 7)),
                Altitude.ofFeet(3_150),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT);
    }

    @Benchmark
    public List<IngredientLine> read() {
        return reader.readAll(texts);
    }

    @Benchmark
    public Ruling rule() {
        return rulings.rule(batch);
    }
}
