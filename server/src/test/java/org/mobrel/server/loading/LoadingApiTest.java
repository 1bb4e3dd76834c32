package org.mobrel.server.loading;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Collections;
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

/** {@code POST /api/loading}, as a script uses it. */
@ExtendWith(TestServer.class)
class LoadingApiTest {

    private static final String CANNER =
            """
            {"id": "A", "capacity": {"quart-regular": 7, "quart-wide": 6, "pint-regular": 8, "half-pint": 10, "1.5-pint": 7},
             "layers": 2, "upperLayer": "short", "heatUp": 20, "comeUp": 8, "coolDown": 40}
            """;

    private static final String GROUP =
            "{\"id\": \"%s\", \"recipe\": \"stew\", \"jar\": \"%s\", \"count\": %s, \"process\": %s, \"ready\": 0}";

    private static String day(String canner, String... groups) {
        return "{\"canners\": [%s], \"groups\": [%s]}".formatted(canner, String.join(", ", groups));
    }

    @TestFactory
    Stream<DynamicTest> every_case_reaches_its_optimum(TestServer server) throws IOException {
        return ApiCases.of("loading-cases.json", example -> check(server, example));
    }

    private static void check(TestServer server, JsonNode example) {
        TestServer.Answer answer =
                server.post("/api/loading", example.get("request").toString());
        JsonNode expect = example.get("expect");
        if (expect.has("infeasible")) {
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.type()).startsWith("application/problem+json");
            assertThat(answer.body().get("group").asString())
                    .isEqualTo(example.get("request")
                            .get("groups")
                            .get(0)
                            .get("id")
                            .asString());
            return;
        }
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        for (String figure : List.of("makespan", "watched", "loadCount", "overProcess")) {
            assertThat(answer.body().get(figure).asInt())
                    .as(figure)
                    .isEqualTo(expect.get(figure).asInt());
        }
        assertThat(answer.body().get("optimal").asBoolean()).isTrue();
        answer.body().get("alternatives").forEach(other -> assertThat(
                        other.get("makespan").asInt())
                .isGreaterThanOrEqualTo(expect.get("makespan").asInt()));
    }

    @Test
    void a_load_says_what_it_holds_and_what_would_still_go_in(TestServer server) {
        JsonNode answer = server.post(
                        "/api/loading",
                        day(
                                CANNER,
                                GROUP.formatted("q", "quart-regular", 4, 90),
                                GROUP.formatted("p", "pint-regular", 2, 75)))
                .body();
        JsonNode load = answer.get("loads").get(0);
        assertThat(load.get("process").asInt()).isEqualTo(90);
        assertThat(load.get("heatOff").asInt()).isEqualTo(load.get("start").asInt() + 20 + 10 + 8 + 90);
        assertThat(load.get("done").asInt()).isEqualTo(load.get("heatOff").asInt() + 40 + 10 + 10);
        assertThat(load.get("layers").toString())
                .isEqualTo("[{\"jars\":[{\"group\":\"q\",\"count\":4},{\"group\":\"p\",\"count\":2}]}]");
        // 4/7 + 2/8 leaves room for one quart (1/7) or one pint (1/8), not for two of them.
        assertThat(load.get("room").get("q").asInt()).isEqualTo(1);
        assertThat(load.get("room").get("p").asInt()).isEqualTo(1);
        assertThat(answer.get("alternatives").valueStream().map(other -> other.get("sentence")
                        .asString()))
                .contains("Each by itself: 2 loads, ends 3 h 8 min later, 1 h 53 min more on watch.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            groups[0].jar       | "jar": "quart-regular" | "jar": "bucket"
            groups[0].jar       | "jar": "quart-regular" | "jar": null
            groups[0].count     | "count": 4             | "count": 0
            groups[0].count     | "count": 4             | "count": 4.5
            groups[0].process   | "process": 90          | "process": 0
            groups[0].process   | "process": 90          | "process": 100000
            groups[0].ready     | "ready": 0             | "ready": -5
            groups[0].id        | "id": "q"              | "id": ""
            canners[0].layers   | "layers": 2            | "layers": 4
            canners[0].heatUp   | "heatUp": 20           | "heatUp": -1
            canners[0].upperLayer | "upperLayer": "short" | "upperLayer": "sideways"
            canners[0].capacity.half-pint | "half-pint": 10 | "half-pint": 1000
            canners[0].capacity.barrel | "half-pint": 10 | "barrel": 10
            """)
    void what_cannot_be_meant_is_named(String field, String right, String wrong, TestServer server) {
        TestServer.Answer answer = server.post(
                "/api/loading",
                day(CANNER, GROUP.formatted("q", "quart-regular", 4, 90)).replace(right, wrong));
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(400);
        assertThat(answer.body().get("field").asString()).isEqualTo(field);
    }

    @Test
    void too_much_of_anything_is_refused(TestServer server) {
        String many = String.join(", ", Collections.nCopies(13, GROUP.formatted("q", "quart-regular", 1, 90)));
        assertThat(server.post("/api/loading", day(CANNER, many)).status()).isEqualTo(400);
        assertThat(server.post("/api/loading", day(CANNER + ", " + CANNER, GROUP.formatted("q", "quart-wide", 4, 90)))
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("canners[1].id");
        assertThat(server.post("/api/loading", "{\"canners\": [], \"groups\": []}")
                        .status())
                .isEqualTo(400);
    }

    /** A day beyond what is searched to its end is answered in time all the same, and says that it is not proven. */
    @Test
    void a_huge_day_is_answered_in_time(TestServer server) {
        String[] groups = new String[12];
        for (int group = 0; group < groups.length; group++) {
            groups[group] =
                    GROUP.formatted("g" + group, group % 2 == 0 ? "quart-regular" : "pint-regular", 40, 20 + 5 * group);
        }
        long before = System.nanoTime();
        TestServer.Answer answer = server.post("/api/loading", day(CANNER, groups));
        assertThat(answer.status()).isEqualTo(200);
        assertThat((System.nanoTime() - before) / 1_000_000).isLessThan(6_000);
        assertThat(answer.body().get("optimal").asBoolean()).isFalse();
        int jars = answer.body()
                .get("loads")
                .valueStream()
                .flatMap(load -> load.get("layers").valueStream())
                .flatMap(layer -> layer.get("jars").valueStream())
                .mapToInt(part -> part.get("count").asInt())
                .sum();
        assertThat(jars).isEqualTo(12 * 40);
    }
}
