package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.goTo;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.part;
import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** From pot to jars: how many, how much of everything, what to buy, and the kettle while they are filled. */
class PlanJourney {

    private static final List<String> STEW = List.of(
            "3 lb lamb in 1-inch cubes, browned",
            "4 cups carrots, sliced",
            "2 cups onion, chopped",
            "2 qt lamb stock",
            "2 tsp salt");

    @Test
    void a_pot_is_scaled_both_ways_and_filled() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            sevenQuarts(page, mobrel);
            everyTapMovesThePicture(page);
            useUpNinePounds(page);
            keepTwoQuartsForDinner(page);
            whatCannotBeMeantIsSaidAtTheField(page);
            aTapOutlivesAKilledServer(page, mobrel);
            lidsThatLackAreSaidBeforeThePotIsOn(page);
            Page phone = browser.page(390, 844, ColorScheme.LIGHT);
            shopWithThePhone(page, phone);
            fillJarByJar(page);
            ownStockAndAnotherRecipe(page, mobrel);
            Assertions.assertThat(browser.errors()).allMatch(error -> error.contains("400 (Bad Request)"));
        }
    }

    private static Locator made(Page page) {
        return region(page, "What it makes");
    }

    private static Locator row(Page page, String name) {
        return region(page, "Amounts").getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(name));
    }

    private static void sevenQuarts(Page page, RunningMobrel mobrel) {
        page.navigate(mobrel.url("/recipes/new"));
        for (String line : STEW) {
            page.getByLabel("Add a line, or paste a whole recipe").fill(line);
            page.keyboard().press("Enter");
        }
        page.getByLabel("Name of the recipe").fill("Lamb stew");
        button(page, "Save").click();
        // What was typed last is saved with the rest, however busy the server was.
        assertThat(page.getByLabel("Ingredient line")).hasCount(STEW.size());
        button(page, "Plan jars").click();
        assertThat(made(page)).containsText("7 quarts");
        assertThat(made(page)).containsText("broth to add");
        assertThat(region(page, "The jars").getByRole(AriaRole.IMG))
                .hasAttribute("aria-label", Pattern.compile("One quart: .*broth"));
        part(page, "Amounts");
        assertThat(row(page, "lamb in 1-inch cubes")).containsText("lb");
        assertThat(region(page, "Amounts")).containsText("a third of it reserve");
        // A line opens to how its amount came about.
        row(page, "lamb in 1-inch cubes").getByRole(AriaRole.BUTTON).click();
        assertThat(region(page, "Amounts")).containsText("× what the recipe says.");
        assertThat(region(page, "Amounts")).containsText("after peeling and trimming, buy");
        row(page, "lamb in 1-inch cubes").getByRole(AriaRole.BUTTON).click();
        part(page, "Jars");
    }

    private static void everyTapMovesThePicture(Page page) {
        button(page, "One more: Quarts").click();
        assertThat(made(page)).containsText("8 quarts");
        button(page, "One less: Quarts").click();
        assertThat(made(page)).containsText("7 quarts");
    }

    private static void useUpNinePounds(Page page) {
        page.getByLabel("Start from").selectOption("Use up what I have");
        // As much as the recipe has, until something else is said.
        assertThat(page.getByLabel("How much of it")).hasValue("3 lb");
        page.getByLabel("How much of it").fill("9 lb");
        page.getByLabel("as bought").check();
        // 9 lb bought are 7.65 lb trimmed, 2.55 times the recipe.
        assertThat(made(page)).containsText("17 quarts");
        part(page, "Amounts");
        assertThat(row(page, "lamb in 1-inch cubes")).containsText("7 lb 10 oz");
        assertThat(row(page, "lamb in 1-inch cubes")).containsText("9 lb");
        part(page, "Jars");
        button(page, "And something else").click();
        page.getByLabel("How much of it").nth(1).fill("5 cups");
        assertThat(made(page)).containsText("carrots, sliced runs out first");
        assertThat(made(page)).containsText("of lamb in 1-inch cubes, browned stays");
        button(page, "Not that").click();
        page.getByText("More", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Only one load of Big canner").click();
        assertThat(made(page)).containsText("7 quarts");
        assertThat(region(page, "The jars")).containsText("A second load");
        assertThat(region(page, "The jars")).containsText("Tonight: a meal for 2 takes ");
        page.getByText("Only one load of Big canner").click();
        assertThat(made(page)).containsText("17 quarts");
    }

    private static void keepTwoQuartsForDinner(Page page) {
        page.getByLabel("Keep back in").selectOption("qt");
        page.getByLabel("Keep back for dinner").fill("2");
        assertThat(made(page)).containsText("15 quarts");
        assertThat(made(page)).containsText("for dinner");
        page.getByLabel("Keep back in").selectOption("servings");
        assertThat(made(page)).containsText("16 quarts");
        page.getByLabel("Keep back for dinner").fill("");
        assertThat(made(page)).not().containsText("for dinner");
    }

    private static void whatCannotBeMeantIsSaidAtTheField(Page page) {
        page.getByLabel("How much of it").fill("-9 lb");
        assertThat(region(page, "Jars")).containsText("is no amount");
        page.getByLabel("How much of it").fill("9 firkins");
        assertThat(region(page, "Jars")).containsText("\"9 firkins\" is no amount");
        page.getByLabel("How much of it").fill("90000 lb");
        assertThat(region(page, "Jars")).containsText("more than 500 jars");
        // What was typed stays, and the amounts are those before it.
        assertThat(page.getByLabel("How much of it")).hasValue("90000 lb");
        assertThat(made(page)).containsText("17 quarts");
        page.getByLabel("How much of it").fill("9 lb");
        assertThat(region(page, "Jars")).not().containsText("500 jars");
        page.getByLabel("Start from").selectOption("So many jars");
        Locator quarts = page.getByLabel("Quarts", new Page.GetByLabelOptions().setExact(true));
        quarts.fill("10000");
        assertThat(region(page, "Jars")).containsText("500 at most");
        quarts.fill("-2");
        assertThat(region(page, "Jars")).containsText("0 or more");
        quarts.fill("seven");
        assertThat(region(page, "Jars")).containsText("A number from 0 to 500");
        quarts.fill("7");
        assertThat(region(page, "Jars").getByRole(AriaRole.ALERT)).hasCount(0);
        page.getByLabel("Keep back for dinner").fill("900000");
        assertThat(region(page, "Jars")).containsText("200 at most");
        page.getByLabel("Keep back for dinner").fill("");
        assertThat(made(page)).containsText("7 quarts");
    }

    /** What was tapped while nobody listened is told when somebody does. */
    private static void aTapOutlivesAKilledServer(Page page, RunningMobrel mobrel) {
        mobrel.killServer();
        button(page, "One more: Quarts").click();
        button(page, "One more: Quarts").click();
        assertThat(page.getByText("The kitchen's server cannot be reached").first())
                .isVisible();
        assertThat(page.getByLabel("Quarts", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("9");
        mobrel.startServerAgain();
        assertThat(made(page)).containsText("9 quarts");
        button(page, "One less: Quarts").click();
        button(page, "One less: Quarts").click();
        assertThat(made(page)).containsText("7 quarts");
    }

    private static void lidsThatLackAreSaidBeforeThePotIsOn(Page page) {
        assertThat(region(page, "Jars and lids")).hasCount(0);
        button(page, "One more: Pints").click();
        button(page, "One more: Pints").click();
        button(page, "One more: Pints").click();
        assertThat(region(page, "Jars and lids")).containsText("Short of 1 new lid.");
        String plan = page.url();
        link(page, "Count again").click();
        Locator lids = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("New lids, regular"));
        page.waitForResponse("**/api/kitchen/cupboard/lids", () -> lids.fill("24"));
        page.navigate(plan);
        assertThat(made(page)).containsText("7 quarts and 3 pints");
        assertThat(region(page, "Jars and lids")).hasCount(0);
    }

    private static void shopWithThePhone(Page page, Page phone) {
        part(page, "To buy");
        Locator vegetables = region(page, "Vegetables");
        assertThat(vegetables).containsText("carrots");
        phone.navigate(page.url());
        assertThat(region(phone, "Meat and fish")).containsText("lamb");
        Object wider = phone.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        Assertions.assertThat(wider).isEqualTo(0);
        // Ticked in the shop, seen at home.
        region(phone, "Meat and fish").getByRole(AriaRole.CHECKBOX).check();
        assertThat(region(page, "Meat and fish").getByRole(AriaRole.CHECKBOX)).isChecked();
        page.getByLabel("In the house: carrots").fill("lots");
        page.keyboard().press("Enter");
        assertThat(vegetables).containsText("is no amount");
        page.getByLabel("In the house: carrots").fill("9 lb");
        page.keyboard().press("Enter");
        assertThat(vegetables).containsText("in the house");
        part(page, "Evening before");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Evening before")))
                .containsText("Set the stock to chill");
        part(page, "Prep");
        assertThat(region(page, "Worth keeping")).containsText("bones and lean trimmings, for stock");
    }

    private static void fillJarByJar(Page page) {
        part(page, "Fill");
        assertThat(page.getByText("0 of 10 filled")).isVisible();
        assertThat(region(page, "Kettle")).containsText("Enough for all 10 jars to come.");
        page.getByLabel("Boiling at the start").fill("4");
        assertThat(region(page, "Kettle")).containsText(Pattern.compile("Enough for 5 more jars, of 10: put another"));
        for (int jar = 1; jar <= 3; jar++) {
            button(page, "quart " + jar).click();
            assertThat(page.getByText(jar + " of 10 filled")).isVisible();
        }
        assertThat(region(page, "Kettle")).containsText("Enough for 2 more jars, of 7");
        page.reload();
        assertThat(page.getByText("3 of 10 filled")).isVisible();
        // A miscount is one tap back.
        button(page, "quart 3, filled").click();
        assertThat(page.getByText("2 of 10 filled")).isVisible();
        assertThat(page.getByLabel(Pattern.compile("^Shared out: ")).first()).containsText("lamb");
    }

    private static void ownStockAndAnotherRecipe(Page page, RunningMobrel mobrel) {
        part(page, "Amounts");
        row(page, "lamb stock").getByRole(AriaRole.BUTTON).click();
        Locator own = page.getByLabel("Own jars for lamb stock");
        own.selectOption(new SelectOption().setIndex(1));
        assertThat(row(page, "lamb stock")).containsText("own");
        part(page, "Jars");
        button(page, "Another recipe").click();
        page.getByLabel("Which recipe joins?").selectOption("Pork shank stock");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("2 recipes")))
                .isVisible();
        assertThat(made(page)).containsText("14 quarts and 3 pints");
        button(page, "Take Pork shank stock out of the plan").click();
        assertThat(made(page)).not().containsText("14 quarts");
        assertThat(made(page)).containsText("7 quarts and 3 pints");

        button(page, "To the stove").click();
        // The plan names its dish too: whoever leaves before the batch is begun is taken to the stove a moment later.
        assertThat(page).hasURL(Pattern.compile("/stove$"));
        assertThat(page.getByText("Lamb stew").first()).isVisible();
        goTo(page, "Plan");
        link(page, "Lamb stew").click();
        part(page, "Amounts");
        Locator learnt = region(page, "What it really made");
        learnt.getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("Filled: quarts"))
                .fill("8");
        button(page, "That many it made").click();
        assertThat(learnt).containsText("8 quarts, 3 pints, 12 % more");
        button(page, "Do not count").click();
        assertThat(button(page, "Count it again")).isVisible();
        goTo(page, "Logbook");
        page.getByText("Lamb stew").first().click();
        assertThat(page.getByText("Made with")).isVisible();
    }
}
