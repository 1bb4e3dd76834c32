package org.mobrel.server.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mobrel.foods.AskedAbout;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.StopRemedy;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.foods.TestedProcess;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineQuestion;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Mention;

/**
 * The answer to 'may I can this?' for one food that the words name.
 *
 * @param verdict yes, in-soup, own-judgement, ask or stop
 */
record MayI(String name, String verdict, String text, List<TestedProcess> rows, List<String> instead) {

    /** A dish by its name; one out of a shop or a can is a thing of its own. */
    private static final Pattern DISH = Pattern.compile(
            "\\s*(?:home-?made )?(?!.*\\b(?:canned|tinned|bought|instant|packet|condensed|mix)\\b)(.+?)\\s+(?:soup|stew|chili|hotpot|goulash|ragout|casserole|pot)s?\\s*",
            Pattern.CASE_INSENSITIVE);

    private static final AskedAbout ASKED_ABOUT = AskedAbout.load();

    record MayIResponse(
            String name, String verdict, String text, List<CatalogueController.TableRow> rows, List<String> instead) {}

    static List<MayI> of(String words, LineReader reader) {
        Optional<MayI> known = ASKED_ABOUT.answer(words).map(MayI::of);
        if (known.isPresent()) {
            return List.of(known.get());
        }
        Matcher dish = DISH.matcher(words);
        if (dish.matches()) {
            return Stream.concat(
                            Stream.of(dish(words.strip())), ofFoods(reader.read(dish.group(1)), reader.catalogue()))
                    .toList();
        }
        IngredientLine line = reader.read(words);
        if (!line.mentions().isEmpty()) {
            return ofFoods(line, reader.catalogue()).toList();
        }
        List<String> near = reader.respelled(line).stream()
                .map(meant -> "did you mean %s?".formatted(meant.food().name()))
                .toList();
        return words.isBlank()
                ? List.of()
                : List.of(new MayI(
                        words.strip(),
                        "stop",
                        "Nothing in the tables is called that: no tested time is known for it.",
                        List.of(),
                        Stream.concat(near.stream(), Stream.of("freeze it", "ask your local extension office"))
                                .toList()));
    }

    private static MayI of(AskedAbout.Answer answer) {
        return new MayI(answer.name(), answer.verdict(), answer.text(), List.of(), answer.instead());
    }

    /** A dish is not in the tables; what is in it is. */
    private static MayI dish(String name) {
        return new MayI(
                name,
                "ask",
                "That depends on what is in it. Home-made, boiled together and packed hot, half solids in a thin broth: yes, for as long"
                        + " as its slowest ingredient needs and never under the soup table. Bought, thickened, creamed, blended or with"
                        + " noodles or rice in it: no.",
                List.of(),
                List.of("write its recipe down and see", "freeze it"));
    }

    private static Stream<MayI> ofFoods(IngredientLine line, Catalogue catalogue) {
        return Stream.concat(
                line.questions().stream().map(MayI::of),
                line.mentions().stream().filter(mention -> !mention.isOpen()).map(mention -> of(mention, catalogue)));
    }

    /** What the words may mean is asked before anything is said of them. */
    private static MayI of(LineQuestion question) {
        return new MayI(
                question.words(),
                "ask",
                "That depends. " + question.text(),
                List.of(),
                question.choices().stream().map(Choice::text).toList());
    }

    private static MayI of(Mention mention, Catalogue catalogue) {
        return mention.stop()
                .map(stop -> of(mention.phrase(), stop))
                .orElseGet(() -> of(mention.food().orElseThrow(), catalogue));
    }

    private static MayI of(String phrase, StoppedIngredient stop) {
        return new MayI(
                phrase,
                "stop",
                "%s: %s.".formatted(stop.group(), stop.why()),
                List.of(),
                stop.remedies().stream().map(StopRemedy::words).toList());
    }

    private static MayI of(Food food, Catalogue catalogue) {
        List<TestedProcess> rows = food.processRow().map(catalogue::rows).orElse(List.of());
        return new MayI(food.name(), verdict(food), text(food), rows, List.of());
    }

    private static String verdict(Food food) {
        return switch (food.kind()) {
            case SEASONING_VEGETABLE -> "in-soup";
            case ROOT -> "own-judgement";
            case FLAVOURING -> "in-soup";
            case LIQUID -> food.processRow().isPresent() && !food.isSeafood() ? "yes" : "in-soup";
            case SEAFOOD ->
                food.processRow().filter(Catalogue.SEAFOOD_SOUP_ROW::equals).isPresent() ? "in-soup" : "yes";
            case LEGUME, VEGETABLE, MEAT -> "yes";
        };
    }

    private static String text(Food food) {
        return switch (food.kind()) {
            case SEASONING_VEGETABLE ->
                "Inside a soup with a food that has a tested time; it adds none of its own. Never alone.";
            case ROOT ->
                "Only state extension tables list it: your own judgement inside a soup, never alone. Ask your local extension office.";
            case FLAVOURING -> "By the spoonful in a soup: yes, and it never changes the time. Alone in a jar: no.";
            case LIQUID ->
                food.processRow().isPresent() && !food.isSeafood()
                        ? "Alone by its own tested time; inside a soup it adds no time."
                        : "As the broth of a soup, where it adds no time. Never alone.";
            case SEAFOOD ->
                "Inside a soup by the soup table's seafood line; packed alone by its own tested time, where there is one.";
            case LEGUME -> "Yes, rehydrated, boiled 30 min and packed hot. Never dry into the jar.";
            case VEGETABLE, MEAT ->
                food.kind() == FoodKind.MEAT && food.isCuredMeat()
                        ? "As a flavouring up to an eighth of the solids, timed as meat; more of it is your own judgement."
                        : "Yes, cut and packed as its row says.";
        };
    }

    MayIResponse answer(Function<TestedProcess, CatalogueController.TableRow> row) {
        return new MayIResponse(name, verdict, text, rows.stream().map(row).toList(), instead);
    }
}
