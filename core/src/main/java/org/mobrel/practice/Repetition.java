package org.mobrel.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * When an exercise comes again: what was missed soon, what was known later and later. It spares nobody the first time.
 *
 * @param due when it is to be done again
 * @param inARow how often it was passed since it was last missed
 */
public record Repetition(Instant due, int inARow) {

    private static final Duration AFTER_A_MISS = Duration.ofMinutes(10);
    private static final List<Duration> AFTER_A_PASS = List.of(
            Duration.ofDays(1), Duration.ofDays(4), Duration.ofDays(10), Duration.ofDays(30), Duration.ofDays(90));

    /** One try of it. */
    public record Try(Instant at, boolean passed) {}

    /**
     * @param tries of one exercise, the earliest first; not empty
     * @throws IllegalArgumentException if there are none
     */
    public static Repetition after(List<Try> tries) {
        if (tries.isEmpty()) {
            throw new IllegalArgumentException("never tried");
        }
        int inARow = 0;
        for (Try one : tries) {
            inARow = one.passed() ? inARow + 1 : 0;
        }
        Instant last = tries.get(tries.size() - 1).at();
        Duration wait = inARow == 0 ? AFTER_A_MISS : AFTER_A_PASS.get(Math.min(inARow, AFTER_A_PASS.size()) - 1);
        return new Repetition(last.plus(wait), inARow);
    }

    public boolean isDue(Instant now) {
        return !due.isAfter(now);
    }
}
