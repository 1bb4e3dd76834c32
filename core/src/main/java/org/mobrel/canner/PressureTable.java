package org.mobrel.canner;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.finding.Source;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** The least true pressure by kind of gauge and altitude, from {@code pressure.csv}. */
public final class PressureTable {

    /**
     * One band of the table.
     *
     * @param id stable: batches name the band they rest on by it
     * @param above exclusive, except that the lowest band also covers everything below it
     * @param upTo inclusive: 2,000 ft is still 11 psi on a dial, 2,001 ft is 12
     */
    public record Band(
            String id, GaugeKind gauge, Altitude above, Altitude upTo, GaugePressure pressure, Source source) {}

    private static final Set<String> COLUMNS = Set.of("id", "gauge", "above_ft", "up_to_ft", "psi", "source");

    private final List<Band> bands;

    private PressureTable(List<Band> bands) {
        this.bands = List.copyOf(bands);
    }

    /** @throws org.mobrel.tables.TableException if the table has a bad cell */
    public static PressureTable load() {
        return new PressureTable(
                Table.beside(PressureTable.class, "pressure.csv", COLUMNS).map(PressureTable::band));
    }

    private static Band band(Row row) {
        Band band = new Band(
                row.text("id"),
                row.word("gauge", GaugeKind::ofCode),
                Altitude.ofFeet(row.wholeNumber("above_ft")),
                Altitude.ofFeet(row.wholeNumber("up_to_ft")),
                GaugePressure.ofPsi(row.wholeNumber("psi")),
                new Source(row.text("source")));
        if (band.above().compareTo(band.upTo()) >= 0) {
            throw row.wrong("up_to_ft", "is not above where it begins");
        }
        return band;
    }

    public List<Band> bands() {
        return bands;
    }

    /** The band of this altitude; empty above the last one. The table is never extended. */
    public Optional<Band> band(GaugeKind gauge, Altitude altitude) {
        // Bands stand in rising order, so the first whose upper end is not passed is the one.
        return bands.stream()
                .filter(band -> band.gauge() == gauge && altitude.compareTo(band.upTo()) <= 0)
                .findFirst();
    }
}
