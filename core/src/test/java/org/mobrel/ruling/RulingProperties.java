package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
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
                        new Batch(lines, pack, share, load, altitude, gauge, TimingPolicy.LONGEST_INGREDIENT));
    }

    @Property
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

    @Property
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

    @Property
    void a_larger_jar_never_lowers_anything(@ForAll("batches") Batch batch) {
        // Solid fish in quarts has a table of its own with a special heat-up.
        List<JarCount> larger = new ArrayList<>(batch.jars());
        larger.add(new JarCount(JarSize.QUART, Mouth.WIDE, 1));
        neverLower(RULINGS.rule(batch), RULINGS.rule(batch.with(larger)));
    }

    @Property
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

    @Property
    void a_stop_never_comes_with_minutes_and_always_with_a_way_out(@ForAll("batches") Batch batch) {
        Ruling ruling = RULINGS.rule(batch);
        boolean stopped = ruling.findings().stream().anyMatch(finding -> finding.isStop());
        assertThat(ruling.timing().isEmpty())
                .isEqualTo(stopped || !ruling.questions().isEmpty());
        assertThat(ruling.verdict() == Verdict.STOP).isEqualTo(stopped);
        assertThat(ruling.findings())
                .filteredOn(finding -> finding.isStop())
                .allSatisfy(stop -> assertThat(stop.remedies()).isNotEmpty());
    }

    @Property
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

    @Property
    void the_other_school_never_asks_for_more(@ForAll("batches") Batch batch) {
        Optional<Timing> timing = RULINGS.rule(batch).timing();
        timing.flatMap(Timing::otherSchool).ifPresent(other -> assertThat(other)
                .isLessThanOrEqualTo(timing.orElseThrow().minutes()));
    }

    @Property
    void leaving_a_line_out_of_a_mixture_of_three_never_raises_the_time(
            @ForAll("batches") Batch batch, @ForAll @IntRange(max = 5) int which) {
        Assume.that(which < batch.lines().size());
        List<IngredientLine> fewer = new ArrayList<>(batch.lines());
        fewer.remove(which);
        Assume.that(solids(fewer) > 1);
        Optional<Timing> before = RULINGS.rule(batch).timing();
        Optional<Timing> after = RULINGS.rule(batch.withLines(fewer)).timing();
        if (before.isPresent() && after.isPresent()) {
            assertThat(after.get().minutes()).isLessThanOrEqualTo(before.get().minutes());
        }
    }

    private static long solids(List<IngredientLine> lines) {
        return lines.stream()
                .flatMap(line -> line.foods().stream())
                .filter(food -> food.kind().isSolid())
                .distinct()
                .count();
    }

    @Property
    void a_remedy_that_is_carried_out_takes_its_finding_away(@ForAll("troubled") Batch batch) {
        RemedyEvaluator mending = new RemedyEvaluator(RULINGS, READER);
        Ruling ruling = RULINGS.rule(batch);
        for (Finding finding : ruling.findings()) {
            for (Remedy remedy : finding.remedies()) {
                Batch mended = mending.apply(batch, finding, remedy.edits());
                boolean leavesOut = mended.lines().size() < batch.lines().size();
                // A line that is gone has no findings; any other has fewer of that kind.
                if (!remedy.edits().isEmpty() && !leavesOut) {
                    assertThat(count(RULINGS.rule(mended), finding))
                            .as("%s by %s of %s", finding, remedy, batch.lines())
                            .isLessThan(count(ruling, finding));
                }
            }
        }
    }

    private static long count(Ruling ruling, Finding like) {
        return ruling.findings().stream()
                .filter(finding -> finding.code().equals(like.code())
                        && finding.line().equals(like.line())
                        && (finding.line().isPresent() || finding.text().equals(like.text())))
                .count();
    }

    @Provide
    Arbitrary<Batch> troubled() {
        Arbitrary<String> wrong = Arbitraries.of(
                "2 cups flour",
                "1 cup heavy cream",
                "2 lb potatoes, unpeeled",
                "1 lb pinto beans, unsoaked",
                "3 lb beef in 2-inch chunks",
                "3 lb potatoes and squash in 1 1/2 in cubes",
                "4 whole carrots",
                "2 cups corm",
                "6 cups mashed pumpkin",
                "2 tbsp butter",
                "2 lb ham",
                "2 cups ketchup",
                "1 lb parsnips",
                "3 cups cream-style corn",
                "1 lb whole potatoes, 4 inch");
        return Combinators.combine(batches(), wrong.list().ofMinSize(1).ofMaxSize(3))
                .as((batch, lines) -> {
                    List<IngredientLine> all = new ArrayList<>(batch.lines());
                    lines.forEach(line -> all.add(READER.read(line)));
                    return batch.withLines(all);
                });
    }

    @Property
    void units_and_the_order_of_lines_do_not_matter(@ForAll("measured") List<String[]> lines) {
        Batch us = usual(lines.stream().map(pair -> pair[0]).toList());
        Batch metric = usual(lines.stream().map(pair -> pair[1]).toList());
        List<String> turned =
                new ArrayList<>(lines.stream().map(pair -> pair[0]).toList());
        Collections.reverse(turned);
        assertThat(essence(RULINGS.rule(metric))).isEqualTo(essence(RULINGS.rule(us)));
        assertThat(essence(RULINGS.rule(usual(turned)))).isEqualTo(essence(RULINGS.rule(us)));
    }

    private static Batch usual(List<String> lines) {
        return new Batch(
                READER.readAll(lines),
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 7)),
                Altitude.ofFeet(3_150),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT);
    }

    private static String essence(Ruling ruling) {
        return ruling.verdict() + " " + ruling.timing().map(Timing::minutesBySize) + " "
                + ruling.findings().stream().map(Finding::code).sorted().toList();
    }

    /** The same line twice: in US measures and in exactly as much metric. */
    @Provide
    Arbitrary<List<String[]>> measured() {
        return Combinators.combine(
                        Arbitraries.integers().between(1, 20),
                        Arbitraries.of("lb/453.59237 g", "oz/28.349523 g", "cup/236.59 ml", "qt/0.94636 l"),
                        Arbitraries.of(CATALOGUE.foods()),
                        Arbitraries.of(
                                ", in 1/2-inch cubes~, in 12.7 mm cubes",
                                ", in 2-inch pieces~, in 50.8 mm pieces",
                                "~"))
                .as((count, unit, food, cut) -> {
                    String[] units = unit.split("/");
                    String[] cuts = (cut + " ").split("~");
                    String[] metric = units[1].split(" ");
                    BigDecimal value = new BigDecimal(metric[0]).multiply(BigDecimal.valueOf(count));
                    return new String[] {
                        "%s %s %s%s".formatted(count, units[0], food.word(), cuts[0]),
                        "%s %s %s%s".formatted(value.toPlainString(), metric[1], food.word(), cuts[1].strip())
                    };
                })
                .list()
                .ofMinSize(1)
                .ofMaxSize(6);
    }

    @Property
    void jars_of_a_base_and_its_variants_get_the_gravest_verdict_and_the_longest_time(
            @ForAll("batches") Batch base, @ForAll @Size(max = 3) List<@From("lines") IngredientLine> addIns) {
        List<Variant> variants = addIns.stream()
                .map(line -> new Variant("with " + line.rest(), List.of(line)))
                .toList();
        Ruling together = VariantRuling.rule(RULINGS, base, variants);
        List<Ruling> each = new ArrayList<>(List.of(RULINGS.rule(base)));
        variants.forEach(variant -> each.add(RULINGS.rule(variant.of(base))));
        for (Ruling one : each) {
            assertThat(together.verdict()).isGreaterThanOrEqualTo(one.verdict());
            one.timing().ifPresent(alone -> together.timing()
                    .ifPresent(shared -> assertThat(shared.minutes()).isGreaterThanOrEqualTo(alone.minutes())));
        }
        assertThat(each).extracting(Ruling::verdict).contains(together.verdict());
    }

    @Property
    void the_time_without_a_line_is_what_a_ruling_without_it_says(@ForAll("batches") Batch batch) {
        Batch inPints = batch.with(List.of(new JarCount(JarSize.PINT, Mouth.REGULAR, 1)));
        for (Without without : Without.each(RULINGS, batch, RULINGS.rule(batch))) {
            List<IngredientLine> others = new ArrayList<>(batch.lines());
            others.remove(without.line());
            assertThat(without.minutes())
                    .as("without %s of %s", batch.lines().get(without.line()), batch.lines())
                    .isEqualTo(RULINGS.rule(inPints.withLines(others))
                            .timing()
                            .map(Timing::minutesBySize)
                            .orElse(Map.of()));
        }
    }

    @Provide
    Arbitrary<String> stoppedWords() {
        return Arbitraries.of(CATALOGUE.stopped().stream()
                .map(StoppedIngredient::words)
                .flatMap(List::stream)
                .toList());
    }
}
