package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.server.TestServer;

/** Which addresses are the page, which are files, and which are the interface's. */
@ExtendWith(TestServer.class)
class SinglePageRoutesTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/today",
                "/recipes/new",
                "/recipes/8",
                "/plan/3/shopping",
                "/shelf/26-1123-A",
                "/seals/9",
                "/nowhere-at-all",
                "/apiary"
            })
    void an_address_of_a_place_is_the_page(String path, TestServer server) {
        TestServer.Answer answer = server.get(path);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.type()).startsWith("text/html");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/nowhere", "/api", "/v3/nowhere", "/actuator/nowhere", "/assets/nowhere.js", "/a.css"})
    void what_is_no_place_and_not_there_is_a_problem_and_not_the_page(String path, TestServer server) {
        TestServer.Answer answer = server.get(path);
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.type()).doesNotContain("html");
    }
}
