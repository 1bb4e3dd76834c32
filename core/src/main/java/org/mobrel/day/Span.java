package org.mobrel.day;

import java.util.List;
import org.mobrel.quantity.Minutes;

/** How long something takes: usually so long, and between two bounds. */
public record Span(Minutes least, Minutes usual, Minutes most) {

    /** @throws IllegalArgumentException if they are not in rising order */
    public Span {
        if (least.compareTo(usual) > 0 || usual.compareTo(most) > 0) {
            throw new IllegalArgumentException(
                    "not in rising order: %s, %s, %s min".formatted(least.value(), usual.value(), most.value()));
        }
    }

    public static Span of(int least, int usual, int most) {
        return new Span(new Minutes(least), new Minutes(usual), new Minutes(most));
    }

    /** What was seen: the median, between the shortest and the longest. */
    static Span seen(List<Minutes> times) {
        List<Minutes> rising = times.stream().sorted().toList();
        return new Span(rising.get(0), rising.get(rising.size() / 2), rising.get(rising.size() - 1));
    }

    int minutes() {
        return usual.value();
    }
}
