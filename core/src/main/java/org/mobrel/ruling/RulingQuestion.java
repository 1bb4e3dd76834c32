package org.mobrel.ruling;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import org.mobrel.finding.Finding;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.QuestionCode;

/**
 * Something that has to be answered before a batch is covered, because an answer could change the verdict or raise the time.
 *
 * @param line the index of the line it is about; empty for a line of a variant
 * @param said the sentence of the method it is about, where it is about one
 * @param words the words in question, as the line or the step has them
 * @param choices the first is what the line is taken for until it is answered
 */
public record RulingQuestion(
        QuestionCode code,
        OptionalInt line,
        Optional<Finding.Said> said,
        String words,
        String text,
        List<Option> choices) {

    public RulingQuestion {
        choices = List.copyOf(choices);
    }

    /**
     * One way to answer, and what the batch would get with it while all other questions are answered as they are taken for now.
     *
     * @param verdict empty where it was not worked out, because something else stops the batch anyway
     * @param minutes for the load; empty on a stop
     */
    public record Option(Choice choice, Optional<Verdict> verdict, Optional<Minutes> minutes) {

        static Option of(Choice choice) {
            return new Option(choice, Optional.empty(), Optional.empty());
        }

        static Option of(Choice choice, Ruling gives) {
            return new Option(
                    choice,
                    Optional.of(gives.verdict()),
                    gives.timing().or(gives::ifSettled).map(Timing::minutes));
        }
    }

    /** The same with what each choice gives. */
    RulingQuestion weighed(Function<Choice, Ruling> gives) {
        return new RulingQuestion(
                code,
                line,
                said,
                words,
                text,
                choices.stream()
                        .map(option -> Option.of(option.choice(), gives.apply(option.choice())))
                        .toList());
    }

    Answer with(Choice choice) {
        return new Answer(code, words, choice.code());
    }

    /** How much hangs on it: questions with an answer that stops come first, then those that raise the time most. */
    int weight() {
        boolean stops = choices.stream()
                .anyMatch(one -> one.verdict().filter(Verdict.STOP::equals).isPresent());
        int most = choices.stream()
                .mapToInt(one -> one.minutes().map(Minutes::value).orElse(0))
                .max()
                .orElse(0);
        return (stops ? 10_000 : 0) + most;
    }
}
