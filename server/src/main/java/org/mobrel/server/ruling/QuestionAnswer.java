package org.mobrel.server.ruling;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.QuestionCode;
import org.mobrel.server.platform.InvalidField;

/**
 * What a cook answered to a question of a line or a step. It belongs to the words: where they change, the question is asked again.
 *
 * @param line the line as it stands in the recipe; for a step the words in question
 * @param code the question, such as 'bones'
 * @param words the words in question
 * @param choice such as 'strained'
 */
public record QuestionAnswer(
        @NotNull(message = "the line it is about") @Size(max = 500, message = "500 characters at most") String line,
        @NotNull(message = "the question it answers") @Size(max = 40, message = "40 characters at most") String code,
        @Size(max = 300, message = "300 characters at most") @Nullable String words,
        @NotNull(message = "what was chosen") @Size(max = 80, message = "80 characters at most") String choice) {

    /** @throws InvalidField if there is no such question */
    public static List<QuestionAnswer> checked(@Nullable List<QuestionAnswer> answers) {
        List<QuestionAnswer> all = Objects.requireNonNullElse(answers, List.of());
        all.forEach(answer -> question(answer.code()));
        return all;
    }

    static QuestionCode question(String code) {
        return QuestionCode.ofCode(code)
                .orElseThrow(() -> new InvalidField("answers", "there is no question called \"%s\"".formatted(code)));
    }

    public Answer toCore() {
        return new Answer(question(code), Objects.requireNonNullElse(words, ""), choice);
    }

    /** The line with those of the answers that are about it. */
    static IngredientLine apply(IngredientLine line, List<QuestionAnswer> answers) {
        return answers.isEmpty()
                ? line
                : line.answered(answers.stream()
                        .filter(answer ->
                                answer.line().strip().equals(line.text().strip()))
                        .map(QuestionAnswer::toCore)
                        .toList());
    }
}
