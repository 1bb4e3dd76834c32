package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.TwoCanners.within;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * A minute of sound cannot be hurried, so this runs with {@code ./mobrel bench ears} and not with every test.
 *
 * <p>Two tablets listen, each to its canner: one weight falls silent and is asked about; a hood starts beside the other, and nothing is.
 */
@EnabledIfSystemProperty(named = "mobrel.ears", matches = "true")
class ListeningJourney {

    private static final String CANNER =
            """
            {"name": "%s", "gauge": "weighted", "quarts": 7, "pints": 9, "shortLayers": 2,
             "weight": {"shows": "holes", "sound": "rocks"}}
            """;

    private static void teach(Page page, RunningMobrel mobrel, String canner) {
        page.navigate(mobrel.url("/stove"));
        within(page, canner, "Listen").click();
        within(page, canner, "Teach it this weight").click();
        within(page, canner, "Begin").click();
    }

    private static void listen(Page page, String canner) {
        within(page, canner, "Listen with it").click();
        assertThat(region(page, "This device listens")).containsText("Hears it rocking");
    }

    @Test
    void silence_is_asked_about_and_a_hood_is_not() {
        Path silent = new KitchenSound(60).rocks(0, 14).write();
        Path loud = new KitchenSound(60).rocks(0, 60).hood(14, 60).write();
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser one = Browser.hearing(silent);
                Browser other = Browser.hearing(loud)) {
            TwoCanners.holding(mobrel, CANNER, "{\"type\": \"reading\", \"weight\": \"proper\"}");
            Page left = one.tablet();
            Page right = other.tablet();
            teach(left, mobrel, TwoCanners.LEFT);
            teach(right, mobrel, TwoCanners.RIGHT);
            listen(left, TwoCanners.LEFT);
            listen(right, TwoCanners.RIGHT);

            assertThat(region(left, TwoCanners.LEFT)).containsText("Look: is it still rocking?");
            assertThat(region(right, TwoCanners.LEFT)).containsText("Look: is it still rocking?");
            assertThat(region(right, "This device listens")).containsText("Too loud to hear it.");
            assertThat(within(right, TwoCanners.RIGHT, "Yes, it rocks")).hasCount(0);
            within(left, TwoCanners.LEFT, "It stopped").click();
            assertThat(region(left, TwoCanners.LEFT)).containsText("Coming up");
            assertThat(region(right, TwoCanners.RIGHT)).containsText("Holding");
            button(right, "Stop listening").click();
            assertThat(within(right, TwoCanners.RIGHT, "Listen")).isVisible();
            Assertions.assertThat(one.errors()).isEmpty();
            Assertions.assertThat(other.errors()).isEmpty();
        }
    }
}
