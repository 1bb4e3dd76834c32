package org.mobrel.scaling;

import java.util.Arrays;
import java.util.Optional;

/** The measures a kitchen works with. */
public enum Units {
    US("us"),
    METRIC("metric");

    private final String code;

    Units(String code) {
        this.code = code;
    }

    public static Optional<Units> ofCode(String code) {
        return Arrays.stream(values()).filter(units -> units.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}
