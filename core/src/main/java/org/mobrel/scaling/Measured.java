package org.mobrel.scaling;

/**
 * An amount in words, and what those words come to.
 *
 * @param words such as '1⅓ cups + 1 tbsp'
 * @param value what a cook measures by them, in the unit of the question: g, mL
 */
record Measured(String words, double value) {

    /**
     * The first of several ways to say it that is near enough, else the nearest.
     *
     * @param exact what is meant
     * @param slack how far off is near enough
     */
    static Measured firstWithin(double exact, double slack, Iterable<Measured> plainestFirst) {
        Measured nearest = null;
        for (Measured way : plainestFirst) {
            double off = Math.abs(way.value - exact);
            if (off <= slack) {
                return way;
            }
            if (nearest == null || off < Math.abs(nearest.value - exact)) {
                nearest = way;
            }
        }
        if (nearest == null) {
            throw new IllegalArgumentException("no way to say " + exact);
        }
        return nearest;
    }
}
