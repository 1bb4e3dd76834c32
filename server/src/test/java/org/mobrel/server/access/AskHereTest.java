package org.mobrel.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** A machine that stands where others pass: it asks who it is as any other device does, once there is somebody to ask for. */
@ExtendWith(TestServer.class)
class AskHereTest {

    private static final String ADA = "{\"name\": \"Ada\", \"role\": \"cook\", \"pin\": \"135790\"}";

    @Test
    void the_machine_itself_asks_once_there_are_people(TestServer server) throws Exception {
        try (ConfigurableApplicationContext application = SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + server.newDatabase("asked"),
                "--mobrel.test-clock-file=" + server.clockFile(),
                "--mobrel.ask-here=true")) {
            TestServer here = server.at(application);
            assertThat(here.post("/api/recipes", "{}").status())
                    .as("nobody to ask for")
                    .isEqualTo(400);
            long ada =
                    here.post("/api/access/people", ADA).body().get(0).get("id").asLong();
            assertThat(here.post("/api/recipes", "{}").status()).isEqualTo(403);
            assertThat(here.get("/api/kitchen").status()).as("may look").isEqualTo(200);
            assertThat(here.post("/api/access/sign-in", "{\"person\": %s, \"pin\": \"0000\"}".formatted(ada))
                            .status())
                    .isEqualTo(409);
            HttpResponse<String> in =
                    send(here, "/api/access/sign-in", "{\"person\": %s, \"pin\": \"135790\"}".formatted(ada), "");
            assertThat(in.statusCode()).isEqualTo(200);
            String device = cookie(in, AccessCookie.NAME);
            String token = cookie(send(here, "/api/recipes", "{}", device), "XSRF-TOKEN");
            assertThat(send(here, "/api/recipes", "{}", device + "; " + token).statusCode())
                    .as("signed in: the recipe is looked at, and is none")
                    .isEqualTo(400);
            assertThat(here.post("/api/recipes", "{}").status())
                    .as("another browser here")
                    .isEqualTo(403);
        }
    }

    private static HttpResponse<String> send(TestServer here, String path, String body, String cookies)
            throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(here.address() + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body));
        if (!cookies.isEmpty()) {
            request.header("Cookie", cookies).header("X-XSRF-TOKEN", cookies.replaceFirst(".*XSRF-TOKEN=", ""));
        }
        return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** As a browser would send it back. */
    private static String cookie(HttpResponse<String> answer, String name) {
        List<String> set = answer.headers().allValues("Set-Cookie");
        return set.stream()
                .filter(each -> each.startsWith(name + "="))
                .map(each -> each.split(";")[0])
                .findFirst()
                .orElseThrow(() -> new AssertionError(name + " is not in " + set));
    }
}
