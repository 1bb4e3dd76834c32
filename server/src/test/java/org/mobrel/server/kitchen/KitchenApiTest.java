package org.mobrel.server.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Altitude and canners, and what follows from them. */
@ExtendWith(TestServer.class)
class KitchenApiTest {

    private static final String SETTINGS = "%s\"units\": \"us\", \"school\": \"longest-ingredient\"";

    private static JsonNode added(TestServer server, String gauge, String error) {
        JsonNode canners = server.post(
                        "/api/kitchen/canners",
                        """
                        {"name": "Pot", "gauge": "%s", "gaugeErrorPsi": %s, "quarts": 7, "pints": 9, "shortLayers": 2}
                        """
                                .formatted(gauge, error))
                .body()
                .get("canners");
        return canners.get(canners.size() - 1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "altitudeFt": 1000, | weighted | 0    | 10 | 10
            "altitudeFt": 1001, | weighted | 0    | 15 | 15
            "altitudeM": 304.8, | weighted | 0    | 10 | 10
            "altitudeFt": 3150, | dial     | 0.75 | 12 | 12.75
            "altitudeFt": 3150, | dial     | -1   | 12 | 12
            """)
    void what_to_read_follows_from_altitude_and_gauge(
            String altitude, String gauge, String error, double pressure, double reading, TestServer server) {
        server.changeKitchen(SETTINGS.formatted(altitude));
        JsonNode canner = added(server, gauge, error);
        assertThat(canner.get("pressurePsi").asDouble()).isEqualTo(pressure);
        assertThat(canner.get("readingPsi").asDouble()).isEqualTo(reading);
        assertThat(canner.get("trouble").isNull()).isTrue();
    }

    @Test
    void a_canner_that_may_not_run_says_why(TestServer server) {
        server.changeKitchen(SETTINGS.formatted("\"altitudeFt\": 8200, "));
        assertThat(added(server, "dial", "0").get("trouble").asString()).contains("8,000 ft");
        assertThat(added(server, "dial", "1.5").get("trouble").asString()).contains("replace the gauge");
    }

    @Test
    void settings_that_cannot_be_are_refused_and_change_nothing(TestServer server) {
        server.changeKitchen(SETTINGS.formatted("\"altitudeFt\": 700, "));
        assertThat(field(server.changeKitchen(SETTINGS.formatted("\"altitudeFt\": 90000, "))))
                .isEqualTo("altitudeFt");
        assertThat(field(server.changeKitchen(SETTINGS.formatted("\"altitudeM\": -900, "))))
                .isEqualTo("altitudeM");
        assertThat(field(server.changeKitchen(SETTINGS.formatted("\"altitudeM\": 1, \"altitudeFt\": 1, "))))
                .isEqualTo("altitudeFt");
        assertThat(field(server.changeKitchen("\"units\": \"stone\", \"school\": \"soup-table\"")))
                .isEqualTo("units");
        assertThat(server.get("/api/kitchen").body().get("altitudeFt").asInt()).isEqualTo(700);
    }

    private static String field(TestServer.Answer answer) {
        assertThat(answer.status()).isEqualTo(400);
        return answer.body().get("field").asString();
    }

    @Test
    void a_canner_is_changed_and_removed_but_its_name_stays_with_its_batches(TestServer server) {
        server.changeKitchen(SETTINGS.formatted("\"altitudeFt\": 700, "));
        long id = added(server, "dial", "0").get("id").asLong();
        long recipe = server.post("/api/recipes", "{\"title\": \"Stock\", \"lines\": [\"6 qt beef stock\"]}")
                .body()
                .get("id")
                .asLong();
        long batch = server.post(
                        "/api/batches",
                        "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"quart\", \"count\": 7}]}"
                                .formatted(recipe, id))
                .body()
                .get("id")
                .asLong();
        assertThat(server.delete("/api/kitchen/canners/" + id).status()).isEqualTo(200);
        assertThat(server.delete("/api/kitchen/canners/" + id).status()).isEqualTo(404);
        assertThat(server.get("/api/batches/" + batch).body().get("cannerName").asString())
                .isEqualTo("Pot");
    }
}
