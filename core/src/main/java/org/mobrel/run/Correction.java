package org.mobrel.run;

import java.util.Optional;

/**
 * A later word about an earlier event. It never edits: the state is computed anew as if the event had been otherwise.
 *
 * @param event the number of the event it is about, from 1
 * @param instead what the instrument really showed, for a reading; empty where the event did not happen at all
 */
public record Correction(int event, Optional<InstrumentReading> instead) implements EventDetail {}
