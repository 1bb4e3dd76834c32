package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A canner to learn on: a first evening with water, a drill by keyboard, a drill at the knobs on a phone; and nothing of it elsewhere. */
class PracticeJourney {

    private static final LocatorAssertions.ContainsTextOptions PATIENTLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(60_000);
    private static final Pattern READING = Pattern.compile("The dial shows (\\d+\\.\\d)");
    private static final double MARK = 12.5;

    /** The page's own clock is played by hand, a tenth of a second at a time: so much at most passes between two frames. */
    private static void until(Page page, BooleanSupplier so, Runnable hand) {
        for (int round = 0; !so.getAsBoolean(); round++) {
            Assertions.assertThat(round).as("waited in vain").isLessThan(1_500);
            hand.run();
            for (int frame = 0; frame < 3; frame++) {
                page.clock().fastForward(100);
            }
        }
    }

    private static BooleanSupplier at(Page page, String step) {
        Locator heading = page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(step).setExact(true));
        return heading::isVisible;
    }

    private static final Runnable NOTHING = () -> {};

    private static Locator knob(Page page) {
        return page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Burner").setExact(true));
    }

    private static void pace(Page page, String pace) {
        page.getByText(pace, new Page.GetByTextOptions().setExact(true)).click();
    }

    @Test
    void a_first_evening_with_water_at_sixty_times() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.clock().install();
            page.navigate(mobrel.url("/practice"));
            link(page, "Rehearse it").click();
            assertThat(region(page, "Before it begins")).containsText("its needle is held at 12.5");
            button(page, "Water is in, lid is locked").click();
            knob(page).focus();
            page.keyboard().press("End");
            pace(page, "60×");
            button(page, "Play").click();
            until(page, at(page, "Vent"), NOTHING);
            assertThat(region(page, "Step")).containsText("Normal: it roars");
            until(page, at(page, "Weight on"), NOTHING);
            button(page, "Weight on").click();
            until(page, at(page, "Up to the mark"), NOTHING);
            until(page, at(page, "Hold"), () -> hold(page));
            until(page, at(page, "Heat off"), () -> hold(page));
            knob(page).focus();
            page.keyboard().press("Home");
            // The waiting is watched once as fast again.
            pace(page, "120×");
            until(page, at(page, "Weight off"), NOTHING);
            button(page, "Lift weight").click();
            until(page, at(page, "Lid off"), NOTHING);
            button(page, "Lid off").click();
            Locator end = region(page, "How it went");
            until(page, end::isVisible, NOTHING);
            until(page, () -> end.innerText().contains("You have held 10 minutes within a pound."), NOTHING);
            link(page, "Record").click();
            assertThat(region(page, "Tries")).containsText("Rehearsal with water, Big canner");
            assertThat(region(page, "Tries")).containsText("held");
            page.navigate(mobrel.url("/logbook"));
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Logbook")))
                    .isVisible();
            assertThat(page.getByText("Rehearsal")).hasCount(0);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    /** One look at the needle, one small turn of the knob. */
    private static void hold(Page page) {
        Matcher seen = READING.matcher(region(page, "Canner").innerText());
        if (!seen.find()) {
            return;
        }
        double off = MARK + 0.45 - Double.parseDouble(seen.group(1));
        int wanted = (int) Math.max(0, Math.min(100, Math.round((22 + off * 18) / 5) * 5));
        int now = Integer.parseInt(knob(page).getAttribute("aria-valuenow"));
        if (wanted != now) {
            String key = wanted > now ? "ArrowUp" : "ArrowDown";
            for (int step = 0; step < Math.min(6, Math.abs(wanted - now) / 5); step++) {
                knob(page).press(key);
            }
        }
    }

    @Test
    void a_drill_is_missed_explained_and_passed_by_keyboard() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.navigate(mobrel.url("/practice?part=drills"));
            press(page, link(page, "It gives, next morning 2 min"));
            press(page, button(page, "Screw the band tight and press the lid down"));
            Locator outcome = region(page, "What comes of it");
            assertThat(outcome).containsText("Not that");
            assertThat(outcome).containsText("A lid that is pressed down is not sealed");
            assertThat(outcome).containsText("Right would be: New lid and the full time again");
            assertThat(outcome).containsText("Guide 1, unsealed jars");
            assertThat(outcome).containsText("It comes again in ten minutes.");
            Axe axe = new Axe();
            axe.look(page, "a drill");
            page.navigate(mobrel.url("/practice?part=stove"));
            assertThat(knob(page)).isVisible();
            axe.look(page, "the practice stove");
            axe.foundNothing();
            page.goBack();
            press(page, button(page, "Screw the band tight and press the lid down"));
            press(page, button(page, "Try it again"));
            press(page, button(page, "New lid and the full time again, or the refrigerator, or the freezer"));
            assertThat(outcome).containsText("Right. Within 24 hours there is a choice");
            link(page, "Record").click();
            assertThat(region(page, "Missed most")).containsText("a lid pressed down");
            assertThat(region(page, "Drills known")).containsText("1 of 31 drills known");
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void press(Page page, Locator what) {
        what.focus();
        page.keyboard().press("Enter");
    }

    @Test
    void at_the_knobs_on_a_phone() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page phone = browser.page(390, 844, ColorScheme.DARK);
            phone.clock().install();
            phone.navigate(mobrel.url("/practice/drills/weight-on-time"));
            button(phone, "Let time go, ten times as fast").click();
            Locator since = phone.getByRole(AriaRole.TIMER, new Page.GetByRoleOptions().setName("Since the moment"));
            // Steam has come for six minutes at least; four and a half more are enough for any draw, and not too many.
            until(phone, () -> since.isVisible() && since.innerText().matches("(4:[3-5]\\d|5:\\d\\d).*"), NOTHING);
            button(phone, "Weight on").click();
            Locator outcome = region(phone, "What comes of it");
            until(phone, outcome::isVisible, NOTHING);
            assertThat(outcome).containsText("Ten minutes were full.", PATIENTLY);
            Assertions.assertThat((Boolean) phone.evaluate(
                            "() => document.documentElement.scrollWidth <= document.documentElement.clientWidth"))
                    .as("nothing is wider than the phone")
                    .isTrue();
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }
}
