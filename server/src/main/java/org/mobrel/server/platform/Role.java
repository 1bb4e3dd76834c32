package org.mobrel.server.platform;

import java.util.Arrays;
import java.util.Optional;

/** What somebody in this kitchen may do, from the least to all. The codes are stored. */
public enum Role {
    /** May look. */
    GUEST("guest"),
    /** May tap at the stove, tick lists and take from the shelf. */
    HELPER("helper"),
    /** May do everything. */
    COOK("cook");

    private final String code;

    Role(String code) {
        this.code = code;
    }

    public String code() {
        return code;
    }

    public static Optional<Role> ofCode(String code) {
        return Arrays.stream(values()).filter(role -> role.code.equals(code)).findFirst();
    }

    public boolean isAtLeast(Role least) {
        return compareTo(least) >= 0;
    }
}
