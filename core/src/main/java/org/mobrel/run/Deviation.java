package org.mobrel.run;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;

/**
 * Something in a run that did not go as it should.
 *
 * @param code one of the constants here
 * @param reading what was read then, if that was the reason
 */
public record Deviation(String code, Instant at, Optional<InstrumentReading> reading) {

    public static final String VENT_INTERRUPTED = "vent-interrupted";
    public static final String PRESSURE_LOST = "pressure-lost";
    public static final String INTERRUPTED = "interrupted";
    public static final String STOPPED_EARLY = "stopped-early";
    public static final String ABANDONED = "abandoned";
    public static final String FORCED_COOLING = "forced-cooling";

    /** The weight was knocked or hissed in a hold, and no dial says that the pressure held. */
    public static final String WEIGHT_KNOCKED = "weight-knocked";

    /** The canner was moved in a hold, and no dial says that the pressure held. */
    public static final String CANNER_MOVED = "canner-moved";

    /** The full time ran, but by the estimate no water may have been left; lifted by water that is found in it. */
    public static final String MAY_BE_DRY = "may-be-dry";

    public static final String BOILED_DRY = "boiled-dry";

    /** The pressure was gone sooner than this canner cools by itself. */
    public static final String EARLY_ZERO = "early-zero";

    /** A device no longer heard the weight in the hold, and for two minutes nobody said whether it moved. */
    public static final String NOT_HEARD = "not-heard";

    /** A device no longer saw the needle where it should be, and for two minutes nobody said what the dial read. */
    public static final String NOT_SEEN = "not-seen";

    /** The heat went off, and what became known later does not support the full time. */
    public static final String HOLD_UNSUPPORTED = "hold-unsupported";

    /** The kitchen lies higher, or the dial reads higher, than this run was held for; lifted if that turns out to be wrong. */
    public static final String UNDER_PRESSURE = "under-pressure";

    private static final Set<String> LOSSES = Set.of(PRESSURE_LOST, INTERRUPTED, WEIGHT_KNOCKED, CANNER_MOVED);

    /** Whether a hold was lost by it, and has to begin anew. */
    public boolean isLossOfHold() {
        return LOSSES.contains(code);
    }
}
