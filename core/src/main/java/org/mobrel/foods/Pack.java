package org.mobrel.foods;

import java.util.Arrays;
import java.util.Optional;

/** How food goes into the jar: boiled first and packed hot, or cold and raw. */
public enum Pack {
    HOT("hot"),
    RAW("raw");

    private final String code;

    Pack(String code) {
        this.code = code;
    }

    public static Optional<Pack> ofCode(String code) {
        return Arrays.stream(values()).filter(pack -> pack.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}
