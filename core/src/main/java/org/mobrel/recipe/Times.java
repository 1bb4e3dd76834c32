package org.mobrel.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The times that a sentence names, such as '1 hour 15 minutes' or '20 to 25 min'. */
public final class Times {

    /**
     * One of them.
     *
     * @param start where it begins in the text
     * @param end behind it
     * @param most minutes; of a range its upper end, seconds rounded up
     */
    public record Span(int start, int end, int most) {}

    private static final Pattern TIME = Pattern.compile("(?<![\\d./])(?:(?:" + NumberText.PATTERN
            + ")\\s*(?:-|to|or)\\s*)?(" + NumberText.PATTERN
            + ")[ -]?(days?|hours?|hrs?|h|minutes?|mins?|m|seconds?|secs?)\\b");
    private static final Pattern JOINED = Pattern.compile(",? ?(?:and )?");

    private Times() {}

    /** @param plain as {@link PlainText} makes it */
    public static List<Span> in(String plain) {
        List<Span> spans = new ArrayList<>();
        Matcher time = TIME.matcher(plain);
        boolean hours = false;
        while (time.find()) {
            Optional<Integer> minutes = minutes(time.group(1), time.group(2));
            if (minutes.isEmpty()) {
                continue;
            }
            int last = spans.size() - 1;
            boolean goesOn = hours
                    && time.group(2).startsWith("m")
                    && JOINED.matcher(plain.substring(spans.get(last).end(), time.start()))
                            .matches();
            if (goesOn) {
                Span before = spans.remove(last);
                spans.add(new Span(before.start(), time.end(), before.most() + minutes.get()));
            } else {
                spans.add(new Span(time.start(), time.end(), minutes.get()));
            }
            hours = time.group(2).startsWith("h");
        }
        return List.copyOf(spans);
    }

    private static Optional<Integer> minutes(String number, String unit) {
        BigDecimal each = BigDecimal.valueOf(
                unit.startsWith("d") ? 24 * 60 * 60 : unit.startsWith("h") ? 60 * 60 : unit.startsWith("m") ? 60 : 1);
        return NumberText.value(number)
                .filter(value -> value.compareTo(BigDecimal.valueOf(100_000)) < 0)
                .map(value -> value.multiply(each)
                        .setScale(0, RoundingMode.HALF_UP)
                        .divide(BigDecimal.valueOf(60), 0, RoundingMode.CEILING)
                        .intValueExact());
    }
}
