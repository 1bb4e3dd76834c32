package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A power cut in the middle of a hold, of the server and of the database: the clock goes on as if nothing had been. */
class KilledServerJourney {

    @Test
    void the_hold_goes_on_to_the_second_after_server_and_database_were_killed() {
        try (RunningMobrel mobrel = RunningMobrel.withDemoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.navigate(mobrel.url("/stove"));
            Locator clock = page.getByRole(AriaRole.TIMER);
            Instant end = endShown(clock, mobrel);

            mobrel.killServer();
            assertThat(page.getByText("The kitchen's server cannot be reached."))
                    .isVisible();
            Assertions.assertThat(endShown(clock, mobrel))
                    .as("the page counts on by itself")
                    .isBetween(end.minusSeconds(1), end.plusSeconds(1));
            mobrel.killDatabase();
            mobrel.startDatabaseAgain();
            mobrel.startServerAgain();
            assertThat(page.getByText("The kitchen's server cannot be reached."))
                    .isHidden();
            Assertions.assertThat(endShown(clock, mobrel))
                    .as("found again")
                    .isBetween(end.minusSeconds(1), end.plusSeconds(1));

            page.reload();
            Assertions.assertThat(endShown(clock, mobrel))
                    .as("after a reload")
                    .isBetween(end.minusSeconds(1), end.plusSeconds(1));
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("still on the mark"))
                    .click();
            assertThat(page.getByText("Last look: 12.5, less than a minute ago."))
                    .isVisible();
            Assertions.assertThat(endShown(clock, mobrel))
                    .as("a good reading moves nothing")
                    .isBetween(end.minusSeconds(1), end.plusSeconds(1));
        }
    }

    /** When the hold ends by what the page shows now. */
    private static Instant endShown(Locator clock, RunningMobrel mobrel) {
        assertThat(clock).isVisible();
        String[] parts = clock.innerText().strip().split(":");
        Instant now = mobrel.now();
        Duration left = Duration.ZERO;
        for (String part : parts) {
            left = left.multipliedBy(60).plusSeconds(Long.parseLong(part));
        }
        return now.plus(left);
    }
}
