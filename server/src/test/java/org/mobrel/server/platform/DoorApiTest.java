package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Whatever comes to the door is answered as a problem in words, also what no program ever sees; and what is too large is not read. */
@ExtendWith(TestServer.class)
class DoorApiTest {

    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private static HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private static HttpRequest.Builder to(TestServer server, String path) {
        return HttpRequest.newBuilder(URI.create(server.address() + path));
    }

    private static JsonNode problem(HttpResponse<String> answer) {
        assertThat(answer.headers().firstValue("Content-Type").orElse(""))
                .as(answer.body())
                .startsWith("application/problem+json");
        JsonNode body = new ObjectMapper().readTree(answer.body());
        assertThat(body.get("type").asString()).startsWith("urn:mobrel:problem:");
        assertThat(body.get("status").asInt()).isEqualTo(answer.statusCode());
        assertThat(body.get("detail").asString())
                .isNotBlank()
                .doesNotContain("java")
                .doesNotContain("convert")
                .doesNotContain("Exception");
        return body;
    }

    @ParameterizedTest
    @CsvSource({
        "/api/recipes/abc, 400, id",
        "/api/batches?size=x, 400, size",
        "/api/practice/drills/cold-water?seed=x, 400, seed",
        "/api/practice/inside?ventMinutes=99, 400, ventMinutes",
        "/api/no-such-door, 404, ",
        "/api/batches?q=%ff%fe, 400, address",
        "/api/recipes/%00, 400, address",
        "/api/shelf/..%2F..%2Fetc, 400, address"
    })
    void an_address_that_cannot_be_meant(String path, int status, String field, TestServer server) throws Exception {
        HttpResponse<String> answer = send(to(server, path).GET());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(status);
        JsonNode body = problem(answer);
        if (field != null) {
            assertThat(body.get("field").asString()).isEqualTo(field);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"[", "{\"text\": ", "nonsense", "\"text\"", "[[[[", "{\"text\": [1]}", ""})
    void a_body_that_is_no_json(String body, TestServer server) throws Exception {
        HttpResponse<String> answer = send(to(server, "/api/formats/recipes")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(problem(answer).get("field").asString()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({"multipart/form-data, 415", "text/html, 415", "application/x-www-form-urlencoded, 400"})
    void a_body_of_another_kind(String type, int status, TestServer server) throws Exception {
        HttpResponse<String> answer = send(to(server, "/api/recipes")
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString("a=%ff")));
        assertThat(answer.statusCode()).isEqualTo(status);
        problem(answer);
    }

    /** Two million bytes where a hundred are meant: told or not, they are refused, and not read to their end. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void a_body_that_is_too_large(boolean told, TestServer server) throws Exception {
        byte[] large = ("{\"title\": \"" + "x".repeat(2_000_000) + "\"}").getBytes(StandardCharsets.UTF_8);
        InputStream streamed = new ByteArrayInputStream(large);
        HttpResponse<String> answer = send(to(server, "/api/recipes")
                .header("Content-Type", "application/json")
                .POST(
                        told
                                ? HttpRequest.BodyPublishers.ofByteArray(large)
                                : HttpRequest.BodyPublishers.ofInputStream(() -> streamed)));
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(problem(answer).get("detail").asString()).isEqualTo("At most 1 MB go in here.");
    }

    /** What the web server itself refuses is no page of its own either. */
    @ParameterizedTest
    @ValueSource(
            strings = {"GET /api/[ HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n", "NONSENSE\r\n\r\n", "GET / HTTP/1.1\r\n\r\n"})
    void what_is_no_request(String sent, TestServer server) throws IOException {
        try (Socket socket =
                new Socket("127.0.0.1", URI.create(server.address()).getPort())) {
            socket.getOutputStream().write(sent.getBytes(StandardCharsets.US_ASCII));
            socket.shutdownOutput();
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 4").doesNotContain("<html").doesNotContain("Tomcat");
        }
    }

    @Test
    void what_nobody_can_see_comes_in_nowhere_and_breaks_no_paper(TestServer server) {
        long recipe = server.post(
                        "/api/recipes",
                        "{\"title\": \"Leek\\u0000 and\\u0007 bean\\ud800 soup\\f\", \"lines\": [\"2 cups\\u000b carrots, sliced\", \"2 quarts chicken broth\"]}")
                .body()
                .get("id")
                .asLong();
        JsonNode stored = server.get("/api/recipes/" + recipe).body();
        assertThat(stored.get("title").asString().strip()).isEqualTo("Leek and bean soup");
        assertThat(server.get("/api/formats/recipes/%s.jsonld".formatted(recipe))
                        .status())
                .isEqualTo(200);
    }

    /** One recipe whose former document is broken leaves the others as they are. */
    @Test
    void one_bad_record_does_not_break_the_export_of_all(TestServer server) {
        long recipe = server.post(
                        "/api/recipes", "{\"title\": \"Broken origin\", \"lines\": [\"2 cups carrots, sliced\"]}")
                .body()
                .get("id")
                .asLong();
        server.database()
                .sql("UPDATE recipe_version SET imported = '{\"name\": ' WHERE recipe_id = :id")
                .param("id", recipe)
                .update();
        assertThat(server.get("/api/formats/recipes.jsonld").status()).isEqualTo(200);
        assertThat(server.text("/api/formats/recipes.jsonld")).contains("Broken origin");
    }

    /** The worst kinds of text: each is answered, with what was made of it or why not. */
    @ParameterizedTest
    @CsvSource({
        "<, 1000000",
        "' ', 190000",
        "(, 150000",
        "1, 150000",
        "1/2 , 40000",
        "',', 150000",
        "[, 3000000",
        "- , 90000",
        "<div>, 100001",
        "<script type=application/ld+json></script>, 20000"
    })
    void text_that_is_nothing_but_one_sign(String sign, int times, TestServer server) {
        String text = sign.repeat(times);
        for (String body : new String[] {
            "{\"text\": \"a %s b\"}".formatted(text),
            "{\"text\": \"{\\\"@type\\\": \\\"Recipe\\\", \\\"name\\\": \\\"%s\\\"}\"}".formatted(text)
        }) {
            TestServer.Answer answer = server.post("/api/formats/recipes", body);
            assertThat(answer.status()).as("%s times %s", sign, times).isIn(200, 400);
        }
    }

    @Test
    void a_book_of_more_recipes_than_anybody_has_is_refused_in_words(TestServer server) {
        String one =
                "{\\\"@type\\\": \\\"Recipe\\\", \\\"name\\\": \\\"a\\\", \\\"recipeIngredient\\\": [\\\"2 cups carrots\\\"]}";
        JsonNode told = server.post("/api/formats/recipes", "{\"text\": \"[" + one + ("," + one).repeat(2_000) + "]\"}")
                .body();
        assertThat(told.get("recipes")).isEmpty();
        assertThat(told.get("problems").get(0).asString())
                .isEqualTo("This holds more than 2,000 recipes. Hand it in in several parts; nothing was taken.");
    }
}
