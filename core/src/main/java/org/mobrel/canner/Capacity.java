package org.mobrel.canner;

import org.mobrel.jars.JarSize;

/**
 * How many jars one layer takes, and how many layers of short jars there are.
 *
 * @param quarts tall jars in one layer, 4 to 40: a cooker that cannot hold four quarts is not a canner
 * @param pints short jars in one layer, 4 to 60
 * @param shortLayers layers of short jars, 1 or 2; tall jars have one layer
 */
public record Capacity(int quarts, int pints, int shortLayers) {

    /** Fewer than this and heat-up and cool-down are too short for the tested processes (source: the guide's general part). */
    public static final int FEWEST_QUARTS = 4;

    /** @throws IllegalArgumentException if no pressure canner is like that */
    public Capacity {
        require("quarts in a layer", quarts, FEWEST_QUARTS, 40);
        require("pints in a layer", pints, FEWEST_QUARTS, 60);
        require("layers of short jars", shortLayers, 1, 2);
    }

    private static void require(String what, int value, int least, int most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException("%s is not between %d and %d: %d".formatted(what, least, most, value));
        }
    }

    /** How many jars of this size fill one layer alone. */
    public int perLayer(JarSize size) {
        return size.isShort() ? pints : quarts;
    }
}
