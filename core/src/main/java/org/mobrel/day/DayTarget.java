package org.mobrel.day;

import java.time.Instant;

/**
 * When the day is to be.
 *
 * @param kind whether it starts then or is done by then
 */
public record DayTarget(Kind kind, Instant at) {

    public enum Kind {
        START,
        DONE
    }
}
