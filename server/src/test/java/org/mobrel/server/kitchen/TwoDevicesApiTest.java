package org.mobrel.server.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** One kitchen, two devices: what differs is merged, what does not is said, and nothing is taken back in silence. */
@ExtendWith(TestServer.class)
class TwoDevicesApiTest {

    private static final int PAIRS = 200;

    private static TestServer.Answer change(TestServer server, long basedOn, String settings) {
        return server.patch("/api/kitchen", "{\"basedOn\": %s, %s}".formatted(basedOn, settings));
    }

    private static JsonNode kitchen(TestServer server) {
        return server.get("/api/kitchen").body();
    }

    @Test
    void one_more_person_on_a_stale_page_leaves_the_altitude_that_another_device_set(TestServer server) {
        server.changeKitchen("\"altitudeFt\": 3150, \"people\": 2");
        long stale = server.kitchenVersion();
        server.changeKitchen("\"altitudeFt\": 7200");
        assertThat(change(server, stale, "\"people\": 3").status()).isEqualTo(200);
        assertThat(kitchen(server).get("altitudeFt").asInt()).isEqualTo(7200);
        assertThat(kitchen(server).get("people").asInt()).isEqualTo(3);
    }

    @Test
    void a_stale_page_is_told_what_another_device_made_of_the_same_setting(TestServer server) {
        server.changeKitchen("\"altitudeFt\": 3150, \"units\": \"us\", \"people\": 2");
        long stale = server.kitchenVersion();
        server.changeKitchen("\"altitudeFt\": 7200");
        TestServer.Answer answer = change(server, stale, "\"altitudeFt\": 500, \"people\": 9");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.body().get("code").asString()).isEqualTo("changed-elsewhere");
        assertThat(answer.body().get("detail").asString())
                .contains("Altitude was changed to 7,200 ft on another device.");
        assertThat(answer.body().get("fields").toString()).isEqualTo("[\"altitude\"]");
        assertThat(kitchen(server).get("altitudeFt").asInt()).isEqualTo(7200);
        assertThat(kitchen(server).get("people").asInt()).as("all or nothing").isEqualTo(2);
        // The same wish on both devices is no conflict, and a second look is enough for another one.
        assertThat(change(server, stale, "\"altitudeFt\": 7200").status()).isEqualTo(200);
        assertThat(server.changeKitchen("\"altitudeFt\": 500").status()).isEqualTo(200);
    }

    @Test
    void a_change_that_does_not_say_what_it_is_based_on_is_refused(TestServer server) {
        assertThat(server.patch("/api/kitchen", "{\"people\": 4}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("basedOn");
        assertThat(change(server, Long.MAX_VALUE, "\"people\": 40")
                        .body()
                        .get("code")
                        .asString())
                .as("a page of another kitchen")
                .isEqualTo("changed-elsewhere");
    }

    @Test
    void a_canner_keeps_what_another_device_changed_of_it(TestServer server) {
        String plain = "\"gauge\": \"weighted\", \"pints\": 8, \"shortLayers\": 1";
        JsonNode made = server.post(
                        "/api/kitchen/canners", "{\"name\": \"Shared\", \"quarts\": 7, %s}".formatted(plain))
                .body();
        long id = made.get("canners")
                .get(made.get("canners").size() - 1)
                .get("id")
                .asLong();
        long stale = server.kitchenVersion();
        String path = "/api/kitchen/canners/" + id;
        String revision =
                "{\"basedOn\": %s, \"changed\": [\"%s\"], \"canner\": {\"name\": \"%s\", \"quarts\": %s, %s}}";
        server.patch(path, revision.formatted(stale, "capacity", "Shared", 5, plain));
        assertThat(server.patch(path, revision.formatted(stale, "name", "Renamed", 7, plain))
                        .status())
                .isEqualTo(200);
        JsonNode canner = kitchen(server)
                .get("canners")
                .valueStream()
                .filter(each -> each.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
        assertThat(canner.get("name").asString() + canner.get("quarts").asInt()).isEqualTo("Renamed5");
        TestServer.Answer taken = server.patch(path, revision.formatted(stale, "capacity", "Shared", 9, plain));
        assertThat(taken.body().get("detail").asString())
                .contains("\"Renamed\" holds other jars now: that was changed on another device.");
    }

    @Test
    void jars_that_a_run_or_another_device_counted_since_are_not_written_over(TestServer server) {
        String pints = "\"size\": \"pint\", \"mouth\": \"wide\", \"empty\": %s";
        server.count("jars", pints.formatted(20));
        long stale = server.kitchenVersion();
        server.count("jars", pints.formatted(11));
        TestServer.Answer answer =
                server.put("/api/kitchen/cupboard/jars", "{\"basedOn\": %s, %s}".formatted(stale, pints.formatted(19)));
        assertThat(answer.body().get("detail").asString()).contains("were changed to 11 elsewhere");
        assertThat(server.put(
                                "/api/kitchen/cupboard/lids",
                                "{\"basedOn\": %s, \"mouth\": \"wide\", \"fresh\": 30}".formatted(stale))
                        .status())
                .as("another field")
                .isEqualTo(200);
    }

    @Test
    void jars_wanted_on_a_stale_page_do_not_take_back_what_another_device_wants(TestServer server) {
        long recipe = server.post("/api/recipes", "{\"title\": \"Wanted\", \"lines\": [\"4 qt beef stock\"]}")
                .body()
                .get("id")
                .asLong();
        String path = "/api/shelf/targets/" + recipe;
        String wants = "{\"basedOn\": %s, \"jars\": %s}";
        long stale = server.get("/api/shelf/needs").body().get("version").asLong();
        assertThat(server.put(path, wants.formatted(stale, 12)).status()).isEqualTo(200);
        assertThat(server.put(path, wants.formatted(stale, 5))
                        .body()
                        .get("detail")
                        .asString())
                .contains("\"Wanted\": the jars wanted were changed to 12 on another device.");
        assertThat(server.put(path, wants.formatted(server.kitchenVersion(), 5)).status())
                .isEqualTo(200);
    }

    @Test
    void of_many_concurrent_pairs_none_is_mixed_and_none_lost_in_silence(TestServer server) throws Exception {
        ExecutorService devices = Executors.newFixedThreadPool(2);
        try {
            for (int pair = 0; pair < PAIRS; pair++) {
                long seen = server.kitchenVersion();
                int ft = 1_000 + pair;
                List<Callable<Integer>> both = List.of(
                        () -> change(server, seen, "\"altitudeFt\": %s, \"people\": %s".formatted(ft, 1))
                                .status(),
                        () -> change(server, seen, "\"altitudeFt\": %s, \"people\": %s".formatted(ft + 5_000, 2))
                                .status());
                List<Integer> answers = new ArrayList<>();
                for (Future<Integer> answer : devices.invokeAll(both)) {
                    answers.add(answer.get());
                }
                JsonNode after = kitchen(server);
                boolean first = after.get("people").asInt() == 1;
                assertThat(after.get("altitudeFt").asInt()).as("not mixed").isEqualTo(first ? ft : ft + 5_000);
                assertThat(answers).as("one is told").containsExactlyInAnyOrder(200, 409);
                assertThat(answers.get(first ? 0 : 1)).as("the winner's stands").isEqualTo(200);
            }
        } finally {
            devices.shutdownNow();
        }
    }
}
