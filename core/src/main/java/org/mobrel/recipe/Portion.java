package org.mobrel.recipe;

import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;

/**
 * What the amount of one line comes to.
 *
 * @param raw raw prepared mass: beans dry, carrots peeled
 * @param inJar mass as packed, after soaking, boiling or browning
 * @param bulk volume in the jar, pieces with their gaps
 * @param solid volume of the pieces themselves: what displaces broth
 * @param broth what it adds to the broth: liquids, and three quarters of tomatoes
 */
public record Portion(Mass raw, Mass inJar, Volume bulk, Volume solid, Volume broth) {

    static Portion flavouring(Mass raw) {
        return new Portion(raw, raw, Volume.ZERO, Volume.ZERO, Volume.ZERO);
    }
}
