package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.clock;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.Cook.remedy;
import static org.mobrel.journeys.Cook.tap;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Nothing that goes wrong at the stove is a dead end: two flavours, a jar left out, a loss, an early zero, a jar that did not seal. */
class NextTryJourney {

    private static final String KITCHEN = "\"altitudeFt\": 3150, \"units\": \"us\"";
    private static final String CANNER =
            "{\"name\": \"Big canner\", \"gauge\": \"dial\", \"gaugeErrorPsi\": 0.5, \"quarts\": 7, \"pints\": 9, \"shortLayers\": 2}";
    private static final String RECIPE =
            """
            {"title": "Pork stock", "lines": ["6 qt pork stock"], "pack": "hot", "solidsShare": 0.5,
             "variants": [{"name": "with thyme", "lines": ["1 tsp dried thyme"]}]}
            """;

    private final Axe axe = new Axe();

    /** Nine pints on the stove, four of them with thyme; the number of their plan. */
    private static long ninePints(RunningMobrel mobrel, int withThyme) {
        mobrel.changeKitchen(KITCHEN);
        long canner = object(mobrel.post("/api/kitchen/canners", CANNER).body())
                .getAsJsonArray("canners")
                .get(0)
                .getAsJsonObject()
                .get("id")
                .getAsLong();
        HttpResponse<String> tested = mobrel.post(
                "/api/kitchen/canners/%s/tests".formatted(canner),
                "{\"on\": \"%s\", \"readPsi\": 10.5, \"masterPsi\": 10, \"by\": \"Ada\"}"
                        .formatted(LocalDate.now(ZoneOffset.UTC).minusDays(1)));
        Assertions.assertThat(tested.statusCode()).as(tested.body()).isLessThan(300);
        long recipe = number(mobrel.post("/api/recipes", RECIPE).body(), "id");
        JsonObject plan = object(mobrel.post("/api/plans", "{\"recipeId\": %s}".formatted(recipe))
                .body());
        String body =
                """
                {"basedOn": %s, "body": {"ticked": [], "dishes": [{"key": "a", "recipeId": %s, "mode": "jars", "oneLoad": false,
                 "jars": [{"size": "pint", "mouth": "regular", "count": 9}],
                 "variants": [{"name": "with thyme", "jars": %s}]}]}}
                """;
        long id = plan.get("id").getAsLong();
        Assertions.assertThat(mobrel.put("/api/plans/" + id, body.formatted(1, recipe, withThyme))
                        .statusCode())
                .isEqualTo(200);
        Assertions.assertThat(mobrel.post("/api/batches/of-plan/" + id, "").statusCode())
                .isLessThan(300);
        return id;
    }

    private static JsonObject object(String json) {
        return JsonParser.parseString(json).getAsJsonObject();
    }

    private static long number(String json, String field) {
        return object(json).get(field).getAsLong();
    }

    /** The sentence that a screen reader hears as it changes. */
    private static Locator said(Page page) {
        return page.locator("[aria-live=polite]").first();
    }

    private static void enter(Page page, String name) {
        Locator next = button(page, name);
        assertThat(next).isEnabled();
        next.focus();
        page.keyboard().press("Enter");
    }

    @Test
    void two_flavours_reach_the_shelf_through_a_loss_an_early_zero_and_a_jar_that_did_not_seal() {
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser browser = new Browser()) {
            ninePints(mobrel, 4);
            mobrel.changeKitchen("\"care\": {\"rim-nicks\": true, \"lid-even\": true}");
            Page page = browser.tablet();
            Page phone = browser.page(390, 844, ColorScheme.LIGHT);
            page.navigate(mobrel.url("/stove"));
            phone.navigate(mobrel.url("/stove"));
            loadEightOfNine(page);
            bringUpByKeyboard(page, mobrel);
            loseAndHold(page, mobrel);
            coolTooSoon(phone, mobrel);
            oneDidNotSeal(page, mobrel);
            theNextTryReachesTheShelf(phone, mobrel);
            axe.foundNothing();
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private void loadEightOfNine(Page page) {
        assertThat(region(page, "Big canner")).containsText("9 pints");
        axe.look(page, "checks");
        enter(page, "All (five|six) are in order");
        assertThat(region(page, "Big canner")).containsText("Pork stock, with thyme");
        for (int jar = 1; jar <= 8; jar++) {
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions()
                                    .setName("Jar " + jar + ", pint")
                                    .setExact(true))
                    .press("Enter");
        }
        assertThat(page.getByText("8 of 9 in")).isVisible();
        axe.look(page, "loading");
        enter(page, "Jars in, lid locked");
        lookAtLidAndRims(page);
        enter(page, "Jars in, lid locked");
        assertThat(page.getByText("Jar 9 is not in. Where did it go?")).isVisible();
        remedy(page, "Refrigerator").press("Enter");
        assertThat(said(page)).hasText("High heat. Wait for a steady plume of steam; a wisp is not enough.");
    }

    /** The lid waits for what this kitchen looks at besides. */
    private void lookAtLidAndRims(Page page) {
        assertThat(page.getByText("Before the lid is locked:")).isVisible();
        axe.look(page, "care points");
        remedy(page, "Jar rims felt").press("Enter");
        assertThat(page.getByText("One look before the lid is locked.")).isVisible();
        remedy(page, "Lid even").press("Enter");
    }

    private void bringUpByKeyboard(Page page, RunningMobrel mobrel) {
        assertThat(button(page, "Steady steam")).isFocused();
        axe.look(page, "heating");
        page.keyboard().press("Enter");
        assertThat(said(page)).containsText("The weight stays off until then.");
        axe.look(page, "venting");
        mobrel.advance(Duration.ofMinutes(10));
        assertThat(said(page)).hasText("Vented. Put the weight on now.");
        enter(page, "Weight on");
        assertThat(said(page)).containsText("Coming up to 12.5 on this dial.");
        axe.look(page, "rising");
        standOnTheCampStove(page);
        button(page, "12.5 · on the mark").focus();
        assertThat(button(page, "12.5 · on the mark")).isFocused();
        page.keyboard().press("Enter");
        assertThat(said(page)).containsText("then heat off. Keep 12.5 or more on this dial.");
        axe.look(page, "holding");
    }

    private void standOnTheCampStove(Page page) {
        enter(page, "It stands elsewhere");
        axe.look(page, "where it stands");
        enter(page, "Camp stove");
        assertThat(page.getByText("Stands on: camp stove.")).isVisible();
    }

    private void loseAndHold(Page page, RunningMobrel mobrel) {
        mobrel.advance(Duration.ofMinutes(5));
        enter(page, "It dropped");
        enter(page, "Write down 12");
        assertThat(said(page)).containsText("Pressure fell to 12 at");
        axe.look(page, "pressure lost");
        enter(page, "12.5 · on the mark");
        assertThat(said(page)).containsText("then heat off");
        mobrel.advance(Duration.ofMinutes(22));
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Heat off now: Big canner");
        assertThat(clock(page)).containsText(Pattern.compile("^\\+[12]:\\d\\d$"));
        axe.look(page, "time over");
        enter(page, "Heat off");
    }

    private void coolTooSoon(Page phone, RunningMobrel mobrel) {
        assertThat(said(phone)).containsText("Cooling by itself.");
        axe.look(phone, "cooling");
        mobrel.advance(Duration.ofMinutes(4));
        assertThat(clock(phone)).containsText(Pattern.compile("^4:\\d\\d$"));
        enter(phone, "Pressure is zero");
        assertThat(phone.getByText("So soon? What shows that the pressure is gone?"))
                .isVisible();
        axe.look(phone, "early zero");
        enter(phone, "No hiss when nudged");
        enter(phone, "No, it cooled by itself");
        assertThat(button(phone, "Weight off")).isVisible();
        axe.look(phone, "depressurised");
        enter(phone, "Weight off");
        assertThat(clock(phone)).containsText(Pattern.compile("^(10:00|9:\\d\\d)$"));
        axe.look(phone, "settling");
        mobrel.advance(Duration.ofMinutes(10));
        enter(phone, "Lid off");
        assertThat(said(phone)).containsText("Jars out without tilting");
        axe.look(phone, "opened");
        enter(phone, "Jars out");
        assertThat(button(phone, "Jars out")).hasCount(0);
        axe.look(phone, "resting");
    }

    private void oneDidNotSeal(Page page, RunningMobrel mobrel) {
        mobrel.advance(Duration.ofHours(12));
        link(page, "Check the seals").press("Enter");
        assertThat(button(page, "All 8 bands are off")).isVisible();
        axe.look(page, "seal check");
        enter(page, "All 8 bands are off");
        remedy(page, "Jar 2 A: pint").press("Enter");
        region(page, "Jar 2").getByLabel("Not sealed").press("Space");
        axe.look(page, "seal check of one jar");
        enter(page, "All sealed but jar 2");
        remedy(page, "What to do with it").press("Enter");
        assertThat(page.getByText("8 jars in, 7 sealed")).isVisible();
        axe.look(page, "seal check done");
        link(page, "To the shelf").press("Enter");
        assertThat(page.getByText("7 jars, 1 dish")).isVisible();
        assertThat(region(page, "On hold")).containsText("Its pressure was gone sooner than a canner cools by itself.");
        page.goBack();
        remedy(page, "Process again").press("Enter");
        assertThat(page).hasURL(Pattern.compile("/stove$"));
    }

    private void theNextTryReachesTheShelf(Page phone, RunningMobrel mobrel) {
        assertThat(phone.getByText("Second try: new lids, rims looked at, the full 20 minutes."))
                .isVisible();
        axe.look(phone, "second try");
        enter(phone, "All (five|six) are in order");
        enter(phone, "The jar is in, lid locked");
        lookAtLidAndRims(phone);
        toTheSealCheck(phone, mobrel, "The jar is in, lid locked");
        link(phone, "Check the seals").click();
        button(phone, "The band is off").click();
        button(phone, "It is sealed").click();
        link(phone, "To the shelf").click();
        assertThat(phone.getByText("8 jars, 1 dish")).isVisible();
        String lots = mobrel.get("/api/shelf").body();
        Assertions.assertThat(lots.split("\"variant\":\"with thyme\"", -1).length - 1)
                .as("lots with thyme: of the first try and of the second")
                .isEqualTo(2);
    }

    /** A run without a hitch, from the lid until the jars are out. */
    private static void toTheSealCheck(Page page, RunningMobrel mobrel, String lid) {
        tap(page, lid);
        tap(page, "Steady steam");
        assertThat(clock(page)).containsText(Pattern.compile("^(10:00|9:\\d\\d)$"));
        mobrel.advance(Duration.ofMinutes(10));
        tap(page, "Weight on");
        tap(page, "12.5 · on the mark");
        assertThat(clock(page)).containsText(Pattern.compile("^(20:00|19:\\d\\d)$"));
        mobrel.advance(Duration.ofMinutes(21));
        tap(page, "Heat off");
        assertThat(button(page, "It was cooled by force")).isVisible();
        mobrel.advance(Duration.ofMinutes(40));
        assertThat(clock(page)).containsText(Pattern.compile("^4\\d:\\d\\d$"));
        tap(page, "Pressure is zero");
        tap(page, "Weight off");
        assertThat(clock(page)).containsText(Pattern.compile("^(10:00|9:\\d\\d)$"));
        mobrel.advance(Duration.ofMinutes(10));
        tap(page, "Lid off");
        tap(page, "Jars out");
        assertThat(button(page, "Jars out")).hasCount(0);
        mobrel.advance(Duration.ofHours(12));
    }

    private static int taps(Page page) {
        return ((Number) page.evaluate("window.taps")).intValue();
    }

    /** Nine good pints: one tap for each as it is filled, one for all of them into the canner, and four from "jars out" to the shelf. */
    @Test
    void a_good_load_asks_for_few_taps() {
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser browser = new Browser()) {
            long plan = ninePints(mobrel, 0);
            Page page = browser.page(390, 844, ColorScheme.LIGHT);
            page.navigate(mobrel.url("/plan/%s/filling".formatted(plan)));
            page.evaluate("() => { window.taps = 0; addEventListener('click', () => window.taps++, true); }");
            for (int jar = 1; jar <= 9; jar++) {
                button(page, "pint " + jar).click();
                assertThat(page.getByText(jar + " of 9 filled")).isVisible();
            }
            Assertions.assertThat(taps(page))
                    .as("one for each jar as it is filled")
                    .isEqualTo(9);
            link(page, "At the stove").click();
            button(page, "All (five|six) are in order").click();
            // One for all that were filled: of seven jars that is eight taps in all.
            toTheSealCheck(page, mobrel, "All 9 are in, lid locked");
            int before = taps(page);
            link(page, "Check the seals").click();
            button(page, "All 9 bands are off").click();
            button(page, "All 9 sealed").click();
            link(page, "To the shelf").click();
            assertThat(page.getByText("9 jars, 1 dish")).isVisible();
            Assertions.assertThat(taps(page) - before + 1)
                    .as("with the one for jars out")
                    .isLessThanOrEqualTo(6);
            Assertions.assertThat(before - 9).as("from the plan to jars out").isLessThanOrEqualTo(12);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }
}
