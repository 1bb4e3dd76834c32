package org.mobrel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** A database as the program before this one left it: the demo kitchen, dumped from a running one. */
@ExtendWith(TestServer.class)
class MigrationTest {

    private static void load(String database) throws Exception {
        String dump = new String(
                MigrationTest.class
                        .getResourceAsStream("/databases/before-shared-settings.sql")
                        .readAllBytes(),
                StandardCharsets.UTF_8);
        try (Connection connection = DriverManager.getConnection(database, "mobrel", "mobrel");
                Statement statement = connection.createStatement()) {
            statement.execute("DROP DATABASE mobrel");
            statement.execute("CREATE DATABASE mobrel CHARACTER SET utf8mb4");
            statement.execute("USE mobrel");
            for (String each : dump.split(";\n")) {
                if (!each.isBlank()) {
                    statement.execute(each);
                }
            }
            // Less than a tenth of a second: a zero that is easily lost on the way into the copy.
            statement.execute("UPDATE batch SET made_at = '2026-10-11 09:08:07.062' WHERE id = 10");
        }
    }

    private static JsonNode batch(TestServer server, int id) {
        return server.get("/api/batches/" + id).body();
    }

    private static Set<String> rows(JsonNode batch) {
        return batch.get("ruling")
                .get("rows")
                .valueStream()
                .map(row -> row.get("part").asString() + " " + row.get("row").asString())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void it_migrates_and_reads_the_same(@TempDir Path backups, TestServer server) throws Exception {
        String database = server.newDatabase("before");
        load(database);
        try (ConfigurableApplicationContext program = SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + database,
                "--mobrel.backups=" + backups,
                "--mobrel.test-clock-file=" + server.clockFile())) {
            // Copied as they were, and the copy taken in for trial, before anything was changed.
            try (Stream<Path> files = Files.list(backups)) {
                assertThat(files.map(file -> String.valueOf(file.getFileName())))
                        .singleElement()
                        .asString()
                        .matches("tables-of-V12-.*\\.sql\\.gz");
            }
            TestServer there = server.at(program);
            JsonNode kitchen = there.get("/api/kitchen").body();
            assertThat(kitchen.get("altitudeFt").asInt()).isEqualTo(3150);
            assertThat(kitchen.get("canners").size()).isEqualTo(2);
            assertThat(there.get("/api/batches").body().get("total").asInt()).isEqualTo(10);

            JsonNode soup = batch(there, 10);
            assertThat(soup.get("madeAt").asString()).isEqualTo("2026-10-11T09:08:07.062Z");
            assertThat(there.text("/api/formats/batches.csv")).contains("2026-10-11 09:08:07.062000,");
            assertThat(soup.get("ruling").get("headline").asString())
                    .isEqualTo("The soup table sets the time, not an ingredient: 60 min in pints.");
            assertThat(soup.get("ruling").get("lines").get(0).get("source").asString())
                    .isEqualTo("Guide 4, asparagus");
            // What was kept then does not say how it was packed: rows of both packs are taken.
            assertThat(rows(soup))
                    .containsExactlyInAnyOrder(
                            "floor soup-hot",
                            "line asparagus-hot",
                            "line green-peas-hot",
                            "line asparagus-raw",
                            "line green-peas-raw",
                            "pressure pressure-dial-4000");
            assertThat(rows(batch(there, 9))).contains("floor soup-with-seafood-hot", "line soup-with-seafood-hot");
            assertThat(rows(batch(there, 13))).contains("floor mixed-vegetables-hot", "line dried-beans-and-peas-hot");

            JsonNode held = soup.get("runs").get(0);
            assertThat(held.get("targetPsi").asDouble()).isEqualTo(12.5);
            assertThat(held.get("stage").asString()).isEqualTo("done");
            JsonNode traced = there.post(
                            "/api/trace/rows",
                            "{\"row\": \"soup-hot\", \"size\": \"pint\", \"minutes\": 65, \"hold\": false}")
                    .body();
            assertThat(traced.get("lots")
                            .valueStream()
                            .map(lot -> lot.get("lot").get("code").asString()))
                    .containsExactly(soup.get("lots").get(0).get("code").asString());
        }
    }
}
