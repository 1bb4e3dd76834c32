package org.mobrel.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.server.TestServer;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Demo kitchens as the programs of earlier schemas left them: brought up to date, nothing is lost and nothing is left over. */
@ExtendWith(TestServer.class)
class SchemaHistoryTest {

    private static final Path DUMPS = Path.of("src/test/resources/databases");

    /** The first of them is the oldest there is; the newest is the one before this. */
    static List<String> dumps() throws IOException {
        try (Stream<Path> files = Files.list(DUMPS)) {
            return files.map(file -> String.valueOf(file.getFileName()))
                    .filter(name -> name.matches("V\\d+\\.sql\\.gz"))
                    .sorted((a, b) -> version(a) - version(b))
                    .toList();
        }
    }

    private static int version(String name) {
        return Integer.parseInt(name.replaceAll("\\D", ""));
    }

    @Test
    void there_is_one_of_every_schema_that_was_ever_released() throws IOException {
        assertThat(dumps().stream().map(SchemaHistoryTest::version))
                .containsExactly(5, 7, 8, 9, 10, 11, 12, 15, 16, 17, 18, 19, 20, 21, 22, 23, 25);
    }

    @ParameterizedTest
    @MethodSource("dumps")
    void it_is_brought_up_to_date(String dump, @TempDir Path folder, TestServer server) throws Exception {
        Set<String> wanted = structure(server);
        server.bean(ScratchSchema.class).tryOut(scratch -> {
            Connection connection = scratch.getConnection();
            SchemaCopy.read(DUMPS.resolve(dump), connection);
            Map<String, List<Map<String, String>>> before = contents(connection);
            assertThat(before.get("run_event")).as("somebody cooked in it").hasSizeGreaterThan(100);
            Flyway.configure().dataSource(scratch).load().migrate();

            assertThat(structure(connection)).isEqualTo(wanted);
            Map<String, List<Map<String, String>>> after = contents(connection);
            before.forEach((table, rows) -> {
                if (after.containsKey(table) && !table.equals("flyway_schema_history")) {
                    Set<String> kept = columns(rows, after.get(table));
                    assertThat(only(after.get(table), kept))
                            .as("%s of %s", table, dump)
                            .containsAll(only(rows, kept));
                }
            });
            backupIsWhole(server, new JdbcTemplate(scratch), folder.resolve("kitchen.json"));
        });
    }

    private static void backupIsWhole(TestServer server, JdbcTemplate there, Path file) throws IOException {
        JsonMapper json = server.bean(JsonMapper.class);
        try (OutputStream out = Files.newOutputStream(file)) {
            new BackupService(new BackupRepository(there), news -> {}, json, List.of()).write(out);
        }
        assertThat(new BackupFile(json, file).verify().get("runs")).isPositive();
    }

    /** Columns that were there before and still are. */
    private static Set<String> columns(List<Map<String, String>> before, List<Map<String, String>> after) {
        Set<String> columns = new TreeSet<>();
        before.forEach(row -> columns.addAll(row.keySet()));
        if (!after.isEmpty()) {
            columns.retainAll(after.get(0).keySet());
        }
        return columns;
    }

    private static Collection<String> only(List<Map<String, String>> rows, Set<String> columns) {
        List<String> projected = new ArrayList<>();
        rows.forEach(row -> {
            Map<String, String> some = new TreeMap<>(row);
            some.keySet().retainAll(columns);
            projected.add(some.toString());
        });
        return projected;
    }

    private static Map<String, List<Map<String, String>>> contents(Connection connection) throws SQLException {
        Map<String, List<Map<String, String>>> contents = new TreeMap<>();
        for (String table : SchemaCopy.tables(connection).keySet()) {
            List<Map<String, String>> rows = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet result = statement.executeQuery("SELECT * FROM `" + table + "`")) {
                while (result.next()) {
                    Map<String, String> row = new TreeMap<>();
                    for (int column = 1; column <= result.getMetaData().getColumnCount(); column++) {
                        row.put(result.getMetaData().getColumnName(column), String.valueOf(result.getString(column)));
                    }
                    rows.add(row);
                }
            }
            contents.put(table, rows);
        }
        return contents;
    }

    private static Set<String> structure(TestServer server) {
        return server.bean(JdbcTemplate.class).execute((Connection connection) -> structure(connection));
    }

    /** Every column and every key, as the database itself describes them. */
    private static Set<String> structure(Connection connection) throws SQLException {
        Set<String> structure = new TreeSet<>();
        for (String query : List.of(
                "SELECT table_name, column_name, column_type, is_nullable, column_default FROM information_schema.columns"
                        + " WHERE table_schema = DATABASE()",
                "SELECT table_name, index_name, seq_in_index, column_name, non_unique FROM information_schema.statistics"
                        + " WHERE table_schema = DATABASE()",
                "SELECT table_name, constraint_name, referenced_table_name, column_name, referenced_column_name"
                        + " FROM information_schema.key_column_usage"
                        + " WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL")) {
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery(query)) {
                while (rows.next()) {
                    structure.add("%s %s %s %s %s"
                            .formatted(
                                    rows.getString(1),
                                    rows.getString(2),
                                    rows.getString(3),
                                    rows.getString(4),
                                    rows.getString(5)));
                }
            }
        }
        return structure;
    }
}
