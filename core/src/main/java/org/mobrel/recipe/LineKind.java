package org.mobrel.recipe;

/** What a line of a pasted page is. */
public enum LineKind {
    INGREDIENT,
    /** A blank line, or one such as 'For the broth:'. */
    HEADING,
    /** A yield, a time, equipment or a denial, such as 'Makes 7 quarts', 'new lids' or 'no salt'. */
    NOT_INGREDIENT,
    /** A step of the method that stands among the ingredients, such as '2. Simmer until tender.' */
    STEP
}
