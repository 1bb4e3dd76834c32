package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A load on the practice device, from the screen, with a burner set too low and another canner beside it. */
class SimulatedRunJourney {

    private static final Duration PATIENCE = Duration.ofMinutes(3);
    /** The page is told of the simulated canner four times a second. */
    private static final double STEP_MILLIS = 300;

    private static final Pattern HEAT_OFF = Pattern.compile("Heat off\\s*(\\d\\d:\\d\\d)");

    @Test
    void a_burner_set_too_low_starts_the_clock_again_and_moves_the_end() throws InterruptedException {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            // Four quarts of stock for the small canner; the big one is in the middle of its hold.
            mobrel.post(
                    "/api/batches",
                    "{\"recipeId\": 4, \"cannerId\": 2, \"jars\": [{\"size\": \"quart\", \"count\": 4}]}");
            Page page = browser.tablet();
            Page phone = browser.page(390, 844, ColorScheme.DARK);
            page.navigate(mobrel.url("/stove"));
            Page device = browser.tablet();
            device.navigate(mobrel.url("/practice?part=device"));
            phone.navigate(mobrel.url("/stove"));
            theNearerEventComesFirst(page);
            Locator small = region(page, "Small canner");
            bringUp(mobrel, page, device, small);
            String firstEnd = heatOff(small);
            loseAndHoldAgain(mobrel, page, device, small, firstEnd);
            offlineForAWhile(page, phone, small);
            finish(mobrel, page, device, small);
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

    /** The knobs of the practice device stand in their own place; the stove shows what comes of them. */
    private static void set(Page device, String what) {
        Locator choice = region(device, "Practice device of Small canner")
                .getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName(what).setExact(true));
        choice.locator("..").click();
        assertThat(choice).isChecked();
    }

    /** Moves the clock on by small steps until the page shows what is waited for. */
    private static void hurry(RunningMobrel mobrel, BooleanSupplier shown) {
        Instant limit = Instant.now().plus(PATIENCE);
        while (!shown.getAsBoolean()) {
            if (Instant.now().isAfter(limit)) {
                throw new AssertionError("waited in vain");
            }
            mobrel.advance(Duration.ofMillis(700));
        }
    }

    private static BooleanSupplier saying(Locator card, String words) {
        return within(card.filter(new Locator.FilterOptions().setHasText(words)));
    }

    private static BooleanSupplier enabled(Locator button) {
        Locator ready = button.and(button.page().locator(":enabled"));
        return within(ready);
    }

    private static BooleanSupplier within(Locator awaited) {
        return () -> {
            try {
                awaited.waitFor(new Locator.WaitForOptions().setTimeout(STEP_MILLIS));
                return true;
            } catch (TimeoutError notYet) {
                return false;
            }
        };
    }

    private static void bringUp(RunningMobrel mobrel, Page page, Page device, Locator small) {
        in(region(device, "Practice device: Small canner"), "Use the practice device")
                .click();
        set(device, "120×");
        in(small, "All five are in order").click();
        in(small, "All 4 are in, lid locked").click();
        hurry(mobrel, saying(region(device, "Practice device of Small canner"), "a steady plume"));
        in(small, "Steady steam").click();
        hurry(mobrel, enabled(in(small, "Weight on")));
        in(small, "Weight on").click();
        // Slow enough that a machine that stands still for a while does not miss the whole hold.
        set(device, "30×");
        hurry(mobrel, saying(small, "Holding"));
        set(device, "20");
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

    private static void loseAndHoldAgain(RunningMobrel mobrel, Page page, Page device, Locator small, String firstEnd) {
        hurry(mobrel, saying(small, "The clock starts again: the full 25"));
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Small canner");
        assertThat(page).hasTitle(Pattern.compile("^! Pressure lost.*Small canner"));
        set(device, "60");
        hurry(mobrel, saying(small, "Holding"));
        set(device, "40");
        set(device, "10×");
        assertThat(small).containsText("Practice device, 10×");
        Assertions.assertThat(minutesFrom(firstEnd, heatOff(small)))
                .as("the end moves on")
                .isBetween(1L, 120L);
    }

    /** The tablet loses the server for more than a minute of the run; the phone does not. */
    private static void offlineForAWhile(Page page, Page phone, Locator small) {
        page.context().setOffline(true);
        assertThat(page.getByText("The kitchen's server cannot be reached.")).isVisible();
        in(small, "Weight moves properly").click();
        assertThat(page.getByText("Kept on this device, not written down yet:")).isVisible();
        long before = seconds(small);
        page.waitForCondition(() -> Math.abs(seconds(small) - before) >= 90);
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

    private static void finish(RunningMobrel mobrel, Page page, Page device, Locator small) {
        set(device, "120×");
        hurry(mobrel, enabled(in(small, "Heat off")));
        in(small, "Heat off").click();
        assertThat(small).containsText("Cooling by itself");
        hurry(mobrel, saying(region(device, "Practice device of Small canner"), "the weight is still"));
        hurry(mobrel, () -> seconds(small) > 20 * 60);
        set(device, "10×");
        in(small, "Pressure is zero").click();
        in(small, "Weight off").click();
        // Only what is written down counts: time that is hurried on before would be the page's alone.
        assertThat(small).containsText("The lid stays on until");
        assertThat(small.getByText("Not written down yet")).hasCount(0);
        hurry(mobrel, enabled(in(small, "Lid off")));
        in(small, "Lid off").click();
        in(small, "Jars out").click();
        assertThat(region(page, "Jars at rest")).containsText("Pork shank stock, 4 quarts");
    }

    private static void theRecordTellsIt(Page page) {
        Cook.goTo(page, "Logbook");
        assertThat(page.getByText("Practice device").first()).isVisible();
        page.getByText("Pork shank stock").first().click();
        assertThat(page.getByText("Practice device: nothing was canned")).isVisible();
        assertThat(page.getByText("Reading: weight moving properly").first()).isVisible();
        assertThat(page.getByText("told at").first()).isVisible();
        assertThat(button(page, "Heat off")).hasCount(0);
    }
}
