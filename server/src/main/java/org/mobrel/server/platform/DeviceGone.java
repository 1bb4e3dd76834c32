package org.mobrel.server.platform;

/**
 * A device may not come in any more; what it still listens to ends.
 *
 * @param device its number among the paired ones
 */
public record DeviceGone(long device) {}
