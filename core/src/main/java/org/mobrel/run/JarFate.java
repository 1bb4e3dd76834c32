package org.mobrel.run;

/**
 * What was done with a jar that did not seal.
 *
 * @param jar its number in the load, from 1
 */
public record JarFate(int jar, Decision decision) implements EventDetail {}
