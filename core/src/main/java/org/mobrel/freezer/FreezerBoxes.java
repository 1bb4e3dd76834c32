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

    private static final Volume PINT = Volume.ofCups(2);
    private static final Volume QUART = Volume.ofCups(4);

    /** More than this is frozen by the quart. */
    private static final Volume MANY_PINTS = Volume.ofCups(6);

    /** Soups and broths keep their quality about this long (source: the public freezing guidance, 2 to 3 months for soups). */
    private static final int MONTHS = 3;

    /** @throws IllegalArgumentException if there is no box, or nothing in it */
    public FreezerBoxes {
        if (count < 1 || each.isZero()) {
            throw new IllegalArgumentException("%d boxes of %s".formatted(count, each));
        }
    }

    /**
     * The boxes for so much food: pints for a little, quarts for more. Room as the public freezing guidance has it for wide boxes: half
     * an inch for a pint, an inch for a quart.
     *
     * @throws IllegalArgumentException if there is nothing to freeze
     */
    public static FreezerBoxes of(Volume food) {
        Volume box = food.compareTo(MANY_PINTS) > 0 ? QUART : PINT;
        // A spoonful more than a box still goes into it.
        int count = (int) Math.max(1, Math.ceil(food.dividedBy(box) - 0.06));
        return new FreezerBoxes(count, count == 1 ? food : box, roomAbove(box));
    }

    /** Of boxes that a cook has counted: so many of what each holds. */
    public static FreezerBoxes of(int count, Volume each) {
        return new FreezerBoxes(count, each, roomAbove(each.compareTo(PINT) > 0 ? QUART : PINT));
    }

    private static Length roomAbove(Volume box) {
        return Length.ofInches(box.equals(QUART) ? 1 : 0.5);
    }

    /** The day until which it is at its best. */
    public static LocalDate bestBy(LocalDate frozen) {
        return frozen.plusMonths(MONTHS);
    }
}
