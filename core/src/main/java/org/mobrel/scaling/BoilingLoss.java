package org.mobrel.scaling;

import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;

/**
 * What an open pot loses to steam: about 7 % of its liquid an hour (source: ordinary kitchen measures, 5 to 10 %).
 */
public final class BoilingLoss {

    private static final double LEFT_AFTER_AN_HOUR = 0.93;

    /** Heating a pot of stock through and keeping it at a boil while jars are filled. */
    public static final Minutes WHILE_FILLING = new Minutes(25);

    private BoilingLoss() {}

    /** What is left of a liquid after so long. */
    public static Volume after(Volume liquid, Minutes boiled) {
        return liquid.times(left(boiled));
    }

    /** The share that is left after so long, above 0 and at most 1. */
    public static double left(Minutes boiled) {
        return Math.pow(LEFT_AFTER_AN_HOUR, boiled.value() / 60.0);
    }
}
