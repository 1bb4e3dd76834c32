package org.mobrel.server.kitchen;

import java.time.LocalTime;

/**
 * What a day in this kitchen depends on besides its canners.
 *
 * @param burners pots and canners that can stand on the stove together
 * @param quietFrom from when on nobody wants to stand in the kitchen; the same as {@code quietUntil} for no such hours
 */
public record Workplace(int burners, LocalTime quietFrom, LocalTime quietUntil) {

    public static final int MOST_BURNERS = 12;

    /** @throws IllegalArgumentException if there is no burner, or more than any stove has */
    public Workplace {
        if (burners < 1 || burners > MOST_BURNERS) {
            throw new IllegalArgumentException("burners: not between 1 and %s: %s".formatted(MOST_BURNERS, burners));
        }
    }
}
