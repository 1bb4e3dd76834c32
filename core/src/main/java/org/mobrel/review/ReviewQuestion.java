package org.mobrel.review;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Something to ask the cook.
 *
 * @param code what kind of question, such as 'twice-different'; never renamed
 * @param key what the question is about, the same as long as the lines in question are; an answer is remembered by it
 * @param lines indexes of the lines in question
 * @param answers ways to settle it by a tap; may be empty where only the cook's own words can
 */
public record ReviewQuestion(String code, String key, List<Integer> lines, String text, List<Answer> answers) {

    public ReviewQuestion {
        lines = List.copyOf(lines);
        answers = List.copyOf(answers);
    }

    /**
     * One way to settle it.
     *
     * @param line the line that changes; empty where the answer is that all is meant as it stands
     * @param to the line's new text, several lines where it falls apart; empty: the line goes
     */
    public record Answer(String text, OptionalInt line, Optional<String> to) {

        static Answer asItStands(String text) {
            return new Answer(text, OptionalInt.empty(), Optional.empty());
        }

        static Answer without(String text, int line) {
            return new Answer(text, OptionalInt.of(line), Optional.empty());
        }

        static Answer instead(String text, int line, String to) {
            return new Answer(text, OptionalInt.of(line), Optional.of(to));
        }
    }
}
