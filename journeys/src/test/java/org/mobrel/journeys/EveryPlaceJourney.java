package org.mobrel.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Every address of the demo kitchen, as a tablet, a phone and a small phone show it, and with letters twice as large: nothing is wider than the
 * screen, everything can be hit by a finger, nothing shuts anybody out by day or by night. With {@code -Dmobrel.everywhere=true} each is looked
 * over in every size and both themes.
 */
class EveryPlaceJourney {

    private static final int USUAL_LETTERS = 16;

    private static final boolean EVERYWHERE = Boolean.getBoolean("mobrel.everywhere");

    private static final List<String> PLACES = List.of(
            "/today",
            "/recipes",
            "/recipes/import",
            "/recipes/new",
            "/recipes/8",
            "/recipes/1",
            "/plan",
            "/plan/3",
            "/plan/3?part=amounts",
            "/plan/3?part=day",
            "/plan/3?part=shopping",
            "/plan/3?part=prep",
            "/plan/3?part=filling",
            "/stove",
            "/shelf",
            "/trace/1",
            "/prints",
            "/logbook",
            "/logbook/outside",
            "/logbook/10",
            "/kitchen",
            "/pair",
            "/practice",
            "/practice?part=water",
            "/practice?part=stove",
            "/practice?part=drills",
            "/practice?part=inside",
            "/practice?part=lines",
            "/practice?part=record",
            "/practice/drills/45-minutes",
            "/tables",
            "/seals/9",
            "/nowhere/at/all");

    /** How far the page can be pushed sideways, in pixels, and what sticks out. */
    private static final String TOO_WIDE =
            """
            () => {
              const room = document.documentElement.clientWidth;
              if (document.documentElement.scrollWidth <= room) return "";
              const out = [...document.querySelectorAll("main *")].filter((each) =>
                each.getBoundingClientRect().right > room + 1 && ![...each.children].some((child) => child.getBoundingClientRect().right > room + 1));
              return document.documentElement.scrollWidth + " of " + room + ": " + out.slice(0, 3).map((each) => each.outerHTML.slice(0, 120)).join(" | ");
            }
            """;

    /** What a wet finger would miss: smaller than 44 pixels either way; what only screen readers show does not count. */
    private static final String TOO_SMALL =
            """
            () => [...document.querySelectorAll("a, button, input:not([type=hidden]), select, summary, textarea, [role=button], [role=slider]")]
              .map((each) => [each, each.matches("[type=radio], [type=checkbox], [type=file]") && each.closest("label") || each])
              .filter(([each, hit]) => {
                const box = hit.getBoundingClientRect();
                const hidden = each.matches(".sr-only:not([type])") || getComputedStyle(each).visibility === "hidden";
                return !hidden && !each.matches("[type=range]") && box.width > 2 && box.height > 2 && (box.height < 43.5 || box.width < 41);
              })
              .map(([each]) => each.outerHTML.slice(0, 140))
            """;

    /** A kitchen in quarts and feet; a load of jars by weight is weighed in grams too. */
    private static final Pattern METRIC = Pattern.compile(".{0,40}\\d\\s?(?:mm|cm|ml|mL|L|litres?|°C)\\b.{0,20}");

    /** A kitchen in litres and metres; jars are called by their names. */
    private static final Pattern US = Pattern.compile(
            ".{0,40}\\d\\s?(?:ft|feet|°F|fl oz|oz(?! jar)|qt|inch|inches|in(?= below| cubes))\\b.{0,20}");

    /** Where no recipe is told in its own words. */
    private static final List<String> FIGURES_ALONE = List.of(
            "/plan/3?part=prep",
            "/stove",
            "/shelf",
            "/prints",
            "/logbook/outside",
            "/kitchen",
            "/practice?part=water",
            "/practice?part=stove",
            "/practice?part=inside",
            "/seals/9");

    private static RunningMobrel mobrel;
    private static Browser browser;

    @BeforeAll
    static void start() {
        mobrel = RunningMobrel.demoKitchen();
        browser = new Browser();
    }

    @AfterAll
    static void stop() {
        browser.close();
        mobrel.close();
    }

    private static Stream<String> places() {
        String lot = JsonParser.parseString(mobrel.get("/api/shelf?q=Salmon").body())
                .getAsJsonObject()
                .getAsJsonArray("lots")
                .get(0)
                .getAsJsonObject()
                .get("code")
                .getAsString();
        return Stream.concat(PLACES.stream(), Stream.of("/shelf/" + lot));
    }

    private static void open(Page page, String place) {
        page.navigate(mobrel.url(place));
        page.locator("main h1").first().waitFor();
        page.waitForCondition(() -> page.getByText("One moment …").count() == 0);
    }

    /** Letters as large as somebody has set them in the browser, who has not reloaded the page since. */
    private static void setLetters(CDPSession settings, Page page, int pixels) {
        JsonObject sizes = new JsonObject();
        sizes.addProperty("standard", pixels);
        JsonObject all = new JsonObject();
        all.add("fontSizes", sizes);
        settings.send("Page.setFontSizes", all);
        page.waitForFunction("size => getComputedStyle(document.documentElement).fontSize === size", pixels + "px");
    }

    @Test
    void nothing_is_too_wide_too_small_or_shut_to_anybody() {
        Axe axe = new Axe();
        Page page = browser.tablet();
        CDPSession settings = page.context().newCDPSession(page);
        List<String> found = new ArrayList<>();
        places().forEach(place -> {
            page.setViewportSize(Browser.TABLET_WIDTH, Browser.TABLET_HEIGHT);
            open(page, place);
            for (int width : new int[] {Browser.TABLET_WIDTH, 820, 320, 390}) {
                page.setViewportSize(width, 844);
                tell(found, place + " at " + width, (String) page.evaluate(TOO_WIDE));
                if (EVERYWHERE && width != 320) {
                    axe.look(page, place + " at " + width);
                }
            }
            for (Object small : (List<?>) page.evaluate(TOO_SMALL)) {
                tell(found, place + " is too small to hit", (String) small);
            }
            foreign(found, page, place, METRIC);
            if (!EVERYWHERE) {
                axe.look(page, place, ColorScheme.LIGHT);
            }
            setLetters(settings, page, 2 * USUAL_LETTERS);
            for (int width : new int[] {390, 820, Browser.TABLET_WIDTH}) {
                page.setViewportSize(width, 844);
                tell(found, place + " with large letters at " + width, (String) page.evaluate(TOO_WIDE));
            }
            setLetters(settings, page, USUAL_LETTERS);
        });
        assertThat(found).isEmpty();
        axe.foundNothing();
    }

    /** Switched to metric, figures are in metres, litres and degrees Celsius. */
    @Test
    void a_metric_kitchen_reads_metric() {
        List<String> found = new ArrayList<>();
        Page page = browser.tablet();
        mobrel.changeKitchen("\"units\": \"metric\"");
        try {
            for (String place : FIGURES_ALONE) {
                open(page, place);
                foreign(found, page, place, US);
            }
            open(page, "/kitchen");
            assertThat(page.locator("main").innerText()).contains("960 m");
        } finally {
            mobrel.changeKitchen("\"units\": \"us\"");
        }
        assertThat(found).isEmpty();
    }

    /** What is measured in the other system, folded away or not. */
    private static void foreign(List<String> found, Page page, String place, Pattern other) {
        page.evaluate("() => document.querySelectorAll('main details').forEach((each) => { each.open = true; })");
        Matcher measured = other.matcher(page.locator("main").innerText());
        while (measured.find()) {
            tell(found, place + " measures in the other system", measured.group());
        }
    }

    private static void tell(List<String> found, String where, String what) {
        if (!what.isEmpty()) {
            found.add(where + ": " + what);
        }
    }
}
