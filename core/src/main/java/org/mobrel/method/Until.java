package org.mobrel.method;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.mobrel.tables.Table;

/** How far a sentence cooks: 'until tender', and what is asked about because until.csv does not hold it. Immutable. */
final class Until {

    private static final Set<String> OPENS = Set.of("until", "till", "til", "'til", "unless");

    private static final Set<String> WORDS =
            Table.beside(Until.class, "until.csv", Set.of("kind", "words", "source"))
                    .map(row -> row.list("words"))
                    .stream()
                    .flatMap(List::stream)
                    .collect(Collectors.toSet());

    private Until() {}

    /** The first clause of a plain sentence that goes on until something which no list holds. */
    static Optional<String> unread(String plain, Predicate<String> isFood) {
        int from = -1;
        boolean strange = false;
        int at = 0;
        while (at < plain.length()) {
            int end = at;
            while (end < plain.length() && isOfAWord(plain.charAt(end))) {
                end++;
            }
            if (end == at) {
                if (from >= 0 && ",;:.()!?".indexOf(plain.charAt(at)) >= 0) {
                    if (strange) {
                        return Optional.of(plain.substring(from, at).strip());
                    }
                    from = -1;
                }
                at++;
                continue;
            }
            String word = plain.substring(at, end);
            if (OPENS.contains(word)) {
                from = at;
            } else if (from >= 0) {
                strange |= !Character.isDigit(word.charAt(0)) && !WORDS.contains(word) && !isFood.test(word);
            }
            at = end;
        }
        return strange && from >= 0 ? Optional.of(plain.substring(from).strip()) : Optional.empty();
    }

    private static boolean isOfAWord(char sign) {
        return Character.isLetterOrDigit(sign) || sign == '\'' || sign == '-';
    }
}
