package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.part;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.Cook.remedy;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Recipes that may not go into jars as they are, and what a cook does about it. */
class MendedRecipeJourney {

    @Test
    void a_stopped_recipe_is_mended_by_taps_and_a_reload_loses_nothing() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            leaveOutWhatStops(page, mobrel);
            keepDraftOverReload(page);
            keepWhatCameTooLate(page, browser.tablet(), mobrel);
            takeOnOwnJudgement(page, mobrel);
            refuseWhatIsNoKitchen(page, mobrel);
        }
    }

    private static void leaveOutWhatStops(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes"));
        page.getByText("Creamy barley and mushroom soup").click();
        assertThat(region(page, "Ruling")).containsText("Two things stop this.");
        assertThat(page.getByText("Rice and grains: swells and thickens the jar"))
                .isVisible();
        Locator leaveOut = remedy(page, "Leave out");
        leaveOut.first().click();
        assertThat(leaveOut).hasCount(1);
        leaveOut.first().click();
        assertThat(region(page, "Ruling"))
                .containsText("The soup table sets the time, not an ingredient: 75 min in quarts.");
    }

    private static void keepDraftOverReload(Page page) {
        page.reload();
        assertThat(page.getByText("changed since")).isVisible();
        assertThat(region(page, "Ruling")).containsText("75 min in quarts.");
        button(page, "Save").click();
        assertThat(page.getByText("Version 2, saved")).isVisible();
    }

    /** Two devices change the same recipe; the later one is told, and loses nothing. */
    private static void keepWhatCameTooLate(Page page, Page other, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/4"));
        other.navigate(mobrel.url("/recipes/4"));
        page.getByLabel("Name of the recipe").fill("Stock, hers");
        other.getByLabel("Name of the recipe").fill("Stock, his");
        button(page, "Save").click();
        assertThat(page.getByText("Version 2, saved")).isVisible();
        button(other, "Save").click();
        assertThat(other.getByRole(AriaRole.ALERT)).containsText("Version 2 of this recipe was saved meanwhile");
        button(other, "Save mine as a new recipe").click();
        assertThat(other.getByText("Version 1, saved")).isVisible();
        assertThat(other.getByLabel("Name of the recipe")).hasValue("Stock, his");
    }

    private static void takeOnOwnJudgement(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes"));
        openBeforeItsRuling(page, "Asparagus and pea soup");
        page.getByText("Raw", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(region(page, "Ruling")).containsText("Your own judgement");
        button(page, "Save").click();
        button(page, "Plan jars").click();
        Locator toTheStove = button(page, "To the stove");
        assertThat(toTheStove).isDisabled();
        // The mark in the summary leads to what has to be taken on.
        region(page, "What it makes").getByRole(AriaRole.LINK).click();
        page.getByLabel("Who takes it on").fill("Ada");
        page.getByLabel("Why").fill("as grandmother did");
        button(page, "I take it on").click();
        part(page, "Loads and day");
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Big canner"))
                .uncheck();
        part(page, "Jars");
        page.getByLabel("Quarts", new Page.GetByLabelOptions().setExact(true)).fill("4");
        toTheStove.click();
        assertThat(button(page, "All five are in order")).isVisible();
    }

    /** What comes later moves nothing that a finger may be on its way to. */
    private static void openBeforeItsRuling(Page page, String recipe) {
        List<Route> held = new ArrayList<>();
        page.route("**/api/recipes/draft", held::add);
        page.getByText(recipe).click();
        Locator raw = page.getByText("Raw", new Page.GetByTextOptions().setExact(true));
        page.waitForCondition(() -> !held.isEmpty() && raw.isVisible());
        assertThat(region(page, "Ruling")).not().containsText("As soon as there is one line");
        double before = raw.boundingBox().y;
        page.unroute("**/api/recipes/draft");
        held.forEach(Route::resume);
        assertThat(region(page, "Ruling")).containsText("Covered by the published tables");
        Assertions.assertThat(raw.boundingBox().y).isEqualTo(before, Assertions.within(1.0));
    }

    private static void refuseWhatIsNoKitchen(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/kitchen"));
        page.getByLabel("Altitude in feet").fill("90000");
        page.keyboard().press("Enter");
        button(page, "Yes, 90,000 ft").click();
        assertThat(page.getByText("between -1,600 and 29,500 ft")).isVisible();
        button(page, "Add a canner").click();
        page.getByLabel("What you call it").fill("Small pot");
        page.getByLabel("Quarts in a layer", new Page.GetByLabelOptions().setExact(true))
                .fill("3");
        button(page, "Add this canner").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot hold four quart jars");
        assertThat(page.getByLabel("What you call it")).hasValue("Small pot");
    }
}
