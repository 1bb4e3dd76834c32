package org.mobrel.journeys;

import com.microsoft.playwright.Page;
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
        try (RunningMobrel mobrel = RunningMobrel.ownDemoKitchen();
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
        tablet("fill-jars", "/plan/2?part=filling");
        tablet("stove", "/stove");
        tablet("seal-check", "/seals/9");
        tablet("day", "/plan/3?part=day");
        shot("plan-phone", "/plan/2", 390, 844, ColorScheme.LIGHT);
        tablet("lot", "/shelf/" + lotOf("Salmon"));
        tablet("shelf", "/shelf");
        tablet("logbook", "/logbook");
        tablet("batch", "/logbook/5");
        tablet("kitchen", "/kitchen");
        shot("stove-dark", "/stove", Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT, ColorScheme.DARK);
        shot("stove-phone", "/stove", 390, 844, ColorScheme.LIGHT);
        shot("shelf-phone", "/shelf", 390, 844, ColorScheme.LIGHT);
        aDialThatReadHigh();
        tablet("trace", "/trace/2");
        aRecipeThatAsks();
        tablet("recipe-asked", "/recipes/9");
    }

    /** The code of the oldest lot of a dish. */
    private String lotOf(String dish) {
        Matcher code = Pattern.compile("\"code\":\"([^\"]+)\"")
                .matcher(mobrel.get("/api/shelf?q=" + dish).body());
        return code.find() ? code.group(1) : "";
    }

    /** A list with questions in it, and nothing that stops it. */
    private void aRecipeThatAsks() {
        mobrel.post(
                "/api/recipes",
                """
                {"title": "Sunday oxtail pot", "lines": ["4 lb oxtail", "3 lb beef and carrots, in chunks",
                 "1 lb dried butter beans, soaked overnight", "2 cups celery (glazed), sliced", "1 packet onion soup mix",
                 "3 qt beef stock, chilled and skimmed"]}""");
    }

    private void aDialThatReadHigh() {
        mobrel.post(
                "/api/kitchen/canners/1/tests",
                "{\"on\": \"%s\", \"readPsi\": 10.75, \"masterPsi\": 10, \"by\": \"Ada\"}".formatted(LocalDate.now()));
    }

    private void tablet(String name, String path) {
        shot(name, path, Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT, ColorScheme.LIGHT);
    }

    private void shot(String name, String path, int width, int height, ColorScheme scheme) {
        Page page = opened(path, width, height, scheme);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
        page.context().close();
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
