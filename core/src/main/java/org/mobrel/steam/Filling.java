package org.mobrel.steam;

import java.util.Arrays;
import java.util.Optional;

/**
 * What a jar is full of, as heat sees it: how slowly its slowest point follows the canner.
 *
 * <p>Illustration only: the figures are typical of such food and set no time.
 */
public enum Filling {
    BROTH("broth", 12, 1.2),
    CHUNKY("chunky", 28, 1.5),
    PUREE("puree", 80, 1.9);

    private static final double PINT_SHARE = 0.6;

    private final String code;
    private final double minutes;
    private final double lag;

    /**
     * @param minutes in which the slowest point of a quart comes ten times nearer to the heat around it
     * @param lag by how much it is behind at first
     */
    Filling(String code, double minutes, double lag) {
        this.code = code;
        this.minutes = minutes;
        this.lag = lag;
    }

    public static Optional<Filling> ofCode(String code) {
        return Arrays.stream(values()).filter(one -> one.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }

    /** The first of the two lags, in seconds. */
    double firstLag(boolean quart) {
        return minutes * (quart ? 1 : PINT_SHARE) * 60 / Math.log(10);
    }

    /** The second, which is shorter. */
    double secondLag(boolean quart) {
        return firstLag(quart) * (1 - 1 / lag);
    }
}
