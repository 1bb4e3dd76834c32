package org.mobrel.server.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Everything there is to say of a recipe that is being written, and what is said about one that is saved. */
@ExtendWith(TestServer.class)
class DraftApiTest {

    private static final String JUDGED =
            "{\"title\": \"%s\", \"lines\": [\"2 lb dried navy beans, soaked\", \"3 cups carrots\", \"2 qt water\"], \"solidsShare\": 0.67}";

    @Test
    void a_draft_is_ruled_on_questioned_and_given_its_steps(TestServer server) {
        JsonNode look = server.post(
                        "/api/recipes/draft",
                        """
                        {"lines": ["2 lb dried navy beans, soaked", "2 cups carrots", "3 cups carrots", "2 qt water"],
                         "method": ["Boil the beans 30 min.", "Add the celery."],
                         "variants": [{"name": "with corn", "lines": ["2 cups corn"]}, {"name": "creamy", "lines": ["1 cup cream"]}]}
                        """)
                .body();
        assertThat(look.get("ruling").get("minutes").asInt()).isEqualTo(90);
        assertThat(look.get("ruling")
                        .get("without")
                        .get(0)
                        .get("minutesBySize")
                        .get("quart")
                        .asInt())
                .isEqualTo(30);
        assertThat(look.get("variants")
                        .valueStream()
                        .map(variant -> variant.get("name").asString() + " "
                                + variant.get("verdict").asString()))
                .containsExactly("with corn covered", "creamy stop");
        assertThat(look.get("variants").get(1).get("troubles").get(0).asString())
                .startsWith("1 cup cream: Milk and cream");
        assertThat(look.get("questions").valueStream().map(question -> question.get("code")
                        .asString()))
                .containsExactly("twice-different");
        assertThat(look.get("steps")
                        .valueStream()
                        .map(step -> step.get("code").asString() + " "
                                + step.get("said").asString()))
                .containsExactly(
                        "soak in-line",
                        "boil-beans in-method",
                        "peel-carrots nowhere",
                        "cut-carrots nowhere",
                        "boil-together nowhere",
                        "fill-half nowhere");
        assertThat(look.get("freezer").isNull()).isTrue();
    }

    @Test
    void each_remedy_says_what_it_would_give_and_a_stop_has_another_route(TestServer server) {
        JsonNode look = server.post(
                        "/api/recipes/draft",
                        "{\"lines\": [\"1 cup pearl barley\", \"1 lb mushrooms\", \"2 lb carrots\", \"2 qt vegetable stock\"]}")
                .body();
        JsonNode remedies = look.get("ruling").get("findings").get(0).get("remedies");
        assertThat(remedies.get(1).get("edits").get(0).get("to").asString())
                .isEqualTo("1 cup pearl barley, at serving");
        assertThat(remedies.get(1).get("gives").get("minutes").asInt()).isEqualTo(75);
        JsonNode freezer = look.get("freezer");
        assertThat(freezer.get("base").get("minutes").asInt()).isEqualTo(75);
        assertThat(freezer.get("monthsTo").asInt()).isEqualTo(4);
        assertThat(freezer.get("portions").get(0).get("boxes").asInt()).isBetween(6, 9);
    }

    @Test
    void a_bad_draft_is_refused_at_its_field(TestServer server) {
        assertThat(field(server, "{\"lines\": []}")).isEqualTo("lines");
        assertThat(field(server, "{\"lines\": [\" \"]}")).isEqualTo("lines");
        assertThat(field(server, "{\"lines\": [\"1 lb peas\"], \"solidsShare\": 2}"))
                .isEqualTo("solidsShare");
        assertThat(field(server, "{\"lines\": [\"1 lb peas\"], \"size\": \"bucket\"}"))
                .isEqualTo("size");
        assertThat(field(server, "{\"lines\": [\"1 lb peas\"], \"variants\": [{\"name\": \"\", \"lines\": []}]}"))
                .isEqualTo("variants[0].name");
    }

    private static String field(TestServer server, String body) {
        TestServer.Answer answer = server.post("/api/recipes/draft", body);
        assertThat(answer.status()).isEqualTo(400);
        return answer.body().get("field").asString();
    }

    @Test
    void versions_copies_and_the_search_keep_everything(TestServer server) {
        JsonNode first = server.post(
                        "/api/recipes",
                        """
                        {"title": "Quince pot", "lines": ["2 lb carrots", "2 lb peas"], "method": ["Boil 5 min."], "tags": ["autumn", "autumn"],
                         "variants": [{"name": "hot", "lines": ["1 tsp chili flakes", " "]}], "settled": ["no-broth"]}
                        """)
                .body();
        long id = first.get("id").asLong();
        assertThat(first.get("tags").size()).isEqualTo(1);
        assertThat(first.get("variants").get(0).get("lines").size()).isEqualTo(1);
        server.put(
                "/api/recipes/" + id,
                "{\"title\": \"Quince pot\", \"lines\": [\"3 lb carrots\", \"2 lb peas\"], \"basedOn\": 1}");
        JsonNode versions = server.get("/api/recipes/" + id + "/versions").body();
        assertThat(versions.valueStream()
                        .map(version -> version.get("version").asInt() + " "
                                + version.get("lines").get(0).asString() + " "
                                + version.get("method").size()))
                .containsExactly("2 3 lb carrots 0", "1 2 lb carrots 1");
        JsonNode copy = server.post("/api/recipes/" + id + "/copies", "").body();
        assertThat(copy.get("title").asString()).isEqualTo("Quince pot, copy");
        assertThat(copy.get("version").asInt()).isEqualTo(1);
        assertThat(titles(server, "?words=QUINCE")).containsExactly("Quince pot, copy", "Quince pot");
        assertThat(titles(server, "?words=100%25")).isEmpty();
        server.delete("/api/recipes/" + copy.get("id").asLong());
        assertThat(titles(server, "?words=quince&archived=true")).containsExactly("Quince pot, copy");
        assertThat(server.get("/api/recipes/99999/versions").status()).isEqualTo(404);
    }

    private static java.util.stream.Stream<String> titles(TestServer server, String query) {
        return server.get("/api/recipes" + query).body().valueStream().map(entry -> entry.get("title")
                .asString());
    }

    @Test
    void notes_for_next_time_stand_until_they_are_done(TestServer server) {
        long id = server.post("/api/recipes", JUDGED.formatted("Noted"))
                .body()
                .get("id")
                .asLong();
        JsonNode noted = server.post("/api/recipes/" + id + "/notes", "{\"text\": \"less paprika\"}")
                .body();
        long note = noted.get("notes").get(0).get("id").asLong();
        assertThat(server.delete("/api/recipes/" + id + "/notes/" + note).body().get("notes"))
                .isEmpty();
        assertThat(server.delete("/api/recipes/" + id + "/notes/" + note).status())
                .isEqualTo(404);
        assertThat(server.post("/api/recipes/" + id + "/notes", "{\"text\": \"\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void own_judgement_is_taken_on_for_a_version_and_goes_with_its_batches(TestServer server) {
        long id = server.post("/api/recipes", JUDGED.formatted("Judged"))
                .body()
                .get("id")
                .asLong();
        JsonNode taken = server.put(
                        "/api/recipes/" + id + "/judgement",
                        "{\"version\": 1, \"by\": \"Ines\", \"reason\": \"as always\"}")
                .body();
        assertThat(taken.get("judgement").get("covers").asBoolean()).isTrue();
        server.changeKitchen("\"altitudeFt\": 500, \"units\": \"us\", \"school\": \"longest-ingredient\"");
        long canner = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"For judgement\", \"gauge\": \"weighted\", \"quarts\": 7, \"pints\": 8, \"shortLayers\": 2}")
                .body()
                .get("canners")
                .valueStream()
                .filter(each -> each.get("name").asString().equals("For judgement"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        String jars = "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"quart\", \"count\": 4}]}"
                .formatted(id, canner);
        long plan = server.post("/api/plans", "{\"recipeId\": %s}".formatted(id))
                .body()
                .get("id")
                .asLong();
        assertThat(takenOn(server, plan).get("by").asString()).isEqualTo("Ines");
        JsonNode made = server.post("/api/batches", jars).body();
        JsonNode batch = server.get("/api/batches/" + made.get("id").asLong()).body();
        assertThat(batch.get("acceptance").get("by").asString()).isEqualTo("Ines");
        assertThat(server.get("/api/recipes?words=Judged")
                        .body()
                        .get(0)
                        .get("lastMade")
                        .isNull())
                .isFalse();
        // Another version departs anew: nobody has taken that one on.
        server.put("/api/recipes/" + id, JUDGED.formatted("Judged, fuller").replace("0.67}", "0.7, \"basedOn\": 1}"));
        assertThat(takenOn(server, plan).isNull()).isTrue();
        assertThat(server.post("/api/batches", jars).status()).isEqualTo(409);
        server.put(
                "/api/recipes/" + id + "/judgement", "{\"version\": 2, \"by\": \"Ines\", \"reason\": \"as always\"}");
        server.delete("/api/recipes/" + id + "/judgement/2");
        assertThat(server.post("/api/batches", jars).status()).isEqualTo(409);
        long covered = server.post("/api/recipes", "{\"title\": \"Covered\", \"lines\": [\"2 lb carrots\"]}")
                .body()
                .get("id")
                .asLong();
        assertThat(server.put(
                                "/api/recipes/" + covered + "/judgement",
                                "{\"version\": 1, \"by\": \"I\", \"reason\": \"so\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void a_variant_that_is_stopped_stops_the_plan(TestServer server) {
        long id = server.post(
                        "/api/recipes",
                        "{\"title\": \"Two ways\", \"lines\": [\"2 lb carrots\", \"2 lb peas\", \"1 qt water\"], \"variants\": [{\"name\": \"creamy\", \"lines\": [\"1 cup cream\"]}]}")
                .body()
                .get("id")
                .asLong();
        assertThat(server.get("/api/recipes?words=Two+ways")
                        .body()
                        .get(0)
                        .get("verdict")
                        .asString())
                .isEqualTo("stop");
        assertThat(id).isPositive();
    }

    private static JsonNode takenOn(TestServer server, long plan) {
        return server.get("/api/plans/" + plan).body().get("dishes").get(0).get("takenOn");
    }
}
