package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What is heard of a canner while its page lies behind another one: the tunes, how often, and that an answer ends them. */
class AlarmsJourney {

    /** Writes down every note that is begun, every lock on the screen and every notification. */
    private static final String LISTEN =
            """
            window.notes = []; window.shown = []; window.awake = 0; window.ticks = 0;
            window.Worker = class extends Worker {
              constructor(...which) { super(...which); this.addEventListener("message", () => window.ticks++); }
            };
            const tone = AudioContext.prototype.createOscillator;
            AudioContext.prototype.createOscillator = function () {
              const made = tone.call(this);
              const start = made.start.bind(made);
              made.start = (when) => { window.notes.push(made.frequency.value); start(when); };
              return made;
            };
            window.Notification = class { constructor(title) { window.shown.push(title); } };
            window.Notification.permission = "granted";
            navigator.wakeLock.request = async () => { window.awake++; return { release: async () => {} }; };
            """;

    /** What a browser does to a page nobody sees, and more: its own clocks stand still. */
    private static final String LIE_BEHIND =
            """
            () => {
              Object.defineProperty(document, "visibilityState", { get: () => "hidden" });
              for (let timer = 1; timer < 100000; timer++) { clearInterval(timer); }
            }
            """;

    /** Ticks, one a second. */
    private static final int LONGER_THAN_A_PAUSE = 8;

    @Test
    void heat_off_is_heard_seen_and_repeated_behind_another_page_until_somebody_answers() {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.addInitScript(LISTEN);
            page.navigate(mobrel.url("/stove"));
            // What the server does not have yet would count from when it comes.
            page.waitForResponse(
                    answer -> answer.url().contains("/api/runs/")
                            && answer.request().method().equals("POST")
                            && answer.ok(),
                    () -> button(page, "12.5 · still on the mark").click());
            assertThat(page.getByText("Last look: 12.5 on the dial")).isVisible();
            Assertions.assertThat(number(page, "window.awake")).isPositive();
            page.evaluate(LIE_BEHIND);

            mobrel.advance(Duration.ofMinutes(11));
            page.waitForCondition(() -> number(page, "window.notes.length") >= 2);
            Assertions.assertThat(notes(page)).containsOnly(587);
            assertThat(page).hasTitle("! Look at the gauge · Big canner");

            mobrel.advance(Duration.ofMinutes(80));
            assertThat(page).hasTitle("! Heat off now · Big canner");
            page.waitForCondition(() -> notes(page).contains(1175));
            Assertions.assertThat(shown(page)).contains("Look at the gauge", "Heat off now");
            int once = notes(page).size();
            page.waitForCondition(() -> notes(page).size() >= 2 * once);

            assertThat(page.getByRole(AriaRole.ALERT)).containsText("Heat off now: Big canner");
            button(page, "Got it").click();
            assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
            int answered = notes(page).size();
            // So many ticks are longer than the pause between two of them, had nobody answered.
            int ticks = number(page, "window.ticks");
            page.waitForCondition(() -> number(page, "window.ticks") >= ticks + LONGER_THAN_A_PAUSE);
            Assertions.assertThat(notes(page)).hasSize(answered);
            assertThat(page).not().hasTitle(Pattern.compile("^!"));
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    private static int number(Page page, String what) {
        return ((Number) page.evaluate(what)).intValue();
    }

    private static List<Integer> notes(Page page) {
        return ((List<?>) page.evaluate("window.notes"))
                .stream()
                        .map(note -> (int) Math.round(((Number) note).doubleValue()))
                        .toList();
    }

    private static List<String> shown(Page page) {
        return ((List<?>) page.evaluate("window.shown"))
                .stream().map(String::valueOf).toList();
    }
}
