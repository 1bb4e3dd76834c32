package org.mobrel.jars;

import java.util.Arrays;
import java.util.Optional;

/** The width of a jar's neck; it decides how much is below the headspace. */
public enum Mouth {
    REGULAR("regular"),
    WIDE("wide");

    private final String code;

    Mouth(String code) {
        this.code = code;
    }

    public static Optional<Mouth> ofCode(String code) {
        return Arrays.stream(values()).filter(mouth -> mouth.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}
