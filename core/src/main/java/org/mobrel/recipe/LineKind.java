package org.mobrel.recipe;

/** What a line of a pasted page is. */
public enum LineKind {
    INGREDIENT,
    /** A blank line, or one such as 'For the broth:'. */
    HEADING,
    /** A step of the method that stands among the ingredients, such as '2. Simmer until tender.' */
    STEP
}
