package org.mobrel.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The command that a cook types, and what becomes of database and application when one of the three is killed: word by word. */
class SupervisionJourney {

    private static final Duration PATIENCE = Duration.ofMinutes(4);

    private final Path home;
    private final HttpClient http = HttpClient.newHttpClient();
    private final List<Process> started = new ArrayList<>();
    private int port;

    SupervisionJourney(@TempDir Path home) {
        this.home = home;
    }

    private Process mobrel(Path words, String command, String... more) throws IOException {
        ProcessBuilder builder =
                new ProcessBuilder("bash", RunningMobrel.inProject("mobrel").toString(), command);
        builder.environment().put("MOBREL_HOME", home.toString());
        builder.environment().put("MOBREL_BUILT", "yes");
        // It is started four times and runs for seconds: the better compiler would take more time than it saves.
        builder.environment().put("JDK_JAVA_OPTIONS", "-XX:TieredStopAtLevel=1");
        builder.environment().put("MOBREL_PORT", Integer.toString(port));
        for (int each = 0; each < more.length; each += 2) {
            builder.environment().put(more[each], more[each + 1]);
        }
        builder.environment().remove("MOBREL_MARIADB_PASSWORD");
        Process process =
                builder.redirectErrorStream(true).redirectOutput(words.toFile()).start();
        started.add(process);
        return process;
    }

    /** What a command says until it ends. */
    private String said(String command, String... more) throws IOException, InterruptedException {
        Path words = Files.createTempFile(home, "words", ".txt");
        mobrel(words, command, more).waitFor();
        return Files.readString(words).strip();
    }

    @AfterEach
    void end() throws IOException, InterruptedException {
        said("stop");
        started.forEach(Process::destroyForcibly);
    }

    private int status(String path) {
        try {
            return http.send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                    .timeout(Duration.ofSeconds(20))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .statusCode();
        } catch (IOException gone) {
            return 0;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private void make(String title) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/recipes"))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "{\"title\": \"%s\", \"lines\": [\"4 qt pork stock\"]}".formatted(title)))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
    }

    private long recipes() throws IOException, InterruptedException {
        String body = http.send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/recipes"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
        return body.split("\"title\"", -1).length - 1;
    }

    private static void until(String what, Callable<Boolean> so) throws Exception {
        long limit = System.nanoTime() + PATIENCE.toNanos();
        while (!so.call()) {
            assertThat(System.nanoTime()).as(what).isLessThan(limit);
            Thread.sleep(100);
        }
    }

    private static void kill(Path pid) throws IOException {
        long id = Long.parseLong(Files.readString(pid).strip());
        ProcessHandle.of(id).ifPresent(ProcessHandle::destroyForcibly);
    }

    @Test
    void whoever_is_killed_comes_back_or_is_cleared_away() throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Path kitchen = home.resolve("kitchen");
        Path words = home.resolve("words");
        Process script = mobrel(words, "start");
        until("it is open", () -> Files.readString(words).contains("your kitchen is open at"));
        assertThat(Files.readString(words)).doesNotContain("but:");
        onlyItsOwnerReads(kitchen);
        make("Before");

        // A second one.
        assertThat(said("start"))
                .isEqualTo("mobrel: already running (kitchen) at http://127.0.0.1:%s; stop it with: ./mobrel stop"
                        .formatted(port));

        // The database, killed: it is started again, and nothing is lost.
        kill(kitchen.resolve("db/pid"));
        until(
                "the database is back",
                () -> Files.readString(words).contains("mobrel: the database ended; starting it again")
                        && status("/api/recipes") == 200);
        assertThat(recipes()).isEqualTo(1);
        make("Between");

        // The application, killed.
        kill(kitchen.resolve("server.pid"));
        until(
                "the application is back",
                () -> Files.readString(words).contains("mobrel: the application ended; starting it again")
                        && status("/api/recipes") == 200);
        assertThat(recipes()).isEqualTo(2);

        // The command itself, killed: the other two are left behind, found, and ended.
        script.destroyForcibly().waitFor();
        assertThat(status("/api/recipes")).isEqualTo(200);
        assertThat(said("stop"))
                .isEqualTo("mobrel: an earlier run was killed; ending what it left of the kitchen\nmobrel: stopped");
        assertThat(status("/api/recipes")).isZero();
        assertThat(said("stop")).isEqualTo("mobrel: nothing is running");
    }

    private static void onlyItsOwnerReads(Path kitchen) throws IOException {
        for (String each : List.of("", "db", "db/password", "db/mariadbd.log", "server.log", "server.out")) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(kitchen.resolve(each))))
                    .as(each)
                    .endsWith("------");
        }
        assertThat(Files.readString(kitchen.resolve("db/password"), StandardCharsets.UTF_8))
                .hasSize(48);
        assertThat(Files.readString(kitchen.resolve("db/port")))
                .as("no port at all")
                .endsWith("/socket");
    }

    @Test
    void a_port_that_is_taken_is_named_and_nothing_is_left_running() throws Exception {
        try (ServerSocket taken = new ServerSocket(0)) {
            port = taken.getLocalPort();
            assertThat(said("start"))
                    .isEqualTo("mobrel: port %s is in use by something else; choose another with MOBREL_PORT"
                            .formatted(port));
            int wanted = port;
            port = 1;
            assertThat(said("start", "MOBREL_DB_PORT", Integer.toString(wanted)))
                    .contains("Can't start server")
                    .contains("did not start; its last errors stand above")
                    .endsWith("mobrel: the database did not start; nothing was changed");
        }
        assertThat(said("stop")).isEqualTo("mobrel: nothing is running");
    }
}
