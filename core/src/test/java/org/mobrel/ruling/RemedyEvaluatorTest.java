package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** What each remedy does to the recipe, and what the recipe then gets. */
class RemedyEvaluatorTest {

    private static final LineReader reader = new LineReader(Catalogue.load());
    private static final Rulings rulings = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());
    private static final RemedyEvaluator mending = new RemedyEvaluator(rulings, reader);

    private Batch batch(String lines, Pack pack, double share, JarSize size) {
        return new Batch(
                reader.readAll(Arrays.asList(lines.split(" \\+ "))),
                pack,
                Fraction.of(share),
                List.of(new JarCount(size, Mouth.WIDE, 3)),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT);
    }

    private Batch soup(String lines) {
        return batch(lines, Pack.HOT, 0.5, JarSize.QUART);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '^',
            textBlock =
                    """
            # a line among carrots and peas               | each remedy: what becomes of the line
            1 cup flour                                   | leave-out: gone; finish-at-serving: 1 cup flour, at serving
            1 cup rice                                    | leave-out: gone; finish-at-serving: 1 cup rice, at serving
            1 cup cream                                   | leave-out: gone; finish-at-serving: 1 cup cream, at serving; freeze: -
            2 tbsp butter                                 | brown-and-drain: 2 tbsp butter, for browning, drained; finish-at-serving: 2 tbsp butter, at serving
            6 cups mashed pumpkin                         | leave-in-pieces: 6 cups cut up pumpkin; freeze: -
            1 cup hummus                                  | leave-in-pieces: -; freeze: -
            3 lb unpeeled potatoes                        | peel: 3 lb peeled potatoes
            3 lb potatoes, skin on                        | peel: 3 lb potatoes, peeled
            2 lb carrots, do not peel                     | peel: 2 lb carrots, peeled
            1 lb navy beans, unsoaked                     | soak-first: 1 lb navy beans, soaked overnight
            1 lb navy beans straight into the jar         | soak-first: 1 lb navy beans soaked overnight
            3 cups dry beans in the jar                   | soak-first: 3 cups dried beans, soaked overnight
            3 lb beef in 2-inch cubes                     | cut-smaller: 3 lb beef in 1-inch cubes
            3 lb beef in 1 1/2-2" cubes                   | cut-smaller: 3 lb beef in 1-inch cubes
            3 lb beef, 4 cm pieces                        | cut-smaller: 3 lb beef, 1-inch pieces
            2 lb potatoes in 1-inch dice                  | cut-smaller: 2 lb potatoes in 1/2-inch dice
            2 lb squash and potatoes in 1 1/2-inch cubes, or 1/4-inch slices | cut-smaller: 2 lb squash and potatoes in 1/2-inch cubes, or 1/4-inch slices
            2 lb whole potatoes, 3 inch                   | cut-smaller: 2 lb whole potatoes, 2-inch
            6 whole carrots                               | cut-smaller: 6 cut up carrots
            6 carrots, left whole                         | cut-smaller: 6 carrots, cut up
            2 cups corm                                   | choose-food: 2 cups corn; leave-out: gone; finish-at-serving: 2 cups corm, at serving
            1 lb parsnips                                 | ask-expert: -; leave-out: gone
            2 lb ham                                      | use-less: 0.5 lb ham; leave-out: gone
            900 g ham                                     | use-less: 287 g ham; leave-out: gone
            2 cups ketchup                                | use-less: 0.25 cup ketchup; read-label: -; finish-at-serving: 2 cups ketchup, at serving
            """)
    void a_remedy_changes_no_more_than_it_must(String line, String expected) {
        Batch batch = soup("2 lb carrots, peeled + 2 lb peas + 2 qt water + " + line);
        String done = rulings.rule(batch).findings().stream()
                .filter(finding -> finding.line().equals(OptionalInt.of(3)))
                .flatMap(finding -> finding.remedies().stream())
                .map(remedy -> remedy.code() + ": " + effect(remedy))
                .distinct()
                .collect(Collectors.joining("; "));
        assertThat(done).isEqualTo(expected);
    }

    private static String effect(Remedy remedy) {
        return remedy.edits().isEmpty() ? "-" : remedy.edits().get(0).to().orElse("gone");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                      | pack | share | jars        | each remedy of the whole batch and what it gives
            2 cups carrots + 2 cups kale                 | HOT  | 0.7   | QUART       | half-solids 90 COVERED
            2 cups carrots + 2 cups kale                 | HOT  | 0.9   | QUART       | half-solids 90 COVERED
            2 cups carrots + 2 cups kale                 | RAW  | 0.5   | QUART       | hot-pack 90 COVERED
            5 cups beets                                 | RAW  | 1.0   | PINT        | hot-pack 30 COVERED
            1 lb pinto beans, soaked                     | RAW  | 0.5   | QUART       | hot-pack 90 COVERED
            3 lb cod                                     | HOT  | 1.0   | PINT        | raw-pack 100 COVERED
            5 cups mushrooms                             | HOT  | 1.0   | QUART       | pints-instead 45 COVERED
            2 cups mushrooms + 3 cups peas               | HOT  | 0.7   | QUART       | pints-instead 75 COVERED half-solids 75 COVERED
            2 cups cream-style corn + 3 cups peas        | HOT  | 0.5   | QUART       | pints-instead 85 COVERED
            6 qt beef stock                              | HOT  | 0.5   | HALF_GALLON | smaller-jars 25 COVERED pints-instead 20 COVERED
            """)
    void a_remedy_of_the_pack_is_ruled_on_in_full(
            String lines, Pack pack, double share, JarSize size, String expected) {
        Batch batch = batch(lines, pack, share, size);
        List<Finding> findings = rulings.rule(batch).findings();
        String tried = mending.all(batch, findings).stream()
                .map(one ->
                        findings.get(one.finding()).remedies().get(one.remedy()).code() + " "
                                + one.gives()
                                        .timing()
                                        .map(time -> time.minutes().value() + " ")
                                        .orElse("")
                                + one.gives().verdict())
                .distinct()
                .collect(Collectors.joining(" "));
        assertThat(tried).isEqualTo(expected);
    }

    @Test
    void a_remedy_that_leaves_nothing_over_is_not_tried() {
        Batch batch = soup("1 cup cream");
        List<Finding> findings = rulings.rule(batch).findings();
        assertThat(mending.all(batch, findings))
                .extracting(one ->
                        findings.get(one.finding()).remedies().get(one.remedy()).code())
                .containsExactly("finish-at-serving");
        Batch two = soup("1 cup cream + 2 lb carrots + 1 cup rice");
        List<RemedyEvaluator.Tried> tried = mending.all(two, rulings.rule(two).findings());
        assertThat(tried).hasSize(4).allSatisfy(one -> assertThat(one.gives().verdict())
                .isEqualTo(Verdict.STOP));
        assertThat(tried).extracting(RemedyEvaluator.Tried::finding).containsExactly(0, 0, 1, 1);
    }

    @Test
    void larger_jars_become_two_smaller_ones_and_small_ones_stay() {
        Batch mixed = soup("5 cups mushrooms")
                .with(List.of(
                        new JarCount(JarSize.QUART, Mouth.WIDE, 3), new JarCount(JarSize.HALF_PINT, Mouth.WIDE, 2)));
        Batch smaller = mending.apply(mixed, Findings.tooManySolids(), List.of(Edit.of(Edit.Part.JAR_SIZE, "pint")));
        assertThat(smaller.jars())
                .containsExactly(
                        new JarCount(JarSize.PINT, Mouth.REGULAR, 6), new JarCount(JarSize.HALF_PINT, Mouth.WIDE, 2));
    }

    @Test
    void an_own_food_is_stopped_with_its_way_out() {
        LineReader own = new LineReader(Catalogue.load(), List.of(StoppedIngredient.ownFood("sea beets")), Map.of());
        Ruling ruling =
                rulings.rule(soup("2 lb carrots").withLines(own.readAll(List.of("2 lb carrots", "1 lb sea beets"))));
        assertThat(ruling.findings()).singleElement().satisfies(finding -> {
            assertThat(finding.code()).isEqualTo("no-tested-process");
            assertThat(finding.text()).startsWith("Your own sea beets: a food of your own");
            assertThat(finding.source().orElseThrow().text()).isEqualTo("your own food");
            assertThat(finding.remedies())
                    .extracting(Remedy::code)
                    .containsExactly("leave-out", "finish-at-serving", "freeze");
        });
    }

    @Test
    void the_time_without_each_line_is_a_ruling_of_its_own() {
        Batch batch =
                soup("For the pot: + 1 lb pinto beans, soaked + 3 cups corn + 2 lb potatoes, peeled + 2 qt water");
        assertThat(Without.each(rulings, batch, rulings.rule(batch)))
                .extracting(without -> without.line() + ": " + minutes(without.minutes(), JarSize.PINT) + "/"
                        + minutes(without.minutes(), JarSize.QUART))
                .containsExactly("1: 60/85", "2: 75/90", "3: 75/90", "4: 75/90");
        Batch alone = soup("3 cups corn");
        assertThat(Without.each(rulings, alone, rulings.rule(alone))).isEmpty();
        Batch stopped = soup("3 cups corn + 1 cup rice + 1 cup cream");
        assertThat(Without.each(rulings, stopped, rulings.rule(stopped)))
                .allSatisfy(without -> assertThat(without.minutes()).isEmpty());
        List<String> many = new ArrayList<>(List.of("1 lb pinto beans, soaked"));
        for (int line = 0; line < 40; line++) {
            many.add("1 cup carrots");
        }
        Batch large = soup(String.join(" + ", many));
        assertThat(Without.each(rulings, large, rulings.rule(large)))
                .as("beyond forty lines only those that set the time")
                .extracting(Without::line)
                .containsExactly(0);
    }

    private static String minutes(Map<JarSize, Minutes> minutes, JarSize size) {
        return Optional.ofNullable(minutes.get(size))
                .map(time -> Integer.toString(time.value()))
                .orElse("-");
    }

    @Test
    void variants_share_the_canner_and_the_longest_time() {
        Batch base = soup("3 cups green beans + 2 lb potatoes, peeled + 2 qt water");
        Variant plain = new Variant("with thyme", reader.readAll(List.of("1 sprig thyme")));
        Variant corn = new Variant("with corn", reader.readAll(List.of("2 cups corn")));
        Variant creamy = new Variant("creamy", reader.readAll(List.of("1 cup cream")));
        Variant rooted = new Variant("with parsnips", reader.readAll(List.of("1 cup parsnips")));
        assertThat(VariantRuling.rule(rulings, base, List.of()).headline())
                .isEqualTo(rulings.rule(base).headline());
        assertThat(VariantRuling.rule(rulings, base, List.of(plain)).headline())
                .isEqualTo("The soup table sets the time, not an ingredient: 75 min in quarts.");
        Ruling longer = VariantRuling.rule(rulings, base, List.of(plain, corn));
        assertThat(longer.timing().orElseThrow().minutes().value()).isEqualTo(85);
        assertThat(longer.timing().orElseThrow().pacesetters())
                .as("the corn is no line of the base")
                .isEmpty();
        assertThat(longer.headline()).isEqualTo("Corn sets the time: 85 min in quarts. (with corn)");
        assertThat(longer.lines()).hasSize(3);
        Ruling stopped = VariantRuling.rule(rulings, base, List.of(plain, creamy));
        assertThat(stopped.verdict()).isEqualTo(Verdict.STOP);
        assertThat(stopped.headline()).isEqualTo("One thing stops this.");
        assertThat(stopped.findings()).singleElement().satisfies(finding -> {
            assertThat(finding.text()).startsWith("Creamy: Milk and cream");
            assertThat(finding.line()).isEmpty();
        });
        assertThat(VariantRuling.rule(rulings, base, List.of(rooted)).verdict()).isEqualTo(Verdict.OWN_JUDGEMENT);
    }

    private static List<String> rows(Ruling ruling) {
        return ruling.rows().stream()
                .map(use -> use.row()
                        + (use.line().isPresent() ? " of line " + use.line().getAsInt() : ""))
                .sorted()
                .toList();
    }

    @Test
    void a_batch_rests_on_the_rows_of_every_variant_and_asks_what_any_of_them_asks_once() {
        Batch base = soup("3 cups green beans + 2 lb potatoes, peeled + 2 qt water");
        Variant corn = new Variant("with corn", reader.readAll(List.of("2 cups corn")));
        Variant plain = new Variant("with thyme", reader.readAll(List.of("1 sprig thyme")));
        List<String> own = rows(rulings.rule(base));
        assertThat(rows(VariantRuling.rule(rulings, base, List.of(plain)))).isEqualTo(own);
        assertThat(own).noneMatch(row -> row.startsWith("corn-kernels"));
        List<String> withCorn = rows(VariantRuling.rule(rulings, base, List.of(plain, corn)));
        assertThat(withCorn).containsAll(own).hasSize(own.size() + 1);
        assertThat(withCorn).as("a variant's line is none of the base's").contains("corn-kernels-hot");

        Variant unclear = new Variant("with zorbly corn", reader.readAll(List.of("2 cups zorbly corn")));
        Ruling asked = VariantRuling.rule(rulings, base, List.of(plain, unclear));
        assertThat(asked.verdict()).isEqualTo(Verdict.ASK);
        assertThat(asked.questions()).singleElement().satisfies(question -> {
            assertThat(question.line()).isEmpty();
            assertThat(question.text()).startsWith("With zorbly corn: ");
        });
        Batch open = soup("2 cups zorbly carrots + 2 lb potatoes, peeled + 2 qt water");
        assertThat(VariantRuling.rule(rulings, open, List.of(plain, corn)).questions())
                .as("asked of the base, and not again of each variant")
                .isEqualTo(rulings.rule(open).questions());
        Batch halted = soup("1 cup cream + 2 lb potatoes, peeled + 2 qt water");
        assertThat(VariantRuling.rule(rulings, halted, List.of(plain, corn)).findings())
                .isEqualTo(rulings.rule(halted).findings());
        List<IngredientLine> blend = reader.readAll(List.of("Blend until smooth."));
        Variant smooth = new Variant("blended", blend, Method.of(List.of(), blend, reader));
        Ruling stopped = VariantRuling.rule(rulings, base, List.of(smooth, plain));
        assertThat(stopped.verdict()).isEqualTo(Verdict.STOP);
        assertThat(stopped.findings()).isNotEmpty().allSatisfy(finding -> assertThat(finding.text())
                .startsWith("Blended: "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                                | share | rows considered, what part they play, their times
            2 cups carrots + 2 cups peas                           | 0.5   | floor soup 60/75 *; passed-over mixed vegetables 75/90
            1 lb pinto beans, soaked + 2 cups carrots              | 0.5   | floor soup 60/75; passed-over mixed vegetables 75/90
            2 cups carrots + 2 cups peas                           | 0.9   | floor mixed vegetables 75/90 *; passed-over soup 60/75
            2 cups carrots + 2 cups kale                           | 0.6   | floor mixed vegetables 75/90; floor soup 60/75
            2 cups carrots                                         | 0.9   | passed-over soup 60/75
            1 lb cod + 2 cups carrots                              | 0.5   | floor soup with seafood 100/100 *; passed-over soup 60/75; passed-over mixed vegetables 75/90; passed-over fish 100/160
            1 lb shrimp + 2 cups carrots                           | 0.5   | floor soup with seafood 100/100 *; passed-over soup 60/75; passed-over mixed vegetables 75/90
            1 lb pinto beans, soaked + 3 cups tomatoes             | 0.5   | floor soup 60/75; passed-over mixed vegetables 75/90; one-dish dried beans in tomato or molasses sauce 65/75
            1 lb pinto beans, soaked + 1 lb ground beef, browned + 2 cups peppers | 0.5 | floor soup 60/75; passed-over mixed vegetables 75/90; one-dish chili with beans and ground meat 75/-
            2 cups corn + 2 cups lima beans                        | 0.5   | floor soup 60/75; passed-over mixed vegetables 75/90; one-dish succotash 60/85
            """)
    void the_answer_says_which_rows_were_looked_at(String lines, double share, String expected) {
        Ruling ruling = rulings.rule(batch(lines, Pack.HOT, share, JarSize.QUART));
        String considered = ruling.considered().stream()
                .map(row -> "%s %s %s/%s%s"
                        .formatted(
                                row.kind().code(),
                                row.what(),
                                minutes(row.minutes(), JarSize.PINT),
                                minutes(row.minutes(), JarSize.QUART),
                                row.outcome().endsWith("here it sets the time.") ? " *" : ""))
                .collect(Collectors.joining("; "));
        assertThat(considered).isEqualTo(expected);
        assertThat(ruling.considered())
                .allSatisfy(row -> assertThat(row.source().text()).startsWith("Guide"));
    }
}
