package org.mobrel.run;

import java.time.Instant;
import java.util.Optional;

/**
 * Something in a run that did not go as it should.
 *
 * @param code 'vent-interrupted', 'pressure-lost', 'stopped-early', 'forced-cooling' or 'abandoned'
 * @param reading what was read then, if that was the reason
 */
public record Deviation(String code, Instant at, Optional<Reading> reading) {}
