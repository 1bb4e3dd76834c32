package org.mobrel.seeing;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.Seen;

/**
 * What is kept of a minute in which a device looked.
 *
 * @param begin empty before its first look
 * @param seen empty where it saw no needle
 */
public record SeenMinute(Optional<Instant> begin, Optional<Seen> seen) {

    private static final Duration WHOLE = Duration.ofMinutes(1);

    public static SeenMinute empty() {
        return new SeenMinute(Optional.empty(), Optional.empty());
    }

    public SeenMinute after(Sight look) {
        return new SeenMinute(
                begin.or(() -> Optional.of(look.at())),
                look.needle()
                        .map(needle ->
                                seen.map(before -> with(before, needle)).orElseGet(() -> new Seen(needle, needle, 1)))
                        .or(() -> seen));
    }

    private static Seen with(Seen before, GaugePressure needle) {
        return new Seen(
                needle.compareTo(before.lowest()) < 0 ? needle : before.lowest(),
                needle.compareTo(before.highest()) > 0 ? needle : before.highest(),
                Math.min(Seen.MOST_LOOKS, before.looks() + 1));
    }

    /** Whether a minute has passed since its first look. */
    public boolean isOver(Instant now) {
        return begin.filter(since -> !now.isBefore(since.plus(WHOLE))).isPresent();
    }
}
