package org.mobrel.journeys;

import com.google.gson.JsonArray;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;

/** Two canners side by side in a hold, each with five quarts of stock, for devices that listen or look. */
final class TwoCanners {

    static final String LEFT = "Left canner";
    static final String RIGHT = "Right canner";

    private static final String RECIPE =
            "{\"title\": \"Pork stock\", \"lines\": [\"6 qt pork stock\"], \"pack\": \"hot\"}";

    private TwoCanners() {}

    /**
     * Both nine minutes into their hold.
     *
     * @param canner what they are, with a place for the name
     * @param reading what was read when they came to pressure
     * @return the runs, the left one first
     */
    static List<Long> holding(RunningMobrel mobrel, String canner, String reading) {
        mobrel.changeKitchen("\"altitudeFt\": 800, \"units\": \"us\"");
        List<Long> runs = new ArrayList<>();
        for (String name : List.of(LEFT, RIGHT)) {
            runs.add(vented(mobrel, canner.formatted(name)));
        }
        mobrel.advance(Duration.ofMinutes(10));
        for (long run : runs) {
            tell(mobrel, run, "{\"type\": \"weight-on\"}");
            tell(mobrel, run, reading);
        }
        mobrel.advance(Duration.ofMinutes(9));
        return runs;
    }

    private static long vented(RunningMobrel mobrel, String canner) {
        JsonArray canners = JsonParser.parseString(
                        mobrel.post("/api/kitchen/canners", canner).body())
                .getAsJsonObject()
                .getAsJsonArray("canners");
        long id = canners.get(canners.size() - 1).getAsJsonObject().get("id").getAsLong();
        long recipe = JsonParser.parseString(mobrel.post("/api/recipes", RECIPE).body())
                .getAsJsonObject()
                .get("id")
                .getAsLong();
        String batch = "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"quart\", \"count\": 5}]}"
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
                        mobrel.post("/api/runs/%s/events".formatted(run), event).statusCode())
                .isEqualTo(200);
    }

    /** What stands on a button of one of them. */
    static Locator within(Page page, String canner, String button) {
        return Cook.region(page, canner).getByText(button, new Locator.GetByTextOptions().setExact(true));
    }
}
