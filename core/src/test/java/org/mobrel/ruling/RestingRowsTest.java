package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.finding.FindingCode;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.recipe.LineReader;

/** Which published rows a ruling rests on, and what becomes of it where one of them differs from the printed copy. */
class RestingRowsTest {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final LineReader READER = new LineReader(CATALOGUE);

    private static Ruling rule(String lines, String size, String gauge, int feet, Set<String> suspended) {
        Rulings rulings = new Rulings(CATALOGUE, PressureTable.load(), JarTable.load(), () -> suspended);
        return rulings.rule(new Batch(
                Arrays.stream(lines.split("; ")).map(READER::read).toList(),
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.ofCode(size).orElseThrow(), Mouth.REGULAR, 4)),
                Altitude.ofFeet(feet),
                new Gauge(GaugeKind.ofCode(gauge).orElseThrow(), GaugeError.NONE),
                TimingPolicy.LONGEST_INGREDIENT));
    }

    private static final String ROWS =
            """
            2 lb carrots; 2 qt beef stock               | quart           | weighted | 900  | line carrots-hot, pressure pressure-weighted-1000
            2 lb asparagus; 2 lb peas; 2 qt beef stock  | pint            | weighted | 3000 | line asparagus-hot, line green-peas-hot, floor soup-hot, pressure pressure-weighted-8000
            2 lb salmon; 2 lb potatoes; 2 qt fish stock | pint            | dial     | 2001 | line soup-with-seafood-hot, line white-potatoes-hot, floor soup-with-seafood-hot, pressure pressure-dial-4000
            2 lb carrots; 2 qt beef stock               | half-pint       | dial     | 2000 | line carrots-hot, pressure pressure-dial-2000, jar-size jar-size-half-pint
            2 lb carrots; 2 qt beef stock               | pint-and-a-half | dial     | 6001 | line carrots-hot, pressure pressure-dial-8000, jar-size jar-size-pint-and-a-half
            """;

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void every_row_that_bears_on_a_ruling_is_named(String lines, String size, String gauge, int feet, String expected) {
        Set<String> rows = rule(lines, size, gauge, feet, Set.of()).rows().stream()
                .map(use -> use.part().code() + " " + use.row())
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(rows).isEqualTo(new TreeSet<>(List.of(expected.split(", "))));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void a_row_that_differs_from_the_printed_copy_stops_whatever_rests_on_it_and_nothing_else(
            String lines, String size, String gauge, int feet, String expected) {
        for (String use : expected.split(", ")) {
            Ruling ruling = rule(lines, size, gauge, feet, Set.of(use.split(" ")[1]));
            assertThat(ruling.verdict()).as(use).isEqualTo(Verdict.STOP);
            assertThat(ruling.findings()).as(use).extracting(Finding::kind).containsOnly(FindingCode.ROW_SUSPENDED);
        }
        assertThat(rule(lines, size, gauge, feet, Set.of("beets-hot", "jar-size-12-ounce"))
                        .verdict())
                .isEqualTo(Verdict.COVERED);
    }

    @Test
    void no_two_rows_of_all_tables_have_the_same_id() {
        List<String> ids = new java.util.ArrayList<>();
        CATALOGUE.processes().forEach(row -> ids.add(row.id()));
        PressureTable.load().bands().forEach(band -> ids.add(band.id()));
        Arrays.stream(JarSize.values()).forEach(size -> JarSize.rowOf(size).ifPresent(ids::add));
        assertThat(ids).doesNotHaveDuplicates().allMatch(id -> id.matches("[a-z0-9-]{3,60}"));
    }
}
