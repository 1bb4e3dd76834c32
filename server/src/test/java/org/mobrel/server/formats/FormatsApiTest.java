package org.mobrel.server.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Recipes come in from files, pages and text, and go out as they came. */
@ExtendWith(TestServer.class)
class FormatsApiTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Everything schema.org has a place for, and a little that it has not. */
    private static final String FULL =
            """
            {
              "@context": "https://schema.org",
              "@type": "Recipe",
              "name": "Hearth stew &amp; greens",
              "author": {"@type": "Person", "name": "Ines"},
              "image": ["https://example.org/stew.jpg"],
              "recipeYield": ["6", "6 quarts"],
              "prepTime": "PT45M",
              "keywords": "stew, winter, greens",
              "nutrition": {"@type": "NutritionInformation", "calories": "240 calories"},
              "recipeIngredient": ["3 lb beef, in 1-inch cubes", "6 cups kale, chopped", "3 qt beef stock"],
              "recipeInstructions": [
                {"@type": "HowToSection", "name": "The meat", "itemListElement": [
                  {"@type": "HowToStep", "text": "Trim the beef.", "url": "https://example.org/#1"}
                ]},
                {"@type": "HowToStep", "text": "Boil all 5 min."}
              ],
              "x-unknown": {"kept": true}
            }
            """;

    private static JsonNode read(TestServer server, String text) {
        return server.post(
                        "/api/formats/recipes",
                        JSON.createObjectNode().put("text", text).toString())
                .body();
    }

    private static long save(TestServer server, JsonNode draft) {
        TestServer.Answer saved = server.post("/api/recipes", draft.toString());
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(201);
        return saved.body().get("id").asLong();
    }

    private static JsonNode exported(TestServer server, long id) {
        return server.get("/api/formats/recipes/" + id + ".jsonld").body();
    }

    @Test
    void what_came_in_goes_out_unchanged_and_comes_in_again_the_same(TestServer server) {
        JsonNode draft = read(server, FULL).get("recipes").get(0);
        assertThat(draft.get("title").asString()).isEqualTo("Hearth stew & greens");
        assertThat(texts(draft.get("method"))).containsExactly("The meat:", "Trim the beef.", "Boil all 5 min.");
        assertThat(texts(draft.get("tags"))).containsExactly("stew", "winter", "greens");
        JsonNode out = exported(server, save(server, draft));
        assertThat(out).isEqualTo(JSON.readTree(FULL));
        JsonNode again = read(server, out.toString()).get("recipes").get(0);
        for (String part : new String[] {"title", "lines", "method", "tags", "pack", "solidsShare", "variants"}) {
            assertThat(again.get(part)).as(part).isEqualTo(draft.get(part));
        }
    }

    private static Stream<String> texts(JsonNode list) {
        return list.valueStream().map(JsonNode::asString);
    }

    @Test
    void only_what_the_cook_changed_is_written_anew(TestServer server) {
        JsonNode draft = read(server, FULL).get("recipes").get(0);
        long id = save(server, draft);
        String change =
                """
                {"title": "Hearth stew", "lines": ["3 lb beef, in 1-inch cubes", "3 qt beef stock"], "pack": "raw", "solidsShare": 0.6,
                 "method": ["The meat:", "Trim the beef.", "Finish:", "Boil all 5 min."], "tags": ["stew"],
                 "variants": [{"name": "hot", "lines": ["1 tsp chili flakes"]}], "imported": %s, "basedOn": 1}
                """
                        .formatted(draft.get("imported").toString());
        assertThat(server.put("/api/recipes/" + id, change).status()).isEqualTo(200);
        JsonNode out = exported(server, id);
        assertThat(out.get("name").asString()).isEqualTo("Hearth stew");
        assertThat(out.get("author")).isEqualTo(JSON.readTree(FULL).get("author"));
        assertThat(out.get("recipeIngredient").size()).isEqualTo(2);
        assertThat(out.get("recipeInstructions").get(1).get("name").asString()).isEqualTo("Finish");
        assertThat(out.get("keywords").asString()).isEqualTo("stew");
        JsonNode again = read(server, out.toString()).get("recipes").get(0);
        assertThat(again.get("pack").asString()).isEqualTo("raw");
        assertThat(again.get("solidsShare").asDouble()).isEqualTo(0.6);
        assertThat(again.get("variants").get(0).get("lines").get(0).asString()).isEqualTo("1 tsp chili flakes");
        assertThat(texts(again.get("method")))
                .containsExactly("The meat:", "Trim the beef.", "Finish:", "Boil all 5 min.");
    }

    @Test
    void a_saved_page_may_hold_several_and_what_is_wrong_is_named(TestServer server) {
        JsonNode read = read(
                server,
                """
                <html><head><script type="application/ld+json">{"@graph": [
                  {"@type": ["Recipe", "NewsArticle"], "name": "One", "recipeIngredient": "2 lb carrots"},
                  {"@type": "Recipe", "name": "Empty"}, {"@type": "WebPage"}]}</script>
                <script type="application/ld+json">{"@type": "Recipe", "name": "Broken,</script>
                <script type="application/ld+json">[{"@type": "Recipe", "name": "Two", "ingredients": ["1 lb peas"],
                  "recipeInstructions": "Shell them.<br>Boil 5 min."}]</script></head></html>
                """);
        assertThat(read.get("recipes").valueStream().map(recipe -> recipe.get("title")
                        .asString()))
                .containsExactly("One", "Two");
        assertThat(texts(read.get("recipes").get(1).get("method"))).containsExactly("Shell them.", "Boil 5 min.");
        assertThat(texts(read.get("problems")))
                .anySatisfy(problem -> assertThat(problem).contains("“Empty” lists no ingredients"))
                .anySatisfy(problem -> assertThat(problem).startsWith("Part 2 is not valid JSON: line 1"));
    }

    @Test
    void text_that_holds_no_recipe_is_answered_in_words(TestServer server) {
        assertThat(texts(read(server, "<html><body>hello</body></html>").get("problems")))
                .singleElement()
                .asString()
                .contains("holds no recipe that a program can read");
        assertThat(texts(read(server, "{\"@type\": \"Person\"}").get("problems")))
                .containsExactly("It is read, but there is no Recipe in it.");
        assertThat(texts(read(server, "{ broken").get("problems")))
                .singleElement()
                .asString()
                .startsWith("The file is not valid JSON");
        assertThat(server.post("/api/formats/recipes", "{\"text\": \" \"}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("text");
        JsonNode plain = read(server, "Bean pot soup\n2 lb navy beans\n1. Soak the beans.\nNotes\nMore salt")
                .get("recipes")
                .get(0);
        assertThat(plain.get("title").asString()).isEqualTo("Bean pot soup");
        assertThat(texts(plain.get("method"))).containsExactly("Soak the beans.", "Note: More salt");
    }

    @Test
    void the_whole_book_goes_out_and_comes_in_as_one_file(TestServer server) {
        save(server, JSON.readTree("{\"title\": \"Book one\", \"lines\": [\"2 lb carrots\"], \"solidsShare\": 0.7}"));
        save(server, JSON.readTree("{\"title\": \"Book two\", \"lines\": [\"2 lb peas\"]}"));
        JsonNode all = server.get("/api/formats/recipes.jsonld").body();
        JsonNode read = read(server, all.toString());
        assertThat(read.get("problems")).isEmpty();
        assertThat(read.get("recipes").valueStream().map(recipe -> recipe.get("title")
                        .asString()))
                .contains("Book one", "Book two");
        assertThat(read.get("recipes")
                        .valueStream()
                        .filter(recipe -> recipe.get("title").asString().equals("Book one"))
                        .map(recipe -> recipe.get("solidsShare").asDouble()))
                .containsExactly(0.7);
    }
}
