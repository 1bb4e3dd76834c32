package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.part;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.Cook.remedy;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a pasted page to a recipe that is covered, kept, sent out and brought in again. */
class WholeRecipeJourney {

    private static final String PAGE =
            """
            Harvest pot soup

            Ingredients
            2 lb pork shoulder, in 2-inch chunks
            1 1/2 lb dried pinto beans, unsoaked
            4 cups potatoes, unpeeled, in 1/2-inch cubes
            2 tbsp flour
            3 cups carrots, peeled and diced
            2 cups celery, sliced
            2 cups onion, chopped
            1 cup sweet pepper, chopped
            3 cups green beans, cut
            2 cups corn kernels
            1 (28 ounce) can crushed tomatoes
            4 cloves garlic, minced
            3 qt pork stock, chilled and skimmed
            1 cup dry white wine
            2 bay leaves
            1 tsp dried thyme
            2 tsp smoked paprika
            1 tsp black pepper
            1 tbsp salt
            1 tbsp cider vinegar
            Method
            1. Soak the beans overnight.
            2. Cover with fresh water and boil 30 min.
            3. Boil everything together 5 min.
            """;

    @Test
    void a_page_with_four_problems_is_mended_tap_by_tap_and_kept() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            pasteThePage(page, mobrel);
            mendFourProblems(page);
            everyKeystrokeMovesTheLadder(page);
            saveAndNote(page);
            correctOnceAndForAll(page, mobrel);
            out(page, mobrel);
            assertThat(browser.errors()).isEmpty();
        }
    }

    private static Locator ladder(Page page) {
        return page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName("Ingredients, the longest time first"));
    }

    private static void pasteThePage(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/new"));
        Cook.paste(page, PAGE);
        // What went where is looked at before anything is said about it.
        assertThat(region(page, "What went where")).containsText("3 steps");
        button(page, "That is right").click();
        assertThat(region(page, "Ruling")).containsText("Four things stop this.");
        assertThat(page.getByLabel("Name of the recipe")).hasValue("Harvest pot soup");
        assertThat(page.getByLabel("Ingredient line")).hasCount(20);
        assertThat(page.getByLabel(Pattern.compile("^Step \\d$"))).hasCount(3);
    }

    private static void mendFourProblems(Page page) {
        mend(page, "Cut to 1 in or smaller", "Three things stop this.");
        // A double click is one tap: what lies under the second click is left alone.
        remedy(page, "Soak overnight 12-18 h").dblclick();
        assertThat(region(page, "Ruling")).containsText("Two things stop this.");
        assertThat(page.getByLabel("Ingredient line")).hasCount(20);
        mend(page, "Peel, and cut out the eyes", "One thing stops this.");
        Locator last = remedy(page, "Thicken when the jar is opened");
        assertThat(last).containsText("90 min");
        last.click();
        assertThat(region(page, "Ruling")).containsText("Covered by the published tables");
        assertThat(region(page, "Ruling"))
                .containsText("Pork shoulder and pinto beans tie and set the time: 90 min in quarts.");
        assertThat(ladder(page)).containsText("added at serving");
        assertThat(region(page, "Method")).containsText("beans boiled 30 min");
        assertThat(region(page, "Questions about the recipe")).hasCount(0);
    }

    private static void mend(Page page, String remedy, String then) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName(Pattern.compile("^"
                                        + Pattern.quote(remedy)
                                                .replace("\\Q", "")
                                                .replace("\\E", ""))))
                .click();
        assertThat(region(page, "Ruling")).containsText(then);
    }

    private static void everyKeystrokeMovesTheLadder(Page page) {
        Locator line = page.getByLabel("Ingredient line").first();
        String before = line.inputValue();
        line.fill("2 lb carrots");
        assertThat(page.getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHas(page.getByLabel("Ingredient line")))
                        .first())
                .containsText("carrots ·");
        line.fill(before);
        line.blur();
    }

    private static void saveAndNote(Page page) {
        page.getByLabel("Add a tag").fill("harvest");
        page.getByLabel("Add a tag").press("Enter");
        button(page, "Save").click();
        assertThat(page.getByText("Version 1, saved")).isVisible();
        page.getByLabel("A note for next time").fill("less paprika");
        button(page, "Note").click();
        assertThat(region(page, "Notes for next time")).containsText("less paprika");
        button(page, "Plan jars").click();
        assertThat(page.getByText("Noted last time: less paprika")).isVisible();
        part(page, "Prep");
        assertThat(page.getByText("boil 30 min").first()).isVisible();
        page.goBack();
    }

    /** What is corrected in one recipe is read so in every other. */
    private static void correctOnceAndForAll(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/new"));
        Locator add = page.getByLabel("Add a line, or paste a whole recipe");
        add.fill("3 cups aunt Vi's reds, in dice");
        add.press("Enter");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Correct what was understood: not in the tables"))
                .click();
        page.getByLabel("Food").selectOption("beets");
        page.getByLabel("Peeled", new Page.GetByLabelOptions().setExact(true)).check();
        button(page, "Remember for these words").click();
        assertThat(region(page, "Ruling")).containsText("One food alone, by its own tested time: 35 min in quarts.");
        page.evaluate("localStorage.clear()");
        page.navigate(mobrel.url("/recipes/new"));
        add.fill("1 kg Aunt Vi's reds, in dice");
        add.press("Enter");
        assertThat(page.getByText("as you taught it")).isVisible();
        page.evaluate("localStorage.clear()");
    }

    /** A file comes in, goes out and comes in again: nothing has changed. */
    private static void out(Page page, RunningMobrel mobrel) {
        String first =
                """
                {"@context": "https://schema.org", "@type": "Recipe", "name": "Borrowed stew", "author": {"@type": "Person", "name": "Vi"},
                 "recipeIngredient": ["3 lb beef, in 1-inch cubes", "6 cups kale", "3 qt beef stock"],
                 "recipeInstructions": [{"@type": "HowToStep", "text": "Boil all 5 min."}], "keywords": "stew"}
                """;
        bringIn(page, mobrel, first);
        assertThat(page.getByText("Version 1, saved")).isVisible();
        String out = download(page);
        page.getByLabel("Take out of the book").click();
        bringIn(page, mobrel, out);
        assertThat(page.getByText("Version 1, saved")).isVisible();
        assertThat(download(page)).isEqualTo(out);
        assertThat(out).contains("\"Vi\"").contains("6 cups kale");
    }

    private static void bringIn(Page page, RunningMobrel mobrel, String file) {
        page.navigate(mobrel.url("/recipes/import"));
        page.locator("input[type=file]")
                .setInputFiles(
                        new FilePayload("stew.jsonld", "application/ld+json", file.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("3 ingredients, 1 step")).isVisible();
        button(page, "Put it into the book").click();
    }

    private static String download(Page page) {
        Download file = page.waitForDownload(() -> link(page, "Save as a file").click());
        try {
            return Files.readString(file.path());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
