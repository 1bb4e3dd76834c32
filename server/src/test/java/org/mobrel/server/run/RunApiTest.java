package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** A batch from plan to plate, over HTTP. */
@ExtendWith(TestServer.class)
class RunApiTest {

    @Test
    void a_batch_goes_from_plan_to_shelf_with_one_loss_and_one_failure(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
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
        server.advance(Duration.ofMinutes(40));
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
        assertThat(page.get("runs").get(0).get("unsettled").get(0).asInt()).isEqualTo(2);
        assertThat(page.get("runs").get(0).get("closed").asBoolean()).isFalse();
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
        return server.get("/api/batches/" + batch)
                .body()
                .get("lots")
                .valueStream()
                .toList();
    }

    private static String check(int jar, boolean sealed) {
        return "{\"type\": \"jar-checked\", \"jar\": %s, \"sealed\": %s, \"loss\": \"none\"}".formatted(jar, sealed);
    }

    private static Instant since(JsonNode run) {
        return Instant.parse(run.get("clockSince").asString());
    }

    private static Instant ends(JsonNode run) {
        return Instant.parse(run.get("clockEndsAt").asString());
    }

    @Test
    void a_page_that_knows_of_more_than_there_is_looks_again(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        TestServer.Answer answer =
                kitchen.tell(kitchen.run(1, 0), "{\"type\": \"checks-done\", \"by\": \"Ines\", \"expected\": 3}");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.body().get("code").asString()).isEqualTo("someone-was-first");
        assertThat(answer.body().get("events").asInt()).isZero();
    }

    @Test
    void of_two_devices_that_change_the_course_one_is_told_what_happened_first(TestServer server)
            throws ExecutionException, InterruptedException {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        kitchen.untilHolding(run);
        String low = "{\"type\": \"reading\", \"psi\": 12, \"by\": \"Ines\", \"expected\": 5}";
        List<TestServer.Answer> answers = atOnce(24, () -> kitchen.tell(run, low));
        assertThat(answers).filteredOn(answer -> answer.status() == 200).hasSize(1);
        assertThat(answers)
                .filteredOn(answer -> answer.status() == 409)
                .hasSize(23)
                .allSatisfy(answer -> {
                    assertThat(answer.body().get("code").asString()).isEqualTo("someone-was-first");
                    assertThat(answer.body().get("first").asString()).isEqualTo("reading");
                    assertThat(answer.body().get("firstBy").asString()).isEqualTo("Ines");
                });
        assertThat(server.get("/api/runs/" + run).body().get("events").size()).isEqualTo(6);
        // A note means the same, whoever was first.
        kitchen.happen(run, "{\"type\": \"note\", \"note\": \"smells good\", \"expected\": 5}");
    }

    @Test
    void looks_that_leave_the_course_alone_are_all_kept_each_under_its_own_number(TestServer server)
            throws ExecutionException, InterruptedException {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        kitchen.untilHolding(run);
        String look = "{\"type\": \"reading\", \"psi\": 12.5, \"expected\": 5}";
        assertThat(atOnce(24, () -> kitchen.tell(run, look))).allMatch(answer -> answer.status() == 200);
        assertThat(server.get("/api/runs/" + run)
                        .body()
                        .get("events")
                        .valueStream()
                        .map(event -> event.get("number").asInt()))
                .containsExactlyElementsOf(IntStream.rangeClosed(1, 29).boxed().toList());
    }

    private static List<TestServer.Answer> atOnce(int times, Callable<TestServer.Answer> tap)
            throws ExecutionException, InterruptedException {
        ExecutorService devices = Executors.newFixedThreadPool(8);
        try {
            List<TestServer.Answer> answers = new ArrayList<>();
            for (Future<TestServer.Answer> answer : devices.invokeAll(Collections.nCopies(times, tap))) {
                answers.add(answer.get());
            }
            return answers;
        } finally {
            devices.shutdownNow();
        }
    }

    @Test
    void a_tap_that_was_kept_is_written_once_and_at_its_own_time(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        kitchen.untilHolding(run);
        server.advance(Duration.ofMinutes(30));
        Instant now =
                Instant.parse(server.get("/api/runs/" + run).body().get("now").asString());
        String tap = "{\"type\": \"reading\", \"psi\": %s, \"happenedAt\": \"%s\", \"key\": \"tap-%s-%s\"}";
        String low = tap.formatted("11", now.minus(Duration.ofMinutes(12)), run, "low");
        String back = tap.formatted("12.5", now.minus(Duration.ofMinutes(10)), run, "back");
        kitchen.happen(run, back);
        for (int again = 0; again < 3; again++) {
            JsonNode after = kitchen.happen(run, low);
            assertThat(after.get("events").size()).isEqualTo(7);
            assertThat(after.get("stage").asString()).isEqualTo("holding");
            assertThat(ends(after)).isEqualTo(now.plus(Duration.ofMinutes(80)).truncatedTo(ChronoUnit.MILLIS));
            assertThat(after.get("deviations").get(0).get("code").asString()).isEqualTo("pressure-lost");
        }
    }

    @Test
    void what_is_said_of_a_run_is_read_back_as_it_was_said(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        for (String check : List.of("rack", "water", "vent", "seal", "plug")) {
            kitchen.happen(run, "{\"type\": \"check\", \"check\": \"%s\"}".formatted(check));
        }
        String waived = "{\"type\": \"check\", \"check\": \"gauge\", \"waived\": true, \"by\": \"Ines\"%s}";
        assertThat(code(kitchen.tell(run, waived.formatted("")))).isEqualTo("nobody-answers");
        assertThat(kitchen.happen(run, waived.formatted(", \"note\": \"tested in spring\""))
                        .get("stage")
                        .asString())
                .isEqualTo("loading");
        assertThat(kitchen.happen(run, "{\"type\": \"jar-in\", \"jar\": 2}")
                        .get("loaded")
                        .get(0)
                        .asInt())
                .isEqualTo(2);
        assertThat(kitchen.tell(run, "{\"type\": \"jar-in\"}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("jar");
        kitchen.happen(run, "{\"type\": \"burner\", \"note\": \"4\"}");
        kitchen.happen(run, "{\"type\": \"watch\", \"note\": \"Ines\"}");
        JsonNode noted = kitchen.happen(run, "{\"type\": \"correction\", \"corrects\": 8, \"note\": \"it was 5\"}");
        assertThat(noted.get("watch").asString()).isEqualTo("Ines");
        assertThat(noted.get("burner").get("setting").asString()).isEqualTo("4");
        assertThat(noted.get("brothMl").get(0).asInt()).isBetween(400, 900);
        assertThat(code(kitchen.tell(run, "{\"type\": \"correction\", \"corrects\": 99, \"note\": \"?\"}")))
                .isEqualTo("no-such-event");
        JsonNode given = kitchen.happen(run, "{\"type\": \"abandon\"}");
        assertThat(given.get("awaitsDecision").asBoolean()).isTrue();
        assertThat(openRuns(server)).contains(run);
        assertThat(kitchen.tell(run, "{\"type\": \"jars-decided\", \"decision\": \"eaten\"}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("decision");
        JsonNode decided = kitchen.happen(run, "{\"type\": \"jars-decided\", \"decision\": \"frozen\"}");
        assertThat(decided.get("closed").asBoolean()).isTrue();
        assertThat(openRuns(server)).doesNotContain(run);
        assertThat(server.get("/api/runs/" + run).body().get("events")).isEqualTo(decided.get("events"));
        long next = kitchen.run(1, 1);
        assertThat(server.get("/api/runs/" + next)
                        .body()
                        .get("burner")
                        .get("ofThisRun")
                        .asBoolean())
                .isFalse();
    }

    /** The setting offered to a run, and where it held: '3 elsewhere'. */
    private static String burner(JsonNode run) {
        JsonNode burner = run.get("burner");
        return burner.isNull()
                ? "none"
                : burner.get("setting").asString()
                        + (burner.get("ofThisRun").asBoolean() ? " now" : "")
                        + (burner.get("elsewhere").isNull() ? "" : " elsewhere");
    }

    @Test
    void a_burner_is_remembered_by_where_the_canner_stood(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        String camp = "{\"type\": \"stands-on\", \"note\": \"Porch\", \"place\": \"camp-stove\"}";
        long first = kitchen.run(1, 0);
        assertThat(burner(kitchen.happen(first, camp))).isEqualTo("none");
        assertThat(burner(kitchen.happen(first, "{\"type\": \"burner\", \"note\": \"3\"}")))
                .isEqualTo("3 now");
        server.advance(Duration.ofMinutes(1));

        long second = kitchen.run(1, 0);
        JsonNode usual = server.get("/api/runs/" + second).body();
        assertThat(usual.get("standsOn").isNull()).isTrue();
        assertThat(burner(usual)).isEqualTo("3 elsewhere");
        assertThat(usual.get("burner").get("elsewhere").get("source").asString())
                .isEqualTo("camp-stove");
        kitchen.happen(second, "{\"type\": \"burner\", \"note\": \"5\"}");
        assertThat(burner(kitchen.happen(second, camp.replace("Porch", "porch "))))
                .as("moved away from where 5 held")
                .isEqualTo("3");
        assertThat(kitchen.tell(second, camp.replace("camp-stove", "sun"))
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("place");

        long third = kitchen.run(1, 0);
        assertThat(burner(server.get("/api/runs/" + third).body())).isEqualTo("5");
        assertThat(burner(kitchen.happen(third, "{\"type\": \"stands-on\", \"place\": \"gas\"}")))
                .as("never stood there: the last one of any place")
                .isEqualTo("5 elsewhere");
    }

    private static String code(TestServer.Answer answer) {
        assertThat(answer.status()).isEqualTo(409);
        return answer.body().get("code").asString();
    }

    private static List<Long> openRuns(TestServer server) {
        return server.get("/api/runs")
                .body()
                .valueStream()
                .map(run -> run.get("id").asLong())
                .toList();
    }

    @Test
    void jars_cooled_by_force_are_shelved_and_held(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        JsonNode holding = kitchen.untilHolding(run);
        server.advance(Duration.ofMinutes(90));
        kitchen.happen(run, "{\"type\": \"heat-off\"}");
        kitchen.happen(run, "{\"type\": \"forced-cooling\"}");
        server.advance(Duration.ofMinutes(16));
        kitchen.happen(run, "{\"type\": \"pressure-zero\"}");
        kitchen.happen(run, "{\"type\": \"weight-off\"}");
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, "{\"type\": \"lid-off\"}");
        kitchen.happen(run, "{\"type\": \"jars-out\"}");
        server.advance(Duration.ofHours(12));
        kitchen.happen(run, check(1, true));
        kitchen.happen(run, check(2, true));
        assertThat(lotsOf(server, holding.get("batchId").asLong())
                        .get(0)
                        .get("holds")
                        .get(0)
                        .get("reason")
                        .asString())
                .isEqualTo("forced-cooling");
    }

    @Test
    void a_killed_database_loses_nothing_that_was_answered(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
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
        TestKitchen kitchen = TestKitchen.in(server, 0.67);
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
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
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
        TestKitchen kitchen = TestKitchen.in(server, 0.9);
        TestServer.Answer answer =
                kitchen.batch(2, 2, ", \"acceptance\": {\"by\": \"Ada\", \"reason\": \"I want it\"}");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.body().get("code").asString()).isEqualTo("stopped");
    }
}
