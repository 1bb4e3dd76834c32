package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** All phrases of the catalogue, found in a line longest first: 'butter beans' is never butter. */
final class Lexicon {

    /** A mention and the words it covers, end exclusive. */
    record Found(Mention mention, int start, int end) {}

    private final Map<List<String>, Mention> phrases = new HashMap<>();
    private final int longest;
    private final List<Food> foods;

    Lexicon(Catalogue catalogue) {
        foods = catalogue.foods();
        for (Food food : catalogue.foods()) {
            // A name such as "lima beans, fresh or frozen" is a title, not a phrase of recipes.
            if (!food.name().contains(",") && !food.name().contains(" or ")) {
                phrases.putIfAbsent(Words.of(food.name()), Mention.of(food.name(), food));
            }
            food.phrases().forEach(phrase -> phrases.putIfAbsent(Words.of(phrase), Mention.of(phrase, food)));
        }
        for (StoppedIngredient stop : catalogue.stopped()) {
            // In doubt a phrase that is both is a stop.
            stop.words().forEach(phrase -> phrases.put(Words.of(phrase), Mention.of(phrase, stop)));
        }
        longest = phrases.keySet().stream().mapToInt(List::size).max().orElse(0);
    }

    /** What the words mention, in their order; longer phrases take their words before shorter ones may. */
    List<Found> find(List<String> words) {
        List<Found> found = new ArrayList<>();
        boolean[] taken = new boolean[words.size()];
        for (int length = Math.min(longest, words.size()); length > 0; length--) {
            for (int start = 0; start + length <= words.size(); start++) {
                Optional<Mention> mention = free(taken, start, length)
                        ? Optional.ofNullable(phrases.get(words.subList(start, start + length)))
                        : Optional.empty();
                if (mention.isPresent()) {
                    Arrays.fill(taken, start, start + length, true);
                    found.add(new Found(mention.get(), start, start + length));
                }
            }
        }
        found.sort(Comparator.comparingInt(Found::start));
        return found;
    }

    private static boolean free(boolean[] taken, int start, int length) {
        for (int at = start; at < start + length; at++) {
            if (taken[at]) {
                return false;
            }
        }
        return true;
    }

    /** The foods whose names or phrases are most like the words of a line, best first. */
    List<Food> nearest(String text, int count) {
        List<String> words = Words.of(text).stream()
                .filter(word -> word.length() > 2 && !Character.isDigit(word.charAt(0)))
                .toList();
        record Scored(Food food, double score) {}
        return foods.stream()
                .map(food -> new Scored(food, likeness(food, words)))
                .filter(scored -> scored.score() > 0.8)
                .sorted(Comparator.comparingDouble(Scored::score).reversed())
                .limit(count)
                .map(Scored::food)
                .toList();
    }

    private static double likeness(Food food, List<String> words) {
        JaroWinklerSimilarity likeness = new JaroWinklerSimilarity();
        return Stream.concat(Stream.of(food.name()), food.phrases().stream())
                .flatMap(phrase -> Words.of(phrase).stream())
                .filter(word -> word.length() > 2)
                .flatMapToDouble(known -> words.stream().mapToDouble(word -> likeness.apply(known, word)))
                .max()
                .orElse(0);
    }
}
