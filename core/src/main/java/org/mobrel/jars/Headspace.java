package org.mobrel.jars;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Optional;
import org.mobrel.quantity.Length;

/** The room between food and rim that the tested processes ask for. */
public enum Headspace {
    ONE_INCH(Length.ofInches(1)),
    ONE_AND_A_QUARTER_INCHES(Length.ofInches(1.25));

    private final Length length;

    Headspace(Length length) {
        this.length = length;
    }

    public static Optional<Headspace> ofInches(double inches) {
        return Arrays.stream(values())
                .filter(room -> room.length.equals(Length.ofInches(inches)))
                .findFirst();
    }

    public static Headspace larger(Headspace one, Headspace other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    public BigDecimal inches() {
        return length.inches();
    }
}
