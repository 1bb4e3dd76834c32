package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A power cut in the middle of a hold, of the server and of the database: the clock goes on as if nothing had been. */
class KilledServerJourney {

    @Test
    void the_hold_goes_on_to_the_second_after_server_and_database_were_killed() throws InterruptedException {
        try (RunningMobrel mobrel = RunningMobrel.ownDemoKitchen();
                Browser browser = new Browser()) {
            Page page = browser.tablet();
            page.navigate(mobrel.url("/stove"));
            Locator clock = page.getByRole(AriaRole.TIMER);
            Instant end = holdEnds(mobrel);
            isRightToTheSecond(clock, mobrel, end, "before anything happened");

            mobrel.killServer();
            assertThat(page.getByText("The kitchen's server cannot be reached."))
                    .isVisible();
            isRightToTheSecond(clock, mobrel, end, "the page counts on by itself");
            mobrel.killDatabase();
            mobrel.startDatabaseAgain();
            mobrel.startServerAgain();
            assertThat(page.getByText("The kitchen's server cannot be reached."))
                    .isHidden();
            isRightToTheSecond(clock, mobrel, end, "found again");

            page.reload();
            isRightToTheSecond(clock, mobrel, end, "after a reload");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("still on the mark"))
                    .click();
            assertThat(page.getByText("Last look: 12.5 on the dial,")).isVisible();
            isRightToTheSecond(clock, mobrel, end, "a good reading moves nothing");
        }
    }

    /** When the hold ends by what the server says. */
    private static Instant holdEnds(RunningMobrel mobrel) throws InterruptedException {
        Matcher end = Pattern.compile("\"stage\":\"holding\".*?\"clockEndsAt\":\"([^\"]+)\"")
                .matcher(mobrel.get("/api/runs").body());
        Assertions.assertThat(end.find()).as("a run is holding").isTrue();
        return Instant.parse(end.group(1));
    }

    /** The page and this test look at their clocks one after the other, so a busy machine gets more than one try. */
    private static void isRightToTheSecond(Locator clock, RunningMobrel mobrel, Instant end, String when) {
        Instant limit = Instant.now().plusSeconds(45);
        Instant shown = endShown(clock, mobrel);
        while (Duration.between(end, shown).abs().toMillis() > 1_000
                && Instant.now().isBefore(limit)) {
            shown = endShown(clock, mobrel);
        }
        Assertions.assertThat(shown).as(when).isBetween(end.minusSeconds(1), end.plusSeconds(1));
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
