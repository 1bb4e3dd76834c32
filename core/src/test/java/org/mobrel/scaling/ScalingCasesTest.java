package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.mobrel.Cases;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;
import tools.jackson.databind.JsonNode;

/** Recipes to jars and back, against figures worked out beforehand. */
class ScalingCasesTest {

    private static final double FACTS = 1;

    @TestFactory
    Stream<DynamicTest> recipes_come_to_the_expected_jars_and_amounts() throws IOException {
        return Cases.of("scaling-cases.json")
                .map(example -> DynamicTest.dynamicTest(example.get("name").asString(), () -> check(example)));
    }

    private void check(JsonNode example) {
        JsonNode request = example.get("request");
        Pot pot = Pot.of(
                Pots.READER.readAll(request.get("lines")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList()),
                Pack.ofCode(request.get("pack").asString()).orElseThrow(),
                Fraction.of(request.get("solidsShare").asDouble()));
        Scaled scaled = request.has("use") ? used(pot, request) : targeted(pot, request);
        JsonNode expect = example.get("expect");
        assertThat(scaled.factor()).isCloseTo(expect.get("factor").asDouble(), withinPercentage(FACTS));
        assertThat(scaled.jars()).isEqualTo(jars(expect));
        close(scaled.fill(), expect, "fillMl");
        close(scaled.brothNeeded(), expect, "brothNeededMl");
        close(scaled.brothInRecipe(), expect, "brothInRecipeMl");
        assertThat(scaled.leftover().millilitres())
                .isCloseTo(expect.get("leftoverMl").asDouble(), within(5.0));
    }

    private static Scaled targeted(Pot pot, JsonNode request) {
        return Pots.SCALING
                .toJars(pot, Headspace.ONE_INCH, jars(request), Volume.ZERO)
                .orElseThrow();
    }

    private static Scaled used(Pot pot, JsonNode request) {
        List<JarKind> kinds =
                request.get("jars").valueStream().map(jar -> kind(jar)).toList();
        return Pots.SCALING
                .toFill(pot, Headspace.ONE_INCH, 1, kinds, Volume.ZERO, all -> true)
                .orElseThrow();
    }

    private static void close(Volume actual, JsonNode expect, String field) {
        assertThat(actual.millilitres()).as(field).isCloseTo(expect.get(field).asDouble(), withinPercentage(FACTS));
    }

    private static List<JarCount> jars(JsonNode from) {
        return from.get("jars")
                .valueStream()
                .map(jar -> kind(jar).times(jar.get("count").asInt()))
                .toList();
    }

    private static JarKind kind(JsonNode jar) {
        return new JarKind(
                JarSize.ofCode(jar.get("size").asString()).orElseThrow(),
                Mouth.ofCode(jar.get("mouth").asString()).orElseThrow());
    }

    @Test
    void what_is_kept_back_leaves_the_pot_first() {
        Pot pot = Pots.lambStew();
        Volume dinner = Volume.ofMillilitres(2_000);
        Scaled without = Pots.toQuarts(pot, 7);
        Scaled with = Pots.SCALING
                .toJars(pot, Headspace.ONE_INCH, List.of(Pots.QUART.times(7)), dinner)
                .orElseThrow();
        assertThat(with.fill()).isEqualTo(without.fill());
        assertThat(with.brothNeeded()).isEqualTo(without.brothNeeded());
        assertThat(with.factor() / without.factor()).isCloseTo((7 * 902 + 2_000) / (7 * 902.0), within(1e-6));
        assertThat(with.inPot().millilitres()).isCloseTo(7 * 902 + 2_000, within(0.1));
        assertThat(with.keptBackBroth().millilitres()).isBetween(1_000.0, 2_000.0);
        assertThat(Pots.count(Pots.fill(pot, 2, Volume.ZERO), Pots.QUART))
                .isGreaterThan(Pots.count(Pots.fill(pot, 2, dinner), Pots.QUART));
    }

    @Test
    void one_load_only_leaves_the_rest_over() {
        Pot pot = Pots.lambStew();
        Scaled all = Pots.fill(pot, 3, Volume.ZERO);
        Scaled load = Pots.SCALING
                .toFill(
                        pot,
                        Headspace.ONE_INCH,
                        3,
                        List.of(Pots.QUART, Pots.PINT),
                        Volume.ZERO,
                        jars -> jars.stream().mapToInt(JarCount::count).sum() <= 7)
                .orElseThrow();
        assertThat(Pots.count(all, Pots.QUART)).isGreaterThan(7);
        assertThat(load.jars()).containsExactly(Pots.QUART.times(7));
        assertThat(load.inPot()).isEqualTo(all.inPot());
    }

    @Test
    void nothing_to_count_from_is_nothing_scaled() {
        Pot empty = Pots.soup("carrots", "salt to taste", "2 cups moonseed");
        assertThat(empty.unmeasured()).containsExactly(0, 2);
        assertThat(Pots.SCALING.toJars(empty, Headspace.ONE_INCH, List.of(Pots.PINT.times(4)), Volume.ZERO))
                .isEmpty();
        assertThat(Pots.SCALING.toJars(Pots.lambStew(), Headspace.ONE_INCH, List.of(), Volume.ZERO))
                .isEmpty();
        JarKind noSuchJar = new JarKind(JarSize.PINT_AND_A_HALF, Mouth.REGULAR);
        assertThat(Pots.SCALING.toJars(Pots.lambStew(), Headspace.ONE_INCH, List.of(noSuchJar.times(1)), Volume.ZERO))
                .isEmpty();
    }

    @Test
    void more_than_a_kitchen_can_fill_or_less_than_is_kept_back_is_refused() {
        assertThatThrownBy(() -> Pots.fill(Pots.lambStew(), 1_000, Volume.ZERO))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("500");
        assertThatThrownBy(() -> Pots.fill(Pots.lambStew(), 1, Volume.ofMillilitres(100_000)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void too_little_for_a_jar_is_all_left_over() {
        Scaled little = Pots.fill(Pots.lambStew(), 0.01, Volume.ZERO);
        assertThat(little.jars()).isEmpty();
        assertThat(little.leftover()).isEqualTo(little.inPot());
        assertThat(little.brothNeeded()).isEqualTo(Volume.ZERO);
    }
}
