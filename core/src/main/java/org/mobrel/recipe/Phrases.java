package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Phrases and what they mean, found among words the longest first: where 'butter beans' is known, its 'butter' is not butter.
 *
 * @param <T> what a phrase means
 */
final class Phrases<T> {

    /** A phrase that was found, and the words it covers, end exclusive. */
    record Found<T>(T meaning, int start, int end) {}

    private final Map<List<String>, T> meanings = new HashMap<>();
    private int longest;

    /** Adds a phrase unless it is known already. */
    void addIfNew(String phrase, T meaning) {
        List<String> words = Words.of(phrase);
        longest = Math.max(longest, words.size());
        meanings.putIfAbsent(words, meaning);
    }

    /** Adds a phrase, in the place of what it meant before. */
    void put(String phrase, T meaning) {
        List<String> words = Words.of(phrase);
        longest = Math.max(longest, words.size());
        meanings.put(words, meaning);
    }

    @Nullable
    T get(List<String> words) {
        return meanings.get(words);
    }

    /** What the words mean, in their order; longer phrases take their words before shorter ones may. */
    List<Found<T>> in(List<String> words) {
        List<Found<T>> found = new ArrayList<>();
        boolean[] taken = new boolean[words.size()];
        for (int length = Math.min(longest, words.size()); length > 0; length--) {
            for (int start = 0; start + length <= words.size(); start++) {
                if (isFree(taken, start, length)) {
                    T meaning = meanings.get(words.subList(start, start + length));
                    if (meaning != null) {
                        take(taken, start, length);
                        found.add(new Found<>(meaning, start, start + length));
                    }
                }
            }
        }
        found.sort(Comparator.comparingInt(Found::start));
        return found;
    }

    private static boolean isFree(boolean[] taken, int start, int length) {
        for (int at = start; at < start + length; at++) {
            if (taken[at]) {
                return false;
            }
        }
        return true;
    }

    private static void take(boolean[] taken, int start, int length) {
        for (int at = start; at < start + length; at++) {
            taken[at] = true;
        }
    }
}
