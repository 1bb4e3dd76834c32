package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.Cases;
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
import org.mobrel.recipe.LineReader;

/** Whole rulings, written down like the printed tables. */
class RulingTableTest {

    private static final LineReader reader = new LineReader(Catalogue.load());
    private static final Rulings rulings = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());

    static Stream<String> rows() {
        return Cases.text("/cases/rulings.csv").lines().filter(line -> !line.startsWith("#"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void the_tables_say(String row) {
        String[] cells = Arrays.stream(Arrays.copyOf(row.split("\\|"), 6))
                .map(cell -> Objects.requireNonNullElse(cell, "").strip())
                .toArray(String[]::new);
        Ruling ruling = rulings.rule(batch(cells[0], cells[1].split(" ")));
        String said = "%s | %s | %s | %s"
                .formatted(
                        ruling.verdict().code(),
                        ruling.timing().map(RulingTableTest::minutes).orElse(""),
                        ruling.timing().map(RulingTableTest::setBy).orElse(""),
                        findings(ruling));
        assertThat(said).isEqualTo("%s | %s | %s | %s".formatted(cells[2], cells[3], cells[4], cells[5]));
    }

    private Batch batch(String lines, String[] pack) {
        return new Batch(
                reader.readAll(Arrays.asList(lines.split(" \\+ "))),
                Pack.ofCode(pack[0]).orElseThrow(),
                Fraction.of(Double.parseDouble(pack[1])),
                Arrays.stream(pack)
                        .skip(2)
                        .map(size -> new JarCount(JarSize.ofCode(size).orElseThrow(), Mouth.WIDE, 2))
                        .toList(),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT);
    }

    private static String minutes(Timing timing) {
        return Stream.of(JarSize.PINT, JarSize.QUART)
                .map(size -> timing.minutesFor(size)
                        .map(time -> Integer.toString(time.value()))
                        .orElse("-"))
                .collect(Collectors.joining("/"));
    }

    private static String setBy(Timing timing) {
        return Stream.concat(
                        Stream.of(timing.setBy().code()),
                        timing.pacesetters().stream().map(String::valueOf))
                .collect(Collectors.joining(" "));
    }

    private static String findings(Ruling ruling) {
        return ruling.findings().stream()
                .map(finding -> finding.code() + "@"
                        + (finding.line().isPresent() ? finding.line().getAsInt() : "-"))
                .collect(Collectors.joining(" "));
    }
}
