package org.mobrel.page;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** Lines of a page that list nothing: times, ratings, buttons, tools; and those that are work without a food. Immutable; asides.csv has them. */
final class Asides {

    /** What a line is. */
    enum Kind {
        META,
        CLUTTER,
        YIELD,
        TOOLS,
        METHOD;

        private static Optional<Kind> ofWord(String word) {
            for (Kind kind : values()) {
                if (kind.name().equalsIgnoreCase(word)) {
                    return Optional.of(kind);
                }
            }
            return Optional.empty();
        }
    }

    private record Aside(Kind kind, String where, List<String> words) {

        boolean isFor(String line) {
            return words.stream().anyMatch(word -> switch (where) {
                case "begins" -> line.startsWith(word) && endsAWord(line, word);
                case "whole" -> line.equals(word);
                default -> line.contains(word);
            });
        }

        private static boolean endsAWord(String line, String word) {
            return line.length() == word.length()
                    || !Character.isLetterOrDigit(word.charAt(word.length() - 1))
                    || !Character.isLetterOrDigit(line.charAt(word.length()));
        }
    }

    private static final List<Aside> TABLE = Table.beside(
                    Asides.class, "asides.csv", Set.of("kind", "where", "words", "source"))
            .map(Asides::aside);

    private Asides() {}

    private static Aside aside(Row row) {
        return new Aside(row.word("kind", Kind::ofWord), row.text("where"), row.list("words"));
    }

    /** The kind of a plain line; empty where it may be an ingredient or a step. */
    static Optional<Kind> of(String typed) {
        String plain = typed.strip();
        String figures = zeros(plain);
        return TABLE.stream()
                .filter(aside -> aside.isFor(plain) || aside.isFor(figures))
                .map(Aside::kind)
                .findFirst();
    }

    /** With a nought for each number, and without what parts its pieces. */
    private static String zeros(String plain) {
        StringBuilder zeros = new StringBuilder();
        for (int at = 0; at < plain.length(); at++) {
            char letter = plain.charAt(at);
            if (letter == ',' && at + 1 < plain.length() && plain.charAt(at + 1) == ' ') {
                continue;
            }
            boolean figure = Character.isDigit(letter) || ".,/".indexOf(letter) >= 0;
            if (!figure) {
                zeros.append(letter);
            } else if (Character.isDigit(letter) && (zeros.isEmpty() || zeros.charAt(zeros.length() - 1) != '0')) {
                zeros.append('0');
            }
        }
        return zeros.toString();
    }
}
