package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/** What can happen in a run. The codes are stored for ever and never renamed. */
public enum EventKind {
    CHECKS_DONE("checks-done"),
    LID_LOCKED("lid-locked"),
    STEAM_STEADY("steam-steady"),
    STEAM_STOPPED("steam-stopped"),
    WEIGHT_ON("weight-on"),
    READING("reading"),
    HEAT_OFF("heat-off"),
    STOP_EARLY("stop-early"),
    FORCED_COOLING("forced-cooling"),
    PRESSURE_ZERO("pressure-zero"),
    WEIGHT_OFF("weight-off"),
    LID_OFF("lid-off"),
    JARS_OUT("jars-out"),
    JAR_CHECKED("jar-checked"),
    ABANDON("abandon"),
    NOTE("note");

    private final String code;

    EventKind(String code) {
        this.code = code;
    }

    public static Optional<EventKind> ofCode(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}
