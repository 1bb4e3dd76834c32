package org.mobrel.recipe;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;

/** Cutting text into words that compare: lower case, singular, without accents, with the breaks that commas and brackets make. */
final class Tokenizer {

    /** Stands between two parts of a line, so that no phrase reaches across a comma. */
    static final String BREAK = ",";

    private static final String BREAKS = ",;:()[]{}|*·•→<>=~_!?";
    private static final String NOTHING = "\"'`´%#^°®™©▢☐◦●○■□✓✔$€£¤@\\";

    private Tokenizer() {}

    /** The words of text that need not be plain yet. */
    static List<String> of(String text) {
        return tokens(NormalText.of(text).plain()).stream().map(Token::word).toList();
    }

    /** The tokens of a plain line. */
    static List<Token> tokens(String plain) {
        List<Token> tokens = new ArrayList<>();
        int at = 0;
        while (at < plain.length()) {
            char sign = plain.charAt(at);
            int end = at + 1;
            if (Character.isLetter(sign)) {
                end = endOfWord(plain, at);
                end = with(plain, at, end, tokens);
            } else if (sign >= '0' && sign <= '9') {
                end = endOfNumber(plain, at);
                tokens.add(new Token(plain.substring(at, end), at, end));
            } else {
                sign(plain, at, tokens);
            }
            at = end;
        }
        return tokens;
    }

    private static int endOfWord(String plain, int start) {
        int end = start + 1;
        while (end < plain.length()
                && (Character.isLetter(plain.charAt(end))
                        || plain.charAt(end) == '\''
                                && end + 1 < plain.length()
                                && Character.isLetter(plain.charAt(end + 1)))) {
            end++;
        }
        return end;
    }

    private static int endOfNumber(String plain, int start) {
        int end = start + 1;
        while (end < plain.length()
                && (Character.isDigit(plain.charAt(end))
                        || "./,".indexOf(plain.charAt(end)) >= 0
                                && end + 1 < plain.length()
                                && Character.isDigit(plain.charAt(end + 1)))) {
            end++;
        }
        return end;
    }

    /** Adds a word; 'w/' and 'w/o' are with and without. */
    private static int with(String plain, int start, int end, List<Token> tokens) {
        String word = folded(plain.substring(start, end));
        if (word.equals("w") && end < plain.length() && plain.charAt(end) == '/') {
            boolean without = plain.startsWith("o", end + 1)
                    && (end + 2 >= plain.length() || !Character.isLetter(plain.charAt(end + 2)));
            int after = without ? end + 2 : end + 1;
            tokens.add(new Token(without ? "without" : "with", start, after));
            return after;
        }
        tokens.add(new Token(word.equals("n") ? "and" : singular(word), start, end));
        return end;
    }

    private static void sign(String plain, int at, List<Token> tokens) {
        char sign = plain.charAt(at);
        if (sign == '&' || sign == '+') {
            tokens.add(new Token("and", at, at + 1));
        } else if (sign == '/') {
            tokens.add(new Token("/", at, at + 1));
        } else if (BREAKS.indexOf(sign) >= 0
                || sign == '.' && endsSentence(plain, at)
                || sign == '-' && isBetweenSpaces(plain, at)) {
            tokens.add(new Token(BREAK, at, at + 1));
        } else if (!Character.isWhitespace(sign) && sign != '.' && sign != '-' && NOTHING.indexOf(sign) < 0) {
            // A picture or a sign of another script says something too; nobody here knows what.
            tokens.add(new Token(String.valueOf(sign), at, at + 1));
        }
    }

    private static boolean endsSentence(String plain, int at) {
        boolean last = at + 1 >= plain.length() || Character.isWhitespace(plain.charAt(at + 1));
        return last && at > 1 && Character.isLetter(plain.charAt(at - 1)) && Character.isLetter(plain.charAt(at - 2));
    }

    private static boolean isBetweenSpaces(String plain, int at) {
        return at > 0
                && Character.isWhitespace(plain.charAt(at - 1))
                && at + 1 < plain.length()
                && Character.isWhitespace(plain.charAt(at + 1));
    }

    /** Lower case and without accents: 'Crème' and 'creme' are one word. */
    static String folded(String word) {
        boolean plain = true;
        for (int index = 0; index < word.length() && plain; index++) {
            plain = word.charAt(index) < 128;
        }
        if (plain) {
            return word.toLowerCase(java.util.Locale.ROOT);
        }
        StringBuilder folded = new StringBuilder(word.length());
        for (char sign : Normalizer.normalize(word.toLowerCase(java.util.Locale.ROOT), Normalizer.Form.NFD)
                .toCharArray()) {
            if (Character.getType(sign) != Character.NON_SPACING_MARK) {
                folded.append(
                        switch (sign) {
                            case 'ß' -> "ss";
                            case 'æ' -> "ae";
                            case 'œ' -> "oe";
                            case 'ø' -> "o";
                            case 'ł' -> "l";
                            default -> String.valueOf(sign);
                        });
            }
        }
        return folded.toString();
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
        if (word.endsWith("sses")
                || word.endsWith("oes")
                || word.endsWith("shes")
                || word.endsWith("ches")
                || word.endsWith("xes")) {
            return word.substring(0, word.length() - 2);
        }
        if (word.endsWith("'s")) {
            return word;
        }
        return word.substring(0, word.length() - 1);
    }
}
