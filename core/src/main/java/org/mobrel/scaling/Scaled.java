package org.mobrel.scaling;

import java.util.List;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Portion;

/**
 * A recipe scaled to jars. Everything in it is a kitchen average, good to about {@link #error}.
 *
 * <p>What the pot holds is {@code fill + keptBack + leftover}, each part with the same share of solids.
 *
 * @param pot the recipe as it stands
 * @param factor what every amount of the recipe is multiplied by
 * @param perJar one for each kind of jar; empty when not one jar is full
 * @param fill what all the jars hold up to their headspace
 * @param solidsBulk bulk solids in all the jars
 * @param brothNeeded broth in all the jars, what dried beans still take up included
 * @param brothInRecipe what the scaled recipe brings of it
 * @param keptBack what leaves the pot before a jar is filled
 * @param keptBackBroth the broth in that
 * @param leftover what fills no jar
 */
public record Scaled(
        Pot pot,
        double factor,
        List<JarShare> perJar,
        Volume fill,
        Volume solidsBulk,
        Volume brothNeeded,
        Volume brothInRecipe,
        Volume keptBack,
        Volume keptBackBroth,
        Volume leftover) {

    public Scaled {
        perJar = List.copyOf(perJar);
    }

    /**
     * What goes into one jar of a kind.
     *
     * @param fill up to the headspace
     * @param brim up to the rim
     * @param solidsMass as packed
     */
    public record JarShare(JarCount jars, Volume fill, Volume brim, Volume solids, Mass solidsMass, Volume broth) {}

    public List<JarCount> jars() {
        return perJar.stream().map(JarShare::jars).toList();
    }

    /** One line's share of it all; empty for a line that cannot be weighed. */
    public Optional<Portion> portion(int line) {
        return pot.portions().get(line).map(portion -> portion.times(factor));
    }

    /** Everything the pot holds, broth topped up. */
    public Volume inPot() {
        return fill.plus(keptBack).plus(leftover);
    }

    /** The forecast by averages alone, before the recipe's own correction: what a day's yield is compared with. */
    public Volume uncorrected() {
        return inPot().times(1 / pot.yield().factor());
    }

    /**
     * Broth to have boiling beside the pot: the need and a reserve. None where the pot itself is what is poured; of a cooked pot only what
     * it lacks.
     */
    public Volume kettle() {
        if (pot.isBrothAlone()) {
            return Volume.ZERO;
        }
        return Kettle.toBoil(pot.cooked() ? topUp() : brothNeeded);
    }

    /** Broth that has to be added to what the recipe brings, so that jars and dinner have theirs; zero if it brings enough. */
    public Volume topUp() {
        Volume need = brothNeeded.plus(keptBackBroth);
        return need.compareTo(brothInRecipe) > 0 ? need.minus(brothInRecipe) : Volume.ZERO;
    }

    /** Broth that stays in the pot when the jars are full; zero if it is short. */
    public Volume brothLeft() {
        Volume need = brothNeeded.plus(keptBackBroth);
        return brothInRecipe.compareTo(need) > 0 ? brothInRecipe.minus(need) : Volume.ZERO;
    }
}
