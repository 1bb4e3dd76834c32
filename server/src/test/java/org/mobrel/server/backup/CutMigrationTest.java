package org.mobrel.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.InstantSource;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.server.TestServer;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** A program that is killed in the middle of a migration, in every one of them: the next start goes on as if nothing had been. */
@ExtendWith(TestServer.class)
class CutMigrationTest {

    private static final Path OLDEST = Path.of("src/test/resources/databases/V5.sql.gz");
    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");

    static Stream<Integer> versions() throws IOException {
        try (Stream<Path> files = Files.list(MIGRATIONS)) {
            return files
                    .map(file -> Integer.valueOf(file.getFileName().toString().replaceAll("^V(\\d+)__.*", "$1")))
                    .filter(version -> version > 5)
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    private static List<String> statements(int version) throws IOException {
        try (Stream<Path> files = Files.list(MIGRATIONS)) {
            Path file = files.filter(each -> each.getFileName().toString().startsWith("V" + version + "__"))
                    .findFirst()
                    .orElseThrow();
            String plain = Files.readString(file).replaceAll("(?m)^--.*$", "");
            return Arrays.stream(plain.split(";\\s*\\n"))
                    .map(String::strip)
                    .filter(each -> !each.isEmpty())
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("versions")
    void the_next_start_puts_the_tables_back_and_changes_them_whole(
            int version, @TempDir Path folder, TestServer server) throws Exception {
        try (Connection own = DriverManager.getConnection(server.databaseUrl(), "mobrel", "mobrel")) {
            execute(
                    own,
                    List.of("DROP DATABASE IF EXISTS mobrel_cut", "CREATE DATABASE mobrel_cut CHARACTER SET utf8mb4"));
        }
        String url = server.databaseUrl().replace("/mobrel", "/mobrel_cut");
        try (SingleConnectionDataSource scratch = new SingleConnectionDataSource(url, "mobrel", "mobrel", true)) {
            Connection connection = scratch.getConnection();
            SchemaCopy.read(OLDEST, connection);
            Flyway before = Flyway.configure()
                    .dataSource(scratch)
                    .target(String.valueOf(version - 1))
                    .load();
            before.migrate();
            int runs = count(connection, "run");
            CopyBeforeMigration copies = copies(server, folder);
            copies.beforeMigration(Flyway.configure().dataSource(scratch).load());
            List<String> statements = statements(version);
            // Killed: the first half of it is there, nobody wrote down that it is.
            execute(connection, statements.subList(0, (statements.size() + 1) / 2));

            Flyway again = Flyway.configure().dataSource(scratch).load();
            copies(server, folder).beforeMigration(again);
            assertThat(again.info().current().getVersion().getVersion()).isEqualTo(String.valueOf(version - 1));
            again.migrate();
            copies.afterMigration();
            assertThat(again.info().pending()).isEmpty();
            assertThat(count(connection, "run")).isEqualTo(runs);
            copies(server, folder).beforeMigration(again);
            try (Stream<Path> left = Files.list(folder)) {
                assertThat(left.map(each -> each.getFileName().toString()))
                        .as("one copy for each try, and no mark of a change under way")
                        .allMatch(name -> name.startsWith("tables-of-V"))
                        .hasSizeLessThanOrEqualTo(2);
            }
        }
    }

    private static CopyBeforeMigration copies(TestServer server, Path folder) {
        return new CopyBeforeMigration(
                server.bean(ScratchSchema.class), InstantSource.system(), ZoneOffset.UTC, folder.toString());
    }

    private static int count(Connection connection, String table) throws SQLException {
        try (Statement statement = connection.createStatement();
                var rows = statement.executeQuery("SELECT COUNT(*) FROM `" + table + "`")) {
            rows.next();
            return rows.getInt(1);
        }
    }

    private static void execute(Connection connection, List<String> statements) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }
}
