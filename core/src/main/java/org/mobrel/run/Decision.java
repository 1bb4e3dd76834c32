package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/** What becomes of jars that were not processed for the full time (source: Guide 1, within 24 hours). */
public enum Decision implements EventDetail {
    PROCESSED_AGAIN("processed-again"),
    REFRIGERATED("refrigerated"),
    FROZEN("frozen"),
    DISCARDED("discarded");

    private final String code;

    Decision(String code) {
        this.code = code;
    }

    public static Optional<Decision> ofCode(String code) {
        return Arrays.stream(values())
                .filter(decision -> decision.code.equals(code))
                .findFirst();
    }

    public String code() {
        return code;
    }
}
