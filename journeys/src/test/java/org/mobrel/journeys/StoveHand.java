package org.mobrel.journeys;

import static org.mobrel.journeys.Cook.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The hand of a cook on a page of the stove: it taps whatever comes next and keeps a note of its own beside it, whoever was killed meanwhile. */
final class StoveHand {

    /** The large buttons in the order of a run. */
    private static final List<String> STEPS = List.of(
            "are in order",
            "lid locked",
            "Steady steam",
            "Weight on",
            "Heat off",
            "Pressure is zero",
            "Weight off",
            "Lid off",
            "Jars out");

    private static final double AT_ONCE_MS = 1_500;

    /** Every tap is kept on the device before it is sent, and forgotten once it is written down; a refused one stays until it is read. */
    private static final String NOTHING_UNDER_WAY =
            """
            async () => {
              await new Promise((done) => setTimeout(done, 300));
              return new Promise((done) => {
                const open = indexedDB.open("mobrel");
                open.onsuccess = () => {
                  const taps = open.result.transaction("taps").objectStore("taps").getAll();
                  taps.onsuccess = () => {
                    open.result.close();
                    done(taps.result.every((tap) => tap.refused));
                  };
                };
              });
            }
            """;

    private final Page page;
    private final String name;

    /** By canner, the notes that were kept. */
    private final Map<String, List<String>> kept = new TreeMap<>();

    /** Notes of which the hand does not know whether they were kept: a busy machine said nothing in time. */
    private final List<String> unsure = new ArrayList<>();

    private int notes;

    StoveHand(Page page, String name) {
        this.page = page;
        this.name = name;
    }

    /** Taps once at every canner that is on the page. */
    void tap(List<String> canners) {
        for (String canner : canners) {
            Locator card = region(page, canner);
            if (card.count() == 1) {
                step(card);
                note(card, canner);
            }
        }
    }

    private static void step(Locator card) {
        for (String step : STEPS) {
            Locator button = card.getByRole(
                    AriaRole.BUTTON,
                    // The lid says how many jars are in before it is locked.
                    new Locator.GetByRoleOptions()
                            .setName(step)
                            .setExact(!step.equals("lid locked") && !step.equals("are in order")));
            if (button.count() == 1 && button.isEnabled()) {
                try {
                    button.click(new Locator.ClickOptions().setTimeout(AT_ONCE_MS));
                } catch (PlaywrightException gone) {
                    // The run went on while the finger was in the air.
                }
                return;
            }
        }
    }

    private void note(Locator card, String canner) {
        Locator field = card.getByLabel("A note");
        String words = "%s %s".formatted(name, ++notes);
        try {
            if (!field.isVisible()) {
                card.getByText("Notes, the record, and stopping")
                        .click(new Locator.ClickOptions().setTimeout(AT_ONCE_MS));
            }
            field.fill(words, new Locator.FillOptions().setTimeout(AT_ONCE_MS));
        } catch (PlaywrightException gone) {
            // The load left the stove.
            return;
        }
        try {
            field.press("Enter", new Locator.PressOptions().setTimeout(AT_ONCE_MS));
            kept.computeIfAbsent(canner, first -> new ArrayList<>()).add(words);
        } catch (PlaywrightException gone) {
            unsure.add(words);
        }
    }

    /** Waits until everything has reached the server: also what is under way for the first time, which no page calls waiting. */
    void untilAllIsWrittenDown() {
        page.waitForFunction(NOTHING_UNDER_WAY);
        page.waitForCondition(() -> page.getByText("not written down yet").count() == 0
                && page.getByText("cannot be reached").count() == 0);
    }

    /** What the server has not taken, as the page says. */
    List<String> refused() {
        return page.getByText("could not be written down").allInnerTexts();
    }

    /** Each of these may have been written down once. */
    List<String> unsure() {
        return unsure;
    }

    List<String> notes() {
        return kept.values().stream().flatMap(List::stream).toList();
    }
}
