package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
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
        server.changeKitchen("\"altitudeFt\": 3150, \"units\": \"us\", \"school\": \"longest-ingredient\"");
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
                {"recipeId": %s, "cannerId": %s, "jars": [%s]%s}
                """
                        .formatted(recipe, canner, String.join(", ", jars(quarts, pints)), more));
    }

    private static List<String> jars(int quarts, int pints) {
        List<String> jars = new ArrayList<>();
        if (quarts > 0) {
            jars.add("{\"size\": \"quart\", \"count\": %s}".formatted(quarts));
        }
        if (pints > 0) {
            jars.add("{\"size\": \"pint\", \"count\": %s}".formatted(pints));
        }
        return jars;
    }

    /** The same with another recipe. */
    public TestKitchen of(long other) {
        return new TestKitchen(server, other, canner);
    }

    /** The first run of a new batch. */
    public long run(int quarts, int pints) {
        return batch(quarts, pints, "").body().get("runs").get(0).asLong();
    }

    /** A whole run with these readings after the mark is reached, until its jars are out and may be judged. */
    public JsonNode rested(long run, String... psi) {
        untilHolding(run);
        for (String read : psi) {
            server.advance(Duration.ofMinutes(20));
            happen(run, "{\"type\": \"reading\", \"psi\": %s}".formatted(read));
        }
        server.advance(Duration.ofMinutes(90));
        happen(run, "{\"type\": \"heat-off\"}");
        server.advance(Duration.ofMinutes(40));
        happen(run, "{\"type\": \"pressure-zero\"}");
        happen(run, "{\"type\": \"weight-off\"}");
        server.advance(Duration.ofMinutes(10));
        happen(run, "{\"type\": \"lid-off\"}");
        JsonNode out = happen(run, "{\"type\": \"jars-out\"}");
        server.advance(Duration.ofHours(12));
        return out;
    }

    /** All its jars, sealed. */
    public JsonNode sealed(long run) {
        int jars = server.get("/api/runs/" + run).body().get("jarTotal").asInt();
        for (int jar = 1; jar < jars; jar++) {
            happen(run, check(jar, true));
        }
        return happen(run, check(jars, true));
    }

    public static String check(int jar, boolean sealed) {
        return "{\"type\": \"jar-checked\", \"jar\": %s, \"sealed\": %s, \"loss\": \"none\"}".formatted(jar, sealed);
    }

    public TestServer.Answer tell(long run, String event) {
        return server.post("/api/runs/%s/events".formatted(run), event);
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
