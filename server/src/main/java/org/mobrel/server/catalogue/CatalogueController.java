package org.mobrel.server.catalogue;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
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
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The tables, to be looked at and compared with a printed copy. */
@RestController
class CatalogueController {

    /** @param comparison null for one that nobody has compared yet */
    record TableRow(
            String id,
            String food,
            String form,
            String pack,
            @Nullable Integer pint,
            @Nullable Integer quart,
            BigDecimal headspaceIn,
            String source,
            String note,
            @Nullable ComparisonResponse comparison) {}

    record StopRow(String group, List<String> words, String why, List<String> remedies) {}

    record PressureRow(
            String id,
            String gauge,
            double aboveFt,
            double upToFt,
            BigDecimal psi,
            String source,
            @Nullable ComparisonResponse comparison) {}

    /** A size of jar that goes by the time of a larger one. */
    record JarSizeRow(String id, String size, String timedAs, @Nullable ComparisonResponse comparison) {}

    /** What somebody found when the row lay beside a printed copy. */
    record ComparisonResponse(boolean agrees, String edition, String by, LocalDate on, String note) {}

    /** @param note what the copy says, where it differs */
    record ComparisonRequest(
            @NotNull(message = "whether both say the same") Boolean agrees,
            @NotBlank(message = "which copy, and its year") @Size(max = 80, message = "80 characters at most")
                    String edition,
            @NotBlank(message = "who compared it") @Size(max = 60, message = "60 characters at most") String by,
            @Size(max = 400, message = "400 characters at most") @Nullable String note) {}

    /** @param processRow null for a food without a time of its own */
    record FoodRow(
            String id, String name, String kind, @Nullable String processRow, List<String> phrases, String note) {}

    record TablesResponse(
            String version,
            String edition,
            List<FoodRow> foods,
            List<TableRow> processes,
            List<StopRow> stopped,
            List<PressureRow> pressures,
            List<JarSizeRow> jarSizes) {}

    private final Catalogue catalogue;
    private final PressureTable pressures;
    private final ReadingService readings;
    private final RowComparisons comparisons;
    private final InstantSource clock;
    private final ZoneId zone;

    CatalogueController(
            Catalogue catalogue,
            PressureTable pressures,
            ReadingService readings,
            RowComparisons comparisons,
            InstantSource clock,
            ZoneId zone) {
        this.catalogue = catalogue;
        this.pressures = pressures;
        this.readings = readings;
        this.comparisons = comparisons;
        this.clock = clock;
        this.zone = zone;
    }

    @GetMapping("/api/tables")
    TablesResponse tables() {
        return new TablesResponse(
                catalogue.version().code(),
                catalogue.version().edition(),
                catalogue.foods().stream().map(CatalogueController::food).toList(),
                catalogue.processes().stream().map(this::row).toList(),
                catalogue.stopped().stream().map(CatalogueController::row).toList(),
                pressures.bands().stream().map(this::row).toList(),
                Arrays.stream(JarSize.values())
                        .flatMap(size -> JarSize.rowOf(size).map(id -> row(id, size)).stream())
                        .toList());
    }

    /** Keeps what somebody found when a row lay beside a printed copy; where they differ, nothing goes by the row from now on. */
    @PostMapping("/api/tables/rows/{id}/comparison")
    TablesResponse compareRow(@PathVariable String id, @Valid @RequestBody ComparisonRequest found) {
        comparisons.compared(new RowComparison(
                id,
                found.agrees(),
                found.edition().strip(),
                found.by().strip(),
                clock.instant().atZone(zone).toLocalDate(),
                found.note() == null ? "" : found.note().strip()));
        return tables();
    }

    /** Takes a comparison back that was a slip. */
    @DeleteMapping("/api/tables/rows/{id}/comparison")
    TablesResponse forgetComparison(@PathVariable String id) {
        comparisons.forget(id);
        return tables();
    }

    private @Nullable ComparisonResponse comparison(String row) {
        return comparisons
                .of(row)
                .map(known ->
                        new ComparisonResponse(known.agrees(), known.edition(), known.by(), known.on(), known.note()))
                .orElse(null);
    }

    private JarSizeRow row(String id, JarSize size) {
        return new JarSizeRow(
                id,
                size.code(),
                size.timedAs().stream()
                        .filter(tested -> tested != size)
                        .map(JarSize::code)
                        .findFirst()
                        .orElse(""),
                comparison(id));
    }

    /** May I can this? What the words mean, and what the tables say of it. */
    @GetMapping("/api/tables/answers")
    List<MayI.MayIResponse> mayI(@RequestParam @Size(max = 200, message = "200 characters at most") String words) {
        return MayI.of(words, readings.reader()).stream()
                .map(found -> found.answer(this::row))
                .toList();
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

    private TableRow row(TestedProcess row) {
        return new TableRow(
                row.id(),
                row.food(),
                row.form(),
                row.pack().code(),
                minutes(row, JarSize.PINT),
                minutes(row, JarSize.QUART),
                row.headspace().inches(),
                row.source().text(),
                row.note(),
                comparison(row.id()));
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

    private PressureRow row(PressureTable.Band band) {
        return new PressureRow(
                band.id(),
                band.gauge().code(),
                band.above().feet(),
                band.upTo().feet(),
                band.pressure().psi(),
                band.source().text(),
                comparison(band.id()));
    }
}
