package org.mobrel.steam;

import org.mobrel.quantity.Temperature;

/**
 * The point of a jar that gets hot last, following the canner through two lags in series. An illustration; it sets no time.
 *
 * @param filling what is in the jar
 * @param quart or a pint
 * @param halfway degrees Celsius between the canner and the slowest point
 * @param slowest degrees Celsius of the slowest point
 */
record SlowestPoint(Filling filling, boolean quart, double halfway, double slowest) {

    static SlowestPoint atFirst(Filling filling, boolean quart, double celsius) {
        return new SlowestPoint(filling, quart, celsius, celsius);
    }

    /** After so many seconds beside a canner of this temperature; few enough for it to be the same meanwhile. */
    SlowestPoint after(double seconds, Temperature canner) {
        double half = halfway + (canner.celsius() - halfway) * -Math.expm1(-seconds / filling.firstLag(quart));
        double next = slowest + (half - slowest) * -Math.expm1(-seconds / filling.secondLag(quart));
        return new SlowestPoint(filling, quart, half, next);
    }

    Temperature temperature() {
        return Temperature.ofCelsius(slowest);
    }
}
