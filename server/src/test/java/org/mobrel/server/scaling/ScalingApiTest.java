package org.mobrel.server.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.ApiCases;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** {@code POST /api/scaling}, as a script uses it. */
@ExtendWith(TestServer.class)
class ScalingApiTest {

    private static final String STEW =
            "\"lines\": [\"3 lb lamb in 1-inch cubes\", \"4 cups carrots, sliced\", \"2 qt lamb stock\", \"½ tsp salt a quart\"]";

    @TestFactory
    Stream<DynamicTest> every_case_gets_its_jars_and_amounts(TestServer server) throws IOException {
        return ApiCases.of("scaling-cases.json", example -> check(server, example));
    }

    private static void check(TestServer server, JsonNode example) {
        TestServer.Answer answer =
                server.post("/api/scaling", example.get("request").toString());
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        JsonNode expect = example.get("expect");
        for (String figure : List.of("factor", "fillMl", "brothNeededMl", "brothInRecipeMl")) {
            assertThat(answer.body().get(figure).asDouble())
                    .as(figure)
                    .isCloseTo(expect.get(figure).asDouble(), withinPercentage(1));
        }
        assertThat(answer.body().get("leftoverMl").asDouble())
                .isCloseTo(expect.get("leftoverMl").asDouble(), within(5.0));
        assertThat(answer.body().get("jars")).isEqualTo(expect.get("jars"));
    }

    private static JsonNode scale(TestServer server, String body) {
        TestServer.Answer answer = server.post("/api/scaling", "{" + body + "}");
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void jars_broth_and_kettle_add_up(TestServer server) {
        JsonNode scaled = scale(
                server,
                STEW + ", \"jars\": [{\"size\": \"quart\", \"count\": 5}, {\"size\": \"pint\", \"count\": 2}],"
                        + " \"keepBack\": {\"value\": 2, \"unit\": \"L\"}");
        assertThat(scaled.get("fillMl").asDouble()).isEqualTo(5 * 902 + 2 * 422);
        assertThat(scaled.get("keepBackMl").asDouble()).isEqualTo(2000);
        double jars = scaled.get("perJar").get(0).get("brothMl").asDouble() * 5
                + scaled.get("perJar").get(1).get("brothMl").asDouble() * 2;
        assertThat(jars).isCloseTo(scaled.get("brothNeededMl").asDouble(), within(0.1));
        assertThat(scaled.get("topUpMl").asDouble())
                .isEqualTo(scaled.get("brothNeededMl").asDouble()
                        - scaled.get("brothInRecipeMl").asDouble());
        assertThat(scaled.get("kettleMl").asDouble())
                .isCloseTo(1.35 * scaled.get("brothNeededMl").asDouble(), within(0.1));
        assertThat(scaled.get("limitedBy").isNull()).isTrue();
        assertThat(scaled.get("errorShare").asDouble()).isEqualTo(0.15);
        JsonNode lamb = scaled.get("perLine").get(0);
        double factor = scaled.get("factor").asDouble();
        assertThat(lamb.get("massG").asDouble()).isCloseTo(factor * 3 * 453.592, within(0.1));
        assertThat(lamb.get("asBoughtG").asDouble()).isCloseTo(factor * 3 * 453.592 / 0.85, within(0.1));
        assertThat(lamb.get("bulkMl").asDouble())
                .isCloseTo(lamb.get("jarMassG").asDouble() / 150 * 236.59, within(0.1));
        assertThat(lamb.get("kitchen").asString()).contains("lb");
    }

    @Test
    void the_scarcest_of_several_things_limits_the_pot(TestServer server) {
        String use = ", \"jars\": [{\"size\": \"quart\"}, {\"size\": \"pint\"}], \"use\": {\"line\": 0,"
                + " \"amount\": {\"value\": 9, \"unit\": \"lb\"}, \"asBought\": true,"
                + " \"also\": [{\"line\": 1, \"amount\": {\"value\": 1, \"unit\": \"kg\"}}]}";
        JsonNode scaled = scale(server, STEW + use);
        assertThat(scaled.get("limitedBy").asInt()).isEqualTo(1);
        assertThat(scaled.get("factor").asDouble()).isCloseTo(1.953, within(0.001));
        assertThat(scaled.get("leftoverMl").asDouble()).isLessThan(422);
        JsonNode metric = scale(server, "\"units\": \"metric\", " + STEW + use);
        assertThat(metric.get("perLine").get(0).get("kitchen").asString()).isEqualTo("2.65 kg");
    }

    @Test
    void a_recipe_is_used_up_as_it_stands_even_by_a_line_that_nobody_weighs(TestServer server) {
        JsonNode scaled = scale(
                server,
                "\"lines\": [\"2 lb carrots, sliced\", \"1 bunch kale\", \"2 qt beef stock\"],"
                        + " \"jars\": [{\"size\": \"pint\"}], \"use\": {\"line\": 1}");
        assertThat(scaled.get("factor").asDouble()).isEqualTo(1);
        assertThat(scaled.get("limitedBy").asInt()).isEqualTo(1);
        assertThat(scaled.get("unmeasured").get(0).asInt()).isEqualTo(1);
        assertThat(scaled.get("perLine").get(1).get("massG").isNull()).isTrue();
    }

    @Test
    void plain_poultry_leaves_more_room_in_the_jar(TestServer server) {
        JsonNode plain = scale(
                server,
                "\"lines\": [\"3 lb boneless chicken\"], \"jars\": [{\"size\": \"quart\", \"count\": 2}], \"solidsShare\": 0.9");
        assertThat(plain.get("headspaceIn").asDouble()).isEqualTo(1.25);
        assertThat(plain.get("fillMl").asDouble()).isEqualTo(2 * 877);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # what is wrong                                                                      | field           | in words
            "jars": [{"size": "quart", "count": 0}]                                              | jars[0].count   | between 1 and 500
            "jars": [{"size": "quart", "count": -3}]                                             | jars[0].count   | between 1 and 500
            "jars": [{"size": "quart", "count": 10000}]                                          | jars[0].count   | between 1 and 500
            "jars": [{"size": "quart"}]                                                          | jars[0].count   | how many?
            "jars": [{"size": "quart", "count": 2.5}]                                            | jars[0].count   | This value cannot be read
            "jars": [{"size": "bucket", "count": 2}]                                             | jars[0].size    | "bucket" is not
            "jars": [{"size": "half-gallon", "count": 2}]                                        | jars[0].size    | no half-gallon
            "jars": []                                                                           | jars            | at least one
            "jars": [{"size": "quart", "count": 7}], "keepBack": {"value": -2, "unit": "L"}      | keepBack.value  | more than 0
            "jars": [{"size": "quart", "count": 7}], "keepBack": {"value": 2, "unit": "bushel"}  | keepBack.unit   | "bushel" is no volume
            "jars": [{"size": "quart", "count": 7}], "keepBack": {"unit": "L"}                   | keepBack.value  | how much?
            "jars": [{"size": "quart", "count": 7}], "keepBack": {"value": 2}                    | keepBack.unit   | servings?
            "jars": [{"size": "quart", "count": 7}], "keepBack": {"value": 9000, "unit": "L"}    | keepBack.value  | more than a kitchen
            "jars": [{"size": "quart", "count": 7}], "solidsShare": 0                            | solidsShare     | between 0.1 and 1
            "jars": [{"size": "quart", "count": 7}], "pack": "cold"                              | pack            | not hot or raw
            "jars": [{"size": "quart"}], "use": {"line": 9}                                      | use.line        | lines 0 to 3
            "jars": [{"size": "quart"}], "use": {}                                               | use.line        | the index of a line
            "jars": [{"size": "quart"}], "use": {"line": 0, "amount": {"value": 0, "unit": "lb"}} | use.amount.value | more than 0
            "jars": [{"size": "quart"}], "use": {"line": 0, "amount": {"value": 2, "unit": "hundredweight"}} | use.amount.unit | no measure known
            "jars": [{"size": "quart"}], "use": {"line": 0, "amount": {"value": 90000, "unit": "lb"}} | use          | more than 500
            "jars": [{"size": "quart"}], "use": {"line": 0}, "keepBack": {"value": 40, "unit": "L"} | keepBack.value | the pot makes
            """)
    void what_cannot_be_meant_is_answered_at_the_field(String wrong, String field, String words, TestServer server) {
        TestServer.Answer answer = server.post("/api/scaling", "{" + STEW + ", " + wrong + "}");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.type()).contains("problem+json");
        assertThat(answer.body().get("field").asString()).isEqualTo(field);
        assertThat(answer.body().get("reason").asString()).contains(words);
    }

    @Test
    void a_recipe_without_any_amount_says_so(TestServer server) {
        TestServer.Answer answer = server.post(
                "/api/scaling",
                "{\"lines\": [\"carrots\", \"salt to taste\"], \"jars\": [{\"size\": \"pint\", \"count\": 4}]}");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("field").asString()).isEqualTo("lines");
        assertThat(answer.body().get("reason").asString()).contains("no line has an amount");
    }
}
