package org.mobrel.freezer;

import org.mobrel.quantity.Length;
import org.mobrel.quantity.Volume;

/** A box for the freezer, and the room that ice needs in it (source: ordinary freezer practice, 1/2 to 1 in). */
enum FreezerBox {
    PINT("pint", 2, 0.5),
    QUART("quart", 4, 1);

    private final String code;
    private final Volume holds;
    private final Length room;

    FreezerBox(String code, double cups, double roomInches) {
        this.code = code;
        this.holds = Volume.ofCups(cups);
        this.room = Length.ofInches(roomInches);
    }

    String code() {
        return code;
    }

    Volume holds() {
        return holds;
    }

    Length room() {
        return room;
    }

    /** How many of them so much food takes; a spoonful more than a box still goes into it. */
    int count(Volume food) {
        return (int) Math.max(1, Math.ceil(food.dividedBy(holds) - 0.05));
    }
}
