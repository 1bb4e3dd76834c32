package org.mobrel.practice;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What chance gave an exercise this time, by name; a seed always draws the same.
 *
 * @param seed any number
 * @param values by the name of the chance
 */
public record Draw(long seed, Map<String, String> values) {

    private static final Pattern NAME = Pattern.compile("\\{([a-zA-Z]+)}");

    public Draw {
        values = Map.copyOf(values);
    }

    /** @param chances what may be drawn for each name, in the order of the file; none of them empty */
    static Draw of(long seed, Map<String, List<String>> chances) {
        SplittableRandom random = new SplittableRandom(seed);
        Map<String, String> drawn = new LinkedHashMap<>();
        chances.forEach((name, choices) -> drawn.put(name, choices.get(random.nextInt(choices.size()))));
        return new Draw(seed, drawn);
    }

    public Draw with(String name, String value) {
        Map<String, String> more = new LinkedHashMap<>(values);
        more.put(name, value);
        return new Draw(seed, more);
    }

    /**
     * A text with what was drawn in the place of '{name}'.
     *
     * @throws IllegalArgumentException for a name that nothing was drawn for
     */
    public String in(String text) {
        Matcher names = NAME.matcher(text);
        StringBuilder filled = new StringBuilder();
        while (names.find()) {
            names.appendReplacement(filled, Matcher.quoteReplacement(value(Objects.requireNonNull(names.group(1)))));
        }
        return names.appendTail(filled).toString();
    }

    private String value(String name) {
        String value = values.get(name);
        if (value == null) {
            throw new IllegalArgumentException("nothing is drawn for {" + name + "}");
        }
        return value;
    }

    /** @throws IllegalArgumentException if it is no number, after what was drawn is put in */
    public double number(String text) {
        return Double.parseDouble(in(text));
    }
}
