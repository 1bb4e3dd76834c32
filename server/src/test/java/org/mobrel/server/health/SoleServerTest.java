package org.mobrel.server.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mobrel.server.health.Eventually.until;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;

/** One server on one kitchen's data: another does not start, and one that lost it says so and takes nothing. */
@ExtendWith(TestServer.class)
class SoleServerTest {

    private static final String LOCK = "CONCAT('mobrel ', DATABASE())";

    private static Connection beside(TestServer server) throws SQLException {
        return DriverManager.getConnection(server.databaseUrl(), "mobrel", "mobrel");
    }

    @Test
    void a_second_server_does_not_start_and_the_first_goes_on(TestServer server) {
        assertThatThrownBy(() -> SpringApplication.run(
                                MobrelServer.class,
                                "--server.port=0",
                                "--spring.datasource.url=" + server.databaseUrl(),
                                "--mobrel.test-clock-file=" + server.clockFile())
                        .close())
                .hasRootCauseInstanceOf(AnotherServer.class)
                .rootCause()
                .hasMessage("Another Mobrel is open on this kitchen's data; two would not know of each other's taps."
                        + " Close the other one, or go on in it.");
        assertThat(server.get("/api/kitchen").status()).isEqualTo(200);
    }

    @Test
    void one_that_lost_the_data_to_another_answers_nothing_and_goes_on_when_it_has_it_again(TestServer server)
            throws Exception {
        try (Connection other = beside(server);
                Connection killer = beside(server)) {
            CompletableFuture<Boolean> taken = CompletableFuture.supplyAsync(() -> takes(other));
            try (Statement statement = killer.createStatement()) {
                // The other one waits for the lock; whoever holds it is cut off.
                until(() -> waits(killer));
                statement.execute("EXECUTE IMMEDIATE CONCAT('KILL ', IS_USED_LOCK(" + LOCK + "))");
            }
            assertThat(taken.join()).isTrue();
            until(() -> server.get("/api/kitchen").status() == 503);
            TestServer.Answer refused = server.post("/api/recipes", "{}");
            assertThat(refused.status()).isEqualTo(503);
            assertThat(refused.body().get("type").asString()).isEqualTo("urn:mobrel:problem:another-server");
            assertThat(refused.body().get("detail").asString()).contains("Close the other one");
            until(() -> server.get("/api/health").body().get("troubles").size() == 1);
            assertThat(server.get("/api/health").body().at("/troubles/0/code").asString())
                    .isEqualTo("another-server");
            assertThat(server.get("/actuator/health").status()).isEqualTo(503);
        }
        until(() -> server.get("/api/kitchen").status() == 200);
        until(() -> server.get("/api/health").body().get("troubles").isEmpty());
    }

    private static boolean takes(Connection connection) {
        try (Statement statement = connection.createStatement();
                var got = statement.executeQuery("SELECT GET_LOCK(" + LOCK + ", 30)")) {
            return got.next() && got.getInt(1) == 1;
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static boolean waits(Connection connection) {
        try (Statement statement = connection.createStatement();
                var rows = statement.executeQuery(
                        "SELECT 1 FROM information_schema.processlist WHERE info LIKE 'SELECT GET_LOCK%' AND state = 'User lock'")) {
            return rows.next();
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }
}
