package org.mobrel.server.prints;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mobrel.run.Decision;
import org.mobrel.run.Deviation;
import org.mobrel.run.EventKind;
import org.mobrel.run.Heard;
import org.mobrel.run.JarCheck;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunState;
import org.mobrel.run.Seen;
import org.mobrel.server.batch.BatchMessages;
import org.mobrel.server.batch.BatchService;
import org.mobrel.server.run.Run;
import org.mobrel.server.shelf.ShelfLot;

/**
 * A batch on paper. First what somebody asks for years later: what was decided, and of each load the trace, what was not as it should be, and the
 * seals; behind it every line and every event.
 */
final class BatchRecord {

    private static final String STYLE =
            """
            .load { page-break-inside: avoid; } .trace { width: 100%; margin: 1mm 0; } h2 { margin-top: 4mm; } p { margin: 0 0 1.2mm 0; }
            .jars td { border: 0.25mm solid #000; padding: 0.8mm 1.5mm; font-size: 8.5pt; width: 12.5%; height: 9mm; }
            .jars td.none { border: 0; } .bad { font-weight: bold; } .moment { white-space: nowrap; } .behind { page-break-before: always; } .behind td { font-size: 9pt; padding: 0.5mm 3mm 0.5mm 0; }
            """;

    private static final int JARS_IN_A_ROW = 8;

    /** Events that say where a run got to, in a few words each. */
    private static final Map<EventKind, String> MOMENTS = Map.of(
            EventKind.LID_LOCKED, "lid locked",
            EventKind.STEAM_STEADY, "steady steam",
            EventKind.WEIGHT_ON, "weight on",
            EventKind.HEAT_OFF, "heat off",
            EventKind.PRESSURE_ZERO, "zero",
            EventKind.LID_OFF, "lid off");

    private static final Map<String, String> DEVIATIONS = Map.ofEntries(
            Map.entry(Deviation.VENT_INTERRUPTED, "the vent was interrupted"),
            Map.entry(Deviation.PRESSURE_LOST, "pressure was lost"),
            Map.entry(Deviation.INTERRUPTED, "interrupted, and the hold began anew"),
            Map.entry(Deviation.STOPPED_EARLY, "stopped before its time"),
            Map.entry(Deviation.ABANDONED, "given up"),
            Map.entry(Deviation.FORCED_COOLING, "cooled by force"),
            Map.entry(Deviation.WEIGHT_KNOCKED, "the weight was knocked, and its clock began anew"),
            Map.entry(Deviation.CANNER_MOVED, "the canner was moved, and its clock began anew"),
            Map.entry(Deviation.MAY_BE_DRY, "it may have boiled dry"),
            Map.entry(Deviation.BOILED_DRY, "it boiled dry"),
            Map.entry(Deviation.EARLY_ZERO, "the pressure was gone too soon"),
            Map.entry(Deviation.NOT_HEARD, "not heard for a while, and nobody said in time whether it moved"),
            Map.entry(
                    Deviation.NOT_SEEN, "not seen at its mark for a while, and nobody said in time what the dial read"),
            Map.entry(Deviation.UNDER_PRESSURE, "held at less than the kitchen's altitude or dial asks for"),
            Map.entry(Deviation.HOLD_UNSUPPORTED, "what came to light later does not support the full time"));

    /** How instants are written on this paper. */
    record Times(Function<Instant, String> minute, Function<Instant, String> second, Function<Instant, String> day) {}

    private final Times times;

    BatchRecord(Times times) {
        this.times = times;
    }

    String html(BatchService.Record batch, List<Run> runs, List<ShelfLot> lots, Paper paper, String caution) {
        StringBuilder body = new StringBuilder("<h1>" + Html.text(batch.title()) + "</h1><p>"
                + Html.text("%s · %s · recipe version %s · tables %s"
                        .formatted(
                                times.day().apply(batch.madeAt()),
                                batch.cannerName(),
                                batch.recipeVersion(),
                                batch.tableVersion()))
                + "</p><p><b>" + Html.text(batch.ruling().headline()) + "</b></p>");
        batch.acceptance().ifPresent(who -> body.append("<p>Own judgement, taken on by ")
                .append(Html.text(who.by() + ": \"" + who.reason() + "\""))
                .append("</p>"));
        runs.forEach(run -> body.append(load(run)));
        body.append(lots(lots)).append("<p class=\"small\">").append(caution).append("</p>");
        body.append("<div class=\"behind\"><h2>Ingredients and their rows</h2>").append(lines(batch.ruling()));
        runs.forEach(run -> body.append(events(run)));
        return Html.page(batch.title(), paper.page(14) + STYLE, body + "</div>");
    }

    private String load(Run run) {
        RunState state = run.state();
        long sealed = state.checked().values().stream().filter(JarCheck::sealed).count();
        boolean dial = run.plan().gauge().code().equals("dial");
        return "<div class=\"load\"><h2>" + Html.text("Load " + run.loadNumber() + ": " + PrintService.jars(run.jars()))
                + "</h2>" + PrintService.practice(run) + "<p>"
                + Html.text("%s min at %s; %s"
                        .formatted(
                                run.plan().process().value(),
                                run.plan().target().psi() + (dial ? " psi" : " lb"),
                                state.checked().isEmpty()
                                        ? "seals not checked"
                                        : sealed + " of " + state.checked().size() + " sealed"))
                + "</p><p>" + moments(run, state) + "</p>"
                + TracePicture.of(run, state, times.minute())
                        .map(picture -> "<img class=\"trace\" src=\"" + picture + "\" alt=\"Pressure over time\"/>")
                        .orElse("")
                + (run.events().isEmpty() ? "" : deviations(state)) + seals(run, state) + "</div>";
    }

    /** When what happened, for the last time each: a lid that was locked twice counts from the second. */
    private String moments(Run run, RunState state) {
        Map<String, Instant> last = new HashMap<>();
        run.events().stream()
                .filter(event -> MOMENTS.containsKey(event.kind()))
                .forEach(event -> last.put(MOMENTS.get(event.kind()), event.at()));
        state.when()
                .holdSince()
                .filter(since -> state.holdComplete())
                .ifPresent(since -> last.put("full time from", since));
        String words = last.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .map(moment -> moment.getKey() + " " + times.minute().apply(moment.getValue()))
                .map(moment -> "<span class=\"moment\">" + Html.text(moment) + "</span>")
                .collect(Collectors.joining(" · "));
        return words.isEmpty() ? "Not begun." : words;
    }

    private String deviations(RunState state) {
        if (state.deviations().isEmpty()) {
            return "<p>No deviation.</p>";
        }
        return state.deviations().stream()
                .map(deviation -> times.minute().apply(deviation.at()) + " "
                        + DEVIATIONS.getOrDefault(
                                deviation.code(), deviation.code().replace('-', ' ')))
                .map(Html::text)
                .collect(Collectors.joining("; ", "<p class=\"bad\">Not as it should be: ", ".</p>"));
    }

    /** A box for each jar, as it was found and what became of it; empty ones for a load that was not looked at yet. */
    private static String seals(Run run, RunState state) {
        int jars = run.plan().jars();
        StringBuilder rows = new StringBuilder("<table class=\"jars\">");
        for (int first = 1; first <= jars; first += JARS_IN_A_ROW) {
            rows.append(IntStream.range(first, first + JARS_IN_A_ROW)
                    .mapToObj(jar -> jar > jars ? "<td class=\"none\"></td>" : jar(jar, state))
                    .collect(Collectors.joining("", "<tr>", "</tr>")));
        }
        return rows + "</table>";
    }

    private static String jar(int jar, RunState state) {
        Optional<JarCheck> found = Optional.ofNullable(state.checked().get(jar));
        String words = found.map(EventFormat::found)
                .or(() -> Optional.ofNullable(state.leftOut().get(jar)).map(place -> "left out"))
                .orElse("");
        String fate = Optional.ofNullable(state.fates().get(jar))
                .map(Decision::code)
                .map(code -> ": " + code.replace('-', ' '))
                .orElse("");
        boolean bad = found.filter(check -> !check.sealed()).isPresent();
        return "<td" + (bad ? " class=\"bad\"" : "") + ">" + Html.text((jar + " " + words + fate).strip()) + "</td>";
    }

    private static String lots(List<ShelfLot> lots) {
        return lots.stream()
                .map(lot -> "<tr class=\"line\"><td><b>"
                        + Html.text(lot.lot().code().text()) + "</b></td>" + Html.cell(lot.name())
                        + Html.cell("%s of %s left"
                                .formatted(
                                        lot.lot().jars(),
                                        lot.size().counted(lot.lot().shelved())))
                        + Html.cell(lot.isHeld() ? "ON HOLD" : "") + "</tr>")
                .collect(Collectors.joining("", lots.isEmpty() ? "<table>" : "<h2>Lots</h2><table>", "</table>"));
    }

    private static String lines(BatchMessages.BatchRuling ruling) {
        return ruling.lines().stream()
                .filter(line -> !line.text().isBlank())
                .map(line -> "<tr class=\"line\">" + Html.cell(line.text() + answered(line))
                        + Html.cell(line.source() == null ? "no time of its own" : line.source()) + "</tr>")
                .collect(Collectors.joining(
                        "", "<table>", "</table><p class=\"small\">" + Html.text(compared(ruling)) + "</p>"));
    }

    /** What was answered to the questions of a line, behind it. */
    private static String answered(BatchMessages.BatchLine line) {
        return line.answers().isEmpty() ? "" : " (" + String.join("; ", line.answers()) + ")";
    }

    /** Which of the rows it rests on were compared with a printed copy, and by whom. */
    private static String compared(BatchMessages.BatchRuling ruling) {
        return ruling.rows().stream()
                .map(row -> row.row() + ": " + row.compared())
                .distinct()
                .collect(Collectors.joining("; ", "Rows it rests on. ", "."));
    }

    private String events(Run run) {
        StringBuilder rows = new StringBuilder("<h2>Load " + run.loadNumber() + ", as it was written down</h2><table>");
        for (RunEvent event : run.events()) {
            if (!event.by().device() && event.kind() != EventKind.HEARD && event.kind() != EventKind.SEEN) {
                rows.append("<tr class=\"line\"><td>")
                        .append(times.second().apply(event.at()))
                        .append("</td>")
                        .append(Html.cell(event.kind().code().replace('-', ' ')))
                        .append(Html.cell(EventFormat.of(event)))
                        .append(Html.cell(event.note()))
                        .append("</tr>");
            }
        }
        long byGauge =
                run.events().stream().filter(event -> event.by().device()).count();
        return rows + "</table>" + heard(run) + seen(run)
                + (byGauge > 0 ? "<p class=\"small\">and " + byGauge + " readings a gauge sent by itself</p>" : "");
    }

    /** What a device heard, in a sentence: it proves nothing. */
    private static String heard(Run run) {
        int[] rates = run.events().stream()
                .flatMap(event -> event.as(Heard.class).stream())
                .mapToInt(Heard::perMinute)
                .sorted()
                .toArray();
        return rates.length == 0
                ? ""
                : "<p class=\"small\">A device listened in %s minutes and heard the weight about %s times a minute; that proves nothing.</p>"
                        .formatted(rates.length, rates[rates.length / 2]);
    }

    /** Likewise what it saw of the dial. */
    private static String seen(Run run) {
        List<Seen> minutes = run.events().stream()
                .flatMap(event -> event.as(Seen.class).stream())
                .toList();
        return minutes.isEmpty()
                ? ""
                : "<p class=\"small\">A device saw the dial in %s minutes, between %s and %s psi; that proves nothing.</p>"
                        .formatted(
                                minutes.size(),
                                minutes.stream()
                                        .map(Seen::lowest)
                                        .min(Comparator.naturalOrder())
                                        .orElseThrow()
                                        .psi()
                                        .toPlainString(),
                                minutes.stream()
                                        .map(Seen::highest)
                                        .max(Comparator.naturalOrder())
                                        .orElseThrow()
                                        .psi()
                                        .toPlainString());
    }
}
