package org.mobrel.recipe;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** A sentence in plain small letters: no accents, no look-alikes, fractions and times in figures. For patterns, not for showing. */
public final class PlainText {

    private static final Pattern MARKS = Pattern.compile("\\p{M}");
    private static final Pattern PART_OF_HOURS =
            Pattern.compile("(?<![\\d/.])(?:(\\d{1,3}) )?(\\d)/(\\d)[ -]?(?:hours?|hrs?|h)\\b");

    private PlainText() {}

    public static String of(String text) {
        String plain = NumberText.plain(NormalText.of(text).plain()).toLowerCase(Locale.ROOT);
        plain = MARKS.matcher(Normalizer.normalize(plain, Normalizer.Form.NFD)).replaceAll("");
        return PART_OF_HOURS.matcher(Figures.everywhere(plain)).replaceAll(PlainText::inMinutes);
    }

    private static String inMinutes(MatchResult hours) {
        int below = Integer.parseInt(hours.group(3));
        int whole = hours.group(1) == null ? 0 : Integer.parseInt(hours.group(1));
        return below == 0 ? hours.group() : whole * 60 + Integer.parseInt(hours.group(2)) * 60 / below + " minutes";
    }
}
