package org.mobrel.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the amount that a line begins with: '1 1/2 lb', '2-3 cups', '1 (15-oz) can', '½ tsp', '900g'. */
final class AmountReader {

    /** An amount, and the rest of the line behind it. */
    record Read(Optional<Amount> amount, String rest) {}

    private static final Map<String, String> VULGAR = Map.ofEntries(
            Map.entry("½", "1/2"),
            Map.entry("⅓", "1/3"),
            Map.entry("⅔", "2/3"),
            Map.entry("¼", "1/4"),
            Map.entry("¾", "3/4"),
            Map.entry("⅛", "1/8"),
            Map.entry("⅜", "3/8"),
            Map.entry("⅝", "5/8"),
            Map.entry("⅞", "7/8"),
            Map.entry("⅙", "1/6"),
            Map.entry("⅚", "5/6"),
            Map.entry("⅕", "1/5"));
    private static final String NUMBER = "(?:\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?)";
    private static final Pattern START = Pattern.compile(
            "^\\s*(?:about |approx\\.? |scant |heaped |heaping )?(" + NUMBER + ")(?:\\s*(?:-|–|to)\\s*(" + NUMBER
                    + "))?\\s*(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern PACKAGE = Pattern.compile(
            "^\\(?\\s*(" + NUMBER
                    + ")\\s*-?\\s*(oz|ounce|g|ml|lb)s?\\.?\\s*\\)?\\s*(?:cans?|tins?|packages?|packets?|bags?|jars?|boxes|box)\\s*(?:of\\s+)?(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern UNIT = Pattern.compile(
            "^(fl\\.? oz|fluid ounces?|[\\p{L}]+)\\.?(?=$|[\\s,(])\\s*(?:of\\s+)?(.*)$", Pattern.DOTALL);

    private AmountReader() {}

    static Read read(String line) {
        Matcher start = START.matcher(plainFractions(line));
        if (!start.matches()) {
            return traceOf(line);
        }
        // Of a range the upper end counts: it asks for more room and more time to prepare, never for less.
        Optional<BigDecimal> value = number(start.group(2) == null ? start.group(1) : start.group(2));
        if (value.isEmpty()) {
            return new Read(Optional.empty(), line);
        }
        return withUnit(value.get(), start.group(3));
    }

    private static Read withUnit(BigDecimal value, String rest) {
        Matcher pack = PACKAGE.matcher(rest);
        if (pack.matches()) {
            Optional<MeasureUnit> unit = MeasureUnit.ofWord(pack.group(2).toLowerCase(Locale.ROOT));
            Optional<Amount> total =
                    number(pack.group(1)).flatMap(each -> unit.flatMap(known -> amount(value.multiply(each), known)));
            return new Read(total, pack.group(3));
        }
        Matcher word = UNIT.matcher(rest);
        if (word.matches()) {
            String spelled = word.group(1);
            // "T" is a tablespoon and "t" a teaspoon wherever recipes use the letters at all.
            Optional<MeasureUnit> unit = spelled.equals("T")
                    ? Optional.of(MeasureUnit.TABLESPOON)
                    : spelled.equals("t")
                            ? Optional.of(MeasureUnit.TEASPOON)
                            : MeasureUnit.ofWord(
                                    spelled.toLowerCase(Locale.ROOT).replaceAll("fl\\.? ?oz", "fl oz"));
            if (unit.isPresent() && !word.group(2).isBlank()) {
                return new Read(amount(value, unit.get()), word.group(2));
            }
        }
        return new Read(amount(value, MeasureUnit.PIECE), rest);
    }

    private static Read traceOf(String line) {
        Matcher pinch = Pattern.compile(
                        "^\\s*(?:an? )?(pinch|dash|sprig|handful)(?:es|s)?\\s+(?:of\\s+)?(.*)$",
                        Pattern.CASE_INSENSITIVE)
                .matcher(line);
        return pinch.matches()
                ? new Read(amount(BigDecimal.ONE, MeasureUnit.PINCH), pinch.group(2))
                : new Read(Optional.empty(), line);
    }

    private static Optional<Amount> amount(BigDecimal value, MeasureUnit unit) {
        return value.signum() > 0 && value.compareTo(BigDecimal.valueOf(1_000_000)) <= 0
                ? Optional.of(new Amount(value, unit))
                : Optional.empty();
    }

    /** Puts '1/2' for '½', with a space where a whole number stands before it. */
    static String plainFractions(String text) {
        String plain = text.replace('⁄', '/');
        for (Map.Entry<String, String> sign : VULGAR.entrySet()) {
            plain = plain.replaceAll("(\\d)\\s*" + sign.getKey(), "$1 " + sign.getValue())
                    .replace(sign.getKey(), sign.getValue());
        }
        return plain;
    }

    /** '1 1/2', '1-1/2', '3/4', '2.5' or '2,5'; empty for a fraction over nothing. */
    static Optional<BigDecimal> number(String text) {
        Matcher mixed = Pattern.compile("(?:(\\d+)[ -])?(\\d+)/(\\d+)").matcher(text.strip());
        if (!mixed.matches()) {
            return Optional.of(new BigDecimal(text.strip().replace(',', '.')));
        }
        BigDecimal below = new BigDecimal(mixed.group(3));
        if (below.signum() == 0) {
            return Optional.empty();
        }
        BigDecimal whole = mixed.group(1) == null ? BigDecimal.ZERO : new BigDecimal(mixed.group(1));
        return Optional.of(whole.add(new BigDecimal(mixed.group(2)).divide(below, 6, RoundingMode.HALF_UP)));
    }
}
