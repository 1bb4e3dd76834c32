package org.mobrel.loading;

/** Tells a search that its time is up; whoever has a clock decides. */
public interface Stop {

    Stop NEVER = () -> false;

    boolean now();
}
