package org.mobrel.journeys;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * The packaged program, laid out and with its classes read once beforehand: the journeys start it some thirty times, and each start is
 * several seconds shorter for it.
 */
final class Program {

    private static final int TRAINING_PORT_OFFSET = 1;

    private static @Nullable Program ready;

    private final Path jar;
    private final Path archive;

    private Program(Path folder) {
        jar = folder.resolve("mobrel-app.jar");
        archive = folder.resolve("classes.jsa");
    }

    /** @param settings what the program needs to start, above all a database */
    static synchronized Program ready(Consumer<Map<String, String>> settings) throws IOException, InterruptedException {
        if (ready == null) {
            Path folder = Files.createTempDirectory("mobrel-program");
            Program made = new Program(folder);
            made.layOut(folder);
            made.train(settings);
            ready = made;
        }
        return ready;
    }

    private static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private void layOut(Path folder) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        java(),
                        "-Djarmode=tools",
                        "-jar",
                        RunningMobrel.inProject("server/target/mobrel-app.jar").toString(),
                        "extract",
                        "--force",
                        "--destination",
                        folder.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("layout.log").toFile())
                .start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException(Files.readString(folder.resolve("layout.log")));
        }
    }

    /** Starts it once and lets it end by itself, so that it writes down which classes it needs. */
    private void train(Consumer<Map<String, String>> settings) throws IOException, InterruptedException {
        ProcessBuilder builder = command("-XX:ArchiveClassesAtExit=" + archive);
        settings.accept(builder.environment());
        int port = Integer.parseInt(builder.environment().get("MOBREL_PORT")) + TRAINING_PORT_OFFSET;
        builder.environment().put("MOBREL_PORT", Integer.toString(port));
        builder.environment().put("MOBREL_DEMO", "false");
        Process process = builder.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        Instant limit = Instant.now().plusSeconds(120);
        while (process.isAlive() && !answers(port) && Instant.now().isBefore(limit)) {
            Thread.sleep(100);
        }
        process.destroy();
        process.waitFor();
    }

    private static boolean answers(int port) throws InterruptedException {
        try {
            HttpRequest health = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health"))
                    .build();
            return HttpClient.newHttpClient()
                            .send(health, HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    ProcessBuilder builder() {
        // An archive that could not be written only makes the start slower.
        return Files.exists(archive) ? command("-XX:SharedArchiveFile=" + archive) : command("-Xshare:auto");
    }

    private ProcessBuilder command(String classes) {
        List<String> line = new ArrayList<>(List.of(
                java(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                classes,
                "-Xlog:disable",
                "-jar",
                jar.toString()));
        return new ProcessBuilder(line);
    }
}
