package org.mobrel.journeys;

import com.google.gson.JsonParser;
import java.io.IOException;
import java.io.UncheckedIOException;
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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The program as it is shipped, with a database and a test clock of its own in a temporary folder. */
public final class RunningMobrel implements AutoCloseable {

    private static final Path ROOT = root();
    private static final Duration START_WITHIN = Duration.ofSeconds(180);

    private static final Duration ANSWER_WITHIN = Duration.ofSeconds(150);
    /** The setting by which it has no database of its own. */
    private static final String ELSEWHERE = "MOBREL_DB_URL";

    private static final Map<String, String> DEMO = Map.of("MOBREL_DEMO", "true");
    private static final Map<Map<String, String>, RunningMobrel> SHARED = new HashMap<>();

    /** When a shared program was first handed out, and its kitchen as it was then. */
    private record Begun(Instant at, String backup) {}

    private @Nullable Begun begun;

    private final HttpClient http = HttpClient.newHttpClient();
    private final Path folder;
    private final Path clock;
    private final String database;
    private final Map<String, String> more;
    /** The one the first start was given; later ones take the same. */
    private int port;

    private Process server;

    /** @param more settings that differ from those of a kitchen of one's own */
    private RunningMobrel(Path folder, Map<String, String> more) throws IOException, InterruptedException {
        this.more = more;
        this.folder = folder;
        clock = Files.writeString(folder.resolve("clock"), "0");
        if (more.containsKey(ELSEWHERE)) {
            database = "";
            server = startServer();
            return;
        }
        Program.ready().copyDatabase(folder.resolve("db"));
        database = mariadb("start");
        server = startServer();
    }

    /** An empty kitchen, on a program that other journeys of this process use too. */
    static RunningMobrel empty() {
        return shared(Map.of());
    }

    /** The demo kitchen as it was just loaded, on a program that other journeys of this process use too. */
    static RunningMobrel demoKitchen() {
        return shared(DEMO);
    }

    /** A demo kitchen on a database that others use too. */
    public static RunningMobrel oneOfSeveral(String database) {
        return start(Map.of("MOBREL_DEMO", "true", ELSEWHERE, database, "MOBREL_SOLE_SERVER", "false"));
    }

    /** An empty kitchen's database that does not run. */
    public static void copyDatabase(Path to) {
        try {
            Program.ready().copyDatabase(to);
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException("the database could not be prepared", failed);
        }
    }

    /** The demo kitchen in a folder that somebody chose, such as one on a small disk. */
    public static RunningMobrel demoKitchenAt(Path folder) {
        try {
            return new RunningMobrel(folder, DEMO);
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException("the program did not start", failed);
        }
    }

    /** The demo kitchen on a program of its own, which may be killed. */
    public static RunningMobrel ownDemoKitchen() {
        return start(DEMO);
    }

    /** The demo kitchen with the home network let in. */
    static RunningMobrel demoKitchenAtHome() {
        return demoKitchenAtHome(Map.of());
    }

    /** @param more settings beside those of the home network */
    static RunningMobrel demoKitchenAtHome(Map<String, String> more) {
        try {
            Map<String, String> settings = new HashMap<>(more);
            settings.put("MOBREL_DEMO", "true");
            settings.put("MOBREL_HOME_OPEN", "true");
            settings.put(
                    "MOBREL_HOME_KEYS",
                    Files.createTempDirectory("mobrel-journey-keys").toString());
            return start(settings);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** What devices of the home network install, so that they believe this kitchen. */
    Path homeCertificate() {
        try (Stream<Path> keys = Files.list(Path.of(Objects.requireNonNull(more.get("MOBREL_HOME_KEYS"))))) {
            return keys.filter(file -> file.endsWith("authority.crt"))
                    .findFirst()
                    .orElseThrow();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Where a page is for devices of the home network; by the address of this machine for itself, which has no other for sure. */
    String homeUrl(String path) {
        String place = JsonParser.parseString(get("/api/access/home").body())
                .getAsJsonObject()
                .getAsJsonArray("places")
                .get(0)
                .getAsString();
        return "https://127.0.0.1" + place.substring(place.lastIndexOf(':')) + path;
    }

    /** An empty kitchen that lends the simulated canner. */
    static RunningMobrel withSimulatedCanner() {
        return start(Map.of("MOBREL_SIMULATION", "true"));
    }

    /** A program that is up already takes the kitchen it began with back in, and its clock stands where it stood then. */
    private static synchronized RunningMobrel shared(Map<String, String> more) {
        RunningMobrel known = SHARED.get(more);
        if (known == null) {
            RunningMobrel made = start(more);
            made.begun = new Begun(made.now(), made.get("/api/backup").body());
            SHARED.put(more, made);
            Runtime.getRuntime().addShutdownHook(new Thread(made::end));
            return made;
        }
        known.beginAgain();
        return known;
    }

    private void beginAgain() {
        Begun first = Objects.requireNonNull(begun);
        setClock(Duration.between(Instant.now(), first.at()).toMillis());
        HttpResponse<String> done = restore(first.backup());
        if (done.statusCode() != 200) {
            throw new IllegalStateException("the kitchen did not come back: " + done.body());
        }
    }

    /** Takes a backup in, in place of what is there. */
    public HttpResponse<String> restore(String backup) {
        return restore(backup, "replace");
    }

    /** @param way replace or merge */
    public HttpResponse<String> restore(String backup, String way) {
        return send("POST", "/api/backup?way=%s&dryRun=false".formatted(way), "application/octet-stream", backup);
    }

    /** The time that processors have spent on the server. */
    public Duration cpu() {
        return server.info().totalCpuDuration().orElse(Duration.ZERO);
    }

    /** The bytes of the server's process in memory. */
    public long memory() {
        try (Stream<String> lines = Files.lines(Path.of("/proc/%s/status".formatted(server.pid())))) {
            return lines.filter(line -> line.startsWith("VmRSS:"))
                            .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                            .sum()
                    * 1_024;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Keeps what the server wrote down, which else goes with the kitchen. */
    public Path keepLog(Path where) {
        try {
            return Files.copy(folder.resolve("server.log"), where, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The bytes of what the server still needs, after it has thrown away the rest. */
    public long liveHeap() {
        try {
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "jcmd")
                                    .toString(),
                            Long.toString(server.pid()),
                            "GC.class_histogram")
                    .start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            String[] total = said.strip()
                    .substring(said.strip().lastIndexOf('\n') + 1)
                    .strip()
                    .split(" +");
            return Long.parseLong(total[2]);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static RunningMobrel start(Map<String, String> more) {
        try {
            return new RunningMobrel(Files.createTempDirectory("mobrel-journey"), more);
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException("the program did not start", failed);
        }
    }

    public String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    /** Moves the server's clock on. */
    void advance(Duration time) {
        try {
            setClock(Long.parseLong(Files.readString(clock).strip()) + time.toMillis());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void setClock(long lead) {
        try {
            // Written beside and moved into place: the server never reads half a number.
            Path next = Files.writeString(folder.resolve("clock.next"), Long.toString(lead));
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
    public void killServer() {
        server.destroyForcibly();
        try {
            server.waitFor();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    public void startServerAgain() {
        try {
            server = startServer();
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException("the server did not start again", failed);
        }
    }

    public void killDatabase() {
        mariadb("kill");
    }

    public void startDatabaseAgain() {
        mariadb("start", database);
    }

    private Process startServer() throws IOException, InterruptedException {
        Path log = folder.resolve("server.log");
        int said = Files.exists(log) ? Files.readString(log).length() : 0;
        ProcessBuilder builder = Program.ready().builder();
        settings(builder.environment());
        Process process = builder.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
        Instant limit = Instant.now().plus(START_WITHIN);
        while (!isUp(log, said)) {
            if (!process.isAlive() || Instant.now().isAfter(limit)) {
                throw new IllegalStateException("the server did not come up:\n" + Files.readString(log));
            }
            Thread.sleep(50);
        }
        return process;
    }

    private void settings(Map<String, String> settings) {
        settings.put("MOBREL_PORT", Integer.toString(port));
        settings.put("MOBREL_DB_URL", "jdbc:mariadb://127.0.0.1:" + database + "/mobrel");
        settings.put("MOBREL_TEST_CLOCK_FILE", clock.toString());
        settings.put("MOBREL_ZONE", ZoneId.systemDefault().getId());
        settings.put("MOBREL_HOME_KEYS", folder.resolve("home-network").toString());
        settings.put("MOBREL_HOME_PORT", "0");
        settings.put("MOBREL_HELLO_PORT", "0");
        settings.putAll(more);
    }

    private boolean isUp(Path log, int said) throws IOException {
        OptionalInt listens = Program.portIn(log, said);
        if (listens.isEmpty()) {
            return false;
        }
        port = listens.getAsInt();
        try {
            return get("/actuator/health").statusCode() == 200;
        } catch (UncheckedIOException notYet) {
            return false;
        }
    }

    public HttpResponse<String> get(String path) {
        return answerTo(HttpRequest.newBuilder(URI.create(url(path))));
    }

    public HttpResponse<String> post(String path, String json) {
        return send("POST", path, "application/json", json);
    }

    public HttpResponse<String> put(String path, String json) {
        return send("PUT", path, "application/json", json);
    }

    /** Changes settings of the kitchen as a page does that has just looked at it. */
    HttpResponse<String> changeKitchen(String settings) {
        long version = JsonParser.parseString(get("/api/kitchen").body())
                .getAsJsonObject()
                .get("version")
                .getAsLong();
        return send("PATCH", "/api/kitchen", "application/json", "{\"basedOn\": %s, %s}".formatted(version, settings));
    }

    private HttpResponse<String> send(String method, String path, String type, String body) {
        return answerTo(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", type)
                .method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    private HttpResponse<String> answerTo(HttpRequest.Builder request) {
        HttpRequest asked = request.timeout(ANSWER_WITHIN).build();
        try {
            return http.send(asked, HttpResponse.BodyHandlers.ofString());
        } catch (IOException closed) {
            // A connection that was kept open may be closed by the server just as it is used again.
            if (!String.valueOf(closed.getMessage()).contains("no bytes")) {
                throw new UncheckedIOException(closed);
            }
            return answerOnce(asked);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private HttpResponse<String> answerOnce(HttpRequest asked) {
        try {
            return http.send(asked, HttpResponse.BodyHandlers.ofString());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private String mariadb(String command, String... more) {
        return mariadb(command, folder.resolve("db"), more);
    }

    static String mariadb(String command, Path database, String... more) {
        try {
            List<String> line = new ArrayList<>(
                    List.of("bash", ROOT.resolve("tools/mariadb").toString(), command, database.toString()));
            line.addAll(List.of(more));
            ProcessBuilder builder = new ProcessBuilder(line).redirectError(ProcessBuilder.Redirect.INHERIT);
            builder.environment().put("MOBREL_MARIADB_PASSWORD", "mobrel");
            Process process = builder.start();
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
        if (begun == null) {
            end();
        }
    }

    private void end() {
        killServer();
        if (!more.containsKey(ELSEWHERE)) {
            mariadb("kill");
        }
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
