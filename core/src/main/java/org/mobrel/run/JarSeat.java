package org.mobrel.run;

/**
 * A jar that goes into the canner, or back out of it before the lid is on.
 *
 * @param jar its number in the load, from 1
 */
public record JarSeat(int jar) implements EventDetail {}
