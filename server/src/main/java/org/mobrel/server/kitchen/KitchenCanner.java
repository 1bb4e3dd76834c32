package org.mobrel.server.kitchen;

import org.mobrel.canner.CannerProfile;

/** A canner and the number it is known by in this kitchen. */
public record KitchenCanner(long id, CannerProfile profile) {}
