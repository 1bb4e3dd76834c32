package org.mobrel.foods;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** Dishes, jars and ways of canning that cooks ask about by name, with the answer; read from {@code asked-about.csv}. */
public final class AskedAbout {

    /**
     * One answer.
     *
     * @param verdict stop, ask or yes
     * @param instead what to do instead, or next
     */
    public record Answer(String name, String verdict, String text, List<String> instead) {}

    private record Known(List<List<String>> phrases, boolean whole, Answer answer) {}

    private static final Set<String> COLUMNS = Set.of("name", "match", "words", "verdict", "text", "instead");
    private static final Set<String> VERDICTS = Set.of("stop", "ask", "yes");

    /** What a question has besides what it is about. */
    private static final Set<String> FILLERS = Set.of(
            "can",
            "i",
            "my",
            "the",
            "a",
            "an",
            "some",
            "home",
            "made",
            "homemade",
            "own",
            "canned",
            "canning",
            "jar",
            "of",
            "may",
            "you",
            "it",
            "is",
            "ok",
            "to",
            "we",
            "do",
            "how",
            "about",
            "pressure",
            "plain",
            "fresh",
            "grandma",
            "leftover");

    private static final Set<String> BOUGHT =
            Set.of("canned", "tinned", "bought", "instant", "packet", "condensed", "mix", "store");

    private final List<Known> known;

    private AskedAbout(List<Known> known) {
        this.known = List.copyOf(known);
    }

    /** @throws org.mobrel.tables.TableException if the table has a bad cell */
    public static AskedAbout load() {
        return new AskedAbout(
                Table.beside(AskedAbout.class, "asked-about.csv", COLUMNS).map(AskedAbout::known));
    }

    private static Known known(Row row) {
        return new Known(
                row.list("words").stream().map(AskedAbout::words).toList(),
                row.word("match", match -> Optional.of(match).filter(Set.of("whole", "within")::contains))
                        .equals("whole"),
                new Answer(
                        row.text("name"),
                        row.word("verdict", verdict -> Optional.of(verdict).filter(VERDICTS::contains)),
                        row.text("text"),
                        row.list("instead")));
    }

    /** The answer to the longest of its phrases that a question names; of two as long, a stop. Empty where it names none. */
    public Optional<Answer> answer(String question) {
        List<String> asked = words(question);
        List<String> about = new ArrayList<>(asked);
        about.removeIf(FILLERS::contains);
        int longest = 0;
        List<Answer> best = new ArrayList<>();
        for (Known each : known) {
            int length = each.phrases().stream()
                    .filter(phrase -> each.answer().verdict().equals("stop") || !isBought(asked, phrase))
                    .filter(phrase -> each.whole() ? isAbout(phrase, about) : isWithin(phrase, asked))
                    .mapToInt(List::size)
                    .max()
                    .orElse(0);
            if (length > longest) {
                longest = length;
                best.clear();
            }
            if (length > 0 && length == longest) {
                best.add(each.answer());
            }
        }
        return best.stream()
                .min(Comparator.comparing(answer -> !answer.verdict().equals("stop")));
    }

    /** A dish out of a shop is not the one that is answered for. */
    private static boolean isBought(List<String> asked, List<String> phrase) {
        return asked.stream().anyMatch(word -> BOUGHT.contains(word) && !phrase.contains(word));
    }

    private static boolean isAbout(List<String> phrase, List<String> about) {
        List<String> bare = new ArrayList<>(phrase);
        bare.removeIf(FILLERS::contains);
        return bare.equals(about);
    }

    private static boolean isWithin(List<String> phrase, List<String> asked) {
        for (int at = 0; at + phrase.size() <= asked.size(); at++) {
            if (asked.subList(at, at + phrase.size()).equals(phrase)) {
                return true;
            }
        }
        return false;
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        for (String word : text.toLowerCase(Locale.ROOT).replace("'", "").split("[^\\p{L}\\d]+")) {
            if (!word.isEmpty()) {
                words.add(
                        word.length() > 3 && word.endsWith("s") && !word.endsWith("ss")
                                ? word.substring(0, word.length() - 1)
                                : word);
            }
        }
        return words;
    }
}
