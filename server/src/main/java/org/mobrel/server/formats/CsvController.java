package org.mobrel.server.formats;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.WholeFile;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CsvController {

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final CsvRepository repository;

    CsvController(CsvRepository repository) {
        this.repository = repository;
    }

    /** A table for other programs: shelf, lots, batches or readings. Instants are UTC. */
    @GetMapping("/api/formats/{sheet}.csv")
    ResponseEntity<Resource> sheet(@PathVariable String sheet) {
        CsvRepository.Sheet known = Arrays.stream(CsvRepository.Sheet.values())
                .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(sheet))
                .findFirst()
                .orElseThrow(() -> new NotFound("table", sheet));
        return WholeFile.of("mobrel-" + sheet + ".csv", CSV, out -> write(known, out));
    }

    private void write(CsvRepository.Sheet sheet, OutputStream out) throws IOException {
        Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            repository.write(sheet, printer);
        }
    }
}
