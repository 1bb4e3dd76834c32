package org.mobrel.loading;

/** Tells a search that its time is up; whoever has a clock decides. */
public interface SearchDeadline {

    SearchDeadline NEVER = () -> false;

    boolean now();
}
