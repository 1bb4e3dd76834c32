package org.mobrel.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.jars.JarTable;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.Deviation;
import org.mobrel.steam.Filling;
import org.mobrel.steam.Sight;

/** What exercises rest on: moments of a good load, rules that exist, lines that the rulings judge, and when to come back. */
class PracticeTest {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final PressureTable PRESSURES = PressureTable.load();
    private static final LineExercise LINES =
            new LineExercise(new Rulings(CATALOGUE, PRESSURES, JarTable.load()), new LineReader(CATALOGUE));

    private static PracticeCanner canner(GaugeKind gauge, int psi) {
        return PracticeCanner.usual(gauge, GaugePressure.ofPsi(psi), Altitude.ofFeet(0));
    }

    @ParameterizedTest
    @CsvSource({
        "DIAL, 11, RISING, 6000, 6.0, 6.3",
        "DIAL, 11, HOLDING, 30, 11.0, 11.8",
        "WEIGHTED, 10, HOLDING, 60, 10.0, 10.8",
        "WEIGHTED, 15, HOLDING, 5, 15.0, 15.9",
        "DIAL, 11, COOLING, 500, 0.4, 0.5",
        "DIAL, 11, VENTING, 4, 0, 0.6",
        "WEIGHTED, 10, COLD, 0, 0, 0"
    })
    void a_careful_cook_comes_to_a_moment(
            GaugeKind gauge, int psi, Moment.Stage stage, int amount, double least, double most) {
        Sight sight =
                CarefulCook.at(canner(gauge, psi), new Moment(stage, amount)).sight();
        assertThat(sight.pressure().milliPsi() / 1_000.0).isBetween(least, most);
        assertThat(sight.spilt()).isZero();
        assertThat(sight.coolerMilliKelvin()).isLessThan(stage == Moment.Stage.COLD ? 100_000 : 4_000);
    }

    @Test
    void every_rule_of_a_run_that_exercises_quote_is_one_that_runs_write_down() throws ReflectiveOperationException {
        Set<String> written = new HashSet<>();
        for (Field field : Deviation.class.getFields()) {
            if (Modifier.isStatic(field.getModifiers())) {
                written.add(String.valueOf(field.get(null)));
            }
        }
        RuleBook book = new RuleBook(CATALOGUE, PRESSURES);
        assertThat(book.written()).hasSizeGreaterThan(15).allSatisfy(ref -> {
            assertThat(book.find(ref)).as("%s", ref).isPresent();
            if (ref.kind() == RuleRef.Kind.DEVIATION) {
                assertThat(written).contains(ref.ref());
            }
        });
        assertThat(book.find(new RuleRef(RuleRef.Kind.ROW, "stone-soup-hot"))).isEmpty();
        assertThat(book.find(new RuleRef(RuleRef.Kind.FINDING, "no-such-rule"))).isEmpty();
        assertThat(book.find(new RuleRef(RuleRef.Kind.STOP, "eggs"))
                        .orElseThrow()
                        .text())
                .contains("eggs");
    }

    /** No line is a question: what to make of it is clear before it is asked what it does. */
    @Test
    void every_line_of_the_pool_is_clear_and_its_ten_are_ruled_on() {
        LineReader reader = new LineReader(CATALOGUE);
        assertThat(LINES.pool())
                .hasSizeGreaterThanOrEqualTo(40)
                .doesNotHaveDuplicates()
                .allSatisfy(line ->
                        assertThat(reader.read(line).mentions()).as(line).isNotEmpty());
        Set<List<String>> different = new HashSet<>();
        for (long seed = 0; seed < 25; seed++) {
            List<String> ten = LINES.draw(seed).orElseThrow();
            different.add(ten);
            LineExercise.Solution solution = LINES.solve(ten);
            assertThat(ten).hasSize(10).isSubsetOf(LINES.pool()).doesNotHaveDuplicates();
            assertThat(solution.stops()).as("%s", ten).hasSizeBetween(1, 3);
            assertThat(solution.ruling().verdict()).as("%s", ten).isEqualTo(Verdict.COVERED);
            assertThat(solution.setsTime()).isNotEmpty().allSatisfy(line -> assertThat(solution.isStop(line))
                    .isFalse());
            assertThat(LINES.draw(seed)).contains(ten);
        }
        assertThat(different).hasSize(25);
    }

    @Test
    void where_every_row_was_found_to_differ_nothing_is_drawn() {
        Set<String> rows =
                CATALOGUE.processes().stream().map(process -> process.id()).collect(Collectors.toSet());
        LineExercise without = new LineExercise(
                new Rulings(CATALOGUE, PRESSURES, JarTable.load(), () -> rows), new LineReader(CATALOGUE));
        assertThat(without.draw(1)).isEmpty();
    }

    @Test
    void lines_are_judged_as_they_are_anywhere_else() {
        LineExercise.Solution solution = LINES.solve(List.of(
                "2 lb ground beef, browned",
                "4 cups carrots, sliced",
                "1/2 cup flour",
                "2 quarts beef broth",
                "2 eggs, beaten"));
        assertThat(solution.stops()).extracting(LineExercise.Stop::line).containsExactly(2, 4);
        assertThat(solution.setsTime()).containsExactly(0);
    }

    @Test
    void what_was_missed_comes_again_soon_and_what_is_known_ever_later() {
        Instant first = Instant.parse("2026-03-01T10:00:00Z");
        List<Repetition.Try> tries = new ArrayList<>();
        List<Duration> waits = new ArrayList<>();
        for (boolean passed : new boolean[] {false, true, true, true, false, true}) {
            tries.add(new Repetition.Try(first, passed));
            waits.add(Duration.between(first, Repetition.after(tries).due()));
        }
        assertThat(waits)
                .containsExactly(
                        Duration.ofMinutes(10),
                        Duration.ofDays(1),
                        Duration.ofDays(4),
                        Duration.ofDays(10),
                        Duration.ofMinutes(10),
                        Duration.ofDays(1));
        Repetition last = Repetition.after(tries);
        assertThat(last.isDue(first.plus(Duration.ofHours(23)))).isFalse();
        assertThat(last.isDue(first.plus(Duration.ofHours(24)))).isTrue();
        assertThatThrownBy(() -> Repetition.after(List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    /** Vented ten minutes the steam is what it should be; not at all, it is cooler by the published figure. */
    @ParameterizedTest
    @CsvSource({"10, 0.06, 0.04", "5, 0.5, 0.2", "0, 3.8, 0.6"})
    void inside_the_jar_a_short_vent_shows(int vent, double cooler, double within) {
        InsideJar inside = InsideJar.of(canner(GaugeKind.WEIGHTED, 10), new Minutes(vent));
        assertThat(inside.start().coolerMilliKelvin() / 1_000.0).isCloseTo(cooler, within(within));
        Sight late = inside.minutes().get(inside.clockStarts() + 60);
        assertThat(late.slowest().get(Filling.BROTH))
                .isGreaterThan(late.slowest().get(Filling.PUREE));
        assertThat(inside.minutes()).hasSizeGreaterThan(inside.clockStarts() + 120);
    }

    @Test
    void a_canner_that_nobody_has_is_refused() {
        assertThatThrownBy(() -> canner(GaugeKind.DIAL, 16)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Moment(Moment.Stage.HOLDING, 101)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Draw(1, Map.of()).in("{nothing}")).isInstanceOf(IllegalArgumentException.class);
    }
}
