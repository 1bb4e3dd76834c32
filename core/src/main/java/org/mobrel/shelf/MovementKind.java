package org.mobrel.shelf;

import java.util.Arrays;
import java.util.Optional;

/** Why jars came to the shelf or left it. */
public enum MovementKind {
    SHELVED("shelved", true),
    EATEN("eaten", false),
    /** Went into another batch as an ingredient. */
    USED("used", false),
    /** Takes back a jar that was counted as eaten by a slip. */
    PUT_BACK("put-back", true);

    private final String code;
    private final boolean adds;

    MovementKind(String code, boolean adds) {
        this.code = code;
        this.adds = adds;
    }

    public static Optional<MovementKind> ofCode(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }

    public boolean adds() {
        return adds;
    }
}
