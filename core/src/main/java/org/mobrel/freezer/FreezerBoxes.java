package org.mobrel.freezer;

import java.time.LocalDate;
import org.mobrel.quantity.Length;
import org.mobrel.quantity.Volume;

/**
 * Food in freezer boxes.
 *
 * @param count at least 1
 * @param each what goes into one box, the last may hold less
 * @param room to leave above it, for it grows as it freezes
 */
public record FreezerBoxes(int count, Volume each, Length room) {

    /** More than this is frozen by the quart. */
    private static final Volume MANY_PINTS = Volume.ofCups(6);

    /** @throws IllegalArgumentException if there is no box, or nothing in it */
    public FreezerBoxes {
        if (count < 1 || each.isZero()) {
            throw new IllegalArgumentException("%s boxes of %s".formatted(count, each));
        }
    }

    /**
     * The boxes for so much food: pints for a little, quarts for more.
     *
     * @throws IllegalArgumentException if there is nothing to freeze
     */
    public static FreezerBoxes of(Volume food) {
        FreezerBox box = food.compareTo(MANY_PINTS) > 0 ? FreezerBox.QUART : FreezerBox.PINT;
        int count = box.count(food);
        return new FreezerBoxes(count, count == 1 ? food : box.holds(), box.room());
    }

    /** Of boxes that a cook has counted: so many of what each holds. */
    public static FreezerBoxes of(int count, Volume each) {
        FreezerBox box = each.compareTo(FreezerBox.PINT.holds()) > 0 ? FreezerBox.QUART : FreezerBox.PINT;
        return new FreezerBoxes(count, each, box.room());
    }

    /** The day until which it is at its best. */
    public static LocalDate bestBy(LocalDate frozen) {
        return frozen.plusMonths(FreezerRoute.KEEPS.from());
    }
}
