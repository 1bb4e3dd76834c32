package org.mobrel.server.planning;

import java.util.concurrent.atomic.AtomicInteger;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Plans as a page sends them. */
final class Plans {

    static final String QUARTS = "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": %s}";

    /** Key, recipe, jars, and what else. */
    static final String DISH =
            "{\"key\": \"%s\", \"recipeId\": %s, \"mode\": \"jars\", \"oneLoad\": false, \"jars\": [%s]%s}";

    static final String JARS =
            "{\"dishes\": [{\"key\": \"a\", \"recipeId\": RECIPE, \"mode\": \"jars\", \"oneLoad\": false, \"jars\": [%s]}], \"ticked\": []}";

    /** Uses up the first line, into quarts, pints and half-pints. */
    static final String USE_LAMB = "{\"dishes\": [{\"key\": \"a\", \"recipeId\": RECIPE, \"mode\": \"use\", \"jars\": ["
            + "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": 7},"
            + "{\"size\": \"pint\", \"mouth\": \"regular\", \"count\": 0},"
            + "{\"size\": \"half-pint\", \"mouth\": \"regular\", \"count\": 0}],"
            + " \"hands\": [{\"line\": 0, \"amount\": \"%s\", \"asBought\": true}]%s}], \"ticked\": []}";

    private static final AtomicInteger NUMBER = new AtomicInteger();

    private final TestServer server;
    private final long canner;

    /** In a kitchen with a canner of its own. */
    Plans(TestServer server) {
        this.server = server;
        String name = "Pot " + NUMBER.incrementAndGet();
        this.canner = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"%s\", \"gauge\": \"dial\", \"gaugeErrorPsi\": 0.5, \"quarts\": 7, \"pints\": 8, \"shortLayers\": 2}"
                                .formatted(name))
                .body()
                .get("canners")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
    }

    long recipe(String title, String lines) {
        return server.post("/api/recipes", "{\"title\": \"%s\", \"lines\": [%s]}".formatted(title, lines))
                .body()
                .get("id")
                .asLong();
    }

    long begin(long recipe) {
        return server.post("/api/plans", "{\"recipeId\": %s}".formatted(recipe))
                .body()
                .get("id")
                .asLong();
    }

    JsonNode plan(long id) {
        return server.get("/api/plans/" + id).body();
    }

    long recipeOf(long id) {
        return plan(id).get("body").get("dishes").get(0).get("recipeId").asLong();
    }

    /** Saves on top of what is there. */
    TestServer.Answer save(long id, String body) {
        return saveOn(id, plan(id).get("revision").asInt(), body);
    }

    TestServer.Answer saveOn(long id, int revision, String body) {
        String ours = body.replace("RECIPE", Long.toString(recipeOf(id)))
                .replaceFirst("\\{\"dishes\"", "{\"canner\": " + canner + ", \"dishes\"");
        return server.put("/api/plans/" + id, "{\"basedOn\": %s, \"body\": %s}".formatted(revision, ours));
    }

    /** A new recipe, planned for these jars. */
    JsonNode jars(String lines, String jars) {
        long id = begin(recipe("Soup", lines));
        return save(id, JARS.formatted(jars)).body();
    }
}
