package org.mobrel.method;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** Words of food that name no food: an egg timer, a flour sack, a piece of cake. Immutable; things.csv lists them. */
final class Things {

    private static final List<Row> TABLE = Table.beside(Things.class, "things.csv", Set.of("kind", "words", "source"))
            .map(row -> row);
    private static final Set<String> HEADS = new HashSet<>(words("head"));
    private static final List<String> PHRASES = words("phrase");
    private static final Set<String> DISHES = Set.copyOf(words("dish"));

    private Things() {}

    private static List<String> words(String kind) {
        return TABLE.stream()
                .filter(row -> row.text("kind").equals(kind))
                .flatMap(row -> row.list("words").stream())
                .toList();
    }

    /** Whether it is a name for what is in the pot. */
    static boolean isDish(String words) {
        return DISHES.contains(words.toLowerCase(Locale.ROOT));
    }

    /** A sentence without them; all else stands as it was typed. */
    static String leftOut(String text, Predicate<String> isFood) {
        String left = text;
        for (String phrase : PHRASES) {
            left = without(left, phrase);
        }
        int end = left.length();
        String head = "";
        StringBuilder kept = new StringBuilder();
        // From behind: a bread-crumb-sized bit loses both its foods.
        while (end > 0) {
            int start = wordStart(left, end);
            String word = left.substring(start, end).toLowerCase(Locale.ROOT);
            int gap = gapStart(left, start);
            boolean dropped = HEADS.contains(head) && word.length() > 2 && isFood.test(word);
            if (!dropped) {
                kept.insert(0, left.substring(start, end));
                head = word;
            }
            String between = left.substring(gap, start);
            if (!dropped || !between.equals("-")) {
                kept.insert(0, between);
            }
            if (!between.equals(" ") && !between.equals("-")) {
                head = "";
            }
            end = gap;
        }
        return kept.toString();
    }

    private static int wordStart(String text, int end) {
        int start = end;
        while (start > 0 && isOfAWord(text.charAt(start - 1))) {
            start--;
        }
        return start;
    }

    private static int gapStart(String text, int end) {
        int start = end;
        while (start > 0 && !isOfAWord(text.charAt(start - 1))) {
            start--;
        }
        return start;
    }

    private static boolean isOfAWord(char letter) {
        return Character.isLetterOrDigit(letter) || letter == '\'' || letter == '’';
    }

    private static String without(String text, String phrase) {
        String lower = text.toLowerCase(Locale.ROOT);
        int at = lower.indexOf(phrase);
        boolean whole = at >= 0
                && lower.length() == text.length()
                && (at == 0 || !isOfAWord(lower.charAt(at - 1)))
                && (at + phrase.length() == lower.length() || !isOfAWord(lower.charAt(at + phrase.length())));
        return whole ? text.substring(0, at) + "so" + text.substring(at + phrase.length()) : text;
    }
}
