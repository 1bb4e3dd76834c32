package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.clock;
import static org.mobrel.journeys.Cook.goTo;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.part;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.Cook.remedy;
import static org.mobrel.journeys.Cook.tap;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A first day with Mobrel: from an empty kitchen to seven jars on the shelf. */
class FromRecipeToShelfJourney {

    private static final String PASTED =
            """
            2 lb dried kidney beans, soaked overnight
            3 cups carrots, diced
            2 cups chopped onion
            3 qt pork stock
            2 tsp salt
            """;

    @Test
    void a_pasted_recipe_becomes_seven_jars_on_the_shelf() {
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            setUpKitchen(page, mobrel);
            pasteRecipe(page);
            plan(page);
            bringUp(page, mobrel);
            losePressureAndHoldAgain(page, mobrel);
            coolAndOpen(page, mobrel);
            checkSeals(page, mobrel);
            lookAtShelf(page);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void setUpKitchen(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/"));
        Locator welcome = region(page, "Welcome");
        welcome.getByLabel("Altitude in feet").fill("3150");
        page.keyboard().press("Enter");
        welcome.getByLabel("What you call it").fill("Big canner");
        welcome.getByLabel("Quarts in a layer", new Locator.GetByLabelOptions().setExact(true))
                .fill("9");
        welcome.getByLabel("Pints in a layer", new Locator.GetByLabelOptions().setExact(true))
                .fill("10");
        button(page, "Add this canner").click();
        // A page that is reloaded goes on where it was.
        assertThat(button(page, "Next")).isVisible();
        page.reload();
        button(page, "Next").click();
        button(page, "Turn it on").click();
        assertThat(welcome).containsText("It is on. Kitchen shows the code");
        link(page, "Pair a device").click();
        button(page, "Turn the home network off").click();
        button(page, "Turn it off now").click();
        assertThat(button(page, "Turn the home network on")).isVisible();
        page.getByText("Gauge tests").click();
        page.getByLabel("This dial read (psi)").fill("10.5");
        page.getByLabel("Tested by").fill("Ada");
        button(page, "Write down").first().click();
        assertThat(region(page, "Big canner")).containsText("12.5");
    }

    private static void pasteRecipe(Page page) {
        goTo(page, "Recipes");
        link(page, "New recipe").click();
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page.evaluate("text => navigator.clipboard.writeText(text)", PASTED);
        page.getByLabel("Add a line, or paste a whole recipe").click();
        page.keyboard().press("Control+V");

        assertThat(page.getByLabel("Ingredient line")).hasCount(5);
        assertThat(region(page, "Ruling")).containsText("Dried kidney beans set the time: 90 min in quarts.");
        assertThat(region(page, "Ruling")).containsText("12.5");
        Locator longest = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ingredients"))
                .getByRole(AriaRole.LISTITEM)
                .first();
        assertThat(longest.getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName("90 min, sets the time")))
                .isVisible();

        // Every edit is answered without a button: pints, and then a line less.
        page.getByText("Pints", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(region(page, "Ruling")).containsText("Dried kidney beans set the time: 75 min in pints.");
        page.getByText("Quarts", new Page.GetByTextOptions().setExact(true)).click();

        page.getByLabel("Name of the recipe").fill("Kidney bean soup");
        button(page, "Save").click();
        assertThat(page.getByText("Version 1, saved")).isVisible();
    }

    private static void plan(Page page) {
        button(page, "Plan jars").click();
        button(page, "One less: Quarts").click();
        button(page, "One more: Pints").click();
        button(page, "One more: Pints").click();
        assertThat(region(page, "What it makes")).containsText("6 quarts and 2 pints");
        assertThat(region(page, "What it makes")).containsText("One load in Big canner");
        assertThat(region(page, "What it makes")).containsText("broth to add");
        part(page, "Card");
        Locator card = region(page, "Process card, load 1");
        assertThat(card).containsText("90");
        assertThat(card).containsText("12 + 0.5: it reads high");
        part(page, "Amounts");
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("carrots, diced")))
                .containsText("cups");
        button(page, "To the stove").click();
    }

    private static void bringUp(Page page, RunningMobrel mobrel) {
        remedy(page, "Rack in").click();
        assertThat(remedy(page, "Rack in")).isDisabled();
        button(page, "All (five|six) are in order").click();
        button(page, "Jar 1, quart").click();
        assertThat(page.getByText("1 of 8 in")).isVisible();
        assertThat(page.getByText("Kettle: the other 7 take")).isVisible();
        for (int jar = 2; jar <= 8; jar++) {
            button(page, "Jar " + jar + ", " + (jar <= 6 ? "quart" : "pint")).click();
        }
        assertThat(page.getByText("8 of 8 in")).isVisible();
        tap(page, "Jars in, lid locked");
        tap(page, "Steady steam");
        assertThat(clock(page)).containsText(Pattern.compile("(10:00|9:\\d\\d)"));
        assertThat(button(page, "Weight on")).isDisabled();
        mobrel.advance(Duration.ofMinutes(10));
        assertThat(button(page, "Weight on")).isEnabled();
        tap(page, "Weight on");
        tap(page, "12.5 · on the mark");
        assertThat(clock(page)).containsText(Pattern.compile("(90:00|89:\\d\\d)"));
    }

    private static void losePressureAndHoldAgain(Page page, RunningMobrel mobrel) {
        mobrel.advance(Duration.ofMinutes(88));
        assertThat(clock(page)).containsText(Pattern.compile("^1:\\d\\d$"));
        button(page, "It dropped").click();
        button(page, "One less: The dial reads").click();
        assertThat(page.getByText("Below 12.5: the full 90 minutes start again when it is back."))
                .isVisible();
        tap(page, "Write down 11.5");
        assertThat(page.getByText("Pressure fell to 11.5 at")).isVisible();
        assertThat(page.getByText("The clock starts again: the full 90 from when it is back at 12.5"))
                .isVisible();

        mobrel.advance(Duration.ofMinutes(4));
        tap(page, "12.5 · on the mark");
        // The clock that waits shows the full time too; only the stage says that it runs.
        assertThat(region(page, "Big canner")).containsText("Holding");
        assertThat(clock(page)).containsText(Pattern.compile("(90:00|89:\\d\\d)"));
        assertThat(button(page, "Heat off")).hasCount(0);
        mobrel.advance(Duration.ofMinutes(90));
        tap(page, "Heat off");
    }

    private static void coolAndOpen(Page page, RunningMobrel mobrel) {
        assertThat(button(page, "It was cooled by force")).isVisible();
        mobrel.advance(Duration.ofMinutes(40));
        assertThat(clock(page)).containsText(Pattern.compile("^4\\d:\\d\\d$"));
        tap(page, "Pressure is zero");
        tap(page, "Weight off");
        assertThat(button(page, "Lid off")).isDisabled();
        mobrel.advance(Duration.ofMinutes(10));
        tap(page, "Lid off");
        tap(page, "Jars out");
        assertThat(page.getByText("Nothing on the stove")).isVisible();
    }

    private static void checkSeals(Page page, RunningMobrel mobrel) {
        link(page, "Look at the jars").click();
        assertThat(page.getByText("The jars rest until")).isVisible();
        mobrel.advance(Duration.ofHours(12));
        button(page, "All 8 bands are off").click();
        button(page, "Jar 3: quart").click();
        region(page, "Jar 3").getByText("Not sealed").click();
        button(page, "All sealed but jar 3").click();
        button(page, "What to do with it").click();
        assertThat(page.getByText("8 jars in, 7 sealed")).isVisible();
        assertThat(region(page, "Jars that did not seal")).containsText("One jar did not seal. Decide within");
    }

    private static void lookAtShelf(Page page) {
        goTo(page, "Shelf");
        assertThat(page.getByText("7 jars, 1 dish")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("5 quarts")))
                .isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("2 pints")))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take one pint"))
                .click();
        button(page, "It is good: take it").click();
        assertThat(page.getByText("6 jars, 1 dish")).isVisible();
        button(page, "Take that back").click();
        assertThat(page.getByText("7 jars, 1 dish")).isVisible();

        goTo(page, "Logbook");
        assertThat(page.getByText("8 in, 7 sealed")).isVisible();
        assertThat(page.getByText("one deviation")).isVisible();
        page.getByText("Kidney bean soup").click();
        assertThat(page.getByText("Reading: 11.5 on the dial")).isVisible();
    }
}
