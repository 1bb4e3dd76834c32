package org.mobrel.server.run;

/** Something was written down about a run, or it is new. Heard by whoever listens once it is stored. */
public record RunChanged(Run run) {}
