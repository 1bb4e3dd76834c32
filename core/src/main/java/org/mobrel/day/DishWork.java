package org.mobrel.day;

import java.util.List;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;

/**
 * The work of one dish before its jars.
 *
 * @param key what it is called in the plan
 * @param before what begins the evening before and then lies by itself
 * @param prep at the board
 * @param cook on the burner, in order
 */
public record DishWork(String key, String title, List<WorkTable.Work> before, Minutes prep, List<WorkTable.Work> cook) {

    /** A kilogram at the board; a kitchen average. */
    private static final int PREP_PER_KILOGRAM = 12;

    private static final int LEAST_PREP = 10;
    private static final int MOST_PREP = 180;
    private static final int STEP = 5;

    public DishWork {
        before = List.copyOf(before);
        cook = List.copyOf(cook);
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
