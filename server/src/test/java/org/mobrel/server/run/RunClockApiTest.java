package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** The server's clock is set, and Mobrel is away, while a canner is on the heat: time that nobody counted ends nothing. */
@ExtendWith(TestServer.class)
class RunClockApiTest {

    private static final Duration HOUR = Duration.ofHours(1);

    private static JsonNode run(TestServer server, long run) {
        return server.get("/api/runs/" + run).body();
    }

    private static Duration left(JsonNode run) {
        return Duration.between(
                Instant.parse(run.get("now").asString()),
                Instant.parse(run.get("clockEndsAt").asString()));
    }

    private static long minutesLeft(JsonNode run) {
        return Math.round(left(run).toMillis() / 60_000.0);
    }

    @Test
    void a_clock_set_forward_ends_no_hold_and_one_set_back_lets_no_run_stand(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        kitchen.untilHolding(run);
        server.advance(Duration.ofMinutes(63));
        kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 12.5}");
        assertThat(minutesLeft(run(server, run))).isEqualTo(27);
        server.setClock(HOUR);
        assertThat(run(server, run).get("holdComplete").asBoolean()).isFalse();
        assertThat(minutesLeft(run(server, run))).isEqualTo(27);
        TestServer.Answer early = kitchen.tell(run, "{\"type\": \"heat-off\"}");
        assertThat(early.body().get("code").asString()).isEqualTo("hold-not-complete");
        server.advance(Duration.ofMinutes(7));
        kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 13}");
        assertThat(minutesLeft(run(server, run))).isEqualTo(20);
        server.setClock(HOUR.negated());
        assertThat(minutesLeft(run(server, run))).isEqualTo(20);
        server.advance(Duration.ofMinutes(20));
        JsonNode after = run(server, run);
        assertThat(after.get("holdComplete").asBoolean())
                .as("it does not stand still")
                .isTrue();
        assertThat(after.get("events")
                        .valueStream()
                        .filter(event -> event.get("type").asString().equals("clock-set"))
                        .map(event -> event.get("note").asString()))
                .containsExactly(
                        "The server's clock was set forward by 60 min. That is not counted: this run goes on by the time that has passed.",
                        "The server's clock was set back by 60 min. That is not counted: this run goes on by the time that has passed.");
        assertThat(after.get("simulated").asBoolean()).isFalse();
        assertThat(after.get("deviations").isEmpty()).isTrue();
        kitchen.happen(run, "{\"type\": \"heat-off\"}");
    }

    @Test
    void a_vent_is_not_shortened_by_a_clock_set_forward(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        kitchen.happen(run, "{\"type\": \"lid-locked\"}");
        kitchen.happen(run, "{\"type\": \"steam-steady\"}");
        server.setClock(HOUR);
        assertThat(kitchen.tell(run, "{\"type\": \"weight-on\"}")
                        .body()
                        .get("code")
                        .asString())
                .isEqualTo("vent-not-done");
        server.setClock(HOUR.negated());
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, "{\"type\": \"weight-on\"}");
    }

    @Test
    void a_clock_set_in_the_moment_in_which_a_load_goes_in_again_keeps_nobody_waiting(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.untilHolding(run);
        kitchen.happen(run, "{\"type\": \"stop-early\"}");
        server.setClock(HOUR);
        TestServer.Answer again = server.post("/api/runs/%s/again".formatted(run), "{}");
        assertThat(again.status()).as(again.body().toString()).isEqualTo(201);
        assertThat(again.body().get("againUntil")).isEqualTo(run(server, run).get("decideBy"));
        server.setClock(HOUR.negated());
    }

    @Test
    void only_mobrel_itself_may_say_what_its_clock_did(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        for (String type : new String[] {"clock-set", "server-away"}) {
            assertThat(kitchen.tell(run, "{\"type\": \"%s\", \"note\": \"x\"}".formatted(type))
                            .status())
                    .isEqualTo(400);
        }
        assertThat(kitchen.tell(run, "{\"type\": \"held\"}").status()).isEqualTo(409);
    }

    /** A program of its own that can end and begin again, on the same clock. */
    private static ConfigurableApplicationContext start(TestServer server, String database) {
        return SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + database,
                "--mobrel.test-clock-file=" + server.clockFile());
    }

    @Test
    void a_restart_keeps_what_was_not_counted_and_asks_about_what_nobody_watched(TestServer server) {
        String database = server.newDatabase("restarted");
        long run;
        try (ConfigurableApplicationContext first = start(server, database)) {
            TestKitchen kitchen = TestKitchen.in(server.at(first), 0.5);
            run = kitchen.run(2, 0);
            kitchen.untilHolding(run);
            server.advance(Duration.ofMinutes(30));
            kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 12.5}");
            server.setClock(HOUR);
            assertThat(minutesLeft(run(server.at(first), run))).isEqualTo(60);
        }
        try (ConfigurableApplicationContext again = start(server, database)) {
            JsonNode back = run(server.at(again), run);
            assertThat(minutesLeft(back)).as("the step is remembered").isEqualTo(60);
            assertThat(back.get("doubtSince").isNull())
                    .as("it was away for moments")
                    .isTrue();
        }
        // Away for 70 minutes, in which the hold would have ended.
        server.advance(Duration.ofMinutes(70));
        try (ConfigurableApplicationContext again = start(server, database)) {
            TestServer there = server.at(again);
            TestKitchen kitchen = new TestKitchen(there, 0, 0);
            assertThat(run(there, run).get("holdComplete").asBoolean()).isFalse();
            assertThat(run(there, run).get("doubtSince").isNull()).isFalse();
            assertThat(kitchen.tell(run, "{\"type\": \"heat-off\"}")
                            .body()
                            .get("code")
                            .asString())
                    .isEqualTo("in-doubt");
            kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 12.5}");
            assertThat(run(there, run).get("holdComplete").asBoolean())
                    .as("a look now says nothing of before")
                    .isFalse();
            assertThat(kitchen.happen(run, "{\"type\": \"held\", \"by\": \"Ada\"}")
                            .get("holdComplete")
                            .asBoolean())
                    .isTrue();
            kitchen.happen(run, "{\"type\": \"heat-off\"}");
        }
        server.setClock(HOUR.negated());
        // The clock is right again, so that it shows less than the last event: the run goes on all the same.
        try (ConfigurableApplicationContext again = start(server, database)) {
            TestServer there = server.at(again);
            Instant before = Instant.parse(run(there, run).get("now").asString());
            server.advance(Duration.ofMinutes(5));
            assertThat(Duration.between(
                            before, Instant.parse(run(there, run).get("now").asString())))
                    .isBetween(Duration.ofMinutes(5), Duration.ofMinutes(6));
        }
    }

    @Test
    void a_cook_who_cannot_say_that_it_was_held_gets_the_whole_time_again(TestServer server) {
        String database = server.newDatabase("not-held");
        long run;
        try (ConfigurableApplicationContext first = start(server, database)) {
            TestKitchen kitchen = TestKitchen.in(server.at(first), 0.5);
            run = kitchen.run(2, 0);
            kitchen.untilHolding(run);
        }
        server.advance(Duration.ofMinutes(10));
        try (ConfigurableApplicationContext again = start(server, database)) {
            TestKitchen kitchen = new TestKitchen(server.at(again), 0, 0);
            JsonNode after = kitchen.happen(run, "{\"type\": \"interrupted\", \"note\": \"nobody was there\"}");
            assertThat(after.get("stage").asString()).isEqualTo("rising");
            assertThat(after.get("doubtSince").isNull()).isTrue();
            assertThat(minutesLeft(kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 12.5}")))
                    .isEqualTo(90);
        }
    }
}
