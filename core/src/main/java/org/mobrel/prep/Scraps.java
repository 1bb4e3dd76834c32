package org.mobrel.prep;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** What of a food is cut away and worth keeping: bones, tops, cobs. Immutable; its table is read once. */
public final class Scraps {

    private static final Set<String> COLUMNS = Set.of("food", "keep", "use");

    private final Map<String, Keepsake> byFood;

    /**
     * What to set aside.
     *
     * @param keep such as 'ends and scrubbed peelings'
     * @param use such as 'stock'
     */
    public record Keepsake(String keep, String use) {}

    private Scraps(Map<String, Keepsake> byFood) {
        this.byFood = Map.copyOf(byFood);
    }

    /**
     * Reads the table beside this class.
     *
     * @throws org.mobrel.tables.TableException if a cell cannot be read
     */
    public static Scraps load() {
        Map<String, Keepsake> byFood = new HashMap<>();
        Table.beside(Scraps.class, "scraps.csv", COLUMNS).map(row -> add(byFood, row));
        return new Scraps(byFood);
    }

    private static Keepsake add(Map<String, Keepsake> byFood, Row row) {
        Keepsake kept = new Keepsake(row.text("keep"), row.text("use"));
        byFood.put(row.text("food"), kept);
        return kept;
    }

    public Optional<Keepsake> of(Food food) {
        return Optional.ofNullable(byFood.get(food.id()));
    }

    /** The foods it knows, by id. */
    public Set<String> foods() {
        return byFood.keySet();
    }
}
