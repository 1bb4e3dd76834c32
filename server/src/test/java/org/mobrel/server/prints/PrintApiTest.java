package org.mobrel.server.prints;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import tools.jackson.databind.JsonNode;

/** What is printed and what other programs get: read back by libraries that did not write it. */
@ExtendWith(TestServer.class)
class PrintApiTest {

    private static final double POINTS_A_MM = 72 / 25.4;

    private record Canned(long run, long batch, String lot) {}

    private static Canned canned(TestKitchen kitchen) {
        long run = kitchen.run(4, 0);
        long batch = kitchen.rested(run, "13").get("batchId").asLong();
        kitchen.sealed(run);
        JsonNode page = kitchen.server().get("/api/batches/" + batch).body();
        return new Canned(run, batch, page.get("lots").get(0).get("code").asString());
    }

    private static PDDocument pdf(TestServer server, String path) throws IOException {
        return Loader.loadPDF(server.bytes("/api/prints/" + path));
    }

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }

    @ParameterizedTest
    @CsvSource({"a4, 210, 297", "letter, 215.9, 279.4", "a5, 148, 210"})
    void the_card_for_the_stove_is_a_worksheet_on_one_sheet(
            String paper, double width, double height, TestServer server) throws IOException {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(4, 0);
        try (PDDocument card = pdf(server, "process-card/%s.pdf?paper=%s".formatted(run, paper))) {
            assertThat(card.getNumberOfPages()).isEqualTo(1);
            PDRectangle size = card.getPage(0).getMediaBox();
            assertThat(size.getWidth() / POINTS_A_MM).isCloseTo(width, within(0.5));
            assertThat(size.getHeight() / POINTS_A_MM).isCloseTo(height, within(0.5));
            assertThat(text(card))
                    .contains("Bean soup", "90 min", "12.5 psi", "1 in (25 mm)", "10 minutes by the clock")
                    .contains("Due (start + 90 min)", "Back: new start, new due", "Heat off at", "Zero by itself at")
                    .contains("Lid off at", "Initials");
            // What is kept can be read across the kitchen: letters of more than 2 cm on a whole sheet.
            assertThat(tallest(card)).isGreaterThan(92 * 0.6 * Math.min(width / 210, height / 297));
            // The instrument and the load are drawn.
            assertThat(card.getPage(0).getResources().getXObjectNames()).hasSizeGreaterThanOrEqualTo(2);
        }
        assertThat(server.get("/api/prints/process-card/%s.pdf?paper=a6".formatted(run))
                        .status())
                .isEqualTo(400);
    }

    /** What the page of a recipe does otherwise is told again where it is done: by the batch for its stage, and on the card. */
    @Test
    void what_the_page_does_otherwise_stands_on_the_card(TestServer server) throws IOException {
        String words = "Fill the jars level with the rim.";
        long recipe = server.post(
                        "/api/recipes",
                        """
                        {"title": "Brim stew", "lines": ["3 lb lamb, in 1-inch cubes", "1 lb carrots, peeled and sliced", "2 qt water"],
                         "method": ["Boil everything together 5 minutes.", "%1$s"],
                         "answers": [{"line": "%1$s", "code": "practice-says-otherwise", "words": "%1$s", "choice": "as-set"}]}"""
                                .formatted(words))
                .body()
                .get("id")
                .asLong();
        long run = TestKitchen.in(server, 0.5).of(recipe).run(4, 0);
        JsonNode batch = server.get("/api/batches/"
                        + server.get("/api/runs/" + run).body().get("batchId").asLong())
                .body();
        assertThat(batch.get("departures")).hasSize(1);
        JsonNode departure = batch.get("departures").get(0);
        assertThat(departure.get("said").asString()).isEqualTo(words);
        assertThat(departure.get("here").asString()).isEqualTo("With the headspace of the card");
        assertThat(departure.get("stages").valueStream().map(JsonNode::asString))
                .containsExactly("checks", "loading");
        try (PDDocument card = pdf(server, "process-card/%s.pdf".formatted(run))) {
            assertThat(text(card)).contains("Your page: “" + words + "” Here: With the headspace of the card.");
        }
    }

    private static double tallest(PDDocument document) throws IOException {
        double[] most = new double[1];
        new PDFTextStripper() {
            @Override
            protected void processTextPosition(TextPosition letter) {
                most[0] = Math.max(most[0], letter.getFontSizeInPt());
            }
        }.getText(document);
        return most[0];
    }

    @Test
    void labels_begin_at_the_first_free_one_and_their_square_code_leads_to_the_lot(TestServer server)
            throws IOException {
        Canned canned = canned(TestKitchen.in(server, 0.5));
        server.put("/api/shelf/" + canned.lot() + "/finish", "{\"finish\": \"Add cream & <herbs>\"}");
        try (PDDocument sheet = pdf(server, "labels.pdf?first=5&lots=" + canned.lot())) {
            assertThat(sheet.getNumberOfPages()).isEqualTo(1);
            assertThat(labelAt(sheet, 4)).isBlank();
            for (int position = 5; position <= 8; position++) {
                assertThat(labelAt(sheet, position))
                        .contains("Bean soup", canned.lot(), "Add cream & <herbs>", "best by");
            }
            assertThat(labelAt(sheet, 9)).isBlank();
            for (int position = 5; position <= 8; position++) {
                assertThat(squareCode(sheet, position))
                        .isEqualTo("http://127.0.0.1:%s/shelf/%s".formatted(server.port(), canned.lot()));
            }
        }
        try (PDDocument two = pdf(server, "labels.pdf?first=24&code=false&lots=" + canned.lot() + "*3")) {
            assertThat(two.getNumberOfPages()).isEqualTo(2);
        }
        // Where printers take Letter, its usual sheet: three across, ten down.
        String american = "/api/prints/labels.pdf?first=30&lots=" + canned.lot() + "*2";
        try (PDDocument letter = Loader.loadPDF(server.bytes(american, "en-US"))) {
            assertThat(letter.getNumberOfPages()).isEqualTo(2);
            assertThat(letter.getPage(0).getMediaBox().getWidth()).isEqualTo(612f, within(1f));
        }
        String wrong = "/api/prints/labels.pdf?lots=" + canned.lot();
        assertThat(server.get(wrong + "&first=25").body().get("field").asString())
                .isEqualTo("first");
        assertThat(server.get(wrong + "&grid=3,8,90,30,0,0,0,0")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("grid");
        assertThat(server.get("/api/prints/labels.pdf?lots=26-0101-Q")
                        .body()
                        .get("reason")
                        .asString())
                .contains("there is no lot");
    }

    /** The words on one label of the usual sheet: three across, eight down. */
    private static String labelAt(PDDocument sheet, int position) throws IOException {
        int index = position - 1;
        PDFTextStripperByArea area = new PDFTextStripperByArea();
        area.addRegion(
                "label",
                new Rectangle2D.Double(
                        (7 + index % 3 * 66.0) * POINTS_A_MM,
                        (12.9 + index / 3 * 33.9) * POINTS_A_MM,
                        64 * POINTS_A_MM,
                        33.9 * POINTS_A_MM));
        area.extractRegions(sheet.getPage(0));
        return area.getTextForRegion("label").replaceAll("\\s+", " ");
    }

    /**
     * What a phone held over one label reads. It looks from nearer and from farther, as a hand does: of single pictures the decoder
     * misses one in two hundred.
     */
    private static String squareCode(PDDocument sheet, int position) throws IOException {
        for (int dotsAnInch : List.of(300, 200, 400, 250)) {
            BufferedImage page = new PDFRenderer(sheet).renderImageWithDPI(0, dotsAnInch);
            try {
                return new MultiFormatReader()
                        .decode(label(page, dotsAnInch / 25.4, position), Map.of(DecodeHintType.TRY_HARDER, true))
                        .getText();
            } catch (NotFoundException missed) {
                // The next look is from another distance.
            }
        }
        return "no square code on label " + position;
    }

    private static BinaryBitmap label(BufferedImage page, double dots, int position) {
        int index = position - 1;
        BufferedImage label = page.getSubimage(
                (int) ((7 + index % 3 * 66.0) * dots),
                (int) ((12.9 + index / 3 * 33.9) * dots),
                (int) (64 * dots),
                (int) (33.9 * dots));
        int[] rgb = label.getRGB(0, 0, label.getWidth(), label.getHeight(), null, 0, label.getWidth());
        return new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(label.getWidth(), label.getHeight(), rgb)));
    }

    @Test
    void records_and_lists_hold_what_the_pages_say(TestServer server) throws IOException {
        Canned canned = canned(TestKitchen.in(server, 0.5));
        try (PDDocument record = pdf(server, "batch/%s.pdf".formatted(canned.batch()));
                PDDocument shelf = pdf(server, "shelf.pdf?paper=letter");
                PDDocument holds = pdf(server, "holds.pdf")) {
            assertThat(text(record))
                    .contains(
                            "Navy beans set the time: 90 min in quarts.",
                            "heat off",
                            "13 psi",
                            "jar 3: sealed",
                            "4 of 4 sealed",
                            canned.lot());
            for (PDDocument each : List.of(record, shelf, holds)) {
                PDDocumentCatalog catalog = each.getDocumentCatalog();
                assertThat(catalog.getMarkInfo().isMarked()).isTrue();
                assertThat(catalog.getStructureTreeRoot().getKids()).isNotEmpty();
                assertThat(catalog.getLanguage()).isEqualTo("en");
            }
            assertThat(record.getDocumentInformation().getTitle()).isEqualTo(record(server, canned));
            assertThat(text(shelf)).contains(canned.lot(), "4 quarts", "Shelf 4");
            assertThat(text(holds)).contains("On hold: do not use").doesNotContain(canned.lot());
        }
    }

    private static String record(TestServer server, Canned canned) {
        return server.get("/api/batches/" + canned.batch()).body().get("title").asString();
    }

    /** What somebody asks for years later stands on the first page; every line and event behind it. */
    @Test
    void the_record_begins_with_trace_deviations_and_seals(TestServer server) throws IOException {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(4, 0);
        long batch = kitchen.rested(run, "11", "13").get("batchId").asLong();
        kitchen.sealed(run);
        try (PDDocument record = pdf(server, "batch/%s.pdf?paper=letter".formatted(batch))) {
            assertThat(record.getNumberOfPages()).isEqualTo(2);
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(record).replaceAll("\\s+", " "))
                    .contains("pressure was lost", "4 of 4 sealed", "4 sealed", "full time from", "Lots")
                    .doesNotContain("no time of its own");
            assertThat(record.getPage(0).getResources().getXObjectNames()).isNotEmpty();
        }
        String other = "/api/prints/batch/%s.pdf".formatted(canned(kitchen).batch());
        try (PDDocument record = Loader.loadPDF(server.bytes(other, "en-US"))) {
            assertThat(text(record)).contains("No deviation.");
            assertThat(record.getPage(0).getMediaBox().getWidth())
                    .as("Letter, where it is what printers take")
                    .isCloseTo(612, within(1f));
        }
    }

    @Test
    void paper_is_written_as_the_device_writes_or_as_the_kitchen_says(TestServer server) throws IOException {
        Canned canned = canned(TestKitchen.in(server, 0.5));
        String record = "/api/prints/batch/%s.pdf".formatted(canned.batch());
        assertThat(text(Loader.loadPDF(server.bytes(record, "en-US,en;q=0.9"))))
                .containsPattern("[A-Z][a-z]{2} \\d+, \\d+:\\d\\d [ap]m");
        assertThat(text(Loader.loadPDF(server.bytes(record, "de-DE"))))
                .containsPattern("\\d [A-Z][a-z]{2}, \\d\\d:\\d\\d")
                .doesNotContainPattern("\\d [ap]m");
        server.changeKitchen("\"hours\": \"24\", \"dates\": \"day\"");
        assertThat(text(Loader.loadPDF(server.bytes(record, "en-US"))))
                .containsPattern("\\d [A-Z][a-z]{2}, \\d\\d:\\d\\d")
                .doesNotContainPattern("\\d [ap]m");
        server.changeKitchen("\"hours\": \"device\", \"dates\": \"device\"");
        assertThat(text(Loader.loadPDF(server.bytes(record, "en-US")))).containsPattern("\\d [ap]m");
        assertThat(server.changeKitchen("\"hours\": \"13\"").body().get("field").asString())
                .isEqualTo("hours");
        assertThat(server.changeKitchen("\"dates\": \"week\"")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("dates");
    }

    @Test
    void tables_are_read_by_another_program_without_loss_and_no_cell_is_a_formula(TestServer server) {
        Canned canned = canned(TestKitchen.in(server, 0.5));
        String nasty = "=SUM(A1), \"quoted\"; salt";
        server.put(
                "/api/shelf/" + canned.lot() + "/finish",
                "{\"finish\": \"%s\"}".formatted(nasty.replace("\"", "\\\"")));
        NamedCsvRecord lot = records(server, "lots").stream()
                .filter(record -> record.getField("lot").equals(canned.lot()))
                .findFirst()
                .orElseThrow();
        assertThat(lot.getField("finish")).isEqualTo("'" + nasty);
        assertThat(lot.getField("shelved")).isEqualTo("4");
        assertThat(records(server, "shelf"))
                .anyMatch(record -> record.getField("lot").equals(canned.lot())
                        && record.getField("place").equals("Shelf")
                        && record.getField("jars").equals("4"));
        assertThat(records(server, "batches"))
                .anyMatch(record -> record.getField("run").equals(Long.toString(canned.run()))
                        && record.getField("minutes").equals("90"));
        assertThat(records(server, "readings").stream()
                        .filter(record -> record.getField("run").equals(Long.toString(canned.run())))
                        .map(record -> Double.parseDouble(record.getField("psi"))))
                .containsExactly(12.5, 13.0);
        for (String table : List.of("shelf", "lots", "batches", "readings")) {
            assertThat(records(server, table)).allSatisfy(record -> assertThat(record.getFields())
                    .noneMatch(cell -> cell.matches("(?s)[=+@\\t\\r].*|-(?!\\d).*")));
        }
        assertThat(server.get("/api/formats/secrets.csv").status()).isEqualTo(404);
    }

    private static List<NamedCsvRecord> records(TestServer server, String table) {
        return CsvReader.builder().ofNamedCsvRecord(server.text("/api/formats/" + table + ".csv")).stream()
                .toList();
    }
}
