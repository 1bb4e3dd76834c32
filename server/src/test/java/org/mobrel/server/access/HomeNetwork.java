package org.mobrel.server.access;

import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.Map;
import java.util.TreeMap;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The application with the home network let in, and devices on it that trust its authority and nothing else. */
final class HomeNetwork implements AutoCloseable {

    private static final ObjectMapper JSON = new ObjectMapper();

    private final ConfigurableApplicationContext application;
    private final TestServer here;
    private final SSLContext trusting;
    private final String secure;
    private final String hello;

    /** An answer with its cookies taken. */
    record Answer(int status, String type, JsonNode body) {}

    /** @param name of its database */
    HomeNetwork(TestServer server, String name, Path keys)
            throws IOException, InterruptedException, GeneralSecurityException {
        application = SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + server.newDatabase(name),
                "--mobrel.test-clock-file=" + server.clockFile(),
                "--mobrel.home.open=true",
                "--mobrel.home.port=0",
                "--mobrel.home.hello-port=0",
                "--mobrel.home.keys=" + keys);
        here = server.at(application);
        JsonNode home = here.get("/api/access/home").body();
        secure = "https://127.0.0.1:" + port(home.at("/places/0").asString());
        hello = "http://127.0.0.1:" + port(home.at("/certificates/0").asString());
        trusting = trusting(keys.resolve("authority.crt"));
    }

    private static String port(String place) {
        return place.substring(place.lastIndexOf(':') + 1);
    }

    private static SSLContext trusting(Path authority) throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, null);
        try (var in = Files.newInputStream(authority)) {
            store.setCertificateEntry(
                    "kitchen", CertificateFactory.getInstance("X.509").generateCertificate(in));
        }
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(store);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return context;
    }

    /** At the machine itself. */
    TestServer here() {
        return here;
    }

    String secure() {
        return secure;
    }

    String hello() {
        return hello;
    }

    SSLContext trusting() {
        return trusting;
    }

    /** One that nobody has let in yet. */
    Device device(String agent) {
        return new Device(agent);
    }

    /** One that was let in. */
    Device paired(String name) {
        Device device = device("Browser of " + name);
        if (device.pair(digits(), name).status() != 200) {
            throw new IllegalStateException("not let in");
        }
        return device;
    }

    /** A code as the machine itself shows it. */
    String digits() {
        return here.post("/api/access/pairing-codes", "").body().get("digits").asString();
    }

    @Override
    public void close() {
        application.close();
    }

    /** A browser: it keeps cookies, and sends back the token against foreign pages. */
    final class Device {

        private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
        private final Map<String, String> headers = new TreeMap<>();
        private final HttpClient http = HttpClient.newBuilder()
                .sslContext(trusting)
                .cookieHandler(cookies)
                .build();
        private boolean withToken = true;

        private Device(String agent) {
            headers.put("User-Agent", agent);
        }

        Device with(String header, String value) {
            headers.put(header, value);
            return this;
        }

        /** As another browser of the same device, or somebody who copied it, would show what it was given. */
        Device withCookie(String value) {
            HttpCookie copied = new HttpCookie("__Host-mobrel-device", value);
            copied.setPath("/");
            copied.setSecure(true);
            cookies.getCookieStore().add(URI.create(secure), copied);
            return this;
        }

        Device withoutToken() {
            withToken = false;
            return this;
        }

        String cookie(String name) {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals(name))
                    .map(cookie -> cookie.getValue())
                    .findFirst()
                    .orElse("");
        }

        Answer pair(String code, String name) {
            return send("POST", "/api/access/pairing", "{\"code\": \"%s\", \"name\": \"%s\"}".formatted(code, name));
        }

        Answer signIn(long person, String pin) {
            return send("POST", "/api/access/sign-in", "{\"person\": %s, \"pin\": \"%s\"}".formatted(person, pin));
        }

        Answer get(String path) {
            return send("GET", path, "");
        }

        Answer send(String method, String path, String body) {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(secure + path))
                    .method(method, HttpRequest.BodyPublishers.ofString(body));
            if (!body.isEmpty()) {
                request.header("Content-Type", "application/json");
            }
            headers.forEach(request::header);
            if (withToken && !cookie("XSRF-TOKEN").isEmpty()) {
                request.header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
            }
            try {
                HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
                String type = answer.headers().firstValue("Content-Type").orElse("");
                return new Answer(
                        answer.statusCode(), type, JSON.readTree(type.contains("json") ? answer.body() : "null"));
            } catch (IOException failed) {
                throw new java.io.UncheckedIOException(failed);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopped);
            }
        }

        /** What it is told as long as it listens. */
        HttpResponse<java.io.InputStream> listen(String path) throws IOException, InterruptedException {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(secure + path));
            headers.forEach(request::header);
            return http.send(request.build(), HttpResponse.BodyHandlers.ofInputStream());
        }
    }
}
