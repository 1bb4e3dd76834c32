package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.page.PageReader;
import org.mobrel.page.RecipePage;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** How people write and talk: what spoils a page is noticed, and what is harmless leaves it covered. */
class CorpusTest {

    private static final LineReader READER = new LineReader(Catalogue.load());
    private static final PageReader PAGES = new PageReader(READER);
    private static final JarTable JARS = JarTable.load();
    private static final Rulings RULINGS = new Rulings(Catalogue.load(), PressureTable.load(), JARS);

    /** Whatever a sentence speaks of is on this list. */
    static final String LIST =
            """
            2 lb dried navy beans, soaked overnight, drained, boiled 30 minutes
            1 lb boneless beef, cut in 1-inch cubes
            1 lb boneless chicken, cut in 1-inch cubes
            2 cups carrots, peeled and diced
            2 cups potatoes, peeled, in 1/2-inch cubes
            2 cups sweet potatoes, peeled, in 1-inch cubes
            2 cups butternut squash, peeled, in 1-inch cubes
            2 cups tomatoes, peeled and chopped
            1 cup chopped onion
            1 cup chopped celery
            1 cup whole kernel corn
            1 cup green beans, cut in 1-inch pieces
            1 cup green peas
            1 cup bell pepper, chopped
            1 cup mushrooms, sliced
            2 cloves garlic, minced
            3 qt beef stock
            1 qt chicken stock
            1 tsp salt
            1 tsp thyme
            2 bay leaves
            """;

    static final String BEGIN = "Brown the meat and drain off the fat.\nAdd everything and boil 5 minutes.\n";
    static final String END =
            "Fill hot jars half full of solids, top with broth, leaving 1 inch headspace.\nProcess pints 75 minutes and quarts 90 minutes at 10 lb.\n";

    static Ruling rule(String text) {
        RecipePage page = PAGES.read(text);
        List<IngredientLine> lines = READER.readAll(page.ingredients());
        Method method = Method.of(page.steps(), lines, READER);
        Setting set =
                Setting.of(lines, method, Optional.empty(), Optional.empty(), JarSize.QUART, READER.catalogue(), JARS);
        return RULINGS.rule(new Batch(
                lines,
                set.pack(),
                set.share(),
                List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 7)),
                Altitude.ofFeet(500),
                new Gauge(GaugeKind.WEIGHTED, GaugeError.NONE),
                TimingPolicy.LONGEST_INGREDIENT,
                method));
    }

    private static Ruling ruleWith(String sentence, String kind) {
        String list = "Ingredients\n" + LIST + "Directions\n";
        return rule(
                switch (kind) {
                    case "title" -> sentence + "\n" + list + BEGIN + END;
                    case "clutter", "yield", "meta" -> "Big soup\n" + sentence + "\n" + list + BEGIN + END;
                    case "heading" -> "Big soup\n" + list + sentence + "\n" + BEGIN + END;
                    default -> "Big soup\n" + list + BEGIN + sentence + "\n" + END;
                });
    }

    static boolean isNoticed(Ruling ruling) {
        return ruling.verdict() == Verdict.STOP || ruling.verdict() == Verdict.ASK;
    }

    /** The numbers only rise: a sentence that is read rightly now is read rightly for good. */
    @ParameterizedTest
    @CsvSource({
        "steps-spoiling.tsv, true, 400",
        "own-spoiling.tsv, true, 400",
        "steps-twins.tsv, false, 98",
        "steps-ordinary.tsv, false, 459",
        "own-ordinary.tsv, false, 297"
    })
    void sentences(String file, boolean spoils, int least) {
        List<String> wrong = new ArrayList<>();
        int right = 0;
        for (String row : Cases.text("/cases/corpus/" + file).lines().toList()) {
            String[] cells = row.split("\t", -1);
            if (row.startsWith("#") || row.isBlank()) {
                continue;
            }
            Ruling ruling = ruleWith(cells[0], cells.length > 1 ? cells[1] : "step");
            boolean isRight = spoils ? isNoticed(ruling) : ruling.verdict() == Verdict.COVERED;
            right += isRight ? 1 : 0;
            if (!isRight) {
                wrong.add(cells[0]);
            }
        }
        assertThat(right).as("%s, wrong: %s", file, wrong).isGreaterThanOrEqualTo(least);
    }

    /** Right: covered or asked about as it should be, with its foods; what should be asked about may be stopped. */
    @Test
    void lines() {
        List<String> wrong = new ArrayList<>();
        int right = 0;
        int inVain = 0;
        for (String row : Cases.text("/cases/corpus/lines.tsv").lines().toList()) {
            String[] cells = row.split("\t", -1);
            if (row.startsWith("#") || row.isBlank()) {
                continue;
            }
            Ruling ruling = rule(
                    "Soup\nIngredients\n" + cells[0]
                            + "\n2 qt water\n1 cup carrots, peeled and diced\nDirections\nBoil 5 minutes.\nFill hot jars half full.\n");
            boolean covered = cells[4].equals("covered");
            Set<String> foods =
                    READER.read(cells[0]).foods().stream().map(Food::id).collect(Collectors.toSet());
            Set<String> wanted = Set.of(Arrays.stream(cells[1].split("[;,]"))
                    .map(String::strip)
                    .filter(id -> !id.isEmpty())
                    .distinct()
                    .toArray(String[]::new));
            boolean isRight = covered ? !isNoticed(ruling) && foods.equals(wanted) : isNoticed(ruling);
            right += isRight ? 1 : 0;
            inVain += covered && ruling.verdict() == Verdict.ASK ? 1 : 0;
            if (!isRight) {
                wrong.add(cells[0]);
            }
        }
        assertThat(right).as("wrong: %s", wrong).isGreaterThanOrEqualTo(446);
        assertThat(inVain).isLessThanOrEqualTo(9);
    }

    /** Each page is read as its cook meant it, and noticed with the one sentence in it that spoils it. */
    @Test
    void pages_of_several_cooks() {
        List<String> refused = new ArrayList<>();
        List<String> missed = new ArrayList<>();
        for (String page : Cases.text("/cases/corpus/own-pages.txt").split("(?m)^== ")) {
            if (page.startsWith("#")) {
                continue;
            }
            String text = page.substring(page.indexOf('\n') + 1);
            Ruling plain = rule(text.replaceAll("(?m)^~~.*\n", ""));
            boolean right = !isNoticed(plain)
                    && plain.timing().orElseThrow().minutes().value()
                            == Integer.parseInt(page.substring(0, page.indexOf('\n')));
            (right ? new ArrayList<String>() : refused)
                    .add(text.lines().findFirst().orElseThrow());
            if (!isNoticed(rule(text.replaceAll("(?m)^~~", "")))) {
                text.lines().filter(line -> line.startsWith("~~")).forEach(missed::add);
            }
        }
        // A stock that is strained counts what was in it; greens pressed into their jars are no mixture.
        assertThat(refused).containsOnly("Stock day!");
        assertThat(missed).containsOnly("~~Pack it in solid, you want it as tight as you can get it.");
    }

    @Test
    void ordinary_pages_are_covered_with_their_minutes_and_spoiled_ones_are_not() throws IOException {
        List<String> refused = new ArrayList<>();
        for (JsonNode page : Cases.of("ordinary-pages.json").toList()) {
            Ruling ruling = rule(page.get("text").asString());
            boolean right = !page.get("must_be").asString().equals("covered")
                    || ruling.timing().isPresent()
                            && ruling.timing().get().minutes().value()
                                    == page.get("minutes_quart").asInt();
            if (!right) {
                refused.add(page.get("name").asString());
            }
        }
        assertThat(refused).isEmpty();
        JsonNode cases = new ObjectMapper().readTree(Cases.text("/cases/method-cases.json"));
        assertThat(cases.get("spoiled")
                        .valueStream()
                        .filter(page -> !isNoticed(rule(page.get("text").asString()))))
                .extracting(page -> page.get("bad").asString())
                .isEmpty();
        assertThat(cases.get("controls").valueStream())
                .allMatch(page -> rule(page.get("text").asString()).verdict() == Verdict.COVERED);
    }
}
