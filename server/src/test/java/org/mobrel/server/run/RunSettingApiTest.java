package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** A load goes by the kitchen as it is when its lid is locked: not as it was when its plan was sent, nor as it is made afterwards. */
@ExtendWith(TestServer.class)
class RunSettingApiTest {

    private static JsonNode run(TestServer server, long run) {
        return server.get("/api/runs/" + run).body();
    }

    @Test
    void an_altitude_put_right_while_a_load_waits_counts_for_it_and_is_said(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        assertThat(run(server, run).get("targetPsi").asDouble()).isEqualTo(12.5);
        assertThat(run(server, run).get("sentTargetPsi").isNull()).isTrue();
        server.changeKitchen("\"altitudeFt\": 7200");
        assertThat(run(server, run).get("targetPsi").asDouble()).isEqualTo(14.5);
        assertThat(run(server, run).get("sentTargetPsi").asDouble()).isEqualTo(12.5);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        JsonNode locked = kitchen.happen(run, "{\"type\": \"lid-locked\"}");
        assertThat(locked.get("targetPsi").asDouble()).isEqualTo(14.5);
        assertThat(locked.get("truePsi").asDouble()).isEqualTo(14);
        // Under its lid it stays what it was locked on, whatever the kitchen says.
        server.changeKitchen("\"altitudeFt\": 500");
        assertThat(run(server, run).get("targetPsi").asDouble()).isEqualTo(14.5);
        kitchen.happen(run, "{\"type\": \"steam-steady\"}");
        server.advance(Duration.ofMinutes(10));
        kitchen.happen(run, "{\"type\": \"weight-on\"}");
        assertThat(kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 14}")
                        .get("stage")
                        .asString())
                .as("below the mark")
                .isEqualTo("rising");
        assertThat(kitchen.happen(run, "{\"type\": \"reading\", \"psi\": 14.5}")
                        .get("stage")
                        .asString())
                .isEqualTo("holding");
    }

    @Test
    void an_altitude_put_right_under_way_is_told_to_the_run_and_taken_back_with_the_slip(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        kitchen.untilHolding(run);
        server.changeKitchen("\"altitudeFt\": 7200");
        JsonNode under = run(server, run);
        assertThat(under.get("targetPsi").asDouble()).isEqualTo(12.5);
        assertThat(under.get("deviations").get(0).get("code").asString()).isEqualTo("under-pressure");
        assertThat(under.get("deviations").get(0).get("psi").asDouble()).isEqualTo(14.5);
        server.changeKitchen("\"altitudeFt\": 3150");
        assertThat(run(server, run).get("deviations").isEmpty()).isTrue();
        server.changeKitchen("\"altitudeFt\": 7200");
        server.advance(Duration.ofMinutes(95));
        JsonNode off = kitchen.happen(run, "{\"type\": \"heat-off\"}");
        assertThat(off.get("stage").asString()).isEqualTo("abandoned");
        assertThat(off.get("awaitsDecision").asBoolean()).isTrue();
        JsonNode again = server.post("/api/runs/%s/again".formatted(run), "{}").body();
        assertThat(again.get("targetPsi").asDouble()).as("of the next try").isEqualTo(14.5);
        assertThat(kitchen.tell(run, "{\"type\": \"pressure-needed\"}").status())
                .isEqualTo(400);
        server.changeKitchen("\"altitudeFt\": 3150");
    }

    @Test
    void jars_made_below_what_the_altitude_asks_for_are_named_and_held_only_if_it_was_wrong(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.rested(run);
        kitchen.sealed(run);
        assertThat(lowLots(server, false, run)).isEmpty();
        server.changeKitchen("\"altitudeFt\": 7200");
        List<JsonNode> named = lowLots(server, false, run);
        assertThat(named).hasSize(1);
        assertThat(named.get(0).get("hadPsi").asDouble()).isEqualTo(12);
        assertThat(named.get(0).get("neededPsi").asDouble()).isEqualTo(14);
        assertThat(named.get(0).get("lot").get("holds").isEmpty()).isTrue();
        lowLots(server, true, run);
        assertThat(lowLots(server, false, run)
                        .get(0)
                        .get("lot")
                        .get("holds")
                        .get(0)
                        .get("reason")
                        .asString())
                .isEqualTo("altitude-corrected");
        server.changeKitchen("\"altitudeFt\": 3150");
    }

    private static List<JsonNode> lowLots(TestServer server, boolean hold, long run) {
        return server.post("/api/trace/altitude", "{\"hold\": %s}".formatted(hold))
                .body()
                .get("lots")
                .valueStream()
                .filter(low -> low.get("lot").get("runId").asLong() == run)
                .toList();
    }

    @Test
    void a_dial_tested_while_a_load_waits_counts_for_it(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        server.post(
                "/api/kitchen/canners/%s/tests".formatted(kitchen.canner()),
                "{\"on\": \"%s\", \"readPsi\": 11, \"masterPsi\": 10, \"by\": \"Ada\"}"
                        .formatted(LocalDate.now(ZoneId.systemDefault())));
        assertThat(run(server, run).get("targetPsi").asDouble()).isEqualTo(13);
    }

    @Test
    void a_lid_is_not_locked_where_the_tables_have_no_pressure_any_more(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        server.changeKitchen("\"altitudeFt\": 8300");
        TestServer.Answer refused = kitchen.tell(run, "{\"type\": \"lid-locked\"}");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("code").asString()).isEqualTo("no-pressure");
        assertThat(run(server, run).get("stage").asString()).isEqualTo("loading");
        server.changeKitchen("\"altitudeFt\": 3150");
        kitchen.happen(run, "{\"type\": \"lid-locked\"}");
    }

    @Test
    void a_canner_that_left_the_kitchen_locks_no_lid(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        server.delete("/api/kitchen/canners/" + kitchen.canner());
        assertThat(kitchen.tell(run, "{\"type\": \"lid-locked\"}")
                        .body()
                        .get("detail")
                        .asString())
                .contains("was taken out of the kitchen");
    }
}
