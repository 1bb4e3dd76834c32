package org.mobrel.recipe;

/**
 * A word, a number or a break of a line.
 *
 * @param word as it compares: lower case, singular, without accents; a comma for every break but '/'
 * @param start where it begins in the plain line
 * @param end where it ends there, exclusive
 */
record Token(String word, int start, int end) {

    /** Whether it parts what stands before it from what stands behind it. */
    boolean isBreak() {
        return word.equals(Tokenizer.BREAK) || word.equals("/");
    }

    boolean isNumber() {
        return Character.isDigit(word.charAt(0));
    }
}
