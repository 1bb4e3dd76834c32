package org.mobrel.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Looks a page over for what shuts people out, by day and by night. */
final class Axe {

    /** Without transitions a colour is the one of its theme at once; as an adopted sheet it passes the page's content policy. */
    private static final String STAND_STILL =
            """
            () => {
              const still = new CSSStyleSheet();
              still.replaceSync("*, *::before, *::after { transition: none !important }");
              document.adoptedStyleSheets = [still];
            }
            """;

    private static final String LOOK =
            """
            (colorsAlone) => axe.run(document, {resultTypes: ["violations"], ...(colorsAlone ? {runOnly: ["color-contrast"]} : {})})
              .then((found) => found.violations.map(
                (each) => each.id + ": " + each.nodes.map((node) => node.html.slice(0, 160) + " " + node.failureSummary).join(" | ")))
              .finally(() => { document.adoptedStyleSheets = []; })
            """;

    private final String source;
    private final List<String> found = new ArrayList<>();

    Axe() {
        Path script = RunningMobrel.inProject("web/node_modules/axe-core/axe.min.js");
        try {
            source = Files.readString(script);
        } catch (IOException notBuilt) {
            throw new UncheckedIOException(notBuilt);
        }
    }

    /** Looks at a page as it stands; what is found is told at the end, all of it. */
    void look(Page page, String stage) {
        look(page, stage, ColorScheme.DARK, true);
        look(page, stage, ColorScheme.LIGHT, false);
    }

    /** The same in one theme alone, which stays. */
    void look(Page page, String stage, ColorScheme scheme) {
        look(page, stage, scheme, false);
    }

    /** @param colorsAlone for the second look at one page: of all that is looked for, only colours are others at night */
    private void look(Page page, String stage, ColorScheme scheme, boolean colorsAlone) {
        page.evaluate(STAND_STILL);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        page.evaluate("source => { if (!window.axe) { (0, eval)(source); } }", source);
        for (Object each : (List<?>) page.evaluate(LOOK, colorsAlone)) {
            found.add("%s, %s: %s".formatted(stage, scheme, each));
        }
    }

    void foundNothing() {
        assertThat(found).isEmpty();
    }
}
