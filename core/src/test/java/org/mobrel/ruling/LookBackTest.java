package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** What was done without a ruling: covered only where everything that matters is known and as the tables ask. */
class LookBackTest {

    private static final LineReader READER = new LineReader(Catalogue.load());
    private static final Rulings RULINGS = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());

    private static Batch batch(List<String> texts, JarSize size, List<String> steps) {
        List<IngredientLine> lines = READER.readAll(texts);
        return new Batch(
                lines,
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(size, Mouth.REGULAR, 7)),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT,
                Method.of(steps, lines, READER));
    }

    private static Optional<LookBack.Told> told(String word) {
        return switch (word) {
            case "-" -> Optional.empty();
            case "?" -> Optional.of(LookBack.Told.UNKNOWN);
            case "no" -> Optional.of(LookBack.Told.NO);
            default -> Optional.of(LookBack.Told.YES);
        };
    }

    private static LookBack.Deed deed(int minutes, String psi, String[] known) {
        return new LookBack.Deed(
                new Minutes(minutes),
                GaugePressure.ofPsi(new BigDecimal(psi)),
                Pack.ofCode(known[0]),
                known[0].equals("?"),
                switch (known[1]) {
                    case "-" -> Optional.empty();
                    case "1/2" -> Optional.of(LookBack.Fill.HALF);
                    case "2/3" -> Optional.of(LookBack.Fill.TWO_THIRDS);
                    case "3/4" -> Optional.of(LookBack.Fill.THREE_QUARTERS);
                    case "1" -> Optional.of(LookBack.Fill.FULL);
                    default -> Optional.of(LookBack.Fill.UNKNOWN);
                },
                told(known[2]),
                told(known[3]),
                told(known[4]),
                told(known[5]),
                told(known[6]));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/cases/look-back.csv", delimiter = '|', numLinesToSkip = 4)
    void a_deed_is_answered(
            String lines, String size, int minutes, String psi, String known, String covered, String why) {
        LookBack back = LookBack.of(
                RULINGS,
                batch(
                        Arrays.asList(lines.strip().split(" \\+ ")),
                        JarSize.ofCode(size.strip()).orElseThrow(),
                        List.of()),
                deed(minutes, psi.strip(), known.strip().split(" +")));
        assertThat(back.covered().map(Object::toString).orElse("open")).isEqualTo(covered.strip());
        List<String> codes = Stream.concat(
                        back.shortfalls().stream().map(ProcessShortfall.Shortfall::code),
                        back.questions().stream().map(LookBack.Asked::code))
                .distinct()
                .toList();
        assertThat(String.join(" ", codes)).isEqualTo(why == null ? "" : why.strip());
    }

    @Test
    void what_the_steps_say_was_done_was_done() {
        List<String> stew = List.of("3 lb beef, in 1-inch cubes", "2 lb carrots, peeled and sliced", "2 qt water");
        String[] allButPack = {"-", "-", "yes", "-", "-", "yes", "yes"};
        String[] half = {"-", "1/2", "yes", "-", "-", "yes", "yes"};
        assertThat(LookBack.of(RULINGS, batch(stew, JarSize.QUART, List.of("Raw pack.")), deed(90, "10", half))
                        .covered())
                .contains(false);
        assertThat(LookBack.of(
                                RULINGS,
                                batch(stew, JarSize.QUART, List.of("Boil together 5 minutes. Fill the jars half.")),
                                deed(90, "10", allButPack))
                        .covered())
                .contains(true);
        assertThat(LookBack.of(
                                RULINGS,
                                batch(stew, JarSize.QUART, List.of("Blend until smooth.")),
                                deed(90, "10", new String[] {"hot", "1/2", "yes", "-", "-", "yes", "yes"}))
                        .shortfalls())
                .extracting(ProcessShortfall.Shortfall::code)
                .containsExactly("step-purees");
    }

    /** What is open, or what was not as the tables ask; 'covered' where everything was. */
    private static String found(List<String> lines, List<String> steps, String... known) {
        LookBack back = LookBack.of(RULINGS, batch(lines, JarSize.QUART, steps), deed(90, "10", known));
        return back.covered().filter(covered -> covered).isPresent()
                ? "covered"
                : Stream.concat(
                                back.shortfalls().stream().map(ProcessShortfall.Shortfall::code),
                                back.questions().stream().map(LookBack.Asked::code))
                        .distinct()
                        .collect(Collectors.joining(" "));
    }

    @Test
    void steps_answer_what_they_say_and_leave_the_rest_open() {
        List<String> beans = List.of("2 lb dried pinto beans", "3 cups carrots, peeled and diced", "2 qt water");
        String[] open = {"hot", "1/2", "yes", "-", "-", "yes", "yes"};
        assertThat(found(beans, List.of(), open)).isEqualTo("soaked boiled");
        assertThat(found(beans, List.of("Soak the beans overnight."), open)).isEqualTo("boiled");
        assertThat(found(beans, List.of("Soak the beans overnight.", "Boil the beans 30 minutes."), open))
                .isEqualTo("covered");
        assertThat(found(beans, List.of("Soak the beans overnight.", "Boil the beans 29 minutes."), open))
                .isEqualTo("not-boiled");
        assertThat(found(beans, List.of("Soak the beans 2 hours.", "Boil the beans 30 minutes."), open))
                .isEqualTo("not-soaked");
        assertThat(found(
                        beans,
                        List.of("Soak the beans 2 hours.", "Boil the beans 30 minutes."),
                        "hot",
                        "1/2",
                        "yes",
                        "yes",
                        "-",
                        "yes",
                        "yes"))
                .as("the cook's own word goes before the recipe's")
                .isEqualTo("covered");
        assertThat(found(
                        List.of("4 cups carrots, peeled and diced", "2 qt water"),
                        List.of(),
                        "?",
                        "1/2",
                        "yes",
                        "-",
                        "-",
                        "yes",
                        "yes"))
                .as("not known to be hot is raw, which carrots may be")
                .isEqualTo("covered");
    }

    @Test
    void how_full_the_jars_were_is_asked_only_where_it_matters() {
        List<String> stew = List.of("3 lb beef, in 1-inch cubes", "2 lb carrots, peeled and sliced", "2 qt water");
        assertThat(found(stew, List.of(), "hot", "-", "yes", "-", "-", "yes", "yes"))
                .isEqualTo("fill");
        List<String> soup = List.of("2 cups carrots, peeled and diced", "2 cups peas", "2 qt water");
        assertThat(found(
                        soup,
                        List.of("Fill the jars two thirds with solids."),
                        "hot",
                        "-",
                        "yes",
                        "-",
                        "-",
                        "yes",
                        "yes"))
                .isEqualTo(found(soup, List.of(), "hot", "2/3", "yes", "-", "-", "yes", "yes"));
        assertThat(found(
                        List.of("4 cups carrots, peeled and diced"),
                        List.of(),
                        "hot",
                        "-",
                        "yes",
                        "-",
                        "-",
                        "yes",
                        "yes"))
                .as("one food alone fills its jars")
                .isEqualTo("covered");
    }

    /** With everything done as the tables ask, it is covered where the recipe is and nowhere else. */
    @Test
    void it_is_covered_only_where_the_recipe_page_would_be() {
        String[] best = {"hot", "1/2", "yes", "yes", "yes", "yes", "yes"};
        List<List<String>> recipes = Arrays.stream(
                        Cases.text("/cases/ordinary-recipes.txt").split("(?m)^\\s*$"))
                .map(block -> block.lines()
                        .filter(line -> !line.isBlank() && !line.startsWith("#") && !line.startsWith("="))
                        .map(line -> line.replaceFirst("^[!?-] ", ""))
                        .collect(Collectors.toList()))
                .filter(block -> !block.isEmpty())
                .collect(Collectors.toList());
        Cases.text("/cases/must-not-be-covered.tsv")
                .lines()
                .skip(1)
                .map(line -> List.of(line.split("\t")[1], "3 cups carrots, peeled and sliced", "2 qt chicken stock"))
                .forEach(recipes::add);
        assertThat(recipes).hasSizeGreaterThan(300);
        for (List<String> lines : recipes) {
            Batch batch = batch(lines, JarSize.PINT, List.of());
            LookBack back = LookBack.of(RULINGS, batch, deed(120, "15", best));
            Verdict page = RULINGS.rule(batch).verdict();
            assertThat(back.covered().equals(Optional.of(true)))
                    .as("%s: %s, on the page %s", lines, back.covered(), page)
                    .isEqualTo(page == Verdict.COVERED);
        }
    }
}
