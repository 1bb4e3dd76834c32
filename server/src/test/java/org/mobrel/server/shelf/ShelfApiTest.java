package org.mobrel.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** From the seal check to the plate: decisions, the ledger, stocktaking, targets and kits. */
@ExtendWith(TestServer.class)
class ShelfApiTest {

    private static JsonNode lot(TestServer server, String code) {
        return server.get("/api/shelf/" + code).body();
    }

    private static String code(TestServer.Answer answer) {
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(409);
        return answer.body().get("code").asString();
    }

    /** The codes of the lots of a run, quarts first. */
    private static List<String> shelved(TestKitchen kitchen, int quarts, int pints) {
        long run = kitchen.run(quarts, pints);
        long batch = kitchen.rested(run).get("batchId").asLong();
        kitchen.sealed(run);
        return kitchen.server()
                .get("/api/batches/" + batch)
                .body()
                .get("lots")
                .valueStream()
                .map(lot -> lot.get("code").asString())
                .toList();
    }

    private static TestServer.Answer move(TestServer server, String lot, String movement) {
        return server.post("/api/shelf/" + lot + "/movements", movement);
    }

    @Test
    void an_unsealed_jar_waits_for_a_decision_and_is_processed_again_as_a_batch_of_its_own(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        server.count("lids", "\"mouth\": \"regular\", \"fresh\": 50");
        long run = kitchen.run(3, 1);
        kitchen.rested(run);
        assertThat(kitchen.tell(run, TestKitchen.check(1, true).replace("}", ", \"bandOff\": false}"))
                        .body()
                        .get("code")
                        .asString())
                .isEqualTo("band-on");
        kitchen.happen(run, TestKitchen.check(1, true).replace("}", ", \"level\": \"floating\"}"));
        kitchen.happen(run, TestKitchen.check(2, false));
        kitchen.happen(run, TestKitchen.check(3, false));
        JsonNode checked = kitchen.happen(run, TestKitchen.check(4, false));
        assertThat(checked.get("unsettled").toString()).isEqualTo("[2,3,4]");
        assertThat(checked.get("closed").asBoolean()).isFalse();
        assertThat(checked.get("checked").get(0).get("level").asString()).isEqualTo("floating");

        kitchen.happen(run, "{\"type\": \"jar-settled\", \"jar\": 4, \"decision\": \"frozen\"}");
        assertThat(code(kitchen.tell(run, "{\"type\": \"jar-settled\", \"jar\": 1, \"decision\": \"frozen\"}")))
                .isEqualTo("nothing-to-settle");
        int lids = freshLids(server);
        TestServer.Answer made =
                server.post("/api/runs/%s/again".formatted(run), "{\"jars\": [2, 3], \"by\": \"Ada\"}");
        assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
        assertThat(made.body().get("batchId").asLong())
                .isEqualTo(checked.get("batchId").asLong());
        assertThat(made.body().get("againOf").asLong()).isEqualTo(run);
        assertThat(made.body().get("minutes").asInt()).isEqualTo(90);
        assertThat(made.body().get("jarTotal").asInt()).isEqualTo(2);
        assertThat(freshLids(server)).as("new lids").isEqualTo(lids - 2);
        assertThat(server.get("/api/runs/" + run).body().get("closed").asBoolean())
                .isTrue();
        assertThat(code(server.post("/api/runs/%s/again".formatted(run), "{\"jars\": [2]}")))
                .isEqualTo("nothing-to-settle");
    }

    private static int freshLids(TestServer server) {
        return server.get("/api/kitchen/cupboard")
                .body()
                .get("lids")
                .valueStream()
                .filter(lids -> lids.get("mouth").asString().equals("regular"))
                .mapToInt(lids -> lids.get("fresh").asInt())
                .sum();
    }

    @Test
    void after_a_day_it_is_too_late_to_process_a_jar_again_but_not_to_say_what_was_done(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.rested(run);
        kitchen.happen(run, TestKitchen.check(1, false));
        server.advance(Duration.ofHours(13));
        TestServer.Answer late = server.post("/api/runs/%s/again".formatted(run), "{\"jars\": [1]}");
        assertThat(code(late)).isEqualTo("too-late");
        assertThat(kitchen.happen(run, "{\"type\": \"jar-settled\", \"jar\": 1, \"decision\": \"discarded\"}")
                        .get("closed")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void jars_are_moved_eaten_given_and_taken_back_and_the_ledger_keeps_every_line(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        String lot = shelved(kitchen, 4, 1).get(0);
        assertThat(move(server, lot, "{\"kind\": \"moved\", \"jars\": 3, \"to\": \"Cellar\"}")
                        .body()
                        .get("lot")
                        .get("places")
                        .toString())
                .isEqualTo("[{\"place\":\"Cellar\",\"jars\":3},{\"place\":\"Shelf\",\"jars\":1}]");
        long eaten = move(server, lot, "{\"kind\": \"eaten\", \"place\": \"Cellar\", \"by\": \"Ines\"}")
                .body()
                .get("id")
                .asLong();
        move(server, lot, "{\"kind\": \"given\", \"place\": \"Shelf\", \"note\": \"to the neighbours\"}");
        assertThat(code(move(server, lot, "{\"kind\": \"spoiled\", \"place\": \"Shelf\"}")))
                .isEqualTo("not-on-the-shelf");
        String undo = "{\"kind\": \"undone\", \"undoes\": %s}".formatted(eaten);
        assertThat(move(server, lot, undo).body().get("lot").get("jars").asInt())
                .isEqualTo(3);
        assertThat(code(move(server, lot, undo))).isEqualTo("not-on-the-shelf");
        JsonNode page = lot(server, lot);
        assertThat(page.get("ledger")
                        .valueStream()
                        .map(line -> line.get("kind").asString() + " "
                                + line.get("jars").asInt() + (line.get("undone").asBoolean() ? " undone" : "")))
                .containsExactly("shelved 4", "moved 3", "eaten 1 undone", "given 1", "undone 1");
        assertThat(page.get("ledger").get(3).get("note").asString()).isEqualTo("to the neighbours");
        assertThat(move(server, lot, "{\"kind\": \"moved\", \"place\": \"Shelf\", \"to\": \" \"}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("to");
        assertThat(move(server, lot, "{\"kind\": \"shelved\"}").status()).isEqualTo(400);
        assertThat(move(server, "26-0101-Q", "{\"kind\": \"eaten\"}").status()).isEqualTo(404);
        assertThat(server.get("/api/shelf?q=" + lot + "&place=Cellar")
                        .body()
                        .get("jars")
                        .asInt())
                .isEqualTo(3);
        assertThat(server.get("/api/shelf?q=" + lot + "&place=Attic")
                        .body()
                        .get("lotCount")
                        .asInt())
                .isZero();
        assertThat(server.get("/api/shelf?size=1").body().get("next").asInt()).isEqualTo(1);
    }

    @Test
    void a_stocktake_finds_one_missing_and_one_found_again_and_writes_nothing_over(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        List<String> lots = shelved(kitchen, 3, 2);
        String count =
                "{\"place\": \"Shelf\", \"counted\": [{\"lot\": \"%s\", \"jars\": %s}, {\"lot\": \"%s\", \"jars\": %s}]}";
        JsonNode first = server.post("/api/shelf/stocktake", count.formatted(lots.get(0), 2, lots.get(1), 2))
                .body();
        assertThat(first.get("differences").size()).isEqualTo(1);
        assertThat(first.get("differences").get(0).get("change").asInt()).isEqualTo(-1);
        assertThat(lot(server, lots.get(0)).get("lot").get("jars").asInt()).isEqualTo(2);
        TestServer.Answer tooMany =
                server.post("/api/shelf/stocktake", count.formatted(lots.get(0), 3, lots.get(1), 3));
        assertThat(tooMany.status()).isEqualTo(400);
        assertThat(tooMany.body().get("field").asString()).isEqualTo("counted[1].jars");
        assertThat(lot(server, lots.get(0)).get("lot").get("jars").asInt())
                .as("nothing of a stocktake that cannot be is kept")
                .isEqualTo(2);
        server.post("/api/shelf/stocktake", count.formatted(lots.get(0), 3, lots.get(1), 2));
        assertThat(lot(server, lots.get(0)).get("ledger").valueStream().map(line -> line.get("kind")
                        .asString()))
                .containsExactly("shelved", "missing", "found");
    }

    @Test
    void what_is_wanted_is_told_in_whole_loads_and_kits_count_what_is_complete(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        shelved(kitchen, 5, 0);
        server.put(
                "/api/shelf/targets/" + kitchen.recipe(),
                "{\"basedOn\": %s, \"jars\": 20}".formatted(server.kitchenVersion()));
        JsonNode need = server.get("/api/shelf/needs")
                .body()
                .get("dishes")
                .valueStream()
                .filter(dish -> dish.get("recipeId").asLong() == kitchen.recipe())
                .findFirst()
                .orElseThrow();
        assertThat(need.get("lacking").asInt()).isEqualTo(15);
        assertThat(need.get("perLoad").asInt()).isGreaterThanOrEqualTo(7);
        assertThat(need.get("loads").asInt())
                .isEqualTo((15 + need.get("perLoad").asInt() - 1)
                        / need.get("perLoad").asInt());
        JsonNode kits = server.post(
                        "/api/shelf/kits",
                        """
                        {"name": "Beans and rice", "recipeId": %s, "jars": 2,
                         "goods": [{"name": "Rice, bags", "perKit": 1, "have": 1}, {"name": "Tins of chillies", "perKit": 1, "have": 9}]}
                        """
                                .formatted(kitchen.recipe()))
                .body()
                .get("kits");
        JsonNode kit = kits.get(kits.size() - 1);
        assertThat(kit.get("complete").asInt()).isEqualTo(1);
        assertThat(kit.get("shortOf").toString()).isEqualTo("[\"Rice, bags\"]");
        assertThat(server.delete("/api/shelf/kits/" + kit.get("id").asLong()).status())
                .isEqualTo(200);
        assertThat(server.put("/api/shelf/targets/" + kitchen.recipe(), "{\"basedOn\": 1, \"jars\": -1}")
                        .status())
                .isEqualTo(400);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            PUT  | /api/shelf/targets/999999 | {"basedOn": 1, "jars": 3}                                      | 404 |
            POST | /api/shelf/kits           | {"name": "x", "recipeId": 999999, "jars": 1, "goods": []}      | 404 |
            POST | /api/shelf/kits           | {"id": 999999, "name": "x", "recipeId": 1, "jars": 1, "goods": []} | 404 |
            POST | /api/shelf/kits           | {"name": "x", "recipeId": 1, "jars": 1}                        | 400 | goods
            POST | /api/shelf/kits           | {"name": "x", "recipeId": 1, "jars": 0, "goods": []}           | 400 | jars
            POST | /api/shelf/stocktake      | {"place": "Shelf"}                                             | 400 | counted
            POST | /api/shelf/stocktake      | {"place": " ", "counted": []}                                  | 400 | place
            GET  | /api/shelf?from=-1        |                                                                | 400 | from
            GET  | /api/batches?size=1000    |                                                                | 400 | size
            POST | /api/outside              | {"lines": [" "], "jar": {"size": "pint", "count": 1}, "minutes": 9, "psi": 9, "gauge": "dial", "finishedAt": "2026-01-01T10:00:00Z"} | 400 | lines
            """)
    void what_cannot_be_meant_is_answered_with_its_field_and_never_as_a_fault_of_ours(
            String method, String path, String body, int status, String field, TestServer server) {
        TestKitchen.in(server, 0.5);
        TestServer.Answer answer =
                switch (method) {
                    case "PUT" -> server.put(path, body);
                    case "POST" -> server.post(path, body);
                    default -> server.get(path);
                };
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(status);
        if (field != null) {
            assertThat(answer.body().get("field").asString()).isEqualTo(field);
        }
    }
}
