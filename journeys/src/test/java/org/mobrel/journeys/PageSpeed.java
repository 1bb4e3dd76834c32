package org.mobrel.journeys;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Arrays;
import java.util.List;

/** How fast the pages answer in Chromium, beside a request that asks for nothing much: {@code ./mobrel bench pages}. */
public final class PageSpeed {

    /** How often each is tried, and how many tries before are not counted: a program that just came up is not what a cook taps on. */
    private static final int TRIES = 50;

    private static final int WARM_UP = 20;

    private static final int FIRST_TRIES = 10;
    private static final double NANOS_IN_A_MILLISECOND = 1_000_000;

    /** Does something again and again and notes how long it took until the page showed it. */
    private static final String MEASURE =
            """
            async ([tries, warmUp, act, shown]) => {
              const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set;
              const type = (field, text) => { field.focus(); set.call(field, text); field.dispatchEvent(new Event("input", {bubbles: true})); };
              const tap = (name) => document.querySelector(`[aria-label="${name}"]`).click();
              const go = (name) => [...document.querySelectorAll("nav a")].find((link) => link.textContent.trim() === name).click();
              const doIt = eval(act), isShown = eval(shown);
              const times = [];
              for (let round = 0; round < warmUp + tries; round++) {
                const begin = performance.now();
                await doIt(round);
                await new Promise((done, fail) => {
                  const late = setTimeout(() => fail(new Error("Not shown after 20 s in round " + round + ": " + shown)), 20000);
                  const look = () => isShown(round) ? done(clearTimeout(late)) : requestAnimationFrame(look);
                  look();
                });
                times.push(performance.now() - begin);
                await new Promise((done) => setTimeout(done, 60));
              }
              return times.slice(warmUp);
            }
            """;

    private PageSpeed() {}

    public static void main(String[] arguments) {
        try (RunningMobrel mobrel = RunningMobrel.ownDemoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.navigate(mobrel.url("/recipes/8"));
            page.getByLabel("Ingredient line").first().waitFor();
            tell("a trivial GET", measure(page, "() => fetch('/actuator/health').then((a) => a.text())", "() => true"));
            tell(
                    "keystroke to ladder",
                    measure(
                            page,
                            "(round) => type(document.querySelector('[aria-label=\"Ingredient line\"]'),"
                                    // Another amount each time: a line ruled on before is answered from memory.
                                    + " (round + 2) + (round % 2 ? ' lb pork shoulder' : ' lb carrots'))",
                            "(round) => document.querySelector('[aria-label=\"Ingredient line\"]').closest('li').textContent"
                                    + ".includes(round % 2 ? 'meat in cubes' : 'carrots ·')"));
            page.navigate(mobrel.url("/plan/2"));
            page.getByLabel("What it makes").first().waitFor();
            int before = Integer.parseInt(page.getByLabel("Quarts", new Page.GetByLabelOptions().setExact(true))
                    .inputValue());
            tell(
                    "tap to amounts",
                    measure(
                            page,
                            "(round) => tap((round % 2 ? 'One less' : 'One more') + ': Quarts')",
                            "(round) => document.querySelector('[aria-label=\"What it makes\"]').textContent"
                                    + ".includes((%s + (round %% 2 ? 0 : 1)) + ' quarts')".formatted(before)));
            tell(
                    "page switch",
                    measure(
                            page,
                            "(round) => go(round % 2 ? 'Shelf' : 'Recipes')",
                            "(round) => document.querySelector('h1')?.textContent === (round % 2 ? 'Shelf' : 'Recipes')"
                                    + " && document.querySelector('main ul, main table, main section') !== null"));
            frames(mobrel, page);
            firstMinute();
        } finally {
            Browser.stop();
        }
    }

    /** Two canners side by side at thirty times: from one drawn frame to the next, over ten seconds. */
    private static void frames(RunningMobrel mobrel, Page page) {
        page.navigate(mobrel.url("/practice?part=stove"));
        page.getByText("Both", new Page.GetByTextOptions().setExact(true)).click();
        for (String canner : List.of("weighted", "dial")) {
            page.getByRole(
                            AriaRole.SLIDER,
                            new Page.GetByRoleOptions().setName("Burner of the %s canner".formatted(canner)))
                    .press("End");
        }
        page.getByText("30×", new Page.GetByTextOptions().setExact(true)).click();
        Cook.button(page, "Play").click();
        Object measured = page.evaluate(
                """
                () => new Promise((done) => {
                  const times = [];
                  let last;
                  const frame = (now) => {
                    if (last !== undefined) times.push(now - last);
                    last = now;
                    if (times.length < 600) requestAnimationFrame(frame); else done(times);
                  };
                  setTimeout(() => requestAnimationFrame(frame), 2000);
                })""");
        double[] times = sorted(measured);
        tell("two canners, frame", times);
        // The browser tells a frame's time to a tenth of a millisecond; how many there were in all is exact.
        System.out.printf(
                "%-22s %.1f%n",
                "frames a second", times.length * 1_000 / Arrays.stream(times).sum());
    }

    /** A device that has never been here opens an empty kitchen and types one line: until it can be typed, and until it is ruled on. */
    private static void firstMinute() {
        double[] opened = new double[FIRST_TRIES];
        double[] ruled = new double[FIRST_TRIES];
        try (RunningMobrel mobrel = RunningMobrel.empty()) {
            for (int round = 0; round < FIRST_TRIES; round++) {
                try (Browser browser = new Browser()) {
                    Page page = browser.tablet();
                    long begin = System.nanoTime();
                    page.navigate(mobrel.url("/"));
                    Locator field = page.getByLabel("What are you canning?");
                    field.waitFor();
                    long typed = System.nanoTime();
                    // Another amount each time: what was ruled on before is answered from memory.
                    field.fill("%s qt pork stock".formatted(round + 2));
                    page.getByText("min in quarts").first().waitFor();
                    opened[round] = (typed - begin) / NANOS_IN_A_MILLISECOND;
                    ruled[round] = (System.nanoTime() - typed) / NANOS_IN_A_MILLISECOND;
                }
            }
        }
        Arrays.sort(opened);
        Arrays.sort(ruled);
        tell("first page, new device", opened);
        tell("first line to ruling", ruled);
    }

    private static double[] measure(Page page, String act, String shown) {
        Object measured = page.evaluate(MEASURE, List.of(TRIES, WARM_UP, act, shown));
        return sorted(measured);
    }

    private static double[] sorted(Object measured) {
        return ((List<?>) measured)
                .stream()
                        .mapToDouble(time -> ((Number) time).doubleValue())
                        .sorted()
                        .toArray();
    }

    private static void tell(String what, double[] times) {
        System.out.printf(
                "%-22s p50 %7.2f ms   p95 %7.2f ms   (%s tries)%n",
                what, times[times.length / 2], times[times.length * 95 / 100], times.length);
    }
}
