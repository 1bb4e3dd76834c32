package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Remedy;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.LineReader;

/** The two schools side by side, headspace, pressure, and the edges of what is only a flavouring. */
class TimingTest {

    private static final LineReader reader = new LineReader(Catalogue.load());
    private static final Rulings rulings = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());

    private Ruling rule(String lines, Pack pack, double share, String sizes, TimingPolicy school) {
        return rulings.rule(new Batch(
                reader.readAll(Arrays.asList(lines.split(" \\+ "))),
                pack,
                Fraction.of(share),
                Arrays.stream(sizes.split(" "))
                        .map(size -> new JarCount(JarSize.valueOf(size), Mouth.WIDE, 1))
                        .toList(),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                school));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                            | pack | share | sizes      | longest ingredient | soup table
            2 lb dried beans, soaked + 2 lb carrots + 1 qt water | HOT | 0.5  | QUART      | 90 other 75 | 75 other 90 SOUP_TABLE []
            2 lb dried beans, soaked + 2 lb carrots + 1 qt water | HOT | 0.5  | PINT       | 75 other 60 | 60 other 75 SOUP_TABLE []
            2 lb dried beans, soaked + 2 lb carrots + 1 qt water | HOT | 0.5  | PINT QUART | 90 other 75 | 75 other 90 SOUP_TABLE []
            2 lb carrots + 2 lb peas + 1 qt water                | HOT | 0.5  | QUART      | 75 other 75 | 75 other 75 SOUP_TABLE []
            2 lb pork + 1 lb cod + 1 qt water                    | HOT | 0.5  | QUART      | 100 other 100 | 100 other 100 SOUP_TABLE []
            2 lb dried beans, soaked + 2 lb carrots + 1 qt water | HOT | 0.6  | QUART      | 90 other -  | 90 other - LINE [0]
            2 lb beef + 2 lb carrots                             | RAW | 0.5  | QUART      | 90 other -  | 90 other - LINE [0]
            2 lb beef + 2 lb parsnips                            | HOT | 0.5  | QUART      | 90 other -  | 90 other - LINE [0]
            2 lb dried beans, soaked                             | HOT | 0.5  | QUART      | 90 other -  | 90 other - SINGLE_FOOD []
            2 cups cream-style corn + 2 cups peas                | HOT | 0.5  | PINT       | 85 other 60 | 60 other 85 SOUP_TABLE []
            """)
    void both_schools_are_told_and_the_shorter_only_where_the_table_allows_it(
            String lines, Pack pack, double share, String sizes, String longest, String table) {
        Timing first = rule(lines, pack, share, sizes, TimingPolicy.LONGEST_INGREDIENT)
                .timing()
                .orElseThrow();
        Timing second = rule(lines, pack, share, sizes, TimingPolicy.SOUP_TABLE)
                .timing()
                .orElseThrow();
        assertThat(said(first)).isEqualTo(longest);
        assertThat("%s %s %s".formatted(said(second), second.setBy(), second.pacesetters()))
                .isEqualTo(table);
        assertThat(second.minutesBySize().keySet())
                .as("no school opens a size that the other closes")
                .isEqualTo(first.minutesBySize().keySet());
    }

    private static String said(Timing timing) {
        return timing.minutes().value() + " other "
                + timing.otherSchool().map(Minutes::value).map(String::valueOf).orElse("-");
    }

    @ParameterizedTest
    @CsvSource({
        "8 lb boneless chicken, 1.25",
        "8 lb chicken legs, 1.25",
        "8 lb chicken + 2 lb carrots + 1 qt water, 1",
        "8 lb beef, 1",
        "6 qt chicken stock, 1",
        "8 lb carrots, 1"
    })
    void plain_poultry_needs_more_headspace(String lines, String inches) {
        assertThat(rule(lines, Pack.HOT, 0.5, "PINT", TimingPolicy.LONGEST_INGREDIENT)
                        .timing()
                        .orElseThrow()
                        .headspace()
                        .inches()
                        .toPlainString())
                .isEqualTo(inches);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                                 | findings
            1750 g carrots + 1750 g peas + 500 g cooked ham + 1 qt water | ''
            1750 g carrots + 1750 g peas + 501 g cooked ham + 1 qt water | cured-meat
            1750 g carrots + peas + 100 g cooked ham + 1 qt water   | cured-meat
            2 lb carrots + 2 lb peas + 1 tbsp soy sauce             | ''
            1 cup carrots + 1 cup onion + 1 tbsp soy sauce          | ''
            1 cup carrots + 1 cup onion + 2 tbsp soy sauce          | bottled-sauce
            1 cup carrots + 1 cup onion + 2 tbsp tomato paste       | bottled-sauce
            6 lb carrots + 6 lb peas + 1/2 cup tomato paste         | ''
            """)
    void a_flavouring_ends_where_it_says(String lines, String codes) {
        assertThat(rule(lines, Pack.HOT, 0.5, "QUART", TimingPolicy.LONGEST_INGREDIENT).findings().stream()
                        .map(finding -> finding.code())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(codes);
    }

    @Test
    void what_no_table_reaches_is_stopped_with_somebody_to_ask() {
        Batch high = new Batch(
                reader.readAll(List.of("2 lb carrots")),
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.PINT, Mouth.WIDE, 1)),
                Altitude.ofFeet(8_001),
                new Gauge(GaugeKind.DIAL, GaugeError.ofPsi(new java.math.BigDecimal("1.25"))),
                TimingPolicy.LONGEST_INGREDIENT);
        Ruling ruling = rulings.rule(high);
        assertThat(ruling.headline()).isEqualTo("Two things stop this.");
        assertThat(ruling.findings())
                .extracting(finding -> finding.code() + ": "
                        + finding.remedies().stream().map(Remedy::code).toList())
                .containsExactly("altitude-out-of-range: [ask-expert]", "gauge-error-too-big: [replace-gauge]");
        assertThat(TimingPolicy.ofCode("soup-table")).contains(TimingPolicy.SOUP_TABLE);
        assertThat(TimingPolicy.ofCode("neither")).isEmpty();
        assertThat(Verdict.ofCode("own-judgement")).contains(Verdict.OWN_JUDGEMENT);
        assertThat(Verdict.ofCode("maybe")).isEmpty();
        assertThat(TimingPolicy.LONGEST_INGREDIENT.code()).isEqualTo("longest-ingredient");
    }
}
