package org.mobrel.finding;

/** How grave a finding is; in rising order, so that the gravest of several is their maximum. */
public enum Severity {
    OWN_JUDGEMENT("own-judgement"),
    STOP("stop");

    private final String code;

    Severity(String code) {
        this.code = code;
    }

    /** The word in interfaces and storage; never renamed. */
    public String code() {
        return code;
    }
}
