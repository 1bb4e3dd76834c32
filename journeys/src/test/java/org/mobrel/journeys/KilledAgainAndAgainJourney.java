package org.mobrel.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Power cuts: the server and the database are killed, each alone and both together, while two simulated canners send their readings at
 * sixty times the usual pace and two devices tap. Everything that was answered has to be in the record, once. Three kills by default;
 * {@code ./mobrel bench torture} sets more.
 */
class KilledAgainAndAgainJourney {

    private static final int KILLS = Integer.getInteger("mobrel.kills", 3);
    /** From so many on a load is sure to be held to its end. */
    private static final int MANY = 15;

    private static final int PACE = 60;
    private static final Duration BETWEEN_READINGS = Duration.ofSeconds(15);

    private static final List<String> NAMES = List.of("Left", "Right");

    private final Random random = new Random(20_26);
    private List<Long> canners = List.of();
    private List<StoveHand> hands = List.of();
    private final Map<Long, LinearClock> clocks = new ConcurrentHashMap<>();

    @Test
    void no_tap_is_lost_none_is_written_twice_and_the_clocks_are_right() throws InterruptedException {
        try (RunningMobrel mobrel = RunningMobrel.withSimulatedCanner();
                Browser browser = new Browser()) {
            canners = setUp(mobrel);
            canners.forEach(canner -> load(mobrel, canner));
            Page tablet = browser.tablet();
            Page phone = browser.page(390, 844, ColorScheme.DARK);
            hands = List.of(new StoveHand(tablet, "tablet"), new StoveHand(phone, "phone"));
            for (Page page : List.of(tablet, phone)) {
                page.navigate(mobrel.url("/stove"));
            }
            killAgainAndAgain(mobrel);
            hands.forEach(StoveHand::untilAllIsWrittenDown);
            holdAgainstTheRecord(mobrel);
            assertThat(browser.errors()).isEmpty();
        }
    }

    /** Both hands tap for a while; what is at the stove may come to its end meanwhile. */
    private void tap(int times) {
        for (int time = 0; time < times; time++) {
            hands.forEach(hand -> hand.tap(NAMES));
        }
    }

    private static List<Long> setUp(RunningMobrel mobrel) throws InterruptedException {
        mobrel.changeKitchen("\"altitudeFt\": 800");
        List<Long> canners = new ArrayList<>();
        for (String name : NAMES) {
            JsonArray all = JsonParser.parseString(mobrel.post(
                                    "/api/kitchen/canners",
                                    """
                                    {"name": "%s", "gauge": "weighted", "quarts": 7, "pints": 8, "shortLayers": 2}
                                    """
                                            .formatted(name))
                            .body())
                    .getAsJsonObject()
                    .getAsJsonArray("canners");
            canners.add(all.get(all.size() - 1).getAsJsonObject().get("id").getAsLong());
        }
        mobrel.post("/api/recipes", "{\"title\": \"Stock\", \"lines\": [\"4 qt pork stock\"], \"pack\": \"hot\"}");
        return canners;
    }

    /** Seven quarts of stock: 25 minutes, long enough to be killed in every stage. */
    private static void load(RunningMobrel mobrel, long canner) {
        long run = JsonParser.parseString(untilAnswered(
                        mobrel,
                        "/api/batches",
                        "{\"recipeId\": 1, \"cannerId\": %s, \"jars\": [{\"size\": \"quart\", \"count\": 7}]}"
                                .formatted(canner)))
                .getAsJsonObject()
                .getAsJsonArray("runs")
                .get(0)
                .getAsLong();
        untilAnswered(mobrel, "/api/runs/%s/simulation".formatted(run), "{\"pace\": %s}".formatted(PACE));
    }

    private static String untilAnswered(RunningMobrel mobrel, String path, String json) {
        while (true) {
            try {
                HttpResponse<String> answer = mobrel.post(path, json);
                if (answer.statusCode() / 100 == 2) {
                    return answer.body();
                }
                Thread.sleep(80);
            } catch (UncheckedIOException gone) {
                // Again: a load put on twice is only one more load.
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopped);
            }
        }
    }

    private void killAgainAndAgain(RunningMobrel mobrel) throws InterruptedException {
        for (int kill = 1; kill <= KILLS; kill++) {
            loadWhatIsEmpty(mobrel);
            tap(1 + random.nextInt(2));
            look(mobrel);
            boolean together = kill % 3 == 0;
            if (kill % 3 != 1) {
                mobrel.killDatabase();
                tap(1);
            }
            if (!together && kill % 3 != 1) {
                mobrel.startDatabaseAgain();
                tap(1);
            }
            mobrel.killServer();
            tap(1);
            if (together) {
                mobrel.startDatabaseAgain();
            }
            mobrel.startServerAgain();
            look(mobrel);
            tap(1);
        }
    }

    private void loadWhatIsEmpty(RunningMobrel mobrel) throws InterruptedException {
        JsonArray runs = JsonParser.parseString(mobrel.get("/api/runs").body()).getAsJsonArray();
        boolean busy = runs.asList().stream()
                .anyMatch(run -> run.getAsJsonObject().get("atTheStove").getAsBoolean());
        if (!busy) {
            canners.forEach(canner -> load(mobrel, canner));
        }
    }

    /** Looks at every clock: it must be where it would be if nobody had been killed. */
    private void look(RunningMobrel mobrel) throws InterruptedException {
        Instant asked = Instant.now();
        HttpResponse<String> answer = mobrel.get("/api/runs");
        Instant told = Instant.now();
        for (JsonElement each : JsonParser.parseString(answer.body()).getAsJsonArray()) {
            JsonObject run = each.getAsJsonObject();
            if (run.get("pace").getAsInt() == PACE) {
                clocks.computeIfAbsent(run.get("id").getAsLong(), id -> new LinearClock())
                        .saw(Instant.parse(run.get("now").getAsString()), asked, told);
            }
            isCountedFromItsReadings(run);
        }
    }

    /**
     * A clock that goes sixty times as fast as the real one and never stands. Each look leaves a span of where its zero may lie; all of
     * them must agree to a second.
     */
    private static final class LinearClock {
        private long earliest = Long.MIN_VALUE;
        private long latest = Long.MAX_VALUE;
        private int looks;

        private void saw(Instant shown, Instant asked, Instant told) {
            earliest = Math.max(earliest, shown.toEpochMilli() - PACE * (told.toEpochMilli() - EPOCH));
            latest = Math.min(latest, shown.toEpochMilli() - PACE * (asked.toEpochMilli() - EPOCH));
            looks++;
            // The server's clock and this one are read in whole milliseconds, each of which is sixty of the run's.
            assertThat(earliest)
                    .as("the run's clock is off after %s looks", looks)
                    .isLessThanOrEqualTo(latest + 1_000);
        }

        private static final long EPOCH = Instant.parse("2026-01-01T00:00:00Z").toEpochMilli();
    }

    /** The hold that is shown, worked out a second time from the events alone. */
    private static void isCountedFromItsReadings(JsonObject run) {
        if (!run.get("stage").getAsString().equals("holding")) {
            return;
        }
        Instant since = Instant.parse(run.get("clockSince").getAsString());
        assertThat(since)
                .as("the hold of run " + run.get("id"))
                .isEqualTo(lastHold(eventsByTime(run), Instant.MAX).orElseThrow());
        assertThat(Duration.between(since, Instant.parse(run.get("clockEndsAt").getAsString())))
                .isEqualTo(Duration.ofMinutes(run.get("minutes").getAsInt()));
    }

    private static List<JsonObject> eventsByTime(JsonObject run) {
        return run.getAsJsonArray("events").asList().stream()
                .map(JsonElement::getAsJsonObject)
                .sorted(Comparator.comparing(KilledAgainAndAgainJourney::at))
                .toList();
    }

    private static Instant at(JsonObject event) {
        return Instant.parse(event.get("at").getAsString());
    }

    /** Since when the weight has moved properly without a break, at most until an instant. */
    private static Optional<Instant> lastHold(List<JsonObject> events, Instant until) {
        boolean weightOn = false;
        Instant since = null;
        for (JsonObject event : events) {
            if (at(event).isAfter(until)) {
                break;
            }
            String type = event.get("type").getAsString();
            if (type.equals("weight-on")) {
                weightOn = true;
                since = null;
            } else if (type.equals("reading") && weightOn) {
                boolean proper = !event.get("weight").getAsString().equals("still");
                since = !proper ? null : since == null ? at(event) : since;
            } else if (type.equals("heat-off")) {
                break;
            }
        }
        return Optional.ofNullable(since);
    }

    private void holdAgainstTheRecord(RunningMobrel mobrel) throws InterruptedException {
        List<String> taps = new ArrayList<>();
        int written = 0;
        int holds = 0;
        for (long id : clocks.keySet()) {
            JsonObject run =
                    JsonParser.parseString(mobrel.get("/api/runs/" + id).body()).getAsJsonObject();
            List<JsonObject> events = run.getAsJsonArray("events").asList().stream()
                    .map(JsonElement::getAsJsonObject)
                    .toList();
            assertThat(events.stream().map(event -> event.get("number").getAsInt()))
                    .as("numbers without gaps")
                    .containsExactlyElementsOf(
                            IntStream.rangeClosed(1, events.size()).boxed().toList());
            events.stream()
                    .filter(event -> event.get("type").getAsString().equals("note"))
                    .forEach(event -> taps.add(event.get("note").getAsString()));
            gaugeMissesNothing(events);
            holds += heatWentOffInTime(run, events) ? 1 : 0;
            written += events.size();
        }
        hands.forEach(hand -> hand.unsure().forEach(taps::remove));
        assertThat(taps)
                .as("every note of both hands, once")
                .containsExactlyInAnyOrderElementsOf(
                        hands.stream().flatMap(hand -> hand.notes().stream()).toList());
        assertThat(taps.size()).as("enough was tapped").isGreaterThan(KILLS * 4);
        assertThat(written).as("enough was going on").isGreaterThan(KILLS * 20);
        if (KILLS >= MANY) {
            assertThat(holds).as("loads that were held to their end").isPositive();
        }
    }

    /** One reading every fifteen seconds of the run from the locked lid on: none lost, none twice, also over the kills. */
    private static void gaugeMissesNothing(List<JsonObject> events) {
        List<Instant> read = events.stream()
                .filter(event -> event.has("gauge"))
                .map(KilledAgainAndAgainJourney::at)
                .sorted()
                .toList();
        for (int next = 1; next < read.size(); next++) {
            assertThat(Duration.between(read.get(next - 1), read.get(next)))
                    .as("between readings %s and %s", next, next + 1)
                    .isEqualTo(BETWEEN_READINGS);
        }
    }

    private static boolean heatWentOffInTime(JsonObject run, List<JsonObject> events) {
        Optional<Instant> off = events.stream()
                .filter(event -> event.get("type").getAsString().equals("heat-off"))
                .map(KilledAgainAndAgainJourney::at)
                .findFirst();
        off.ifPresent(at -> assertThat(
                        Duration.between(lastHold(eventsByTime(run), at).orElseThrow(), at))
                .as("the hold of run " + run.get("id"))
                .isGreaterThanOrEqualTo(Duration.ofMinutes(25)));
        return off.isPresent();
    }
}
