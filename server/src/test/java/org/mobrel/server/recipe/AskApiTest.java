package org.mobrel.server.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** What a line leaves open is asked before anything is covered, for scripts, recipes, plans and batches alike. */
@ExtendWith(TestServer.class)
class AskApiTest {

    private static final String ASKED =
            """
            {"lines": ["4 lb oxtail", "3 lb beef in chunks", "2 cups celery, frobbled", "3 cups carrots, peeled and sliced", "2 qt stock"],
             "jars": [{"size": "quart", "count": 7}], "altitudeFt": 500, "gauge": "weighted"%s}""";

    private static final String RECIPE =
            """
            {"title": "%s", "lines": ["4 lb oxtail", "3 cups carrots, peeled and sliced", "2 qt stock"], "answers": [%s]}""";

    private static JsonNode rule(TestServer server, String answers) {
        TestServer.Answer answer = server.post("/api/ruling", ASKED.formatted(answers));
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    private static String questions(JsonNode ruling) {
        return ruling.get("questions")
                .valueStream()
                .map(question -> "%s@%s %s [%s]"
                        .formatted(
                                question.get("code").asString(),
                                question.get("line").asInt(),
                                question.get("words").asString(),
                                question.get("choices")
                                        .valueStream()
                                        .map(AskApiTest::choice)
                                        .collect(Collectors.joining(", "))))
                .collect(Collectors.joining("; "));
    }

    private static String choice(JsonNode choice) {
        JsonNode minutes = choice.get("minutes");
        return choice.get("code").asString() + " " + choice.get("verdict").asString()
                + (minutes.isNull() ? "" : " " + minutes.asInt());
    }

    @Test
    void every_question_comes_with_what_each_answer_gives(TestServer server) {
        JsonNode asked = rule(server, "");
        assertThat(asked.get("verdict").asString()).isEqualTo("ask");
        assertThat(asked.get("minutes").isNull()).isTrue();
        assertThat(asked.get("minutesIfSettled").asInt()).isEqualTo(90);
        assertThat(questions(asked))
                .isEqualTo(
                        "bones@0 oxtail [strained covered 90, meat-picked covered 90, left-in stop]; "
                                + "piece-size@1 chunks [up-to-1-inch covered 90, larger stop]; "
                                + "not-understood@2 frobbled [only-a-description covered 90, another-ingredient stop, leave-out covered 90]");
        assertThat(asked.get("lines").get(0).get("foods").toString()).isEqualTo("[\"bones\"]");
        JsonNode span = asked.get("lines")
                .get(2)
                .get("spans")
                .valueStream()
                .filter(each -> each.get("kind").asString().equals("not-understood"))
                .findFirst()
                .orElseThrow();
        assertThat("2 cups celery, frobbled"
                        .substring(span.get("start").asInt(), span.get("end").asInt()))
                .isEqualTo("frobbled");
        JsonNode settled = rule(
                server,
                """
                , "answers": [{"line": 0, "code": "bones", "choice": "meat-picked"},
                 {"line": 1, "code": "piece-size", "choice": "up-to-1-inch"},
                 {"line": 2, "code": "not-understood", "words": "frobbled", "choice": "only-a-description"}]""");
        assertThat(settled.get("verdict").asString()).isEqualTo("covered");
        assertThat(settled.get("minutes").asInt()).isEqualTo(90);
        assertThat(settled.get("questions").isEmpty()).isTrue();
        assertThat(settled.get("lines").get(0).get("foods").toString()).isEqualTo("[\"meat-cubes\"]");
        assertThat(rule(server, ", \"answers\": [{\"line\": 1, \"code\": \"piece-size\", \"choice\": \"larger\"}]")
                        .get("findings")
                        .get(0)
                        .get("code")
                        .asString())
                .isEqualTo("piece-too-big");
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"line\": 9, \"code\": \"bones\", \"choice\": \"strained\"}', there is no line 9",
        "'{\"line\": 0, \"code\": \"marrow\", \"choice\": \"strained\"}', there is no question called \"marrow\"",
        "'{\"line\": 0, \"code\": \"bones\", \"choice\": \"eaten\"}', \"eaten\" is no answer to bones",
        "'{\"line\": 0, \"code\": \"bones\"}', what was chosen"
    })
    void an_answer_to_nothing_is_refused(String answer, String why, TestServer server) {
        TestServer.Answer refused = server.post("/api/ruling", ASKED.formatted(", \"answers\": [" + answer + "]"));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().toString()).contains(why.replace("\"", "\\\""));
    }

    @Test
    void answers_are_kept_with_the_version_and_a_plan_without_them_does_not_run(TestServer server) {
        server.changeKitchen("\"altitudeFt\": 500, \"units\": \"us\", \"school\": \"longest-ingredient\"");
        long canner = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"For asking\", \"gauge\": \"weighted\", \"quarts\": 7, \"pints\": 8, \"shortLayers\": 2}")
                .body()
                .get("canners")
                .valueStream()
                .filter(each -> each.get("name").asString().equals("For asking"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        long id = server.post("/api/recipes", RECIPE.formatted("Asked pot", ""))
                .body()
                .get("id")
                .asLong();
        String jars = "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"quart\", \"count\": 4}]}"
                .formatted(id, canner);
        TestServer.Answer refused = server.post("/api/batches", jars);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("What happens to the bones?");
        String strained =
                "{\"line\": \"4 lb oxtail\", \"code\": \"bones\", \"words\": \"oxtail\", \"choice\": \"meat-picked\"}";
        String gone = strained.replace("4 lb oxtail", "9 lb oxtail");
        JsonNode saved = server.put(
                        "/api/recipes/" + id,
                        RECIPE.formatted("Asked pot", strained + ", " + gone)
                                .replace("\"answers\"", "\"basedOn\": 1, \"answers\""))
                .body();
        assertThat(saved.get("answers"))
                .as("an answer to a line that is not there is not kept")
                .hasSize(1);
        assertThat(server.get("/api/recipes/" + id + "/versions")
                        .body()
                        .get(1)
                        .get("answers")
                        .isEmpty())
                .isTrue();
        long batch = server.post("/api/batches", jars).body().get("id").asLong();
        JsonNode line = server.get("/api/batches/" + batch)
                .body()
                .get("ruling")
                .get("lines")
                .get(0);
        assertThat(line.get("answers").get(0).asString()).isEqualTo("Meat taken off the bone, in pieces");
        assertThat(line.get("source").asString()).isEqualTo("Guide 5, strips cubes or chunks of meat");
    }

    @Test
    void a_line_of_a_variant_is_asked_about_and_answered_by_its_words(TestServer server) {
        String draft =
                """
                {"lines": ["2 lb carrots", "1 qt water"], "variants": [{"name": "with peas", "lines": ["1 cup peas, wubbed"]}],
                 "answers": [%s]}""";
        JsonNode open = server.post("/api/recipes/draft", draft.formatted(""))
                .body()
                .get("variants")
                .get(0);
        assertThat(open.get("verdict").asString()).isEqualTo("ask");
        JsonNode asked = open.get("questions").get(0);
        assertThat(asked.get("text").asString()).isEqualTo("1 cup peas, wubbed");
        assertThat(asked.get("question").get("words").asString()).isEqualTo("wubbed");
        JsonNode settled = server.post(
                        "/api/recipes/draft",
                        draft.formatted(
                                "{\"line\": \"1 cup peas, wubbed\", \"code\": \"not-understood\", \"words\": \"wubbed\", \"choice\": \"only-a-description\"}"))
                .body()
                .get("variants")
                .get(0);
        assertThat(settled.get("verdict").asString()).isEqualTo("covered");
        assertThat(settled.get("questions").isEmpty()).isTrue();
    }

    @Test
    void an_answer_is_remembered_for_its_wording_until_it_is_asked_again(TestServer server) {
        String lines = "{\"lines\": [\"%s\", \"2 lb carrots\", \"1 qt water\"]}";
        server.post(
                "/api/recipes",
                """
                {"title": "Remembered", "lines": ["2 lb glimmed peas", "3 lb lamb shanks"], "answers": [
                 {"line": "2 lb glimmed peas", "code": "not-understood", "words": "glimmed", "choice": "only-a-description"},
                 {"line": "3 lb lamb shanks", "code": "bones", "words": "lamb shanks", "choice": "strained"}]}""");
        for (String known : List.of("1 kg beans, glimmed", "5 lb Lamb Shanks")) {
            JsonNode ruling = server.post("/api/recipes/draft", lines.formatted(known))
                    .body()
                    .get("ruling");
            assertThat(ruling.get("verdict").asString()).as(known).isEqualTo("covered");
        }
        assertThat(server.post("/api/recipes/draft", lines.formatted("5 lb lamb shanks, cut up"))
                        .body()
                        .get("ruling")
                        .get("verdict")
                        .asString())
                .as("another wording is asked about anew")
                .isEqualTo("ask");
        JsonNode left = server.post(
                        "/api/reading/answers/forgotten",
                        "{\"code\": \"not-understood\", \"words\": \"glimmed\", \"line\": \"\"}")
                .body()
                .get("answers");
        assertThat(left.valueStream().map(each -> each.get("words").asString()).toList())
                .contains("lamb shanks")
                .doesNotContain("glimmed");
        assertThat(server.post("/api/recipes/draft", lines.formatted("1 kg beans, glimmed"))
                        .body()
                        .get("ruling")
                        .get("verdict")
                        .asString())
                .isEqualTo("ask");
    }

    @ParameterizedTest
    @CsvSource({
        "pork hocks, ask",
        "boiling water bath, stop",
        "oven canning, stop",
        "electric pressure cooker, stop",
        "frozen vegetables, ask",
        "carrots, yes",
        "carrots and pork hocks, ask yes",
        "beef stew, ask",
        "home-made split pea soup, ask",
        "garlic in oil, stop",
        "salsa, stop",
        "paprika, in-soup",
        "baked beans, yes",
        "canned bean soup, stop"
    })
    void may_i_answers_what_is_open_and_what_is_never(String words, String verdicts, TestServer server) {
        JsonNode answers = server.get("/api/tables/answers?words=" + words.replace(" ", "+"))
                .body();
        assertThat(answers.valueStream()
                        .map(each -> each.get("verdict").asString())
                        .toList())
                .isEqualTo(List.of(verdicts.split(" ")));
    }
}
