package org.mobrel.server.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.PastedRecipe;
import org.mobrel.server.recipe.RecipeDraft;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Recipes out of whatever was pasted or dropped: JSON-LD, a saved web page that holds some, or plain text.
 *
 * @param problems what could not be read, each naming its place
 */
record Pasted(List<RecipeDraft> recipes, List<String> problems) {

    static Pasted of(String text, JsonMapper json, LineReader reader) {
        String bare = text.strip();
        if (bare.startsWith("{") || bare.startsWith("[")) {
            return ofDocuments(List.of(bare), "The file", json);
        }
        if (bare.startsWith("<") || bare.contains("<script") || bare.contains("<html")) {
            List<String> scripts = Jsoup.parse(bare).select("script[type=application/ld+json]").stream()
                    .map(Element::data)
                    .toList();
            return scripts.isEmpty()
                    ? new Pasted(
                            List.of(),
                            List.of(
                                    "This page holds no recipe that a program can read. Copy its text and paste that instead."))
                    : ofDocuments(scripts, "Part", json);
        }
        return ofText(bare, reader);
    }

    private static Pasted ofText(String text, LineReader reader) {
        PastedRecipe page = PastedRecipe.of(text, reader);
        if (page.lines().isEmpty()) {
            return new Pasted(List.of(), List.of("There is no ingredient line in this text."));
        }
        return new Pasted(
                List.of(new RecipeDraft(
                        page.title().orElse(""),
                        page.lines(),
                        Pack.HOT,
                        Fraction.HALF,
                        Stream.concat(
                                        page.method().stream(),
                                        page.notes().stream().map("Note: "::concat))
                                .toList(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        Optional.empty())),
                List.of());
    }

    private static Pasted ofDocuments(List<String> documents, String what, JsonMapper json) {
        RecipeJsonLd jsonLd = new RecipeJsonLd(json);
        List<RecipeDraft> recipes = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        for (int number = 1; number <= documents.size(); number++) {
            String name = documents.size() == 1 ? what : what + " " + number;
            try {
                JsonNode document = json.readTree(documents.get(number - 1));
                for (ObjectNode recipe : jsonLd.recipesIn(document)) {
                    take(jsonLd.toDraft(recipe), recipes, problems);
                }
            } catch (JacksonException broken) {
                problems.add("%s is not valid JSON: line %d, column %d."
                        .formatted(
                                name,
                                broken.getLocation().getLineNr(),
                                broken.getLocation().getColumnNr()));
            }
        }
        if (recipes.isEmpty() && problems.isEmpty()) {
            problems.add("It is read, but there is no Recipe in it.");
        }
        return new Pasted(recipes, problems);
    }

    private static void take(RecipeDraft draft, List<RecipeDraft> recipes, List<String> problems) {
        String name = draft.title().isEmpty() ? "A recipe without a name" : "“" + draft.title() + "”";
        if (draft.lines().isEmpty()) {
            problems.add(name + " lists no ingredients; it is left out.");
        } else if (draft.lines().size() > 200 || draft.lines().stream().anyMatch(line -> line.length() > 500)) {
            problems.add(name + " has more than 200 lines or one of more than 500 characters; it is left out.");
        } else {
            recipes.add(draft);
        }
    }
}
