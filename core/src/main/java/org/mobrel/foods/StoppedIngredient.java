package org.mobrel.foods;

import java.util.List;

/**
 * A group of ingredients that may not go into the jar.
 *
 * @param group what the group is called, such as 'pasta and noodles'
 * @param words phrases that mean one of it
 * @param code the finding it gives, such as 'starch'
 * @param why the reason
 * @param remedies what to do instead, best first; never empty
 */
public record StoppedIngredient(String group, List<String> words, String code, String why, List<String> remedies) {

    public StoppedIngredient {
        words = List.copyOf(words);
        remedies = List.copyOf(remedies);
        if (remedies.isEmpty()) {
            throw new IllegalArgumentException("stopped ingredients without a remedy: " + group);
        }
    }

    /** Mashing and the like is something done to a food, not an ingredient. */
    public boolean isPreparation() {
        return code.equals("puree");
    }

    /** A spoonful of fat for browning that is drained off again does not stay in the jar. */
    public boolean isFat() {
        return code.equals("fat");
    }
}
