package org.mobrel.loading;

import org.mobrel.canner.Capacity;
import org.mobrel.quantity.Minutes;

/**
 * A canner of the day.
 *
 * @param heatUp from the locked lid to steady steam
 * @param comeUp from the weight on to the mark
 * @param coolDown from heat off to zero by itself
 */
public record LoadingCanner(String id, Capacity capacity, Minutes heatUp, Minutes comeUp, Minutes coolDown) {

    /** Steady steam before the weight goes on (source: Guide 1, venting). */
    public static final int VENT = 10;

    /** From zero to lid off (source: Guide 1, opening the canner). */
    public static final int WAIT = 10;

    /** To lift the jars out; a kitchen average. */
    public static final int UNLOAD = 10;

    /** From one load's end to the next one's start; a kitchen average. */
    public static final int RELOAD = 15;

    /** Minutes on watch before the clock starts. */
    int before() {
        return heatUp.value() + VENT + comeUp.value();
    }

    /** Minutes from heat off until the jars are out. */
    int after() {
        return coolDown.value() + WAIT + UNLOAD;
    }
}
