package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mobrel.quantity.Volume;

/**
 * The water that a closed canner has probably left: an estimate by the time it steams, because nobody can look inside. It warns, and what may
 * have run dry is not complete; it never says that there is enough.
 *
 * @param used since the lid was locked, not more than was poured in
 * @param countedTo until when it was counted; empty before the lid is on
 * @param lowAt when only a third was left
 * @param dryAt when nothing may be left
 */
public record Water(Volume used, Optional<Instant> countedTo, Optional<Instant> lowAt, Optional<Instant> dryAt) {

    /** What a canner loses in an hour at full heat, and in one that is held well (source: ordinary kitchen measures). */
    static final Volume FULL_HEAT_PER_HOUR = Volume.ofMillilitres(1_600);

    static final Volume HELD_PER_HOUR = Volume.ofMillilitres(270);

    static final Water UNTOUCHED = new Water(Volume.ZERO, Optional.empty(), Optional.empty(), Optional.empty());

    private static final int LOW_IS_A = 3;

    /** Counted up to an instant, over a time in which nothing changed. */
    Water until(Instant now, Optional<Volume> start, Optional<Volume> perHour) {
        if (start.isEmpty() || perHour.isEmpty() || countedTo.isEmpty()) {
            return new Water(used, perHour.isPresent() ? Optional.of(now) : Optional.empty(), lowAt, dryAt);
        }
        Instant since = countedTo.get();
        if (!now.isAfter(since)) {
            return this;
        }
        Volume all = start.get();
        Volume rate = perHour.get();
        Volume then = used.plus(over(rate, Duration.between(since, now)));
        return new Water(
                then.compareTo(all) > 0 ? all : then,
                Optional.of(now),
                lowAt.or(() -> reached(low(all), rate, now)),
                dryAt.or(() -> reached(all, rate, now)));
    }

    /** When so much will be used up at this rate; empty if that lies behind, or water is not counted. */
    Optional<Instant> when(Volume mark, Volume perHour) {
        return countedTo
                .filter(since -> used.compareTo(mark) < 0)
                .map(since -> since.plus(time(mark.minus(used), perHour)));
    }

    private Optional<Instant> reached(Volume mark, Volume perHour, Instant now) {
        return when(mark, perHour).filter(at -> !at.isAfter(now));
    }

    /** So much is used up where a third is left. */
    static Volume low(Volume start) {
        return start.minus(start.times(1.0 / LOW_IS_A));
    }

    private static Volume over(Volume perHour, Duration time) {
        return perHour.times((double) time.toMillis() / Duration.ofHours(1).toMillis());
    }

    private static Duration time(Volume volume, Volume perHour) {
        return Duration.ofMillis(
                Math.round(volume.dividedBy(perHour) * Duration.ofHours(1).toMillis()));
    }
}
