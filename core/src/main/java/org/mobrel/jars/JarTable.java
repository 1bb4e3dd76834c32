package org.mobrel.jars;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.mobrel.quantity.Volume;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/**
 * How much each jar holds, from {@code jars.csv}: averages from the geometry of common jars, which a cook can correct by
 * filling one with water.
 */
public final class JarTable {

    private record Holds(Volume brim, Map<Headspace, Volume> fill) {

        /** The same glass, found to hold more or less: what lies between its marks stays what it was. */
        Holds measured(Volume atOneInch) {
            Volume before = at(Headspace.ONE_INCH);
            Volume lower = at(Headspace.ONE_AND_A_QUARTER_INCHES);
            Volume between = before.minus(lower);
            return new Holds(
                    atOneInch.plus(brim.minus(before)),
                    Map.of(
                            Headspace.ONE_INCH,
                            atOneInch,
                            Headspace.ONE_AND_A_QUARTER_INCHES,
                            atOneInch.compareTo(between) > 0 ? atOneInch.minus(between) : Volume.ZERO));
        }

        Volume at(Headspace headspace) {
            return Objects.requireNonNull(fill.get(headspace));
        }
    }

    private static final Set<String> COLUMNS =
            Set.of("size", "mouth", "brim_ml", "fill_ml_at_1in", "fill_ml_at_1_25in");

    private final Map<JarSize, Map<Mouth, Holds>> jars = new EnumMap<>(JarSize.class);

    private JarTable() {}

    /** @throws org.mobrel.tables.TableException if the table has a bad cell */
    public static JarTable load() {
        JarTable table = new JarTable();
        Table.beside(JarTable.class, "jars.csv", COLUMNS).map(table::add);
        return table;
    }

    /**
     * The same table with the jars that a cook filled with water to one inch below the rim.
     *
     * @param atOneInch what was measured; a kind that is not in the table is left out
     */
    public JarTable calibrated(Map<JarKind, Volume> atOneInch) {
        JarTable table = new JarTable();
        for (JarKind kind : kinds()) {
            Holds holds = holds(kind.size(), kind.mouth()).orElseThrow();
            Volume measured = atOneInch.get(kind);
            table.jars
                    .computeIfAbsent(kind.size(), size -> new EnumMap<>(Mouth.class))
                    .put(kind.mouth(), measured == null ? holds : holds.measured(measured));
        }
        return table;
    }

    /** Every kind of jar it knows, the largest first. */
    public List<JarKind> kinds() {
        return jars.entrySet().stream()
                .sorted(Map.Entry.<JarSize, Map<Mouth, Holds>>comparingByKey().reversed())
                .flatMap(size -> size.getValue().keySet().stream().map(mouth -> new JarKind(size.getKey(), mouth)))
                .toList();
    }

    private Holds add(Row row) {
        Holds holds = new Holds(
                millilitres(row, "brim_ml"),
                Map.of(
                        Headspace.ONE_INCH, millilitres(row, "fill_ml_at_1in"),
                        Headspace.ONE_AND_A_QUARTER_INCHES, millilitres(row, "fill_ml_at_1_25in")));
        jars.computeIfAbsent(row.word("size", JarSize::ofCode), size -> new EnumMap<>(Mouth.class))
                .put(row.word("mouth", Mouth::ofCode), holds);
        return holds;
    }

    private static Volume millilitres(Row row, String column) {
        return Volume.ofMillilitres(row.positive(column));
    }

    /** What one jar holds up to its headspace; empty for a jar that is not in the table, such as a regular pint-and-a-half. */
    public Optional<Volume> fill(JarSize size, Mouth mouth, Headspace headspace) {
        return holds(size, mouth).map(holds -> holds.at(headspace));
    }

    /** What one jar holds up to its rim. */
    public Optional<Volume> brim(JarSize size, Mouth mouth) {
        return holds(size, mouth).map(Holds::brim);
    }

    private Optional<Holds> holds(JarSize size, Mouth mouth) {
        return Optional.ofNullable(jars.get(size)).map(byMouth -> byMouth.get(mouth));
    }
}
