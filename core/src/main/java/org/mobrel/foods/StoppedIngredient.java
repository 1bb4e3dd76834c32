package org.mobrel.foods;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A group of ingredients that may not go into the jar.
 *
 * @param group what the group is called, such as 'pasta and noodles'
 * @param words phrases that mean one of it
 * @param code the finding it gives, such as 'starch'
 * @param why the reason
 * @param remedies what to do instead, best first; never empty
 */
public record StoppedIngredient(String group, List<String> words, String code, String why, List<StopRemedy> remedies) {

    private static final String OWN = "your own ";

    public StoppedIngredient {
        words = List.copyOf(words);
        remedies = List.copyOf(remedies);
        if (remedies.isEmpty()) {
            throw new IllegalArgumentException("stopped ingredients without a remedy: " + group);
        }
    }

    /** A food of the cook's own: it has no tested process, and nobody can give it one. */
    public static StoppedIngredient ownFood(String name) {
        return new StoppedIngredient(
                OWN + name,
                List.of(name),
                "no-tested-process",
                "a food of your own, which no published table lists",
                List.of(
                        new StopRemedy(StopRemedy.Kind.LEAVE_OUT, "leave out"),
                        new StopRemedy(StopRemedy.Kind.FINISH_AT_SERVING, "add at serving"),
                        new StopRemedy(StopRemedy.Kind.FREEZE, "freeze the soup instead")));
    }

    public boolean isOwnFood() {
        return group.startsWith(OWN);
    }

    /** A spoonful of fat for browning that is drained off again does not stay in the jar. */
    public boolean isFat() {
        return code.equals("fat");
    }

    /** Two groups of one name are the same group. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof StoppedIngredient stop && stop.group.equals(group);
    }

    @Override
    public int hashCode() {
        return group.hashCode();
    }
}
