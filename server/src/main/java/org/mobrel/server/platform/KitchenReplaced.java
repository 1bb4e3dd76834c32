package org.mobrel.server.platform;

/** Another kitchen stands in the database now; whatever was remembered of the one before is wrong. */
public record KitchenReplaced() {}
