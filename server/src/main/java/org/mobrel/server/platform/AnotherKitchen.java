package org.mobrel.server.platform;

/** Told within the transaction in which another kitchen takes the place of the one that was here; {@link KitchenReplaced} follows. */
public record AnotherKitchen() {}
