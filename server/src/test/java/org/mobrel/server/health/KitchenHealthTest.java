package org.mobrel.server.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mobrel.server.health.Eventually.until;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What every page says while the ground is not firm, word by word. */
@ExtendWith(TestServer.class)
class KitchenHealthTest {

    private static JsonNode trouble(TestServer server, String code) {
        until(() -> server.get("/api/health")
                .body()
                .at("/troubles/0/code")
                .asString("")
                .equals(code));
        JsonNode first = server.get("/api/health").body().at("/troubles/0");
        assertThat(first.path("code").asString("")).isEqualTo(code);
        assertThat(server.get("/actuator/health").status()).isEqualTo(503);
        return first;
    }

    @Test
    void a_database_that_was_killed(TestServer server) {
        until(() -> server.get("/api/health").body().get("troubles").isEmpty());
        server.killDatabase();
        assertThat(trouble(server, "database").get("detail").asString())
                .isEqualTo("What was stored is stored; nothing new is until it is back."
                        + " Start Mobrel again if it stays away.");
        server.startDatabaseAgain();
        until(() -> server.get("/api/health").body().get("troubles").isEmpty());
        assertThat(server.get("/actuator/health").status()).isEqualTo(200);
    }

    @Test
    void a_database_that_only_lets_itself_be_read(TestServer server) throws Exception {
        server.asRoot("SET GLOBAL read_only = 1");
        try {
            JsonNode told = trouble(server, "read-only");
            assertThat(told.get("title").asString()).isEqualTo("The database takes nothing");
            assertThat(told.get("detail").asString())
                    .isEqualTo("No step is stored. It only lets itself be read."
                            + " Whoever set it so has to set it back.");
            TestServer.Answer tap = server.post("/api/kitchen/devices", "{\"name\": \"Dial\"}");
            assertThat(tap.status()).isEqualTo(503);
            assertThat(tap.body().get("detail").asString())
                    .isEqualTo("The database takes nothing: this step was not stored."
                            + " It only lets itself be read. Whoever set it so has to set it back.");
        } finally {
            server.asRoot("SET GLOBAL read_only = 0");
        }
        until(() -> server.get("/api/health").body().get("troubles").isEmpty());
    }

    @Test
    void a_file_of_the_database_that_is_damaged(TestServer server) throws Exception {
        String url = server.newDatabase("damaged");
        Path folder = server.folderOf("damaged");
        TestServer.stopDatabase(folder);
        damage(folder.resolve("data/mobrel/pantry.ibd"));
        TestServer.startDatabase(folder);
        try (ConfigurableApplicationContext program = SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + url,
                "--mobrel.test-clock-file=" + server.clockFile())) {
            JsonNode told = trouble(server.at(program), "damaged");
            assertThat(told.get("title").asString()).isEqualTo("A part of what is stored cannot be read");
            assertThat(told.get("detail").asString())
                    .isEqualTo(
                            "It is the table pantry. A file of the database is damaged. Stop Mobrel, keep a copy of its"
                                    + " whole data folder, and bring back the last backup into a new one.");
        }
    }

    /** As two devices could leave it once: a meal of more jars than there were. */
    @Test
    void a_lot_that_more_left_than_stood_there_is_named_and_shown_and_a_count_mends_it(TestServer server) {
        String url = server.newDatabase("ledger");
        try (ConfigurableApplicationContext program = demo(server, url)) {
            program.getBean(JdbcClient.class)
                    .sql("INSERT INTO movement (lot_code, kind, jars, from_place, note, moved_by, moved_at)"
                            + " VALUES ('26-0106-A', 'eaten', 6, 'Shelf', '', '', UTC_TIMESTAMP())")
                    .update();
        }
        try (ConfigurableApplicationContext program = demo(server, url)) {
            TestServer there = server.at(program);
            until(() -> there.get("/api/health").body().get("troubles").size() > 0);
            JsonNode told = there.get("/api/health").body().at("/troubles/0");
            assertThat(told.get("title").asString()).isEqualTo("Lot 26-0106-A is broken");
            assertThat(told.get("detail").asString())
                    .isEqualTo("By its ledger 2 more jars left Shelf than stood there."
                            + " Count that place under Shelf; the count mends it.");
            assertThat(there.get("/actuator/health").status()).isEqualTo(200);
            for (String page : List.of("/api/shelf", "/api/shelf/26-0106-A", "/api/batches/1", "/api/backup")) {
                assertThat(there.get(page).status()).as(page).isEqualTo(200);
            }
            assertThat(there.get("/api/shelf/26-0106-A").body().at("/lot/jars").asInt())
                    .isZero();
            there.post(
                    "/api/shelf/stocktake",
                    "{\"place\": \"Shelf\", \"counted\": [{\"lot\": \"26-0106-A\", \"jars\": 0}]}");
            assertThat(there.post("/api/shelf/26-0106-A/movements", "{\"kind\": \"eaten\", \"place\": \"Shelf\"}")
                            .body()
                            .get("code")
                            .asString())
                    .isEqualTo("not-on-the-shelf");
        }
        try (ConfigurableApplicationContext program = demo(server, url)) {
            TestServer there = server.at(program);
            assertThat(there.get("/actuator/health").body().has("broken-record"))
                    .isFalse();
            assertThat(there.get("/api/health").body().get("troubles")).isEmpty();
        }
    }

    private static ConfigurableApplicationContext demo(TestServer server, String url) {
        return SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + url,
                "--mobrel.demo=true",
                "--mobrel.test-clock-file=" + server.clockFile());
    }

    private static void damage(Path file) throws IOException {
        try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "rw")) {
            byte[] noise = new byte[(int) bytes.length()];
            Arrays.fill(noise, (byte) 0x5a);
            bytes.write(noise);
        }
    }
}
