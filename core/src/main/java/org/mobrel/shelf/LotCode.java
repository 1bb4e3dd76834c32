package org.mobrel.shelf;

import java.time.LocalDate;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * The code of a lot, short enough to write on a lid, such as '26-1123-A': year, month and day of canning, and a letter for each lot of
 * that day.
 */
public record LotCode(String text) {

    private static final Pattern FORM = Pattern.compile("\\d{2}-\\d{4}-[A-Z]{1,2}");
    private static final int LETTERS = 26;

    /** @throws IllegalArgumentException if the text is no such code */
    public LotCode {
        if (!FORM.matcher(text).matches()) {
            throw new IllegalArgumentException("not a lot code: " + text);
        }
    }

    /**
     * The code of the next lot of a day.
     *
     * @param earlier how many lots that day has already, 0 to 701
     */
    public static LotCode next(LocalDate day, int earlier) {
        String letters =
                earlier < LETTERS ? letter(earlier) : letter(earlier / LETTERS - 1) + letter(earlier % LETTERS);
        return new LotCode(String.format(
                Locale.ROOT,
                "%02d-%02d%02d-%s",
                day.getYear() % 100,
                day.getMonthValue(),
                day.getDayOfMonth(),
                letters));
    }

    private static String letter(int index) {
        return String.valueOf((char) ('A' + index));
    }
}
