package org.mobrel.run;

import java.time.Instant;
import java.util.Optional;

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

    /** The heat went off, and what became known later does not support the full time. */
    public static final String HOLD_UNSUPPORTED = "hold-unsupported";
}
