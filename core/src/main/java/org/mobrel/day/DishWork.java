package org.mobrel.day;

import java.util.List;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;

/**
 * The work of one dish before its jars.
 *
 * @param key what it is called in the plan
 * @param before what begins the evening before or earlier: beans, stock and frozen food, each one after the other and beside the others
 * @param prep at the board
 * @param cook on the burner, in order
 */
public record DishWork(
        String key, String title, List<List<WorkTable.Work>> before, Minutes prep, List<WorkTable.Work> cook) {

    /** A kilogram at the board; a kitchen average. */
    private static final int PREP_PER_KILOGRAM = 12;

    private static final int LEAST_PREP = 10;
    private static final int MOST_PREP = 180;
    private static final int STEP = 5;

    public DishWork {
        before = before.stream()
                .filter(chain -> !chain.isEmpty())
                .map(List::copyOf)
                .toList();
        cook = List.copyOf(cook);
    }

    /** Whether something is begun the evening before or earlier. */
    public boolean begins(String code) {
        return before.stream().flatMap(List::stream).anyMatch(work -> work.code()
                .equals(code));
    }

    /** How long it takes to peel and cut so much: a kitchen average, in steps of five minutes. */
    public static Minutes prepFor(Mass raw) {
        if (raw.isZero()) {
            return new Minutes(0);
        }
        long minutes = Math.round(raw.grams() / 1_000 * PREP_PER_KILOGRAM / STEP) * STEP;
        return new Minutes((int) Math.max(LEAST_PREP, Math.min(MOST_PREP, minutes)));
    }
}
