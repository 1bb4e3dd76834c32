package org.mobrel.run;

/**
 * What was found in the opened canner.
 *
 * @param left whether any water was
 */
public record WaterSeen(boolean left) implements EventDetail {}
