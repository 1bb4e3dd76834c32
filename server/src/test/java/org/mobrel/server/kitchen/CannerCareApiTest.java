package org.mobrel.server.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Canners as they are: their weights, what fits, tests of the dial and looks over them. */
@ExtendWith(TestServer.class)
class CannerCareApiTest {

    private static final AtomicInteger NUMBER = new AtomicInteger();
    private static final String PLAIN = "\"quarts\": 7, \"pints\": 8, \"shortLayers\": 2";

    private static JsonNode add(TestServer server, String gauge, String more) {
        String name = "Kettle " + NUMBER.incrementAndGet();
        TestServer.Answer answer = server.post(
                "/api/kitchen/canners",
                "{\"name\": \"%s\", \"gauge\": \"%s\", %s%s}".formatted(name, gauge, PLAIN, more));
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(201);
        return named(answer.body(), name);
    }

    private static JsonNode named(JsonNode kitchen, String name) {
        return kitchen.get("canners")
                .valueStream()
                .filter(canner -> canner.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode again(TestServer server, JsonNode canner) {
        return named(server.get("/api/kitchen").body(), canner.get("name").asString());
    }

    private static String path(JsonNode canner, String more) {
        return "/api/kitchen/canners/%s%s".formatted(canner.get("id").asLong(), more);
    }

    private static TestServer.Answer test(TestServer server, JsonNode canner, String on, String read, String master) {
        return server.post(
                path(canner, "/tests"),
                "{\"on\": \"%s\", \"readPsi\": %s, \"masterPsi\": %s, \"by\": \"Ada\"}".formatted(on, read, master));
    }

    @Test
    void at_1050_ft_a_weight_is_set_to_15_and_a_dial_read_at_11(TestServer server) {
        server.changeKitchen("\"altitudeFt\": 1050, \"units\": \"us\", \"school\": \"longest-ingredient\"");
        JsonNode weighted = add(
                server,
                "weighted",
                ", \"weight\": {\"shows\": \"rings\", \"sound\": \"jiggles\", \"jigglesLeast\": 1, \"jigglesMost\": 4}");
        assertThat(weighted.get("readingPsi").asInt()).isEqualTo(15);
        assertThat(weighted.get("weight").get("sentence").asString())
                .isEqualTo("At pressure it jiggles 1 to 4 times a minute.");
        assertThat(weighted.get("rules").asString()).startsWith("Its weight rules");
        JsonNode dial = add(server, "dial", "");
        assertThat(dial.get("readingPsi").asInt()).isEqualTo(11);
        assertThat(dial.get("rules").asString()).startsWith("Its dial rules");
        JsonNode bands = server.get("/api/kitchen").body().get("bands");
        assertThat(bands.valueStream().map(band -> "%s %s up to %s, then %s"
                        .formatted(
                                band.get("gauge").asString(),
                                band.get("psi").asString(),
                                band.get("upToFt").asInt(),
                                band.get("nextPsi").asString())))
                .containsExactlyInAnyOrder("dial 11 up to 2000, then 12", "weighted 15 up to 8000, then ");
    }

    @Test
    void a_gauge_test_counts_from_then_on_and_a_slip_of_the_pen_does_not(TestServer server) {
        server.changeKitchen("\"altitudeFt\": 1050, \"units\": \"us\", \"school\": \"longest-ingredient\"");
        JsonNode canner = add(server, "dial", "");
        assertThat(canner.get("due").toString()).contains("No test of its dial");
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        assertThat(test(server, canner, today.minusDays(400).toString(), "10.25", "10")
                        .status())
                .isEqualTo(201);
        assertThat(again(server, canner).get("due").toString()).contains("was last tested on");
        test(server, canner, today.minusDays(3).toString(), "10.75", "10");
        assertThat(again(server, canner).get("gaugeErrorPsi").asDouble()).isEqualTo(0.75);
        assertThat(again(server, canner).get("readingPsi").asDouble()).isEqualTo(11.75);
        assertThat(again(server, canner).get("due").toString()).doesNotContain("tested");
        // An older test that is written down later does not go before a newer one.
        test(server, canner, today.minusDays(100).toString(), "9", "10");
        assertThat(again(server, canner).get("gaugeErrorPsi").asDouble()).isEqualTo(0.75);
        // A form that is saved with another error does not either.
        server.patch(
                path(canner, ""),
                """
                {"basedOn": %s, "changed": ["gauge"], "canner": {"name": "%s", "gauge": "dial", "gaugeErrorPsi": 0, %s}}
                """
                        .formatted(server.kitchenVersion(), canner.get("name").asString(), PLAIN));
        assertThat(again(server, canner).get("gaugeErrorPsi").asDouble()).isEqualTo(0.75);
        test(server, canner, today.toString(), "12", "10");
        assertThat(again(server, canner).get("trouble").asString()).contains("replace the gauge");
        JsonNode slip = server.get(path(canner, "/care")).body().get("tests").get(0);
        assertThat(slip.get("counts").asBoolean()).isTrue();
        server.delete(path(canner, "/tests/" + slip.get("id").asLong()));
        assertThat(again(server, canner).get("gaugeErrorPsi").asDouble()).isEqualTo(0.75);
        assertThat(again(server, canner).get("trouble").isNull()).isTrue();
        assertThat(server.get(path(canner, "/care"))
                        .body()
                        .get("tests")
                        .get(0)
                        .get("struck")
                        .asBoolean())
                .as("kept all the same")
                .isTrue();
        assertThat(server.delete(path(canner, "/tests/" + slip.get("id").asLong()))
                        .status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "2999-01-01, 10.5, 10, on",
        "1950-01-01, 10.5, 10, on",
        "2026-01-01, 40, 10, readPsi",
        "2026-01-01, -1, 10, readPsi",
        "2026-01-01, 3, 3, masterPsi",
        "yesterday, 10, 10, on",
    })
    void a_test_that_proves_nothing_is_refused(String on, String read, String master, String field, TestServer server) {
        JsonNode canner = add(server, "dial", "");
        TestServer.Answer answer = test(server, canner, on, read, master);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("field").asString()).isEqualTo(field);
        assertThat(server.get(path(canner, "/care")).body().get("tests").isEmpty())
                .isTrue();
    }

    @Test
    void a_weight_needs_no_test(TestServer server) {
        JsonNode canner = add(server, "weighted", "");
        assertThat(test(server, canner, "2026-01-05", "10.5", "10")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("readPsi");
    }

    @Test
    void a_part_to_be_mended_takes_the_canner_out_of_use_until_it_is(TestServer server) {
        JsonNode canner = add(server, "weighted", "");
        assertThat(canner.get("due").toString()).contains("Due for a look");
        String says = "{\"on\": \"2026-11-01\", \"by\": \"Ada\", \"found\": [{\"part\": \"plug\", \"look\": \"%s\"}]}";
        server.post(path(canner, "/inspections"), says.formatted("mend"));
        assertThat(again(server, canner).get("trouble").asString())
                .isEqualTo("Safety plug: to be mended before the next run.");
        server.post(path(canner, "/inspections"), says.formatted("good"));
        assertThat(again(server, canner).get("trouble").isNull()).isTrue();
        assertThat(server.get(path(canner, "/care")).body().get("inspections").size())
                .isEqualTo(2);
        assertThat(server.post(path(canner, "/inspections"), says.formatted("shiny"))
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("found[0].look");
        assertThat(server.post(path(canner, "/inspections"), "{\"on\": \"2026-11-01\", \"by\": \"Ada\", \"found\": []}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("found");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            quarts               | "quarts": 7      | "quarts": 3
            quarts               | "quarts": 7      | "quarts": -7
            pints                | "pints": 8       | "pints": 600
            shortLayers          | "shortLayers": 2 | "shortLayers": 9
            upperLayer           | "shortLayers": 2 | "shortLayers": 2, "upperLayer": "never"
            capacity[0].size     | "shortLayers": 2 | "shortLayers": 2, "capacity": [{"size": "half-gallon", "mouth": "wide", "jars": 4}]
            capacity[0].jars     | "shortLayers": 2 | "shortLayers": 2, "capacity": [{"size": "quart", "mouth": "wide", "jars": -1}]
            startWaterMl         | "shortLayers": 2 | "shortLayers": 2, "startWaterMl": 50
            weight.jigglesLeast  | "shortLayers": 2 | "shortLayers": 2, "weight": {"shows": "holes", "sound": "jiggles", "jigglesLeast": 5, "jigglesMost": 2}
            weight.sound         | "shortLayers": 2 | "shortLayers": 2, "weight": {"shows": "holes", "sound": "sings"}
            """)
    void a_canner_that_cannot_be_is_refused(String field, String right, String wrong, TestServer server) {
        TestServer.Answer answer = server.post(
                "/api/kitchen/canners",
                "{\"name\": \"Odd\", \"gauge\": \"weighted\", %s}".formatted(PLAIN.replace(right, wrong)));
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(400);
        assertThat(answer.body().get("field").asString()).isEqualTo(field);
    }

    @Test
    void burners_and_quiet_hours_are_kept_and_bad_ones_refused(TestServer server) {
        server.changeKitchen("\"burners\": 2, \"quietFrom\": \"21:30\", \"quietUntil\": \"06:15\"");
        JsonNode now = server.get("/api/kitchen").body();
        assertThat(now.get("burners").asInt()).isEqualTo(2);
        assertThat(now.get("quietFrom").asString() + now.get("quietUntil").asString())
                .isEqualTo("21:3006:15");
        assertThat(server.changeKitchen("\"burners\": 0").body().get("field").asString())
                .isEqualTo("burners");
        assertThat(server.changeKitchen("\"quietFrom\": \"late\"")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("quietFrom");
        server.changeKitchen("\"burners\": 4, \"quietFrom\": \"22:00\", \"quietUntil\": \"07:00\"");
    }
}
