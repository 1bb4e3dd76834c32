package org.mobrel.server.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** The recipe book and the kitchen over HTTP. */
@ExtendWith(TestServer.class)
class RecipeApiTest {

    private static String recipe(String title, String more) {
        return "{\"title\": \"%s\", \"lines\": [\"2 lb carrots, sliced\", \"1 qt water\"]%s}".formatted(title, more);
    }

    /** As long as a request may be, in signs of several bytes each. */
    @Test
    void the_longest_recipe_is_kept_whole(TestServer server) {
        String lines = String.join(", ", Collections.nCopies(200, "\"2 cups carrots, " + "é".repeat(480) + "\""));
        String steps = String.join(", ", Collections.nCopies(100, "\"Simmer " + "é".repeat(1_990) + "\""));
        TestServer.Answer made = server.post(
                "/api/recipes", "{\"title\": \"Long\", \"lines\": [%s], \"method\": [%s]}".formatted(lines, steps));
        assertThat(made.status()).as(made.body().toString().substring(0, 100)).isEqualTo(201);
        JsonNode kept =
                server.get("/api/recipes/" + made.body().get("id").asLong()).body();
        assertThat(kept.get("lines").size()).isEqualTo(200);
        assertThat(kept.get("method").size()).isEqualTo(100);
        assertThat(kept.get("method").get(99).asString()).hasSize(1_997);
    }

    @Test
    void every_save_is_a_version_and_nobody_overwrites_another(TestServer server) {
        long id = server.post("/api/recipes", recipe("Carrots", ""))
                .body()
                .get("id")
                .asLong();
        JsonNode second = server.put("/api/recipes/" + id, recipe("Carrots, better", ", \"basedOn\": 1"))
                .body();
        assertThat(second.get("version").asInt()).isEqualTo(2);
        TestServer.Answer late = server.put("/api/recipes/" + id, recipe("Carrots, other", ", \"basedOn\": 1"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("latestVersion").asInt()).isEqualTo(2);
        JsonNode same = server.put("/api/recipes/" + id, recipe("Carrots, better", ", \"basedOn\": 2"))
                .body();
        assertThat(same.get("version").asInt())
                .as("saving without a change makes no version")
                .isEqualTo(2);
    }

    @Test
    void a_recipe_leaves_the_book_and_comes_back(TestServer server) {
        long id = server.post("/api/recipes", recipe("Comes and goes", ""))
                .body()
                .get("id")
                .asLong();
        assertThat(inBook(server, id)).isTrue();
        assertThat(server.delete("/api/recipes/" + id).status()).isEqualTo(204);
        assertThat(inBook(server, id)).isFalse();
        server.post("/api/recipes/" + id + "/restored", "");
        assertThat(inBook(server, id)).isTrue();
    }

    private static boolean inBook(TestServer server, long id) {
        return server.get("/api/recipes")
                .body()
                .valueStream()
                .anyMatch(entry -> entry.get("id").asLong() == id);
    }

    @Test
    void a_cooker_too_small_is_no_canner(TestServer server) {
        TestServer.Answer answer = server.post(
                "/api/kitchen/canners",
                "{\"name\": \"Rice pot\", \"gauge\": \"weighted\", \"quarts\": 3, \"pints\": 5, \"shortLayers\": 1}");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("field").asString()).isEqualTo("quarts");
        assertThat(answer.body().get("detail").asString()).contains("four quart jars");
    }

    @Test
    void names_with_quotes_and_other_scripts_are_kept_as_typed(TestServer server) {
        String title = "O'Brien's \\\"best\\\"; DROP TABLE recipe; -- süß 🥕";
        long id =
                server.post("/api/recipes", recipe(title, "")).body().get("id").asLong();
        assertThat(server.get("/api/recipes/" + id).body().get("title").asString())
                .isEqualTo("O'Brien's \"best\"; DROP TABLE recipe; -- süß 🥕");
    }
}
