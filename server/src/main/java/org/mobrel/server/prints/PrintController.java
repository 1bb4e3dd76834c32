package org.mobrel.server.prints;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.server.shelf.ShelfService;
import org.mobrel.shelf.LotCode;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** PDFs, each at an address of its own: a link or a command prints it. */
@RestController
@RequestMapping(path = "/api/prints", produces = MediaType.APPLICATION_PDF_VALUE)
class PrintController {

    private static final int MOST_LABELS = 600;

    private final PrintService service;
    private final ShelfService shelf;

    PrintController(PrintService service, ShelfService shelf) {
        this.service = service;
        this.shelf = shelf;
    }

    @GetMapping("/process-card/{run}.pdf")
    ResponseEntity<byte[]> processCard(
            @PathVariable long run, @RequestParam(defaultValue = "") String paper, Locale where) {
        return pdf("process-card", service.processCard(run, paper(paper, where)));
    }

    @GetMapping("/batch/{batch}.pdf")
    ResponseEntity<byte[]> batchRecord(
            @PathVariable long batch, @RequestParam(defaultValue = "") String paper, Locale where) {
        return pdf("batch-record", service.batchRecord(batch, paper(paper, where)));
    }

    @GetMapping("/shelf.pdf")
    ResponseEntity<byte[]> shelfList(@RequestParam(defaultValue = "") String paper, Locale where) {
        return pdf("shelf", service.shelfList(paper(paper, where)));
    }

    @GetMapping("/holds.pdf")
    ResponseEntity<byte[]> holdList(@RequestParam(defaultValue = "") String paper, Locale where) {
        return pdf("on-hold", service.holdList(paper(paper, where)));
    }

    /**
     * A sheet of labels.
     *
     * @param lots codes with how many labels of each, such as '26-1123-A*7'; without a number one for each jar on the shelf
     * @param grid columns, rows, width, height, left, top, gap across and gap down, the last six in mm, with commas between; the usual sheet of
     *     that paper if none is said
     * @param first the first free label of a sheet that is partly used, from 1
     * @param code whether the square code is printed
     */
    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(
            @RequestParam List<String> lots,
            @RequestParam(defaultValue = "") List<String> grid,
            @RequestParam(defaultValue = "1") int first,
            @RequestParam(defaultValue = "true") boolean code,
            @RequestParam(defaultValue = "") String paper,
            Locale where) {
        Paper sheetOf = paper(paper, where);
        LabelSheet sheet = sheet(grid, first, sheetOf);
        List<PrintService.PrintLabel> wanted = new ArrayList<>();
        int labels = 0;
        for (String each : lots) {
            PrintService.PrintLabel label = label(each);
            labels += label.copies();
            wanted.add(label);
        }
        if (labels > MOST_LABELS) {
            throw new InvalidField("lots", "%s labels at most, not %s".formatted(MOST_LABELS, labels));
        }
        String address = code
                ? ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/shelf/")
                        .toUriString()
                : "";
        return pdf("labels", service.labels(wanted, sheet, first, sheetOf, address));
    }

    /** A sheet of labels for the boxes in the freezer, one for each that is left; what is to be eaten first is printed where there are too many. */
    @GetMapping("/freezer-labels.pdf")
    ResponseEntity<byte[]> freezerLabels(
            @RequestParam(defaultValue = "") List<String> grid,
            @RequestParam(defaultValue = "1") int first,
            @RequestParam(defaultValue = "") String paper,
            Locale where) {
        Paper sheetOf = paper(paper, where);
        LabelSheet sheet = sheet(grid, first, sheetOf);
        return pdf("freezer-labels", service.freezerLabels(sheet, first, sheetOf, MOST_LABELS));
    }

    private PrintService.PrintLabel label(String said) {
        String[] parts = said.split("\\*", 2);
        ShelfLot lot;
        try {
            lot = shelf.lot(new LotCode(parts[0].strip().toUpperCase(Locale.ROOT)))
                    .orElseThrow(() -> new InvalidField("lots", "there is no lot " + parts[0].strip()));
        } catch (IllegalArgumentException noCode) {
            throw new InvalidField("lots", "\"" + parts[0] + "\" is no lot");
        }
        try {
            int copies = parts.length > 1
                    ? Integer.parseInt(parts[1].strip())
                    : lot.lot().jars();
            if (copies < 0) {
                throw new InvalidField("lots", "not below 0");
            }
            return new PrintService.PrintLabel(lot, copies);
        } catch (NumberFormatException noNumber) {
            throw new InvalidField("lots", "\"" + said + "\": how many labels?");
        }
    }

    /** The sheet of these measures, on which {@code first} is the first free label. */
    private static LabelSheet sheet(List<String> grid, int first, Paper paper) {
        LabelSheet sheet = sheet(grid, paper);
        if (first < 1 || first > sheet.perSheet()) {
            throw new InvalidField("first", "between 1 and %s on this sheet".formatted(sheet.perSheet()));
        }
        return sheet;
    }

    private static LabelSheet sheet(List<String> grid, Paper paper) {
        if (grid.isEmpty()) {
            return onPaper(LabelSheet.usualOn(paper), paper);
        }
        if (grid.size() != 8) {
            throw new InvalidField(
                    "grid", "eight numbers: columns, rows, width, height, left, top, gap across, gap down");
        }
        try {
            double[] mm = grid.stream().mapToDouble(Double::parseDouble).toArray();
            LabelSheet sheet = new LabelSheet((int) mm[0], (int) mm[1], mm[2], mm[3], mm[4], mm[5], mm[6], mm[7]);
            boolean sound = sheet.columns() >= 1
                    && sheet.columns() <= 10
                    && sheet.rows() >= 1
                    && sheet.rows() <= 30
                    && sheet.width() >= 20
                    && sheet.height() >= 12
                    && sheet.left() >= 0
                    && sheet.top() >= 0
                    && sheet.gapX() >= 0
                    && sheet.gapY() >= 0;
            if (!sound) {
                throw offPaper();
            }
            return onPaper(sheet, paper);
        } catch (NumberFormatException noNumber) {
            throw new InvalidField("grid", "numbers, in millimetres");
        }
    }

    private static LabelSheet onPaper(LabelSheet sheet, Paper paper) {
        if (!sheet.fits(paper)) {
            throw offPaper();
        }
        return sheet;
    }

    private static InvalidField offPaper() {
        return new InvalidField("grid", "these labels do not lie on that paper");
    }

    /** @param where the request comes from, whose usual sheet it is if none is named */
    private static Paper paper(String code, Locale where) {
        return code.isEmpty()
                ? Paper.usualIn(where)
                : Paper.ofCode(code).orElseThrow(() -> new InvalidField("paper", "a4, a5 or letter"));
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] content) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("mobrel-" + name + ".pdf")
                                .build()
                                .toString())
                .body(content);
    }
}
