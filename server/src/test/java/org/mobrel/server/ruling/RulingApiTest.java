package org.mobrel.server.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code POST /api/ruling}, as a script uses it. */
@ExtendWith(TestServer.class)
class RulingApiTest {

    private static final String STOCK =
            """
            {"lines": ["6 qt beef stock"], "jars": [{"size": "quart", "count": 7}], "altitudeFt": 500, "gauge": "weighted"}
            """;

    @TestFactory
    Stream<DynamicTest> every_case_gets_its_ruling(TestServer server) throws IOException {
        try (InputStream bytes =
                Objects.requireNonNull(RulingApiTest.class.getResourceAsStream("/cases/ruling-cases.json"))) {
            return new ObjectMapper()
                            .readTree(bytes)
                            .valueStream()
                            .map(example ->
                                    DynamicTest.dynamicTest(example.get("name").asString(), () -> {
                                        TestServer.Answer answer = server.post(
                                                "/api/ruling",
                                                example.get("request").toString());
                                        assertThat(answer.status()).isEqualTo(200);
                                        assertThat(facts(answer.body(), example.get("expect")))
                                                .isEqualTo(example.get("expect"));
                                    }))
                            .toList()
                            .stream();
        }
    }

    /** The fields a case asks for, read out of an answer. */
    private static ObjectNode facts(JsonNode answer, JsonNode expect) {
        ObjectNode facts = JsonNodeFactory.instance.objectNode();
        expect.propertyNames()
                .forEach(name -> facts.set(
                        name,
                        switch (name) {
                            case "findings" -> codes(answer);
                            case "pacesetterLines" -> pacesetters(answer);
                            default -> Objects.requireNonNull(answer.get(name), name);
                        }));
        return facts;
    }

    private static ArrayNode codes(JsonNode answer) {
        ArrayNode codes = JsonNodeFactory.instance.arrayNode();
        answer.get("findings")
                .valueStream()
                .map(finding -> finding.get("code").asString())
                .sorted()
                .forEach(codes::add);
        return codes;
    }

    private static JsonNode pacesetters(JsonNode answer) {
        if (answer.get("pacesetters").isNull()) {
            return JsonNodeFactory.instance.nullNode();
        }
        ArrayNode texts = JsonNodeFactory.instance.arrayNode();
        answer.get("pacesetters")
                .valueStream()
                .forEach(index -> texts.add(
                        answer.get("lines").get(index.asInt()).get("text").asString()));
        return texts;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "count": 7         | "count": "many"      | jars[0].count
            "count": 7         | "count": 0           | jars[0].count
            "size": "quart"    | "size": "barrel"     | jars[0].size
            "size": "quart"    | "mouth": "wide"      | jars[0].size
            "altitudeFt": 500  | "altitudeFt": 90000  | altitudeFt
            "altitudeFt": 500  | "altitudeFt": null   | altitudeFt
            "gauge": "weighted"| "gauge": "electric"  | gauge
            ["6 qt beef stock"]| []                   | lines
            ["6 qt beef stock"]| ["  "]               | lines
            "gauge": "weighted"| "gauge": "dial", "solidsShare": 2 | solidsShare
            """)
    void bad_input_is_a_problem_that_names_the_field(String good, String bad, String field, TestServer server) {
        TestServer.Answer answer = server.post("/api/ruling", STOCK.replace(good, bad));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.body().get("field").asString()).isEqualTo(field);
        assertThat(answer.body().get("detail").asString()).contains(field);
    }

    @Test
    void an_unknown_food_is_a_finding_with_its_neighbours_not_an_error(TestServer server) {
        JsonNode answer = server.post("/api/ruling", STOCK.replace("6 qt beef stock", "2 cups corm"))
                .body();
        JsonNode finding = answer.get("findings").get(0);
        assertThat(finding.get("code").asString()).isEqualTo("unknown-food");
        assertThat(finding.get("remedies").get(0).get("text").asString()).contains("corn");
        assertThat(answer.get("minutes").isNull()).isTrue();
    }

    @Test
    void the_soup_table_school_shows_what_the_longest_ingredient_would_give(TestServer server) {
        String beans =
                """
                {"lines": ["1 lb dried navy beans, soaked", "2 cups carrots", "2 qt water"], "school": "%s",
                 "jars": [{"size": "quart", "count": 2}, {"size": "pint", "count": 1}], "altitudeM": 100, "gauge": "dial"}
                """;
        JsonNode table =
                server.post("/api/ruling", beans.formatted("soup-table")).body();
        JsonNode longest = server.post("/api/ruling", beans.formatted("longest-ingredient"))
                .body();
        assertThat(table.get("minutes").asInt()).isEqualTo(75);
        assertThat(table.get("otherSchoolMinutes").asInt()).isEqualTo(90);
        assertThat(longest.get("minutes").asInt()).isEqualTo(90);
        assertThat(longest.get("otherSchoolMinutes").asInt()).isEqualTo(75);
        assertThat(longest.get("considered").get(0).get("kind").asString()).isEqualTo("floor");
    }

    @Test
    void every_answer_says_what_was_considered_and_what_each_remedy_would_give(TestServer server) {
        JsonNode answer = server.post(
                        "/api/ruling",
                        """
                        {"lines": ["3 lb cod", "2 lb carrots", "1 cup rice", "1 qt water"],
                         "jars": [{"size": "quart", "count": 2}], "altitudeFt": 100, "gauge": "weighted"}
                        """)
                .body();
        assertThat(answer.get("minutes").isNull()).isTrue();
        JsonNode remedy = answer.get("findings").get(0).get("remedies").get(0);
        assertThat(remedy.get("code").asString()).isEqualTo("leave-out");
        assertThat(remedy.get("edits").get(0).get("part").asString()).isEqualTo("line");
        assertThat(remedy.get("edits").get(0).get("to").isNull()).isTrue();
        assertThat(remedy.get("gives").get("verdict").asString()).isEqualTo("covered");
        assertThat(remedy.get("gives").get("minutes").asInt()).isEqualTo(100);
        JsonNode covered = server.post(
                        "/api/ruling",
                        """
                        {"lines": ["3 lb cod", "2 lb carrots", "1 qt water"],
                         "jars": [{"size": "quart", "count": 2}], "altitudeFt": 100, "gauge": "weighted"}
                        """)
                .body();
        assertThat(covered.get("considered")
                        .valueStream()
                        .map(row -> row.get("kind").asString() + " "
                                + row.get("what").asString()))
                .containsExactly(
                        "floor soup with seafood",
                        "passed-over soup",
                        "passed-over mixed vegetables",
                        "passed-over fish");
        assertThat(covered.get("without")
                        .get(0)
                        .get("minutesBySize")
                        .get("quart")
                        .asInt())
                .isEqualTo(30);
    }

    @Test
    void the_pages_are_built_against_this_very_api(TestServer server) throws IOException {
        JsonNode published = server.get("/v3/api-docs").body();
        JsonNode known = new ObjectMapper().readTree(Path.of("../web/src/api/openapi.json"));
        assertThat(published.equals(RulingApiTest::sameNumber, known))
                .as("web/src/api/openapi.json is out of date: run ./mobrel types")
                .isTrue();
    }

    /** 3150.0 and 3150 are one number, however each side writes it. */
    private static int sameNumber(JsonNode one, JsonNode other) {
        return one.isNumber() && other.isNumber()
                ? one.decimalValue().compareTo(other.decimalValue())
                : one.equals(other) ? 0 : 1;
    }
}
