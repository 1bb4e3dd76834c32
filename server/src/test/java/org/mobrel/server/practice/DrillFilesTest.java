package org.mobrel.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.jars.JarTable;
import org.mobrel.practice.CarefulCook;
import org.mobrel.practice.Draw;
import org.mobrel.practice.Drill;
import org.mobrel.practice.DrillAct;
import org.mobrel.practice.DrillJudge;
import org.mobrel.practice.DrillVerdict;
import org.mobrel.practice.Ending;
import org.mobrel.practice.Moment;
import org.mobrel.practice.PracticeCanner;
import org.mobrel.practice.RuleBook;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Rulings;
import org.mobrel.steam.Scene;
import tools.jackson.databind.json.JsonMapper;

/** Every drill's file keeps to the schema; whatever chance gives, its right act passes and each of the others fails with its reason. */
class DrillFilesTest {

    private static final Path FILES = Path.of("src/main/resources/practice/drills");
    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final PressureTable PRESSURES = PressureTable.load();
    private static final LineReader READER = new LineReader(CATALOGUE);
    private static final DrillJudge JUDGE =
            new DrillJudge(new Rulings(CATALOGUE, PRESSURES, JarTable.load()), PRESSURES, READER);
    private static final Drills DRILLS = new Drills(JsonMapper.builder().build());

    /** Coming to a moment takes a while; the same moment is come to once. */
    private static final Map<String, String> MOMENTS = new HashMap<>();

    static List<String> codes() {
        return DRILLS.all().stream().map(Drill::code).toList();
    }

    @Test
    void there_are_at_least_two_dozen_and_their_files_keep_to_the_schema() throws IOException {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/drill.schema.json")), InputFormat.JSON);
        List<Path> files;
        try (Stream<Path> all = Files.list(FILES)) {
            files = all.toList();
        }
        assertThat(files).hasSameSizeAs(codes()).hasSizeGreaterThanOrEqualTo(24);
        for (Path file : files) {
            String text = Files.readString(file);
            assertThat(schema.validate(text, InputFormat.JSON))
                    .as(file.toString())
                    .isEmpty();
            // The schema can refuse something.
            assertThat(schema.validate(text.replace("\"judge\"", "\"juge\""), InputFormat.JSON))
                    .isNotEmpty();
            assertThat(text)
                    .contains("\"code\": \"%s\""
                            .formatted(file.getFileName().toString().replace(".json", "")));
        }
    }

    @ParameterizedTest
    @MethodSource("codes")
    void the_rule_it_quotes_exists(String code) {
        RuleBook.Quoted quoted = new RuleBook(CATALOGUE, PRESSURES)
                .find(DRILLS.get(code).rule())
                .orElseThrow(
                        () -> new AssertionError("no rule " + DRILLS.get(code).rule()));
        assertThat(quoted.text()).endsWith(".");
        assertThat(quoted.source().text()).isNotBlank();
    }

    @Test
    void no_rule_is_written_down_that_no_drill_quotes() {
        assertThat(DRILLS.all()).extracting(Drill::rule).containsAll(new RuleBook(CATALOGUE, PRESSURES).written());
    }

    @ParameterizedTest
    @MethodSource("codes")
    void the_right_act_passes_and_every_other_one_fails_with_its_reason(String code) {
        Drill drill = DRILLS.get(code);
        Set<String> rights = new HashSet<>();
        for (Draw draw : draws(drill)) {
            if (drill.isAtTheKnobs()) {
                everyEndingIsComeTo(drill, draw);
                continue;
            }
            List<DrillAct> right = drill.acts().stream()
                    .filter(act -> JUDGE.isRight(drill, draw, act))
                    .toList();
            assertThat(right)
                    .as("right acts of %s with %s", code, draw.values())
                    .hasSize(1);
            rights.add(right.get(0).code());
            for (DrillAct act : drill.acts()) {
                DrillVerdict verdict = JUDGE.of(drill, draw, act, scene(drill, draw));
                boolean passes = act.equals(right.get(0));
                assertThat(verdict.passed())
                        .as("%s of %s with %s", act.code(), code, draw.values())
                        .isEqualTo(passes);
                assertThat(verdict.misses().isEmpty()).isEqualTo(passes);
                assertThat(verdict.misses().orElse("-")).isNotBlank();
                assertThat(verdict.text()).isNotBlank().doesNotContain("{");
                assertThat(verdict.right().isEmpty()).isEqualTo(passes);
                assertThat(draw.in(act.text())).doesNotContain("{");
            }
        }
        if (Set.of("dial-and-altitude", "cooled-clock", "gauge-reads-high", "beans-forty-five")
                .contains(code)) {
            assertThat(rights).as("chance decides what is right").hasSizeGreaterThan(1);
        }
    }

    private static void everyEndingIsComeTo(Drill drill, Draw draw) {
        for (Ending ending : drill.endings()) {
            DrillVerdict verdict = JUDGE.ofHands(
                            drill, draw, scene(drill, draw).orElseThrow(), ending.example(), Duration.ofMinutes(40))
                    .orElseThrow();
            assertThat(verdict.misses())
                    .as("%s of %s with %s", ending.when(), drill.code(), draw.values())
                    .isEqualTo(ending.misses());
            assertThat(verdict.passed()).isEqualTo(ending.passes());
            assertThat(verdict.text()).isEqualTo(draw.in(ending.then()));
        }
        assertThat(JUDGE.ofHands(drill, draw, scene(drill, draw).orElseThrow(), List.of(), Duration.ofSeconds(1)))
                .as("nothing is decided in the first second")
                .isEmpty();
    }

    /** Every different thing that chance gives in a hundred draws, but no more than make a difference. */
    private static List<Draw> draws(Drill drill) {
        Map<Map<String, String>, Draw> different = new HashMap<>();
        for (long seed = 0; seed < 100; seed++) {
            Draw draw = drill.draw(seed);
            different.putIfAbsent(draw.values(), draw);
        }
        return new ArrayList<>(different.values());
    }

    private static Optional<Scene> scene(Drill drill, Draw draw) {
        return drill.canner().map(scene -> {
            PracticeCanner canner = DrillJudge.canner(scene, draw);
            Moment moment = DrillJudge.moment(scene, draw);
            return canner.goingOn(MOMENTS.computeIfAbsent(
                    canner + " " + moment, key -> CarefulCook.at(canner, moment).snapshot()));
        });
    }

    @Test
    void an_order_of_choices_is_the_draws_own() {
        Drill drill = DRILLS.get("dial-and-altitude");
        Set<List<DrillAct>> orders = new HashSet<>();
        for (long seed = 0; seed < 30; seed++) {
            assertThat(drill.shuffled(drill.draw(seed))).containsExactlyInAnyOrderElementsOf(drill.acts());
            orders.add(drill.shuffled(drill.draw(seed)));
        }
        assertThat(orders).hasSizeGreaterThan(10);
    }
}
