package org.mobrel.server.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** Whole pages, and what was done without Mobrel, through the open doors and through a saved recipe. */
@ExtendWith(TestServer.class)
class RecipeReadingApiTest {

    private static final String STEW =
            "Lamb stew\\nMakes 7 quarts\\n3 lb lamb, in 1-inch cubes\\n1 lb carrots, peeled and sliced\\n2 qt water\\nDirections\\n";

    private static JsonNode read(TestServer server, String steps, String more) {
        TestServer.Answer answer = server.post(
                "/api/recipe-reading",
                """
                {"text": "%s", "jars": [{"size": "quart", "count": 7}], "altitudeFt": 500, "gauge": "weighted"%s}"""
                        .formatted(STEW + steps, more));
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void a_page_comes_back_in_its_parts_with_what_its_steps_do(TestServer server) {
        JsonNode page = read(
                server,
                "1. Boil 5 minutes. Blend until smooth.\\n2. Process quarts 75 minutes at 10 pounds.\\n3. To serve, add cream.",
                "");
        assertThat(page.get("title").asString()).isEqualTo("Lamb stew");
        assertThat(page.get("yield").toString()).isEqualTo("{\"count\":7,\"size\":\"quart\"}");
        assertThat(page.get("lines")).hasSize(3);
        assertThat(page.get("steps").get(0).asString()).isEqualTo("Boil 5 minutes. Blend until smooth.");
        assertThat(page.get("statedProcess").toString()).isEqualTo("{\"minutes\":75,\"psi\":10,\"size\":\"quart\"}");
        assertThat(page.get("openingNotes").toString()).isEqualTo("[\"To serve, add cream.\"]");
        assertThat(page.get("findings")).hasSize(1);
        JsonNode finding = page.get("findings").get(0);
        assertThat(finding.get("code").asString()).isEqualTo("step-purees");
        assertThat(finding.get("step").asInt()).isZero();
        assertThat(finding.get("words").asString()).isEqualTo("Blend until smooth.");
        JsonNode remedy = finding.get("remedies").get(0);
        assertThat(remedy.get("edits").toString())
                .isEqualTo(
                        "[{\"part\":\"step\",\"to\":\"Boil 5 minutes. When you open the jar: blend until smooth.\"}]");
        assertThat(remedy.get("gives").get("minutes").asInt()).isEqualTo(90);
        assertThat(page.get("ruling").get("verdict").asString()).isEqualTo("stop");
    }

    @Test
    void a_question_of_a_step_is_settled_by_its_answer(TestServer server) {
        String raw = "Put everything raw into the jars.\\nAdd boiling water.";
        JsonNode asked = read(server, raw, "");
        assertThat(asked.get("ruling").get("verdict").asString()).isEqualTo("ask");
        assertThat(asked.get("ruling").get("minutesIfSettled").asInt()).isEqualTo(90);
        JsonNode question = asked.get("questions").get(0);
        assertThat(question.get("code").asString()).isEqualTo("pack-says-otherwise");
        assertThat(question.get("step").asInt()).isZero();
        assertThat(question.get("choices").get(1).get("verdict").asString()).isEqualTo("own-judgement");
        String answer = ", \"answers\": [{\"step\": 0, \"code\": \"pack-says-otherwise\", \"choice\": \"%s\"}]";
        assertThat(read(server, raw, answer.formatted("as-set"))
                        .get("ruling")
                        .get("verdict")
                        .asString())
                .isEqualTo("covered");
        assertThat(read(server, raw, answer.formatted("as-the-step-says"))
                        .get("ruling")
                        .get("verdict")
                        .asString())
                .isEqualTo("own-judgement");
        assertThat(read(server, raw, answer.formatted("as-set").replace("\"step\": 0", "\"step\": 1"))
                        .get("ruling")
                        .get("verdict")
                        .asString())
                .as("an answer to another step")
                .isEqualTo("ask");
        JsonNode set = read(server, raw, ", \"pack\": \"raw\"");
        assertThat(set.get("set").get("from").asString()).isEqualTo("request");
        assertThat(set.get("questions")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"text": " ", "jars": [{"size": "quart", "count": 1}], "altitudeFt": 1, "gauge": "dial"}      | text
            {"text": "Serves 8", "jars": [{"size": "quart", "count": 1}], "altitudeFt": 1, "gauge": "dial"} | text
            {"text": "2 lb beef", "jars": [], "altitudeFt": 1, "gauge": "dial"}                            | jars
            {"text": "2 lb beef", "jars": [{"size": "quart", "count": 1}], "gauge": "dial"}                | altitudeFt
            {"text": "2 lb beef", "jars": [{"size": "quart", "count": 1}], "altitudeFt": 1, "gauge": "x"}  | gauge
            {"text": "2 lb beef", "jars": [{"size": "quart", "count": 1}], "altitudeFt": 1, "gauge": "dial", "solidsShare": 3} | solidsShare
            {"text": "2 lb beef", "jars": [{"size": "quart", "count": 1}], "altitudeFt": 1, "gauge": "dial", "answers": [{"step": 9, "code": "pack-says-otherwise", "choice": "as-set"}]} | answers
            {"text": "2 lb beef", "jars": [{"size": "quart", "count": 1}], "altitudeFt": 1, "gauge": "dial", "answers": [{"step": 0, "code": "x", "choice": "as-set"}]} | answers
            """)
    void a_page_that_cannot_be_meant_is_answered_with_its_field(String json, String field, TestServer server) {
        TestServer.Answer answer = server.post("/api/recipe-reading", json);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("field").asString()).isEqualTo(field);
    }

    @Test
    void a_saved_recipe_is_ruled_on_with_its_steps_and_keeps_their_answers(TestServer server) {
        String recipe =
                """
                {"title": "Stepped stew", "lines": ["3 lb lamb, in 1-inch cubes", "1 lb carrots, peeled and sliced", "2 qt water"],
                 "method": ["Pack everything raw into the jars."], "answers": [%s]}""";
        long id = server.post("/api/recipes", recipe.formatted(""))
                .body()
                .get("id")
                .asLong();
        String batch = "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"quart\", \"count\": 3}]}";
        long canner = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"Tall\", \"gauge\": \"weighted\", \"quarts\": 7, \"pints\": 9, \"shortLayers\": 2}")
                .body()
                .get("canners")
                .get(0)
                .get("id")
                .asLong();
        server.changeKitchen("\"altitudeFt\": 500, \"units\": \"us\", \"school\": \"longest-ingredient\"");
        assertThat(server.post("/api/batches", batch.formatted(id, canner)).status())
                .as("an open question of a step keeps it off the stove")
                .isEqualTo(409);
        String answer = "{\"line\": \"Pack everything raw into the jars.\", \"code\": \"pack-says-otherwise\","
                + " \"words\": \"Pack everything raw into the jars.\", \"choice\": \"as-set\"}";
        JsonNode answered = server.put(
                        "/api/recipes/" + id, recipe.formatted(answer).replaceFirst("\\{", "{\"basedOn\": 1, "))
                .body();
        assertThat(answered.get("answers")).hasSize(1);
        assertThat(server.post("/api/batches", batch.formatted(id, canner)).status())
                .isEqualTo(201);
        JsonNode look = server.post(
                        "/api/recipes/draft",
                        """
                        {"lines": ["2 lb turkey, in 1-inch cubes", "1 lb carrots, peeled and sliced", "2 qt water"],
                         "method": ["Fill the jars half with solids. Process quarts 75 minutes at 10 pounds.", "Blend."]}""")
                .body();
        assertThat(look.get("ruling").get("findings").get(0).get("code").asString())
                .isEqualTo("step-purees");
        assertThat(look.get("said").get("from").asString()).isEqualTo("steps");
    }

    @Test
    void what_was_done_is_looked_back_on(TestServer server) {
        String done =
                """
                {"text": "%s", "jars": [{"size": "quart", "count": 7}], "minutes": 90, "psi": 10, "gauge": "weighted",
                 "altitudeFt": 500, "finishedAt": "%s"%s}""";
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        Instant now = Instant.parse(kitchen.happen(kitchen.run(1, 0), "{\"type\": \"note\", \"note\": \"now\"}")
                .get("now")
                .asString());
        Instant finished = now.minus(Duration.ofHours(4));
        JsonNode open = server.post("/api/look-back", done.formatted(STEW, finished, ""))
                .body();
        assertThat(open.get("covered").isNull()).isTrue();
        assertThat(open.get("questions").valueStream().map(question -> question.get("code")
                        .asString()))
                .containsExactly("pack", "fill", "vented", "unbroken");
        assertThat(open.get("hoursLeft").asDouble()).isBetween(19.9, 20.1);
        String good = ", \"pack\": \"hot\", \"fill\": \"half\", \"vented\": 10, \"unbroken\": \"yes\"";
        assertThat(server.post("/api/look-back", done.formatted(STEW, finished, good))
                        .body()
                        .get("covered")
                        .asBoolean())
                .isTrue();
        JsonNode raw = server.post(
                        "/api/look-back",
                        done.formatted(
                                STEW, finished, good.replace("hot", "raw").replace("half", "full")))
                .body();
        assertThat(raw.get("covered").asBoolean()).isFalse();
        assertThat(raw.get("reasons").get(0).get("code").asString()).isEqualTo("overfull-solids");
        assertThat(raw.get("whatToDo").asString()).contains("process again");
        JsonNode late = server.post(
                        "/api/look-back",
                        done.formatted(STEW, now.minus(Duration.ofHours(30)), good.replace("hot", "unknown")))
                .body();
        assertThat(late.get("covered").asBoolean()).isFalse();
        assertThat(late.get("hoursLeft").asDouble()).isZero();
        assertThat(late.get("whatToDo").asString()).contains("discard");
        assertThat(server.post("/api/look-back", done.formatted(STEW, finished, ", \"fill\": \"heaped\""))
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("fill");
        assertThat(server.post("/api/look-back", done.formatted(STEW, now.plus(Duration.ofHours(1)), ""))
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("finishedAt");
    }
}
