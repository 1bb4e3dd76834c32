package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/** What a weight does, by ear: still below the pressure, proper at it, frantic above it. */
public enum WeightState {
    STILL("still"),
    PROPER("proper"),
    FRANTIC("frantic");

    private final String code;

    WeightState(String code) {
        this.code = code;
    }

    public static Optional<WeightState> ofCode(String code) {
        return Arrays.stream(values()).filter(state -> state.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}
