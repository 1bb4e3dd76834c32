package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.goTo;
import static org.mobrel.journeys.Cook.link;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.Cook.remedy;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** After the canner: unsealed jars, the shelf and its ledger, a dial that read high, labels, a look back, a backup. */
class ShelfJourney {

    @Test
    void from_the_seal_check_to_the_plate_and_back_out_of_a_backup() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.navigate(mobrel.url("/today"));
            everyDecision(page);
            takeOneAndTakeItBack(page);
            oneIsMissing(page);
            labelsFromPositionFive(page, mobrel);
            fiftyMinutesAreNotCovered(page);
            aDialThatReadHigh(page);
            outAndIn(page);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static void everyDecision(Page page) {
        region(page, "Seal checks").getByText("Check the seals").click();
        button(page, "All 4 bands are off").click();
        for (int jar = 1; jar <= 4; jar++) {
            remedy(page, "Jar " + jar + ":").click();
            Locator one = region(page, "Jar " + jar);
            one.getByText("Not sealed").click();
            if (jar == 2) {
                one.getByText("Some", new Locator.GetByTextOptions().setExact(true))
                        .click();
                one.getByText("Siphoned", new Locator.GetByTextOptions().setExact(true))
                        .first()
                        .click();
            }
        }
        button(page, "None of them sealed").click();
        button(page, "What to do with them").click();
        Locator failed = region(page, "Jars that did not seal").first();
        assertThat(failed).containsText("4 jars did not seal.");
        assertThat(failed).containsText(Pattern.compile("Decide within \\d+:\\d\\d:\\d\\d"));
        decide(page, "Jar 1", "Refrigerated");
        decide(page, "Jar 2", "Frozen");
        decide(page, "Jar 3", "Discarded");
        remedy(page, "Process again").click();
        assertThat(page).hasURL(Pattern.compile("/stove$"));
        assertThat(region(page, "Small canner")).containsText("Venison, carrot and mushroom stew · 1 quart");
        goTo(page, "Logbook");
        page.getByText("Venison, carrot and mushroom stew").first().click();
        assertThat(page.getByText("the next try of load 1, with new lids")).isVisible();
        assertThat(page.getByText("4 in, 0 sealed")).isVisible();
    }

    /** Of all that wait, only this one: the others are left out. */
    private static void decide(Page page, String jar, String decision) {
        Locator card = region(page, "Jars that did not seal").first();
        Locator waiting =
                card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Jar \\d+$")));
        int before = waiting.count();
        for (Locator each : waiting.all()) {
            if (!each.innerText().equals(jar)) {
                each.click();
            }
        }
        remedy(page, decision).click();
        assertThat(card).containsText(before == 2 ? "One jar did not seal." : (before - 1) + " jars did not seal.");
    }

    private static void takeOneAndTakeItBack(Page page) {
        goTo(page, "Shelf");
        Locator okra = region(page, "Turkey, lima and okra soup");
        assertThat(okra).containsText("4 quarts");
        okra.getByText("Take one").click();
        assertThat(okra).containsText("Boil it 14 minutes before anybody tastes it.");
        button(page, "It is good: take it").click();
        assertThat(okra).containsText("3 quarts");
        button(page, "Take that back").click();
        assertThat(okra).containsText("4 quarts");
        okra.getByRole(AriaRole.LINK).first().click();
        assertThat(region(page, "Ledger")).containsText("1 quart eaten, from Shelf");
        page.getByLabel("Move them to").fill("Cellar");
        button(page, "Move").click();
        assertThat(region(page, "Its jars")).containsText("Cellar · 1");
        page.reload();
        assertThat(region(page, "Ledger")).containsText("1 quart moved from Shelf to Cellar");
    }

    private static void oneIsMissing(Page page) {
        goTo(page, "Shelf");
        button(page, "Count").click();
        page.getByText("Shelf", new Page.GetByTextOptions().setExact(true))
                .last()
                .click();
        Locator less = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^One less: Salmon")));
        less.click();
        button(page, "Write down 1 that differ").click();
        assertThat(page.getByText("Counted. 1 written down.")).isVisible();
        assertThat(region(page, "Salmon and potato chowder base")).containsText("6 pints");
        region(page, "Salmon and potato chowder base")
                .getByRole(AriaRole.LINK)
                .first()
                .click();
        assertThat(region(page, "Ledger")).containsText("1 pint not there when counted, Shelf");
    }

    private static void labelsFromPositionFive(Page page, RunningMobrel mobrel) {
        link(page, "Print its labels").click();
        button(page, "Begin at position 5").click();
        Locator labels = link(page, "6 labels");
        String address = labels.getAttribute("href");
        Assertions.assertThat(address).contains("first=5").contains("*6");
        Object pdf = page.evaluate(
                "async address => { const answer = await fetch(address); const text = await answer.text();"
                        + " return answer.status + ' ' + text.slice(0, 5); }",
                address);
        Assertions.assertThat(pdf).isEqualTo("200 %PDF-");
        page.reload();
        Assertions.assertThat(mobrel.url("/prints")).isEqualTo(page.url().replaceFirst("\\?.*", ""));
    }

    private static void fiftyMinutesAreNotCovered(Page page) {
        goTo(page, "Logbook");
        link(page, "I did it like this").click();
        page.getByLabel("What was in the jars").fill("bean soup");
        page.getByLabel("Minutes", new Page.GetByLabelOptions().setExact(true)).fill("50");
        page.getByLabel("Pressure, psi", new Page.GetByLabelOptions().setExact(true))
                .fill("12.5");
        page.getByLabel("When was the heat turned off").fill(LocalDate.now().minusDays(1) + "T18:00");
        remedy(page, "Is that covered").click();
        Locator answer = region(page, "Answer");
        assertThat(answer).containsText("Not covered");
        assertThat(answer).containsText("50 minutes; it needs 75.");
        assertThat(answer).containsText(Pattern.compile("\\d+ (h|min).* left, until|The 24 hours are over"));
        button(page, "Write it down, to be kept cold").click();
        assertThat(answer).containsText("It gets no shelf label");
        goTo(page, "Today");
        region(page, "Done without Mobrel").getByText("Refrigerated").click();
        assertThat(region(page, "Done without Mobrel")).hasCount(0);
    }

    private static void aDialThatReadHigh(Page page) {
        goTo(page, "Kitchen");
        page.getByText("Gauge tests").first().click();
        page.getByLabel("This dial read (psi)").first().fill("10.75");
        page.getByLabel("Tested by").first().fill("Ada");
        button(page, "Write down").first().click();
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("(10.75 at 10)"))
                .getByRole(AriaRole.LINK)
                .click();
        assertThat(page.getByRole(
                        AriaRole.HEADING, new Page.GetByRoleOptions().setName("Big canner: the dial reads high")))
                .isVisible();
        assertThat(page.getByText("-0.25").first()).isVisible();
        goTo(page, "Shelf");
        Locator holds = region(page, "On hold");
        assertThat(holds).containsText("on hold: do not use");
        holds.getByRole(AriaRole.LINK).nth(1).click();
        button(page, "Release it, with a reason").click();
        page.getByLabel("Who says so").fill("Ada");
        page.getByLabel("Why it may be used after all").fill("The needle never fell below 13 that day");
        button(page, "Release it").click();
        assertThat(page.getByText("The needle never fell below 13 that day")).isVisible();
        assertThat(button(page, "Release it, with a reason")).hasCount(0);
    }

    private static void outAndIn(Page page) {
        goTo(page, "Kitchen");
        Download backup = page.waitForDownload(() -> link(page, "Save a backup").click());
        page.getByLabel("Restore a backup").setInputFiles(backup.path());
        Locator card = region(page, "Backup");
        assertThat(card).containsText("10 batches");
        assertThat(card).containsText("Nothing come in besides; the rest is here already.");
        card.getByText("In its place").click();
        assertThat(card).containsText("that are here now would be gone");
        // Every open page begins anew with the kitchen that stands there now; a step before that would be the old
        // page's.
        page.waitForResponse(
                answer -> answer.request().isNavigationRequest(),
                () -> button(page, "Replace this kitchen").click());
        page.waitForLoadState();
        goTo(page, "Shelf");
        assertThat(region(page, "Salmon and potato chowder base")).containsText("6 pints");
    }
}
