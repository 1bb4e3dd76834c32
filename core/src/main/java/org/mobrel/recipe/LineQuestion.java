package org.mobrel.recipe;

import java.util.List;

/**
 * Something a line leaves open. The first choice is what the line is taken for until it is answered.
 *
 * @param words what is asked about, such as 'nuggets'; together with the code it tells the questions of a line apart
 */
public record LineQuestion(QuestionCode code, String words, String text, List<Choice> choices) {

    public LineQuestion {
        choices = List.copyOf(choices);
    }
}
