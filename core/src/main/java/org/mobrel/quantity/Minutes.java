package org.mobrel.quantity;

import java.time.Duration;

/**
 * A whole number of minutes, such as the '90' of a process time.
 *
 * @param value at least 0
 */
public record Minutes(int value) implements Comparable<Minutes> {

    /** @throws IllegalArgumentException if there are fewer than 0 minutes */
    public Minutes {
        Checks.notNegative("minutes", value, "min");
    }

    public static Minutes longer(Minutes one, Minutes other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    public Duration duration() {
        return Duration.ofMinutes(value);
    }

    @Override
    public int compareTo(Minutes other) {
        return Integer.compare(value, other.value);
    }
}
