package org.mobrel.server.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.InstantSource;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.mobrel.server.platform.BeforeMigration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Before a new version changes the tables, they are copied as they are, and the copy is read back. Without one nothing is changed. */
@Component
@Order(0)
class CopyBeforeMigration implements BeforeMigration {

    private static final Logger LOG = LoggerFactory.getLogger(CopyBeforeMigration.class);

    private static final int KEPT = 12;

    /** There as long as the tables are being changed; it names the copy they are put back from. */
    private static final String CHANGING = "changing-tables";

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private final ScratchSchema schema;
    private final InstantSource clock;
    private final ZoneId zone;
    private final Optional<Path> folder;

    CopyBeforeMigration(
            ScratchSchema schema, InstantSource clock, ZoneId zone, @Value("${mobrel.backups:}") String folder) {
        this.schema = schema;
        this.clock = clock;
        this.zone = zone;
        this.folder = folder.isBlank() ? Optional.empty() : Optional.of(Path.of(folder.strip()));
    }

    /** @throws IllegalStateException if the tables are to be changed and no copy could be made; they stay as they are */
    @Override
    public void beforeMigration(Flyway flyway) {
        if (folder.isEmpty()) {
            return;
        }
        putBackIfCutShort(flyway.getConfiguration().getDataSource(), folder.get());
        MigrationInfo current = flyway.info().current();
        MigrationInfo[] pending = flyway.info().pending();
        if (current == null || pending.length == 0) {
            return;
        }
        String name = "tables-of-V%s-%s.sql.gz"
                .formatted(current.getVersion(), TIME.format(LocalDateTime.ofInstant(clock.instant(), zone)));
        try {
            Path file = folder.get().resolve(name);
            make(flyway.getConfiguration().getDataSource(), folder.get(), file);
            putAway(folder.get());
            Files.writeString(folder.get().resolve(CHANGING), name);
            LOG.info("The tables are changed from V{} on; they were copied into {}", current.getVersion(), file);
        } catch (Exception failed) {
            throw new IllegalStateException(
                    "the tables were to be changed and could not be copied before; nothing was changed: "
                            + failed.getMessage(),
                    failed);
        }
    }

    @Override
    public void afterMigration() {
        folder.ifPresent(each -> {
            try {
                Files.deleteIfExists(each.resolve(CHANGING));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    /** A change that was killed in its middle leaves tables that no version knows: they are put back as they were before it. */
    private static void putBackIfCutShort(DataSource database, Path folder) {
        Path changing = folder.resolve(CHANGING);
        if (!Files.exists(changing)) {
            return;
        }
        try (Connection connection = database.getConnection()) {
            Path copy = folder.resolve(Files.readString(changing).strip());
            LOG.warn("The last change of the tables did not come to its end; they are put back from {}", copy);
            SchemaCopy.putBack(copy, connection);
            Files.delete(changing);
        } catch (IOException | SQLException e) {
            throw new IllegalStateException(
                    "the last change of the tables did not come to its end, and their copy could not be put back: "
                            + e.getMessage(),
                    e);
        }
    }

    private void make(DataSource database, Path into, Path file) throws Exception {
        Files.createDirectories(into);
        Path half = Files.createTempFile(into, "half-", ".sql.gz");
        try {
            Map<String, Long> there;
            try (Connection connection = database.getConnection()) {
                SchemaCopy.write(connection, half);
                there = SchemaCopy.tables(connection);
            }
            try (FileChannel channel = FileChannel.open(half, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            schema.tryOut(scratch -> holdAgainst(half, there, scratch.getConnection()));
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(half);
        }
    }

    private static void holdAgainst(Path file, Map<String, Long> there, Connection scratch)
            throws IOException, SQLException {
        SchemaCopy.read(file, scratch);
        Map<String, Long> copied = SchemaCopy.tables(scratch);
        Set<String> different = new TreeSet<>(there.keySet());
        different.addAll(copied.keySet());
        different.removeIf(table -> Objects.equals(there.get(table), copied.get(table)));
        if (!different.isEmpty()) {
            throw new IOException("taken in for trial, it came out differently in " + String.join(", ", different));
        }
    }

    private static void putAway(Path folder) throws IOException {
        List<Path> newestFirst;
        try (Stream<Path> files = Files.list(folder)) {
            newestFirst = files.filter(
                            file -> String.valueOf(file.getFileName()).matches("tables-of-V.*\\.sql\\.gz"))
                    .sorted(Comparator.<Path, String>comparing(
                                    file -> String.valueOf(file.getFileName()).replaceFirst("tables-of-V[^-]*-", ""))
                            .reversed())
                    .toList();
        }
        for (Path old : newestFirst.subList(Math.min(KEPT, newestFirst.size()), newestFirst.size())) {
            Files.delete(old);
        }
    }
}
