package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Two hours with a gauge that sends every quarter of a minute: a page is not told more than it needs. */
@ExtendWith(TestServer.class)
class RunSizeApiTest {

    private static final int READINGS = 480;
    private static final int LOOKED_AT = 20;

    private static void send(TestServer server, String key, long run, int first, int count) {
        Instant sent = Instant.parse("2026-01-01T00:00:00Z");
        String readings = IntStream.range(0, count)
                .mapToObj(each -> "{\"seq\": %s, \"at\": \"%s\", \"psi\": %s}"
                        .formatted(
                                first + each,
                                sent.minusSeconds(15L * (count - 1 - each)),
                                12.5 + (first + each) % 3 * 0.25))
                .collect(Collectors.joining(", "));
        TestServer.Answer taken = server.postAs(
                "Bearer " + key,
                "/api/runs/%s/readings".formatted(run),
                "{\"sentAt\": \"%s\", \"readings\": [%s]}".formatted(sent, readings));
        assertThat(taken.body().get("stored").size())
                .as(taken.body().toString())
                .isEqualTo(count);
    }

    /** Whether a message brings the reading of a number; five events came before the first. */
    private static boolean ends(JsonNode run, int reading) {
        JsonNode events = run.get("events");
        return !events.isEmpty() && events.get(events.size() - 1).get("number").asInt() >= reading + 5;
    }

    @Test
    void two_hours_of_readings_cost_little_to_open_and_next_to_nothing_each(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(7, 0);
        kitchen.untilHolding(run);
        String key = server.post("/api/kitchen/devices", "{\"name\": \"Probe\"}")
                .body()
                .get("key")
                .asString();
        try (EventStream page = new EventStream(server, "")) {
            page.next();
            List<Integer> each = new ArrayList<>();
            for (int reading = 1; reading <= READINGS; ) {
                // All but the last come in fives, as from a gauge that keeps its batteries.
                int together = reading > READINGS - LOOKED_AT ? 1 : 5;
                server.advance(Duration.ofSeconds(15L * together));
                send(server, key, run, reading, together);
                reading += together;
                if (together == 1) {
                    int told = reading - 1;
                    each.add(page.next(message -> message.name().equals("run") && ends(message.data(), told))
                            .bytes());
                }
            }
            assertThat(each).as("bytes of a reading").allMatch(bytes -> bytes < 1_000);
        }
        try (EventStream page = new EventStream(server, "")) {
            EventStream.Message opening = page.next(message -> message.name().equals("runs"));
            int own = opening.data()
                    .get("runs")
                    .valueStream()
                    .filter(each -> each.get("id").asLong() == run)
                    .mapToInt(each -> each.toString().length())
                    .sum();
            assertThat(own).as("bytes to open it").isBetween(10_000, 60_000);
        }
    }
}
