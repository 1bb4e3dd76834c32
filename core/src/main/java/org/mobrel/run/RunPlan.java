package org.mobrel.run;

import java.time.Duration;
import java.util.Optional;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/**
 * What a run has to do; fixed when it is made.
 *
 * @param process minutes at pressure
 * @param target the least reading on this canner's own instrument, its error already added
 * @param gauge which instrument rules
 * @param jars how many jars are in the load, at least 1
 */
public record RunPlan(Minutes process, GaugePressure target, GaugeKind gauge, int jars) {

    /** Steam before the weight goes on (source: Guide 1, venting). */
    public static final Duration VENT = Duration.ofMinutes(10);

    /** From weight off to lid off (source: Guide 1, opening the canner). */
    public static final Duration SETTLE = Duration.ofMinutes(10);

    /** Jars rest this long before a seal can be judged, and are judged by the end of the second span. */
    public static final Duration REST = Duration.ofHours(12);

    public static final Duration CHECK_BY = Duration.ofHours(24);

    /** @throws IllegalArgumentException if there is nothing to process or no time to process it for */
    public RunPlan {
        if (jars < 1) {
            throw new IllegalArgumentException("a run without jars");
        }
        if (process.value() < 1) {
            throw new IllegalArgumentException("a run of 0 min");
        }
    }

    /** Whether a look at the instrument shows the mark; empty for an instrument that does not rule this canner. */
    Optional<Boolean> isAtMark(Reading reading) {
        return switch (gauge) {
            case DIAL -> reading.dial().map(read -> read.compareTo(target) >= 0);
            case WEIGHTED -> reading.weight().map(state -> state != WeightState.STILL);
        };
    }
}
