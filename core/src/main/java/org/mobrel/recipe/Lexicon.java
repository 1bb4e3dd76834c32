package org.mobrel.recipe;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** All phrases of the catalogue, of the word lists and of the kitchen's own foods. A phrase that is both a food and a stop is a stop. */
final class Lexicon {

    private final Phrases<Mention> mentions = new Phrases<>();
    private final Phrases<List<Descriptor>> descriptors = Vocabulary.descriptors();

    /** Phrases of several words, written as one: 'splitpeas'. */
    private final Map<String, Mention> joined = new HashMap<>();

    private final Map<String, Mention> stopWords = new HashMap<>();
    private final Spelling stopSpelling;
    private final Spelling foodSpelling;

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
    }

    private void index(List<String> words, Mention mention) {
        String whole = String.join("", words);
        if (words.size() > 1) {
            joined.merge(whole, mention, (one, other) -> one.stop().isPresent() ? one : other);
        }
        if (mention.stop().isPresent()) {
            stopWords.put(whole, mention);
        } else {
            for (String part : mention.phrase().split("[\\s-]+")) {
                List<String> word = Words.of(part);
                if (word.size() == 1) {
                    written.computeIfAbsent(word.get(0), key -> new HashSet<>()).add(part);
                }
            }
        }
    }

    /** What exactly these words mean; empty where they mean nothing. */
    Optional<Mention> meaning(String phrase) {
        return Optional.ofNullable(mentions.get(Words.of(phrase)));
    }

    @Nullable
    Mention meaning(List<String> words) {
        return mentions.get(words);
    }

    /** What the words mention, in their order. */
    List<Phrases.Found<Mention>> mentions(List<String> words) {
        return mentions.in(words);
    }

    List<Phrases.Found<List<Descriptor>>> descriptors(List<String> words) {
        return descriptors.in(words);
    }

    /** What a word means that is a phrase of several words written as one. */
    @Nullable
    Mention writtenAsOne(String word) {
        return joined.get(word);
    }

    /** What two words mean that are one word written apart. */
    @Nullable
    Mention writtenApart(String first, String second) {
        String whole = Words.singular(first + second);
        Mention known = mentions.get(List.of(whole));
        return known == null ? joined.get(whole) : known;
    }

    /** The stopped ingredient that a misspelled word looks like. */
    Optional<Mention> nearStop(String word) {
        return stopSpelling.nearest(word).map(stopWords::get);
    }

    /** The word of a food that a misspelled word looks like, as it is written: 'carrots' for 'carots'. */
    Optional<String> nearFoodWord(String typed) {
        return foodSpelling
                .nearest(Words.singular(Words.folded(typed)))
                .flatMap(known -> Optional.ofNullable(written.get(known)))
                .flatMap(forms -> forms.stream()
                        .min(java.util.Comparator.comparingInt((String form) ->
                                        LevenshteinDistance.getDefaultInstance().apply(form, typed))
                                .thenComparing(form -> form)));
    }

    /** Every phrase, by the words it is compared by; for tests of the vocabularies. */
    Map<List<String>, Mention> allMentions() {
        return mentions.all();
    }

    Map<List<String>, List<Descriptor>> allDescriptors() {
        return descriptors.all();
    }

    /** The words of all phrases that are stopped. */
    Collection<String> stopped() {
        return mentions.all().values().stream()
                .filter(mention -> mention.stop().isPresent())
                .map(Mention::phrase)
                .collect(Collectors.toSet());
    }
}
