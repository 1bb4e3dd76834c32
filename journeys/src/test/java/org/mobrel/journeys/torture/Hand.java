package org.mobrel.journeys.torture;

import java.util.List;

/** Somebody who writes one kind of thing and remembers what was acknowledged. */
interface Hand {

    String name();

    /** @return whether it was acknowledged */
    boolean write();

    /** How many were acknowledged so far. */
    int acknowledged();

    /** Holds what is there against what was acknowledged; says what is lost, doubled or half done. */
    List<String> missing();
}
