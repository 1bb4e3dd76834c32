package org.mobrel.server.kitchen;

/** The altitude or a canner's instrument was put right: what a canner has to be held at may be another pressure from now on. */
public record PressureBasisChanged() {}
