package org.mobrel.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** The door for gauges that send by themselves, as docs/formats/gauge-readings.md describes it. */
@ExtendWith(TestServer.class)
class DeviceApiTest {

    /** A gauge whose clock is years off; only how long ago it read something counts. */
    private static final Instant ITS_CLOCK = Instant.parse("2000-01-01T00:00:00Z");

    private record Gauge(TestServer server, String key) {

        static Gauge in(TestServer server) {
            return new Gauge(
                    server,
                    server.post("/api/kitchen/devices", "{\"name\": \"Probe\"}")
                            .body()
                            .get("key")
                            .asString());
        }

        TestServer.Answer send(long run, String... readings) {
            return server.postAs(
                    "Bearer " + key,
                    "/api/runs/%s/readings".formatted(run),
                    "{\"sentAt\": \"%s\", \"readings\": [%s]}".formatted(ITS_CLOCK, String.join(", ", readings)));
        }
    }

    private static String reading(int seq, int secondsAgo, String what) {
        return "{\"seq\": %s, \"at\": \"%s\", %s}".formatted(seq, ITS_CLOCK.minusSeconds(secondsAgo), what);
    }

    private static List<Integer> numbers(JsonNode answer, String which) {
        return answer.get(which).valueStream().map(JsonNode::asInt).toList();
    }

    @Test
    void readings_are_stored_once_sorted_in_by_their_time_and_move_the_clock(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        Gauge gauge = Gauge.in(server);
        kitchen.untilHolding(run);
        server.advance(Duration.ofMinutes(20));
        JsonNode first = gauge.send(
                        run,
                        reading(3, 60, "\"psi\": 13"),
                        reading(1, 600, "\"psi\": 12.5"),
                        reading(4, 0, "\"psi\": 13"))
                .body();
        assertThat(numbers(first, "stored")).containsExactly(3, 1, 4);
        assertThat(first.get("stage").asString()).isEqualTo("holding");
        Instant since = clockSince(server, run);

        JsonNode late = gauge.send(run, reading(1, 600, "\"psi\": 12.5"), reading(2, 300, "\"psi\": 9.25"))
                .body();
        assertThat(numbers(late, "repeated")).containsExactly(1);
        assertThat(numbers(late, "stored")).containsExactly(2);
        assertThat(late.get("stage").asString()).isEqualTo("holding");
        assertThat(clockSince(server, run))
                .as("from the reading a minute ago, the first at the mark after the late low one")
                .isAfter(since)
                .isBetween(now(server, run).minusSeconds(75), now(server, run).minusSeconds(55));
        JsonNode seen = server.get("/api/runs/" + run).body();
        assertThat(seen.get("deviations").get(0).get("psi").asDouble()).isEqualTo(9.25);
        JsonNode lastEvent = seen.get("events").get(seen.get("events").size() - 1);
        assertThat(lastEvent.get("gauge").asString()).isEqualTo("Probe");
    }

    private static Instant clockSince(TestServer server, long run) {
        return Instant.parse(
                server.get("/api/runs/" + run).body().get("clockSince").asString());
    }

    private static Instant now(TestServer server, long run) {
        return Instant.parse(server.get("/api/runs/" + run).body().get("now").asString());
    }

    @Test
    void two_gauges_may_use_the_same_numbers_and_a_whole_afternoon_comes_at_once(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        kitchen.untilHolding(run);
        server.advance(Duration.ofMinutes(91));
        String[] many = IntStream.rangeClosed(1, 360)
                .mapToObj(seq -> reading(seq, (360 - seq) * 15, "\"psi\": 13"))
                .toArray(String[]::new);
        assertThat(numbers(Gauge.in(server).send(run, many).body(), "stored")).hasSize(360);
        assertThat(numbers(Gauge.in(server).send(run, many).body(), "stored")).hasSize(360);
        assertThat(server.get("/api/runs/" + run).body().get("holdComplete").asBoolean())
                .isTrue();
        String[] tooMany = IntStream.rangeClosed(1, 501)
                .mapToObj(seq -> reading(seq, 0, "\"psi\": 13"))
                .toArray(String[]::new);
        assertThat(Gauge.in(server).send(run, tooMany).body().get("detail").asString())
                .contains("500 at a time");
    }

    @Test
    void before_the_lid_is_on_and_after_it_is_off_there_is_nothing_to_read(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        Gauge gauge = Gauge.in(server);
        JsonNode early = gauge.send(run, reading(1, 0, "\"psi\": 0")).body();
        assertThat(early.get("refused").get(0).get("why").asString()).isEqualTo("not-begun");
        assertThat(numbers(early, "stored")).isEmpty();
        assertThat(server.get("/api/runs/" + run).body().get("events").size()).isZero();
        assertThat(server.get("/api/runs/999999").status()).isEqualTo(404);
        assertThat(gauge.send(999_999, reading(1, 0, "\"psi\": 0")).status()).isEqualTo(404);
    }

    @Test
    void only_a_gauge_of_this_kitchen_is_let_in_and_one_that_was_shut_out_is_not(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        kitchen.untilHolding(run);
        String path = "/api/runs/%s/readings".formatted(run);
        String body = "{\"sentAt\": \"%s\", \"readings\": [%s]}".formatted(ITS_CLOCK, reading(1, 0, "\"psi\": 13"));
        assertThat(code(server.post(path, body), 401)).isEqualTo("no-key");
        assertThat(code(server.postAs("Bearer mobrel-nobody", path, body), 401)).isEqualTo("unknown-key");
        Gauge gauge = Gauge.in(server);
        JsonNode devices = server.get("/api/kitchen/devices").body();
        assertThat(devices.toString()).doesNotContain(gauge.key());
        JsonNode last = devices.get(devices.size() - 1);
        assertThat(server.delete("/api/kitchen/devices/" + last.get("id").asLong())
                        .status())
                .isEqualTo(200);
        assertThat(code(gauge.send(run, reading(1, 0, "\"psi\": 13")), 401)).isEqualTo("unknown-key");
        assertThat(server.get("/api/runs/" + run).body().get("events").size()).isEqualTo(5);
    }

    private static String code(TestServer.Answer answer, int status) {
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        return answer.body().get("code").asString();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"seq": 0, "at": "1999-12-31T23:59:00Z", "psi": 11}                       | readings[0].seq
            {"seq": 1, "at": "1999-12-31T23:59:00Z", "psi": -1}                       | readings[0].psi
            {"seq": 1, "at": "1999-12-31T23:59:00Z", "psi": 31}                       | readings[0].psi
            {"seq": 1, "at": "1999-12-31T23:59:00Z"}                                  | readings
            {"seq": 1, "at": "1999-12-31T23:59:00Z", "psi": 11, "weight": "still"}    | readings
            {"seq": 1, "at": "1999-12-31T23:59:00Z", "weight": "loud"}                | weight
            {"seq": 1, "at": "1999-12-30T23:59:00Z", "psi": 11}                       | readings.at
            {"seq": 1, "psi": 11}                                                     | readings[0].at
            """)
    void a_reading_that_cannot_be_meant_is_refused_at_its_field_and_nothing_of_the_batch_is_kept(
            String wrong, String field, TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        kitchen.untilHolding(run);
        TestServer.Answer answer = Gauge.in(server).send(run, reading(7, 0, "\"psi\": 13"), wrong.strip());
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("field").asString().replace("readings[1]", "readings[0]"))
                .isEqualTo(field);
        assertThat(server.get("/api/runs/" + run).body().get("events").size()).isEqualTo(5);
    }

    @Test
    void a_kitchen_of_ones_own_does_not_lend_the_simulated_canner(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 1);
        assertThat(server.get("/api/simulation").body().get("offered").asBoolean())
                .isFalse();
        String path = "/api/runs/%s/simulation".formatted(run);
        assertThat(code(server.post(path, "{\"pace\": 60}"), 409)).isEqualTo("not-offered");
        assertThat(code(server.post(path, "{\"burnerPercent\": 0}"), 409)).isEqualTo("not-simulated");
        assertThat(server.post(path, "{\"pace\": 121}").status()).isEqualTo(400);
    }
}
