package org.mobrel.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
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
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javax.net.ssl.SSLSocket;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.mobrel.server.platform.Role;
import org.mobrel.server.run.TestKitchen;
import org.springframework.boot.SpringApplication;
import tools.jackson.databind.JsonNode;

/** Who is let in from the home network, and who is not. */
@ExtendWith(TestServer.class)
class HomeNetworkTest {

    private static final String COOKIE = "__Host-mobrel-device";

    private static HomeNetwork home;
    private static TestServer server;

    @SuppressWarnings("NullAway.Init")
    HomeNetworkTest() {}

    @BeforeAll
    static void open(TestServer running, @TempDir Path folder) throws Exception {
        server = running;
        home = new HomeNetwork(running, "home", folder.resolve("keys"));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("keys/authority.key"))))
                .isEqualTo("rw-------");
    }

    @AfterAll
    static void close() {
        home.close();
    }

    /** Every door of the API document, such as "POST /api/recipes/1/notes". */
    private static List<String> doors() {
        JsonNode paths = home.here().get("/v3/api-docs").body().get("paths");
        return paths.propertyStream()
                .flatMap(path -> path.getValue()
                        .propertyStream()
                        .map(method -> method.getKey().toUpperCase(Locale.ROOT) + " "
                                + path.getKey().replaceAll("\\{[^}]*}", "1")))
                .sorted()
                .toList();
    }

    private static HomeNetwork.Answer knock(HomeNetwork.Device device, String door) {
        String[] parts = door.split(" ");
        return device.send(parts[0], parts[1], parts[0].equals("GET") ? "" : "{\"junk\": 1}");
    }

    @Test
    void whoever_is_not_paired_gets_401_at_every_door_but_the_way_in() throws Exception {
        HomeNetwork.Device stranger = home.device("Stranger");
        List<String> doors = doors();
        assertThat(doors).hasSizeGreaterThan(90);
        for (String door : doors) {
            if (door.equals("GET /api/access") || door.equals("POST /api/access/pairing")) {
                continue;
            }
            HomeNetwork.Answer answer = knock(stranger, door);
            assertThat(answer.status()).as(door).isEqualTo(401);
            assertThat(answer.body().get("type").asString()).as(door).isEqualTo("urn:mobrel:problem:not-paired");
            HttpResponse<String> plain = plain(home.hello() + door.split(" ")[1]);
            assertThat(plain.statusCode()).as("unencrypted " + door).isEqualTo(401);
        }
        assertThat(stranger.get("/v3/api-docs").status()).isEqualTo(401);
        assertThat(stranger.get("/actuator/health").status()).isEqualTo(401);
        JsonNode told = stranger.get("/api/access").body();
        assertThat(told.get("state").asString()).isEqualTo("unknown");
        assertThat(told.get("people")).isEmpty();
    }

    @Test
    void only_suites_that_encrypt_and_vouch_in_one_are_spoken() throws Exception {
        int port = URI.create(home.secure()).getPort();
        List<String> spoken = new ArrayList<>();
        for (String suite : home.trusting().getSupportedSSLParameters().getCipherSuites()) {
            try (SSLSocket socket =
                    (SSLSocket) home.trusting().getSocketFactory().createSocket("127.0.0.1", port)) {
                socket.setEnabledCipherSuites(new String[] {suite});
                socket.startHandshake();
                spoken.add(suite);
            } catch (IOException | IllegalArgumentException refused) {
                continue;
            }
        }
        assertThat(spoken)
                .hasSizeGreaterThan(3)
                .allMatch(suite -> suite.contains("_GCM_") || suite.contains("_CHACHA20_"));
    }

    private static HttpResponse<String> plain(String address) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void the_unencrypted_door_has_the_certificate_and_nothing_else() throws Exception {
        HttpResponse<String> page = plain(home.hello() + "/");
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body())
                .contains("Get the certificate", home.secure() + "/pair")
                .doesNotContain("{kitchen}", "{certificate}", "{fingerprint}");
        JsonNode shown = home.here().get("/api/access/home").body();
        assertThat(page.body()).contains(shown.get("fingerprint").asString());
        assertThat(plain(home.hello() + "/mobrel-kitchen.crt").headers().firstValue("Content-Type"))
                .contains("application/x-x509-ca-cert");
        for (String path : List.of("/index.html", "/today", "/api/access", "/pair")) {
            assertThat(plain(home.hello() + path).statusCode()).as(path).isEqualTo(401);
        }
        assertThat(plain(home.secure().replace("https", "http") + "/api/access").statusCode())
                .as("unencrypted at the encrypted door")
                .isEqualTo(400);
    }

    @Test
    void every_door_has_its_least_role() throws Exception {
        Map<String, String> expected = Files.readAllLines(Path.of("src/test/resources/doors.txt")).stream()
                .filter(line -> !line.startsWith("#"))
                .map(line -> line.split(" ", 2))
                .collect(Collectors.toMap(parts -> parts[1], parts -> parts[0], (one, two) -> one, TreeMap::new));
        assertThat(doors())
                .containsExactlyElementsOf(expected.keySet().stream().sorted().toList());
        home.here().post("/api/access/people", person("Ada", "cook", "135790"));
        home.here().post("/api/access/people", person("Ben", "helper", "2468"));
        JsonNode people = home.here()
                .post("/api/access/people", person("Cy", "guest", "1111"))
                .body();
        Map<Role, HomeNetwork.Device> devices = Map.of(
                Role.COOK, signedIn(people, "Ada", "135790"),
                Role.HELPER, signedIn(people, "Ben", "2468"),
                Role.GUEST, signedIn(people, "Cy", "1111"));
        try {
            expected.forEach((door, least) -> {
                if (door.endsWith("/stream") || door.startsWith("POST /api/backup") || door.contains("/api/access")) {
                    return;
                }
                for (Role role : Role.values()) {
                    HomeNetwork.Answer answer = knock(Objects.requireNonNull(devices.get(role)), door);
                    boolean may = Role.ofCode(least).filter(role::isAtLeast).isPresent();
                    if (least.equals("gauge")) {
                        assertThat(answer.status()).as(door).isEqualTo(403);
                    } else if (may) {
                        assertThat(answer.status()).as(door + " by a " + role).isNotIn(401, 403, 500);
                    } else {
                        assertThat(answer.status()).as(door + " by a " + role).isEqualTo(403);
                        assertThat(answer.body().get("detail").asString()).contains("Sign in as a " + least);
                    }
                }
            });
            assertThat(knock(home.paired("Wall tablet"), "POST /api/recipes").status())
                    .as("in a household of people, who has not said who it is may look")
                    .isEqualTo(403);
        } finally {
            for (JsonNode each : home.here().get("/api/access/people").body().values().stream()
                    .sorted((one, two) ->
                            Long.compare(two.get("id").asLong(), one.get("id").asLong()))
                    .toList()) {
                assertThat(home.here()
                                .delete("/api/access/people/" + each.get("id").asLong())
                                .status())
                        .isEqualTo(200);
            }
        }
    }

    private static String person(String name, String role, String pin) {
        return "{\"name\": \"%s\", \"role\": \"%s\", \"pin\": \"%s\"}".formatted(name, role, pin);
    }

    private static HomeNetwork.Device signedIn(JsonNode people, String name, String pin) {
        HomeNetwork.Device device = home.paired("Phone of " + name);
        long id = people.valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        HomeNetwork.Answer answer = device.signIn(id, pin);
        assertThat(answer.body().get("person").asString()).isEqualTo(name);
        return device;
    }

    @Test
    void what_somebody_does_stands_under_their_name_whatever_the_page_says() {
        TestKitchen kitchen = TestKitchen.in(home.here(), 0.5);
        long run = kitchen.run(1, 0);
        home.here().post("/api/access/people", person("Eve", "cook", "864209"));
        JsonNode people = home.here()
                .post("/api/access/people", person("Fay", "helper", "2468"))
                .body();
        try {
            String done = "{\"type\": \"checks-done\", \"by\": \"Somebody else\"}";
            HomeNetwork.Answer answer =
                    signedIn(people, "Fay", "2468").send("POST", "/api/runs/%s/events".formatted(run), done);
            assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(200);
            assertThat(home.here()
                            .get("/api/runs/" + run)
                            .body()
                            .at("/events/0/by")
                            .asString())
                    .isEqualTo("Fay");
        } finally {
            people.valueStream()
                    .sorted((one, two) ->
                            Long.compare(two.get("id").asLong(), one.get("id").asLong()))
                    .forEach(each -> home.here()
                            .delete("/api/access/people/" + each.get("id").asLong()));
        }
    }

    @Test
    void a_code_is_good_once_for_five_minutes_and_not_after_five_wrong_ones() {
        String once = home.digits();
        assertThat(home.device("First").pair(once, "First").status()).isEqualTo(200);
        HomeNetwork.Answer replayed = home.device("Second").pair(once, "Second");
        assertThat(replayed.status()).isEqualTo(409);
        assertThat(replayed.body().get("code").asString()).isEqualTo("code-not-good");
        String late = home.digits();
        server.advance(Duration.ofMinutes(5));
        assertThat(home.device("Late").pair(late, "Late").status()).isEqualTo(409);
        String guessed = home.digits();
        for (int tries = 0; tries < 5; tries++) {
            String wrong = String.format(Locale.ROOT, "%06d", (Integer.parseInt(guessed) + 1 + tries) % 1_000_000);
            assertThat(home.device("Guesser").pair(wrong, "Guesser").status()).isEqualTo(409);
        }
        assertThat(home.device("Late").pair(guessed, "Late").status())
                .as("the right one, too late")
                .isEqualTo(409);
        String replaced = home.digits();
        home.digits();
        assertThat(home.device("Older").pair(replaced, "Older").status()).isEqualTo(409);
        String scanned = home.here()
                .post("/api/access/pairing-codes", "")
                .body()
                .get("place")
                .asString();
        assertThat(home.device("Camera")
                        .pair(scanned.replaceFirst(".*#", ""), "Camera")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void what_one_device_was_given_is_of_no_use_to_another_nor_to_another_page() {
        HomeNetwork.Device tablet = home.paired("Tablet");
        assertThat(tablet.get("/api/kitchen").status()).isEqualTo(200);
        String stolen = COOKIE + "=" + tablet.cookie(COOKIE);
        assertThat(tablet.cookie(COOKIE)).hasSizeGreaterThan(40);
        assertThat(home.device("Another 7.0")
                        .with("Cookie", stolen)
                        .get("/api/kitchen")
                        .status())
                .as("another browser at the same address, as after an update")
                .isEqualTo(200);
        home.here()
                .database()
                .sql("UPDATE paired_device SET address = '192.168.7.7'")
                .update();
        assertThat(home.device("Elsewhere")
                        .with("Cookie", stolen)
                        .get("/api/kitchen")
                        .status())
                .as("another browser at another address")
                .isEqualTo(401);
        assertThat(home.device("Another 8.1")
                        .with("Cookie", stolen)
                        .get("/api/kitchen")
                        .status())
                .as("the same browser, newer, at another address")
                .isEqualTo(200);
        HomeNetwork.Answer forged = home.paired("Careless").withoutToken().send("POST", "/api/recipes", "{}");
        assertThat(forged.status()).isEqualTo(403);
        assertThat(forged.body().get("type").asString()).isEqualTo("urn:mobrel:problem:stale-page");
        assertThat(tablet.with("Origin", "https://elsewhere.local")
                        .get("/api/kitchen")
                        .status())
                .isEqualTo(403);
        assertThat(home.paired("Framed")
                        .with("Sec-Fetch-Site", "cross-site")
                        .get("/api/kitchen")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void names_that_are_not_the_kitchens_own_are_not_answered() throws Exception {
        for (String host : List.of("evil.example", "mobrel.local.evil.example", "192.0.2.7")) {
            assertThat(statusAt(host)).as(host).contains(" 421");
        }
        assertThat(statusAt("mobrel.local:8443")).contains(" 200");
    }

    /** The first line of what is answered to somebody who was led here by another name. */
    private static String statusAt(String host) throws IOException {
        URI at = URI.create(home.secure());
        try (Socket socket = home.trusting().getSocketFactory().createSocket(at.getHost(), at.getPort())) {
            socket.getOutputStream()
                    .write("GET /api/access HTTP/1.1\r\nHost: %s\r\nConnection: close\r\n\r\n"
                            .formatted(host)
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .findFirst()
                    .orElse("");
        }
    }

    @Test
    void wrong_pins_wait_longer_and_longer_wherever_they_come_from() {
        JsonNode people = home.here()
                .post("/api/access/people", person("Dee", "cook", "8642"))
                .body();
        long dee = people.get(people.size() - 1).get("id").asLong();
        HomeNetwork.Device device = home.paired("Phone of Dee");
        try {
            for (int tries = 0; tries < 4; tries++) {
                assertThat(device.signIn(dee, "0000").body().get("code").asString())
                        .isEqualTo("wrong-pin");
            }
            HomeNetwork.Answer fifth = device.signIn(dee, "0000");
            assertThat(fifth.body().get("code").asString()).isEqualTo("wait");
            assertThat(fifth.body().get("seconds").asLong()).isEqualTo(30);
            assertThat(home.paired("Another")
                            .signIn(dee, "8642")
                            .body()
                            .get("code")
                            .asString())
                    .as("the right one too, from anywhere")
                    .isEqualTo("wait");
            server.advance(Duration.ofSeconds(31));
            assertThat(device.signIn(dee, "0000").body().get("seconds").asLong())
                    .isEqualTo(60);
            server.advance(Duration.ofSeconds(61));
            assertThat(device.signIn(dee, "8642").body().get("role").asString()).isEqualTo("cook");
            assertThat(device.send("POST", "/api/access/sign-out", "")
                            .body()
                            .get("role")
                            .asString())
                    .isEqualTo("guest");
            assertThat(device.send("POST", "/api/recipes", "{}").status()).isEqualTo(403);
        } finally {
            home.here().delete("/api/access/people/" + dee);
        }
    }

    @Test
    @Timeout(value = 2, unit = TimeUnit.MINUTES)
    void a_device_that_is_removed_hears_nothing_more_and_is_not_let_in() throws Exception {
        HomeNetwork.Device phone = home.paired("Lost phone");
        try (InputStream line = phone.listen("/api/runs/stream").body()) {
            byte[] first = new byte[6];
            assertThat(line.readNBytes(first, 0, first.length)).isEqualTo(6);
            JsonNode devices = home.here().get("/api/access/devices").body();
            JsonNode lost = devices.get(devices.size() - 1);
            assertThat(lost.get("name").asString()).isEqualTo("Lost phone");
            home.here().delete("/api/access/devices/" + lost.get("id").asLong());
            // It may have been told something on the way; then it comes to its end, or this test does.
            line.transferTo(OutputStream.nullOutputStream());
            assertThat(line.read()).isEqualTo(-1);
        }
        assertThat(phone.get("/api/kitchen").status()).isEqualTo(401);
    }

    @Test
    void moving_house_takes_the_kitchen_along_and_neither_devices_nor_people(@TempDir Path folder) throws Exception {
        HomeNetwork.Device tablet = home.paired("Tablet that moves");
        String cookie = tablet.cookie(COOKIE);
        home.here()
                .post(
                        "/api/recipes",
                        "{\"title\": \"Soup that moves\", \"lines\": [\"4 qt pork stock\"], \"pack\": \"hot\"}");
        String backup = home.here().text("/api/backup");
        assertThat(backup)
                .contains("Soup that moves")
                .doesNotContain("Tablet that moves", Secrets.hash(cookie), "pin_hash", "token_hash");
        byte[] file = backup.getBytes(StandardCharsets.UTF_8);
        try (HomeNetwork there = new HomeNetwork(server, "moved", folder.resolve("keys"))) {
            assertThat(there.here()
                            .postBytes("/api/backup?way=replace&dryRun=false", file)
                            .status())
                    .isEqualTo(200);
            HomeNetwork.Device late =
                    there.device("Browser of Tablet that moves").withCookie(cookie);
            assertThat(late.cookie(COOKIE)).isEqualTo(cookie);
            assertThat(late.get("/api/recipes").status()).isEqualTo(401);
            HomeNetwork.Device anew = there.paired("Tablet that moves");
            assertThat(anew.get("/api/recipes").body().toString()).contains("Soup that moves");
        }
        assertThat(home.here()
                        .postBytes("/api/backup?way=replace&dryRun=false", file)
                        .status())
                .isEqualTo(200);
        assertThat(tablet.get("/api/recipes").status()).as("here it stays in").isEqualTo(200);
    }

    @Test
    void another_address_than_this_machines_own_is_refused_at_the_start() {
        assertThatThrownBy(() -> SpringApplication.run(
                        MobrelServer.class,
                        "--server.port=0",
                        "--server.address=0.0.0.0",
                        "--spring.datasource.url=" + server.databaseUrl(),
                        "--mobrel.sole-server=false"))
                .rootCause()
                .hasMessageContaining("./mobrel start --home");
    }
}
