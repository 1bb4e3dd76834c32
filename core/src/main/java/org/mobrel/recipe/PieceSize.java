package org.mobrel.recipe;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.quantity.Length;

/** The size of pieces that a line names: '1/2-inch cubes', '1-2 in chunks', 'in 2 cm dice'. */
final class PieceSize {

    private static final String SIZE = "(" + NumberText.PATTERN + ")";

    /** A size; 'in' is an inch only where it does not begin 'in a pot'. */
    static final Pattern PATTERN = Pattern.compile(
            "(?:" + SIZE + "\\s*(?:-|to)\\s*)?" + SIZE
                    + "[\\s-]*(inch(?:es)?|in\\b\\.?(?!\\s+(?:a|an|the|their|skins?|juice|water|oil|total|all)\\b)|\"|''|”|cm\\b|mm\\b|centimet(?:er|re)s?)",
            Pattern.CASE_INSENSITIVE);

    private PieceSize() {}

    static Optional<Length> largestIn(String text) {
        if (!mayHoldSize(text)) {
            return Optional.empty();
        }
        Matcher sizes = PATTERN.matcher(Figures.beforeUnits(NumberText.plain(text)));
        Optional<Length> largest = Optional.empty();
        while (sizes.find()) {
            Optional<Length> size = length(sizes.group(2), sizes.group(3).toLowerCase(Locale.ROOT));
            if (size.isPresent()
                    && largest.filter(known -> known.compareTo(size.get()) >= 0).isEmpty()) {
                largest = size;
            }
        }
        return largest;
    }

    private static boolean mayHoldSize(String text) {
        return text.chars().anyMatch(sign -> Character.isDigit(sign) || sign > 127)
                || text.toLowerCase(Locale.ROOT).contains("inch")
                || text.toLowerCase(Locale.ROOT).contains("cm")
                || text.toLowerCase(Locale.ROOT).contains("centimet");
    }

    private static Optional<Length> length(String number, String unit) {
        return NumberText.value(number)
                .map(Number::doubleValue)
                .filter(size -> size > 0 && size < 1_000)
                .map(size -> unit.startsWith("c")
                        ? Length.ofMillimetres(size * 10)
                        : unit.startsWith("mm") ? Length.ofMillimetres(size) : Length.ofInches(size));
    }
}
