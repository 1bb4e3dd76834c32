package org.mobrel.server.access;

/** The keys of gauges that were let in; each opens one door. */
public interface GaugeKeys {

    /** @param authorization the header of a request as it came */
    boolean isKnown(String authorization);
}
