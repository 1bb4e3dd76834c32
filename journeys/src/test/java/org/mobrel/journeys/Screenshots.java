package org.mobrel.journeys;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes the pictures of the README from the demo kitchen: {@code ./mobrel shots}. */
public final class Screenshots {

    private final Path folder;
    private final RunningMobrel mobrel;
    private final Browser browser;

    private Screenshots(Path folder, RunningMobrel mobrel, Browser browser) {
        this.folder = folder;
        this.mobrel = mobrel;
        this.browser = browser;
    }

    public static void main(String[] arguments) {
        Path folder = arguments.length > 0 ? Path.of(arguments[0]) : RunningMobrel.inProject("docs/screenshots");
        try (RunningMobrel mobrel = RunningMobrel.demoKitchenAtHome();
                Browser browser = new Browser()) {
            new Screenshots(folder, mobrel, browser).take();
        } finally {
            Browser.stop();
        }
    }

    private void take() {
        tablet("today", "/today");
        tablet("recipe", "/recipes/8");
        tablet("recipe-stopped", "/recipes/7");
        tablet("plan", "/plan/2");
        tablet("stove", "/stove");
        tablet("seal-check", "/seals/9");
        tablet("day", "/plan/3?part=day");
        tablet("lot", "/shelf/" + lotOf("Salmon"));
        tablet("shelf", "/shelf");
        tablet("batch", "/logbook/5");
        tablet("kitchen", "/kitchen");
        shot("stove-dark", "/stove", Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT, ColorScheme.DARK);
        stoveWithoutALine();
        shot("shelf-phone", "/shelf", 390, 844, ColorScheme.LIGHT);
        practice();
        tablet("inside-jar", "/practice?part=inside");
        drill();
        aDialThatReadHigh();
        tablet("trace", "/trace/2");
        homeNetwork();
    }

    /** The code of the oldest lot of a dish. */
    private String lotOf(String dish) {
        Matcher code = Pattern.compile("\"code\":\"([^\"]+)\"")
                .matcher(mobrel.get("/api/shelf?q=" + dish).body());
        return code.find() ? code.group(1) : "";
    }

    private void aDialThatReadHigh() {
        mobrel.post(
                "/api/kitchen/canners/1/tests",
                "{\"on\": \"%s\", \"readPsi\": 10.75, \"masterPsi\": 10, \"by\": \"Ada\"}".formatted(LocalDate.now()));
    }

    /** A phone that has lost the kitchen in the middle of a hold. */
    private void stoveWithoutALine() {
        Page page = opened("/stove", 390, 844, ColorScheme.LIGHT);
        page.context().setOffline(true);
        page.getByText("The kitchen's server cannot be reached.").waitFor();
        take(page, "stove-phone");
    }

    /** A phone that was let in, a cook and a helper. */
    private void homeNetwork() {
        String digits = JsonParser.parseString(
                        mobrel.post("/api/access/pairing-codes", "{}").body())
                .getAsJsonObject()
                .get("digits")
                .getAsString();
        Page phone = browser.phoneAtHome();
        phone.navigate(mobrel.homeUrl("/stove"));
        phone.getByLabel("The six digits").fill(digits);
        phone.getByLabel("What to call this device").fill("Phone at the stove");
        Cook.button(phone, "Pair").click();
        Cook.region(phone, "Big canner").waitFor();
        mobrel.post("/api/access/people", "{\"name\": \"Ada\", \"role\": \"cook\", \"pin\": \"135790\"}");
        mobrel.post("/api/access/people", "{\"name\": \"Ben\", \"role\": \"helper\", \"pin\": \"2468\"}");
        Page page = opened("/kitchen", Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT, ColorScheme.LIGHT);
        Cook.button(page, "Pair a device").click();
        page.getByText(Pattern.compile("^\\d{3} \\d{3}$")).waitFor();
        Cook.region(page, "Home network")
                .evaluate("card => scrollTo(0, card.getBoundingClientRect().top + scrollY - 16)");
        take(page, "home-network");
    }

    /** The free stove, brought up to pressure by hand. */
    private void practice() {
        Page page = opened("/practice?part=stove", Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT, ColorScheme.LIGHT);
        Locator knob = page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Burner").setExact(true));
        knob.press("End");
        page.getByText("120×", new Page.GetByTextOptions().setExact(true)).click();
        Cook.button(page, "Play").click();
        Locator timer = page.getByRole(AriaRole.TIMER);
        page.waitForCondition(() -> timer.innerText().matches("2[4-9]:[3-5]\\d|2[5-9]:\\d\\d"));
        Cook.button(page, "Weight on").click();
        page.waitForCondition(() -> timer.innerText().compareTo("33:00") > 0);
        for (int step = 0; step < 11; step++) {
            knob.press("ArrowDown");
        }
        page.waitForCondition(() -> timer.innerText().compareTo("41:00") > 0);
        page.getByText("1×", new Page.GetByTextOptions().setExact(true)).click();
        page.evaluate("scrollTo(0, 0)");
        page.waitForTimeout(1_500);
        take(page, "practice");
    }

    /** One that was missed, with what came of it. */
    private void drill() {
        Page page =
                opened("/practice/drills/cold-water", Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT, ColorScheme.LIGHT);
        Cook.button(page, "Into the sink, cold water over it").click();
        page.waitForCondition(() -> page.getByText("4:00 later").count() > 0);
        take(page, "drill");
    }

    private void take(Page page, String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
        page.context().close();
    }

    private void tablet(String name, String path) {
        shot(name, path, Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT, ColorScheme.LIGHT);
    }

    private void shot(String name, String path, int width, int height, ColorScheme scheme) {
        take(opened(path, width, height, scheme), name);
    }

    private Page opened(String path, int width, int height, ColorScheme scheme) {
        Page page = browser.page(width, height, scheme);
        page.navigate(mobrel.url(path));
        page.waitForLoadState(LoadState.LOAD);
        page.waitForCondition(() ->
                page.getByText("One moment").count() == 0 && page.locator("h1").count() > 0);
        page.evaluate("document.fonts.ready");
        // The ruling follows a pause in typing, and clocks begin at the first answer.
        page.waitForTimeout(900);
        return page;
    }
}
