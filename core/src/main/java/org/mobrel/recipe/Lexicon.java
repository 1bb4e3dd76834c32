package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** All phrases of the catalogue and of the kitchen's own foods, found in a line longest first. */
final class Lexicon {

    /** Words that stand for what was named before them: 'chicken or vegetable stock', 'navy or pinto beans'. */
    private static final Set<String> JOINING = Set.of("or", "and");

    /** 'No salt' holds none, and so does 'carrots instead of cream'. */
    private static final Set<String> DENYING = Set.of("no", "without", "instead of", "rather than", "never");

    private final Phrases<Mention> phrases = new Phrases<>();
    private final List<Food> foods;
    private final Map<String, List<List<String>>> wordsOfFood = new HashMap<>();

    Lexicon(Catalogue catalogue, List<StoppedIngredient> ownFoods) {
        foods = catalogue.foods();
        for (Food food : foods) {
            // A name such as "lima beans, fresh or frozen" is a title, not a phrase of recipes.
            if (!food.name().contains(",") && !food.name().contains(" or ")) {
                phrases.addIfNew(food.name(), Mention.of(food.name(), food));
            }
            food.phrases().forEach(phrase -> phrases.addIfNew(phrase, Mention.of(phrase, food)));
            wordsOfFood.put(food.id(), knownWords(food));
        }
        // In doubt a phrase that is both is a stop.
        Stream.concat(catalogue.stopped().stream(), ownFoods.stream())
                .forEach(stop -> stop.words().forEach(phrase -> phrases.put(phrase, Mention.of(phrase, stop))));
    }

    /** What exactly these words mean; empty where they mean nothing or more than one thing. */
    Optional<Mention> meaning(String phrase) {
        return Optional.ofNullable(phrases.get(Words.of(phrase)));
    }

    /** What the words mention, in their order. */
    List<Phrases.Found<Mention>> find(List<String> words) {
        List<Phrases.Found<Mention>> found = new ArrayList<>();
        List<Phrases.Found<Mention>> all = phrases.in(words);
        for (int at = 0; at < all.size(); at++) {
            Phrases.Found<Mention> one = all.get(at);
            if (!isDenied(words, one.start())) {
                found.add(at + 1 < all.size() ? completed(words, one, all.get(at + 1)) : one);
            }
        }
        return found;
    }

    private static boolean isDenied(List<String> words, int start) {
        return start > 0 && DENYING.contains(words.get(start - 1))
                || start > 1 && DENYING.contains(words.get(start - 2) + " " + words.get(start - 1));
    }

    /** In 'chicken or vegetable stock' the chicken is chicken stock, where such a phrase is known. */
    private Phrases.Found<Mention> completed(
            List<String> words, Phrases.Found<Mention> one, Phrases.Found<Mention> next) {
        boolean joined = next.start() == one.end() + 1 && JOINING.contains(words.get(one.end()));
        if (!joined || next.end() - next.start() < 2) {
            return one;
        }
        List<String> whole = new ArrayList<>(words.subList(one.start(), one.end()));
        whole.add(words.get(next.end() - 1));
        Mention longer = phrases.get(whole);
        return longer == null ? one : new Phrases.Found<>(longer, one.start(), one.end());
    }

    /** The foods whose names or phrases are most like the words of a line, best first. */
    List<Food> nearest(String text, int count) {
        List<String> words = Words.of(text).stream()
                .filter(word -> word.length() > 2 && !Character.isDigit(word.charAt(0)))
                .toList();
        record Scored(Food food, double score) {}
        List<Scored> scored = foods.stream()
                .map(food -> new Scored(food, likeness(food, words)))
                .filter(one -> one.score() > 0.8)
                .sorted(Comparator.comparingDouble(Scored::score).reversed())
                .toList();
        // What is much less like it than the best would only be in the way.
        return scored.stream()
                .filter(one -> one.score() > scored.get(0).score() - 0.06)
                .limit(count)
                .map(Scored::food)
                .toList();
    }

    /** The words of each of its phrases, the short ones left out. */
    private static List<List<String>> knownWords(Food food) {
        return Stream.concat(Stream.of(food.word()), food.phrases().stream())
                .map(phrase -> Words.of(phrase).stream()
                        .filter(word -> word.length() > 2)
                        .toList())
                .filter(words -> !words.isEmpty())
                .distinct()
                .toList();
    }

    /** How well the best of its phrases is found among the words: each word of the phrase looks for its like. */
    private double likeness(Food food, List<String> words) {
        JaroWinklerSimilarity likeness = new JaroWinklerSimilarity();
        return wordsOfFood.getOrDefault(food.id(), List.of()).stream()
                .mapToDouble(phrase -> phrase.stream()
                        .mapToDouble(known -> words.stream()
                                .mapToDouble(word -> likeness.apply(known, word))
                                .max()
                                .orElse(0))
                        .average()
                        .orElse(0))
                .max()
                .orElse(0);
    }
}
