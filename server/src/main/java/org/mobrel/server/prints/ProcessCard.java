package org.mobrel.server.prints;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.mobrel.server.run.Run;

/**
 * The worksheet of one load, for the day the power is out: what to keep can be read from across the kitchen, what it looks like is drawn, and
 * there is a line for everything that the record needs.
 */
final class ProcessCard {

    private static final double A4_WIDTH_MM = 210;
    private static final double A4_HEIGHT_MM = 297;
    private static final double MARGIN_MM = 12;
    private static final double MM_IN_AN_INCH = 25.4;

    private ProcessCard() {}

    /** @param otherwise what the page of the recipe says, and how it is done here; a sentence each */
    static String html(Run run, Paper paper, String jars, String practice, List<String> otherwise, String caution) {
        boolean dial = run.plan().gauge().code().equals("dial");
        String target = run.plan().target().psi().toString();
        String mark = target + (dial ? " psi" : " lb");
        int minutes = run.plan().process().value();
        double inches = run.headspaceIn().doubleValue();
        String headspace = "%s in (%s mm)"
                .formatted(run.headspaceIn().stripTrailingZeros().toPlainString(), Math.round(inches * MM_IN_AN_INCH));
        String body = "<h1>" + Html.text(run.title()) + "</h1>" + practice + "<p>"
                + Html.text("Load %s: %s · %s · headspace %s"
                        .formatted(run.loadNumber(), jars, run.cannerName(), headspace))
                + "</p><table class=\"figures\"><tr><td><span class=\"hand\">" + minutes
                + "</span> min<br/>at pressure, without a break</td><td><span class=\"hand\">" + Html.text(target)
                + "</span> " + (dial ? "psi<br/>or more, on this dial" : "lb<br/>weight, moving properly")
                + "</td></tr></table><table class=\"drawn\"><tr><td><img class=\"gauge\" src=\""
                + (dial ? CardPictures.dial(run.plan().target().psi().doubleValue()) : CardPictures.weight(target))
                + "\" alt=\"What it shows at pressure\"/></td><td><img class=\"load\" src=\""
                + CardPictures.load(run.jars())
                + "\" alt=\"How the jars stand\"/></td><td class=\"rules\">" + rules(minutes, mark)
                + "</td></tr></table>"
                + otherwise.stream()
                        .map(said -> "<p><b>" + Html.text(said) + "</b></p>")
                        .collect(Collectors.joining())
                + "<table class=\"lines\">" + lines(minutes) + "</table><p class=\"small\">" + Html.text(caution)
                + "</p>";
        return Html.page(run.title(), paper.page(MARGIN_MM * scale(paper)) + style(scale(paper)), body);
    }

    /** Everything is as much smaller as the sheet is. */
    private static double scale(Paper paper) {
        return Math.min(paper.widthMm() / A4_WIDTH_MM, paper.heightMm() / A4_HEIGHT_MM);
    }

    private static String style(double scale) {
        return String.format(
                Locale.ROOT,
                """
               body { font-size: %.1fpt; line-height: 1.3; } h1 { font-size: %.1fpt; } p { margin: 0 0 %.1fmm 0; }
               .hand { font-size: %.1fpt; font-weight: bold; line-height: 1; } .figures td { width: 50%%; }
               .gauge { width: %.1fmm; } .load { width: %.1fmm; } .drawn td { vertical-align: middle; } .rules { font-weight: bold; }
               .lines td { border-bottom: 0.25mm solid #000; padding: %.1fmm 2mm 0.6mm 0; vertical-align: bottom; }
               .lines td.free { width: 21%%; } .lines td { white-space: nowrap; } .small { font-size: %.1fpt; margin-top: %.1fmm; }
               """,
                12 * scale,
                20 * scale,
                2 * scale,
                92 * scale,
                46 * scale,
                46 * scale,
                5.4 * scale,
                8.5 * scale,
                2.5 * scale);
    }

    private static String rules(int minutes, String mark) {
        return List.of(
                        "2 to 3 inches (5 to 8 cm) of hot water, rack in. Steady plume: 10 minutes by the clock, then the weight.",
                        "The time starts at %s.".formatted(mark),
                        "Below it at any moment: bring it back and start all %s minutes again.".formatted(minutes),
                        "Then heat off. Touch nothing until zero; weight off, wait 10 minutes, lid away from the face.")
                .stream()
                .map(rule -> "<p>" + Html.text(rule) + "</p>")
                .collect(Collectors.joining());
    }

    private static String lines(int minutes) {
        return row("Steady plume at", "Weight on at (10 min later)")
                + row("At pressure: start", "Due (start + %s min)".formatted(minutes))
                + row("Fell below at", "Back: new start, new due")
                + row("Fell below at", "Back: new start, new due")
                + row("Fell below at", "Back: new start, new due")
                + row("Heat off at", "Zero by itself at")
                + row("Lid off at", "Jars out, how many")
                + row("Sealed, of how many", "Initials, date");
    }

    private static String row(String one, String other) {
        return "<tr>" + Html.cell(one) + "<td class=\"free\"></td>" + Html.cell(other)
                + "<td class=\"free\"></td></tr>";
    }
}
