package org.mobrel.server.catalogue;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The tables, to be looked at and compared with a printed copy. */
@RestController
class CatalogueController {

    record TableRow(
            String food,
            String form,
            String pack,
            @Nullable Integer pint,
            @Nullable Integer quart,
            BigDecimal headspaceIn,
            String source,
            String note) {}

    record StopRow(String group, List<String> words, String why, List<String> remedies) {}

    record PressureRow(String gauge, double aboveFt, double upToFt, BigDecimal psi, String source) {}

    record TablesAnswer(
            String version,
            String edition,
            List<TableRow> processes,
            List<StopRow> stopped,
            List<PressureRow> pressures) {}

    private final TablesAnswer tables;

    CatalogueController(Catalogue catalogue, PressureTable pressures) {
        tables = new TablesAnswer(
                catalogue.version().code(),
                catalogue.version().edition(),
                catalogue.processes().stream().map(CatalogueController::row).toList(),
                catalogue.stopped().stream().map(CatalogueController::row).toList(),
                pressures.bands().stream().map(CatalogueController::row).toList());
    }

    @GetMapping("/api/tables")
    TablesAnswer tables() {
        return tables;
    }

    private static TableRow row(TestedProcess row) {
        return new TableRow(
                row.food(),
                row.form(),
                row.pack().code(),
                minutes(row, JarSize.PINT),
                minutes(row, JarSize.QUART),
                row.headspace().inches(),
                row.source().text(),
                row.note());
    }

    private static @Nullable Integer minutes(TestedProcess row, JarSize size) {
        // A pint's time may be another size's by the jar-size rule; the table shows only what was tested.
        return row.minutes().containsKey(size) ? row.minutes().get(size).value() : null;
    }

    private static StopRow row(StoppedIngredient stop) {
        return new StopRow(stop.group(), stop.words(), stop.why(), stop.remedies());
    }

    private static PressureRow row(PressureTable.Band band) {
        return new PressureRow(
                band.gauge().code(),
                band.above().feet(),
                band.upTo().feet(),
                band.pressure().psi(),
                band.source().text());
    }
}
