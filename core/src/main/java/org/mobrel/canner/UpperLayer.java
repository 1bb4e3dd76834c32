package org.mobrel.canner;

import java.util.Arrays;
import java.util.Optional;

/** Which jars may stand above others. */
public enum UpperLayer {
    /** Only when every jar of the load is short. */
    SHORT("short"),
    /** Tall jars too, on top of short ones: a tall canner. */
    ANY("any");

    private final String code;

    UpperLayer(String code) {
        this.code = code;
    }

    public static Optional<UpperLayer> ofCode(String code) {
        return Arrays.stream(values()).filter(layer -> layer.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}
