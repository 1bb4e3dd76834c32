package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.clock;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** From an empty kitchen to the shelf without a mouse: nothing is focused or pressed but by keys, as they are typed. */
class ByKeyboardJourney {

    /** So many tabs are the most that anything on the way is away from where the focus lies. */
    private static final int MOST_TABS = 20;

    private int farthest;

    @Test
    void a_load_reaches_the_shelf_by_keys_alone() {
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.navigate(mobrel.url("/"));
            askAndSave(page);
            tellTheKitchen(page);
            plan(page);
            process(page, mobrel);
            checkAndShelve(page, mobrel);
            Assertions.assertThat(farthest).as("tabs to the farthest thing").isLessThanOrEqualTo(MOST_TABS);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    /** Goes on by the tab key until something has the focus. */
    private void tabTo(Page page, Locator wanted) {
        assertThat(wanted.first()).isVisible();
        Locator focused = wanted.and(page.locator(":focus"));
        for (int tabs = 0; tabs <= MOST_TABS; tabs++) {
            if (focused.count() > 0) {
                farthest = Math.max(farthest, tabs);
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("not reached by the tab key: " + wanted);
    }

    private void enter(Page page, Locator wanted) {
        tabTo(page, wanted);
        assertThat(wanted).isEnabled();
        page.keyboard().press("Enter");
    }

    private static void go(Page page, String letter, String place) {
        page.keyboard().press("g");
        page.keyboard().press(letter);
        Locator heading = page.getByRole(
                AriaRole.HEADING,
                new Page.GetByRoleOptions().setName(place).setExact(true).setLevel(1));
        assertThat(heading).isFocused();
    }

    private void askAndSave(Page page) {
        tabTo(page, page.getByLabel("What are you canning?"));
        page.keyboard().type("3 qt pork stock");
        assertThat(region(page, "Welcome")).containsText("25 min in quarts");
        enter(page, button(page, "Open it as a recipe"));
        tabTo(page, page.getByLabel("Name of the recipe"));
        page.keyboard().type("Pork stock");
        enter(page, button(page, "Save"));
        assertThat(page.getByText("Version 1, saved")).isVisible();
    }

    private void tellTheKitchen(Page page) {
        go(page, "t", "Today");
        tabTo(page, page.getByLabel("Altitude in feet"));
        page.keyboard().type("3150");
        page.keyboard().press("Enter");
        tabTo(page, page.getByLabel("What you call it"));
        page.keyboard().type("Big canner");
        page.keyboard().press("Enter");
        enter(page, button(page, "Next"));
        enter(page, button(page, "Only this machine"));
        assertThat(region(page, "Welcome")).hasCount(0);
    }

    /** The recipe is found by the palette, which is closed by the same key as everywhere. */
    private void plan(Page page) {
        page.keyboard().press("/");
        Locator search = page.getByRole(AriaRole.COMBOBOX);
        assertThat(search).isFocused();
        page.keyboard().press("Escape");
        assertThat(search).hasCount(0);
        page.keyboard().press("Control+K");
        page.keyboard().type("Pork st");
        assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setSelected(true)))
                .containsText("Pork stock");
        page.keyboard().press("Enter");
        enter(page, button(page, "Plan jars"));
        assertThat(region(page, "What it makes")).containsText("One load in Big canner");
        enter(page, button(page, "To the stove"));
        assertThat(region(page, "Big canner")).containsText("quarts");
    }

    /** A button of the stage by its number. Keys so soon after each other are the bounce of a wet finger, and a cook is not so fast. */
    private static void step(Page page, String name) {
        Locator wanted = button(page, name);
        assertThat(wanted).isEnabled();
        assertThat(wanted).hasAttribute("aria-keyshortcuts", Pattern.compile("[1-9]"));
        page.waitForFunction("() => performance.now() > (window.lastStep ?? 0) + 700");
        page.keyboard().press(wanted.getAttribute("aria-keyshortcuts"));
        page.evaluate("() => { window.lastStep = performance.now(); }");
    }

    private void process(Page page, RunningMobrel mobrel) {
        enter(page, button(page, "The other five are in order"));
        // A dial that was never tested is no part of "all in order".
        enter(page, button(page, "Waive: Dial tested"));
        tabTo(page, page.getByLabel("Who goes on without it, and why"));
        page.keyboard().type("Ada: it is new");
        page.keyboard().press("Enter");
        enter(page, button(page, "All 7 are in, lid locked"));
        step(page, "Steady steam");
        assertThat(clock(page)).containsText(Pattern.compile("^(10:00|9:\\d\\d)$"));
        mobrel.advance(Duration.ofMinutes(10));
        step(page, "Weight on");
        step(page, "12 · on the mark");
        assertThat(clock(page)).containsText(Pattern.compile("^(25:00|24:\\d\\d)$"));
        mobrel.advance(Duration.ofMinutes(26));
        step(page, "Heat off");
        assertThat(button(page, "It was cooled by force")).isVisible();
        mobrel.advance(Duration.ofMinutes(40));
        assertThat(clock(page)).containsText(Pattern.compile("^4\\d:\\d\\d$"));
        step(page, "Pressure is zero");
        step(page, "Weight off");
        assertThat(clock(page)).containsText(Pattern.compile("^(10:00|9:\\d\\d)$"));
        mobrel.advance(Duration.ofMinutes(10));
        step(page, "Lid off");
        step(page, "Jars out");
        assertThat(button(page, "Jars out")).hasCount(0);
    }

    private void checkAndShelve(Page page, RunningMobrel mobrel) {
        mobrel.advance(Duration.ofHours(12));
        enter(page, link(page, "Check the seals"));
        enter(page, button(page, "All 7 bands are off"));
        enter(page, button(page, "All 7 sealed"));
        enter(page, link(page, "To the shelf"));
        assertThat(page.getByText("7 jars, 1 dish")).isVisible();
    }
}
