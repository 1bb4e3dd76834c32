package org.mobrel.server.platform;

/** Time as it passes, whatever the wall clock is set to. */
public interface Elapsed {

    /** Nanoseconds since some instant that stays the same as long as the program runs. */
    long nanos();
}
