package org.mobrel.server;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.io.UncheckedIOException;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;

/**
 * A data folder of MariaDB whose tables are made already, to be copied for each database that a test asks for. Made once for all processes
 * that test, by whichever comes first.
 */
final class PreparedDatabase {

    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");
    private static final Path PREPARED = Path.of("target/prepared");

    private PreparedDatabase() {}

    /** Puts a copy at a folder and starts it; answers its port. */
    static String startAt(Path folder) {
        try {
            mariadb("copy", ready().toString(), folder.toString());
            return mariadb("start", folder.toString());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static synchronized Path ready() throws IOException {
        Files.createDirectories(PREPARED);
        Path folder = PREPARED.resolve(Integer.toHexString(contentOfMigrations()));
        Path done = folder.resolve("done");
        try (RandomAccessFile file =
                        new RandomAccessFile(PREPARED.resolve("lock").toFile(), "rw");
                FileLock held = file.getChannel().lock()) {
            if (held.isValid() && !Files.exists(done)) {
                String port = mariadb("start", folder.toString());
                Flyway.configure()
                        .dataSource("jdbc:mariadb://127.0.0.1:" + port + "/mobrel", "mobrel", "mobrel")
                        .locations("classpath:db/migration")
                        .load()
                        .migrate();
                mariadb("stop", folder.toString());
                Files.createFile(done);
            }
        }
        return folder;
    }

    /** Another set of migrations is another folder. */
    private static int contentOfMigrations() throws IOException {
        int content = 1;
        try (Stream<Path> files = Files.list(MIGRATIONS)) {
            for (Path file : (Iterable<Path>) files.sorted()::iterator) {
                content = 31 * content + Arrays.hashCode(Files.readAllBytes(file));
            }
        }
        return content;
    }

    static String mariadb(String... command) {
        try {
            List<String> line = new ArrayList<>(List.of("bash", "../tools/mariadb"));
            line.addAll(List.of(command));
            ProcessBuilder builder = new ProcessBuilder(line).redirectError(ProcessBuilder.Redirect.INHERIT);
            builder.environment().put("MOBREL_MARIADB_PASSWORD", "mobrel");
            Process process = builder.start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new IllegalStateException("tools/mariadb " + String.join(" ", command) + " failed");
            }
            return said.strip();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }
}
