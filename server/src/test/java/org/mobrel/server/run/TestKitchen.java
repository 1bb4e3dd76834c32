package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** A recipe and a dial canner that reads half a pound high, at 3,150 ft; and a cook who takes its loads to the stove. */
public record TestKitchen(TestServer server, long recipe, long canner) {

    private static final String SOUP =
            """
            {"title": "Bean soup", "lines": ["2 lb dried navy beans, soaked", "3 cups carrots, diced", "2 qt pork stock"],
             "pack": "hot", "solidsShare": %s}
            """;

    public static TestKitchen in(TestServer server, double share) {
        server.put("/api/kitchen", "{\"altitudeFt\": 3150, \"units\": \"us\", \"school\": \"longest-ingredient\"}");
        JsonNode canners = server.post(
                        "/api/kitchen/canners",
                        """
                        {"name": "Dial", "gauge": "dial", "gaugeErrorPsi": 0.5, "quarts": 7, "pints": 8, "shortLayers": 2}
                        """)
                .body()
                .get("canners");
        long recipe = server.post("/api/recipes", SOUP.formatted(share))
                .body()
                .get("id")
                .asLong();
        return new TestKitchen(
                server, recipe, canners.get(canners.size() - 1).get("id").asLong());
    }

    public TestServer.Answer batch(int quarts, int pints, String more) {
        return server.post(
                "/api/batches",
                """
                {"recipeId": %d, "cannerId": %d, "jars": [{"size": "quart", "count": %d}, {"size": "pint", "count": %d}]%s}
                """
                        .formatted(recipe, canner, quarts, pints, more));
    }

    /** The first run of a new batch. */
    public long run(int quarts, int pints) {
        return batch(quarts, pints, "").body().get("runs").get(0).asLong();
    }

    public TestServer.Answer tell(long run, String event) {
        return server.post("/api/runs/%d/events".formatted(run), event);
    }

    public JsonNode happen(long run, String event) {
        TestServer.Answer answer = tell(run, event);
        assertThat(answer.status()).as(event + " " + answer.body()).isEqualTo(200);
        return answer.body();
    }

    /** Up to the moment the mark is reached. */
    public JsonNode untilHolding(long run) {
        happen(run, "{\"type\": \"checks-done\"}");
        happen(run, "{\"type\": \"lid-locked\"}");
        happen(run, "{\"type\": \"steam-steady\"}");
        server.advance(Duration.ofMinutes(10));
        happen(run, "{\"type\": \"weight-on\"}");
        return happen(run, "{\"type\": \"reading\", \"psi\": 12.5}");
    }
}
