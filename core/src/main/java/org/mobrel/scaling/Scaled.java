package org.mobrel.scaling;

import java.util.List;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;

/**
 * A recipe scaled to jars. Everything in it is a kitchen average, good to about {@link #ERROR}.
 *
 * @param factor what every amount of the recipe is multiplied by
 * @param fill what all the jars hold up to their headspace
 * @param solidsBulk bulk solids in all the jars
 * @param brothNeeded broth in all the jars, what dried beans still take up included
 * @param brothInRecipe what the scaled recipe brings of it
 * @param kettle broth to have boiling: the need and a reserve
 * @param unmeasured indexes of solid lines whose amount cannot be weighed; they are not in the sums
 */
public record Scaled(
        double factor,
        List<JarShare> perJar,
        Volume fill,
        Volume solidsBulk,
        Volume brothNeeded,
        Volume brothInRecipe,
        Volume kettle,
        List<Integer> unmeasured) {

    /** Kitchen averages are off by about this much. */
    public static final Fraction ERROR = Fraction.of(0.15);

    public Scaled {
        perJar = List.copyOf(perJar);
        unmeasured = List.copyOf(unmeasured);
    }

    /**
     * What goes into one jar of a kind.
     *
     * @param fill up to the headspace
     * @param brim up to the rim
     */
    public record JarShare(JarCount jars, Volume fill, Volume brim, Volume solids, Mass solidsMass, Volume broth) {}

    /** Broth that has to be added to what the recipe brings; zero if it brings enough. */
    public Volume topUp() {
        return brothNeeded.compareTo(brothInRecipe) > 0 ? brothNeeded.minus(brothInRecipe) : Volume.ZERO;
    }

    /** Broth that stays in the pot when the jars are full; zero if it is short. */
    public Volume brothLeft() {
        return brothInRecipe.compareTo(brothNeeded) > 0 ? brothInRecipe.minus(brothNeeded) : Volume.ZERO;
    }
}
