package org.mobrel.shelf;

import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Minutes;

/** What is done with a jar before anybody tastes it. */
public final class Opening {

    /** Boiled at sea level (source: the guide's general part). */
    private static final int AT_SEA_LEVEL_MIN = 10;

    /** A minute more for each of these begun (source: the guide's general part). */
    private static final int FEET_A_MINUTE = 1_000;

    private Opening() {}

    /** How long it is boiled at an altitude; where that is not known nobody can say more than that it is at least {@link #atLeast}. */
    public static Minutes boilAt(Altitude altitude) {
        int feet = (int) Math.ceil(Math.max(0, altitude.feet()));
        return new Minutes(AT_SEA_LEVEL_MIN + (feet + FEET_A_MINUTE - 1) / FEET_A_MINUTE);
    }

    public static Minutes atLeast() {
        return new Minutes(AT_SEA_LEVEL_MIN);
    }
}
