package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;

/** Who is let in. */
@ExtendWith(TestServer.class)
class RequestGuardTest {

    @ParameterizedTest
    @CsvSource({"localhost, 200", "127.0.0.1, 200", "kitchen.example, 421", "127.0.0.1.evil.example, 421"})
    void only_its_own_host_names_are_answered(String host, int status, TestServer server) throws IOException {
        // Raw, because HTTP clients do not let the Host header be forged.
        try (Socket socket = new Socket("127.0.0.1", server.port())) {
            socket.getOutputStream()
                    .write("GET /api/kitchen HTTP/1.1\r\nHost: %s:%s\r\nConnection: close\r\n\r\n"
                            .formatted(host, server.port())
                            .getBytes(StandardCharsets.US_ASCII));
            String first = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))
                    .readLine();
            assertThat(first).startsWith("HTTP/1.1 " + status);
        }
    }

    @Test
    void another_sites_page_may_not_even_look(TestServer server) {
        assertThat(server.getFrom("https://elsewhere.example", "/api/kitchen").status())
                .isEqualTo(403);
        assertThat(server.getFrom("http://127.0.0.1:1", "/api/kitchen").status())
                .isEqualTo(403);
        assertThat(server.getFrom("http://127.0.0.1:" + server.port(), "/api/kitchen")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void what_is_not_there_is_said_as_a_problem(TestServer server) {
        TestServer.Answer answer = server.get("/api/recipes/4711");
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.body().get("detail").asString()).isEqualTo("There is no recipe 4711.");
    }

    @Test
    void a_database_that_is_away_is_said_and_survived(TestServer server) {
        server.killDatabase();
        try {
            TestServer.Answer away = server.get("/api/recipes");
            assertThat(away.status()).isEqualTo(503);
            assertThat(away.body().get("detail").asString()).contains("What was stored is stored");
        } finally {
            server.startDatabaseAgain();
        }
        assertThat(server.get("/api/recipes").status()).isEqualTo(200);
    }
}
