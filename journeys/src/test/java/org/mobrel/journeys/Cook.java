package org.mobrel.journeys;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** Finds things on a page as a person does: by what they are and what they are called. */
final class Cook {

    private Cook() {}

    /** A button of exactly this name; a step that is not to be had yet carries its time behind it. */
    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile(
                                "^" + Pattern.quote(name).replace("\\Q", "").replace("\\E", "") + "( at .*)?$")));
    }

    /** Taps a step at the stove and waits until it is written down: its time is the clock's of that moment, and tests move the clock. */
    static void tap(Page page, String name) {
        page.waitForResponse(
                answer -> answer.url().endsWith("/events")
                        && answer.request().method().equals("POST"),
                () -> button(page, name).click());
    }

    /** The button of a remedy; what it would give stands behind its name. */
    static Locator remedy(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile(
                                "^" + Pattern.quote(name).replace("\\Q", "").replace("\\E", ""))));
    }

    static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    /** Opens a part of a plan from the list beside it, such as 'To buy'. */
    static void part(Page page, String name) {
        Locator link = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Parts of the plan"))
                .getByText(name, new Locator.GetByTextOptions().setExact(true));
        Locator open = page.locator("[aria-current=page]:has-text('%s')".formatted(name));
        link.click();
        try {
            page.waitForCondition(() -> open.count() > 0, new Page.WaitForConditionOptions().setTimeout(15_000));
        } catch (TimeoutError lost) {
            // On a busy machine a click may meet a page that is just being drawn anew; a cook clicks once more.
            link.click();
            page.waitForCondition(() -> open.count() > 0);
        }
    }

    static Locator region(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Pastes a text of several lines into the recipe that is open. */
    static void paste(Page page, String text) {
        page.getByLabel("Add a line, or paste a whole recipe")
                .evaluate(
                        """
                        (field, text) => {
                          const data = new DataTransfer();
                          data.setData("text", text);
                          field.dispatchEvent(new ClipboardEvent("paste", {clipboardData: data, bubbles: true, cancelable: true}));
                        }""",
                        text);
    }

    static Locator clock(Page page) {
        return page.getByRole(AriaRole.TIMER);
    }

    /** Goes to a place by the rail. */
    static void goTo(Page page, String place) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(place).setExact(true))
                .click();
    }
}
