package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.Cook.remedy;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A messy list, as it comes out of somebody's notes: what is not understood is asked, and nothing is covered before. */
class AskedRecipeJourney {

    private static final String MESSY =
            """
            Sunday oxtail pot

            4 lb oxtail
            3 lb beef & carrots, in chunks
            2 tins butter beans, drained
            2 cups celery (frobbled), sliced
            3 qt beef stock, chilled + skimmed
            1/2 cup pearl barley
            1 cup heavy cream, plus more to serve
            S&P to taste
            """;

    @Test
    void a_messy_list_becomes_a_covered_recipe_in_seven_taps() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            pasteTheList(page, mobrel);
            answerAndMend(page);
            keepTheAnswers(page, mobrel);
        }
    }

    private static void pasteTheList(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/new"));
        Cook.paste(page, MESSY);
        button(page, "That is right").click();
        assertThat(region(page, "Ruling")).containsText("Two things stop this.");
        assertThat(region(page, "Before this is covered")).containsText("Question 1 of 3");
    }

    /** Two stops and three questions: five taps more, and not one of them before the last leaves the recipe covered. */
    private static void answerAndMend(Page page) {
        Locator ruling = region(page, "Ruling");
        remedy(page, "Leave out").first().click();
        assertThat(ruling).containsText("One thing stops this.");
        remedy(page, "Add at serving").click();
        assertThat(ruling).containsText("Three questions first.");
        assertThat(ruling).containsText("On the most careful answers it would be 90 min");
        Locator asked = region(page, "Before this is covered");
        assertThat(asked).containsText("What happens to the bones?");
        // By the keyboard: the second answer, the meat is picked off.
        asked.getByRole(AriaRole.BUTTON).first().press("2");
        assertThat(asked).containsText("How large are the pieces?");
        remedy(page, "1 in or smaller").click();
        assertThat(ruling).containsText("One question first.");
        assertThat(asked).containsText("What is “frobbled”?");
        remedy(page, "Only a description").click();
        assertThat(asked).hasCount(0);
        assertThat(ruling).containsText("90 min in quarts.");
        assertThat(ruling).containsText("Covered by the published tables");
    }

    /** What was answered is saved with the recipe, read back after a reload, and taken back by a tap. */
    private static void keepTheAnswers(Page page, RunningMobrel mobrel) {
        button(page, "Save").click();
        assertThat(page.getByText("Version 1, saved")).isVisible();
        page.reload();
        assertThat(region(page, "Ruling")).containsText("90 min in quarts.");
        page.navigate(mobrel.url("/recipes/new"));
        Locator field = page.getByLabel("Add a line, or paste a whole recipe");
        field.fill("2 cups peas, frobbled");
        field.press("Enter");
        assertThat(region(page, "Ruling")).containsText("One food alone, by its own tested time");
        page.getByText("ask again").click();
        assertThat(region(page, "Before this is covered")).containsText("What is “frobbled”?");
        assertThat(region(page, "Ruling")).containsText("One question first.");
    }
}
