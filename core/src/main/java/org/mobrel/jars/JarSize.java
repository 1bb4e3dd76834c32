package org.mobrel.jars;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The size of a jar by its trade name, smallest first.
 *
 * <p>The half gallon is here only so that it can be refused: no low-acid food has a tested time for it.
 */
public enum JarSize {
    HALF_PINT("half-pint", "half-pint", true, 8),
    TWELVE_OUNCE("twelve-ounce", "12 oz jar", true, 12),
    PINT("pint", "pint", true, 16),
    PINT_AND_A_HALF("pint-and-a-half", "24 oz jar", false, 24),
    QUART("quart", "quart", false, 32),
    HALF_GALLON("half-gallon", "half-gallon", false, 64);

    private static final List<JarSize> UP_FROM_HALF_PINT = List.of(HALF_PINT, PINT, QUART);
    private static final List<JarSize> UP_FROM_PINT = List.of(PINT, QUART);
    private static final List<JarSize> QUART_ONLY = List.of(QUART);
    private static final List<JarSize> ALL = List.of(values());

    private final String code;
    private final String label;
    private final boolean isShort;
    private final int fluidOunces;

    JarSize(String code, String label, boolean isShort, int fluidOunces) {
        this.code = code;
        this.label = label;
        this.isShort = isShort;
        this.fluidOunces = fluidOunces;
    }

    /** The size that an interface or a store calls by this code, such as 'pint-and-a-half'. */
    public static Optional<JarSize> ofCode(String code) {
        return Arrays.stream(values()).filter(size -> size.code.equals(code)).findFirst();
    }

    /** Every size, smallest first. */
    public static List<JarSize> all() {
        return ALL;
    }

    public String code() {
        return code;
    }

    /** What it is sold as, in US fluid ounces: 32 for a quart. It holds less below its headspace. */
    public int fluidOunces() {
        return fluidOunces;
    }

    /** The word for one jar of it in a sentence. */
    public String label() {
        return label;
    }

    /** The words for so many of them: '1 quart', '7 quarts', '2 12 oz jars'. */
    public String counted(int count) {
        return count + " " + label + (count == 1 ? "" : "s");
    }

    /** Whether jars of this size may stand in a second layer. */
    public boolean isShort() {
        return isShort;
    }

    /** The row of the jar-size rule that a size goes by; empty for pints and quarts, which were tested, and for what no rule covers. */
    public static Optional<String> rowOf(JarSize size) {
        return size == PINT || size == QUART || size.isLargerThanAnyTested()
                ? Optional.empty()
                : Optional.of("jar-size-" + size.code());
    }

    public boolean isLargerThanAnyTested() {
        return this == HALF_GALLON;
    }

    /**
     * The sizes whose tested time may stand for this one: itself, else the next larger tested size (source: the jar-size rule of
     * the guide's general part). A half-pint uses the pint's time, a pint-and-a-half the quart's.
     */
    public List<JarSize> timedAs() {
        return switch (this) {
            case HALF_PINT -> UP_FROM_HALF_PINT;
            case TWELVE_OUNCE, PINT -> UP_FROM_PINT;
            case PINT_AND_A_HALF, QUART -> QUART_ONLY;
            case HALF_GALLON -> List.of();
        };
    }
}
