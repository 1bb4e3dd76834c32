package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** The word lists beside this class: descriptions, mixtures with a name, and words that have to be asked about. */
final class Vocabulary {

    private static final String SILENCE = "silence";

    private Vocabulary() {}

    /** Every description; a phrase may be harmless beside one food in one row and beside another in the next. */
    static Phrases<List<Descriptor>> descriptors() {
        Map<List<String>, List<Descriptor>> byWords = new LinkedHashMap<>();
        Table.beside(Vocabulary.class, "descriptors.csv", Set.of("words", "kind", "beside", "source"))
                .map(row -> {
                    Descriptor descriptor =
                            new Descriptor(row.word("kind", Descriptor.Kind::ofWord), Set.copyOf(row.list("beside")));
                    row.list("words")
                            .forEach(words -> byWords.computeIfAbsent(Tokenizer.of(words), phrase -> new ArrayList<>())
                                    .add(descriptor));
                    return descriptor;
                });
        Phrases<List<Descriptor>> phrases = new Phrases<>();
        byWords.forEach((words, descriptors) -> phrases.put(String.join(" ", words), List.copyOf(descriptors)));
        return phrases;
    }

    /** Mixtures by their names, such as 'mirepoix'. */
    static List<Mention> mixtures(Catalogue catalogue) {
        return Table.beside(Vocabulary.class, "compounds.csv", Set.of("words", "foods", "source"))
                .map(row -> row.list("words").stream()
                        .map(words -> Mention.ofMixture(words, foods(catalogue, row)))
                        .toList())
                .stream()
                .flatMap(List::stream)
                .toList();
    }

    /** Words that may mean one thing or another. */
    static List<Mention> open(Catalogue catalogue) {
        Map<String, List<OpenMeaning.Option>> options = options(catalogue);
        return Table.beside(Vocabulary.class, "asks.csv", Set.of("group", "question", "words", "text", "source"))
                .map(row -> {
                    OpenMeaning open = new OpenMeaning(
                            row.word("question", QuestionCode::ofCode),
                            row.text("text"),
                            Optional.ofNullable(options.get(row.text("group")))
                                    .orElseThrow(() -> row.wrong("group", "has no choices in ask-choices.csv")));
                    return row.list("words").stream()
                            .map(words -> Mention.of(words, open))
                            .toList();
                })
                .stream()
                .flatMap(List::stream)
                .toList();
    }

    private static Map<String, List<OpenMeaning.Option>> options(Catalogue catalogue) {
        Set<String> columns = Set.of("group", "choice", "text", "foods", "stop", "said_by");
        return Table.beside(Vocabulary.class, "ask-choices.csv", columns)
                .map(row -> Map.entry(row.text("group"), option(catalogue, row)))
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }

    private static OpenMeaning.Option option(Catalogue catalogue, Row row) {
        return new OpenMeaning.Option(
                new Choice(row.text("choice"), row.text("text")),
                foods(catalogue, row),
                row.optionalText("stop").map(catalogue::stopGroup),
                row.list("said_by").stream()
                        .filter(code -> !code.equals(SILENCE))
                        .map(code -> State.ofCode(code).orElseThrow(() -> row.wrong("said_by", "is not a state")))
                        .collect(Collectors.toUnmodifiableSet()),
                row.list("said_by").contains(SILENCE));
    }

    private static List<Food> foods(Catalogue catalogue, Row row) {
        return row.list("foods").stream()
                .map(id -> catalogue.find(id).orElseThrow(() -> row.wrong("foods", "has an unknown food")))
                .toList();
    }
}
