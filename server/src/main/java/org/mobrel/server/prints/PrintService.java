package org.mobrel.server.prints;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.mobrel.jars.JarCount;
import org.mobrel.server.batch.BatchService;
import org.mobrel.server.platform.Dates;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.mobrel.server.shelf.FreezerService;
import org.mobrel.server.shelf.Hold;
import org.mobrel.server.shelf.HoldService;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.server.shelf.ShelfService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays out what is printed. */
@Service
public class PrintService {

    private static final int MOST_LOTS = 100_000;
    private static final String CAUTION =
            "Compare the time with a current copy of the published tables, and follow your canner's manual.";

    private final RunService runs;
    private final BatchService batches;
    private final ShelfService shelf;
    private final HoldService holds;
    private final FreezerService freezer;
    private final ZoneId zone;
    private final Dates dates;

    PrintService(
            RunService runs,
            BatchService batches,
            ShelfService shelf,
            HoldService holds,
            FreezerService freezer,
            ZoneId zone,
            Dates dates) {
        this.runs = runs;
        this.batches = batches;
        this.shelf = shelf;
        this.holds = holds;
        this.freezer = freezer;
        this.zone = zone;
        this.dates = dates;
    }

    /** The card that lies beside the stove: time, pressure, headspace, and the steps. */
    @Transactional(readOnly = true)
    byte[] processCard(long runId, Paper paper) {
        Run run = runs.run(runId);
        return Pdf.of(ProcessCard.html(run, paper, jars(run.jars()), practice(run), otherwise(run), CAUTION));
    }

    /** What the page of the recipe says, and how it is done here. */
    private List<String> otherwise(Run run) {
        return run.batchIds().stream()
                .flatMap(batch -> batches.settledPractices(batch).stream())
                .map(said -> "Your page: “%s” Here: %s."
                        .formatted(said.quote().words(), said.departure().here()))
                .toList();
    }

    /** A load on the practice device says so on paper too. */
    static String practice(Run run) {
        return run.isPractice() ? "<p><b>PRACTICE DEVICE: nothing of this was canned.</b></p>" : "";
    }

    /** All that is known of a batch, on paper. */
    @Transactional(readOnly = true)
    byte[] batchRecord(long batchId, Paper paper) {
        BatchRecord record = new BatchRecord(new BatchRecord.Times(
                at -> dates.time(at.atZone(zone)), at -> dates.second(at.atZone(zone)), this::moment));
        return Pdf.of(record.html(
                batches.record(batchId), runs.ofBatch(batchId), shelf.lotsOfBatch(batchId), paper, CAUTION));
    }

    /**
     * A label for each jar.
     *
     * @param first the first free label of the first sheet, from 1
     * @param address of a lot's page, before its code; empty to print no square code
     */
    @Transactional(readOnly = true)
    byte[] labels(List<PrintLabel> wanted, LabelSheet sheet, int first, Paper paper, String address) {
        List<String> each = new ArrayList<>();
        for (PrintLabel label : wanted) {
            String inside = inside(label.lot(), address);
            for (int copy = 0; copy < label.copies(); copy++) {
                each.add(inside);
            }
        }
        return sheets(each, sheet, first, paper);
    }

    /** Labels for the boxes in the freezer, one for each that is left, the oldest first and no more than {@code most}. */
    @Transactional(readOnly = true)
    byte[] freezerLabels(LabelSheet sheet, int first, Paper paper, int most) {
        List<String> each = new ArrayList<>();
        for (FreezerService.FrozenLabel boxes : freezer.labels()) {
            String inside = "<div class=\"name\">" + Html.text(boxes.title()) + "</div><div>frozen "
                    + day(boxes.frozenOn()) + "<br/>best by " + day(boxes.bestBy()) + "</div>"
                    + (boxes.note().isEmpty() ? "" : "<div>" + Html.text(boxes.note()) + "</div>");
            for (int box = 0; box < boxes.left(); box++) {
                each.add(inside);
            }
        }
        return sheets(each.subList(0, Math.min(most, each.size())), sheet, first, paper);
    }

    private static byte[] sheets(List<String> each, LabelSheet sheet, int first, Paper paper) {
        List<LabelSheet.Spot> spots = sheet.spots(each.size(), first);
        StringBuilder body = new StringBuilder();
        for (int index = 0; index < each.size(); index++) {
            LabelSheet.Spot spot = spots.get(index);
            if (index == 0 || spot.sheet() > spots.get(index - 1).sheet()) {
                body.append(index == 0 ? "" : "</div>").append("<div class=\"sheet\">");
            }
            body.append(
                            "<div class=\"label\" style=\"left: %smm; top: %smm; width: %smm; height: %smm;\"><div class=\"in\">"
                                    .formatted(spot.left(), spot.top(), sheet.width(), sheet.height()))
                    .append(each.get(index))
                    .append("</div></div>");
        }
        String style = paper.page(0)
                + " .sheet { position: relative; width: %smm; height: %smm; page-break-after: always; overflow: hidden; }"
                        .formatted(paper.widthMm(), paper.heightMm() - 1)
                + " .sheet:last-child { page-break-after: auto; }"
                + " .label { position: absolute; overflow: hidden; font-size: 8pt; line-height: 1.2; }"
                + " .label .in { padding: 2mm; } .name { font-size: 10.5pt; font-weight: bold; } .code { font-size: 12pt; font-weight: bold; }"
                + " .label img { float: right; width: %1$smm; height: %1$smm; }"
                        .formatted(Math.min(17, sheet.height() - 6));
        return Pdf.of(Html.page("Labels", style, body + (each.isEmpty() ? "" : "</div>")));
    }

    /** How many labels of a lot. */
    record PrintLabel(ShelfLot lot, int copies) {}

    private String inside(ShelfLot lot, String address) {
        String code = lot.lot().code().text();
        return (address.isEmpty()
                        ? ""
                        : "<img src=\"" + QrCode.picture(address + code)
                                + "\" alt=\"The lot's page as a square code\"/>")
                + "<div class=\"name\">" + Html.text(lot.name()) + "</div><div class=\"code\">" + Html.text(code)
                + "</div><div>canned " + day(lot.cannedOn()) + "<br/>best by " + day(lot.bestBy()) + "</div>"
                + (lot.finish().isEmpty() ? "" : "<div>" + Html.text(lot.finish()) + "</div>")
                + (lot.verdict().code().equals("own-judgement") ? "<div>own judgement</div>" : "")
                + "<div>boil before tasting</div>";
    }

    /** What stands on the shelf, oldest first. */
    @Transactional(readOnly = true)
    byte[] shelfList(Paper paper) {
        List<ShelfLot> lots = shelf.standing("", "", 0, MOST_LOTS);
        int jars = lots.stream().mapToInt(lot -> lot.lot().jars()).sum();
        return Pdf.of(Html.page(
                "The shelf",
                paper.page(14),
                "<h1>The shelf</h1><p>"
                        + Html.text(day(shelf.today()) + " · " + jars + " jars in " + lots.size()
                                + " lots, the oldest first")
                        + "</p><table><tr><th>Lot</th><th>Dish</th><th>Jars</th><th>Where</th><th>Best by</th></tr>"
                        + lots.stream().map(this::row).collect(Collectors.joining())
                        + "</table>"));
    }

    private String row(ShelfLot lot) {
        return "<tr class=\"line\"><td><b>" + Html.text(lot.lot().code().text()) + "</b></td>" + Html.cell(lot.name())
                + Html.cell(lot.size().counted(lot.lot().jars()))
                + Html.cell(lot.lot().jarsAt().entrySet().stream()
                        .map(place -> place.getKey().name() + " " + place.getValue())
                        .collect(Collectors.joining(", ")))
                + Html.cell(day(lot.bestBy()) + (lot.isHeld() ? " · ON HOLD" : "")) + "</tr>";
    }

    /** The lots that nobody is to use, with the reasons. */
    @Transactional(readOnly = true)
    byte[] holdList(Paper paper) {
        List<Hold> open = holds.holds(false);
        List<ShelfLot> lots = shelf.lots(
                open.stream().map(hold -> hold.lot().text()).distinct().toList());
        StringBuilder rows = new StringBuilder();
        for (ShelfLot lot : lots) {
            rows.append("<tr class=\"line\"><td><b>")
                    .append(Html.text(lot.lot().code().text()))
                    .append("</b></td>")
                    .append(Html.cell(lot.name()))
                    .append(Html.cell(lot.size().counted(lot.lot().jars()) + " on the shelf"))
                    .append(Html.cell(lot.holds().stream()
                            .map(hold -> hold.text().isEmpty() ? hold.reason().replace('-', ' ') : hold.text())
                            .collect(Collectors.joining(" "))))
                    .append("</tr>");
        }
        return Pdf.of(Html.page(
                "On hold",
                paper.page(14),
                "<h1>On hold: do not use</h1><p>"
                        + Html.text(day(shelf.today()) + " · " + lots.size() + (lots.size() == 1 ? " lot" : " lots"))
                        + "</p><table><tr><th>Lot</th><th>Dish</th><th>Jars</th><th>Why</th></tr>" + rows
                        + "</table>"));
    }

    static String jars(List<JarCount> jars) {
        return jars.stream().map(jar -> jar.size().counted(jar.count())).collect(Collectors.joining(", "));
    }

    private String day(LocalDate day) {
        return dates.shortDay(day);
    }

    private String moment(Instant at) {
        return dates.moment(at.atZone(zone));
    }
}
