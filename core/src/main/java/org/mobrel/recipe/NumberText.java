package org.mobrel.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers as kitchens write them: '1 1/2', '1-1/2', '1½', '2,5', '1,200', 'half a', 'a dozen'. */
final class NumberText {

    /** A number in plain figures, to be used inside other patterns. */
    static final String PATTERN =
            "(?:\\d+(?: and |[ -])\\d+/\\d+|\\d+/\\d+|\\d{1,3}(?:,\\d{3})+(?!\\d)|\\d*[.,]\\d+|\\d+)";

    private static final Map<Character, String> VULGAR = Map.ofEntries(
            Map.entry('½', "1/2"),
            Map.entry('⅓', "1/3"),
            Map.entry('⅔', "2/3"),
            Map.entry('¼', "1/4"),
            Map.entry('¾', "3/4"),
            Map.entry('⅛', "1/8"),
            Map.entry('⅜', "3/8"),
            Map.entry('⅝', "5/8"),
            Map.entry('⅞', "7/8"),
            Map.entry('⅙', "1/6"),
            Map.entry('⅚', "5/6"),
            Map.entry('⅕', "1/5"),
            Map.entry('⅖', "2/5"),
            Map.entry('⅗', "3/5"),
            Map.entry('⅘', "4/5"));

    private static final Map<String, String> IN_WORDS = Map.ofEntries(
            Map.entry("a", "1"),
            Map.entry("an", "1"),
            Map.entry("one", "1"),
            Map.entry("two", "2"),
            Map.entry("three", "3"),
            Map.entry("four", "4"),
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("seven", "7"),
            Map.entry("eight", "8"),
            Map.entry("nine", "9"),
            Map.entry("ten", "10"),
            Map.entry("twelve", "12"),
            Map.entry("half", "1/2"),
            Map.entry("half a", "1/2"),
            Map.entry("half an", "1/2"),
            Map.entry("a half", "1/2"),
            Map.entry("quarter", "1/4"),
            Map.entry("a quarter", "1/4"),
            Map.entry("quarter of a", "1/4"),
            Map.entry("one and a half", "1 1/2"),
            Map.entry("two and a half", "2 1/2"),
            Map.entry("half a dozen", "6"),
            Map.entry("a dozen", "12"),
            Map.entry("one dozen", "12"),
            Map.entry("two dozen", "24"),
            Map.entry("dozen", "12"),
            Map.entry("a couple of", "2"),
            Map.entry("a couple", "2"));

    /** The longest words first, and never the half of half-and-half. */
    private static final Pattern WORDS_AT_START = Pattern.compile(
            "^(half a dozen|(?:one|two) and a half|quarter of a|a quarter|a half|half an?|half(?!-| and half)|(?:a|one|two) dozen"
                    + "|a couple of|a couple|dozen|quarter|one|two|three|four|five|six|seven|eight|nine|ten|twelve|an?)\\s+(?=\\S)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern WORDS_BEFORE_INCHES = Pattern.compile(
            "\\b((?:one|two) and a half|half an?|half|quarter|one|two|three|four|five|six|seven|eight|nine|ten|twelve)[ -]+(inch|cm\\b|centimet)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MIXED = Pattern.compile("(?:(\\d+)(?: and |[ -]))?(\\d+)/(\\d+)");
    private static final Pattern THOUSANDS = Pattern.compile("\\d{1,3}(?:,\\d{3})+");

    private NumberText() {}

    /** Puts '1 1/2' for '1½', a plain dash for every dash, a space for every space. */
    static String plain(String text) {
        StringBuilder plain = new StringBuilder(text.length() + 4);
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            String fraction = VULGAR.get(sign);
            if (fraction != null) {
                int before = plain.length() - 1;
                if (before >= 0 && Character.isDigit(plain.charAt(before))) {
                    plain.append(' ');
                }
                plain.append(fraction);
            } else {
                plain.append(
                        switch (sign) {
                            case '⁄' -> '/';
                            case '–', '—', '‑' -> '-';
                            case '\u00a0', '\u202f', '\t' -> ' ';
                            default -> sign;
                        });
            }
        }
        return plain.toString();
    }

    /** Puts figures for a number in words at the beginning: 'half a turkey' is '1/2 turkey'. */
    static String figuresFirst(String text) {
        Matcher words = WORDS_AT_START.matcher(text);
        if (!words.find()) {
            return text;
        }
        String figures = IN_WORDS.get(words.group(1).toLowerCase(java.util.Locale.ROOT));
        return figures == null ? text : figures + " " + text.substring(words.end());
    }

    /** Puts figures for a number in words before a unit of length: 'two-inch' is '2-inch'. */
    static String figuresBeforeInches(String text) {
        Matcher words = WORDS_BEFORE_INCHES.matcher(text);
        StringBuilder figures = new StringBuilder();
        while (words.find()) {
            String number = IN_WORDS.get(words.group(1).toLowerCase(java.util.Locale.ROOT));
            words.appendReplacement(figures, number == null ? words.group() : number + " " + words.group(2));
        }
        return words.appendTail(figures).toString();
    }

    /** The value of what {@link #PATTERN} matched; empty for a fraction over nothing. */
    static Optional<BigDecimal> value(String text) {
        String bare = text.strip();
        String inWords = IN_WORDS.get(bare.toLowerCase(java.util.Locale.ROOT));
        if (inWords != null) {
            return value(inWords);
        }
        Matcher mixed = MIXED.matcher(bare);
        if (!mixed.matches()) {
            return Optional.of(
                    new BigDecimal(THOUSANDS.matcher(bare).matches() ? bare.replace(",", "") : bare.replace(',', '.')));
        }
        BigDecimal below = new BigDecimal(mixed.group(3));
        if (below.signum() == 0) {
            return Optional.empty();
        }
        BigDecimal whole = mixed.group(1) == null ? BigDecimal.ZERO : new BigDecimal(mixed.group(1));
        return Optional.of(whole.add(new BigDecimal(mixed.group(2)).divide(below, 6, RoundingMode.HALF_UP)));
    }
}
