package org.mobrel.run;

import java.time.Instant;
import java.util.Optional;

/**
 * When the things happened that a run's clocks count from.
 *
 * @param lidLockedAt when the lid went on
 * @param steamSince when the steady steam of this vent began
 * @param weightOnAt when the weight went on, for the pressure it is under now
 * @param holdSince when this hold's clock began
 * @param lookedAt the last look at the instrument in this hold
 * @param completedAt when the full time was over; empty until then
 * @param heatOffAt when the heat went off
 * @param weightOffAt when the weight came off after the pressure was gone
 * @param openedAt when the lid came off
 * @param jarsOutAt when the jars came out
 * @param abandonedAt when it was given up
 * @param lastAt the time of the last event; the run's clock never goes back behind it
 */
public record RunTimestamps(
        Optional<Instant> lidLockedAt,
        Optional<Instant> steamSince,
        Optional<Instant> weightOnAt,
        Optional<Instant> holdSince,
        Optional<Instant> lookedAt,
        Optional<Instant> completedAt,
        Optional<Instant> heatOffAt,
        Optional<Instant> weightOffAt,
        Optional<Instant> openedAt,
        Optional<Instant> jarsOutAt,
        Optional<Instant> abandonedAt,
        Optional<Instant> lastAt) {

    static RunTimestamps none() {
        Optional<Instant> never = Optional.empty();
        return new RunTimestamps(never, never, never, never, never, never, never, never, never, never, never, never);
    }
}
