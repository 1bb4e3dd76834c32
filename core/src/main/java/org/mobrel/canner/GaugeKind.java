package org.mobrel.canner;

import java.util.Arrays;
import java.util.Optional;

/** The instrument that rules a canner. A canner with a weight goes by its weight; a dial beside it is only a second look. */
public enum GaugeKind {
    DIAL("dial"),
    WEIGHTED("weighted");

    private final String code;

    GaugeKind(String code) {
        this.code = code;
    }

    public static Optional<GaugeKind> ofCode(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}
