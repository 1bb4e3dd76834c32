package org.mobrel.journeys;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The program as it is shipped, with a database and a test clock of its own in a temporary folder. */
final class RunningMobrel implements AutoCloseable {

    private static final Path ROOT = root();
    private static final Duration START_WITHIN = Duration.ofSeconds(180);

    private final HttpClient http = HttpClient.newHttpClient();
    private final Path folder;
    private final Path clock;
    private final int port;
    private final String database;
    private final Map<String, String> more;
    private Process server;

    /** @param more settings that differ from those of a kitchen of one's own */
    private RunningMobrel(Map<String, String> more) throws IOException, InterruptedException {
        this.more = more;
        folder = Files.createTempDirectory("mobrel-journey");
        clock = Files.writeString(folder.resolve("clock"), "0");
        port = freePort();
        database = mariadb("start");
        server = startServer();
    }

    static RunningMobrel empty() {
        return start(Map.of());
    }

    static RunningMobrel withDemoKitchen() {
        return start(Map.of("MOBREL_DEMO", "true"));
    }

    /** An empty kitchen that lends the simulated canner. */
    static RunningMobrel withSimulatedCanner() {
        return start(Map.of("MOBREL_SIMULATION", "true"));
    }

    private static RunningMobrel start(Map<String, String> more) {
        try {
            return new RunningMobrel(more);
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException("the program did not start", failed);
        }
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    /** Moves the server's clock on. */
    void advance(Duration time) {
        try {
            long lead = Long.parseLong(Files.readString(clock).strip());
            // Written beside and moved into place: the server never reads half a number.
            Path next = Files.writeString(folder.resolve("clock.next"), Long.toString(lead + time.toMillis()));
            Files.move(next, clock, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The server's clock, as the server would say it. */
    Instant now() {
        try {
            return Instant.now()
                    .plusMillis(Long.parseLong(Files.readString(clock).strip()));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Kills the server as a power cut would: no goodbye. */
    void killServer() {
        server.destroyForcibly();
        try {
            server.waitFor();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    void startServerAgain() {
        try {
            server = startServer();
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException("the server did not start again", failed);
        }
    }

    void killDatabase() {
        mariadb("kill");
    }

    void startDatabaseAgain() {
        mariadb("start", database);
    }

    private Process startServer() throws IOException, InterruptedException {
        Program program = Program.ready(this::settings);
        ProcessBuilder builder = program.builder();
        settings(builder.environment());
        Process process = builder.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        folder.resolve("server.log").toFile()))
                .start();
        await(process);
        return process;
    }

    private void settings(Map<String, String> settings) {
        settings.put("MOBREL_PORT", Integer.toString(port));
        settings.put("MOBREL_DB_URL", "jdbc:mariadb://127.0.0.1:" + database + "/mobrel");
        settings.put("MOBREL_TEST_CLOCK_FILE", clock.toString());
        settings.put("MOBREL_ZONE", ZoneId.systemDefault().getId());
        settings.putAll(more);
    }

    private void await(Process process) throws IOException, InterruptedException {
        Instant limit = Instant.now().plus(START_WITHIN);
        while (!isUp()) {
            if (!process.isAlive() || Instant.now().isAfter(limit)) {
                throw new IllegalStateException(
                        "the server did not come up:\n" + Files.readString(folder.resolve("server.log")));
            }
            Thread.sleep(50);
        }
    }

    private boolean isUp() throws InterruptedException {
        try {
            return get("/actuator/health").statusCode() == 200;
        } catch (UncheckedIOException notYet) {
            return false;
        }
    }

    HttpResponse<String> get(String path) throws InterruptedException {
        try {
            return http.send(
                    HttpRequest.newBuilder(URI.create(url(path)))
                            .timeout(Duration.ofSeconds(30))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    HttpResponse<String> post(String path, String json) throws InterruptedException {
        return send("POST", path, json);
    }

    HttpResponse<String> put(String path, String json) throws InterruptedException {
        return send("PUT", path, json);
    }

    private HttpResponse<String> send(String method, String path, String json) throws InterruptedException {
        try {
            return http.send(
                    HttpRequest.newBuilder(URI.create(url(path)))
                            .timeout(Duration.ofSeconds(10))
                            .header("Content-Type", "application/json")
                            .method(method, HttpRequest.BodyPublishers.ofString(json))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private String mariadb(String command, String... more) {
        try {
            List<String> line = new ArrayList<>(List.of(
                    "bash",
                    ROOT.resolve("tools/mariadb").toString(),
                    command,
                    folder.resolve("db").toString()));
            line.addAll(List.of(more));
            Process process = new ProcessBuilder(line)
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            if (process.waitFor() != 0) {
                throw new IllegalStateException("tools/mariadb " + command + " failed");
            }
            return said;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static Path root() {
        Path here = Path.of("").toAbsolutePath();
        return Files.exists(here.resolve("tools/mariadb"))
                ? here
                : here.resolve("..").normalize();
    }

    static Path inProject(String path) {
        return ROOT.resolve(path);
    }

    @Override
    public void close() {
        killServer();
        mariadb("kill");
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
