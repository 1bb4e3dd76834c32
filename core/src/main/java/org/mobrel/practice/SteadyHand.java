package org.mobrel.practice;

/** A hand at the burner that holds a pressure: a little more heat below the mark, a little less above it. */
final class SteadyHand {

    /** About what a canner loses to the room at pressure, in percent of full heat. */
    static final int HOLDING_PERCENT = 24;

    private static final double PERCENT_A_PSI = 200;

    private SteadyHand() {}

    /** Percent of full heat for a pressure that lies so many psi below the mark; above it, it is negative. */
    static double percent(double psiBelow) {
        return Math.max(0, Math.min(100, HOLDING_PERCENT + psiBelow * PERCENT_A_PSI));
    }
}
