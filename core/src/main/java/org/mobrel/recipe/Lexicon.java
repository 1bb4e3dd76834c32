package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** All phrases of the catalogue, of the word lists and of the kitchen's own foods. A phrase that is both a food and a stop is a stop. */
final class Lexicon {

    /** Of shorter words too many are a letter apart. */
    private static final int SHORTEST_SLIP = 5;

    private final Phrases<Mention> mentions = new Phrases<>();
    private final Phrases<List<Descriptor>> descriptors = Vocabulary.descriptors();

    /** Phrases of several words, written as one: 'splitpeas'. */
    private final Map<String, List<String>> joined = new HashMap<>();

    private final Set<String> known = new HashSet<>();

    private final Map<String, Mention> stopWords = new HashMap<>();
    private final Spelling stopSpelling;
    private final Spelling foodSpelling;
    private final Spelling spelling;

    /** The words of food phrases as they are written, by how they compare. */
    private final Map<String, Set<String>> written = new HashMap<>();

    Lexicon(Catalogue catalogue, List<StoppedIngredient> ownFoods) {
        for (Food food : catalogue.foods()) {
            // A name such as "lima beans, fresh or frozen" is a title, not a phrase of recipes.
            if (!food.name().contains(",") && !food.name().contains(" or ")) {
                mentions.addIfNew(food.name(), Mention.of(food.name(), food));
            }
            food.phrases().forEach(phrase -> mentions.addIfNew(phrase, Mention.of(phrase, food)));
        }
        Vocabulary.open(catalogue).forEach(open -> mentions.put(open.phrase(), open));
        Vocabulary.mixtures(catalogue).forEach(mixture -> mentions.put(mixture.phrase(), mixture));
        // In doubt a phrase that is both is a stop.
        Stream.concat(catalogue.stopped().stream(), ownFoods.stream())
                .forEach(stop -> stop.words().forEach(phrase -> mentions.put(phrase, Mention.of(phrase, stop))));
        mentions.all().forEach(this::index);
        stopSpelling = new Spelling(stopWords.keySet());
        foodSpelling = new Spelling(written.keySet());
        Set<String> all = new HashSet<>(known);
        Stream.concat(descriptors.all().keySet().stream(), State.allPhrases().stream())
                .forEach(all::addAll);
        spelling = new Spelling(all);
    }

    private void index(List<String> words, Mention mention) {
        String whole = String.join("", words);
        if (words.size() > 1) {
            joined.put(whole, words);
        }
        known.addAll(words);
        if (mention.stop().isPresent()) {
            stopWords.put(whole, mention);
        } else {
            for (String part : mention.phrase().split("[\\s-]+")) {
                List<String> word = Tokenizer.of(part);
                if (word.size() == 1) {
                    written.computeIfAbsent(word.get(0), key -> new HashSet<>()).add(part);
                }
            }
        }
    }

    /** What exactly these words mean; empty where they mean nothing. */
    Optional<Mention> meaning(String phrase) {
        return Optional.ofNullable(mentions.get(Tokenizer.of(phrase)));
    }

    @Nullable
    Mention meaning(List<String> words) {
        return mentions.get(words);
    }

    /**
     * What the words mention, in their order. Where two phrases lay claim to the same word, as in 'beets green beans', both count,
     * and so does what the first is without that word: nothing is dropped for standing next to another.
     */
    List<Phrases.Found<Mention>> mentions(List<String> words) {
        List<Phrases.Found<Mention>> candidates = mentions.candidates(words);
        List<Phrases.Found<Mention>> kept = Phrases.longestFirst(candidates, words.size());
        List<Phrases.Found<Mention>> crossed = candidates.stream()
                .filter(one -> kept.stream().anyMatch(one::crosses)
                        && kept.stream().noneMatch(other -> other.holds(one))
                        && candidates.stream().noneMatch(other -> other.length() > one.length() && other.holds(one)))
                .toList();
        if (crossed.isEmpty()) {
            return kept;
        }
        List<Phrases.Found<Mention>> all = new ArrayList<>(kept);
        all.removeIf(one -> crossed.stream().anyMatch(other -> other.holds(one)));
        all.addAll(crossed);
        candidates.stream()
                .filter(one ->
                        crossed.stream().anyMatch(cross -> one.end() <= cross.start() || cross.end() <= one.start()))
                .filter(one -> kept.stream()
                        .anyMatch(other -> other.holds(one)
                                && other.length() > one.length()
                                && crossed.stream().anyMatch(other::crosses)))
                .forEach(all::add);
        yieldToCompounds(all, candidates);
        all.sort(java.util.Comparator.comparingInt(Phrases.Found::start));
        return all.stream().distinct().toList();
    }

    /**
     * A compound's last word says what it is: 'white rice vinegar' is vinegar and 'dried cranberry beans' are beans. What is left of
     * the stop before it still counts: 'egg white beans' have egg.
     */
    private static void yieldToCompounds(List<Phrases.Found<Mention>> all, List<Phrases.Found<Mention>> candidates) {
        for (Phrases.Found<Mention> stop : List.copyOf(all)) {
            Optional<Phrases.Found<Mention>> behind = all.stream()
                    .filter(other -> stop.meaning().stop().isPresent()
                            && other.meaning().stop().isEmpty()
                            && stop.crosses(other)
                            && stop.start() < other.start())
                    .findFirst();
            if (behind.isPresent()) {
                all.remove(stop);
                candidates.stream()
                        .filter(one ->
                                stop.holds(one) && one.end() <= behind.get().start())
                        .forEach(all::add);
            }
        }
    }

    List<Phrases.Found<List<Descriptor>>> descriptors(List<String> words) {
        return descriptors.in(words);
    }

    /** The words of a phrase of several words that was written as one; empty where it is none. */
    Optional<List<String>> writtenAsOne(String word) {
        return Optional.ofNullable(joined.get(word));
    }

    /** Whether a word belongs to any phrase. */
    boolean isKnown(String word) {
        return known.contains(word);
    }

    /** The stopped ingredient that a misspelled word looks like. */
    Optional<Mention> nearStop(String word) {
        return stopSpelling.nearest(word).map(stopWords::get);
    }

    /** The word of any list, as it compares, that a word of none can only be a slip for. */
    Optional<String> meant(String typed) {
        String word = Tokenizer.singular(Tokenizer.folded(typed));
        return typed.length() < SHORTEST_SLIP || known.contains(word) || GeneralWords.knows(typed)
                ? Optional.empty()
                : foodSpelling
                        .onlyNearest(word)
                        .or(() -> foodSpelling.onlyNearest(Tokenizer.folded(typed)))
                        .or(() -> spelling.onlyNearest(word))
                        .or(() -> spelling.onlyNearest(Tokenizer.folded(typed)));
    }

    /** The word of a stop that a misspelled one looks like. */
    Optional<String> meantStop(String word) {
        return stopSpelling.nearest(word);
    }

    /** The word of a food that a misspelled word looks like, as it is written: 'carrots' for 'carots'. */
    Optional<String> nearFoodWord(String typed) {
        return foodSpelling
                .nearest(Tokenizer.singular(Tokenizer.folded(typed)))
                .flatMap(known -> Optional.ofNullable(written.get(known)))
                .flatMap(forms -> forms.stream()
                        .min(java.util.Comparator.comparingInt((String form) ->
                                        LevenshteinDistance.getDefaultInstance().apply(form, typed))
                                .thenComparing(form -> form)));
    }

    /** Every description, by the words it is compared by. */
    Map<List<String>, List<Descriptor>> allDescriptors() {
        return descriptors.all();
    }
}
