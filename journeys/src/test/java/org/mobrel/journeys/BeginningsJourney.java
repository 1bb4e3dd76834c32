package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.part;
import static org.mobrel.journeys.Cook.region;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** From the pot as it is to a day that fits: stock, beans in a sauce, a cooked pot, days that are shared, and a phone alone. */
class BeginningsJourney {

    /** Words that a phone's first screen may say, the places at its foot among them. */
    private static final int MOST_WORDS = 60;

    private static final String NOW =
            "new Date(Date.now() - new Date().getTimezoneOffset() * 60000).toISOString().slice(0, 16)";

    private static final String STEW =
            "\"3 lb carrots, sliced\", \"2 lb potatoes, peeled and cubed\", \"3 qt beef stock, chilled and skimmed\"";

    @Test
    void every_pot_finds_its_jars_and_its_day() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            stockDay(page, mobrel);
            sweetBeansShortOfSauce(page, mobrel);
            aCookedPotWithADinnerKept(page, mobrel);
            fortyEightQuartsOverSeveralDays(page, mobrel);
            Page phone = browser.page(390, 844, ColorScheme.LIGHT);
            onThePhoneAlone(phone, mobrel);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void plan(Page page, RunningMobrel mobrel, String title, String lines) {
        String recipe = mobrel.post("/api/recipes", "{\"title\": \"%s\", \"lines\": [%s]}".formatted(title, lines))
                .body();
        long id = JsonParser.parseString(recipe).getAsJsonObject().get("id").getAsLong();
        String plan =
                mobrel.post("/api/plans", "{\"recipeId\": %s}".formatted(id)).body();
        page.navigate(mobrel.url("/plan/"
                + JsonParser.parseString(plan).getAsJsonObject().get("id").getAsLong()));
    }

    private static Locator made(Page page) {
        return region(page, "What it makes");
    }

    private static void stockDay(Page page, RunningMobrel mobrel) {
        plan(page, mobrel, "Friday stock", "\"7 quarts of beef stock\"");
        page.getByLabel("Start from").selectOption("The recipe as written");
        assertThat(made(page)).containsText("7 quarts");
        assertThat(made(page)).containsText("more, give or take ¾ cup");
        assertThat(made(page)).not().containsText("to add");
        part(page, "Amounts");
        assertThat(region(page, "Amounts")).not().containsText("Kettle");
        assertThat(region(page, "Amounts")).containsText("good to about 3 %");
        part(page, "Evening before");
        assertThat(page.getByText("Set the stock to chill")).isVisible();
        part(page, "Fill");
        assertThat(page.getByText("0 of 7 filled")).isVisible();
        assertThat(region(page, "Kettle")).hasCount(0);
        // What five carcasses give is a rough forecast, and says so.
        plan(page, mobrel, "Carcass stock", "\"chicken stock from 5 carcasses\"");
        page.getByLabel("Start from").selectOption("The recipe as written");
        assertThat(made(page)).containsText("6 quarts");
        assertThat(made(page)).containsText("give or take 2 quarts");
    }

    private static void sweetBeansShortOfSauce(Page page, RunningMobrel mobrel) {
        plan(
                page,
                mobrel,
                "Sweet beans",
                "\"5 lb dried navy beans, soaked\", \"1 1/2 qt water\", \"1 cup molasses\", \"2 tsp salt\"");
        page.getByLabel("Start from").selectOption("So many times the recipe");
        button(page, "One more: Times the recipe").click();
        assertThat(made(page)).containsText(Pattern.compile("Make [\\d¼½¾]+ times the sauce: it is .+ short"));
        part(page, "Fill");
        page.getByLabel("The soaked beans weigh").fill("28 lb 12 oz");
        assertThat(region(page, "The soaked lot")).containsText(Pattern.compile("\\d.* into each quart"));
        part(page, "To buy");
        assertThat(region(page, "Beans, cans and frozen")).containsText("7 lb");
    }

    private static void aCookedPotWithADinnerKept(Page page, RunningMobrel mobrel) {
        plan(page, mobrel, "Pot of stew", STEW);
        page.getByLabel("Start from").selectOption("The pot as it is");
        page.getByLabel("In the pot").fill("10 qt");
        page.getByLabel("Solids in a jar ladled from it").selectOption("half");
        assertThat(made(page)).containsText("10 quarts");
        page.getByText("More", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("Keep back in").selectOption("qt");
        page.getByLabel("Keep back for dinner").fill("2");
        assertThat(made(page)).containsText(Pattern.compile("^8 quarts.*, and 2 qt for dinner"));
        page.getByLabel("In the pot").fill("24 lb");
        page.getByLabel("The pot empty").fill("30 lb");
        assertThat(region(page, "Jars")).containsText("the pot weighs no more than it does empty");
        page.getByLabel("The pot empty").fill("5 lb");
        assertThat(made(page)).containsText(Pattern.compile("^7 quarts.*, and 2 qt for dinner"));
        part(page, "To buy");
        assertThat(page.getByText("It stands cooked: nothing is left to buy.")).isVisible();
        part(page, "Amounts");
        assertThat(region(page, "Amounts")).containsText("In the pot already");
    }

    private static void fortyEightQuartsOverSeveralDays(Page page, RunningMobrel mobrel) {
        plan(page, mobrel, "Harvest stew", STEW);
        page.getByLabel("Quarts", new Page.GetByLabelOptions().setExact(true)).fill("48");
        part(page, "Loads and day");
        Locator day = region(page, "The day");
        assertThat(day).containsText("This day does not fit.");
        day.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Over \\d days")))
                .click();
        assertThat(region(page, "Day 2")).not().containsText("does not fit");
        assertThat(day).not().containsText("does not fit");
        assertThat(made(page)).containsText("48 quarts");
        Locator first = region(page, "Loads").getByRole(AriaRole.LISTITEM, byName("Load 1"));
        int before = loads(page, "Loads of day 2");
        first.getByRole(AriaRole.BUTTON, byName("To day 2")).click();
        page.waitForCondition(() -> loads(page, "Loads of day 2") > before);
        assertThat(made(page)).containsText("48 quarts");
        region(page, "Day 2").getByText("Done by").click();
        assertThat(region(page, "Day 2")).not().containsText("if it were");
        page.reload();
        assertThat(region(page, "Day 2")).isVisible();
        part(page, "To buy");
        assertThat(region(page, "Vegetables")).containsText("carrots");
    }

    private static Locator.GetByRoleOptions byName(String name) {
        return new Locator.GetByRoleOptions().setName(name).setExact(true);
    }

    private static int loads(Page page, String region) {
        return region(page, region)
                .getByRole(AriaRole.LISTITEM, new Locator.GetByRoleOptions().setName(Pattern.compile("^Load \\d+$")))
                .count();
    }

    private static void onThePhoneAlone(Page phone, RunningMobrel mobrel) {
        plan(
                phone,
                mobrel,
                "Bean pot",
                "\"2 lb dried kidney beans, soaked\", \"3 cups carrots, sliced\", \"3 qt water\"");
        assertThat(made(phone)).containsText("7 quarts");
        Assertions.assertThat(words(phone)).isLessThan(MOST_WORDS);
        for (String next :
                new String[] {"Amounts", "To buy", "Evening before", "Prep", "Fill", "Loads and day", "Card"}) {
            phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("On to " + next))
                    .click();
            assertThat(here(phone)).containsText(next);
            assertThat(made(phone)).containsText("7 quarts");
            if (next.equals("Loads and day")) {
                // Beans soak overnight: a day that begins now shows its misfits and remedies, whatever the hour.
                phone.getByLabel("Day and time").fill(phone.evaluate(NOW).toString());
                assertThat(phone.getByText("This day does not fit.")).isVisible();
            }
            Assertions.assertThat(phone.evaluate(
                            "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .as(next)
                    .isEqualTo(0);
        }
        swipe(phone, 80, 320);
        assertThat(here(phone)).containsText("Loads and day");
        swipe(phone, 320, 80);
        assertThat(region(phone, "Process card, load 1")).containsText("90");
        assertThat(button(phone, "To the stove")).isVisible();
    }

    private static Locator here(Page phone) {
        return phone.getByRole(
                AriaRole.NAVIGATION,
                new Page.GetByRoleOptions().setName("Part of the plan").setExact(true));
    }

    private static void swipe(Page phone, int from, int to) {
        phone.evaluate(
                """
                ([from, to]) => {
                  const at = [...document.querySelectorAll('main section')].at(-1);
                  const touch = (x) => new Touch({identifier: 1, target: at, clientX: x, clientY: 500});
                  at.dispatchEvent(new TouchEvent('touchstart', {bubbles: true, touches: [touch(from)], changedTouches: [touch(from)]}));
                  at.dispatchEvent(new TouchEvent('touchend', {bubbles: true, touches: [], changedTouches: [touch(to)]}));
                }""",
                List.of(from, to));
    }

    /** Every word in sight above the places at the foot, and those; what an alarm says is not the plan's. */
    private static int words(Page phone) {
        return ((Number)
                        phone.evaluate(
                                """
                        () => {
                          const foot = document.querySelector('nav[aria-label="Places"]');
                          const bar = foot.getBoundingClientRect().top;
                          const said = [];
                          const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                          while (walk.nextNode()) {
                            const text = walk.currentNode;
                            const around = text.parentElement;
                            if (around.closest('option:not(:checked), script, style, .sr-only, [role="alert"]')) continue;
                            const range = document.createRange();
                            range.selectNodeContents(text);
                            const seen = [...range.getClientRects()].some((box) => box.width > 0 && box.top >= 0
                              && (box.bottom <= bar || foot.contains(around)));
                            if (seen && around.checkVisibility()) said.push(text.textContent);
                          }
                          return said.join(' ').split(/\\s+/).filter((word) => /\\w/.test(word)).length;
                        }"""))
                .intValue();
    }
}
