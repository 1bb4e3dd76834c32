package org.mobrel.run;

/**
 * How often a weight jiggles in a minute at its pressure, by the canner's manual.
 *
 * @param least fewer than this is below the pressure
 * @param most more than this is more heat than needed
 */
public record Jiggles(int least, int most) {

    /** A weight that is not counted. */
    public static final Jiggles NOT_COUNTED = new Jiggles(0, 0);

    public boolean areCounted() {
        return most > 0;
    }

    /** What a counted rate says of the weight; a rate of a weight that is not counted says only whether it moves. */
    WeightState at(int perMinute) {
        if (perMinute < Math.max(1, least)) {
            return WeightState.STILL;
        }
        return areCounted() && perMinute > most ? WeightState.FRANTIC : WeightState.PROPER;
    }
}
