package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.time.Duration;
import java.time.LocalTime;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A load on the simulated canner, from the screen, with a burner set too low and another canner beside it. */
class SimulatedRunJourney {

    private static final Pattern HEAT_OFF = Pattern.compile("Heat off\\s*(\\d\\d:\\d\\d)");

    @Test
    void a_burner_set_too_low_starts_the_clock_again_and_moves_the_end() throws InterruptedException {
        try (RunningMobrel mobrel = RunningMobrel.withDemoKitchen();
                Browser browser = new Browser()) {
            // Four quarts of stock for the small canner; the big one is in the middle of its hold.
            mobrel.post(
                    "/api/batches",
                    "{\"recipeId\": 4, \"cannerId\": 2, \"jars\": [{\"size\": \"quart\", \"count\": 4}]}");
            Page page = browser.tablet();
            Page phone = browser.page(390, 844, ColorScheme.DARK);
            page.navigate(mobrel.url("/stove"));
            phone.navigate(mobrel.url("/stove"));
            theNearerEventComesFirst(page);
            Locator small = region(page, "Small canner");
            bringUp(page, small);
            String firstEnd = heatOff(small);
            loseAndHoldAgain(page, small, firstEnd);
            offlineForTwoMinutes(page, phone, small);
            finish(page, small);
            theRecordTellsIt(page);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void theNearerEventComesFirst(Page page) {
        Locator cards =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(Pattern.compile("canner$")));
        assertThat(cards).hasCount(2);
        assertThat(cards.first()).containsText("Big canner");
        assertThat(page.getByText(Pattern.compile("Next, in .*: heat off, Big canner")))
                .isVisible();
    }

    private static Locator in(Locator card, String name) {
        return card.getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions()
                        .setName(Pattern.compile(
                                "^" + Pattern.quote(name).replace("\\Q", "").replace("\\E", "") + "( at .*)?$")));
    }

    private static void set(Page page, String what) {
        region(page, "Simulated canner of Small canner")
                .getByText(what, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    private static void bringUp(Page page, Locator small) {
        in(small, "Use the simulated canner").click();
        set(page, "120×");
        in(small, "All six are in order").click();
        in(small, "Jars in, lid locked").click();
        assertThat(region(page, "Simulated canner of Small canner")).containsText("a steady plume");
        in(small, "Steady steam").click();
        assertThat(in(small, "Weight on")).isEnabled();
        in(small, "Weight on").click();
        assertThat(small).containsText("Holding");
        set(page, "20");
    }

    private static String heatOff(Locator card) {
        Matcher found = HEAT_OFF.matcher(card.innerText());
        Assertions.assertThat(found.find()).as(card.innerText()).isTrue();
        return found.group(1);
    }

    /** From one time of day to a later one, past midnight if need be. */
    private static long minutesFrom(String first, String second) {
        long minutes = Duration.between(LocalTime.parse(first), LocalTime.parse(second))
                .toMinutes();
        return Math.floorMod(minutes, 24 * 60L);
    }

    private static void loseAndHoldAgain(Page page, Locator small, String firstEnd) {
        assertThat(small).containsText("The clock starts again: the full 25");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Small canner");
        assertThat(page).hasTitle(Pattern.compile("^! Pressure lost.*Small canner"));
        set(page, "60");
        assertThat(small).containsText("Holding");
        set(page, "40");
        set(page, "10×");
        assertThat(small).containsText("Simulated, 10×");
        Assertions.assertThat(minutesFrom(firstEnd, heatOff(small)))
                .as("the end moves on")
                .isBetween(1L, 120L);
    }

    /** The tablet loses the server for two minutes of the run; the phone does not. */
    private static void offlineForTwoMinutes(Page page, Page phone, Locator small) {
        page.context().setOffline(true);
        assertThat(page.getByText("The kitchen's server cannot be reached.")).isVisible();
        in(small, "Weight moves properly").click();
        assertThat(page.getByText("Kept on this device, not written down yet:")).isVisible();
        page.waitForTimeout(12_000);
        Assertions.assertThat(seconds(small)).isCloseTo(seconds(region(phone, "Small canner")), Assertions.within(25L));
        page.context().setOffline(false);
        assertThat(page.getByText("The kitchen's server cannot be reached.")).isHidden();
        assertThat(page.getByText("Kept on this device")).isHidden();
        assertThat(phone.getByText("told at").first()).isHidden();
    }

    private static long seconds(Locator card) {
        long seconds = 0;
        for (String part : card.getByRole(AriaRole.TIMER).innerText().strip().split(":")) {
            seconds = seconds * 60 + Long.parseLong(part);
        }
        return seconds;
    }

    private static void finish(Page page, Locator small) {
        set(page, "120×");
        in(small, "Heat off").click();
        assertThat(small).containsText("Cooling by itself");
        assertThat(region(page, "Simulated canner of Small canner")).containsText("the weight is still");
        in(small, "Pressure is zero").click();
        in(small, "Weight off").click();
        assertThat(in(small, "Lid off")).isEnabled();
        in(small, "Lid off").click();
        in(small, "Jars out").click();
        assertThat(region(page, "Jars at rest")).containsText("Pork shank stock, 4 quarts");
    }

    private static void theRecordTellsIt(Page page) {
        Cook.goTo(page, "Logbook");
        page.getByText("Pork shank stock").first().click();
        assertThat(page.getByText("Reading: weight moving properly").first()).isVisible();
        assertThat(page.getByText("told at").first()).isVisible();
        assertThat(button(page, "Heat off")).hasCount(0);
    }
}
