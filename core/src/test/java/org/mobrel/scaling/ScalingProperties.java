package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarTable;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Portion;

/** What holds for every recipe and every day: nothing appears in the pot or vanishes from it. */
class ScalingProperties {

    /** Whole microlitres, summed over a pot of many jars. */
    private static final double ROUNDING_ML = 0.5;

    /** A line twice, in two systems of measures. */
    record Line(String us, String metric) {}

    private static final List<Line> LINES = List.of(
            new Line("2 lb dried kidney beans, soaked", "907.185 g dried kidney beans, soaked"),
            new Line("3 cups carrots, diced", "709.77 ml carrots, diced"),
            new Line("4 lb venison in 1-inch cubes", "1814.37 g venison in 2.54 cm cubes"),
            new Line("6 cups tomatoes, peeled and chopped", "1419.54 ml tomatoes, peeled and chopped"),
            new Line("5 potatoes, peeled, in 1/2-inch cubes", "5 potatoes, peeled, in 1/2-inch cubes"),
            new Line("1 lb mushrooms, sliced", "453.592 g mushrooms, sliced"),
            new Line("8 cups kale, chopped", "1892.72 ml kale, chopped"));
    private static final List<Line> BROTHS = List.of(
            new Line("3 qt pork stock", "2839.08 ml pork stock"),
            new Line("1 gallon beef stock", "3785.44 ml beef stock"));

    @Provide
    Arbitrary<List<Line>> recipes() {
        return Combinators.combine(
                        Arbitraries.of(LINES).list().ofMinSize(1).ofMaxSize(5),
                        Arbitraries.of(BROTHS),
                        Arbitraries.of(true, false))
                .as((solids, broth, withBroth) -> {
                    List<Line> all = new ArrayList<>(solids);
                    if (withBroth) {
                        all.add(broth);
                    }
                    all.add(new Line("2 tsp salt", "9.86 ml salt"));
                    return all;
                });
    }

    @Provide
    Arbitrary<List<JarCount>> jars() {
        return Arbitraries.of(JarTable.load().kinds())
                .list()
                .uniqueElements()
                .ofMinSize(1)
                .ofMaxSize(3)
                .flatMap(kinds -> Arbitraries.integers()
                        .between(1, 20)
                        .list()
                        .ofSize(kinds.size())
                        .map(counts -> IntStream.range(0, kinds.size())
                                .mapToObj(index -> kinds.get(index).times(counts.get(index)))
                                .toList()));
    }

    private static Pot pot(List<Line> recipe, double share) {
        return Pots.of(Pack.HOT, share, recipe.stream().map(Line::us).toArray(String[]::new));
    }

    private static Scaled to(Pot pot, List<JarCount> jars, Volume keepBack) {
        return Pots.SCALING.toJars(pot, Headspace.ONE_INCH, jars, keepBack).orElseThrow();
    }

    @Property(tries = 300)
    void doubling_the_jars_doubles_every_solid_and_seasoning(
            @ForAll("recipes") List<Line> recipe,
            @ForAll @DoubleRange(min = 0.2, max = 1) double share,
            @ForAll("jars") List<JarCount> jars) {
        Pot pot = pot(recipe, share);
        Scaled once = to(pot, jars, Volume.ZERO);
        Scaled twice = to(
                pot, jars.stream().map(jar -> jar.kind().times(2 * jar.count())).toList(), Volume.ZERO);
        for (int line = 0; line < recipe.size(); line++) {
            Portion one = once.portion(line).orElseThrow();
            Portion two = twice.portion(line).orElseThrow();
            assertThat(two.raw().milligrams()).isCloseTo(2 * one.raw().milligrams(), within(2L));
            assertThat(two.bulk().microlitres()).isCloseTo(2 * one.bulk().microlitres(), within(2L));
        }
        assertThat(twice.brothNeeded().millilitres())
                .isCloseTo(2 * once.brothNeeded().millilitres(), within(ROUNDING_ML));
    }

    @Property(tries = 300)
    void there_and_back_again(
            @ForAll("recipes") List<Line> recipe,
            @ForAll @DoubleRange(min = 0.2, max = 1) double share,
            @ForAll @IntRange(min = 1, max = 60) int count,
            @ForAll @DoubleRange(min = 0, max = 3_000) double keptMl) {
        Pot pot = pot(recipe, share);
        // A drop more than nothing lost: whole microlitres are cut off on the way.
        Volume keep = Volume.ofMillilitres(keptMl);
        Scaled there = to(pot, List.of(Pots.QUART.times(count)), keep);
        Scaled back = Pots.fill(pot, there.factor() * (1 + 1e-6), keep);
        assertThat(back.jars()).containsExactly(Pots.QUART.times(count));
        assertThat(back.leftover().millilitres()).isLessThan(ROUNDING_ML);
    }

    @Property(tries = 300)
    void what_goes_into_jars_and_what_is_left_is_the_pot(
            @ForAll("recipes") List<Line> recipe,
            @ForAll @DoubleRange(min = 0.2, max = 1) double share,
            @ForAll @DoubleRange(min = 0.3, max = 6) double factor,
            @ForAll @DoubleRange(min = 0, max = 500) double keptMl) {
        Pot pot = pot(recipe, share);
        Assume.that(pot.makes().millilitres() * factor > keptMl);
        Scaled scaled = Pots.fill(pot, factor, Volume.ofMillilitres(keptMl));
        assertThat(scaled.inPot().millilitres()).isCloseTo(pot.makes().millilitres() * factor, within(ROUNDING_ML));
        assertThat(scaled.leftover().millilitres()).as("fills no pint").isLessThan(422);
        Assume.that(!scaled.jars().isEmpty());
        double inJars = scaled.perJar().stream()
                .mapToDouble(jar -> jar.solidsMass().grams() * jar.jars().count())
                .sum();
        double beside = scaled.keptBack().plus(scaled.leftover()).dividedBy(scaled.inPot());
        assertThat(inJars / (1 - beside)).isCloseTo(pot.inJar().grams() * factor, withinPercentage(0.1));
        double broth = scaled.perJar().stream()
                .mapToDouble(jar -> jar.broth().millilitres() * jar.jars().count())
                .sum();
        assertThat(broth).isCloseTo(scaled.brothNeeded().millilitres(), within(ROUNDING_ML));
    }

    @Property(tries = 200)
    void measures_of_either_system_make_the_same_jars(
            @ForAll("recipes") List<Line> recipe, @ForAll("jars") List<JarCount> jars) {
        Pot us = pot(recipe, 0.5);
        Pot metric = Pots.soup(recipe.stream().map(Line::metric).toArray(String[]::new));
        Scaled one = to(us, jars, Volume.ZERO);
        Scaled other = to(metric, jars, Volume.ZERO);
        assertThat(other.factor()).isCloseTo(one.factor(), withinPercentage(0.1));
        assertThat(other.brothNeeded().millilitres())
                .isCloseTo(one.brothNeeded().millilitres(), withinPercentage(0.1));
    }

    @Property(tries = 200)
    void a_recipe_that_made_more_before_needs_less_for_the_same_jars(
            @ForAll("recipes") List<Line> recipe, @ForAll @DoubleRange(min = 0.6, max = 1.6) double made) {
        Volume thought = Volume.ofMillilitres(6_000);
        YieldCorrection learnt = YieldCorrection.of(List.of(new YieldCorrection.Day(thought, thought.times(made))));
        Pot corrected =
                Pot.of(Pots.READER.readAll(recipe.stream().map(Line::us).toList()), Pack.HOT, Fraction.HALF, learnt);
        Scaled plain = Pots.toQuarts(pot(recipe, 0.5), 7);
        Scaled scaled = Pots.toQuarts(corrected, 7);
        assertThat(scaled.factor() * made).isCloseTo(plain.factor(), withinPercentage(0.1));
        assertThat(scaled.uncorrected().millilitres() * made)
                .isCloseTo(scaled.inPot().millilitres(), withinPercentage(0.1));
    }

    @Property(tries = 300)
    void a_share_out_to_the_gram_keeps_the_sum(
            @ForAll("recipes") List<Line> recipe, @ForAll("jars") List<JarCount> jars) {
        Scaled scaled = to(pot(recipe, 0.5), jars, Volume.ZERO);
        for (ShareOut out : ShareOut.of(scaled)) {
            Mass sum = out.lines().stream().map(ShareOut.OfLine::mass).reduce(Mass.ZERO, Mass::plus);
            assertThat(out.total()).isEqualTo(sum);
            assertThat(sum.grams()).isCloseTo(out.jar().solidsMass().grams(), within(0.51));
            assertThat(out.lines()).allSatisfy(line -> {
                Portion all = scaled.portion(line.line()).orElseThrow();
                double part = out.jar().fill().dividedBy(scaled.fill());
                assertThat(line.mass().grams()).isCloseTo(all.drained().grams() * part, within(1.01));
            });
        }
    }

    @Property(tries = 300)
    void the_kettle_is_never_said_to_be_enough_when_it_is_not(
            @ForAll("recipes") List<Line> recipe,
            @ForAll("jars") List<JarCount> jars,
            @ForAll @DoubleRange(min = 0, max = 1.5) double boiling,
            @ForAll @DoubleRange(min = 0, max = 1) double filled) {
        Scaled scaled = to(pot(recipe, 0.5), jars, Volume.ZERO);
        List<Kettle.Filled> done = scaled.perJar().stream()
                .map(jar -> new Kettle.Filled(jar, (int) (filled * jar.jars().count())))
                .toList();
        Kettle kettle = Kettle.at(scaled.brothNeeded().times(boiling), done);
        int open = done.stream()
                .mapToInt(jar -> jar.jar().jars().count() - jar.count())
                .sum();
        assertThat(kettle.toCome()).isEqualTo(open);
        assertThat(kettle.moreJars()).isBetween(0, open);
        if (kettle.missing().isZero()) {
            assertThat(kettle.moreJars()).isEqualTo(open);
        } else {
            assertThat(kettle.moreJars()).isLessThan(open);
        }
        assertThat(Kettle.toBoil(scaled.brothNeeded())).isEqualTo(scaled.kettle());
    }

    @Property(tries = 200)
    void a_larger_jar_never_holds_less(@ForAll("recipes") List<Line> recipe) {
        Pot pot = pot(recipe, 0.5);
        double before = 0;
        for (JarKind kind : List.of(Pots.PINT, Pots.QUART)) {
            double broth =
                    to(pot, List.of(kind.times(1)), Volume.ZERO).brothNeeded().millilitres();
            assertThat(broth).isGreaterThan(before);
            before = broth;
        }
    }
}
