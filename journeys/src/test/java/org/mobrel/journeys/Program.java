package org.mobrel.journeys;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The packaged program, laid out and with its classes read once beforehand, beside a database whose tables are made already: the journeys
 * start both some thirty times, and each start is several seconds shorter for it. Prepared by whichever process comes first; the others
 * wait for it.
 */
final class Program {

    private static final Path PREPARED = RunningMobrel.inProject("journeys/target/prepared");
    private static final Pattern LISTENS = Pattern.compile("Listening on port (\\d+)");
    private static final Duration TRAINING = Duration.ofSeconds(180);

    private final Path folder;

    private Program(Path folder) {
        this.folder = folder;
    }

    static synchronized Program ready() throws IOException, InterruptedException {
        Files.createDirectories(PREPARED);
        Path jar = RunningMobrel.inProject("server/target/mobrel-app.jar");
        // Another program is another folder: what was prepared for the last one is never started by mistake.
        Program program = new Program(PREPARED.resolve("%x-%x"
                .formatted(Files.size(jar), Files.getLastModifiedTime(jar).toMillis())));
        try (RandomAccessFile file =
                        new RandomAccessFile(PREPARED.resolve("lock").toFile(), "rw");
                FileLock held = file.getChannel().lock()) {
            if (held.isValid() && !Files.exists(program.done())) {
                program.layOut(jar);
                program.train();
                Files.createFile(program.done());
            }
        }
        return program;
    }

    private Path done() {
        return folder.resolve("done");
    }

    private Path archive() {
        return folder.resolve("classes.jsa");
    }

    private Path database() {
        return folder.resolve("db");
    }

    private static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private void layOut(Path jar) throws IOException, InterruptedException {
        Files.createDirectories(folder);
        Path log = folder.resolve("layout.log");
        Process process = new ProcessBuilder(
                        java(),
                        "-Djarmode=tools",
                        "-jar",
                        jar.toString(),
                        "extract",
                        "--force",
                        "--destination",
                        folder.toString())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException(Files.readString(log));
        }
    }

    /** Starts it once and lets it end by itself, so that it writes down which classes it needs and leaves its tables behind. */
    private void train() throws IOException, InterruptedException {
        Path log = folder.resolve("training.log");
        String port = RunningMobrel.mariadb("start", database());
        ProcessBuilder builder = command("-XX:ArchiveClassesAtExit=" + archive());
        builder.environment()
                .putAll(Map.of(
                        "MOBREL_PORT", "0",
                        "MOBREL_DEMO", "false",
                        "MOBREL_DB_URL", "jdbc:mariadb://127.0.0.1:" + port + "/mobrel"));
        Process process =
                builder.redirectErrorStream(true).redirectOutput(log.toFile()).start();
        Instant limit = Instant.now().plus(TRAINING);
        while (process.isAlive() && portIn(log, 0).isEmpty() && Instant.now().isBefore(limit)) {
            Thread.sleep(50);
        }
        process.destroy();
        process.waitFor();
        RunningMobrel.mariadb("stop", database());
        if (portIn(log, 0).isEmpty()) {
            throw new IllegalStateException("the program did not start:\n" + Files.readString(log));
        }
    }

    /** The port that a start whose words begin at an offset of the log says it listens on. */
    static OptionalInt portIn(Path log, int offset) throws IOException {
        String said = Files.exists(log) ? Files.readString(log) : "";
        Matcher found = LISTENS.matcher(said.substring(Math.min(offset, said.length())));
        return found.find() ? OptionalInt.of(Integer.parseInt(found.group(1))) : OptionalInt.empty();
    }

    /** Puts a copy of the empty database where a new one is to be. */
    void copyDatabase(Path to) {
        RunningMobrel.mariadb("copy", database(), to.toString());
    }

    ProcessBuilder builder() {
        // An archive that could not be written only makes the start slower.
        return Files.exists(archive()) ? command("-XX:SharedArchiveFile=" + archive()) : command("-Xshare:auto");
    }

    private ProcessBuilder command(String classes) {
        List<String> line = new ArrayList<>(List.of(
                java(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                classes,
                "-Xlog:disable",
                "-jar",
                folder.resolve("mobrel-app.jar").toString()));
        return new ProcessBuilder(line);
    }
}
