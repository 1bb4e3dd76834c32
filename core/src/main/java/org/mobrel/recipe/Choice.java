package org.mobrel.recipe;

import java.util.List;
import org.mobrel.finding.Edit;

/**
 * One way to answer a question.
 *
 * @param code such as 'strained'; never renamed
 * @param text as it stands on the button
 * @param edits what choosing it sets in the recipe; where there are any, nothing has to be remembered
 */
public record Choice(String code, String text, List<Edit> edits) {

    public Choice {
        edits = List.copyOf(edits);
    }

    /** An answer that changes nothing of the recipe's own words. */
    public Choice(String code, String text) {
        this(code, text, List.of());
    }

    /** The words change nothing in what the food is. */
    public static final String ONLY_A_DESCRIPTION = "only-a-description";

    /** The words name something else that goes into the jar, and no table lists it. */
    public static final String ANOTHER_INGREDIENT = "another-ingredient";

    /** What the words name is not put in. */
    public static final String LEAVE_OUT = "leave-out";

    /** The words are meant as the stopped ingredient they look like. */
    public static final String AS_IT_LOOKS = "as-it-looks";

    /** It stays as the recipe is set, whatever the step says. */
    public static final String AS_SET = "as-set";

    /** It is done as the step says. */
    public static final String AS_THE_STEP_SAYS = "as-the-step-says";

    /** What a step names goes into the jar, and has to be listed. */
    public static final String LIST_IT = "list-it";

    /** Before the id of a food, where an offer is one. */
    public static final String MEANT = "meant:";

    /** The choices of questions that only the tables bring up, as they are told afterwards. */
    static Choice ofCode(String code) {
        String text =
                switch (code) {
                    case UP_TO_TESTED -> "small enough";
                    case LARGER -> "larger than tested";
                    case BY_THE_SPOON -> "a tablespoon a jar at most";
                    case MORE -> "more than a tablespoon a jar";
                    default -> code;
                };
        return new Choice(code, text);
    }

    public static final String UP_TO_TESTED = "up-to-1-inch";
    public static final String LARGER = "larger";
    public static final String BY_THE_SPOON = "a-spoonful-a-jar";
    public static final String MORE = "more";
}
