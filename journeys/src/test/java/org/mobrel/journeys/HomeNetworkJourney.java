package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A phone is let in, a helper taps on it at the stove, and it is removed in the middle of the run. */
class HomeNetworkJourney {

    private static final String PHONE = "Phone at the stove";

    @Test
    void a_phone_is_let_in_used_by_a_helper_and_removed_while_the_run_goes_on() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchenAtHome();
                Browser browser = new Browser()) {
            Page kitchen = browser.tablet();
            kitchen.navigate(mobrel.url("/kitchen"));
            Page phone = browser.phoneAtHome();
            letIn(mobrel, kitchen, phone);
            people(kitchen);
            aHelperTaps(mobrel, phone);
            removed(kitchen, phone);
            Assertions.assertThat(lastBy(mobrel)).isEqualTo("Ben");
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void letIn(RunningMobrel mobrel, Page kitchen, Page phone) {
        button(kitchen, "Pair a device").click();
        String digits = region(kitchen, "Then: in")
                .getByText(Pattern.compile("^\\d{3} \\d{3}$"))
                .innerText();
        phone.navigate(mobrel.homeUrl("/stove"));
        assertThat(phone.getByText("Big canner")).hasCount(0);
        phone.getByLabel("The six digits").fill(digits.replace(" ", ""));
        phone.getByLabel("What to call this device").fill(PHONE);
        button(phone, "Pair").click();
        assertThat(region(phone, "Big canner")).containsText("Holding");
        assertThat(region(kitchen, "Home network")).containsText(PHONE);
    }

    private static void people(Page kitchen) {
        Locator people = region(kitchen, "People");
        people.getByText("The first cook", new Locator.GetByTextOptions().setExact(true))
                .click();
        add(people, "Ada", "135790");
        assertThat(people.getByText("Ada", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        add(people, "Ben", "2468");
        assertThat(people).containsText("helper");
    }

    private static void add(Locator people, String name, String pin) {
        people.getByLabel("Name").fill(name);
        people.getByLabel("PIN").fill(pin);
        people.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add " + name))
                .click();
    }

    private static void aHelperTaps(RunningMobrel mobrel, Page phone) {
        phone.reload();
        Locator strip = region(phone, "Who is here");
        assertThat(strip).containsText("Looking only.");
        strip.getByText("Ben").click();
        phone.getByLabel("PIN of Ben").fill("2468");
        button(phone, "Sign in").click();
        assertThat(strip).hasCount(0);
        region(phone, "Big canner")
                .getByRole(
                        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("still on the mark")))
                .click();
        phone.waitForCondition(() -> lastBy(mobrel).equals("Ben"));
        // The kitchen's settings are not a helper's.
        phone.navigate(mobrel.homeUrl("/kitchen"));
        assertThat(region(phone, "At this device")).containsText("may tap at the stove");
        assertThat(region(phone, "People")).hasCount(0);
        phone.navigate(mobrel.homeUrl("/stove"));
        assertThat(region(phone, "Big canner")).containsText("Holding");
    }

    /** Who said the last thing about the run on the stove; empty where nobody is named. */
    private static String lastBy(RunningMobrel mobrel) {
        JsonArray runs = JsonParser.parseString(mobrel.get("/api/runs").body()).getAsJsonArray();
        JsonArray events = runs.asList().stream()
                .map(JsonElement::getAsJsonObject)
                .filter(run -> run.get("stage").getAsString().equals("holding"))
                .findFirst()
                .orElseThrow()
                .getAsJsonArray("events");
        JsonElement said = events.get(events.size() - 1).getAsJsonObject().get("by");
        return said == null || said.isJsonNull() ? "" : said.getAsString();
    }

    private static void removed(Page kitchen, Page phone) {
        button(kitchen, "Remove " + PHONE).click();
        button(kitchen, "Remove it now").click();
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Pair this device")))
                .isVisible();
        assertThat(phone.getByText("Holding")).hasCount(0);
        Cook.goTo(kitchen, "Stove");
        assertThat(region(kitchen, "Big canner")).containsText("Holding");
    }
}
