package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import net.jqwik.api.constraints.IntRange;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** What holds for every batch: a time is never below what any published table asks for. */
class RulingProperties {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final LineReader READER = new LineReader(CATALOGUE);
    private static final Rulings RULINGS = new Rulings(CATALOGUE, PressureTable.load(), JarTable.load());

    @Provide
    Arbitrary<IngredientLine> lines() {
        List<String> phrases = new ArrayList<>();
        CATALOGUE.foods().forEach(food -> phrases.addAll(food.phrases()));
        return Combinators.combine(
                        Arbitraries.of("1 cup", "2 lb", "3 cups", "500 g", "1 tsp"),
                        Arbitraries.of(phrases),
                        Arbitraries.of(
                                "",
                                "",
                                "",
                                ", whole",
                                ", in 1/2-inch cubes",
                                ", in 2-inch cubes",
                                ", soaked",
                                ", unsoaked",
                                ", unpeeled"))
                .as((amount, phrase, how) -> READER.read(amount + " " + phrase + how));
    }

    @Provide
    Arbitrary<Batch> batches() {
        Arbitrary<List<JarCount>> jars = Arbitraries.of(
                        JarSize.HALF_PINT, JarSize.TWELVE_OUNCE, JarSize.PINT, JarSize.PINT_AND_A_HALF, JarSize.QUART)
                .map(size -> new JarCount(size, Mouth.WIDE, 2))
                .list()
                .ofMinSize(1)
                .ofMaxSize(3);
        Arbitrary<Gauge> gauges = Combinators.combine(
                        Arbitraries.of(GaugeKind.values()), Arbitraries.of("-2", "-0.5", "0", "0.5", "1"))
                .as((kind, error) -> new Gauge(kind, GaugeError.ofPsi(new BigDecimal(error))));
        return Combinators.combine(
                        lines().list().ofMinSize(1).ofMaxSize(6),
                        Arbitraries.frequencyOf(
                                Tuple.of(3, Arbitraries.just(Pack.HOT)), Tuple.of(1, Arbitraries.just(Pack.RAW))),
                        Arbitraries.of(0.3, 0.5, 0.500001, 0.75, 0.76, 1.0).map(Fraction::of),
                        jars,
                        Arbitraries.integers().between(-200, 8_000).map(Altitude::ofFeet),
                        gauges)
                .as((lines, pack, share, load, altitude, gauge) ->
                        new Batch(lines, pack, share, load, altitude, gauge, School.LONGEST_INGREDIENT));
    }

    @Property(tries = 3_000)
    void minutes_are_never_below_any_lines_tested_time_for_any_jar(@ForAll("batches") Batch batch) {
        Ruling ruling = RULINGS.rule(batch);
        Assume.that(ruling.timing().isPresent());
        Timing timing = ruling.timing().orElseThrow();
        for (LineRuling line : ruling.lines()) {
            for (JarSize size : batch.sizes()) {
                line.minutesFor(size).ifPresent(time -> assertThat(timing.minutes())
                        .as(line.line().text())
                        .isGreaterThanOrEqualTo(time));
            }
        }
        assertThat(witness(batch))
                .allSatisfy(least -> assertThat(timing.minutes()).isGreaterThanOrEqualTo(least));
    }

    /** Straight from the rows, by a second path: what each land food asks for in the pack it was tested in. */
    private static List<Minutes> witness(Batch batch) {
        List<Minutes> least = new ArrayList<>();
        for (IngredientLine line : batch.lines()) {
            for (Food food : line.foods()) {
                if (food.kind().isSolid()
                        && food.kind() != FoodKind.SEAFOOD
                        && food.processRow().isPresent()) {
                    for (JarSize size : batch.sizes()) {
                        CATALOGUE
                                .row(food.processRow().get(), Pack.HOT)
                                .flatMap(row -> row.minutesFor(size))
                                .ifPresent(least::add);
                    }
                }
            }
        }
        return least;
    }

    @Property(tries = 2_000)
    void adding_a_line_to_a_mixture_never_lowers_anything(
            @ForAll("batches") Batch batch, @ForAll("lines") IngredientLine more) {
        long solids = batch.lines().stream()
                .flatMap(line -> line.foods().stream())
                .filter(food -> food.kind().isSolid())
                .distinct()
                .count();
        Assume.that(solids > 1);
        List<IngredientLine> longer = new ArrayList<>(batch.lines());
        longer.add(more);
        neverLower(
                RULINGS.rule(batch),
                RULINGS.rule(new Batch(
                        longer,
                        batch.pack(),
                        batch.solidsShare(),
                        batch.jars(),
                        batch.altitude(),
                        batch.gauge(),
                        batch.school())));
    }

    @Property(tries = 2_000)
    void a_larger_jar_never_lowers_anything(@ForAll("batches") Batch batch) {
        // Solid fish in quarts has a table of its own with a special heat-up.
        List<JarCount> larger = new ArrayList<>(batch.jars());
        larger.add(new JarCount(JarSize.QUART, Mouth.WIDE, 1));
        neverLower(RULINGS.rule(batch), RULINGS.rule(batch.with(larger)));
    }

    @Property(tries = 2_000)
    void more_altitude_never_lowers_anything(@ForAll("batches") Batch batch, @ForAll @IntRange(max = 9_000) int feet) {
        Altitude higher = Altitude.ofFeet(Math.max(feet, batch.altitude().feet()));
        neverLower(
                RULINGS.rule(batch),
                RULINGS.rule(new Batch(
                        batch.lines(),
                        batch.pack(),
                        batch.solidsShare(),
                        batch.jars(),
                        higher,
                        batch.gauge(),
                        batch.school())));
    }

    private static void neverLower(Ruling before, Ruling after) {
        if (before.timing().isEmpty()) {
            return;
        }
        Optional<Timing> now = after.timing();
        if (now.isPresent()) {
            Timing then = before.timing().get();
            assertThat(now.get().minutes()).isGreaterThanOrEqualTo(then.minutes());
            assertThat(now.get().truePressure()).isGreaterThanOrEqualTo(then.truePressure());
            assertThat(now.get().reading()).isGreaterThanOrEqualTo(then.reading());
        }
    }

    @Property(tries = 2_000)
    void a_stop_never_comes_with_minutes_and_always_with_a_way_out(@ForAll("batches") Batch batch) {
        Ruling ruling = RULINGS.rule(batch);
        boolean stopped = ruling.findings().stream().anyMatch(finding -> finding.isStop());
        assertThat(ruling.timing().isEmpty()).isEqualTo(stopped);
        assertThat(ruling.verdict() == Verdict.STOP).isEqualTo(stopped);
        assertThat(ruling.findings())
                .filteredOn(finding -> finding.isStop())
                .allSatisfy(stop -> assertThat(stop.remedies()).isNotEmpty());
    }

    @Property(tries = 500)
    void nothing_on_the_stop_list_ever_gets_minutes(
            @ForAll("batches") Batch batch, @ForAll("stoppedWords") String word) {
        List<IngredientLine> with = new ArrayList<>(batch.lines());
        with.add(READER.read("1 cup " + word));
        Ruling ruling = RULINGS.rule(new Batch(
                with,
                batch.pack(),
                batch.solidsShare(),
                batch.jars(),
                batch.altitude(),
                batch.gauge(),
                batch.school()));
        assertThat(ruling.timing()).as(word).isEmpty();
    }

    @Provide
    Arbitrary<String> stoppedWords() {
        return Arbitraries.of(CATALOGUE.stopped().stream()
                .map(StoppedIngredient::words)
                .flatMap(List::stream)
                .toList());
    }
}
