package org.mobrel.server.seeing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** A tablet looks at a dial whose mark is 12.5 psi: what it reads is asked about and kept, and proves nothing. */
@ExtendWith(TestServer.class)
class SeeingApiTest {

    private TestServer server;
    private TestKitchen kitchen;
    private long run;
    private long at = 5_000;

    @BeforeEach
    void aRunAtADial(TestServer fresh) {
        server = fresh;
        kitchen = TestKitchen.in(server, 0.5);
        run = kitchen.run(2, 0);
        assertThat(run().get("targetPsi").asDouble()).isEqualTo(12.5);
    }

    private JsonNode run() {
        return server.get("/api/runs/" + run).body();
    }

    private void holds() {
        for (String type : List.of("checks-done", "lid-locked", "steam-steady")) {
            kitchen.happen(run, "{\"type\": \"%s\"}".formatted(type));
        }
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, "{\"type\": \"weight-on\"}");
        read("13");
    }

    private JsonNode read(String psi) {
        return kitchen.happen(run, "{\"type\": \"reading\", \"psi\": %s}".formatted(psi));
    }

    private TestServer.Answer send(String psi) {
        return server.post(
                "/api/runs/%s/seeing".formatted(run),
                "{\"device\": \"Stove tablet\", \"eye\": \"one\", \"at\": %s, \"psi\": %s}".formatted(at, psi));
    }

    /** A look every five seconds, of the kitchen's clock too. */
    private JsonNode see(int looks, String psi) {
        JsonNode told = run();
        for (int look = 0; look < looks; look++) {
            server.advance(Duration.ofSeconds(5));
            at += 5_000;
            TestServer.Answer answer = send(psi);
            assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
            told = answer.body();
        }
        return told;
    }

    private List<JsonNode> events(String type) {
        return run().get("events")
                .valueStream()
                .filter(event -> event.get("type").asString().equals(type))
                .toList();
    }

    @Test
    void a_needle_that_sinks_is_asked_about_and_the_cook_s_word_counts() {
        holds();
        JsonNode proper = see(13, "13.2");
        assertThat(proper.get("view").asString()).isEqualTo("at-mark");
        assertThat(proper.get("psi").asDouble()).isEqualTo(13.2);
        JsonNode minute = events("seen").get(0);
        assertThat(minute.get("seenLowPsi").asDouble()).isEqualTo(13.2);
        assertThat(minute.get("by").asString()).isEqualTo("Stove tablet");
        assertThat(see(1, "12.4").get("askedSince").isNull()).isTrue();
        JsonNode asked = see(1, "12.3");
        assertThat(asked.get("view").asString()).isEqualTo("low");
        assertThat(asked.get("askedSince").asString())
                .isEqualTo(run().get("askedSince").asString());
        assertThat(run().get("dues").toString()).contains("\"not-seen\"");
        see(2, "12.3");
        assertThat(events("not-seen")).as("asked once").hasSize(1);

        assertThat(read("12").get("stage").asString()).isEqualTo("rising");
        assertThat(see(4, "13.5").get("askedSince").isNull()).isTrue();
        assertThat(run().get("stage").asString())
                .as("what is seen starts no hold")
                .isEqualTo("rising");
    }

    @Test
    void a_question_nobody_answers_keeps_the_lot_back_and_the_hold_as_it_is() {
        holds();
        assertThat(see(1, "13").get("view").asString()).isEqualTo("waiting");
        assertThat(see(11, "null").get("askedSince").isNull()).isTrue();
        assertThat(see(2, "null").get("askedSince").isNull()).isFalse();
        server.advance(Duration.ofMinutes(run().get("minutes").asInt()));
        assertThat(run().get("holdComplete").asBoolean()).isTrue();
        JsonNode off = kitchen.happen(run, "{\"type\": \"heat-off\"}");
        assertThat(off.get("heldFor").toString()).isEqualTo("[\"not-seen\"]");
        assertThat(send("13").status()).isEqualTo(409);
    }

    @Test
    void heat_that_is_too_high_warns_and_nothing_is_asked_before_the_hold() {
        assertThat(send("13").body().get("code").asString()).isEqualTo("nothing-to-see");
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        kitchen.happen(run, "{\"type\": \"lid-locked\"}");
        assertThat(see(3, "2").get("askedSince").isNull()).isTrue();
        assertThat(see(2, "15.5").get("view").asString()).isEqualTo("high");
        assertThat(run().get("stage").asString()).isEqualTo("heating");
    }

    @ParameterizedTest
    @ValueSource(strings = {"-0.1", "60.1", "1.23456", "\"ten\""})
    void what_no_dial_shows_is_refused_with_a_reason(String psi) {
        holds();
        TestServer.Answer refused = send(psi);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asString()).isEqualTo("psi");
    }
}
