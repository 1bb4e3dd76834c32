package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;
import static org.mobrel.journeys.TwoCanners.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Path;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * A film cannot be hurried, so this runs with {@code ./mobrel bench eyes} and not with every test.
 *
 * <p>Two tablets look, each at its dial: one needle sinks and is asked about; somebody stands before the other, and nothing is.
 */
@EnabledIfSystemProperty(named = "mobrel.eyes", matches = "true")
class SeeingJourney {

    private static final String CANNER =
            """
            {"name": "%s", "gauge": "dial", "gaugeErrorPsi": 0, "quarts": 7, "pints": 9, "shortLayers": 2}
            """;

    private static void teach(Page page, RunningMobrel mobrel, String canner) {
        page.navigate(mobrel.url("/stove"));
        within(page, canner, "Look").click();
        within(page, canner, "Teach it this dial").click();
        within(page, canner, "Take the picture").click();
        Locator still = page.getByLabel("The dial: press, slide to the place, let go; or arrow keys, and Enter");
        for (double mark : List.of(-1.0, 0.0, 15.0)) {
            still.scrollIntoViewIfNeeded();
            double[] at = DialFilm.spot(mark);
            BoundingBox box = still.boundingBox();
            page.mouse().click(box.x + at[0] * box.width, box.y + at[1] * box.height);
        }
        assertThat(region(page, canner)).containsText("It reads 12.");
        within(page, canner, "Yes, look with it").click();
        assertThat(region(page, "This device looks")).containsText("Sees about 1");
    }

    @Test
    void a_needle_that_sinks_is_asked_about_and_a_cook_before_the_dial_is_not() {
        Path sinks = new DialFilm(12.2).stands(25).sinksTo(9, 8).stands(60).write();
        Path stays = new DialFilm(12.4).stands(25).hidden(30).stands(60).write();
        try (RunningMobrel mobrel = RunningMobrel.empty();
                Browser one = Browser.seeing(sinks);
                Browser other = Browser.seeing(stays)) {
            List<Long> runs = TwoCanners.holding(mobrel, CANNER, "{\"type\": \"reading\", \"psi\": 12}");
            Page left = one.tablet();
            Page right = other.tablet();
            teach(right, mobrel, TwoCanners.RIGHT);
            teach(left, mobrel, TwoCanners.LEFT);

            assertThat(region(right, "This device looks")).containsText("Does not see the needle.");
            assertThat(region(left, TwoCanners.LEFT)).containsText("Look: what does the dial say?");
            assertThat(region(right, TwoCanners.LEFT)).containsText("Look: what does the dial say?");
            assertThat(region(right, "This device looks")).containsText("Sees about 12");
            Assertions.assertThat(mobrel.get("/api/runs/" + runs.get(1)).body()).doesNotContain("not-seen");
            within(left, TwoCanners.LEFT, "It dropped").click();
            for (int less = 0; less < 3; less++) {
                button(left, "One less: The dial reads").first().click();
            }
            within(left, TwoCanners.LEFT, "Write down 9").click();
            assertThat(region(left, TwoCanners.LEFT)).containsText("Coming up");
            assertThat(region(right, TwoCanners.RIGHT)).containsText("Holding");
            button(right, "Stop looking").click();
            assertThat(within(right, TwoCanners.RIGHT, "Look")).isVisible();
            Assertions.assertThat(one.errors()).isEmpty();
            Assertions.assertThat(other.errors()).isEmpty();
        }
    }
}
