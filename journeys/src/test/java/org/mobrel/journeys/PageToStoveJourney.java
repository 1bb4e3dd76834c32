package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A page as it stands on the web, to the stove: one practice is settled by a tap, one food of a step is listed, and both hold. */
class PageToStoveJourney {

    private static final String CLUTTERED =
            """
            Skip to recipe
            Hearth & Jar » Recipes » Soups
            Beef Soup for Snow Days
            By Ellen | Published October 3 | 4.8 from 96 votes
            Prep Time: 40 minutes
            Makes about 7 quarts
            There's nothing like opening a jar of soup on a snowy night.
            What you'll need
            ▢ 3 pounds beef chuck, trimmed, cut into 1-inch cubes
            ▢ 4 cups carrots, peeled and sliced
            ▢ 1 onion, chopped
            ▢ 3 quarts beef broth
            How to make it
            1. Brown the beef and drain off the fat.
            2. Add everything else and boil for 5 minutes.
            3. Half a pumpkin, peeled and in 1-inch cubes, goes in next.
            4. Fill hot jars half full of solids. Top up with broth until it's level with the rim.
            5. Process quarts 90 minutes.
            Rate this recipe!
            """;

    @Test
    void a_cluttered_page_comes_to_the_stove_with_what_was_settled() {
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser browser = new Browser()) {
            mobrel.changeKitchen("\"altitudeFt\": 800");
            mobrel.post(
                    "/api/kitchen/canners",
                    """
                    {"name": "Tall", "gauge": "weighted", "quarts": 7, "pints": 9, "shortLayers": 2}""");
            Page page = browser.tablet();
            page.navigate(mobrel.url("/recipes/new"));
            Cook.paste(page, CLUTTERED);
            button(page, "That is right").click();
            assertThat(page.getByLabel("Name of the recipe")).hasValue("Beef Soup for Snow Days");
            assertThat(page.getByLabel("Ingredient line")).hasCount(4);
            Locator asked = region(page, "Before this is covered");
            assertThat(asked).containsText("Question 1 of 2");
            assertThat(asked).containsText("level with the rim");
            choose(asked, "^With the headspace of the card");
            assertThat(asked).containsText("This step speaks of pumpkin, which no line lists.");
            choose(asked, "^Yes, list pumpkin");
            assertThat(page.getByLabel("Ingredient line")).hasCount(5);
            assertThat(region(page, "Ruling")).containsText("90 min in quarts.");
            button(page, "Save").click();
            assertThat(page.getByText("Version 1, saved")).isVisible();
            button(page, "Plan jars").first().click();
            button(page, "To the stove").click();
            Locator otherwise =
                    page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Not as your page says"));
            assertThat(otherwise).containsText("until it's level with the rim");
            assertThat(otherwise).containsText("Here: With the headspace of the card.");
            org.assertj.core.api.Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void choose(Locator asked, String name) {
        asked.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(name)))
                .first()
                .click();
    }
}
