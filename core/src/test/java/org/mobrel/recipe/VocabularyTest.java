package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** The word lists fit together: a phrase is in one of them only, and every stop beats every food. */
class VocabularyTest {

    private final Catalogue catalogue = Catalogue.load();
    private final Lexicon lexicon = new Lexicon(catalogue, List.of());

    /** Every phrase as it compares, and where it stands. */
    private Map<List<String>, Set<String>> owners() {
        Map<List<String>, Set<String>> owners = new HashMap<>();
        for (Food food : catalogue.foods()) {
            food.phrases().forEach(phrase -> own(owners, phrase, "food " + food.id()));
        }
        for (StoppedIngredient stop : catalogue.stopped()) {
            stop.words().forEach(phrase -> own(owners, phrase, "stop " + stop.group()));
        }
        Vocabulary.mixtures(catalogue).forEach(mixture -> own(owners, mixture.phrase(), "mixture"));
        Vocabulary.open(catalogue).forEach(open -> own(owners, open.phrase(), "question " + open.foods()));
        lexicon.allDescriptors().forEach((words, descriptors) -> {
            if (descriptors.stream().anyMatch(Descriptor::isOfAnyFood)) {
                own(owners, String.join(" ", words), "description");
            }
        });
        return owners;
    }

    private static void own(Map<List<String>, Set<String>> owners, String phrase, String owner) {
        owners.computeIfAbsent(Tokenizer.of(phrase), words -> new TreeSet<>()).add(owner);
    }

    @Test
    void a_phrase_stands_in_one_list_only() {
        List<String> twice = owners().entrySet().stream()
                .filter(entry -> entry.getValue().size() > 1)
                .map(entry -> String.join(" ", entry.getKey()) + ": " + entry.getValue())
                .sorted()
                .toList();
        assertThat(twice).isEmpty();
    }

    @Test
    void there_are_words_enough() {
        assertThat(owners()).hasSizeGreaterThan(1_500);
    }

    @Test
    void a_stopped_phrase_beats_every_food_in_it() {
        LineReader reader = new LineReader(catalogue);
        List<String> covered = new ArrayList<>();
        for (StoppedIngredient stop : catalogue.stopped()) {
            for (String phrase : stop.words()) {
                IngredientLine line = reader.read("2 cups " + phrase + ", chopped");
                if (!line.stopped().contains(stop)) {
                    covered.add(phrase + " as "
                            + line.stopped().stream()
                                    .map(StoppedIngredient::group)
                                    .collect(Collectors.toList()));
                }
            }
        }
        assertThat(covered).isEmpty();
    }
}
