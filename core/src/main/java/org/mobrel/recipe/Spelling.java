package org.mobrel.recipe;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.jspecify.annotations.Nullable;

/**
 * Known words that a misspelled one may have been. Words are found by what is left of them when a letter is taken away, so that
 * looking one up takes the same time however many are known; a library then measures how far apart the two are.
 */
final class Spelling {

    /** Shorter words have too many neighbours that mean something else. */
    private static final int SHORTEST = 4;

    /** From this length on two slips are believed. */
    private static final int LONG = 10;

    /** Two slips at most lie between a word and the one that was meant. */
    private static final int MOST_SLIPS = 2;

    private static final LevenshteinDistance DISTANCE = new LevenshteinDistance(MOST_SLIPS);

    private final List<String> words;

    /** What is longer by more than the slips is no word that is known; trying all its letters would take for ever. */
    private final int longest;

    /** Made when the first strange word comes along, which in many kitchens is never. */
    private volatile @Nullable Map<String, Set<String>> index;

    Spelling(Collection<String> words) {
        this.words = List.copyOf(words);
        longest = words.stream().mapToInt(String::length).max().orElse(0) + MOST_SLIPS;
    }

    private Map<String, Set<String>> byRemains() {
        Map<String, Set<String>> known = index;
        if (known == null) {
            known = index(words);
            index = known;
        }
        return known;
    }

    private static Map<String, Set<String>> index(List<String> words) {
        Map<String, Set<String>> byRemains = new HashMap<>();
        for (String word : words) {
            if (word.length() >= SHORTEST) {
                remains(word).forEach(rest -> byRemains
                        .computeIfAbsent(rest, key -> new LinkedHashSet<>())
                        .add(word));
            }
        }
        return byRemains;
    }

    /** The known word that is nearest, one slip away, or two in a long word; a slip is a letter too many, too few, wrong or swapped. */
    Optional<String> nearest(String word) {
        return near(word).stream().findFirst();
    }

    /** The same where no other word is as near. */
    Optional<String> onlyNearest(String word) {
        List<String> near = near(word);
        return near.size() == 1 ? Optional.of(near.get(0)) : Optional.empty();
    }

    private List<String> near(String word) {
        if (word.length() < SHORTEST - 1 || word.length() > longest) {
            return List.of();
        }
        SortedSet<String> best = new TreeSet<>();
        int least = Integer.MAX_VALUE;
        for (String rest : remains(word)) {
            for (String known : byRemains().getOrDefault(rest, Set.of())) {
                int slips = slips(word, known);
                boolean believed = slips <= 1 || slips == 2 && Math.min(word.length(), known.length()) >= LONG;
                if (believed && slips <= least) {
                    if (slips < least) {
                        best.clear();
                    }
                    best.add(known);
                    least = slips;
                }
            }
        }
        return List.copyOf(best);
    }

    private static int slips(String word, String known) {
        int distance = DISTANCE.apply(word, known);
        return distance == 2 && isSwapped(word, known) ? 1 : distance < 0 ? Integer.MAX_VALUE : distance;
    }

    private static boolean isSwapped(String word, String known) {
        if (word.length() != known.length()) {
            return false;
        }
        int at = 0;
        while (at < word.length() && word.charAt(at) == known.charAt(at)) {
            at++;
        }
        return at + 1 < word.length()
                && word.charAt(at) == known.charAt(at + 1)
                && word.charAt(at + 1) == known.charAt(at)
                && word.substring(at + 2).equals(known.substring(at + 2));
    }

    /** The word, and it with any one letter taken away; of a long word also with two. */
    private static Set<String> remains(String word) {
        Set<String> remains = new HashSet<>();
        remains.add(word);
        for (int at = 0; at < word.length(); at++) {
            String one = word.substring(0, at) + word.substring(at + 1);
            remains.add(one);
            if (word.length() >= LONG) {
                for (int other = at; other < one.length(); other++) {
                    remains.add(one.substring(0, other) + one.substring(other + 1));
                }
            }
        }
        return remains;
    }
}
