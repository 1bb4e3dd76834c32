package org.mobrel.server.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jsoup.parser.Parser;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.platform.CleanText;
import org.mobrel.server.recipe.RecipeDraft;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * schema.org Recipe to a draft and back. The document a recipe came from is kept with it, and on the way out only what the cook has
 * changed since is written anew: pictures, authors and nutrition come back as they were.
 */
public final class RecipeJsonLd {

    private static final String CONTEXT = "https://schema.org";
    private static final String OWN_PREFIX = "urn:mobrel:recipe:";
    private static final int MOST_TAGS = 12;
    private static final int LONGEST_TAG = 30;

    private final JsonMapper json;

    public RecipeJsonLd(JsonMapper json) {
        this.json = json;
    }

    /** Every Recipe in a document: by itself, in a list, in a graph, or as what a page is about. */
    public List<ObjectNode> recipesIn(JsonNode document) {
        List<ObjectNode> found = new ArrayList<>();
        collect(document, found);
        return found;
    }

    private static void collect(JsonNode node, List<ObjectNode> found) {
        if (node.isArray()) {
            node.forEach(each -> collect(each, found));
        } else if (node instanceof ObjectNode object) {
            if (isRecipe(object)) {
                found.add(object);
            } else {
                Stream.of("@graph", "mainEntity", "itemListElement", "item")
                        .map(object::get)
                        .filter(inner -> inner != null)
                        .forEach(inner -> collect(inner, found));
            }
        }
    }

    private static boolean isRecipe(ObjectNode node) {
        return texts(node.get("@type")).stream()
                .anyMatch(type -> type.equals("Recipe") || type.endsWith("schema.org/Recipe"));
    }

    /** A draft of it; a title or lines that are missing are left empty, and asked for before it can be saved. */
    public RecipeDraft toDraft(ObjectNode recipe) {
        JsonNode share = recipe.get("mobrel:solidsShare");
        return new RecipeDraft(
                texts(recipe.get("name")).stream().findFirst().orElse(""),
                ingredients(recipe),
                texts(recipe.get("mobrel:pack")).stream()
                        .findFirst()
                        .flatMap(Pack::ofCode)
                        .orElse(Pack.HOT),
                share != null && share.isNumber() && share.asDouble() >= 0.1 && share.asDouble() <= 1
                        ? Fraction.of(share.asDouble())
                        : Fraction.HALF,
                method(recipe.get("recipeInstructions")),
                tags(recipe),
                variants(recipe.get("mobrel:variants")),
                List.of(),
                List.of(),
                Optional.of(json.writeValueAsString(recipe)));
    }

    private static List<String> ingredients(ObjectNode recipe) {
        JsonNode listed = recipe.has("recipeIngredient") ? recipe.get("recipeIngredient") : recipe.get("ingredients");
        return texts(listed);
    }

    private static List<String> tags(ObjectNode recipe) {
        return texts(recipe.get("keywords")).stream()
                .flatMap(words -> Stream.of(words.split(",")))
                .map(String::strip)
                .filter(tag -> !tag.isEmpty() && tag.length() <= LONGEST_TAG)
                .distinct()
                .limit(MOST_TAGS)
                .toList();
    }

    /** Steps one by one; a section is a line that ends with a colon, before its steps. */
    private static List<String> method(JsonNode instructions) {
        List<String> steps = new ArrayList<>();
        addSteps(instructions, steps);
        return steps;
    }

    private static void addSteps(JsonNode node, List<String> steps) {
        if (node == null || node.isNull()) {
            return;
        }
        if (node.isArray()) {
            node.forEach(each -> addSteps(each, steps));
        } else if (node instanceof ObjectNode object) {
            if (object.has("itemListElement")) {
                texts(object.get("name")).stream().findFirst().ifPresent(name -> steps.add(name + ":"));
                addSteps(object.get("itemListElement"), steps);
            } else {
                addSteps(object.has("text") ? object.get("text") : object.get("name"), steps);
            }
        } else {
            steps.addAll(texts(node));
        }
    }

    private static List<RecipeDraft.AddIn> variants(JsonNode listed) {
        List<RecipeDraft.AddIn> variants = new ArrayList<>();
        if (listed != null && listed.isArray()) {
            listed.forEach(one -> texts(one.get("name")).stream()
                    .findFirst()
                    .ifPresent(name -> variants.add(new RecipeDraft.AddIn(name, texts(one.get("lines"))))));
        }
        return variants;
    }

    /** The texts of a value or a list of values, one line each, without markup. */
    private static List<String> texts(JsonNode node) {
        if (node == null || node.isNull()) {
            return List.of();
        }
        Stream<JsonNode> values = node.isArray() ? node.valueStream() : Stream.of(node);
        return values.filter(JsonNode::isString)
                .map(value -> CleanText.of(Markup.without(Parser.unescapeEntities(value.asString(), false))))
                .flatMap(String::lines)
                .map(String::strip)
                .filter(text -> !text.isEmpty())
                .toList();
    }

    /** The recipe as a document of its own. */
    public ObjectNode toDocument(RecipeDraft recipe) {
        ObjectNode node = original(recipe);
        RecipeDraft before = toDraft(node);
        if (!node.has("@context")) {
            node.put("@context", CONTEXT);
        }
        if (!node.has("@type")) {
            node.put("@type", "Recipe");
        }
        if (!recipe.title().equals(before.title())) {
            node.put("name", recipe.title());
        }
        if (!recipe.lines().equals(before.lines())) {
            node.remove("ingredients");
            node.set("recipeIngredient", json.valueToTree(recipe.lines()));
        }
        if (!recipe.method().equals(before.method())) {
            node.set("recipeInstructions", instructions(recipe.method()));
        }
        if (!recipe.tags().equals(before.tags())) {
            node.put("keywords", String.join(", ", recipe.tags()));
        }
        writeOwn(node, recipe, before);
        return node;
    }

    /** What it was imported as; one that cannot be read any more is left behind, so that the others still come out. */
    private ObjectNode original(RecipeDraft recipe) {
        return recipe.imported()
                .flatMap(this::readable)
                .filter(ObjectNode.class::isInstance)
                .map(ObjectNode.class::cast)
                .orElseGet(json::createObjectNode);
    }

    private Optional<JsonNode> readable(String text) {
        try {
            return Optional.of(json.readTree(text));
        } catch (JacksonException broken) {
            return Optional.empty();
        }
    }

    /** What schema.org has no word for goes under a prefix of our own. */
    private void writeOwn(ObjectNode node, RecipeDraft recipe, RecipeDraft before) {
        boolean own = false;
        if (recipe.pack() != before.pack()) {
            node.put("mobrel:pack", recipe.pack().code());
            own = true;
        }
        if (!recipe.solidsShare().equals(before.solidsShare())) {
            node.put("mobrel:solidsShare", recipe.solidsShare().value());
            own = true;
        }
        if (!recipe.variants().equals(before.variants())) {
            node.set("mobrel:variants", json.valueToTree(recipe.variants()));
            own = true;
        }
        if (own && !node.get("@context").toString().contains(OWN_PREFIX)) {
            ArrayNode contexts = json.createArrayNode();
            JsonNode known = node.get("@context");
            if (known.isArray()) {
                known.forEach(contexts::add);
            } else {
                contexts.add(known);
            }
            contexts.add(json.createObjectNode().put("mobrel", OWN_PREFIX));
            node.set("@context", contexts);
        }
    }

    private ArrayNode instructions(List<String> method) {
        ArrayNode all = json.createArrayNode();
        ArrayNode into = all;
        for (String step : method) {
            if (step.endsWith(":")) {
                ObjectNode section = all.addObject();
                section.put("@type", "HowToSection");
                section.put("name", step.substring(0, step.length() - 1));
                into = section.putArray("itemListElement");
            } else {
                into.addObject().put("@type", "HowToStep").put("text", step);
            }
        }
        return all;
    }

    /** Several recipes as one document. */
    public ObjectNode toDocument(List<RecipeDraft> recipes) {
        ObjectNode document = json.createObjectNode();
        document.put("@context", CONTEXT);
        ArrayNode graph = document.putArray("@graph");
        recipes.forEach(recipe -> graph.add(toDocument(recipe)));
        return document;
    }
}
