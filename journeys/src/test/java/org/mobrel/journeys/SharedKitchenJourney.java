package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Two devices in one kitchen, quick fingers, and a server that is not itself: nothing is taken back in silence, lost or doubled. */
class SharedKitchenJourney {

    @Test
    void a_page_that_slept_takes_back_neither_the_altitude_nor_anything_else() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page tablet = browser.tablet();
            Page phone = browser.page(390, 844, ColorScheme.LIGHT);
            Page asleep = browser.tablet();
            asleep.route("**/api/runs/stream*", Route::abort);
            for (Page page : List.of(tablet, phone, asleep)) {
                page.navigate(mobrel.url("/kitchen"));
                assertThat(page.getByLabel("Altitude in feet")).hasValue("3150");
            }
            phone.getByLabel("Altitude in feet").fill("7,200");
            phone.keyboard().press("Tab");
            assertThat(phone.getByText("The altitude is 7,200 ft now")).isVisible();
            assertThat(tablet.getByLabel("Altitude in feet")).hasValue("7200");
            assertThat(region(tablet, "Big canner")).containsText("14.");

            asleep.getByRole(AriaRole.BUTTON, named("One more: People at the table"))
                    .click();
            assertThat(asleep.getByLabel("Altitude in feet")).hasValue("7200");
            Assertions.assertThat(kitchen(mobrel).get("altitudeFt").getAsInt()).isEqualTo(7200);

            aConflictIsSaid(mobrel, asleep);
            button(phone, "Undo").click();
            assertThat(tablet.getByLabel("Altitude in feet")).hasValue("3150");
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void aConflictIsSaid(RunningMobrel mobrel, Page asleep) {
        mobrel.changeKitchen("\"bestMonths\": 9");
        asleep.getByRole(AriaRole.BUTTON, named("One less: Best within, months"))
                .click();
        assertThat(region(asleep, "This kitchen").getByRole(AriaRole.ALERT))
                .containsText("How long jars are at their best was changed to 9 months on another device.");
        assertThat(asleep.getByLabel("Best within, months", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("9");
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static JsonObject kitchen(RunningMobrel mobrel) {
        return JsonParser.parseString(mobrel.get("/api/kitchen").body()).getAsJsonObject();
    }

    @Test
    void eight_jars_tapped_as_fast_as_the_browser_can_are_eight_of_eight() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            long run = eightPints(mobrel);
            Page page = browser.tablet();
            page.navigate(mobrel.url("/stove"));
            button(page, "All (five|six) are in order").click();
            assertThat(page.getByText("8 to go in")).isVisible();
            page.evaluate(
                    """
                    () => [...document.querySelectorAll('button[aria-label^="Jar "], [role=button][aria-label^="Jar "]')]
                        .forEach((jar) => jar.dispatchEvent(new MouseEvent("click", {bubbles: true})))
                    """);
            assertThat(page.getByText("8 of 8 in")).isVisible();
            page.reload();
            assertThat(page.getByText("8 of 8 in")).isVisible();
            assertThat(page.getByText("not written down yet")).hasCount(0);
            page.waitForCondition(() -> types(mobrel, run).size() == 9);
            Assertions.assertThat(types(mobrel, run)).startsWith("checks-done").containsOnlyOnce("checks-done");
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    @Test
    void half_a_minute_of_a_server_that_is_not_itself_loses_neither_a_tap_nor_the_one_behind_it() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            long run = eightPints(mobrel);
            Page page = browser.tablet();
            // The page's own time goes on by hand, so that half a minute takes no half minute.
            page.clock().install();
            page.navigate(mobrel.url("/stove"));
            List<String> tries = new ArrayList<>();
            page.route("**/api/runs/*/events", route -> {
                tries.add(route.request().postData());
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(503)
                        .setContentType("application/problem+json")
                        .setBody("{\"type\": \"urn:mobrel:problem:database\", \"detail\": \"The database is away.\"}"));
            });
            button(page, "All (five|six) are in order").click();
            page.clock().runFor(1_000);
            assertThat(page.getByText("Kept on this device, not written down yet: Checks done"))
                    .isVisible();
            button(page, "All \\d+ are in, lid locked").click();
            for (int second = 0; second < 30; second++) {
                page.clock().runFor(1_000);
            }
            assertThat(page.getByText(Pattern.compile("not written down yet: Checks done.*; Jars in, lid locked")))
                    .isVisible();
            Assertions.assertThat(tries.size()).isBetween(4, 25);
            Assertions.assertThat(types(mobrel, run)).isEmpty();
            page.reload();
            page.unroute("**/api/runs/*/events");
            for (int second = 0; second < 9 && types(mobrel, run).size() < 2; second++) {
                page.clock().runFor(1_000);
            }
            assertThat(page.getByText("not written down yet")).hasCount(0);
            Assertions.assertThat(types(mobrel, run)).containsExactly("checks-done", "lid-locked");
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    /** A load of eight pints that waits for the small canner. */
    private static long eightPints(RunningMobrel mobrel) {
        long recipe = first(mobrel, "/api/recipes", "title", "Pork shank stock");
        long canner = first(kitchen(mobrel).getAsJsonArray("canners"), "name", "Small canner");
        String made = mobrel.post(
                        "/api/batches",
                        "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"pint\", \"count\": 8}]}"
                                .formatted(recipe, canner))
                .body();
        return JsonParser.parseString(made)
                .getAsJsonObject()
                .getAsJsonArray("runs")
                .get(0)
                .getAsLong();
    }

    private static long first(RunningMobrel mobrel, String path, String field, String value) {
        JsonElement all = JsonParser.parseString(mobrel.get(path).body());
        return first(
                all.isJsonArray() ? all.getAsJsonArray() : all.getAsJsonObject().getAsJsonArray("recipes"),
                field,
                value);
    }

    private static long first(JsonArray all, String field, String value) {
        for (JsonElement each : all) {
            if (each.getAsJsonObject().get(field).getAsString().equals(value)) {
                return each.getAsJsonObject().get("id").getAsLong();
            }
        }
        throw new AssertionError("no %s %s in %s".formatted(field, value, all));
    }

    private static List<String> types(RunningMobrel mobrel, long run) {
        JsonArray events = JsonParser.parseString(mobrel.get("/api/runs/" + run).body())
                .getAsJsonObject()
                .getAsJsonArray("events");
        List<String> types = new ArrayList<>();
        events.forEach(event -> types.add(event.getAsJsonObject().get("type").getAsString()));
        return types;
    }
}
