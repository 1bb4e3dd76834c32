package org.mobrel.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers in figures: '1 1/2', '1½', '2,5', '1,200'; {@link Figures} makes them of all others. */
final class NumberText {

    /** A number in plain figures, to be used inside other patterns. */
    static final String PATTERN = "(?:\\d+ \\d+/\\d+|\\d+/\\d+|\\d{1,3}(?:,\\d{3})+(?!\\d)|\\d*[.,]\\d+|\\d+)";

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

    private static final Pattern MIXED = Pattern.compile("(?:(\\d+) )?(\\d+)/(\\d+)");
    private static final Pattern THOUSANDS = Pattern.compile("\\d{1,3}(?:,\\d{3})+");

    /** '1.200 g' is twelve hundred grams: nobody weighs in thousandths of one. '453.592 g' is a pound that somebody converted. */
    private static final Pattern THOUSANDS_BY_POINT = Pattern.compile(
            "(?<![\\d.,])(\\d{1,2})\\.(\\d{3})(?=\\s*(?:g|gr|grams?|grammes?|ml|millilit(?:er|re)s?)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** '1,500 kg' is one and a half: nobody cans by the ton. */
    private static final Pattern DECIMALS_BY_COMMA = Pattern.compile(
            "(?<![\\d.,])(\\d{1,3}),(\\d{3})(?=\\s*(?:kg|kilos?|kilograms?|l|lit(?:er|re)s?)\\b)",
            Pattern.CASE_INSENSITIVE);

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
        return plain.indexOf(".") < 0 && plain.indexOf(",") < 0 ? plain.toString() : byUnit(plain.toString());
    }

    /** What a point or a comma before three digits means is told by the unit behind them. */
    private static String byUnit(String plain) {
        return DECIMALS_BY_COMMA
                .matcher(THOUSANDS_BY_POINT.matcher(plain).replaceAll("$1$2"))
                .replaceAll("$1.$2");
    }

    /** The value of what {@link #PATTERN} matched; empty for a fraction over nothing. */
    static Optional<BigDecimal> value(String text) {
        String bare = text.strip();
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
