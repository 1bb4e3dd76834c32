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

    /** What of the mass as packed is solid: not the juice that runs into the broth. */
    public Mass drained() {
        return broth.isZero() || bulk.isZero() ? inJar : inJar.times(bulk.dividedBy(bulk.plus(broth)));
    }

    /** The same for an amount this many times as large. */
    public Portion times(double factor) {
        return new Portion(
                raw.times(factor), inJar.times(factor), bulk.times(factor), solid.times(factor), broth.times(factor));
    }

    /** The same food found to take up this many times its average room in the jar; its mass stays. */
    public Portion swollen(double room) {
        return new Portion(raw, inJar, bulk.times(room), solid.times(room), broth);
    }

    /** The same food filling the jar without gaps. */
    public Portion packedSolid(Volume room) {
        return new Portion(raw, inJar, room, room, broth);
    }
}
