package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cutting text into words that compare: lower case, singular, with the breaks that commas and brackets make. */
final class Words {

    /** Stands between two parts of a line, so that no phrase reaches across a comma. */
    static final String BREAK = ",";

    private static final Pattern TOKEN = Pattern.compile("[\\p{L}']+(?:-[\\p{L}']+)*|[,;:()\\[\\]]|\\d[\\d./-]*");

    private Words() {}

    static List<String> of(String text) {
        List<String> words = new ArrayList<>();
        Matcher tokens = TOKEN.matcher(text.toLowerCase(Locale.ROOT).replace('’', '\''));
        while (tokens.find()) {
            String token = tokens.group();
            if (token.length() == 1 && ",;:()[]".contains(token)) {
                words.add(BREAK);
            } else if (token.indexOf('-') < 0) {
                words.add(singular(token));
            } else {
                // "cream-style" and "cream style" are the same two words.
                for (String part : token.split("-")) {
                    if (!part.isEmpty()) {
                        words.add(singular(part));
                    }
                }
            }
        }
        return words;
    }

    /** A crude singular; it only has to do the same to the catalogue's words and to the recipe's. */
    static String singular(String word) {
        if (word.length() <= 3 || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us")) {
            return word;
        }
        if (word.endsWith("ies") && word.length() > 4) {
            return word.substring(0, word.length() - 3) + "y";
        }
        if (word.endsWith("ves")) {
            return word.substring(0, word.length() - 3) + "f";
        }
        if (word.endsWith("oes") || word.endsWith("shes") || word.endsWith("ches") || word.endsWith("xes")) {
            return word.substring(0, word.length() - 2);
        }
        return word.substring(0, word.length() - 1);
    }
}
