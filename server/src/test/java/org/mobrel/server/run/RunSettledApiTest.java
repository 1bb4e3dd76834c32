package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** One count of jars, the next try, water and a zero that comes too soon: from the first tap to the shelf. */
@ExtendWith(TestServer.class)
class RunSettledApiTest {

    private static String event(String type) {
        return "{\"type\": \"%s\"}".formatted(type);
    }

    private static String code(TestServer.Answer answer) {
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(409);
        return answer.body().get("code").asString();
    }

    private static int fresh(TestServer server, String what) {
        return server.get("/api/kitchen/cupboard")
                .body()
                .get(what)
                .valueStream()
                .map(each -> each.get(what.equals("lids") ? "fresh" : "empty"))
                .filter(counted -> counted != null && !counted.isNull())
                .mapToInt(JsonNode::asInt)
                .sum();
    }

    private static JsonNode cooled(TestKitchen kitchen, long run) {
        kitchen.server().advance(Duration.ofMinutes(90));
        kitchen.happen(run, event("heat-off"));
        kitchen.server().advance(Duration.ofMinutes(40));
        kitchen.happen(run, event("pressure-zero"));
        kitchen.happen(run, event("weight-off"));
        kitchen.server().advance(Duration.ofMinutes(10));
        return kitchen.happen(run, event("lid-off"));
    }

    private static List<Integer> sealedJars(TestServer server, JsonNode run) {
        return server.get("/api/batches/" + run.get("batchId").asLong())
                .body()
                .get("lots")
                .valueStream()
                .map(lot -> lot.get("jars").asInt())
                .toList();
    }

    @Test
    void a_jar_that_was_left_out_is_neither_checked_nor_shelved(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(3, 0);
        kitchen.happen(run, event("checks-done"));
        kitchen.happen(run, "{\"type\": \"jar-in\", \"jar\": 1}");
        kitchen.happen(run, "{\"type\": \"jar-in\", \"jar\": 2}");
        assertThat(code(kitchen.tell(run, event("lid-locked")))).isEqualTo("jars-missing");
        assertThat(kitchen.tell(run, "{\"type\": \"jar-left\", \"jar\": 3}").status())
                .as("where to?")
                .isEqualTo(400);
        JsonNode left = kitchen.happen(run, "{\"type\": \"jar-left\", \"jar\": 3, \"place\": \"refrigerator\"}");
        assertThat(left.get("leftOut").toString()).isEqualTo("[{\"jar\":3,\"place\":\"refrigerator\"}]");
        assertThat(left.get("inCanner").toString()).isEqualTo("[1,2]");
        kitchen.happen(run, event("lid-locked"));
        kitchen.happen(run, event("steam-steady"));
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, event("weight-on"));
        kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 13}");
        cooled(kitchen, run);
        kitchen.happen(run, event("jars-out"));
        server.advance(Duration.ofHours(12));
        assertThat(code(kitchen.tell(run, TestKitchen.check(3, true)))).isEqualTo("jar-was-left-out");
        kitchen.happen(run, TestKitchen.check(1, true));
        JsonNode done = kitchen.happen(run, TestKitchen.check(2, true));
        assertThat(done.get("stage").asString()).isEqualTo("done");
        assertThat(sealedJars(server, done)).containsExactly(2);
    }

    private static int quartsOfBeanSoup(TestServer server) {
        return server.get("/api/shelf?q=bean%20soup")
                .body()
                .get("lots")
                .valueStream()
                .filter(lot -> lot.get("size").asString().equals("quart"))
                .mapToInt(lot -> lot.get("jars").asInt())
                .sum();
    }

    private static TestServer.Answer more(TestServer server, long run, String what) {
        return server.post("/api/runs/%s/jars".formatted(run), "{%s}".formatted(what));
    }

    /** Of which of its own kinds one more fits, and what other loads have left for it: '[0] 3 of run 12'. */
    private static String room(TestServer server, long run) {
        JsonNode room = server.get("/api/runs/%s/room".formatted(run)).body();
        return room.get("groups")
                + room.get("waiting")
                        .valueStream()
                        .map(jar -> " %s of run %s"
                                .formatted(
                                        jar.get("jar").asInt(), jar.get("runId").asLong()))
                        .collect(Collectors.joining());
    }

    @Test
    void one_jar_more_than_planned_and_one_left_for_this_load_are_counted_to_the_shelf(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        int before = quartsOfBeanSoup(server);
        long first = kitchen.run(3, 0);
        long second = kitchen.run(4, 0);
        long pints = kitchen.run(0, 2);
        kitchen.happen(first, event("checks-done"));
        kitchen.happen(first, "{\"type\": \"jar-left\", \"jar\": 3, \"place\": \"next-load\"}");
        assertThat(room(server, second)).isEqualTo("[0] 3 of run %s".formatted(first));
        assertThat(room(server, pints)).as("90 minutes in quarts, 75 in pints").isEqualTo("[0]");

        String fromFirst = "\"fromRun\": %s, \"fromJar\": 3".formatted(first);
        assertThat(code(more(server, pints, "\"jars\": 2, " + fromFirst))).isEqualTo("needs-longer");
        JsonNode five = more(server, second, "\"jars\": 4, \"by\": \"Ada\", " + fromFirst)
                .body();
        assertThat(five.get("jarTotal").asInt()).isEqualTo(5);
        assertThat(five.get("events").get(0).get("note").asString()).contains("Jar 5", "left out of another load");
        assertThat(room(server, second)).isEqualTo("[0]");
        assertThat(code(more(server, second, "\"jars\": 5, " + fromFirst))).isEqualTo("jar-is-elsewhere");
        assertThat(code(kitchen.tell(first, "{\"type\": \"jar-in\", \"jar\": 3}")))
                .as("back in where it was left out, it would be counted twice")
                .isEqualTo("jar-is-elsewhere");

        assertThat(more(server, second, "\"jars\": 5").status())
                .as("which one?")
                .isEqualTo(400);
        assertThat(more(server, second, "\"jars\": 5, \"group\": 7").status()).isEqualTo(400);
        assertThat(more(server, second, "\"jars\": 5, \"group\": 0")
                        .body()
                        .get("jarTotal")
                        .asInt())
                .isEqualTo(6);
        assertThat(code(more(server, second, "\"jars\": 5, \"group\": 0")))
                .as("tapped on two devices")
                .isEqualTo("someone-was-first");
        more(server, second, "\"jars\": 6, \"group\": 0");
        assertThat(code(more(server, second, "\"jars\": 7, \"group\": 0")))
                .as("seven quarts fill it")
                .isEqualTo("does-not-fit");
        assertThat(room(server, second)).isEqualTo("[]");

        kitchen.rested(second);
        assertThat(code(more(server, second, "\"jars\": 7, \"group\": 0"))).isEqualTo("lid-is-on");
        JsonNode done = kitchen.sealed(second);
        assertThat(done.get("stage").asString()).isEqualTo("done");
        assertThat(quartsOfBeanSoup(server)).isEqualTo(before + 7);
    }

    @Test
    void a_care_point_is_asked_for_once_the_kitchen_wants_it(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        long basedOn = server.get("/api/kitchen").body().get("version").asLong();
        assertThat(server.patch("/api/kitchen", "{\"basedOn\": %s, \"care\": {\"rack\": true}}".formatted(basedOn))
                        .status())
                .as("looked at in any case")
                .isEqualTo(400);
        long seen = server.get("/api/kitchen").body().get("version").asLong();
        for (String point : List.of("clamps", "rim-nicks")) {
            assertThat(server.patch(
                                    "/api/kitchen",
                                    "{\"basedOn\": %s, \"care\": {\"%s\": true}}".formatted(seen, point))
                            .status())
                    .as("two devices that saw the same")
                    .isEqualTo(200);
        }
        JsonNode asked = server.get("/api/runs/" + run).body();
        assertThat(asked.get("care").toString()).isEqualTo("[\"rim-nicks\",\"clamps\"]");
        kitchen.happen(run, "{\"type\": \"check\", \"check\": \"rim-nicks\"}");
        kitchen.happen(run, event("checks-done"));
        assertThat(code(kitchen.tell(run, event("lid-locked")))).isEqualTo("care-open");
        server.changeKitchen("\"care\": {\"clamps\": false}");
        kitchen.happen(run, event("lid-locked"));
        assertThat(server.get("/api/runs/" + run).body().get("checks").toString())
                .contains("rim-nicks");
        server.changeKitchen("\"care\": {\"rim-nicks\": false}");
    }

    @Test
    void a_run_that_was_stopped_goes_on_in_one_step_and_counts_nothing_twice(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(3, 1);
        JsonNode first = kitchen.untilHolding(run);
        assertThat(server.post("/api/runs/%s/again".formatted(run), "{}").status())
                .as("still on the stove")
                .isEqualTo(400);
        kitchen.happen(run, event("stop-early"));
        server.count("lids", "\"mouth\": \"regular\", \"fresh\": 60");
        int glass = fresh(server, "jars");
        int lids = fresh(server, "lids");

        TestServer.Answer answer = server.post("/api/runs/%s/again".formatted(run), "{\"by\": \"Ada\"}");
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(201);
        JsonNode next = answer.body();
        assertThat(next.get("againOf").asLong()).isEqualTo(run);
        assertThat(next.get("stage").asString()).isEqualTo("checks");
        assertThat(next.get("minutes")).isEqualTo(first.get("minutes"));
        assertThat(next.get("jars")).isEqualTo(first.get("jars"));
        assertThat(next.get("batchId")).isEqualTo(first.get("batchId"));
        JsonNode before = server.get("/api/runs/" + run).body();
        assertThat(next.get("againUntil")).isEqualTo(before.get("decideBy"));
        assertThat(before.get("nextTry")).isEqualTo(next.get("id"));
        assertThat(before.get("closed").asBoolean()).isTrue();
        assertThat(fresh(server, "jars")).as("no new glass").isEqualTo(glass);
        assertThat(fresh(server, "lids")).as("new lids").isEqualTo(lids - 4);
        assertThat(server.post("/api/runs/%s/again".formatted(run), "{}").body().get("id"))
                .as("tapped twice")
                .isEqualTo(next.get("id"));
        assertThat(fresh(server, "lids")).isEqualTo(lids - 4);

        long second = next.get("id").asLong();
        kitchen.rested(second);
        JsonNode done = kitchen.sealed(second);
        assertThat(sealedJars(server, done)).containsExactlyInAnyOrder(3, 1);
        JsonNode entry = server.get("/api/batches").body().get("batches").get(0);
        assertThat(entry.get("jars")
                        .valueStream()
                        .mapToInt(jars -> jars.get("count").asInt())
                        .sum())
                .as("jars of the batch")
                .isEqualTo(4);
    }

    @Test
    void a_second_try_waits_no_longer_than_a_day(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.untilHolding(run);
        kitchen.happen(run, event("stop-early"));
        long next = server.post("/api/runs/%s/again".formatted(run), "{}")
                .body()
                .get("id")
                .asLong();
        server.advance(Duration.ofHours(25));
        kitchen.happen(next, event("checks-done"));
        assertThat(code(kitchen.tell(next, event("lid-locked")))).isEqualTo("too-late");
        long other = kitchen.run(1, 0);
        kitchen.untilHolding(other);
        kitchen.happen(other, event("stop-early"));
        server.advance(Duration.ofHours(25));
        assertThat(code(server.post("/api/runs/%s/again".formatted(other), "{}")))
                .isEqualTo("too-late");
        long empty = kitchen.run(1, 0);
        assertThat(server.post("/api/runs/%s/again".formatted(empty), "{\"jars\": []}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("jars");
    }

    @Test
    void what_was_frozen_is_not_processed_again_and_a_canner_that_is_too_small_is_refused(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(7, 0);
        kitchen.untilHolding(run);
        kitchen.happen(run, event("stop-early"));
        JsonNode canners = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"Little\", \"gauge\": \"weighted\", \"quarts\": 4, \"pints\": 5, \"shortLayers\": 1}")
                .body()
                .get("canners");
        long little = canners.get(canners.size() - 1).get("id").asLong();
        assertThat(code(server.post("/api/runs/%s/again".formatted(run), "{\"cannerId\": %s}".formatted(little))))
                .isEqualTo("does-not-fit");
        assertThat(server.get("/api/runs/" + run).body().get("awaitsDecision").asBoolean())
                .as("nothing was decided by it")
                .isTrue();
        kitchen.happen(run, "{\"type\": \"jars-decided\", \"decision\": \"frozen\"}");
        assertThat(code(server.post("/api/runs/%s/again".formatted(run), "{}"))).isEqualTo("decided-otherwise");
    }

    @Test
    void a_zero_that_comes_too_soon_is_asked_about_and_its_lots_are_held(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(7, 0);
        kitchen.untilHolding(run);
        server.advance(Duration.ofMinutes(90));
        JsonNode off = kitchen.happen(run, event("heat-off"));
        assertThat(off.get("zeroDoubtedUntil").asString())
                .isGreaterThan(off.get("heatOffAt").asString());
        server.advance(Duration.ofMinutes(7));
        assertThat(code(kitchen.tell(run, event("pressure-zero")))).isEqualTo("early-zero");
        assertThat(kitchen.tell(run, "{\"type\": \"pressure-zero\", \"signs\": [\"it felt so\"]}")
                        .status())
                .isEqualTo(400);
        JsonNode zero =
                kitchen.happen(run, "{\"type\": \"pressure-zero\", \"signs\": [\"no-hiss\"], \"cooled\": true}");
        assertThat(zero.get("heldFor").toString()).isEqualTo("[\"early-zero\",\"forced-cooling\"]");
        JsonNode told = server.get("/api/runs/" + run).body().get("events");
        assertThat(told.get(told.size() - 1).get("signs").toString()).isEqualTo("[\"no-hiss\"]");
        kitchen.happen(run, event("weight-off"));
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, event("lid-off"));
        kitchen.happen(run, event("jars-out"));
        server.advance(Duration.ofHours(12));
        JsonNode done = kitchen.sealed(run);
        assertThat(server.get("/api/batches/" + done.get("batchId").asLong())
                        .body()
                        .get("lots")
                        .get(0)
                        .get("holds")
                        .valueStream()
                        .map(hold -> hold.get("reason").asString()))
                .containsExactlyInAnyOrder("early-zero", "forced-cooling");
    }

    @Test
    void what_may_have_boiled_dry_counts_only_once_water_was_found(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(7, 0);
        kitchen.happen(run, event("checks-done"));
        JsonNode locked = kitchen.happen(run, event("lid-locked"));
        assertThat(locked.get("water").get("startMl").asInt()).isEqualTo(2840);
        server.advance(Duration.ofMinutes(80));
        kitchen.happen(run, event("steam-steady"));
        server.advance(Duration.ofMinutes(15));
        kitchen.happen(run, event("weight-on"));
        JsonNode holding = kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 13}");
        assertThat(holding.get("water").get("leftMl").asInt()).isBetween(290, 320);
        server.advance(Duration.ofMinutes(91));
        JsonNode over = server.get("/api/runs/" + run).body();
        assertThat(over.get("holdComplete").asBoolean()).isFalse();
        JsonNode off = kitchen.happen(run, event("heat-off"));
        assertThat(off.get("deviations").get(0).get("code").asString()).isEqualTo("may-be-dry");
        server.advance(Duration.ofMinutes(40));
        kitchen.happen(run, event("pressure-zero"));
        kitchen.happen(run, event("weight-off"));
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, event("lid-off"));
        assertThat(kitchen.tell(run, event("water-seen")).status()).isEqualTo(400);
        JsonNode seen = kitchen.happen(run, "{\"type\": \"water-seen\", \"waterLeft\": true}");
        assertThat(seen.get("holdComplete").asBoolean()).isTrue();
        assertThat(seen.get("deviations").size()).isZero();
    }
}
