package org.mobrel.recipe;

import java.util.Arrays;
import java.util.Optional;

/** What has to be asked before anything is covered; the codes are the interface's and never renamed. */
public enum QuestionCode {
    /** Words beside a food that no vocabulary holds. */
    NOT_UNDERSTOOD("not-understood"),
    AMOUNT_VAGUE("amount-vague"),
    /** A shape such as 'chunks' beside a food whose time was tested up to a size. */
    PIECE_SIZE("piece-size"),
    BONES("bones"),
    WHICH_VEGETABLE("which-vegetable"),
    PACK_SAYS_OTHERWISE("pack-says-otherwise"),
    FILL_SAYS_OTHERWISE("fill-says-otherwise"),
    SOAK_SAYS_OTHERWISE("soak-says-otherwise"),
    BOIL_SAYS_OTHERWISE("boil-says-otherwise"),
    /** What a page says against the tested process. */
    PRACTICE_SAYS_OTHERWISE("practice-says-otherwise"),
    /** A bottled sauce, or fat, of which the line does not say how much. */
    UNKNOWN_AMOUNT_OF_SAUCE("unknown-amount-of-sauce");

    private final String code;

    QuestionCode(String code) {
        this.code = code;
    }

    public static Optional<QuestionCode> ofCode(String code) {
        return Arrays.stream(values())
                .filter(question -> question.code.equals(code))
                .findFirst();
    }

    public String code() {
        return code;
    }
}
