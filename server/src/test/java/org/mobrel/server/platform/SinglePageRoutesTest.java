package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
                "/shelf/",
                "/recipes/8/",
                "/recipes/soup.html",
                "/plan/3/a/b/c/d",
                "/apiary"
            })
    void an_address_of_a_place_is_the_page(String path, TestServer server) {
        TestServer.Answer answer = server.get(path);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.type()).startsWith("text/html");
    }

    @ParameterizedTest
    @CsvSource({
        "/, no-cache",
        "/stove, no-cache",
        "/sw.js, no-cache",
        "/manifest.webmanifest, no-cache",
        "/api/kitchen, no-store"
    })
    void a_page_is_asked_for_again_and_an_answer_is_not_kept(String path, String kept, TestServer server) {
        assertThat(server.mayBeKept(path)).isEqualTo(kept);
    }

    /** What a new device has to fetch before it shows anything, as it goes over the network of a kitchen. */
    @Test
    void the_first_load_stays_small(TestServer server) throws IOException {
        Matcher script =
                Pattern.compile("(?:src|href)=\"(/assets/[^\"]+\\.js)\"").matcher(server.text("/"));
        int scripts = 0;
        ByteArrayOutputStream sent = new ByteArrayOutputStream();
        while (script.find()) {
            scripts++;
            try (GZIPOutputStream squeezed = new GZIPOutputStream(sent)) {
                squeezed.write(server.bytes(script.group(1)));
            }
        }
        assertThat(scripts).isGreaterThan(1);
        assertThat(sent.size()).as("bytes of script, squeezed").isBetween(50 * 1_024, 120 * 1_024);
    }

    @Test
    void what_has_its_content_in_its_name_is_kept_for_good(TestServer server) {
        Matcher script = Pattern.compile("/assets/[^\"]+\\.js").matcher(server.text("/"));
        assertThat(script.find()).isTrue();
        assertThat(server.get(script.group()).status()).isEqualTo(200);
        assertThat(server.mayBeKept(script.group())).contains("max-age=31536000", "immutable");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/nowhere", "/api", "/v3/nowhere", "/actuator/nowhere", "/assets/nowhere.js", "/a.css"})
    void what_is_no_place_and_not_there_is_a_problem_and_not_the_page(String path, TestServer server) {
        TestServer.Answer answer = server.get(path);
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.type()).doesNotContain("html");
    }
}
