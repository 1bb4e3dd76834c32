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
    record Found<T>(T meaning, int start, int end) {

        int length() {
            return end - start;
        }

        boolean covers(int index) {
            return start <= index && index < end;
        }

        boolean holds(Found<?> other) {
            return start <= other.start && other.end <= end;
        }

        /** Whether they share words and neither holds the other. */
        boolean crosses(Found<?> other) {
            return start < other.end && other.start < end && !holds(other) && !other.holds(this);
        }
    }

    private record Entry<T>(List<String> words, T meaning) {}

    private final Map<List<String>, T> meanings = new HashMap<>();
    private final Map<String, List<Entry<T>>> byFirstWord = new HashMap<>();

    /** Adds a phrase unless it is known already. */
    void addIfNew(String phrase, T meaning) {
        if (!meanings.containsKey(Tokenizer.of(phrase))) {
            put(phrase, meaning);
        }
    }

    /** Adds a phrase, in the place of what it meant before. */
    void put(String phrase, T meaning) {
        List<String> words = Tokenizer.of(phrase);
        if (words.isEmpty()) {
            throw new IllegalArgumentException("a phrase without words: " + phrase);
        }
        meanings.put(words, meaning);
        List<Entry<T>> entries = byFirstWord.computeIfAbsent(words.get(0), first -> new ArrayList<>());
        entries.removeIf(entry -> entry.words().equals(words));
        entries.add(new Entry<>(words, meaning));
    }

    @Nullable
    T get(List<String> words) {
        return meanings.get(words);
    }

    /** Every phrase as its words. */
    Map<List<String>, T> all() {
        return meanings;
    }

    /** What the words mean, in their order; longer phrases take their words before shorter ones may. */
    List<Found<T>> in(List<String> words) {
        return longestFirst(candidates(words), words.size());
    }

    /** Every phrase that stands among the words, also inside another. */
    List<Found<T>> candidates(List<String> words) {
        List<Found<T>> candidates = new ArrayList<>();
        for (int start = 0; start < words.size(); start++) {
            List<Entry<T>> entries = byFirstWord.get(words.get(start));
            if (entries != null) {
                for (Entry<T> entry : entries) {
                    if (begins(words, start, entry.words())) {
                        candidates.add(new Found<>(
                                entry.meaning(), start, start + entry.words().size()));
                    }
                }
            }
        }
        return candidates;
    }

    /** Of phrases that share a word the longest, of equally long ones the first. */
    static <T> List<Found<T>> longestFirst(List<Found<T>> all, int words) {
        if (all.size() < 2) {
            return all;
        }
        List<Found<T>> candidates = new ArrayList<>(all);
        candidates.sort(Comparator.comparingInt((Found<T> found) -> -found.length()));
        boolean[] taken = new boolean[words];
        List<Found<T>> kept = new ArrayList<>(candidates.size());
        for (Found<T> candidate : candidates) {
            if (isFree(taken, candidate)) {
                java.util.Arrays.fill(taken, candidate.start(), candidate.end(), true);
                kept.add(candidate);
            }
        }
        kept.sort(Comparator.comparingInt(Found::start));
        return kept;
    }

    private static boolean begins(List<String> words, int start, List<String> phrase) {
        if (start + phrase.size() > words.size()) {
            return false;
        }
        for (int index = 1; index < phrase.size(); index++) {
            if (!phrase.get(index).equals(words.get(start + index))) {
                return false;
            }
        }
        return true;
    }

    private static boolean isFree(boolean[] taken, Found<?> found) {
        for (int at = found.start(); at < found.end(); at++) {
            if (taken[at]) {
                return false;
            }
        }
        return true;
    }
}
