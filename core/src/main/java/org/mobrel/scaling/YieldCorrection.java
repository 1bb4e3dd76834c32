package org.mobrel.scaling;

import java.util.List;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;

/**
 * What a recipe learns from its own days: jars really made over jars predicted by kitchen averages.
 *
 * @param factor the geometric mean of made / predicted; 1 without a history
 * @param error how far off a forecast is now: 15 % at first, less with every day that agreed
 * @param days how many days it rests on
 */
public record YieldCorrection(double factor, Fraction error, int days) {

    /** Kitchen averages are off by about this much (source: ordinary kitchen measures). */
    public static final Fraction AVERAGES = Fraction.of(0.15);

    public static final YieldCorrection NONE = new YieldCorrection(1, AVERAGES, 0);

    /** No kitchen weighs so well that a forecast is better than this. */
    private static final double BEST = 0.05;

    /** A day that made less than half or more than twice the forecast was another recipe, or a slip of the finger. */
    private static final double MOST = 2;

    /**
     * A day's forecast by averages alone, and what was filled.
     *
     * @param predicted above zero
     * @param made above zero
     */
    public record Day(Volume predicted, Volume made) {

        /** @throws IllegalArgumentException if the day cannot be compared: see {@link #isPlausible} */
        public Day {
            if (!isPlausible(predicted, made)) {
                throw new IllegalArgumentException("made %s of a forecast of %s".formatted(made, predicted));
            }
        }

        private double ratio() {
            return made.dividedBy(predicted);
        }
    }

    /** Whether what was made is between half and twice the forecast. */
    public static boolean isPlausible(Volume predicted, Volume made) {
        return !predicted.isZero() && made.dividedBy(predicted) * MOST >= 1 && made.dividedBy(predicted) <= MOST;
    }

    /** The correction from every day that counts. The band narrows with their number, never below how far they lie apart. */
    public static YieldCorrection of(List<Day> days) {
        if (days.isEmpty()) {
            return NONE;
        }
        double meanLog = days.stream()
                .mapToDouble(day -> Math.log(day.ratio()))
                .average()
                .orElseThrow();
        double spread = days.stream()
                .mapToDouble(day -> Math.abs(Math.log(day.ratio()) - meanLog))
                .max()
                .orElseThrow();
        double narrowed = AVERAGES.value() / Math.sqrt(days.size() + 1.0);
        double error = Math.min(AVERAGES.value(), Math.max(BEST, Math.max(narrowed, Math.expm1(spread))));
        return new YieldCorrection(Math.exp(meanLog), Fraction.of(error), days.size());
    }
}
