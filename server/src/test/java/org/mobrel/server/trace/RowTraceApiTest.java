package org.mobrel.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** A row of the tables that turns out to be wrong leads to every lot that rests on it, however it does, and to no other. */
@ExtendWith(TestServer.class)
class RowTraceApiTest {

    private static final String SOUP =
            """
            {"title": "Pea soup", "lines": ["2 lb asparagus", "2 lb peas", "2 qt pork stock"], "pack": "hot", "solidsShare": 0.5}
            """;
    private static final String STOCK = "{\"title\": \"Stock\", \"lines\": [\"4 qt pork stock\"], \"pack\": \"hot\"}";

    private static TestKitchen cooks(TestServer server, TestKitchen kitchen, String recipe) {
        long id = server.post("/api/recipes", recipe).body().get("id").asLong();
        return new TestKitchen(server, id, kitchen.canner());
    }

    /** Jars of one size, processed as they ask; the code of their lot. */
    private static String canned(TestKitchen kitchen, String size, int count) {
        TestServer server = kitchen.server();
        JsonNode made = server.post(
                        "/api/batches",
                        "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"%s\", \"count\": %s}]}"
                                .formatted(kitchen.recipe(), kitchen.canner(), size, count))
                .body();
        return shelved(kitchen, made.get("runs").get(0).asLong());
    }

    private static String shelved(TestKitchen kitchen, long run) {
        kitchen.rested(run, "14");
        kitchen.sealed(run);
        JsonNode told = kitchen.server().get("/api/runs/" + run).body();
        return kitchen.server()
                .get("/api/batches/" + told.get("batchId").asLong())
                .body()
                .get("lots")
                .get(0)
                .get("code")
                .asString();
    }

    private static Set<String> traced(TestServer server, String more, String... among) {
        TestServer.Answer answer = server.post("/api/trace/rows", "{%s, \"hold\": false}".formatted(more));
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        Set<String> lots = answer.body()
                .get("lots")
                .valueStream()
                .map(lot -> lot.get("lot").get("code").asString())
                .collect(Collectors.toCollection(TreeSet::new));
        // Other tests of this server have lots of their own.
        lots.retainAll(List.of(among));
        return lots;
    }

    @Test
    void lots_are_found_by_line_floor_pressure_and_size_of_jar(TestServer server) {
        TestKitchen low = TestKitchen.in(server, 0.5);
        TestKitchen soup = cooks(server, low, SOUP);
        String soupPints = canned(soup, "pint", 2);
        String soupQuarts = canned(soup, "quart", 2);
        String soupHalfPints = canned(soup, "half-pint", 2);
        String beans = canned(low, "quart", 2);
        server.changeKitchen("\"altitudeFt\": 1500");
        String soupLow = canned(soup, "pint", 1);
        String[] all = {soupPints, soupQuarts, soupHalfPints, beans, soupLow};

        // The floor of the soup table set 60 and 75 minutes; beans had 90.
        assertThat(traced(server, "\"row\": \"soup-hot\", \"size\": \"pint\", \"minutes\": 65", all))
                .containsExactlyInAnyOrder(soupPints, soupHalfPints, soupLow);
        assertThat(traced(server, "\"row\": \"soup-hot\", \"size\": \"quart\", \"minutes\": 80", all))
                .containsExactly(soupQuarts);
        assertThat(traced(server, "\"row\": \"soup-hot\", \"size\": \"quart\", \"minutes\": 75", all))
                .isEmpty();
        assertThat(traced(server, "\"row\": \"soup-hot\", \"size\": \"quart\", \"minutes\": 95", all))
                .containsExactlyInAnyOrder(soupQuarts, beans);
        // A line whose time was not the longest rests on its row all the same.
        assertThat(traced(server, "\"row\": \"asparagus-hot\"", all))
                .containsExactlyInAnyOrder(soupPints, soupQuarts, soupHalfPints, soupLow);
        assertThat(traced(server, "\"row\": \"dried-beans-and-peas-hot\"", all)).containsExactly(beans);
        assertThat(traced(server, "\"row\": \"pressure-dial-4000\", \"psi\": 13", all))
                .containsExactlyInAnyOrder(soupPints, soupQuarts, soupHalfPints, beans);
        assertThat(traced(server, "\"row\": \"pressure-dial-4000\", \"psi\": 12", all))
                .isEmpty();
        assertThat(traced(server, "\"row\": \"pressure-dial-2000\"", all)).containsExactly(soupLow);
        assertThat(traced(server, "\"row\": \"jar-size-half-pint\"", all)).containsExactly(soupHalfPints);
        assertThat(traced(server, "\"row\": \"beets-hot\"", all)).isEmpty();
        assertThat(server.post("/api/trace/rows", "{\"row\": \"no-such-row\", \"hold\": true}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void a_lot_made_with_stock_of_a_wrong_row_is_found_through_it_and_held_with_it(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        String stock = canned(cooks(server, kitchen, STOCK), "quart", 7);
        long plan = server.post("/api/plans", "{\"recipeId\": %s}".formatted(kitchen.recipe()))
                .body()
                .get("id")
                .asLong();
        server.put(
                "/api/plans/" + plan,
                """
                {"basedOn": %s, "body": {"canners": [%s], "dishes": [{"key": "a", "recipeId": %s, "mode": "jars",
                 "jars": [{"size": "quart", "mouth": "regular", "count": 7}], "hands": [],
                 "ownJars": [{"line": 2, "lot": "%s", "jars": 2}]}], "ticked": []}}
                """
                        .formatted(
                                server.get("/api/plans/" + plan)
                                        .body()
                                        .get("revision")
                                        .asInt(),
                                kitchen.canner(),
                                kitchen.recipe(),
                                stock));
        JsonNode made = server.post("/api/batches/of-plan/" + plan, "{}").body();
        String soup = shelved(kitchen, made.get(0).get("runs").get(0).asLong());
        String other = canned(kitchen, "quart", 1);

        String row = "\"row\": \"meat-stock-hot\", \"size\": \"quart\", \"minutes\": 30";
        assertThat(traced(server, row, stock, soup, other)).containsExactlyInAnyOrder(stock, soup);
        JsonNode held = server.post("/api/trace/rows", "{%s, \"hold\": true}".formatted(row))
                .body();
        assertThat(held.get("lots")
                        .valueStream()
                        .filter(lot -> lot.get("lot").get("code").asString().equals(soup))
                        .map(lot -> lot.get("through").asString()))
                .containsExactly(stock);
        for (String lot : List.of(stock, soup)) {
            assertThat(server.post("/api/shelf/" + lot + "/movements", "{\"kind\": \"eaten\"}")
                            .body()
                            .get("code")
                            .asString())
                    .isEqualTo("on-hold");
        }
        assertThat(server.post("/api/shelf/" + other + "/movements", "{\"kind\": \"eaten\"}")
                        .status())
                .isEqualTo(200);
    }

    private static TestServer.Answer compare(TestServer server, String row, boolean agrees) {
        return server.post(
                "/api/tables/rows/%s/comparison".formatted(row),
                "{\"agrees\": %s, \"edition\": \"2015 revision\", \"by\": \"Ada\"}".formatted(agrees));
    }

    @Test
    void a_row_that_differs_stops_rulings_and_waiting_loads_until_it_is_taken_back(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        TestKitchen soup = cooks(server, kitchen, SOUP);
        long waiting = soup.run(2, 0);
        kitchen.happen(waiting, "{\"type\": \"checks-done\"}");
        try {
            assertThat(compare(server, "asparagus-hot", false).status()).isEqualTo(200);
            TestServer.Answer stopped = soup.batch(2, 0, "");
            assertThat(stopped.status()).isEqualTo(409);
            assertThat(stopped.body().get("detail").asString())
                    .contains("asparagus-hot")
                    .contains("differ");
            assertThat(kitchen.tell(waiting, "{\"type\": \"lid-locked\"}")
                            .body()
                            .get("code")
                            .asString())
                    .isEqualTo("row-suspended");
            assertThat(kitchen.batch(2, 0, "").status())
                    .as("beans rest on other rows")
                    .isEqualTo(201);
        } finally {
            server.delete("/api/tables/rows/asparagus-hot/comparison");
        }
        kitchen.happen(waiting, "{\"type\": \"lid-locked\"}");
        assertThat(soup.batch(2, 0, "").status()).isEqualTo(201);
    }

    @Test
    void a_batch_says_of_each_row_whether_it_was_compared(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        compare(server, "carrots-hot", true);
        long batch = kitchen.batch(2, 0, "").body().get("id").asLong();
        JsonNode rows = server.get("/api/batches/" + batch).body().get("ruling").get("rows");
        assertThat(rows.valueStream()
                        .map(row -> row.get("row").asString() + " "
                                + row.get("compared").asString().replaceAll(" on .* by", " by")))
                .contains(
                        "carrots-hot row compared by Ada (2015 revision)", "dried-beans-and-peas-hot not compared yet");
        JsonNode table = server.get("/api/tables").body().get("processes");
        assertThat(table.valueStream()
                        .filter(row -> row.get("id").asString().equals("carrots-hot"))
                        .map(row -> row.get("comparison").get("by").asString()))
                .containsExactly("Ada");
        server.delete("/api/tables/rows/carrots-hot/comparison");
        assertThat(compare(server, "no-such-row", true).status()).isEqualTo(404);
        assertThat(server.post("/api/tables/rows/carrots-hot/comparison", "{\"agrees\": true, \"by\": \"Ada\"}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("edition");
    }
}
