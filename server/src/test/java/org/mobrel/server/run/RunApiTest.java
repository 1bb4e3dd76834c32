package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** A batch from plan to plate, over HTTP. */
@ExtendWith(TestServer.class)
class RunApiTest {

    private static final String SOUP =
            """
            {"title": "Bean soup", "lines": ["2 lb dried navy beans, soaked", "3 cups carrots, diced", "2 qt pork stock"],
             "pack": "hot", "solidsShare": %s}
            """;

    /** A recipe and a dial canner that reads half a pound high, at 3,150 ft. */
    private record Kitchen(TestServer server, long recipe, long canner) {

        static Kitchen in(TestServer server, double share) {
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
            return new Kitchen(
                    server, recipe, canners.get(canners.size() - 1).get("id").asLong());
        }

        TestServer.Answer batch(int quarts, int pints, String more) {
            return server.post(
                    "/api/batches",
                    """
                    {"recipeId": %d, "cannerId": %d, "jars": [{"size": "quart", "count": %d}, {"size": "pint", "count": %d}]%s}
                    """
                            .formatted(recipe, canner, quarts, pints, more));
        }

        /** The first run of a new batch. */
        long run(int quarts, int pints) {
            return batch(quarts, pints, "").body().get("runs").get(0).asLong();
        }

        TestServer.Answer tell(long run, String event) {
            return server.post("/api/runs/%d/events".formatted(run), event);
        }

        JsonNode happen(long run, String event) {
            TestServer.Answer answer = tell(run, event);
            assertThat(answer.status()).as(event + " " + answer.body()).isEqualTo(200);
            return answer.body();
        }

        /** Up to the moment the mark is reached. */
        JsonNode untilHolding(long run) {
            happen(run, "{\"type\": \"checks-done\"}");
            happen(run, "{\"type\": \"lid-locked\"}");
            happen(run, "{\"type\": \"steam-steady\"}");
            server.advance(Duration.ofMinutes(10));
            happen(run, "{\"type\": \"weight-on\"}");
            return happen(run, "{\"type\": \"reading\", \"psi\": 12.5}");
        }
    }

    @Test
    void a_batch_goes_from_plan_to_shelf_with_one_loss_and_one_failure(TestServer server) {
        Kitchen kitchen = Kitchen.in(server, 0.5);
        long run = kitchen.run(2, 1);
        JsonNode holding = kitchen.untilHolding(run);
        assertThat(holding.get("minutes").asInt()).isEqualTo(90);
        assertThat(holding.get("targetPsi").asDouble()).isEqualTo(12.5);
        assertThat(ends(holding)).isEqualTo(since(holding).plus(Duration.ofMinutes(90)));

        server.advance(Duration.ofMinutes(88));
        JsonNode lost = kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 12.25}");
        assertThat(lost.get("stage").asString()).isEqualTo("rising");
        assertThat(lost.get("deviations").get(0).get("code").asString()).isEqualTo("pressure-lost");
        JsonNode again = kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 13}");
        assertThat(since(again))
                .isEqualTo(Instant.parse(again.get("lastReading").get("at").asString()));
        assertThat(ends(again)).isEqualTo(since(again).plus(Duration.ofMinutes(90)));

        server.advance(Duration.ofMinutes(60));
        TestServer.Answer early = kitchen.tell(run, "{\"type\": \"heat-off\"}");
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.body().get("code").asString()).isEqualTo("hold-not-complete");
        assertThat(early.body().get("waitMillis").asLong()).isBetween(29 * 60_000L, 30 * 60_000L);

        server.advance(Duration.ofMinutes(30));
        assertThat(kitchen.happen(run, "{\"type\": \"heat-off\"}").get("stage").asString())
                .isEqualTo("cooling");
        kitchen.happen(run, "{\"type\": \"pressure-zero\"}");
        kitchen.happen(run, "{\"type\": \"weight-off\"}");
        assertThat(kitchen.tell(run, "{\"type\": \"lid-off\"}")
                        .body()
                        .get("code")
                        .asString())
                .isEqualTo("settling");
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, "{\"type\": \"lid-off\"}");
        kitchen.happen(run, "{\"type\": \"jars-out\"}");
        assertThat(kitchen.tell(run, check(1, true)).body().get("code").asString())
                .isEqualTo("still-resting");
        server.advance(Duration.ofHours(12));
        kitchen.happen(run, check(1, true));
        kitchen.happen(run, check(2, false));
        assertThat(kitchen.happen(run, check(3, true)).get("stage").asString()).isEqualTo("done");

        List<JsonNode> lots = lotsOf(server, holding.get("batchId").asLong());
        assertThat(lots)
                .extracting(lot ->
                        lot.get("size").asString() + " " + lot.get("jars").asInt())
                .containsExactly("quart 1", "pint 1");
        eatTheOnlyJar(server, lots.get(0).get("code").asString());
        JsonNode page =
                server.get("/api/batches/" + holding.get("batchId").asLong()).body();
        assertThat(page.get("runs").get(0).get("events").size()).isEqualTo(15);
        assertThat(page.get("ruling").get("headline").asString())
                .isEqualTo("Navy beans set the time: 90 min in quarts.");
    }

    private static void eatTheOnlyJar(TestServer server, String code) {
        String path = "/api/shelf/" + code + "/movements";
        assertThat(server.post(path, "{\"kind\": \"put-back\"}").status()).isEqualTo(409);
        assertThat(server.post(path, "{\"kind\": \"eaten\"}").status()).isEqualTo(200);
        assertThat(server.post(path, "{\"kind\": \"eaten\"}").status()).isEqualTo(409);
        assertThat(server.post(path, "{\"kind\": \"put-back\"}").status()).isEqualTo(200);
        assertThat(server.post(path, "{\"kind\": \"shelved\"}").status()).isEqualTo(400);
    }

    private static List<JsonNode> lotsOf(TestServer server, long batch) {
        return server.get("/api/shelf")
                .body()
                .get("lots")
                .valueStream()
                .filter(lot -> lot.get("batchId").asLong() == batch)
                .toList();
    }

    private static String check(int jar, boolean sealed) {
        return "{\"type\": \"jar-checked\", \"jar\": %d, \"sealed\": %s, \"loss\": \"none\"}".formatted(jar, sealed);
    }

    private static Instant since(JsonNode run) {
        return Instant.parse(run.get("clockSince").asString());
    }

    private static Instant ends(JsonNode run) {
        return Instant.parse(run.get("clockEndsAt").asString());
    }

    @Test
    void two_devices_cannot_write_the_same_event_twice(TestServer server)
            throws ExecutionException, InterruptedException {
        Kitchen kitchen = Kitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        kitchen.untilHolding(run);
        ExecutorService devices = Executors.newFixedThreadPool(8);
        try {
            List<Future<Integer>> taps = new ArrayList<>();
            for (int tap = 0; tap < 24; tap++) {
                taps.add(devices.submit(
                        () -> kitchen.tell(run, "{\"type\": \"reading\", \"psi\": 12.5, \"expected\": 5}")
                                .status()));
            }
            List<Integer> statuses = new ArrayList<>();
            for (Future<Integer> tap : taps) {
                statuses.add(tap.get());
            }
            assertThat(statuses).containsOnly(200, 409).containsOnlyOnce(200);
        } finally {
            devices.shutdownNow();
        }
        assertThat(server.get("/api/runs/" + run).body().get("events").size()).isEqualTo(6);
    }

    @Test
    void a_killed_database_loses_nothing_that_was_answered(TestServer server) {
        Kitchen kitchen = Kitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        JsonNode before = kitchen.untilHolding(run);
        server.killDatabase();
        assertThat(kitchen.tell(run, "{\"type\": \"reading\", \"psi\": 12.5}").status())
                .isEqualTo(503);
        server.startDatabaseAgain();
        JsonNode after = server.get("/api/runs/" + run).body();
        assertThat(after.get("events")).isEqualTo(before.get("events"));
        assertThat(ends(after)).isEqualTo(ends(before));
    }

    @Test
    void an_own_judgement_needs_somebody_who_takes_it_on(TestServer server) {
        Kitchen kitchen = Kitchen.in(server, 0.67);
        TestServer.Answer refused = kitchen.batch(2, 2, "");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("code").asString()).isEqualTo("not-accepted");
        long batch = kitchen.batch(2, 2, ", \"acceptance\": {\"by\": \"Ada\", \"reason\": \"loose enough\"}")
                .body()
                .get("id")
                .asLong();
        JsonNode page = server.get("/api/batches/" + batch).body();
        assertThat(page.get("acceptance").get("by").asString()).isEqualTo("Ada");
        assertThat(page.get("verdict").asString()).isEqualTo("own-judgement");
    }

    @Test
    void jars_that_do_not_fit_make_a_second_load_with_its_own_time(TestServer server) {
        Kitchen kitchen = Kitchen.in(server, 0.5);
        long batch = kitchen.batch(6, 4, "").body().get("id").asLong();
        JsonNode runs = server.get("/api/batches/" + batch).body().get("runs");
        assertThat(runs.valueStream()
                        .map(run -> run.get("jarTotal").asInt() + " jars "
                                + run.get("minutes").asInt())
                        .toList())
                .containsExactly("6 jars 90", "4 jars 75");
    }

    @Test
    void a_stopped_recipe_gets_no_batch(TestServer server) {
        Kitchen kitchen = Kitchen.in(server, 0.9);
        TestServer.Answer answer =
                kitchen.batch(2, 2, ", \"acceptance\": {\"by\": \"Ada\", \"reason\": \"I want it\"}");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.body().get("code").asString()).isEqualTo("stopped");
    }
}
