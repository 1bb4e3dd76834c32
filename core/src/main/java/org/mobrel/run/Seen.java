package org.mobrel.run;

import org.mobrel.quantity.GaugePressure;

/**
 * Where a device saw the needle in about a minute.
 *
 * @param lowest as read off the dial, not corrected for its error
 * @param highest likewise
 * @param looks how many looks these are of, 1 to {@value #MOST_LOOKS}; looks in which it saw no needle are not among them
 */
public record Seen(GaugePressure lowest, GaugePressure highest, int looks) implements EventDetail {

    /** Two minutes of a look a second. */
    public static final int MOST_LOOKS = 120;

    /** @throws IllegalArgumentException for what no device sees */
    public Seen {
        if (lowest.compareTo(highest) > 0 || lowest.compareTo(GaugePressure.ZERO) < 0) {
            throw new IllegalArgumentException("seen from " + lowest + " to " + highest);
        }
        if (looks < 1 || looks > MOST_LOOKS) {
            throw new IllegalArgumentException("looks: " + looks);
        }
    }
}
