package org.mobrel.server.platform;

import java.text.Normalizer;

/**
 * Text as it may be stored and printed. Control characters come along when somebody copies out of a PDF, halves of characters when a
 * program cut one in two; no page, label or card can show them.
 */
public final class CleanText {

    private static final int REPLACEMENT = 0xFFFD;

    /** What the Unicode standard allows on one letter in text that is worked on piece by piece; sorting longer heaps takes ages. */
    private static final int MARKS_ON_ONE_LETTER = 30;

    private CleanText() {}

    /** The same without what nobody can see, in composed characters; line breaks and tabs stay, a form feed is a line break. */
    public static String of(String text) {
        if (isPlain(text)) {
            return text;
        }
        StringBuilder clean = new StringBuilder(text.length());
        int marks = 0;
        for (int at = 0; at < text.length(); ) {
            int sign = text.codePointAt(at);
            int next = at + Character.charCount(sign);
            marks = isMark(sign) ? marks + 1 : 0;
            if (sign == '\r') {
                // A carriage return before a line feed is one line break with it.
                if (next >= text.length() || text.charAt(next) != '\n') {
                    clean.append('\n');
                }
            } else if (sign == '\f' || sign == 0x0B || sign == 0x85 || sign == 0x2028 || sign == 0x2029) {
                clean.append('\n');
            } else if (canBeShown(sign) && marks <= MARKS_ON_ONE_LETTER) {
                clean.appendCodePoint(sign);
            }
            at = next;
        }
        return Normalizer.normalize(clean, Normalizer.Form.NFC);
    }

    private static boolean isPlain(String text) {
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            if (sign < ' ' && sign != '\n' && sign != '\t' || sign > '~') {
                return false;
            }
        }
        return true;
    }

    private static boolean isMark(int sign) {
        int type = Character.getType(sign);
        return type == Character.NON_SPACING_MARK || type == Character.ENCLOSING_MARK;
    }

    private static boolean canBeShown(int sign) {
        if (sign == '\n' || sign == '\t') {
            return true;
        }
        boolean noCharacter = sign >= 0xFDD0 && sign <= 0xFDEF || (sign & 0xFFFE) == 0xFFFE || sign == REPLACEMENT;
        return !Character.isISOControl(sign)
                && Character.getType(sign) != Character.SURROGATE
                && Character.getType(sign) != Character.PRIVATE_USE
                && !noCharacter;
    }
}
