package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
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
        server.advance(java.time.Duration.ofMinutes(10));
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
    void a_dial_tested_while_a_load_waits_counts_for_it(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        server.post(
                "/api/kitchen/canners/%d/tests".formatted(kitchen.canner()),
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
