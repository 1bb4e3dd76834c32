package org.mobrel.ruling;

import java.util.Arrays;
import java.util.Optional;

/** How a kitchen reads the tables for a mixed soup. */
public enum TimingPolicy {
    /** The longest tested time among the ingredients, never under the table's floor. The default. */
    LONGEST_INGREDIENT("longest-ingredient"),
    /** The soup table alone, where every condition it names is met. */
    SOUP_TABLE("soup-table");

    private final String code;

    TimingPolicy(String code) {
        this.code = code;
    }

    public static Optional<TimingPolicy> ofCode(String code) {
        return Arrays.stream(values())
                .filter(school -> school.code.equals(code))
                .findFirst();
    }

    public String code() {
        return code;
    }
}
