package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Catalogue;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.method.StatedProcess;
import org.mobrel.method.StepStatement;
import org.mobrel.page.PageReader;
import org.mobrel.page.RecipePage;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import tools.jackson.databind.JsonNode;

/** Whole pages: what they are parted into, what their steps say, and the ruling it all comes to. */
class PageCasesTest {

    private static final LineReader READER = new LineReader(Catalogue.load());
    private static final JarTable JARS = JarTable.load();
    private static final Rulings RULINGS = new Rulings(Catalogue.load(), PressureTable.load(), JARS);

    /** A page, where it is canned, and what it has to come to. */
    record Case(String name, String text, String size, int altitude, String gauge, Map<String, String> expected) {

        @Override
        public String toString() {
            return name;
        }
    }

    private record Read(RecipePage page, Setting set, Ruling ruling, List<StatedRemark.Stated> stated, Batch batch) {}

    private static Read read(Case given) {
        RecipePage page = new PageReader(READER).read(given.text());
        List<IngredientLine> lines = READER.readAll(page.ingredients());
        Method method = Method.of(page.steps(), lines, READER);
        JarSize size = JarSize.ofCode(given.size()).orElseThrow();
        Setting set = Setting.of(lines, method, Optional.empty(), Optional.empty(), size, READER.catalogue(), JARS);
        Batch batch = new Batch(
                lines,
                set.pack(),
                set.share(),
                List.of(new JarCount(size, Mouth.REGULAR, 7)),
                Altitude.ofFeet(given.altitude()),
                new Gauge(GaugeKind.ofCode(given.gauge()).orElseThrow(), GaugeError.NONE),
                TimingPolicy.LONGEST_INGREDIENT,
                method);
        List<StatedRemark.Stated> stated = new ArrayList<>();
        page.processes().forEach(text -> StatedProcess.in(text)
                .forEach(process -> stated.add(StatedRemark.Stated.outsideOfSteps(process))));
        method.all(StepStatement.States.class)
                .forEach(said -> stated.add(new StatedRemark.Stated(
                        said.process(), Optional.of(said.quote().step()))));
        return new Read(page, set, RULINGS.rule(batch), stated, batch);
    }

    static Stream<Case> pages() {
        List<Case> cases = new ArrayList<>();
        for (String block : Cases.text("/cases/pages.txt").split("(?m)^=== ")) {
            if (!block.contains("\n---")) {
                continue;
            }
            String name = block.lines().findFirst().orElseThrow();
            String body = block.substring(name.length() + 1, block.indexOf("\n---"));
            Map<String, String> at = new LinkedHashMap<>();
            if (body.startsWith("@")) {
                at.putAll(pairs(body.substring(1, body.indexOf('\n')), " "));
                body = body.substring(body.indexOf('\n') + 1);
            }
            String wanted = block.substring(block.indexOf("\n---") + 4)
                    .lines()
                    .findFirst()
                    .orElseThrow();
            cases.add(new Case(
                    name,
                    body,
                    at.getOrDefault("size", "quart"),
                    Integer.parseInt(at.getOrDefault("altitude", "500")),
                    at.getOrDefault("gauge", "weighted"),
                    pairs(wanted, ";")));
        }
        return cases.stream();
    }

    private static Map<String, String> pairs(String text, String between) {
        Map<String, String> pairs = new LinkedHashMap<>();
        for (String pair : text.split(between)) {
            String[] two = pair.strip().split("=", 2);
            if (two.length == 2) {
                pairs.put(two[0], two[1]);
            }
        }
        return pairs;
    }

    static Stream<Case> published() throws IOException {
        List<Case> cases = new ArrayList<>();
        for (JsonNode one : Cases.of("page-cases.json").toList()) {
            JsonNode request = one.get("request");
            Map<String, String> expected = new LinkedHashMap<>();
            one.get("expect").properties().forEach(entry -> {
                JsonNode value = entry.getValue();
                String text =
                        switch (entry.getKey()) {
                            case "yield" ->
                                value.get("count").asString() + " "
                                        + value.get("size").asString();
                            case "stated" ->
                                value.get("minutes").asString() + "@"
                                        + value.get("psi").asString();
                            default -> value.isNull() ? "none" : value.asString();
                        };
                expected.put(entry.getKey(), text);
            });
            cases.add(new Case(
                    one.get("name").asString(),
                    request.get("text").asString(),
                    request.get("jars").get(0).get("size").asString(),
                    request.get("altitudeFt").asInt(),
                    request.get("gauge").asString(),
                    expected));
        }
        return cases.stream();
    }

    @ParameterizedTest
    @MethodSource({"published", "pages"})
    void a_page_comes_to_what_it_says(Case given) {
        Read read = read(given);
        SoftAssertions softly = new SoftAssertions();
        given.expected().forEach((what, wanted) -> softly.assertThat(told(read, what, wanted))
                .as("%s of%n%s%n%s", what, read.page().parts(), read.ruling().findings())
                .isEqualTo(wanted));
        softly.assertAll();
    }

    /** What was read, in the words of the table; a code that is asked for is itself where it is there. */
    private static String told(Read read, String what, String wanted) {
        Ruling ruling = read.ruling();
        return switch (what) {
            case "title" -> read.page().title().orElse("none");
            case "lines" -> "" + read.page().ingredients().size();
            case "steps" -> "" + read.page().steps().size();
            case "verdict" -> ruling.verdict().code();
            case "verdictNot" -> ruling.verdict().code().equals(wanted) ? "it is" : wanted;
            case "minutes" ->
                ruling.timing().map(timing -> "" + timing.minutes().value()).orElse("none");
            case "finding" ->
                ruling.findings().stream()
                        .map(Finding::code)
                        .filter(wanted::equals)
                        .findFirst()
                        .orElse("none");
            case "step" ->
                ruling.findings().stream()
                        .flatMap(finding -> finding.said().stream())
                        .map(said -> "" + said.step())
                        .filter(wanted::equals)
                        .findFirst()
                        .orElse("none");
            case "question" ->
                ruling.questions().stream()
                        .map(question -> question.code().code())
                        .filter(wanted::equals)
                        .findFirst()
                        .orElse("none");
            case "share" ->
                Math.abs(read.set().share().value() - Double.parseDouble(wanted)) <= 0.02
                        ? wanted
                        : "" + read.set().share().value();
            case "pack" -> read.set().pack().code();
            case "yield" ->
                read.page()
                        .yield()
                        .map(yield -> yield.count() + " "
                                + yield.size().map(JarSize::code).orElse("servings"))
                        .orElse("none");
            case "stated" ->
                StatedRemark.mostFitting(
                                read.stated(), JarSize.ofCode(given(read)).orElseThrow())
                        .map(process -> process.minutes()
                                        .map(minutes -> "" + minutes.value())
                                        .orElse("")
                                + process.pressure()
                                        .map(psi -> "@"
                                                + psi.psi().stripTrailingZeros().toPlainString())
                                        .orElse(""))
                        .orElse("none");
            case "remark" -> remarks(read).contains(wanted) ? wanted : "none";
            case "noRemark" -> remarks(read).contains(wanted) ? "there" : wanted;
            default -> throw new IllegalArgumentException(what);
        };
    }

    private static String given(Read read) {
        return read.batch().jars().get(0).size().code();
    }

    private static List<String> remarks(Read read) {
        return StatedRemark.of(read.stated(), read.batch(), read.ruling()).stream()
                .map(StatedRemark::code)
                .toList();
    }

    @Test
    void the_tables_hold_enough_pages() {
        assertThat(pages().count()).isGreaterThanOrEqualTo(60);
    }
}
