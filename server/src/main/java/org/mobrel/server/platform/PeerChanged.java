package org.mobrel.server.platform;

/** Another server on the same database changed something; whatever is kept in memory of what is stored is read again. */
public record PeerChanged() {}
