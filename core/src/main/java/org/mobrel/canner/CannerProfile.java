package org.mobrel.canner;

/**
 * A pressure canner of the kitchen.
 *
 * @param name what the cook calls it, such as 'Big canner'
 */
public record CannerProfile(String name, Gauge gauge, Capacity capacity) {}
