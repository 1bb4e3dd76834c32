package org.mobrel.server.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.method.Method;
import org.mobrel.page.PageReader;
import org.mobrel.page.RecipePage;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Setting;
import org.mobrel.server.recipe.RecipeDraft;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Recipes out of whatever was pasted or dropped: JSON-LD, a saved web page that holds some, or plain text.
 *
 * @param parts of plain text, what each part of it was taken for
 * @param problems what could not be read, each naming its place
 */
record RecipeImport(List<Looked> recipes, List<String> problems, List<RecipePage.Part> parts) {

    private RecipeImport(List<Looked> recipes, List<String> problems) {
        this(recipes, problems, List.of());
    }

    /**
     * @param parts what each part of the page was taken for, in its order
     * @param setting how it is packed, and what says so
     */
    record Looked(RecipeDraft draft, List<RecipePage.Part> parts, Setting setting) {}

    static RecipeImport of(String text, String name, JsonMapper json, LineReader reader, JarTable jars) {
        String bare = text.strip();
        if (bare.startsWith("{") || bare.startsWith("[")) {
            return ofDocuments(List.of(bare), "The file", json, reader, jars);
        }
        if (bare.startsWith("<") || bare.contains("<script") || bare.contains("<html")) {
            if (bare.chars().filter(sign -> sign == '<').count() > MOST_TAGS) {
                return new RecipeImport(List.of(), List.of("This page has more parts than any page with a recipe."));
            }
            List<String> scripts = Jsoup.parse(bare).select("script[type=application/ld+json]").stream()
                    .map(Element::data)
                    .toList();
            return scripts.isEmpty()
                    ? new RecipeImport(
                            List.of(),
                            List.of(
                                    "This page holds no recipe that a program can read. Copy its text and paste that instead."))
                    : ofDocuments(scripts, "Part", json, reader, jars);
        }
        return ofText(bare, name, reader, jars);
    }

    /** A kitchen's whole book has a few hundred. */
    private static final int MOST_RECIPES = 2_000;

    /** A page full of advertisements has a tenth of it. */
    private static final int MOST_TAGS = 100_000;

    /** No page with a recipe on it is longer; what is, holds something else. */
    private static final int LONGEST_TEXT = 200_000;

    private static final int LONGEST_LINE = 5_000;

    /** Runs of blanks say nothing, and reading looks at each more than once. */
    private static final Pattern BLANKS = Pattern.compile("[ \\u00a0]{3,}");

    private static RecipeImport ofText(String pasted, String name, LineReader reader, JarTable jars) {
        if (pasted.length() > LONGEST_TEXT) {
            return new RecipeImport(
                    List.of(), List.of("This is longer than any page with a recipe: 200,000 signs at most."));
        }
        String text = BLANKS.matcher(pasted).replaceAll("  ");
        if (text.lines().anyMatch(line -> line.length() > LONGEST_LINE)) {
            return new RecipeImport(
                    List.of(), List.of("One line of it has more than 5,000 signs. Break it into lines first."));
        }
        RecipePage page = new PageReader(reader).read(text, name);
        return page.ingredients().isEmpty()
                ? new RecipeImport(List.of(), List.of("There is no ingredient line in this text."), page.parts())
                : new RecipeImport(
                        List.of(looked(draft(page), page.parts(), true, reader, jars)), List.of(), page.parts());
    }

    /** @param unset whether the pack and the share are still to be taken from what the recipe says */
    private static Looked looked(
            RecipeDraft draft, List<RecipePage.Part> parts, boolean unset, LineReader reader, JarTable jars) {
        List<IngredientLine> lines = reader.readAll(draft.lines());
        Setting setting = Setting.of(
                lines,
                Method.of(draft.method(), lines, reader),
                unset ? Optional.empty() : Optional.of(draft.pack()),
                unset ? Optional.empty() : Optional.of(draft.solidsShare()),
                JarSize.QUART,
                reader.catalogue(),
                jars);
        return new Looked(draft.packed(setting.pack(), setting.share()), parts, setting);
    }

    private static List<RecipePage.Part> parts(RecipeDraft draft, LineReader reader) {
        List<RecipePage.Part> parts = new ArrayList<>();
        if (!draft.title().isBlank()) {
            parts.add(new RecipePage.Part(RecipePage.Kind.TITLE, draft.title()));
        }
        draft.lines()
                .forEach(line ->
                        parts.add(new RecipePage.Part(kind(reader.read(line).kind()), line)));
        draft.method().forEach(step -> parts.add(new RecipePage.Part(RecipePage.Kind.STEP, step)));
        return parts;
    }

    private static RecipePage.Kind kind(LineKind kind) {
        return switch (kind) {
            case INGREDIENT -> RecipePage.Kind.INGREDIENT;
            case HEADING -> RecipePage.Kind.GROUP;
            case NOT_INGREDIENT -> RecipePage.Kind.OTHER;
            case STEP -> RecipePage.Kind.STEP;
        };
    }

    /** What stands on the page as a recipe, packed as usual; the rest is set where its steps are read. */
    private static RecipeDraft draft(RecipePage page) {
        return new RecipeDraft(
                page.title().orElse(""),
                page.lines(),
                Pack.HOT,
                Fraction.HALF,
                Stream.concat(page.steps().stream(), page.remarks().stream().map("Note: "::concat))
                        .toList(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty());
    }

    private static RecipeImport ofDocuments(
            List<String> documents, String what, JsonMapper json, LineReader reader, JarTable jars) {
        RecipeJsonLd jsonLd = new RecipeJsonLd(json);
        List<RecipeDraft> recipes = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        for (int number = 1; number <= documents.size(); number++) {
            String name = documents.size() == 1 ? what : what + " " + number;
            try {
                JsonNode document = json.readTree(documents.get(number - 1));
                for (ObjectNode recipe : jsonLd.recipesIn(document)) {
                    if (recipes.size() + problems.size() >= MOST_RECIPES) {
                        return new RecipeImport(
                                List.of(),
                                List.of(
                                        "This holds more than 2,000 recipes. Hand it in in several parts; nothing was taken."));
                    }
                    take(jsonLd.toDraft(recipe), recipes, problems);
                }
            } catch (JacksonException broken) {
                TokenStreamLocation where = broken.getLocation();
                problems.add(
                        where == null
                                ? "%s is not valid JSON.".formatted(name)
                                : "%s is not valid JSON: line %s, column %s."
                                        .formatted(name, where.getLineNr(), where.getColumnNr()));
            }
        }
        if (recipes.isEmpty() && problems.isEmpty()) {
            problems.add("It is read, but there is no Recipe in it.");
        }
        return new RecipeImport(
                recipes.stream()
                        .map(draft -> looked(
                                draft,
                                parts(draft, reader),
                                !draft.imported().orElse("").contains("mobrel:solidsShare"),
                                reader,
                                jars))
                        .toList(),
                problems);
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
