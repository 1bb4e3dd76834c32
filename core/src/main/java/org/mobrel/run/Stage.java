package org.mobrel.run;

/** Where a run stands, in the order a run goes. */
public enum Stage {
    CHECKS("checks"),
    LOADING("loading"),
    HEATING("heating"),
    VENTING("venting"),
    RISING("rising"),
    HOLDING("holding"),
    COOLING("cooling"),
    DEPRESSURISED("depressurised"),
    SETTLING("settling"),
    OPENED("opened"),
    RESTING("resting"),
    CHECKING("checking"),
    DONE("done"),
    ABANDONED("abandoned");

    private final String code;

    Stage(String code) {
        this.code = code;
    }

    public String code() {
        return code;
    }

    /** Whether the canner is still occupied: from the first check until the jars are out. */
    public boolean isAtTheStove() {
        return compareTo(OPENED) <= 0;
    }

    /** Whether nothing more can happen to the run. */
    public boolean isOver() {
        return this == DONE || this == ABANDONED;
    }
}
