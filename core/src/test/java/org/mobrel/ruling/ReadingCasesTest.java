package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;

/** Dangerous lines, known lines and ordinary recipes: nothing dangerous is covered, and little is asked in vain. */
class ReadingCasesTest {

    private static final List<String> AMONG =
            List.of("3 cups carrots, peeled and sliced", "3 cups green beans, cut", "2 qt chicken stock");
    private static final Set<String> CODES = Set.of("piece-too-big", "unpeeled", "dry-beans");

    private static final LineReader READER = new LineReader(Catalogue.load());
    private static final Rulings RULINGS = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());

    private static Ruling rule(List<String> lines) {
        return RULINGS.rule(new Batch(
                READER.readAll(lines),
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.PINT, Mouth.REGULAR, 4)),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT));
    }

    private static Ruling among(String line) {
        return rule(Stream.concat(AMONG.stream(), Stream.of(line)).toList());
    }

    static Stream<String> rows(String file) {
        return Cases.text("/cases/" + file).lines().filter(line -> !line.startsWith("#"));
    }

    static Stream<String> dangerous() {
        return rows("must-not-be-covered.tsv").map(row -> row.split("\t")[1]);
    }

    static Stream<String> known() {
        return rows("known-lines.tsv");
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("dangerous")
    void a_dangerous_line_is_not_covered(String line) {
        assertThat(among(line).verdict()).isIn(Verdict.STOP, Verdict.ASK);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("known")
    void a_line_is_what_cooks_mean_by_it(String row) {
        String[] cells = row.split("\t");
        Ruling ruling = among(cells[0]);
        int at = AMONG.size();
        IngredientLine line = ruling.lines().get(at).line();
        Set<String> stops = stops(ruling, at);
        String said =
                switch (cells[1]) {
                    case "stop" -> stops.isEmpty() ? "not stopped" : "stop";
                    case "ask" -> stops.isEmpty() && asks(ruling, at) ? "ask" : "not asked";
                    case "step" -> line.kind() == LineKind.STEP ? "step" : "no step";
                    case "not-ingredient" ->
                        line.kind() == LineKind.NOT_INGREDIENT || line.kind() == LineKind.HEADING
                                ? "not-ingredient"
                                : "ingredient";
                    default -> CODES.contains(cells[1]) ? first(stops, cells[1]) : foods(ruling, at);
                };
        assertThat(said).isEqualTo(cells[1]);
    }

    private static String first(Set<String> stops, String wanted) {
        return stops.contains(wanted) ? wanted : stops.toString();
    }

    private static String foods(Ruling ruling, int at) {
        String foods =
                ruling.lines().get(at).line().foods().stream().map(Food::id).collect(Collectors.joining(","));
        return asks(ruling, at) || !stops(ruling, at).isEmpty() ? foods + ", asked or stopped" : foods;
    }

    private static Set<String> stops(Ruling ruling, int at) {
        return ruling.findings().stream()
                .filter(finding -> finding.isStop() && finding.line().equals(OptionalInt.of(at)))
                .map(Finding::code)
                .collect(Collectors.toSet());
    }

    private static boolean asks(Ruling ruling, int at) {
        return ruling.questions().stream().anyMatch(question -> question.line().equals(OptionalInt.of(at)));
    }

    private record Recipe(String title, List<String> lines, List<String> marks) {}

    private static List<Recipe> ordinary() {
        List<Recipe> recipes = new ArrayList<>();
        rows("ordinary-recipes.txt").filter(row -> !row.isBlank()).forEach(row -> {
            if (row.startsWith("= ")) {
                recipes.add(new Recipe(row.substring(2), new ArrayList<>(), new ArrayList<>()));
            } else {
                boolean marked = row.matches("[!?-] .*");
                Recipe recipe = recipes.get(recipes.size() - 1);
                recipe.lines().add(marked ? row.substring(2) : row);
                recipe.marks().add(marked ? row.substring(0, 1) : "");
            }
        });
        return recipes;
    }

    /** What is wrong with a line of an ordinary recipe; empty where it is read as marked. */
    private static Optional<String> wrong(Recipe recipe, Ruling ruling, int at) {
        boolean stops = !stops(ruling, at).isEmpty();
        boolean asks = asks(ruling, at);
        boolean right =
                switch (recipe.marks().get(at)) {
                    case "!" -> stops;
                    case "?" -> asks && !stops;
                    default -> !asks && !stops;
                };
        return right
                ? Optional.empty()
                : Optional.of(recipe.title() + ": " + recipe.lines().get(at));
    }

    @Test
    void fifty_ordinary_recipes_are_hardly_asked_about() {
        List<Recipe> recipes = ordinary();
        List<String> wrong = new ArrayList<>();
        int lines = 0;
        int asked = 0;
        for (Recipe recipe : recipes) {
            Ruling ruling = rule(recipe.lines());
            lines += recipe.lines().size();
            asked += (int) IntStream.range(0, recipe.lines().size())
                    .filter(at -> asks(ruling, at))
                    .count();
            IntStream.range(0, recipe.lines().size())
                    .mapToObj(at -> wrong(recipe, ruling, at))
                    .flatMap(Optional::stream)
                    .forEach(wrong::add);
        }
        assertThat(recipes).hasSize(50);
        assertThat(wrong).as("of %s lines at most 5 %%", lines).hasSizeLessThanOrEqualTo(lines / 20);
        assertThat(asked).isLessThanOrEqualTo(lines / 10);
    }
}
