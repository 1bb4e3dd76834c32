package org.mobrel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is looked at often asks the database a fixed number of questions, however much there is in the kitchen. */
@ExtendWith(TestServer.class)
class QueriesApiTest {

    private static final int MOST = 14;

    /** A dial with two tests and an inspection. */
    @BeforeEach
    void oneMoreOfEverything(TestServer server) {
        String name = "Counted " + System.nanoTime();
        server.changeKitchen("\"altitudeFt\": 3150");
        long canner = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"%s\", \"gauge\": \"dial\", \"quarts\": 7, \"pints\": 8, \"shortLayers\": 2}"
                                .formatted(name))
                .body()
                .get("canners")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        for (String on : new String[] {"2026-01-05", "2026-02-05"}) {
            server.post(
                    "/api/kitchen/canners/%s/tests".formatted(canner),
                    "{\"on\": \"%s\", \"readPsi\": 10.5, \"masterPsi\": 10, \"by\": \"Ada\"}".formatted(on));
        }
        server.post(
                "/api/kitchen/canners/%s/inspections".formatted(canner),
                "{\"on\": \"2026-02-05\", \"by\": \"Ada\", \"found\": [{\"part\": \"vent\", \"look\": \"good\"}]}");
        IntStream.range(0, 8)
                .forEach(number -> server.post(
                        "/api/recipes",
                        "{\"title\": \"%s %s\", \"lines\": [\"2 lb carrots\", \"%s qt beef stock\"]}"
                                .formatted(name, number, number + 1)));
    }

    private static long asked(TestServer server, Runnable request) {
        request.run();
        long before = server.databaseQueries();
        request.run();
        return server.databaseQueries() - before;
    }

    @Test
    void the_book_of_recipes(TestServer server) {
        assertThat(asked(server, () -> server.get("/api/recipes"))).isLessThanOrEqualTo(MOST);
    }

    @Test
    void a_keystroke_in_a_recipe(TestServer server) {
        assertThat(
                        asked(
                                server,
                                () -> server.post(
                                        "/api/recipes/draft",
                                        "{\"title\": \"\", \"lines\": [\"2 lb carrots\", \"1 qt beef stock\"], \"pack\": \"hot\"}")))
                .isLessThanOrEqualTo(MOST);
    }

    @Test
    void the_kitchen(TestServer server) {
        assertThat(asked(server, () -> server.get("/api/kitchen"))).isLessThanOrEqualTo(MOST);
    }
}
