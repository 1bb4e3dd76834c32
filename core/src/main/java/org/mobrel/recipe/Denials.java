package org.mobrel.recipe;

import java.util.List;
import java.util.Set;

/** Words that say a thing is not there. */
final class Denials {

    private static final Set<String> ONE = Set.of("no", "without", "never", "omit", "skip");
    private static final Set<String> TWO = Set.of(
            "instead of", "rather than", "in place", "leave out", "without any", "without the", "without adding");

    private Denials() {}

    /** Where the denial of what begins at an index begins; the index itself where nothing denies it. */
    static int before(List<String> words, int index) {
        if (index > 1 && TWO.contains(words.get(index - 2) + " " + words.get(index - 1))) {
            return index - 2;
        }
        return index > 0 && ONE.contains(words.get(index - 1)) ? index - 1 : index;
    }
}
