package org.mobrel.shopping;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.quantity.Mass;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** What a shop sells by the bunch, head or ear. Its table is read once; it is immutable. */
final class SoldBy {

    private static final Set<String> COLUMNS = Set.of("food", "word", "one", "many", "grams", "source");

    static final SoldBy TABLE = load();

    /**
     * @param food its id
     * @param word of the line that names it; empty for any
     */
    private record Unit(String food, String word, String one, String many, Mass each) {}

    private final List<Unit> units;

    private SoldBy(List<Unit> units) {
        this.units = List.copyOf(units);
    }

    private static SoldBy load() {
        List<Unit> units = new ArrayList<>();
        Table.beside(SoldBy.class, "sold-by.csv", COLUMNS).map(SoldBy::unit).forEach(units::add);
        return new SoldBy(units);
    }

    private static Unit unit(Row row) {
        return new Unit(
                row.text("food"),
                row.optionalText("word").orElse(""),
                row.text("one"),
                row.text("many"),
                Mass.ofGrams(row.wholeNumber("grams")));
    }

    /** Such as '2 bunches' for so much of a food; empty where it is sold by weight or by the piece. */
    Optional<String> words(Food food, String name, Mass toBuy) {
        String said = name.toLowerCase(Locale.ROOT);
        return units.stream()
                .filter(unit -> unit.word().isEmpty() ? unit.food().equals(food.id()) : said.contains(unit.word()))
                .findFirst()
                .map(unit -> {
                    int count = (int) Math.max(
                            1,
                            Math.ceil((double) toBuy.milligrams() / unit.each().milligrams() - 0.1));
                    return count + " " + (count == 1 ? unit.one() : unit.many());
                });
    }
}
