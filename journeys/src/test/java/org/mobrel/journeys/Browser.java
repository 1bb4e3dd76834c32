package org.mobrel.journeys;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A headless Chromium; its pages note every error the console shows. */
final class Browser implements AutoCloseable {

    /** A tablet lying on its side, propped against the flour bin. */
    static final int TABLET_WIDTH = 1280;

    static final int TABLET_HEIGHT = 800;

    private static final List<String> ALWAYS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-features=" + String.join(",", withoutFeatures()));

    /**
     * What is of no use where nobody types into an address bar, and costs as much as the pages: two hidden pages for what is suggested there and
     * a process in reserve, with each context. Of several such settings the last one counts, so what Playwright leaves out is named too.
     */
    private static List<String> withoutFeatures() {
        return List.of(
                "WebUIOmniboxPopup",
                "WebUIOmniboxAimPopup",
                "WebUIOmniboxFullPopup",
                "PreloadTopChromeWebUI",
                "SpareRendererForSitePerProcess",
                // Playwright's own, of its chromiumSwitches.
                "AvoidUnnecessaryBeforeUnloadCheckSync",
                "BoundaryEventDispatchTracksNodeRemoval",
                "DestroyProfileOnBrowserClose",
                "DialMediaRouteProvider",
                "GlobalMediaControls",
                "HttpsUpgrades",
                "LensOverlay",
                "MediaRouter",
                "PaintHolding",
                "ThirdPartyStoragePartitioning",
                "BlockOriginHeaderModificationOnRedirect",
                "Translate",
                "AutoDeElevate",
                "OptimizationHints");
    }

    /** A machine that is busy with other things is slow, not wrong. */
    private static final double PATIENCE_MS = 45_000;

    /** One for all journeys of a process: each has contexts of its own in it, which share nothing. */
    private static com.microsoft.playwright.@Nullable Browser chromium;

    private static @Nullable Playwright driver;

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> errors = new ArrayList<>();

    /** One of its own, which believes the certificate of a kitchen; undefined for the one that all journeys share. */
    private final com.microsoft.playwright.@Nullable Browser own;

    Browser() {
        own = null;
    }

    private Browser(com.microsoft.playwright.Browser own) {
        this.own = own;
    }

    /**
     * A Chromium of a device on which the certificate of a kitchen was installed, as its page says.
     *
     * @param certificate of the authority that the kitchen made
     */
    static Browser trusting(Path certificate) {
        try {
            Path home = Files.createTempDirectory("mobrel-journey-home");
            Path known = Files.createDirectories(home.resolve(".pki/nssdb"));
            certutil(known, "-N", "--empty-password");
            certutil(known, "-A", "-n", "kitchen", "-t", "C,,", "-i", certificate.toString());
            chromium();
            return new Browser(launch(Objects.requireNonNull(driver), Map.of("HOME", home.toString()), List.of()));
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException("the certificate could not be installed", failed);
        }
    }

    /** A Chromium whose microphone plays a file once, each time it is opened. */
    static Browser hearing(Path sound) {
        return withDevice("--use-file-for-fake-audio-capture=" + sound + "%noloop");
    }

    /** A Chromium whose camera shows a film, from its beginning each time it is opened. */
    static Browser seeing(Path film) {
        return withDevice("--use-file-for-fake-video-capture=" + film);
    }

    private static Browser withDevice(String file) {
        chromium();
        return new Browser(launch(
                Objects.requireNonNull(driver),
                Map.of(),
                List.of("--use-fake-ui-for-media-stream", "--use-fake-device-for-media-stream", file)));
    }

    private static void certutil(Path known, String... words) throws IOException, InterruptedException {
        List<String> line = new ArrayList<>(List.of("certutil", "-d", "sql:" + known));
        line.addAll(List.of(words));
        Process process = new ProcessBuilder(line).inheritIO().start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException("certutil failed: " + line);
        }
    }

    private static synchronized com.microsoft.playwright.Browser chromium() {
        if (chromium == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            chromium = launch(playwright, Map.of(), List.of());
            driver = playwright;
            Runtime.getRuntime().addShutdownHook(new Thread(Browser::stop));
        }
        return chromium;
    }

    private static com.microsoft.playwright.Browser launch(
            Playwright playwright, Map<String, String> more, List<String> arguments) {
        List<String> all = new ArrayList<>(ALWAYS);
        all.addAll(arguments);
        Map<String, String> environment = new HashMap<>(System.getenv());
        environment.putAll(more);
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(executable())
                        .setEnv(environment)
                        .setArgs(all));
    }

    /** Ends Chromium; a program that is started by hand would wait for it for ever. */
    static synchronized void stop() {
        if (driver != null) {
            driver.close();
            driver = null;
            chromium = null;
        }
    }

    private static Path executable() {
        Path debian = Path.of("/usr/bin/chromium");
        return Files.exists(debian) ? debian : Path.of("/usr/bin/chromium-browser");
    }

    Page tablet() {
        return page(TABLET_WIDTH, TABLET_HEIGHT, ColorScheme.LIGHT);
    }

    Page page(int width, int height, ColorScheme scheme) {
        return page(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(scheme));
    }

    /** A phone of the home network; that its certificate is believed is not looked at here. */
    Page phoneAtHome() {
        return page(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(390, 844)
                .setIgnoreHTTPSErrors(true));
    }

    private Page page(com.microsoft.playwright.Browser.NewContextOptions options) {
        // Pages that are to open without a line are their own journey; in all others a server is what answers.
        options.setServiceWorkers(own == null ? ServiceWorkerPolicy.BLOCK : ServiceWorkerPolicy.ALLOW);
        BrowserContext context = (own == null ? chromium() : own).newContext(options.setLocale("en-GB"));
        contexts.add(context);
        Page page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
        page.onPageError(errors::add);
        page.onRequest(request -> {
            if (!request.url().matches("(https?://127\\.0\\.0\\.1:|data:).*")) {
                errors.add("loads from outside: " + request.url());
            }
        });
        return page;
    }

    /** Scripts that failed, and anything that was asked of another host. */
    List<String> errors() {
        return List.copyOf(errors);
    }

    @Override
    public void close() {
        contexts.forEach(BrowserContext::close);
        if (own != null) {
            own.close();
        }
    }
}
