package org.mobrel.server.reading;

import org.mobrel.recipe.Answer;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.QuestionCode;

/**
 * What this kitchen answered to a question.
 *
 * @param code the question, such as 'not-understood'
 * @param words the words in question
 * @param wording the line it is for, without its amount; empty: wherever the words stand
 */
public record StoredAnswer(String code, String words, String wording, String choice) {

    LineReader.RememberedAnswer toCore() {
        return new LineReader.RememberedAnswer(
                wording, new Answer(QuestionCode.ofCode(code).orElseThrow(), words, choice));
    }
}
