package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.page.PageReader;
import org.mobrel.page.RecipePage;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.QuestionCode;

/** What steps do to a ruling, and how each is mended or answered. */
class StepRulesTest {

    private static final LineReader READER = new LineReader(Catalogue.load());
    private static final Rulings RULINGS = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());
    private static final RemedyEvaluator MENDING = new RemedyEvaluator(RULINGS, READER);
    private static final List<String> SOUP =
            List.of("2 lb carrots, peeled and sliced", "1 lb dried navy beans, soaked overnight", "3 qt chicken stock");

    private static Batch batch(List<String> texts, String... steps) {
        List<IngredientLine> lines = READER.readAll(texts);
        return new Batch(
                lines,
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 7)),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT,
                Method.of(List.of(steps), lines, READER));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # a step that stops                      | finding                | its first remedy   | the step it leaves
            Simmer. Blend until smooth.              | step-purees            | finish-at-serving  | Simmer. When you open the jar: blend until smooth.
            Thicken with flour.                      | step-thickens          | finish-at-serving  | When you open the jar: thicken with flour.
            Boil 5 minutes. Stir in the cream.       | step-adds-stopped-food | finish-at-serving  | Boil 5 minutes. When you open the jar: stir in the cream.
            Put the beans in the jars dry.           | step-dry-beans         | soak-first         | Soak the beans overnight, 12 to 18 hours, and drain them. Boil them 30 minutes in fresh water.
            Vent 5 minutes. Close the vent.          | step-short-vent        | vent-ten-minutes   | Vent the canner 10 minutes before the weight goes on. Close the vent.
            Cool the canner under running water.     | step-forced-cooling    | cool-by-itself     | Let the canner cool by itself until the pressure is zero.
            """)
    void a_step_that_stops_is_quoted_and_its_remedy_mends_it(String step, String code, String remedy, String left) {
        Batch batch = batch(SOUP, "Fill the jars half.", step);
        Ruling ruling = RULINGS.rule(batch);
        Finding found =
                ruling.findings().stream().filter(Finding::isStop).findFirst().orElseThrow();
        assertThat(found.code()).isEqualTo(code);
        assertThat(found.said().orElseThrow().step()).isEqualTo(1);
        assertThat(step).contains(found.said().orElseThrow().words());
        Remedy first = found.remedies().get(0);
        assertThat(first.code()).isEqualTo(remedy);
        assertThat(first.edits().get(0).to()).contains(left);
        Ruling mended = RULINGS.rule(MENDING.apply(batch, found, first.edits()));
        assertThat(mended.verdict()).isEqualTo(Verdict.COVERED);
        assertThat(mended.timing().orElseThrow().minutes().value()).isEqualTo(90);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # step                                   | question             | as set  | as the step says
            Pack the jars raw.                       | pack-says-otherwise  | covered | stop
            Fill the jars 3/4 full with solids.      | fill-says-otherwise  | covered | own-judgement
            Stuff the jars tightly with everything.  | fill-says-otherwise  | covered | stop
            Soak the beans 6 hours.                  | soak-says-otherwise  | covered | stop
            Boil the beans 10 minutes.               | boil-says-otherwise  | covered | stop
            """)
    void a_step_that_says_otherwise_is_asked_and_either_answer_counts(
            String step, String code, String asSet, String asSaid) {
        Batch batch = batch(SOUP, step);
        Ruling ruling = RULINGS.rule(batch);
        RulingQuestion asked = ruling.questions().stream()
                .filter(question -> question.code().code().equals(code))
                .findFirst()
                .orElseThrow();
        assertThat(ruling.timing()).isEmpty();
        for (String choice : List.of("as-set:" + asSet, "as-the-step-says:" + asSaid)) {
            String[] cells = choice.split(":");
            Ruling answered = RULINGS.rule(batch.answering(new Answer(asked.code(), asked.words(), cells[0])));
            assertThat(answered.verdict().code()).as(choice).isEqualTo(cells[1]);
            assertThat(answered.questions()).isEmpty();
        }
    }

    @Test
    void a_food_that_only_a_step_names_is_asked_about_where_it_could_raise_the_time() {
        List<String> carrots = List.of("2 lb carrots, peeled and sliced", "2 onions, chopped", "2 qt chicken stock");
        Batch batch = batch(carrots, "Add the corn and boil 5 minutes.");
        Ruling asked = RULINGS.rule(batch);
        assertThat(asked.verdict()).isEqualTo(Verdict.ASK);
        RulingQuestion question = asked.questions().get(0);
        Ruling listed =
                RULINGS.rule(batch.answering(new Answer(QuestionCode.NOT_UNDERSTOOD, question.words(), "list-it")));
        assertThat(listed.timing().orElseThrow().minutes().value()).isEqualTo(85);
        assertThat(RULINGS.rule(batch(SOUP, "Add the corn and boil 5 minutes.")).verdict())
                .as("beans ask for more than corn")
                .isEqualTo(Verdict.COVERED);
        assertThat(RULINGS.rule(batch(carrots, "Add the carrots, then the stock."))
                        .verdict())
                .isEqualTo(Verdict.COVERED);
    }

    @Test
    void two_foods_of_one_sentence_are_two_questions() {
        Batch batch = batch(
                List.of("2 lb carrots, peeled and sliced", "2 onions, chopped", "2 qt chicken stock"),
                "Add the corn and the kale and boil 5 minutes.");
        Ruling both = RULINGS.rule(batch);
        assertThat(both.questions()).extracting(RulingQuestion::words).containsExactlyInAnyOrder("corn", "kale");
        Ruling one =
                RULINGS.rule(batch.answering(new Answer(QuestionCode.NOT_UNDERSTOOD, "corn", "only-a-description")));
        assertThat(one.questions()).extracting(RulingQuestion::words).containsExactly("kale");
        assertThat(one.questions().get(0).choices().get(1).choice().edits())
                .extracting(edit -> edit.to().orElseThrow())
                .containsExactly("kale");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Blend everything until smooth.", "3. Mash the beans."})
    void a_step_that_stands_among_the_lines_counts_as_one(String step) {
        List<String> lines = new ArrayList<>(SOUP);
        lines.add(1, step);
        Ruling ruling = RULINGS.rule(batch(lines));
        assertThat(ruling.findings())
                .filteredOn(finding -> finding.code().equals("step-purees"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.line()).hasValue(1));
    }

    /** Every recipe of the ordinary fifty, with one step that spoils it, in any place. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Puree it all.",
                "Blend with a stick blender until smooth.",
                "Thicken with cornstarch.",
                "Stir in half a cup of flour.",
                "Add noodles.",
                "Vent 4 minutes."
            })
    void no_ordinary_recipe_is_covered_with_a_step_that_spoils_it(String step) {
        List<List<String>> recipes = ordinary();
        assertThat(recipes).hasSize(50);
        for (List<String> lines : recipes) {
            Ruling before = RULINGS.rule(batch(lines));
            for (String[] steps :
                    List.of(new String[] {step, "Boil 5 minutes."}, new String[] {"Boil 5 minutes.", step})) {
                assertThat(RULINGS.rule(batch(lines, steps)).verdict())
                        .as("%s with %s", lines, step)
                        .isEqualTo(Verdict.STOP);
            }
            assertThat(RULINGS.rule(batch(lines, "Note: grandmother added noodles and blended it."))
                            .timing()
                            .map(Timing::minutes))
                    .as("a remark changes nothing")
                    .isEqualTo(before.timing().map(Timing::minutes));
        }
    }

    /** A page and its lines typed one after the other come to the same parts. */
    @Test
    void typing_and_pasting_end_in_the_same_reading() {
        PageReader pages = new PageReader(READER);
        for (List<String> lines : ordinary()) {
            String typed = String.join("\n", lines) + "\nBoil everything 5 minutes.\nFill half with solids.";
            RecipePage bare = pages.read(typed);
            RecipePage headed = pages.read("Some soup\nIngredients\n" + String.join("\n", lines)
                    + "\nDirections\n1. Boil everything 5 minutes.\n2. Fill half with solids.");
            assertThat(bare.steps()).isEqualTo(headed.steps());
            List<String> left = new ArrayList<>(headed.ingredients());
            bare.title().ifPresent(left::remove);
            assertThat(bare.ingredients()).isEqualTo(left);
        }
    }

    private static List<List<String>> ordinary() {
        return Arrays.stream(Cases.text("/cases/ordinary-recipes.txt").split("(?m)^\\s*$"))
                .map(block -> block.lines()
                        .filter(line -> !line.isBlank() && !line.startsWith("#") && !line.startsWith("="))
                        .map(line -> line.replaceFirst("^[!?-] ", ""))
                        .toList())
                .filter(block -> !block.isEmpty())
                .toList();
    }

    @Test
    void a_setting_names_what_it_comes_from() {
        List<IngredientLine> meat = READER.readAll(List.of("9 lb boneless chicken thighs"));
        Method raw = Method.of(List.of("Pack the raw chicken into the jars."), meat, READER);
        Setting set = Setting.of(
                meat, raw, Optional.empty(), Optional.empty(), JarSize.QUART, READER.catalogue(), JarTable.load());
        assertThat(set).isEqualTo(new Setting(Pack.RAW, Fraction.of(1), Setting.From.STEPS, Setting.From.STEPS));
        Setting asked = Setting.of(
                meat,
                raw,
                Optional.of(Pack.HOT),
                Optional.of(Fraction.HALF),
                JarSize.QUART,
                READER.catalogue(),
                JarTable.load());
        assertThat(asked).isEqualTo(new Setting(Pack.HOT, Fraction.HALF, Setting.From.REQUEST, Setting.From.REQUEST));
    }
}
