package org.mobrel.listening;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mobrel.run.Heard;

/**
 * What is kept of a minute in which a device listened.
 *
 * @param begin empty before its first span
 * @param listened how much of it could be heard
 */
public record HeardMinute(Optional<Instant> begin, Duration listened, int knocks) {

    private static final Duration WHOLE = Duration.ofMinutes(1);

    public static HeardMinute empty() {
        return new HeardMinute(Optional.empty(), Duration.ZERO, 0);
    }

    public HeardMinute after(Hearing heard) {
        Optional<Instant> since = begin.or(() -> Optional.of(heard.from()));
        return heard.drowned()
                ? new HeardMinute(since, listened, knocks)
                : new HeardMinute(
                        since,
                        listened.plus(heard.span()),
                        knocks + heard.knocks().size());
    }

    /** Whether a minute has passed since its first span. */
    public boolean isOver(Instant now) {
        return begin.filter(since -> !now.isBefore(since.plus(WHOLE))).isPresent();
    }

    /** What to write down of it; empty where nothing could be heard. */
    public Optional<Heard> heard() {
        return listened.isZero() ? Optional.empty() : Optional.of(new Heard(listened, knocks));
    }
}
