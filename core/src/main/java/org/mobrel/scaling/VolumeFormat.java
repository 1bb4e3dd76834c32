package org.mobrel.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mobrel.quantity.Volume;

/**
 * Volumes by the measures that hang in a kitchen: spoons, cups and quarts, or spoons, millilitres and litres.
 *
 * <p>Only measures that exist: teaspoons to the quarter, and to the eighth under one; tablespoons up to four; from there on the marks of a
 * cup, and at most three tablespoons beside them. Of these the plainest words that are near enough: within 3 %, or half of the
 * smallest spoon; where none is, the nearest. So '1⅓ cups' before '1⅓ cups + 1 tbsp'.
 */
final class VolumeFormat {

    /** The smallest measure that is in every kitchen: a quarter teaspoon. */
    static final double SMALLEST_TSP = 0.25;

    /** Nobody buys another pound for a gram. */
    static final double ALMOST = 0.99;

    private static final double US_TSP_ML = 236.59 / 48;
    private static final double METRIC_TSP_ML = 5;

    /** What a cup is marked with, in teaspoons: 0, ¼, ⅓, ½, ⅔, ¾ and the next whole. */
    private static final int[] CUP_MARKS = {0, 12, 16, 24, 32, 36, 48};

    /** Almost four tablespoons, which is a quarter cup. */
    private static final double FROM_HERE_CUPS = 11.6;

    /** Up to half a cup a teaspoon makes a difference. */
    private static final double UP_TO_HERE_TEASPOONS = 24;

    /** Two quarts: up to there a cook counts cups. */
    private static final double FROM_HERE_QUARTS_AND_CUPS = 384;

    private final double teaspoon;
    private final boolean us;

    private VolumeFormat(double teaspoon, boolean us) {
        this.teaspoon = teaspoon;
        this.us = us;
    }

    static VolumeFormat of(Units units) {
        return units == Units.US ? new VolumeFormat(US_TSP_ML, true) : new VolumeFormat(METRIC_TSP_ML, false);
    }

    /** @param liquid whether it is poured: then quarts are a measure for it */
    Measured of(Volume volume, boolean liquid) {
        double ml = volume.millilitres();
        double finest = ml < 0.95 * teaspoon ? SMALLEST_TSP / 2 : SMALLEST_TSP;
        double slack = Math.max(0.03 * ml, teaspoon * finest / 2);
        return Measured.firstWithin(ml, slack, us ? american(ml / teaspoon, liquid) : metric(ml));
    }

    private List<Measured> american(double spoons, boolean liquid) {
        List<Measured> ways = new ArrayList<>();
        if (liquid && spoons >= 186) {
            ways.add(tsp(
                    Fractions.eighths(2 * Fractions.nearest(spoons, 48)) + " qt",
                    48.0 * Fractions.nearest(spoons, 48)));
            if (spoons >= FROM_HERE_QUARTS_AND_CUPS) {
                quartsAndCups(spoons, ways);
            }
        }
        if (spoons >= FROM_HERE_CUPS) {
            cupMarks(spoons).forEach(mark -> ways.add(tsp(cups(mark), mark)));
            cupMarks(spoons).forEach(mark -> cupsAnd(mark, spoons, ways));
            if (spoons > CUP_MARKS[2] && spoons < CUP_MARKS[3]) {
                cupsAnd(CUP_MARKS[1], spoons, ways);
            }
        } else {
            spoonWays(spoons, ways);
        }
        return ways;
    }

    private Measured tsp(String words, double teaspoons) {
        return new Measured(words, teaspoons * teaspoon);
    }

    private void quartsAndCups(double spoons, List<Measured> ways) {
        long quarts = (long) (spoons / 192);
        cupMarks(spoons - 192.0 * quarts).stream()
                .filter(mark -> quarts > 0 && mark > 0)
                .forEach(mark -> ways.add(tsp(quarts + " qt + " + cups(mark), 192.0 * quarts + mark)));
    }

    /** The marks of the measuring cup just below and just above. */
    private static List<Long> cupMarks(double spoons) {
        long whole = (long) (spoons / 48);
        double rest = spoons - 48.0 * whole;
        for (int mark = 1; mark < CUP_MARKS.length; mark++) {
            if (rest < CUP_MARKS[mark]) {
                long below = 48 * whole + CUP_MARKS[mark - 1];
                long above = 48 * whole + CUP_MARKS[mark];
                return spoons - below <= above - spoons ? List.of(below, above) : List.of(above, below);
            }
        }
        return List.of(48 * whole);
    }

    private static String cups(long teaspoons) {
        return Fractions.twelfths(teaspoons / 4) + (teaspoons > 48 ? " cups" : " cup");
    }

    /** A mark and the spoons that lack to it. */
    private void cupsAnd(long mark, double spoons, List<Measured> ways) {
        double rest = spoons - mark;
        if (mark < 12 || rest <= 0) {
            return;
        }
        long tablespoons = Math.min(3, Math.round(rest / 3));
        if (tablespoons > 0) {
            ways.add(tsp(cups(mark) + " + " + tablespoons + " tbsp", mark + 3.0 * tablespoons));
        }
        long whole = Math.round(rest);
        if (whole > 0 && whole < 3 && spoons < UP_TO_HERE_TEASPOONS) {
            ways.add(tsp(cups(mark) + " + " + whole + " tsp", mark + (double) whole));
        }
    }

    /** Up to four tablespoons. */
    private void spoonWays(double spoons, List<Measured> ways) {
        if (spoons < 0.95) {
            ways.add(teaspoons(2 * Fractions.nearest(spoons, 0.25)));
            ways.add(teaspoons(Fractions.nearest(spoons, 0.125)));
            return;
        }
        if (spoons < 2.9) {
            ways.add(teaspoons(4 * Fractions.nearest(spoons, 0.5)));
            ways.add(teaspoons(2 * Fractions.nearest(spoons, 0.25)));
            return;
        }
        long tablespoons = Fractions.nearest(spoons, 3);
        ways.add(tsp(tablespoons + " tbsp", 3.0 * tablespoons));
        long halves = Fractions.nearest(spoons, 1.5);
        ways.add(tsp(Fractions.eighths(4 * halves) + " tbsp", 1.5 * halves));
        long below = Math.max(1, (long) (spoons / 3));
        for (int parts : new int[] {1, 2, 4}) {
            long part = Math.round((spoons - 3 * below) * parts);
            if (part > 0) {
                ways.add(tsp(
                        below + " tbsp + " + Fractions.eighths(part * 8 / parts) + " tsp",
                        3 * below + part / (double) parts));
            }
        }
    }

    private Measured teaspoons(long eighths) {
        return tsp(eighths == 24 ? "1 tbsp" : Fractions.eighths(eighths) + " tsp", eighths / 8.0);
    }

    private List<Measured> metric(double ml) {
        List<Measured> ways = new ArrayList<>();
        if (ml < 48) {
            spoonWays(ml / teaspoon, ways);
        } else if (ml < 975) {
            // A jug is marked in tens; below that the finer line has to do.
            for (int step : new int[] {50, 10, 5, 1}) {
                long rounded = step * Fractions.nearest(ml, step);
                if (Math.abs(rounded - ml) <= 0.015 * ml || step == 1) {
                    ways.add(new Measured(rounded + " ml", rounded));
                }
            }
        } else {
            for (int step : new int[] {500, 100, 50}) {
                long rounded = step * Fractions.nearest(ml, step);
                if (Math.abs(rounded - ml) <= 0.02 * ml || step == 50) {
                    ways.add(new Measured(decimals(rounded / 1_000.0) + " l", rounded));
                }
            }
        }
        return ways;
    }

    /** Near enough to talk about it: the nearest mark of a cup, spoon or jug. Not for measuring by. */
    String about(Volume volume) {
        double ml = volume.millilitres();
        if (!us) {
            return ml >= 48 && ml < 975
                    ? 10 * Fractions.nearest(ml, 10) + " ml"
                    : metric(ml).get(0).words();
        }
        double spoons = ml / teaspoon;
        if (spoons >= 9) {
            return cups(Math.max(12, cupMarks(spoons).get(0)));
        }
        return spoons >= 2.5
                ? Fractions.nearest(spoons, 3) + " tbsp"
                : of(volume, false).words();
    }

    /** As a shop sells it, never noticeably less than is needed: to the next half cup or half quart, to the next 50 or 250 mL. */
    String toBuy(Volume volume) {
        double ml = volume.millilitres() * ALMOST;
        if (!us) {
            double step = ml < 1_000 ? 50 : 250;
            double next = Math.ceil(ml / step) * step;
            return next < 1_000 ? decimals(next) + " ml" : decimals(next / 1_000) + " l";
        }
        double spoons = ml / teaspoon;
        if (spoons < 12) {
            return of(volume, false).words();
        }
        return spoons <= 168
                ? cups(24 * (long) Math.ceil(spoons / 24))
                : Fractions.eighths(4 * (long) Math.ceil(spoons / 96)) + " qt";
    }

    /** At most two decimals, without trailing zeros. */
    static String decimals(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }
}
