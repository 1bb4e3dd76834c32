package org.mobrel.recipe;

/**
 * What the cook answered to a question of a line.
 *
 * @param words the words that were asked about, as {@link LineQuestion#words()} has them; empty answers every question of the code
 * @param choice the code of the choice, such as 'only-a-description'
 */
public record Answer(QuestionCode code, String words, String choice) {

    boolean answers(QuestionCode asked, String about) {
        return code == asked && (words.isEmpty() || words.equalsIgnoreCase(about));
    }
}
