package org.mobrel.server.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** A dial that read high: every lot it touches is named and held, and no other. */
@ExtendWith(TestServer.class)
class TraceApiTest {

    private static JsonNode batch(TestKitchen kitchen, long run) {
        long batch =
                kitchen.server().get("/api/runs/" + run).body().get("batchId").asLong();
        return kitchen.server().get("/api/batches/" + batch).body();
    }

    /** Seven quarts whose hold was read at these pressures; the code of their lot. */
    private static String canned(TestKitchen kitchen, String... psi) {
        long run = kitchen.run(7, 0);
        kitchen.rested(run, psi);
        kitchen.sealed(run);
        return batch(kitchen, run).get("lots").get(0).get("code").asString();
    }

    private static LocalDate today(TestServer server) {
        return LocalDate.parse(server.get("/api/shelf").body().get("today").asString());
    }

    private static void test(TestKitchen kitchen, String read) {
        TestServer server = kitchen.server();
        TestServer.Answer answer = server.post(
                "/api/kitchen/canners/%s/tests".formatted(kitchen.canner()),
                "{\"on\": \"%s\", \"readPsi\": %s, \"masterPsi\": 10, \"by\": \"Ada\"}".formatted(today(server), read));
        assertThat(answer.status()).as(answer.body().toString()).isLessThan(300);
    }

    private static List<String> heldBy(TestServer server, String cause) {
        return server.get("/api/shelf/holds")
                .body()
                .valueStream()
                .filter(hold -> hold.get("cause").asString().equals(cause))
                .map(hold -> hold.get("lot").asString())
                .sorted()
                .toList();
    }

    private static long lastTest(TestKitchen kitchen) {
        JsonNode tests = kitchen.server()
                .get("/api/kitchen/canners/%s/care".formatted(kitchen.canner()))
                .body()
                .get("tests");
        return tests.valueStream()
                .mapToLong(each -> each.get("id").asLong())
                .max()
                .orElseThrow();
    }

    @Test
    void a_dial_found_075_high_holds_the_lots_whose_margin_was_too_small_and_no_others(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        String beforeTheGoodTest = canned(kitchen, "12.5");
        server.advance(Duration.ofDays(2));
        test(kitchen, "10.5");
        server.advance(Duration.ofDays(2));
        // At 3,150 ft 12 psi are needed. With the dial 0.75 high a reading of 12.75 or more was enough, 12.5 was not.
        String onTheMark = canned(kitchen, "12.5", "13");
        String wellAbove = canned(kitchen, "13", "13.25");
        String justEnough = cannedAbove(kitchen, "12.75");
        String ofAnotherCanner = canned(TestKitchen.in(server, 0.5), "12.5");
        List<String> expectedOnHold = sorted(onTheMark, wellAbove);

        test(kitchen, "10.75");
        long test = lastTest(kitchen);
        assertThat(heldBy(server, "test:" + test))
                .as("the mark of 12.5 itself was read in both holds")
                .isEqualTo(expectedOnHold)
                .doesNotContain(beforeTheGoodTest, justEnough, ofAnotherCanner);
        JsonNode trace = server.get("/api/trace/gauge-tests/" + test).body();
        assertThat(trace.get("lots")
                        .valueStream()
                        .map(lot -> lot.get("lot").get("code").asString() + " "
                                + lot.get("marginPsi").asString()))
                .containsExactlyInAnyOrder(onTheMark + " -0.25", wellAbove + " -0.25", justEnough + " 0");
        TestServer.Answer eating = server.post("/api/shelf/" + onTheMark + "/movements", "{\"kind\": \"eaten\"}");
        assertThat(eating.status()).isEqualTo(409);
        assertThat(eating.body().get("code").asString()).isEqualTo("on-hold");

        // A slip of the pen holds nothing.
        server.delete("/api/kitchen/canners/%s/tests/%s".formatted(kitchen.canner(), test));
        assertThat(heldBy(server, "test:" + test)).isEmpty();
    }

    private static List<String> sorted(String... lots) {
        return List.of(lots).stream().sorted().toList();
    }

    /** A hold that began with a reading above the mark. */
    private static String cannedAbove(TestKitchen kitchen, String psi) {
        long run = kitchen.run(7, 0);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        kitchen.happen(run, "{\"type\": \"lid-locked\"}");
        kitchen.happen(run, "{\"type\": \"steam-steady\"}");
        kitchen.server().advance(Duration.ofMinutes(10));
        kitchen.happen(run, "{\"type\": \"weight-on\"}");
        kitchen.happen(run, "{\"type\": \"reading\", \"psi\": %s}".formatted(psi));
        kitchen.server().advance(Duration.ofMinutes(90));
        kitchen.happen(run, "{\"type\": \"heat-off\"}");
        kitchen.server().advance(Duration.ofMinutes(40));
        kitchen.happen(run, "{\"type\": \"pressure-zero\"}");
        kitchen.happen(run, "{\"type\": \"weight-off\"}");
        kitchen.server().advance(Duration.ofMinutes(10));
        kitchen.happen(run, "{\"type\": \"lid-off\"}");
        kitchen.happen(run, "{\"type\": \"jars-out\"}");
        kitchen.server().advance(Duration.ofHours(12));
        kitchen.sealed(run);
        return batch(kitchen, run).get("lots").get(0).get("code").asString();
    }

    @Test
    void a_jar_of_stock_in_a_soup_carries_its_hold_on_and_lets_go_with_it(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long stock = server.post(
                        "/api/recipes", "{\"title\": \"Stock\", \"lines\": [\"4 qt pork stock\"], \"pack\": \"hot\"}")
                .body()
                .get("id")
                .asLong();
        String stockLot = canned(new TestKitchen(server, stock, kitchen.canner()), "12.5");
        long plan = server.post("/api/plans", "{\"recipeId\": %s}".formatted(kitchen.recipe()))
                .body()
                .get("id")
                .asLong();
        int revision = server.get("/api/plans/" + plan).body().get("revision").asInt();
        TestServer.Answer planned = server.put(
                "/api/plans/" + plan,
                """
                {"basedOn": %s, "body": {"canners": [%s], "dishes": [{"key": "a", "recipeId": %s, "mode": "jars",
                 "jars": [{"size": "quart", "mouth": "regular", "count": 7}], "hands": [],
                 "ownJars": [{"line": 2, "lot": "%s", "jars": 2}]}], "ticked": []}}
                """
                        .formatted(revision, kitchen.canner(), kitchen.recipe(), stockLot));
        assertThat(planned.status()).as(planned.body().toString()).isEqualTo(200);
        JsonNode made = server.post("/api/batches/of-plan/" + plan, "{}").body();
        long soup = made.get(0).get("runs").get(0).asLong();
        kitchen.rested(soup, "14");
        kitchen.sealed(soup);
        String soupLot = batch(kitchen, soup).get("lots").get(0).get("code").asString();
        assertThat(server.get("/api/shelf/" + stockLot)
                        .body()
                        .get("wentInto")
                        .get(0)
                        .get("code")
                        .asString())
                .isEqualTo(soupLot);

        test(kitchen, "10.75");
        JsonNode carried = server.get("/api/shelf/" + soupLot).body().get("holds");
        assertThat(carried.valueStream().map(hold -> hold.get("reason").asString()))
                .contains("ingredient-held");
        long hold = server.get("/api/shelf/" + stockLot)
                .body()
                .get("holds")
                .get(0)
                .get("id")
                .asLong();
        String release = "/api/shelf/holds/%s/release".formatted(hold);
        assertThat(server.post(release, "{\"by\": \"Ada\", \"why\": \" \"}").status())
                .isEqualTo(400);
        JsonNode released = server.post(release, "{\"by\": \"Ada\", \"why\": \"The test gauge itself was off\"}")
                .body();
        assertThat(released.valueStream().map(each -> each.get("lot").asString()))
                .contains(stockLot, soupLot);
        assertThat(server.post(release, "{\"by\": \"Ada\", \"why\": \"again\"}").status())
                .isEqualTo(409);
    }

    @Test
    void fifty_minutes_for_bean_soup_in_pints_are_not_covered_and_the_hours_left_are_told(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        Instant now = Instant.parse(kitchen.happen(kitchen.run(1, 0), "{\"type\": \"note\", \"note\": \"now\"}")
                .get("now")
                .asString());
        LocalDate yesterday = LocalDate.ofInstant(now, ZoneId.systemDefault()).minusDays(1);
        Instant finished =
                yesterday.atTime(18, 0).atZone(ZoneId.systemDefault()).toInstant();
        String done =
                """
                {"lines": ["bean soup"], "jar": {"size": "pint", "count": 6}, "minutes": %s, "psi": %s, "gauge": "dial",
                 "finishedAt": "%s"%s}
                """;
        JsonNode short50 = server.post("/api/outside", done.formatted(50, "12", finished, ", \"keep\": true"))
                .body();
        assertThat(short50.get("covered").asBoolean()).isFalse();
        assertThat(short50.get("minutesNeeded").asInt()).isEqualTo(75);
        assertThat(short50.get("shortfalls").valueStream().map(each -> each.get("code")
                        .asString()))
                .containsExactly("too-short");
        assertThat(short50.get("leftMillis").asLong())
                .isCloseTo(
                        Math.max(
                                0,
                                Duration.between(now, finished.plus(Duration.ofHours(24)))
                                        .toMillis()),
                        within(120_000L));
        String path = "/api/outside/%s/decision".formatted(short50.get("id").asLong());
        assertThat(server.post(path, "{\"decision\": \"eaten\"}").status()).isEqualTo(400);
        assertThat(server.post(path, "{\"decision\": \"refrigerated\"}")
                        .body()
                        .get(0)
                        .get("decision")
                        .asString())
                .isEqualTo("refrigerated");

        JsonNode open = server.post("/api/outside", done.formatted(75, "12", finished, ""))
                .body();
        assertThat(open.get("covered").isNull()).isTrue();
        assertThat(open.get("questions").valueStream().map(each -> each.get("code")
                        .asString()))
                .contains("soaked", "boiled", "vented", "unbroken");
        assertThat(server.post("/api/outside", done.formatted(75, "12", finished, ", \"keep\": true"))
                        .body()
                        .get("field")
                        .asString())
                .as("what is open is not written down")
                .isEqualTo("keep");
        String known =
                ", \"vented\": true, \"unbroken\": true, \"known\": {\"pack\": \"hot\", \"fill\": \"half\", \"soaked\": \"quick\", \"boiled\": \"yes\"}";
        assertThat(server.post("/api/outside", done.formatted(75, "12", finished, known))
                        .body()
                        .get("covered")
                        .asBoolean())
                .isTrue();
        assertThat(codes(server.post(
                        "/api/outside",
                        done.formatted(75, "11", finished, ", \"vented\": false, \"unbroken\": false"))))
                .containsExactly("pressure-too-low", "not-vented", "pressure-lost");
        assertThat(server.post("/api/outside", done.formatted(75, "12", now.plus(Duration.ofDays(1)), ""))
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("finishedAt");
    }

    private static List<String> codes(TestServer.Answer answer) {
        return answer.body()
                .get("shortfalls")
                .valueStream()
                .map(each -> each.get("code").asString())
                .toList();
    }
}
