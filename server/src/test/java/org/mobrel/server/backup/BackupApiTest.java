package org.mobrel.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The whole kitchen in one file, and back: the same bytes, all or nothing. */
@ExtendWith(TestServer.class)
class BackupApiTest {

    private static ConfigurableApplicationContext demoKitchen;
    private static ConfigurableApplicationContext emptyKitchen;
    private static TestServer demo;
    private static TestServer empty;

    @BeforeAll
    static void openBoth(TestServer server) {
        demoKitchen = open(server, "backup_demo", true);
        emptyKitchen = open(server, "backup_empty", false);
        demo = server.at(demoKitchen);
        empty = server.at(emptyKitchen);
    }

    private static ConfigurableApplicationContext open(TestServer server, String name, boolean filled) {
        return SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + server.newDatabase(name),
                "--mobrel.demo=" + filled);
    }

    @AfterAll
    static void closeBoth() {
        demoKitchen.close();
        emptyKitchen.close();
    }

    private static String edition(TestServer server) {
        return server.get("/api/access").body().get("kitchen").asString();
    }

    private static void assertWhatWasMeantForTheKitchenBeforeIsRefused(String before) {
        String now = edition(empty);
        assertThat(now).matches("[0-9a-f]{32}").isNotEqualTo(before).isNotEqualTo(edition(demo));
        String note = "{\"text\": \"Less thyme\"}";
        String shelf = empty.text("/api/shelf");
        TestServer.Answer late = empty.postFor(before, "/api/recipes/1/notes", note);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("code").asString()).isEqualTo("another-kitchen");
        assertThat(empty.text("/api/shelf")).isEqualTo(shelf);
        assertThat(empty.postFor(now, "/api/recipes/999999/notes", note).status())
                .isEqualTo(404);
    }

    private static TestServer.Answer restore(TestServer into, String backup, String way, boolean dryRun) {
        return into.postBytes(
                "/api/backup?way=%s&dryRun=%s".formatted(way, dryRun), backup.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void a_kitchen_comes_back_byte_by_byte_and_merging_it_again_adds_nothing() {
        String backup = demo.text("/api/backup");
        String before = empty.text("/api/backup");
        String edition = edition(empty);
        JsonNode tried = restore(empty, backup, "replace", true).body();
        assertThat(tried.get("done").asBoolean()).isFalse();
        assertThat(tried.get("coming").get("lots").asInt()).isEqualTo(9);
        assertThat(empty.text("/api/backup")).as("a dry run leaves everything").isEqualTo(before);

        assertThat(edition(empty)).isEqualTo(edition);

        assertThat(restore(empty, backup, "replace", false).status()).isEqualTo(200);
        assertThat(empty.text("/api/backup")).isEqualTo(backup);
        assertWhatWasMeantForTheKitchenBeforeIsRefused(edition);
        assertThat(empty.get("/api/shelf").body().get("jars"))
                .isEqualTo(demo.get("/api/shelf").body().get("jars"));

        TestServer.Answer twice = restore(empty, backup, "merge", false);
        assertThat(twice.status()).as(twice.body().toString()).isEqualTo(200);
        JsonNode again = twice.body();
        assertThat(again.get("coming").toString()).isEqualTo("{}");
        assertThat(empty.text("/api/backup")).isEqualTo(backup);
    }

    @Test
    void two_kitchens_are_merged_under_numbers_of_their_own_and_lots_whose_code_is_taken_are_relabelled(
            TestServer server) {
        try (ConfigurableApplicationContext other = open(server, "backup_other", true)) {
            TestServer there = server.at(other);
            int jars = there.get("/api/shelf").body().get("jars").asInt();
            String backup = demo.text("/api/backup");
            TestServer.Answer answer = restore(there, backup, "merge", false);
            assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
            JsonNode merged = answer.body();
            // The same invented kitchen, loaded at another moment: its lots have the same codes.
            assertThat(merged.get("relabelled").size()).isEqualTo(9);
            assertThat(there.get("/api/shelf?size=200").body().get("jars").asInt())
                    .isEqualTo(jars + demo.get("/api/shelf").body().get("jars").asInt());
            JsonNode book = there.get("/api/batches?size=100").body();
            assertThat(book.get("total").asInt()).isEqualTo(20);
            book.get("batches").valueStream().forEach(batch -> assertThat(
                            there.get("/api/batches/" + batch.get("id").asLong())
                                    .status())
                    .isEqualTo(200));
            String both = there.text("/api/backup");
            assertThat(restore(empty, both, "replace", true)
                            .body()
                            .get("inFile")
                            .get("batches")
                            .asInt())
                    .as("what was merged is a whole kitchen again")
                    .isEqualTo(20);
        }
    }

    /** Ways in which a file can be wrong, and the sentence that says so. */
    private enum Wrong {
        CUT_OFF("cut off", text -> text.substring(0, text.length() / 2)),
        WITHOUT_ITS_END("cut off", text -> text.substring(0, text.lastIndexOf("\"check\""))),
        ALTERED("altered", text -> text.replaceFirst("Pork shank stock", "Pork shank stick")),
        NEWER("newer version", text -> text.replaceFirst("\"version\":2", "\"version\":3")),
        OF_SOMETHING_ELSE("no backup", text -> "{\"format\":\"another\"}"),
        NO_JSON("no backup", text -> "hello"),
        NOTHING("no backup", text -> "");

        private final String sentence;
        private final UnaryOperator<String> change;

        Wrong(String sentence, UnaryOperator<String> change) {
            this.sentence = sentence;
            this.change = change;
        }
    }

    @ParameterizedTest
    @EnumSource(Wrong.class)
    void a_file_that_is_not_whole_is_refused_with_a_sentence_and_nothing_is_changed(Wrong wrong) {
        String backup = demo.text("/api/backup");
        for (String way : List.of("replace", "merge")) {
            TestServer.Answer answer = restore(demo, wrong.change.apply(backup), way, false);
            assertThat(answer.status()).isEqualTo(400);
            assertThat(answer.body().get("reason").asString())
                    .contains(wrong.sentence)
                    .endsWith("Nothing was changed.");
        }
        assertThat(demo.text("/api/backup")).isEqualTo(backup);
    }

    @Test
    void a_file_whose_rows_do_not_fit_together_is_refused_though_its_check_is_right() {
        String backup = demo.text("/api/backup");
        String orphan = checked(backup.replaceFirst("\"batchId\":1,", "\"batchId\":99,"));
        assertThat(restore(demo, orphan, "replace", false).body().get("reason").asString())
                .contains("names number 99 of batches");
        String unknown = checked(backup.replaceFirst("\"loadNumber\":1,", "\"loadNumber\":1,\"colour\":\"red\","));
        assertThat(restore(demo, unknown, "replace", false).body().get("reason").asString())
                .contains("a field that is unknown: colour");
        assertThat(demo.text("/api/backup")).isEqualTo(backup);
    }

    /** Rows that fit together and say what cannot be: every one would fail a page later. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    "kind":"shelved","jars":4    | "kind":"evaporated","jars":4 | movements
                    "kind":"shelved","jars":4    | "kind":"shelved","jars":-4   | movements
                    "altitudeUm":960120000,"uni  | "altitudeUm":-960120000000000,"uni | kitchen
                    "gaugeKind":"dial","gaugeErr | "gaugeKind":"brass","gaugeErr | kitchen
                    "body":"{\\"canner\\":null  | "body":"{\\"canner\\":[[7     | plans
                    "kind":"lid-locked"          | "kind":"lid-lifted"          | runs
                    "ruling":"{\\"version\\":1  | "ruling":"{\\"version\\":[1  | batches
                    {"id":2,"archived":false}    | {"id":1,"archived":false}    | recipes has the same row twice
                    """)
    void a_row_that_cannot_be_what_it_says_is_refused_by_its_place(String right, String wrong, String place) {
        String backup = demo.text("/api/backup");
        assertThat(backup).contains(right);
        String broken = checked(backup.replaceFirst(Pattern.quote(right), Matcher.quoteReplacement(wrong)));
        TestServer.Answer answer = restore(demo, broken, "replace", false);
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(400);
        assertThat(answer.body().get("reason").asString()).contains(place).endsWith("Nothing was changed.");
        assertThat(demo.text("/api/backup")).isEqualTo(backup);
    }

    @Test
    void a_lot_more_left_of_than_stood_there_is_taken_in_and_told() {
        String backup = demo.text("/api/backup");
        String broken = checked(backup.replaceFirst("\"kind\":\"eaten\",\"jars\":1", "\"kind\":\"eaten\",\"jars\":9"));
        JsonNode answer = restore(empty, broken, "replace", false).body();
        assertThat(answer.get("faults").get(0).asString())
                .startsWith("lot 26-")
                .contains("Count that place under Shelf");
        assertThat(empty.get("/api/shelf").status()).isEqualTo(200);
    }

    @Test
    void a_kitchen_that_a_killed_restore_left_in_a_file_goes_with_the_next() throws Exception {
        Path left = Files.createTempFile("mobrel-whole-kitchen-", ".json");
        Path busy = Files.createTempFile("mobrel-whole-kitchen-", ".json");
        // What cannot be swept away, as the file of another user, refuses no backup.
        Path others = Files.createTempDirectory("mobrel-whole-kitchen-");
        Path inside = Files.createFile(others.resolve("kitchen.json"));
        Files.setLastModifiedTime(others, FileTime.from(Instant.now().minus(Duration.ofHours(2))));
        Files.setLastModifiedTime(left, FileTime.from(Instant.now().minus(Duration.ofHours(2))));
        assertThat(restore(demo, demo.text("/api/backup"), "replace", true).status())
                .isEqualTo(200);
        assertThat(left).doesNotExist();
        for (Path kept : List.of(busy, inside, others)) {
            assertThat(kept).exists();
            Files.delete(kept);
        }
    }

    /** The same with a check of its own, as somebody would write who knows how. */
    private static String checked(String text) {
        String body = text.substring(0, text.lastIndexOf("\"check\""));
        String check = HexFormat.of().formatHex(BackupWriter.sha256().digest(body.getBytes(StandardCharsets.UTF_8)));
        return body + "\"check\":\"" + check + "\"}\n";
    }

    /** Kept for ever: the demo kitchen as version 1 wrote it, which anybody may take in. */
    @Test
    void an_old_backup_stays_readable() throws Exception {
        String old = Files.readString(Path.of("../docs/formats/demo-kitchen.json"));
        JsonNode restored = restore(empty, old, "replace", true).body();
        assertThat(restored.get("coming").get("lots").asInt()).isEqualTo(9);
        assertThat(restored.get("coming").get("runEvents").asInt()).isEqualTo(old.split("\"happenedAt\"").length - 1);
    }

    /** A column that is forgotten would be lost without a word. Numbers of changes are of this database; pictures go beside the file. */
    @Test
    void every_column_of_every_table_is_in_it() {
        List<String> inTheDatabase = demoKitchen
                .getBean(JdbcClient.class)
                .sql(
                        """
                        SELECT CONCAT(table_name, '.', column_name) FROM information_schema.columns
                        WHERE table_schema = DATABASE() AND table_name NOT IN ('flyway_schema_history', 'shared_counter', 'shared_field', 'clock_look', 'batch_row', 'server_news', 'household_person', 'paired_device', 'pairing_code', 'kitchen_edition', 'photo_file')
                        """)
                .query(String.class)
                .list();
        List<String> inTheFile = Section.ALL.stream()
                .flatMap(section -> section.columns().stream().map(column -> section.table() + "." + column.name()))
                .toList();
        assertThat(inTheFile).containsExactlyInAnyOrderElementsOf(inTheDatabase);
    }

    /** A witness of its own: the schema that is published says what a backup really holds, field by field. */
    @Test
    void the_published_schema_describes_every_section_and_field() throws Exception {
        JsonNode schema =
                new ObjectMapper().readTree(Files.readString(Path.of("../docs/formats/kitchen-backup.schema.json")));
        JsonNode backup = new ObjectMapper().readTree(demo.text("/api/backup"));
        Map<String, String> wrong = new TreeMap<>();
        backup.propertyNames().forEach(section -> {
            JsonNode rows = backup.get(section);
            if (rows.isArray()) {
                JsonNode row = schema.get("properties").get(section).get("items");
                rows.forEach(each -> each.propertyNames().forEach(field -> {
                    JsonNode said = row.get("properties").get(field);
                    if (said == null || !fits(said, each.get(field))) {
                        wrong.put(section + "." + field, String.valueOf(each.get(field)));
                    }
                }));
                row.get("required")
                        .forEach(field -> rows.forEach(each -> {
                            if (!each.has(field.asString())) {
                                wrong.put(section + "." + field.asString(), "missing");
                            }
                        }));
            }
        });
        assertThat(wrong).isEmpty();
        assertThat(schema.get("properties").propertyNames())
                .containsExactlyInAnyOrderElementsOf(backup.propertyNames());
    }

    private static boolean fits(JsonNode said, JsonNode value) {
        return switch (said.get("type").asString()) {
            case "integer" -> value.isIntegralNumber();
            case "boolean" -> value.isBoolean();
            default ->
                value.isString()
                        && (!said.has("pattern")
                                || Pattern.matches(said.get("pattern").asString(), value.asString()));
        };
    }
}
