package org.mobrel.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** What one kitchen teaches the reader holds for its recipes and plans, and never gives anything a time. */
@ExtendWith(TestServer.class)
class ReadingApiTest {

    private static JsonNode line(TestServer server, String line) {
        return server.post(
                        "/api/recipes/draft", "{\"lines\": [\"%s\", \"2 lb carrots\", \"1 qt water\"]}".formatted(line))
                .body()
                .get("ruling")
                .get("lines")
                .get(0);
    }

    @Test
    void a_correction_is_remembered_for_its_wording_and_can_be_forgotten(TestServer server) {
        assertThat(line(server, "3 cups garden gold, in cubes").get("role").asString())
                .isEqualTo("unknown");
        TestServer.Answer taught = server.post(
                "/api/reading/wordings",
                "{\"line\": \"3 cups garden gold, in cubes\", \"food\": \"winter-squash\", \"states\": [\"peeled\"], \"pieceIn\": 2}");
        assertThat(taught.status()).isEqualTo(200);
        JsonNode read = line(server, "5 cups Garden Gold, in cubes");
        assertThat(read.get("food").asString()).isEqualTo("winter-squash");
        assertThat(read.get("meaning").asString()).isEqualTo("winter squash, peeled, 2-inch");
        assertThat(read.get("pieceIn").asDouble()).isEqualTo(2);
        JsonNode stop = server.post(
                        "/api/recipes/draft", "{\"lines\": [\"5 cups garden gold, in cubes\", \"1 lb peas\"]}")
                .body()
                .get("ruling");
        assertThat(stop.get("findings").get(0).get("code").asString()).isEqualTo("piece-too-big");
        TestServer.Answer forgotten =
                server.post("/api/reading/wordings/forgotten", "{\"line\": \"1 lb garden gold, in cubes\"}");
        assertThat(line(server, "3 cups garden gold, in cubes").get("role").asString())
                .isEqualTo("unknown");
        assertThat(forgotten.body().toString())
                .isEqualTo("{\"food\":\"winter-squash\",\"states\":[\"peeled\"],\"pieceIn\":2.0}");
        assertThat(server.post("/api/reading/wordings/forgotten", "{\"line\": \"1 lb garden gold, in cubes\"}")
                        .body()
                        .toString())
                .as("nothing is left to be taken back")
                .isEqualTo("{\"food\":null,\"states\":[],\"pieceIn\":null}");
    }

    @Test
    void scripts_are_not_touched_by_what_a_kitchen_taught(TestServer server) {
        server.post("/api/reading/wordings", "{\"line\": \"2 lb hill roots\", \"food\": \"carrots\", \"states\": []}");
        assertThat(line(server, "2 lb hill roots").get("food").asString()).isEqualTo("carrots");
        JsonNode plain = server.post(
                        "/api/ruling",
                        "{\"lines\": [\"2 lb hill roots\"], \"jars\": [{\"size\": \"pint\", \"count\": 1}], \"altitudeFt\": 0, \"gauge\": \"dial\"}")
                .body();
        assertThat(plain.get("findings").get(0).get("code").asString()).isEqualTo("unknown-food");
    }

    @Test
    void no_correction_takes_a_stop_away(TestServer server) {
        server.post("/api/reading/wordings", "{\"line\": \"1 cup double cream\", \"food\": \"water\", \"states\": []}");
        JsonNode read = line(server, "1 cup double cream");
        assertThat(read.get("role").asString()).isEqualTo("stopped");
    }

    @Test
    void a_food_of_ones_own_stops_a_recipe_and_nothing_can_give_it_a_time(TestServer server) {
        // A time that is sent along is not looked at.
        assertThat(server.post("/api/reading/own-foods", "{\"name\": \"sea kale shoots\", \"minutes\": 40}")
                        .status())
                .isEqualTo(201);
        JsonNode ruling = server.post(
                        "/api/recipes/draft",
                        "{\"lines\": [\"2 cups sea kale shoots\", \"2 lb carrots\", \"1 qt water\"]}")
                .body()
                .get("ruling");
        assertThat(ruling.get("minutes").isNull()).isTrue();
        assertThat(ruling.get("findings").get(0).get("text").asString()).contains("a food of your own");
        JsonNode answer = server.get("/api/tables/answers?words=sea%20kale%20shoots")
                .body()
                .get(0);
        assertThat(answer.get("verdict").asString()).isEqualTo("stop");
    }

    @Test
    void what_cannot_be_meant_is_named(TestServer server) {
        assertThat(server.post("/api/reading/own-foods", "{\"name\": \"carrots\"}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("name");
        assertThat(server.post(
                                "/api/reading/wordings",
                                "{\"line\": \"2 cups glop\", \"food\": \"glop\", \"states\": []}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("food");
        assertThat(server.post(
                                "/api/reading/wordings",
                                "{\"line\": \"2 cups glop\", \"food\": \"carrots\", \"states\": [\"frobbed\"]}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("states");
        assertThat(server.post("/api/reading/wordings", "{\"line\": \"2 lb\", \"food\": \"carrots\", \"states\": []}")
                        .status())
                .isEqualTo(400);
        assertThat(server.delete("/api/reading/own-foods/999").status()).isEqualTo(404);
    }

    @Test
    void may_i_can_this_answers_with_the_row_or_the_reason(TestServer server) {
        JsonNode answers = server.get("/api/tables/answers?words=okra%20and%20celery%20and%20barley%20and%20parsnips")
                .body();
        assertThat(answers.valueStream()
                        .map(answer -> answer.get("name").asString() + " "
                                + answer.get("verdict").asString()))
                .containsExactly("okra yes", "celery in-soup", "barley stop", "parsnips own-judgement");
        assertThat(answers.get(0).get("rows").get(0).get("quart").asInt()).isEqualTo(40);
        assertThat(answers.get(2).get("instead").get(0).asString()).isEqualTo("leave out");
        JsonNode unknown = server.get("/api/tables/answers?words=corm").body().get(0);
        assertThat(unknown.get("verdict").asString()).isEqualTo("stop");
        assertThat(unknown.get("instead").get(0).asString()).isEqualTo("did you mean corn kernels?");
        TestServer.Answer endless = server.get("/api/tables/answers?words=" + "x".repeat(201));
        assertThat(endless.status()).isEqualTo(400);
        assertThat(endless.body().get("field").asString()).isEqualTo("words");
    }
}
