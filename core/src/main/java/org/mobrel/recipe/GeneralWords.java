package org.mobrel.recipe;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/** A dictionary of English: it says which words nobody need be asked about, and never what a food is. Immutable; read once. */
final class GeneralWords {

    private static final List<Set<String>> PARTS =
            List.of(new HashSet<>(), new HashSet<>(), new HashSet<>(), new HashSet<>());
    private static final Set<String> EVERYDAY = PARTS.get(0);
    private static final Set<String> DESCRIBING = PARTS.get(1);
    private static final Set<String> THINGS = PARTS.get(2);

    static {
        try (BufferedReader words = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(GeneralWords.class.getResourceAsStream("general-words.txt")),
                StandardCharsets.UTF_8))) {
            int part = -1;
            for (String line = words.readLine(); line != null; line = words.readLine()) {
                if (line.startsWith("#")) {
                    part++;
                } else {
                    PARTS.get(part).addAll(List.of(line.split(" ")));
                }
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private GeneralWords() {}

    /** Whether it is never a slip for a food: 'after', 'week'. */
    static boolean isEveryday(String word) {
        String plain = word.toLowerCase(Locale.ROOT).replace('’', '\'');
        return EVERYDAY.contains(plain.endsWith("'s") ? plain.substring(0, plain.length() - 2) : plain);
    }

    /** Whether all senses of a word are of time, quantity, person, place, feeling, thought, speech or quality. */
    static boolean onlyDescribes(String word) {
        return forms(word).anyMatch(DESCRIBING::contains)
                && forms(word)
                        .noneMatch(form -> THINGS.contains(form) || PARTS.get(3).contains(form));
    }

    /** Whether it is no food, nothing that is done to one and no slip for either, in a sentence of the work. */
    static boolean namesNoFood(String word) {
        return forms(word)
                .anyMatch(form -> EVERYDAY.contains(form) || DESCRIBING.contains(form) || THINGS.contains(form));
    }

    /** Whether it is a word at all; another may be a slip. */
    static boolean knows(String word) {
        return forms(word).anyMatch(form -> PARTS.stream().anyMatch(part -> part.contains(form)));
    }

    /** The word and what it may be a form of. */
    private static Stream<String> forms(String typed) {
        String word = typed.toLowerCase(Locale.ROOT);
        Stream<String> stems = List.of("s", "es", "ed", "ing", "er", "est", "'s").stream()
                .filter(end -> word.endsWith(end) && !word.endsWith("ss") && word.length() - end.length() > 2)
                .map(end -> word.substring(0, word.length() - end.length()))
                .flatMap(stem -> Stream.of(
                        stem,
                        stem + "e",
                        stem.endsWith("i") ? stem.substring(0, stem.length() - 1) + "y" : stem,
                        isDoubled(stem) && !word.endsWith("s") ? stem.substring(0, stem.length() - 1) : stem));
        return Stream.concat(Stream.of(word), stems);
    }

    private static boolean isDoubled(String stem) {
        int last = stem.length() - 1;
        return last > 1 && stem.charAt(last) == stem.charAt(last - 1);
    }
}
