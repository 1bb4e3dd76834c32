package org.mobrel.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.mobrel.journeys.Cook.button;
import static org.mobrel.journeys.Cook.region;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A tablet that has the kitchen's certificate: it can install Mobrel, keeps its screen on during a run, opens without a line in the middle of a
 * hold, and takes a newer version when nothing is on the stove any more.
 */
class InstalledJourney {

    private static final String AWAY = "The kitchen's server cannot be reached.";

    /** Counts the locks that a page holds; the browser itself tells nobody. */
    private static final String COUNT_LOCKS =
            """
            const request = navigator.wakeLock.request.bind(navigator.wakeLock);
            window.locks = [];
            navigator.wakeLock.request = async (type) => {
              const lock = await request(type);
              window.locks.push(lock);
              return lock;
            };
            """;

    @Test
    void a_tablet_installs_it_opens_without_a_line_in_a_hold_and_takes_a_newer_version_after_the_run(
            @TempDir Path newer) throws IOException {
        try (RunningMobrel mobrel = RunningMobrel.demoKitchenAtHome(Map.of(
                        "SPRING_WEB_RESOURCES_STATIC_LOCATIONS", "file:%s/,classpath:/static/".formatted(newer)));
                Browser browser = Browser.trusting(mobrel.homeCertificate())) {
            Page page = browser.tablet();
            page.context().addInitScript(COUNT_LOCKS);
            letIn(mobrel, page);
            canBeInstalled(page);
            page.waitForCondition(() -> Boolean.TRUE.equals(page.evaluate("locks.some((lock) => !lock.released)")));
            opensWithoutALine(mobrel, page);
            takesANewerVersionAfterTheRun(mobrel, page, newer);
            Assertions.assertThat(browser.errors()).isEmpty();
        }
    }

    /** By the code that the machine itself makes. */
    private static void letIn(RunningMobrel mobrel, Page page) {
        String digits = JsonParser.parseString(
                        mobrel.post("/api/access/pairing-codes", "{}").body())
                .getAsJsonObject()
                .get("digits")
                .getAsString();
        page.navigate(mobrel.homeUrl("/stove"));
        page.getByLabel("The six digits").fill(digits);
        page.getByLabel("What to call this device").fill("Tablet");
        button(page, "Pair").click();
        assertThat(region(page, "Big canner")).containsText("Holding");
    }

    private static void canBeInstalled(Page page) {
        page.waitForCondition(() -> Boolean.TRUE.equals(page.evaluate("navigator.serviceWorker.controller !== null")));
        CDPSession devtools = page.context().newCDPSession(page);
        JsonObject manifest = devtools.send("Page.getAppManifest");
        Assertions.assertThat(manifest.getAsJsonArray("errors")).isEmpty();
        Assertions.assertThat(manifest.get("data").getAsString()).contains("standalone");
        JsonObject hindrances = devtools.send("Page.getInstallabilityErrors");
        Assertions.assertThat(hindrances.getAsJsonArray("installabilityErrors").asList().stream()
                        .map(each -> each.getAsJsonObject().get("errorId").getAsString())
                        // Windows of this kind are never offered it.
                        .filter(each -> !each.equals("in-incognito")))
                .isEmpty();
    }

    private static void opensWithoutALine(RunningMobrel mobrel, Page page) {
        int before = readings(mobrel);
        // What was heard is put away in the background.
        page.waitForCondition(
                () -> Boolean.TRUE.equals(
                        page.evaluate(
                                """
                () => new Promise((done) => {
                  const opening = indexedDB.open("mobrel-kept");
                  opening.onsuccess = () => {
                    const asked = opening.result.transaction("values").objectStore("values").get("runs");
                    asked.onsuccess = () => { opening.result.close(); done(asked.result?.value.runs.length > 0); };
                  };
                })""")));
        page.context().setOffline(true);
        page.reload();
        assertThat(page.getByText(AWAY)).isVisible();
        Locator canner = region(page, "Big canner");
        assertThat(canner).containsText("Holding");
        assertThat(canner.getByRole(AriaRole.TIMER)).hasText(Pattern.compile("\\d+:\\d\\d"));
        canner.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("still on the mark")))
                .click();
        assertThat(page.getByText("Kept on this device, not written down yet:")).isVisible();
        page.reload();
        assertThat(page.getByText("Kept on this device, not written down yet:")).isVisible();
        Assertions.assertThat(readings(mobrel)).isEqualTo(before);

        page.context().setOffline(false);
        assertThat(page.getByText(AWAY)).isHidden();
        page.waitForCondition(() -> readings(mobrel) == before + 1);
        assertThat(page.getByText("Kept on this device")).hasCount(0);
        assertThat(canner).containsText("Holding");
    }

    /** @param newer where the files lie that a newer version of the pages brings */
    private static void takesANewerVersionAfterTheRun(RunningMobrel mobrel, Page page, Path newer) throws IOException {
        String now = mobrel.get("/sw.js").body();
        Files.writeString(newer.resolve("sw.js"), now + "\n// newer", StandardCharsets.UTF_8);
        page.evaluate("navigator.serviceWorker.getRegistration().then((known) => known.update())");
        page.waitForCondition(() -> Boolean.TRUE.equals(
                page.evaluate("navigator.serviceWorker.getRegistration().then((known) => known.waiting !== null)")));
        assertThat(region(page, "Big canner")).containsText("Holding");
        assertThat(region(page, "Newer version")).hasCount(0);

        JsonObject run = holding(mobrel);
        mobrel.post(
                "/api/runs/%s/events".formatted(run.get("id").getAsLong()),
                "{\"type\": \"abandon\", \"key\": \"given-up-by-the-journey\"}");
        assertThat(region(page, "Newer version")).isVisible();
        AtomicInteger loads = new AtomicInteger();
        page.onLoad(loaded -> loads.incrementAndGet());
        button(page, "Take it now").click();
        page.waitForCondition(() -> loads.get() == 1);
        assertThat(page.locator("h1")).containsText(Pattern.compile("[Ss]tove"));
        assertThat(region(page, "Newer version")).hasCount(0);
        Assertions.assertThat(page.evaluate("navigator.serviceWorker.getRegistration().then((known) => known.waiting)"))
                .isNull();
    }

    private static int readings(RunningMobrel mobrel) {
        JsonArray events = holding(mobrel).getAsJsonArray("events");
        return (int) events.asList().stream()
                .filter(event ->
                        event.getAsJsonObject().get("type").getAsString().equals("reading"))
                .count();
    }

    private static JsonObject holding(RunningMobrel mobrel) {
        return JsonParser.parseString(mobrel.get("/api/runs").body()).getAsJsonArray().asList().stream()
                .map(JsonElement::getAsJsonObject)
                .filter(run -> run.get("stage").getAsString().equals("holding"))
                .findFirst()
                .orElseThrow();
    }
}
