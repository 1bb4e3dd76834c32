package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.goTo;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.part;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Two canners, a gauge test, and a day that is laid out, moved, overfilled and mended. */
class DayJourney {

    @Test
    void canners_loads_and_the_day() throws IOException {
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            addAWeightedAndADialCanner(page, mobrel);
            planEighteenQuarts(page, mobrel);
            String plan = page.url();
            testTheGauge(page);
            page.navigate(plan);
            part(page, "Card");
            assertThat(page.getByText("11 + 0.75: it reads high").first()).isVisible();
            part(page, "Loads and day");
            beDoneBySix(page);
            moveTheStart(page);
            takeTheDayAlong(page);
            overfillTheDay(page);
            takeACannerOut(page);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void addAWeightedAndADialCanner(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/kitchen"));
        page.getByLabel("Altitude in feet").fill("1050");
        page.keyboard().press("Tab");
        assertThat(page.getByText("Dial: 11 up to 2,000 ft, above that 12")).isVisible();
        assertThat(page.getByText("Weight: 15 up to 8,000 ft, where the tables end"))
                .isVisible();
        page.getByLabel("What you call it").fill("Weighted one");
        page.getByText("Weight and dial").click();
        page.getByText("Rings that come off").click();
        page.getByText("jiggles", new Page.GetByTextOptions().setExact(true)).click();
        button(page, "Add this canner").click();
        Locator weighted = region(page, "Weighted one");
        assertThat(weighted).containsText("15");
        assertThat(weighted).containsText("Its weight rules; the dial beside it is only a second look.");
        assertThat(weighted).containsText("At pressure it jiggles 1 to 4 times a minute.");
        assertThat(weighted.getByRole(
                        AriaRole.IMG, new Locator.GetByRoleOptions().setName("The weight with 2 of 2 rings on: 15 lb")))
                .isVisible();

        button(page, "Add a canner").click();
        page.getByLabel("What you call it").fill("Toy");
        page.getByLabel("Quarts in a layer", new Page.GetByLabelOptions().setExact(true))
                .fill("3");
        button(page, "Add this canner").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot hold four quart jars");
        page.getByLabel("What you call it").fill("Dial one");
        page.getByLabel("Quarts in a layer", new Page.GetByLabelOptions().setExact(true))
                .fill("7");
        button(page, "Add this canner").click();
        assertThat(region(page, "Dial one")).containsText(Pattern.compile("Read here\\s*11\\s*psi"));
        assertThat(region(page, "Dial one")).containsText("No test of its dial is written down");
    }

    private static void planEighteenQuarts(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes"));
        link(page, "New recipe").click();
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page.evaluate(
                "text => navigator.clipboard.writeText(text)",
                "3 lb dried kidney beans, soaked overnight\n4 cups carrots, peeled and diced\n4 qt water\n1 tbsp salt");
        page.getByLabel("Add a line, or paste a whole recipe").click();
        page.keyboard().press("Control+V");
        assertThat(page.getByLabel("Ingredient line")).hasCount(4);
        page.getByLabel("Name of the recipe").fill("Bean soup");
        button(page, "Save").click();
        assertThat(page.getByText("Version 1, saved")).isVisible();
        button(page, "Plan jars").click();
        page.getByRole(
                        AriaRole.TEXTBOX,
                        new Page.GetByRoleOptions().setName("Quarts").setExact(true))
                .fill("18");
        assertThat(region(page, "What it makes")).containsText("18 quarts");
        assertThat(region(page, "What it makes")).containsText(Pattern.compile("[234] loads in "));
        part(page, "Loads and day");
        assertThat(region(page, "Loads")).containsText("no other plan ends sooner");
        part(page, "Card");
        assertThat(region(page, "Process card, load 1")).containsText("or more, never less");
    }

    /** A test 0.75 high moves every reading of that canner, and none of the other's. */
    private static void testTheGauge(Page page) {
        goTo(page, "Kitchen");
        Locator dial = region(page, "Dial one");
        dial.getByText("Gauge tests").click();
        dial.getByLabel("This dial read (psi)").fill("10.75");
        assertThat(dial).containsText("0.75 psi high");
        dial.getByLabel("Tested by").fill("Extension office");
        dial.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Write down"))
                .first()
                .click();
        assertThat(dial).containsText("11.75");
        assertThat(dial).containsText("counts now");
        assertThat(region(page, "Weighted one")).not().containsText("15.75");
    }

    private static void beDoneBySix(Page page) {
        Locator day = region(page, "The day");
        day.getByText("Done by", new Locator.GetByTextOptions().setExact(true)).click();
        LocalDateTime six = LocalDateTime.now(ZoneId.systemDefault())
                .plusDays(3)
                .truncatedTo(ChronoUnit.DAYS)
                .plusHours(18);
        day.getByLabel("Day and time").fill(six.toString());
        assertThat(day).containsText("last jars out at 18:00");
        assertThat(day).containsText(Pattern.compile("Sort and soak the beans: \\w+day \\d+:\\d\\d"));
        assertThat(day).not().containsText("does not fit");
        day.getByText("Hour by hour").click();
        assertThat(day.getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText("Sort and soak the beans")))
                .containsText("both hands");
    }

    private static void moveTheStart(Page page) {
        Locator day = region(page, "The day");
        String before = day.getByLabel("Begins at").textContent();
        button(page, "15 min sooner").click();
        assertThat(day).containsText("last jars out at 17:45");
        assertThat(day.getByLabel("Begins at")).not().hasText(before);
        BoundingBox ribbon = day.getByRole(AriaRole.IMG).first().boundingBox();
        double y = ribbon.y + ribbon.height / 2;
        page.mouse().move(ribbon.x + 400, y);
        page.mouse().down();
        page.mouse().move(ribbon.x + 340, y, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        assertThat(day).not().containsText("last jars out at 17:45");
        assertThat(day).containsText(Pattern.compile("last jars out at 1[67]:"));
        page.reload();
        assertThat(region(page, "The day")).containsText(Pattern.compile("last jars out at 1[67]:"));
    }

    private static void takeTheDayAlong(Page page) throws IOException {
        Download file = page.waitForDownload(() -> link(page, "Into a calendar").click());
        String calendar = Files.readString(file.path());
        Assertions.assertThat(calendar).startsWith("BEGIN:VCALENDAR").contains("hold 90 min at 11.75");
    }

    /** A day that does not fit says so, and a tap mends it. */
    private static void overfillTheDay(Page page) {
        Locator day = region(page, "The day");
        LocalDateTime three = LocalDateTime.now(ZoneId.systemDefault())
                .plusDays(3)
                .truncatedTo(ChronoUnit.DAYS)
                .plusHours(16);
        day.getByLabel("Day and time").fill(three.toString());
        Locator trouble = day.getByRole(AriaRole.ALERT);
        assertThat(trouble).containsText("This day does not fit.");
        assertThat(trouble).containsText(Pattern.compile("Load \\d \\(jars out\\) would not be done before"));
        trouble.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Begin ")))
                .click();
        assertThat(day).not().containsText("does not fit");
    }

    private static void takeACannerOut(Page page) {
        Locator loads = region(page, "Loads");
        loads.getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("Dial one"))
                .uncheck();
        assertThat(region(page, "What it makes")).containsText("3 loads in Weighted one");
        loads.getByText("Room for more").first().click();
        button(page, "3 more quarts").first().click();
        assertThat(region(page, "What it makes")).containsText("21 quarts");
        assertThat(region(page, "What it makes")).containsText("3 loads in Weighted one");
        loads.getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("Dial one"))
                .check();
        assertThat(loads.getByRole(AriaRole.LISTITEM, new Locator.GetByRoleOptions().setName("Load 1")))
                .isVisible();
    }
}
