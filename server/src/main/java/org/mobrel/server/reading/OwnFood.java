package org.mobrel.server.reading;

/** A food of the cook's own: it has no tested process and stops a recipe. */
public record OwnFood(long id, String name, String note) {}
