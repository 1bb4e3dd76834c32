package org.mobrel.server.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** From a recipe and jars to amounts, loads and process cards. */
@ExtendWith(TestServer.class)
class PlanApiTest {

    private static final String LINES =
            "\"2 lb dried kidney beans, quick-soaked\", \"3 cups diced carrots\", \"2 cups chopped onion\", \"3 qt pork stock\", \"2 tsp salt\"";

    private long canner;

    @BeforeEach
    void a_kitchen(TestServer server) {
        units(server, "us");
        JsonNode canners = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"Pot\", \"gauge\": \"dial\", \"gaugeErrorPsi\": 0.5, \"quarts\": 7, \"pints\": 8, \"shortLayers\": 2}")
                .body()
                .get("canners");
        canner = canners.get(canners.size() - 1).get("id").asLong();
    }

    private static void units(TestServer server, String units) {
        server.put(
                "/api/kitchen",
                "{\"altitudeFt\": 3150, \"units\": \"%s\", \"school\": \"longest-ingredient\"}".formatted(units));
    }

    private TestServer.Answer plan(TestServer server, String lines, String jars) {
        long recipe = server.post("/api/recipes", "{\"title\": \"Soup\", \"lines\": [%s]}".formatted(lines))
                .body()
                .get("id")
                .asLong();
        return server.post(
                "/api/plans", "{\"recipeId\": %d, \"cannerId\": %d, \"jars\": [%s]}".formatted(recipe, canner, jars));
    }

    @Test
    void seven_wide_quarts_of_bean_soup(TestServer server) {
        JsonNode plan = plan(server, LINES, "{\"size\": \"quart\", \"mouth\": \"wide\", \"count\": 7}")
                .body();
        JsonNode amounts = plan.get("amounts");
        assertThat(amounts.get("factor").asDouble()).isCloseTo(0.7617, within(0.001));
        assertThat(amounts.get("brothNeededMl").asDouble()).isCloseTo(4182, within(40.0));
        assertThat(amounts.get("lines")
                        .valueStream()
                        .map(line -> line.get("name").asString() + ": "
                                + line.get("kitchen").asString()))
                .containsExactly(
                        "dried kidney beans, quick-soaked: 1 lb 8 oz",
                        "diced carrots: 2¼ cups",
                        "chopped onion: 1½ cups",
                        "pork stock: 2¼ qt",
                        "salt: 1½ tsp");
        assertThat(amounts.get("topUp").asString()).isEqualTo("2¼ qt");
        JsonNode card = plan.get("loads").get(0);
        assertThat(card.get("minutes").asInt()).isEqualTo(90);
        assertThat(card.get("readingPsi").asDouble()).isEqualTo(12.5);
        assertThat(card.get("headspaceIn").asDouble()).isEqualTo(1);
    }

    @Test
    void a_metric_kitchen_weighs(TestServer server) {
        units(server, "metric");
        JsonNode plan =
                plan(server, LINES, "{\"size\": \"pint\", \"count\": 6}").body();
        assertThat(plan.get("amounts").get("lines").valueStream().map(line -> line.get("kitchen")
                        .asString()))
                .allMatch(amount -> amount.matches(".*( g| kg| l| ml| ml\\))"));
    }

    @Test
    void each_load_gets_the_time_of_its_own_largest_need(TestServer server) {
        JsonNode plan = plan(server, LINES, "{\"size\": \"quart\", \"count\": 6}, {\"size\": \"pint\", \"count\": 3}")
                .body();
        assertThat(plan.get("loads")
                        .valueStream()
                        .map(load -> load.get("jars").size() + " kinds, "
                                + load.get("minutes").asInt() + " min"))
                .containsExactly("2 kinds, 90 min", "1 kinds, 75 min");
        assertThat(plan.get("remarks").toString()).contains("Pot takes this in 2 loads");
    }

    @Test
    void a_stopped_recipe_has_no_card_and_one_without_amounts_has_no_sums(TestServer server) {
        JsonNode stopped = plan(server, LINES + ", \"1 cup cream\"", "{\"size\": \"quart\", \"count\": 1}")
                .body();
        assertThat(stopped.get("loads").isEmpty()).isTrue();
        assertThat(stopped.get("ruling").get("verdict").asString()).isEqualTo("stop");
        JsonNode bare = plan(server, "\"carrots\", \"water\"", "{\"size\": \"quart\", \"count\": 1}")
                .body();
        assertThat(bare.get("amounts").isNull()).isTrue();
        assertThat(bare.get("loads").size()).isEqualTo(1);
    }

    @Test
    void a_plan_for_nothing_is_refused(TestServer server) {
        assertThat(plan(server, LINES, "").body().get("field").asString()).isEqualTo("jars");
        assertThat(plan(server, LINES, "{\"size\": \"quart\", \"count\": 501}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("jars[0].count");
        assertThat(server.post(
                                "/api/plans",
                                "{\"recipeId\": 99999, \"cannerId\": %d, \"jars\": [{\"size\": \"pint\", \"count\": 1}]}"
                                        .formatted(canner))
                        .status())
                .isEqualTo(404);
        assertThat(server.post("/api/plans", "not json").status()).isEqualTo(400);
    }
}
