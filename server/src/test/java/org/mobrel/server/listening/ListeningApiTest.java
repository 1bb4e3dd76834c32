package org.mobrel.server.listening;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** A tablet listens to a weight that rocks: what it says is asked about and kept, and proves nothing. */
@ExtendWith(TestServer.class)
class ListeningApiTest {

    private static final String WEIGHT =
            """
            {"name": "%s", "gauge": "weighted", "quarts": 7, "pints": 8, "shortLayers": 2,
             "weight": {"shows": "holes", "sound": "rocks"}}
            """;

    /** A run at a weighted canner, and the clock of the tablet beside it. */
    private static final class Tablet {

        private final TestServer server;
        private final TestKitchen kitchen;
        private final long run;
        private long at = 5_000;
        private boolean knows = true;

        Tablet(TestServer server, String canner) {
            this.server = server;
            JsonNode canners = server.post("/api/kitchen/canners", WEIGHT.formatted(canner))
                    .body()
                    .get("canners");
            kitchen = new TestKitchen(
                    server,
                    TestKitchen.in(server, 0.5).recipe(),
                    canners.get(canners.size() - 1).get("id").asLong());
            run = kitchen.run(2, 0);
        }

        TestServer.Answer send(String knocks, boolean drowned, boolean plume) {
            return server.post(
                    "/api/runs/%s/hearing".formatted(run),
                    """
                    {"device": "Stove tablet", "ear": "one", "at": %s, "millis": 5000, "knocks": [%s], "knows": %s, "drowned": %s, "plume": %s}
                    """
                            .formatted(at, knocks, knows, drowned, plume));
        }

        /** So many spans of five seconds, of the real clock of the kitchen too. */
        JsonNode hear(int spans, String knocks, boolean drowned) {
            JsonNode told = null;
            for (int span = 0; span < spans; span++) {
                server.advance(Duration.ofSeconds(5));
                at += 5_000;
                TestServer.Answer answer = send(knocks, drowned, false);
                assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
                told = answer.body();
            }
            return java.util.Objects.requireNonNull(told);
        }

        void holds() {
            for (String type : List.of("checks-done", "lid-locked", "steam-steady")) {
                kitchen.happen(run, "{\"type\": \"%s\"}".formatted(type));
            }
            server.advance(Duration.ofMinutes(10));
            kitchen.happen(run, "{\"type\": \"weight-on\"}");
            look("proper");
        }

        JsonNode look(String weight) {
            return kitchen.happen(run, "{\"type\": \"reading\", \"weight\": \"%s\"}".formatted(weight));
        }

        JsonNode run() {
            return server.get("/api/runs/" + run).body();
        }

        List<String> events(String type) {
            return run().get("events")
                    .valueStream()
                    .filter(event -> event.get("type").asString().equals(type))
                    .map(event -> event.get("by").asString())
                    .toList();
        }
    }

    private static final String ROCKING = String.join(
            ", ", IntStream.range(0, 12).mapToObj(index -> "" + index * 400).toList());

    @Test
    void a_weight_that_falls_silent_is_asked_about_and_the_cook_s_word_counts(TestServer server) {
        Tablet tablet = new Tablet(server, "Asked");
        tablet.holds();
        JsonNode rocking = tablet.hear(12, ROCKING, false);
        assertThat(rocking.get("sound").asString()).isEqualTo("proper");
        assertThat(rocking.get("perMinute").asInt()).isBetween(140, 150);
        assertThat(tablet.hear(2, "", false).get("askedSince").isNull()).isTrue();
        JsonNode asked = tablet.hear(1, "", false);
        assertThat(asked.get("sound").asString()).isEqualTo("silent");
        assertThat(asked.get("askedSince").asString())
                .isEqualTo(tablet.run().get("askedSince").asString());
        assertThat(tablet.events("not-heard")).containsExactly("Stove tablet");
        assertThat(tablet.run().get("dues").toString()).contains("\"not-heard\"");
        tablet.hear(3, "", false);
        assertThat(tablet.events("not-heard")).as("asked once").hasSize(1);

        JsonNode still = tablet.look("still");
        assertThat(still.get("stage").asString()).isEqualTo("rising");
        assertThat(still.get("askedSince").isNull()).isTrue();
        assertThat(tablet.events("heard")).containsOnly("Stove tablet").isNotEmpty();
        assertThat(tablet.hear(4, "", false).get("askedSince").isNull())
                .as("nothing is asked while the pressure comes up")
                .isTrue();
    }

    @Test
    void a_question_nobody_answers_keeps_the_lot_back_and_the_hold_as_it_is(TestServer server) {
        Tablet tablet = new Tablet(server, "Unanswered");
        tablet.holds();
        tablet.hear(4, ROCKING, false);
        tablet.hear(4, "", false);
        int minutes = tablet.run().get("minutes").asInt();
        server.advance(Duration.ofMinutes(minutes));
        assertThat(tablet.run().get("holdComplete").asBoolean()).isTrue();
        JsonNode off = tablet.kitchen.happen(tablet.run, "{\"type\": \"heat-off\"}");
        assertThat(off.get("heldFor").toString()).isEqualTo("[\"not-heard\"]");
        assertThat(tablet.send("", false, false).status()).isEqualTo(409);
    }

    @Test
    void a_device_that_was_not_taught_the_weight_asks_nothing(TestServer server) {
        Tablet tablet = new Tablet(server, "Untaught");
        tablet.holds();
        tablet.knows = false;
        assertThat(tablet.hear(20, "", false).get("sound").asString()).isEqualTo("waiting");
        assertThat(tablet.events("not-heard")).isEmpty();
        assertThat(tablet.events("heard")).isEmpty();
    }

    @Test
    void an_extractor_hood_asks_nothing(TestServer server) {
        Tablet tablet = new Tablet(server, "Hood");
        tablet.holds();
        tablet.hear(4, ROCKING, false);
        JsonNode loud = tablet.hear(30, "", true);
        assertThat(loud.get("sound").asString()).isEqualTo("drowned");
        assertThat(tablet.events("not-heard")).isEmpty();
    }

    @Test
    void steam_is_told_before_the_hold_and_nobody_listens_to_a_canner_that_is_cold(TestServer server) {
        Tablet tablet = new Tablet(server, "Steam");
        TestServer.Answer cold = tablet.send("", false, false);
        assertThat(cold.status()).isEqualTo(409);
        assertThat(cold.body().get("code").asString()).isEqualTo("nothing-to-hear");
        tablet.kitchen.happen(tablet.run, "{\"type\": \"checks-done\"}");
        tablet.kitchen.happen(tablet.run, "{\"type\": \"lid-locked\"}");
        for (int span = 0; span < 2; span++) {
            server.advance(Duration.ofSeconds(5));
            tablet.at += 5_000;
            assertThat(tablet.send("", false, true).body().get("steam").asString())
                    .isEqualTo(span == 0 ? "none" : "blows");
        }
        assertThat(tablet.hear(1, "", false).get("steam").asString()).isEqualTo("stopped");
        assertThat(tablet.run().get("stage").asString())
                .as("it is offered, not done")
                .isEqualTo("heating");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5001|knocks",
                "-1|knocks[0]",
                "300, 200|knocks",
            })
    void what_no_device_measures_is_refused_with_a_reason(String knocks, String field, TestServer server) {
        Tablet tablet = new Tablet(server, "Refused");
        tablet.holds();
        TestServer.Answer refused = tablet.send(knocks, false, false);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asString()).isEqualTo(field);
    }

    @Test
    void nobody_else_may_say_what_a_device_heard(TestServer server) {
        Tablet tablet = new Tablet(server, "Foreign");
        tablet.holds();
        for (String type : List.of("heard", "not-heard")) {
            assertThat(tablet.kitchen
                            .tell(tablet.run, "{\"type\": \"%s\"}".formatted(type))
                            .status())
                    .isEqualTo(400);
        }
    }
}
