package org.mobrel.page;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.recipe.WorkVerbs;
import org.mobrel.tables.Table;

/** Words by which a line of a page is told to be an ingredient or a step; page-words.csv has them. Immutable. */
final class PageWords {

    private static final Map<String, List<String>> TABLE = Table.beside(
                    PageWords.class, "page-words.csv", Set.of("kind", "words", "source"))
            .map(row -> Map.entry(row.text("kind"), row.list("words")))
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    private static final Pattern APART = Pattern.compile("[^\\p{L}\\p{N}'/.-]+");
    private static final Pattern ENDS = Pattern.compile("^[-'.]+|[-'.]+$");

    static final PageWords VERB = new PageWords("verb", WorkVerbs.BEGINNING);
    static final PageWords DOUBTFUL = new PageWords("doubtful");
    static final PageWords JARS = new PageWords("jars");
    static final PageWords TELLING = new PageWords("telling");
    static final PageWords BEFORE = new PageWords("before");
    static final PageWords INGREDIENTS = new PageWords("ingredients");
    static final PageWords METHOD = new PageWords("method");
    static final PageWords NOTES = new PageWords("notes");
    static final PageWords DISH = new PageWords("dish");
    static final PageWords MEASURE = new PageWords("measure");
    static final PageWords BOUGHT = new PageWords("bought");

    private final Set<String> words = new HashSet<>();
    /** The phrases by their first word, the longest first. */
    private final Map<String, List<List<String>>> phrases = new HashMap<>();

    private PageWords(String kind) {
        this(kind, Set.of());
    }

    /** @param more that another table has */
    private PageWords(String kind, Set<String> more) {
        Stream.concat(more.stream(), Objects.requireNonNull(TABLE.get(kind), kind).stream())
                .map(PageWords::of)
                .forEach(phrase -> {
                    words.add(String.join(" ", phrase));
                    phrases.computeIfAbsent(phrase.get(0), first -> new ArrayList<>())
                            .add(phrase);
                });
        phrases.values().forEach(all -> all.sort(Comparator.comparing(List::size, Comparator.reverseOrder())));
    }

    /** The words of a plain text, in their order. */
    static List<String> of(String plain) {
        return Arrays.stream(APART.split(plain))
                .map(word -> ENDS.matcher(word).replaceAll(""))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    boolean is(String phrase) {
        return words.contains(phrase);
    }

    /** How many of them stand among some words. */
    long count(List<String> among) {
        long count = 0;
        for (int at = 0; at < among.size(); at++) {
            count += length(among, at) > 0 ? 1 : 0;
        }
        return count;
    }

    /** How many words the longest of them has that begins at an index; 0 where none does. */
    int length(List<String> among, int at) {
        if (at >= among.size()) {
            return 0;
        }
        for (List<String> phrase : phrases.getOrDefault(among.get(at), List.of())) {
            int end = at + phrase.size();
            if (end <= among.size() && among.subList(at, end).equals(phrase)) {
                return phrase.size();
            }
        }
        return 0;
    }
}
