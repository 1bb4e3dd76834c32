package org.mobrel.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Boxes in the freezer: put in, taken out and put back, never more than there are. */
@ExtendWith(TestServer.class)
class FreezerApiTest {

    private static JsonNode find(JsonNode freezer, String title) {
        return freezer.get("boxes")
                .valueStream()
                .filter(boxes -> boxes.get("title").asString().equals(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void what_fills_no_jar_goes_into_boxes_and_comes_out_again(TestServer server) {
        JsonNode put = server.post(
                        "/api/freezer", "{\"title\": \"Leek chowder\", \"volumeMl\": 2129, \"note\": \"add cream\"}")
                .body();
        JsonNode chowder = find(put, "Leek chowder");
        // Nine cups: quart boxes, an inch of room, best within three months.
        assertThat(chowder.get("left").asInt()).isEqualTo(3);
        assertThat(chowder.get("each").asString()).isEqualTo("4 cups");
        assertThat(chowder.get("roomIn").asDouble()).isEqualTo(1);
        LocalDate frozen = LocalDate.parse(chowder.get("frozenOn").asString());
        assertThat(LocalDate.parse(chowder.get("bestBy").asString())).isEqualTo(frozen.plusMonths(3));
        long id = chowder.get("id").asLong();
        JsonNode taken = server.post("/api/freezer/%s/taken".formatted(id), "{\"boxes\": 2}")
                .body();
        assertThat(find(taken.get("freezer"), "Leek chowder").get("left").asInt())
                .isEqualTo(1);
        TestServer.Answer tooMany = server.post("/api/freezer/%s/taken".formatted(id), "{\"boxes\": 2}");
        assertThat(tooMany.status()).isEqualTo(409);
        assertThat(tooMany.body().get("detail").asString()).contains("1 box is left");
        String line = "/api/freezer/taken/" + taken.get("taken").asLong();
        assertThat(find(server.delete(line).body(), "Leek chowder").get("left").asInt())
                .isEqualTo(3);
        assertThat(server.delete(line).status()).isEqualTo(404);
        server.post("/api/freezer/%s/taken".formatted(id), "{\"boxes\": 3}");
        assertThat(server.get("/api/freezer").body().toString()).doesNotContain("Leek chowder");
    }

    @Test
    void boxes_of_a_recipe_have_its_name_and_as_many_as_were_counted(TestServer server) {
        long recipe = server.post("/api/recipes", "{\"title\": \"Barley broth\", \"lines\": [\"2 cups barley\"]}")
                .body()
                .get("id")
                .asLong();
        JsonNode put = server.post(
                        "/api/freezer", "{\"recipeId\": %s, \"volumeMl\": 1000, \"boxes\": 4}".formatted(recipe))
                .body();
        JsonNode broth = find(put, "Barley broth");
        assertThat(broth.get("left").asInt()).isEqualTo(4);
        assertThat(broth.get("each").asString()).isEqualTo("1 cup");
        assertThat(broth.get("roomIn").asDouble()).isEqualTo(0.5);
        for (String language : List.of("en-GB", "en-US")) {
            assertThat(server.bytes("/api/prints/freezer-labels.pdf", language))
                    .as(language)
                    .startsWith('%', 'P', 'D', 'F');
        }
        assertThat(server.get("/api/prints/freezer-labels.pdf?paper=a5").status())
                .as("no usual sheet of labels lies on A5")
                .isEqualTo(400);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"volumeMl": 900}                               | title
            {"title": " ", "volumeMl": 900}                 | title
            {"title": "Soup"}                               | volumeMl
            {"title": "Soup", "volumeMl": 10}               | volumeMl
            {"title": "Soup", "volumeMl": 900, "boxes": 0}  | boxes
            """)
    void what_cannot_be_meant_is_refused(String body, String field, TestServer server) {
        TestServer.Answer refused = server.post("/api/freezer", body);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asString()).isEqualTo(field);
    }
}
