package org.mobrel.jars;

import java.util.EnumMap;
import java.util.Map;
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

    private record Holds(Volume brim, Map<Headspace, Volume> fill) {}

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
        return holds(size, mouth).map(holds -> holds.fill().get(headspace));
    }

    /** What one jar holds up to its rim. */
    public Optional<Volume> brim(JarSize size, Mouth mouth) {
        return holds(size, mouth).map(Holds::brim);
    }

    private Optional<Holds> holds(JarSize size, Mouth mouth) {
        return Optional.ofNullable(jars.get(size)).map(byMouth -> byMouth.get(mouth));
    }
}
