package org.mobrel.server.catalogue;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StopRemedy;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.server.reading.ReadingService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
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

    /** @param processRow null for a food without a time of its own */
    record FoodRow(
            String id, String name, String kind, @Nullable String processRow, List<String> phrases, String note) {}

    record TablesResponse(
            String version,
            String edition,
            List<FoodRow> foods,
            List<TableRow> processes,
            List<StopRow> stopped,
            List<PressureRow> pressures) {}

    private final TablesResponse tables;
    private final ReadingService readings;

    CatalogueController(Catalogue catalogue, PressureTable pressures, ReadingService readings) {
        this.readings = readings;
        tables = new TablesResponse(
                catalogue.version().code(),
                catalogue.version().edition(),
                catalogue.foods().stream().map(CatalogueController::food).toList(),
                catalogue.processes().stream().map(CatalogueController::row).toList(),
                catalogue.stopped().stream().map(CatalogueController::row).toList(),
                pressures.bands().stream().map(CatalogueController::row).toList());
    }

    @GetMapping("/api/tables")
    TablesResponse tables() {
        return tables;
    }

    /** May I can this? What the words mean, and what the tables say of it. */
    @GetMapping("/api/tables/answers")
    List<MayI.MayIResponse> mayI(@RequestParam String words) {
        return MayI.of(words, readings.reader()).stream().map(MayI::answer).toList();
    }

    private static FoodRow food(Food food) {
        return new FoodRow(
                food.id(),
                food.name(),
                food.kind().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                food.processRow().orElse(null),
                food.phrases(),
                food.note());
    }

    static TableRow row(TestedProcess row) {
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
        return new StopRow(
                stop.group(),
                stop.words(),
                stop.why(),
                stop.remedies().stream().map(StopRemedy::words).toList());
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
