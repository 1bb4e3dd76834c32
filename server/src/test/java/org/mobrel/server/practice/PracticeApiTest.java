package org.mobrel.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Practice over HTTP: scenes go on from what the page was given, tries are judged and recorded, and nothing of it gets anywhere else. */
@ExtendWith(TestServer.class)
class PracticeApiTest {

    private static final String WATER =
            """
            {"gauge": "weighted", "psi": 10, "altitudeFt": 0, "large": false, "quarts": 0, "pints": 0, "waterMl": 2840,
             "hot": true, "errorPsi": 0}""";
    private static final String QUARTS = WATER.replace("\"quarts\": 0", "\"quarts\": 7");

    /** To pressure, ten minutes and more of it, off, and open once everything has been waited for. */
    private static final String EVENING =
            """
            [{"atMillis": 0, "what": "burner", "value": 100}, {"atMillis": 1260000, "what": "weight", "value": 1},
             {"atMillis": 1500000, "what": "burner", "value": 40}, {"atMillis": 2700000, "what": "burner", "value": 0},
             {"atMillis": 6300000, "what": "weight", "value": 0}, {"atMillis": 7200000, "what": "lid", "value": 1}]""";

    private static TestServer.Answer scene(TestServer server, String canner, String more, int forMillis) {
        return server.post(
                "/api/practice/scenes",
                "{\"canners\": [{\"canner\": %s, \"acts\": [{\"atMillis\": 0, \"what\": \"burner\", \"value\": 100}]%s}], \"forMillis\": %s, \"everyMillis\": 5000}"
                        .formatted(canner, more, forMillis));
    }

    @Test
    void a_scene_goes_on_from_its_snapshot_as_if_it_had_never_stopped(TestServer server) {
        JsonNode whole = scene(server, QUARTS, "", 1_200_000).body().at("/canners/0");
        JsonNode first = scene(server, QUARTS, "", 700_000).body().at("/canners/0");
        JsonNode then = scene(
                        server,
                        QUARTS,
                        ", \"snapshot\": \"%s\"".formatted(first.get("snapshot").asString()),
                        500_000)
                .body()
                .at("/canners/0");
        assertThat(then.get("snapshot")).isEqualTo(whole.get("snapshot"));
        JsonNode sights = then.get("sights");
        assertThat(sights.get(sights.size() - 1))
                .isEqualTo(whole.get("sights").get(whole.get("sights").size() - 1));
        assertThat(whole.get("sights")).hasSize(240);
        // From the knob to the plume, as the published figure for seven hot quarts has it: 13.9 minutes.
        long steady = whole.get("sights")
                .valueStream()
                .filter(sight -> sight.get("plume").asString().equals("steady"))
                .findFirst()
                .orElseThrow()
                .get("atMillis")
                .asLong();
        assertThat(steady / 60_000.0).isBetween(13.9 * 0.85, 13.9 * 1.15);
    }

    /** A page that turns a knob goes on from any quarter of a second; no second of a rehearsal is lost or counted twice by that. */
    @Test
    void a_rehearsal_counts_every_second_wherever_the_page_goes_on(TestServer server) {
        JsonNode whole =
                scene(server, WATER, ", \"rehearsal\": \"\"", 900_000).body().at("/canners/0");
        JsonNode part =
                scene(server, WATER, ", \"rehearsal\": \"\"", 1_250).body().at("/canners/0");
        for (int millis : new int[] {10_500, 250, 600_750, 287_250}) {
            JsonNode notes = part.get("rehearsal");
            part = scene(
                            server,
                            WATER,
                            ", \"snapshot\": \"%s\", \"rehearsal\": \"%s\""
                                    .formatted(
                                            part.get("snapshot").asString(),
                                            notes.get(notes.size() - 1)
                                                    .get("note")
                                                    .asString()),
                            millis)
                    .body()
                    .at("/canners/0");
        }
        JsonNode expected = whole.get("rehearsal").get(whole.get("rehearsal").size() - 1);
        assertThat(expected.get("step").asString()).isEqualTo("vent");
        assertThat(part.get("rehearsal").get(part.get("rehearsal").size() - 1)).isEqualTo(expected);
        assertThat(part.get("snapshot")).isEqualTo(whole.get("snapshot"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "snapshot": "1.2.3"                                         | snapshot
            "rehearsal": "x"                                            | rehearsal
            "snapshot": "javascript:alert(1)"                           | snapshot
            """)
    void what_is_no_scene_is_refused(String more, String field, TestServer server) {
        TestServer.Answer refused = scene(server, WATER, ", " + more, 1_000);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asString()).isEqualTo(field);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            "psi": 10        | "psi": 16
            "quarts": 0      | "quarts": 12
            "waterMl": 2840  | "waterMl": 100
            "weighted"       | "kettle"
            "burner"         | "petrol"
            "value": 100     | "value": 101
            "forMillis": 1000 | "forMillis": 99999999
            """)
    void a_canner_that_nobody_has_is_refused(String good, String bad, TestServer server) {
        String body =
                "{\"canners\": [{\"canner\": %s, \"acts\": [{\"atMillis\": 0, \"what\": \"burner\", \"value\": 100}]}], \"forMillis\": 1000, \"everyMillis\": 250}"
                        .formatted(WATER);
        assertThat(server.post("/api/practice/scenes", body).status()).isEqualTo(200);
        assertThat(body).contains(good);
        TestServer.Answer refused = server.post("/api/practice/scenes", body.replace(good, bad));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("detail").asString()).isNotBlank();
    }

    private static JsonNode entry(TestServer server, String code) {
        return server.get("/api/practice")
                .body()
                .get("drills")
                .valueStream()
                .filter(drill -> drill.get("code").asString().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_drill_is_missed_comes_again_and_is_known(TestServer server) {
        JsonNode drill =
                server.get("/api/practice/drills/vent-cut-short?seed=7").body();
        assertThat(drill.get("snapshot").asString()).isNotBlank();
        assertThat(drill.get("choices")).hasSize(3);
        assertThat(drill.toString()).doesNotContain("passes").doesNotContain("{vented}");
        String tries = "/api/practice/drills/vent-cut-short/tries";
        JsonNode missed = server.post(tries, "{\"seed\": 7, \"choice\": \"weight-on\", \"lastedMillis\": 0}")
                .body();
        assertThat(missed.get("passed").asBoolean()).isFalse();
        assertThat(missed.get("misses").asString()).isEqualTo("air-left");
        assertThat(missed.get("right").asString()).contains("ten minutes are full");
        assertThat(missed.at("/rule/source").asString()).startsWith("Guide 1");
        assertThat(missed.get("plays")).hasSize(1);
        // Of one draw the first answer counts: the right one, now that it was told, changes nothing.
        server.post(tries, "{\"seed\": 7, \"choice\": \"wait\", \"lastedMillis\": 0}");
        assertThat(entry(server, "vent-cut-short").get("tries").asInt()).isEqualTo(1);
        assertThat(entry(server, "vent-cut-short").get("due").asBoolean()).isFalse();
        server.advance(Duration.ofMinutes(11));
        assertThat(entry(server, "vent-cut-short").get("due").asBoolean()).isTrue();
        assertThat(server.get("/api/practice").body().get("next").asString()).isEqualTo("vent-cut-short");
        JsonNode known = server.post(tries, "{\"seed\": 8, \"choice\": \"wait\", \"lastedMillis\": 0}")
                .body();
        assertThat(known.get("passed").asBoolean()).isTrue();
        assertThat(entry(server, "vent-cut-short").get("due").asBoolean()).isFalse();
        assertThat(entry(server, "vent-cut-short").get("inARow").asInt()).isEqualTo(1);
        JsonNode record = server.get("/api/practice/record").body();
        assertThat(record.get("drillsKnown").asInt()).isPositive();
        assertThat(record.get("missed").toString()).contains("air-left");
        assertThat(server.post(tries, "{\"seed\": 9, \"choice\": \"sing\", \"lastedMillis\": 0}")
                        .status())
                .isEqualTo(400);
        assertThat(server.get("/api/practice/drills/no-such-drill").status()).isEqualTo(404);
    }

    @Test
    void a_try_that_is_sent_again_and_again_at_once_is_one_try(TestServer server) {
        String tries = "/api/practice/drills/vent-cut-short/tries";
        int before = entry(server, "vent-cut-short").get("tries").asInt();
        List<Integer> answers = IntStream.range(0, 8)
                .mapToObj(device -> CompletableFuture.supplyAsync(
                        () -> server.post(tries, "{\"seed\": 41, \"choice\": \"wait\", \"lastedMillis\": 0}")
                                .status(),
                        Executors.newSingleThreadExecutor()))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();
        assertThat(answers).containsOnly(200);
        assertThat(entry(server, "vent-cut-short").get("tries").asInt()).isEqualTo(before + 1);
    }

    @Test
    void at_the_knobs_nothing_is_decided_before_it_is(TestServer server) {
        String tries = "/api/practice/drills/weight-on-time/tries";
        String act =
                "{\"seed\": 3, \"acts\": [{\"atMillis\": %s, \"what\": \"weight\", \"value\": 1}], \"lastedMillis\": %s}";
        JsonNode undecided = server.post(tries, act.formatted(30_000, 10_000)).body();
        assertThat(undecided.get("over").asBoolean()).isFalse();
        assertThat(entry(server, "weight-on-time").get("tries").asInt()).isZero();
        JsonNode early = server.post(tries, act.formatted(30_000, 60_000)).body();
        assertThat(early.get("misses").asString()).isEqualTo("vent-cut");
        JsonNode right = server.post(tries, act.formatted(260_000, 300_000).replace("3,", "4,"))
                .body();
        assertThat(right.get("passed").asBoolean()).isTrue();
    }

    @Test
    void ten_lines_are_judged_by_the_rulings(TestServer server) {
        JsonNode ten = server.get("/api/practice/lines?seed=11").body();
        assertThat(ten.get("lines")).hasSize(10);
        JsonNode answer = server.post("/api/practice/lines/tries", "{\"seed\": 11, \"setsTime\": 0, \"stops\": []}")
                .body();
        assertThat(answer.get("passed").asBoolean()).isFalse();
        List<Integer> stops = new ArrayList<>();
        int time = -1;
        for (int line = 0; line < 10; line++) {
            JsonNode one = answer.get("lines").get(line);
            if (one.hasNonNull("stops")) {
                stops.add(line);
            }
            time = one.get("setsTime").asBoolean() ? line : time;
        }
        JsonNode known = server.post(
                        "/api/practice/lines/tries",
                        "{\"seed\": 11, \"setsTime\": %s, \"stops\": %s}".formatted(time, stops))
                .body();
        assertThat(known.get("passed").asBoolean()).isTrue();
        assertThat(server.post("/api/practice/lines/tries", "{\"seed\": 11, \"setsTime\": 0, \"stops\": [10]}")
                        .status())
                .isEqualTo(400);
    }

    /** Everything that practice can do, and not a row anywhere but in its own table. */
    @Test
    void nothing_of_practice_reaches_anything_else(TestServer server) {
        Map<String, String> before = everything(server);
        assertThat(before).hasSizeGreaterThan(40);
        rehearse(server);
        for (JsonNode drill : server.get("/api/practice").body().get("drills")) {
            String code = drill.get("code").asString();
            JsonNode asked =
                    server.get("/api/practice/drills/%s?seed=5".formatted(code)).body();
            String tries = "/api/practice/drills/%s/tries".formatted(code);
            TestServer.Answer answer = asked.get("atTheKnobs").asBoolean()
                    ? server.post(tries, "{\"seed\": 5, \"acts\": [], \"lastedMillis\": 2400000}")
                    : server.post(
                            tries,
                            "{\"seed\": 5, \"choice\": \"%s\", \"lastedMillis\": 0}"
                                    .formatted(asked.at("/choices/0/code").asString()));
            assertThat(answer.status()).as(code).isEqualTo(200);
        }
        server.post("/api/practice/lines/tries", "{\"seed\": 6, \"setsTime\": 0, \"stops\": []}");
        assertThat(server.get("/api/practice/inside?altitudeFt=3000&ventMinutes=2&psi=15&size=pint")
                        .status())
                .isEqualTo(200);
        Map<String, String> after = everything(server);
        before.remove("practice_try");
        assertThat(after.remove("practice_try")).isNotEqualTo("0");
        assertThat(after).isEqualTo(before);
        assertThat(server.get("/api/batches").body().toString()).doesNotContain("Rehearsal");
    }

    private static void rehearse(TestServer server) {
        TestServer.Answer unfinished = server.post(
                "/api/practice/rehearsals",
                "{\"name\": \"Practised canner\", \"canner\": %s, \"acts\": [], \"lastedMillis\": 60000, \"seed\": 1}"
                        .formatted(WATER));
        assertThat(unfinished.status()).isEqualTo(409);
        JsonNode held = server.post(
                        "/api/practice/rehearsals",
                        "{\"name\": \"Practised canner\", \"canner\": %s, \"acts\": %s, \"lastedMillis\": 7300000, \"seed\": 2}"
                                .formatted(WATER, EVENING))
                .body();
        assertThat(held.get("passed").asBoolean()).as("%s", held).isTrue();
        JsonNode last = server.get("/api/practice/record").body().at("/tries/0");
        assertThat(last.get("title").asString()).isEqualTo("Rehearsal with water, Practised canner");
        assertThat(last.get("heldSeconds").asInt()).isEqualTo(600);
    }

    /** What every table holds, as one number each. */
    private static Map<String, String> everything(TestServer server) {
        Map<String, String> sums = new TreeMap<>();
        for (String table : server.database()
                .sql(
                        """
                        SELECT table_name FROM information_schema.tables
                        WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE' AND table_name <> 'clock_look'
                        """)
                .query(String.class)
                .list()) {
            sums.put(
                    table,
                    String.valueOf(server.database()
                            .sql("CHECKSUM TABLE `" + table + "`")
                            .query((row, number) -> row.getObject("Checksum"))
                            .single()));
        }
        return sums;
    }
}
