package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.clock;
import static org.mobrel.journeys.Cook.goTo;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.time.Duration;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The same kitchen on a phone in the hand and a tablet on the counter, one of them in the dark. */
class PhoneAndTabletJourney {

    @Test
    void both_show_the_same_run_and_neither_can_contradict_the_other() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page tablet = browser.tablet();
            Page phone = browser.page(390, 844, ColorScheme.DARK);
            tablet.navigate(mobrel.url("/stove"));
            phone.navigate(mobrel.url("/stove"));
            assertThat(phone.locator("html")).hasAttribute("data-theme", "cellar");
            isReadableFromAcrossTheKitchen(tablet);
            nothingIsCutOff(phone);

            button(phone, "It dropped").click();
            button(phone, "Write down 12").click();
            assertThat(tablet.getByText("Pressure fell to 12 at")).isVisible();
            button(tablet, "12.5 · on the mark").click();
            assertThat(region(phone, "Big canner")).containsText("Holding");
            assertThat(clock(phone)).containsText(Pattern.compile("(90:00|89:\\d\\d)"));
            nothingIsCutOff(phone);
            fits(clock(tablet));
            fits(clock(phone));
            mobrel.advance(Duration.ofMinutes(91));
            assertThat(button(phone, "Heat off")).isVisible();
            button(tablet, "Heat off").click();
            assertThat(button(phone, "Pressure is zero")).isVisible();
            forcedCoolingAsksFirst(phone);

            phone.navigate(mobrel.url("/shelf"));
            nothingIsCutOff(phone);
            goTo(phone, "Today");
            assertThat(region(phone, "On the stove")).containsText("Cooling down");
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    /** Digits at least an eighth of the screen's height, targets at least 56 pixels. */
    private static void isReadableFromAcrossTheKitchen(Page page) {
        Assertions.assertThat(size(clock(page)).height).isGreaterThanOrEqualTo(Browser.TABLET_HEIGHT * 0.12);
        for (Locator each :
                region(page, "Big canner").getByRole(AriaRole.BUTTON).all()) {
            if (each.isVisible()) {
                Assertions.assertThat(size(each).height).as(each.innerText()).isGreaterThanOrEqualTo(56);
            }
        }
    }

    private static BoundingBox size(Locator element) {
        return element.boundingBox();
    }

    private static void nothingIsCutOff(Page page) {
        Object wider = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        Assertions.assertThat(wider)
                .as("the page scrolls sideways by so many pixels")
                .isEqualTo(0);
    }

    /** The digits are no wider than the room they have. */
    private static void fits(Locator clock) {
        Object wider = clock.evaluate("element => element.scrollWidth - element.clientWidth");
        Assertions.assertThat(wider)
                .as("the clock is too wide by so many pixels")
                .isEqualTo(0);
    }

    private static void forcedCoolingAsksFirst(Page page) {
        button(page, "It was cooled by force").click();
        assertThat(page.getByText("It stays in the record of these jars.")).isVisible();
        button(page, "Back").click();
        assertThat(button(page, "Pressure is zero")).isVisible();
    }
}
