package org.mobrel.server;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * The real application on a port of its own, against a MariaDB started for the tests in a temporary folder on loopback. One for all
 * test classes of a process; each test makes the things it needs and looks only at those.
 */
public final class TestServer implements BeforeAllCallback, ParameterResolver {

    /** An answer as it came over HTTP. */
    public record Answer(int status, String type, JsonNode body) {}

    private static final ObjectMapper JSON = new ObjectMapper();

    private final HttpClient http = HttpClient.newHttpClient();

    /** @param beside the folders of further databases */
    private record Running(
            int port, Path clock, Path folder, List<Path> beside, ConfigurableApplicationContext context) {
        void close() {
            context.close();
            PreparedDatabase.mariadb("kill", folder.resolve("db").toString());
            beside.forEach(database -> PreparedDatabase.mariadb("kill", database.toString()));
            try (Stream<Path> files = Files.walk(folder)) {
                files.sorted(Comparator.reverseOrder()).map(Path::toFile).forEach(File::delete);
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        }
    }

    private Running running;

    @SuppressWarnings("NullAway.Init") // set before any test of the class runs
    public TestServer() {}

    @Override
    public void beforeAll(ExtensionContext context) {
        running = shared();
    }

    private static @Nullable Running shared;

    /** One for all classes of a process: the tests are handed to it one class at a time, and each start is seconds. */
    private static synchronized Running shared() {
        Running known = shared;
        if (known == null) {
            known = start();
            shared = known;
            Runtime.getRuntime().addShutdownHook(new Thread(known::close));
        }
        return known;
    }

    private static Running start() {
        try {
            Path folder = Files.createTempDirectory("mobrel-test");
            Path clock = Files.writeString(folder.resolve("clock"), "0");
            String port = PreparedDatabase.startAt(folder.resolve("db"));
            ConfigurableApplicationContext context = SpringApplication.run(
                    MobrelServer.class,
                    "--server.port=0",
                    "--spring.datasource.url=jdbc:mariadb://127.0.0.1:" + port + "/mobrel",
                    "--mobrel.test-clock-file=" + clock);
            String web = context.getEnvironment().getRequiredProperty("local.server.port");
            return new Running(Integer.parseInt(web), clock, folder, new ArrayList<>(), context);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Where it is, for requests that are put together by hand. */
    public String address() {
        return "http://127.0.0.1:" + running.port();
    }

    /** How long what is there may be kept, as its head says. */
    public String mayBeKept(String path) {
        try {
            return http.send(request(path).GET().build(), HttpResponse.BodyHandlers.discarding())
                    .headers()
                    .firstValue("Cache-Control")
                    .orElse("");
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** @param body JSON text */
    public Answer post(String path, String body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** As {@link #post}, by somebody who says who it is. */
    public Answer postAs(String authorization, String path, String body) {
        return send(request(path)
                .header("Authorization", authorization)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** As {@link #post}, by a device that says which kitchen it means. */
    public Answer postFor(String kitchen, String path, String body) {
        return send(request(path)
                .header("X-Mobrel-Kitchen", kitchen)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** As {@link #post}, of a file. */
    public Answer postBytes(String path, byte[] body) {
        return send(request(path)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    /** What is answered, as it came. */
    public byte[] bytes(String path) {
        return bytes(path, "en-GB");
    }

    /** @param language what the device's browser asks for, such as 'en-US' */
    public byte[] bytes(String path, String language) {
        try {
            HttpResponse<byte[]> response = http.send(
                    request(path).setHeader("Accept-Language", language).GET().build(),
                    HttpResponse.BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) {
                throw new IllegalStateException(path + " was answered " + response.statusCode());
            }
            return response.body();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    public String text(String path) {
        return new String(bytes(path), StandardCharsets.UTF_8);
    }

    public Answer put(String path, String body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(body)));
    }

    public Answer patch(String path, String body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .method("PATCH", HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Changes the kitchen as a page does that has just looked at it. */
    public Answer changeKitchen(String settings) {
        return patch("/api/kitchen", "{\"basedOn\": %s, %s}".formatted(kitchenVersion(), settings));
    }

    /** As {@link #changeKitchen}, of what is counted in the cupboard: jars, water or lids. */
    public Answer count(String what, String counted) {
        return put("/api/kitchen/cupboard/" + what, "{\"basedOn\": %s, %s}".formatted(kitchenVersion(), counted));
    }

    /** The number of the last change of kitchen and cupboard. */
    public long kitchenVersion() {
        return get("/api/kitchen").body().get("version").asLong();
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    /** A request as another page in the same browser would send it. */
    public Answer getFrom(String origin, String path) {
        return send(request(path).header("Origin", origin).GET());
    }

    public int port() {
        return running.port();
    }

    /** Lets time pass for the server. */
    public void advance(Duration time) {
        move(time, Duration.ZERO);
    }

    /** What its clock shows. */
    public Instant now() {
        return running.context().getBean("clock", InstantSource.class).instant();
    }

    /** Sets the server's clock, as somebody does who did not believe in summer time, while no time passes. */
    public void setClock(Duration step) {
        move(Duration.ZERO, step);
    }

    private void move(Duration time, Duration step) {
        try {
            String[] now = (Files.readString(running.clock()).strip() + " 0").split(" ");
            Files.writeString(
                    running.clock(),
                    (Long.parseLong(now[0]) + time.toMillis()) + " " + (Long.parseLong(now[1]) + step.toMillis()));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** One of its parts, for what happens by itself and behind no door. */
    public <T> T bean(Class<T> type) {
        return running.context().getBean(type);
    }

    /** Tells the server's own parts of something, as one of them does. */
    public void publish(Object event) {
        running.context().publishEvent(event);
    }

    /** Its database, for looking at what no door shows. */
    public JdbcClient database() {
        return bean(JdbcClient.class);
    }

    /** How many questions the database has answered so far. */
    public long databaseQueries() {
        return database()
                .sql("SHOW GLOBAL STATUS LIKE 'Com_select'")
                .query((row, number) -> row.getLong("Value"))
                .single();
    }

    /** Where its clock can be moved, for another program that goes by it. */
    public Path clockFile() {
        return running.clock();
    }

    public void killDatabase() {
        PreparedDatabase.mariadb("kill", running.folder().resolve("db").toString());
    }

    /** Starts it, and looks until the server has found it by itself: on a busy machine that takes more than one look. */
    public void startDatabaseAgain() {
        String db = running.folder().resolve("db").toString();
        try {
            PreparedDatabase.mariadb(
                    "start", db, Files.readString(Path.of(db, "port")).strip());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        for (int look = 0; look < 20 && get("/api/kitchen").status() == 503; look++) {
            Thread.onSpinWait();
        }
    }

    /** The same way of asking, of another application that runs beside this one. */
    public TestServer at(ConfigurableApplicationContext other) {
        TestServer there = new TestServer();
        int port = Integer.parseInt(other.getEnvironment().getRequiredProperty("local.server.port"));
        there.running = new Running(port, running.clock(), running.folder(), running.beside(), other);
        return there;
    }

    /** The address of a new database beside the tests' own, with its tables and nothing in them. */
    public String newDatabase(String name) {
        Path folder = running.folder().resolve("db-" + name);
        running.beside().add(folder);
        return "jdbc:mariadb://127.0.0.1:" + PreparedDatabase.startAt(folder) + "/mobrel";
    }

    /** Where another of {@link #newDatabase} has its files. */
    public Path folderOf(String name) {
        return running.folder().resolve("db-" + name);
    }

    public static void stopDatabase(Path folder) {
        PreparedDatabase.mariadb("stop", folder.toString());
    }

    /** Starts it where it was. */
    public static void startDatabase(Path folder) throws IOException {
        PreparedDatabase.mariadb(
                "start",
                folder.toString(),
                Files.readString(folder.resolve("port")).strip());
    }

    public String databaseUrl() {
        return running.context().getEnvironment().getRequiredProperty("spring.datasource.url");
    }

    /** Does something with the database that the kitchen's own user may not. */
    public void asRoot(String statement) throws IOException, InterruptedException {
        String socket = PreparedDatabase.mariadb(
                "socket", running.folder().resolve("db").toString());
        Process process = new ProcessBuilder(
                        "mariadb", "--no-defaults", "--socket=" + socket, "-u", "root", "-e", statement)
                .inheritIO()
                .start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException(statement);
        }
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + running.port() + path))
                // Not whatever the machine is set to.
                .header("Accept-Language", "en-GB")
                .timeout(Duration.ofSeconds(60));
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String type = response.headers().firstValue("Content-Type").orElse("");
            boolean json = type.contains("json");
            return new Answer(response.statusCode(), type, JSON.readTree(json ? response.body() : "null"));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == TestServer.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return this;
    }
}
