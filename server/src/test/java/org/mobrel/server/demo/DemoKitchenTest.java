package org.mobrel.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The demo kitchen: whole, and loaded only once. */
@ExtendWith(TestServer.class)
class DemoKitchenTest {

    @Test
    void it_is_loaded_once_and_holds_what_a_visitor_wants_to_see(TestServer server) {
        String database = server.newDatabase("demo");
        List<String> first = start(database);
        assertThat(first)
                .contains("recipes 8", "canners 2", "batches 10", "own judgement 1", "lost pressure 1", "not sealed 1")
                .contains("at the stove 1", "resting 1");
        assertThat(start(database)).as("a second start adds nothing").isEqualTo(first);
    }

    private static List<String> start(String database) {
        try (ConfigurableApplicationContext demo = SpringApplication.run(
                MobrelServer.class, "--server.port=0", "--spring.datasource.url=" + database, "--mobrel.demo=true")) {
            JdbcClient db = demo.getBean(JdbcClient.class);
            return Stream.of(
                            "recipes|SELECT COUNT(*) FROM recipe",
                            "canners|SELECT COUNT(*) FROM canner",
                            "batches|SELECT COUNT(*) FROM batch",
                            "own judgement|SELECT COUNT(*) FROM batch WHERE accepted_by IS NOT NULL",
                            "not sealed|SELECT COUNT(*) FROM run_event WHERE sealed = FALSE",
                            "jars moved|SELECT COUNT(*) FROM movement",
                            "lost pressure|SELECT COUNT(DISTINCT e.run_id) FROM run_event e JOIN run r ON r.id = e.run_id"
                                    + " WHERE e.dial_psi < r.target_psi AND EXISTS (SELECT 1 FROM run_event b"
                                    + " WHERE b.run_id = e.run_id AND b.number < e.number AND b.dial_psi >= r.target_psi)",
                            "at the stove|SELECT COUNT(*) FROM run r WHERE NOT finished AND NOT EXISTS"
                                    + " (SELECT 1 FROM run_event e WHERE e.run_id = r.id AND e.kind = 'jars-out')",
                            "resting|SELECT COUNT(*) FROM run r WHERE NOT finished AND EXISTS"
                                    + " (SELECT 1 FROM run_event e WHERE e.run_id = r.id AND e.kind = 'jars-out')")
                    .map(question -> question.split("\\|"))
                    .map(question -> question[0] + " "
                            + db.sql(question[1]).query(Long.class).single())
                    .toList();
        }
    }

    @Test
    void nothing_in_it_lies_in_the_future(TestServer server) {
        try (ConfigurableApplicationContext demo = SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + server.newDatabase("future"),
                "--mobrel.demo=true")) {
            Instant last = demo.getBean(JdbcClient.class)
                    .sql("SELECT MAX(happened_at) AS last FROM run_event")
                    .query((row, number) -> org.mobrel.server.platform.SqlTime.get(row, "last"))
                    .single();
            assertThat(last).isBeforeOrEqualTo(Instant.now());
        }
    }
}
