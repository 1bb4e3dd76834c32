package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.part;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A recipe is more than its list: pages without headings, steps that stop, dictated lines, cups for each jar, and looking back. */
class WholePageJourney {

    private static final String BLENDED =
            """
            Autumn squash soup
            Makes about 7 quarts
            4 lb butternut squash, peeled, in 1-inch cubes
            2 onions, chopped
            3 qt chicken stock
            7 quart jars
            Boil everything together 5 minutes. Blend with a stick blender until smooth.
            Fill the jars half full with solids, then with stock.
            Process quarts 75 minutes at 10 pounds.
            """;

    @Test
    void whole_recipes_are_read_mended_and_looked_back_on() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            pasteWithoutHeadings(page, mobrel);
            blendWhenYouOpen(page);
            dictate(page, mobrel);
            cupsForEachJar(page, mobrel);
            lookBackOnRawStew(page, mobrel);
            org.assertj.core.api.Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void pasteWithoutHeadings(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/new"));
        Cook.paste(page, BLENDED);
        Locator look = region(page, "What went where");
        assertThat(look).containsText("3 ingredients");
        assertThat(look.getByLabel("Place of “7 quart jars”")).hasValue("out");
        assertThat(region(page, "Ruling")).containsText("The answer stands here.");
        // A line that went to the wrong place is moved by a tap, and back.
        look.getByLabel("Place of “2 onions, chopped”").selectOption("remark");
        assertThat(look).containsText("2 ingredients");
        look.getByLabel("Place of “2 onions, chopped”").selectOption("ingredient");
        button(page, "That is right").click();
        assertThat(page.getByLabel("Name of the recipe")).hasValue("Autumn squash soup");
        assertThat(page.getByLabel("Ingredient line")).hasCount(3);
        assertThat(page.getByLabel(Pattern.compile("^Step \\d$"))).hasCount(4);
    }

    private static void blendWhenYouOpen(Page page) {
        assertThat(region(page, "Ruling")).containsText("One thing stops this.");
        assertThat(page.getByLabel("Step 1 stops this")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Do it when you open")))
                .click();
        assertThat(region(page, "Ruling")).containsText("90 min in quarts.");
        assertThat(page.getByLabel("Step 1", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(
                        "Boil everything together 5 minutes. When you open the jar: blend with a stick blender until smooth.");
        Locator method = region(page, "Method");
        assertThat(method).containsText("when opened");
        assertThat(method).containsText("Your recipe says 75 min at 10 psi; here it is 90 min at 12.5 psi");
        button(page, "Save").click();
        assertThat(page.getByText("Version 1, saved")).isVisible();
        page.reload();
        assertThat(region(page, "Ruling")).containsText("90 min in quarts.");
    }

    private static void dictate(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/new"));
        Locator field = page.getByLabel("Add a line, or paste a whole recipe");
        for (String line : List.of(
                "Pork and bean stew",
                "two pounds of pork in one inch cubes",
                "one pound of dried pinto beans soaked overnight",
                "three quarts of pork stock",
                "boil the beans thirty minutes",
                "add the rest and boil everything five minutes",
                "fill the jars three quarters full with solids")) {
            field.fill(line);
            field.press("Enter");
            assertThat(field).hasValue("");
        }
        assertThat(page.getByLabel("Name of the recipe")).hasValue("Pork and bean stew");
        assertThat(page.getByLabel("Ingredient line")).hasCount(3);
        assertThat(page.getByLabel(Pattern.compile("^Step \\d$"))).hasCount(3);
        Locator asked = region(page, "Before this is covered");
        assertThat(asked).containsText("This step fills the jars fuller with solids than is set");
        assertThat(asked).containsText("fill the jars three quarters full with solids");
        asked.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Three quarters")))
                .click();
        assertThat(region(page, "Ruling")).containsText("90 min in quarts.");
        assertThat(page.getByText("75 % solids: that is how it is set.")).isVisible();
        // Left unsaved, it waits beside the next new recipe.
        Cook.goTo(page, "Recipes");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New recipe"))
                .first()
                .click();
        assertThat(page.getByLabel("Ingredient line")).hasCount(0);
        assertThat(region(page, "A recipe you did not save")).containsText("Pork and bean stew with 3 lines");
        button(page, "Go on with it").click();
        assertThat(page.getByLabel("Ingredient line")).hasCount(3);
        button(page, "Save").click();
        assertThat(page.getByText("Version 1, saved")).isVisible();
    }

    private static void cupsForEachJar(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/new"));
        page.getByLabel("Name of the recipe").fill("Stew by the cup");
        Cook.paste(
                page,
                """
                1/2 cup beef per quart, in 1-inch cubes
                3/4 cup potatoes per quart, peeled, in 1/2-inch cubes
                1/2 cup carrots per quart, peeled and sliced
                2 qt beef stock""");
        assertThat(page.getByText("The amounts for each jar add up to")).isVisible();
        button(page, "Set it so").click();
        assertThat(region(page, "Ruling")).containsText("90 min in quarts.");
        button(page, "Save").click();
        assertThat(page.getByText("Version 1, saved")).isVisible();
        button(page, "Plan jars").first().click();
        part(page, "Amounts");
        Locator amounts = region(page, "Amounts");
        assertThat(amounts).containsText("beef, in 1-inch cubes3½ cups");
        assertThat(amounts).containsText("5¼ cups");
        assertThat(amounts).containsText("beef stock5 qt");
    }

    private static void lookBackOnRawStew(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/logbook/outside"));
        page.getByLabel("What was in the jars")
                .fill("3 lb beef, in 1-inch cubes\n2 lb potatoes, peeled, in 1/2-inch cubes");
        page.getByLabel("Jars", new Page.GetByLabelOptions().setExact(true)).selectOption("quart");
        page.getByLabel("Minutes", new Page.GetByLabelOptions().setExact(true)).fill("90");
        page.getByLabel("Pressure, psi", new Page.GetByLabelOptions().setExact(true))
                .fill("15");
        page.getByLabel("When was the heat turned off")
                .fill(LocalDateTime.now()
                        .minus(Duration.ofHours(4))
                        .truncatedTo(ChronoUnit.MINUTES)
                        .toString());
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Is that covered?"))
                .click();
        Locator answer = region(page, "Answer");
        assertThat(answer).containsText("Was it boiled and packed hot, or packed raw?");
        assertThat(answer).containsText("left");
        answer.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Packed raw"))
                .click();
        assertThat(answer).containsText("Not covered");
        assertThat(answer).containsText("No published table describes a mixture packed raw");
        assertThat(answer).containsText(Pattern.compile("(19 h|20 h).* left"));
        button(page, "Write it down, to be kept cold").click();
        assertThat(answer).containsText("Written down.");
    }
}
