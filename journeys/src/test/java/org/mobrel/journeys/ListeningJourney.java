package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;

import com.google.gson.JsonArray;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * A minute of sound cannot be hurried, so this runs with {@code ./mobrel bench ears} and not with every test.
 *
 * <p>Two tablets listen, each to its canner: one weight falls silent and is asked about; a hood starts beside the other, and nothing is.
 */
@EnabledIfSystemProperty(named = "mobrel.ears", matches = "true")
class ListeningJourney {

    private static final String CANNER =
            """
            {"name": "%s", "gauge": "weighted", "quarts": 7, "pints": 9, "shortLayers": 2,
             "weight": {"shows": "holes", "sound": "rocks"}}
            """;
    private static final String RECIPE =
            "{\"title\": \"Pork stock\", \"lines\": [\"6 qt pork stock\"], \"pack\": \"hot\"}";

    /** A run in the fortieth minute of its hold. */
    private static long holding(RunningMobrel mobrel, String canner) {
        JsonArray canners = JsonParser.parseString(mobrel.post("/api/kitchen/canners", CANNER.formatted(canner))
                        .body())
                .getAsJsonObject()
                .getAsJsonArray("canners");
        long id = canners.get(canners.size() - 1).getAsJsonObject().get("id").getAsLong();
        long recipe = JsonParser.parseString(mobrel.post("/api/recipes", RECIPE).body())
                .getAsJsonObject()
                .get("id")
                .getAsLong();
        String batch = "{\"recipeId\": %d, \"cannerId\": %d, \"jars\": [{\"size\": \"quart\", \"count\": 5}]}"
                .formatted(recipe, id);
        long run = JsonParser.parseString(mobrel.post("/api/batches", batch).body())
                .getAsJsonObject()
                .getAsJsonArray("runs")
                .get(0)
                .getAsLong();
        for (String event : List.of("checks-done", "lid-locked", "steam-steady")) {
            tell(mobrel, run, "{\"type\": \"%s\"}".formatted(event));
        }
        return run;
    }

    private static void tell(RunningMobrel mobrel, long run, String event) {
        Assertions.assertThat(
                        mobrel.post("/api/runs/%d/events".formatted(run), event).statusCode())
                .isEqualTo(200);
    }

    private static Locator within(Page page, String canner, String button) {
        return region(page, canner).getByText(button, new Locator.GetByTextOptions().setExact(true));
    }

    private static void teach(Page page, RunningMobrel mobrel, String canner) {
        page.navigate(mobrel.url("/stove"));
        within(page, canner, "Listen").click();
        within(page, canner, "Teach it this weight").click();
        within(page, canner, "Begin").click();
    }

    private static void listen(Page page, String canner) {
        within(page, canner, "Listen with it").click();
        assertThat(region(page, "This device listens")).containsText("Hears it rocking");
    }

    @Test
    void silence_is_asked_about_and_a_hood_is_not() {
        Path silent = new KitchenSound(60).rocks(0, 14).write();
        Path loud = new KitchenSound(60).rocks(0, 60).hood(14, 60).write();
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser one = Browser.hearing(silent);
                Browser other = Browser.hearing(loud)) {
            mobrel.changeKitchen("\"altitudeFt\": 800, \"units\": \"us\"");
            long first = holding(mobrel, "Left canner");
            long second = holding(mobrel, "Right canner");
            mobrel.advance(Duration.ofMinutes(10));
            for (long run : List.of(first, second)) {
                tell(mobrel, run, "{\"type\": \"weight-on\"}");
                tell(mobrel, run, "{\"type\": \"reading\", \"weight\": \"proper\"}");
            }
            mobrel.advance(Duration.ofMinutes(9));
            Page left = one.tablet();
            Page right = other.tablet();
            teach(left, mobrel, "Left canner");
            teach(right, mobrel, "Right canner");
            listen(left, "Left canner");
            listen(right, "Right canner");

            assertThat(region(left, "Left canner")).containsText("Look: is it still rocking?");
            assertThat(region(right, "Left canner")).containsText("Look: is it still rocking?");
            assertThat(region(right, "This device listens")).containsText("Too loud to hear it.");
            assertThat(within(right, "Right canner", "Yes, it rocks")).hasCount(0);
            within(left, "Left canner", "It stopped").click();
            assertThat(region(left, "Left canner")).containsText("Coming up");
            assertThat(region(right, "Right canner")).containsText("Holding");
            button(right, "Stop listening").click();
            assertThat(within(right, "Right canner", "Listen")).isVisible();
            Assertions.assertThat(one.errors()).isEmpty();
            Assertions.assertThat(other.errors()).isEmpty();
        }
    }
}
