package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/** What heats a canner: a setting that holds the pressure on one says nothing about another. */
public enum HeatSource implements EventDetail {
    GAS("gas"),
    COIL("coil"),
    GLASS_TOP("glass-top"),
    INDUCTION("induction"),
    CAMP_STOVE("camp-stove"),
    OUTDOORS("outdoors");

    private final String code;

    HeatSource(String code) {
        this.code = code;
    }

    public static Optional<HeatSource> ofCode(String code) {
        return Arrays.stream(values())
                .filter(source -> source.code.equals(code))
                .findFirst();
    }

    public String code() {
        return code;
    }
}
