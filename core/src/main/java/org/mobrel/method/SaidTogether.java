package org.mobrel.method;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** What a sentence comes to when some words stand in it together, whatever their order; said.csv lists them. Immutable. */
final class SaidTogether {

    private static final Set<String> COLUMNS = Set.of("effect", "all", "none", "example");

    /** What is no departure. */
    private static final Set<String> OTHER_EFFECTS = Set.of(
            "purees",
            "thickens",
            "dry-beans",
            "short-vent",
            "forced-cooling",
            "packs-raw",
            "packs-hot",
            "skins-on",
            "later",
            "not-there");

    /** Words that deny what follows. */
    private static final List<String> DENIALS =
            List.of("don't", "do not", "no ", "not ", "never", "skip", "without", "instead", "needn't");

    /** Words that come to the same, by their name. */
    private static final Map<String, List<String>> ALIKE = Table.beside(
                    SaidTogether.class, "said-words.csv", Set.of("name", "words", "source"))
            .map(row -> Map.entry(row.text("name"), spelled(row.text("words"))))
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    private static final List<Effect> TABLE =
            Table.beside(SaidTogether.class, "said.csv", COLUMNS).map(SaidTogether::effect);

    /** @param all each holds what may stand for one word; @param none what makes it something else */
    private record Effect(String code, List<List<String>> all, List<String> none) {

        boolean isIn(String words, Sentence sentence) {
            return all.stream().allMatch(one -> isAny(one, words)) && !isAny(none, words) && !isDenied(words, sentence);
        }

        /** Whether all that the first word may stand for is denied; what denies by itself is not denied once more. */
        private boolean isDenied(String words, Sentence sentence) {
            List<String> there = all.get(0).stream().filter(words::contains).toList();
            return there.stream().allMatch(phrase -> {
                int at = sentence.plain().indexOf(phrase.strip());
                return at > 0 && DENIALS.stream().noneMatch(phrase.strip()::startsWith) && sentence.isDenied(at);
            });
        }

        private static boolean isAny(List<String> phrases, String words) {
            for (String phrase : phrases) {
                if (words.contains(phrase)) {
                    return true;
                }
            }
            return false;
        }
    }

    private static final Set<String> HIDES = Set.of("later", "not-there");

    private static final Pattern PARTS = Pattern.compile("[.;:!?]\\s+");

    private SaidTogether() {}

    private static Effect effect(Row row) {
        return new Effect(
                row.word("effect", code -> isKnown(code) ? Optional.of(code) : Optional.empty()),
                row.list("all").stream().map(SaidTogether::phrases).toList(),
                row.optionalText("none").map(SaidTogether::phrases).orElse(List.of()));
    }

    /** A slip in the table would be a sentence that nobody notices. */
    private static boolean isKnown(String code) {
        return OTHER_EFFECTS.contains(code) || Departure.ofCode(code).isPresent();
    }

    /** What a cell lists, and in the place of a name all that comes to the same. */
    private static List<String> phrases(String cell) {
        return spelled(cell).stream()
                .flatMap(phrase -> phrase.startsWith(" @")
                        ? Objects.requireNonNull(ALIKE.get(phrase.substring(2).strip()), phrase).stream()
                        : Stream.of(phrase))
                .toList();
    }

    /**
     * A phrase as it is looked for: from a word's beginning to a word's end, or with a star to anywhere; "^" is the beginning of all that is
     * said, and "$" its end. Figures keep their slash.
     */
    private static List<String> spelled(String cell) {
        return Arrays.stream(cell.split("(?<!\\d)/|/(?!\\d)"))
                .map(String::strip)
                .filter(phrase -> !phrase.isEmpty())
                .map(phrase -> phrase.endsWith("*")
                        ? spaced(phrase.substring(0, phrase.length() - 1)).stripTrailing()
                        : spaced(phrase))
                .toList();
    }

    private static String spaced(String text) {
        StringBuilder words = new StringBuilder(" ");
        text.chars()
                .forEach(letter -> words.append(
                        Character.isLetterOrDigit(letter) || "'/%.@^$".indexOf(letter) >= 0 ? (char) letter : ' '));
        String one = words.append(' ').toString();
        while (one.contains("  ")) {
            one = one.replace("  ", " ");
        }
        return one.replace(". ", " ");
    }

    /** The effects of a sentence, each once: of all of it, or of one of its parts by itself. */
    static List<String> in(Sentence sentence) {
        List<String> parts = Stream.concat(Stream.of(sentence.plain()), PARTS.splitAsStream(sentence.plain()))
                .distinct()
                .map(words -> spaced("^ " + words + " $"))
                .toList();
        return TABLE.stream()
                // What hides a sentence has to be said of all of it.
                .filter(effect -> parts.stream()
                        .limit(HIDES.contains(effect.code()) ? 1 : parts.size())
                        .anyMatch(words -> effect.isIn(words, sentence)))
                .map(Effect::code)
                .distinct()
                .toList();
    }
}
