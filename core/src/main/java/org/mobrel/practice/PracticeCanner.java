package org.mobrel.practice;

import java.util.Optional;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.steam.CannerContents;
import org.mobrel.steam.Scene;
import org.mobrel.steam.Vessel;

/**
 * A canner on the practice stove and what stands in it.
 *
 * @param set what its weight is set to; for a dial the reading that is aimed at
 * @param large whether it takes two layers of pints
 * @param quarts 0 to 9
 * @param pints 0 to 20; no jars at all is a rehearsal with water
 * @param hot hot food and hot water, or cold food and warm water
 * @param error of its dial
 */
public record PracticeCanner(
        GaugeKind gauge,
        GaugePressure set,
        Altitude altitude,
        boolean large,
        int quarts,
        int pints,
        Volume water,
        boolean hot,
        GaugeError error) {

    private static final Volume USUAL = Volume.ofMillilitres(21_000);
    private static final Volume LARGE = Volume.ofMillilitres(24_000);
    private static final int MOST_QUARTS = 9;
    private static final int MOST_PINTS = 20;
    private static final double LEAST_WATER_ML = 500;
    private static final double MOST_WATER_ML = 6_000;
    private static final int MOST_MILLI_PSI = 15_000;
    private static final int MOST_ERROR = 3_000;

    /** The weight that the tables know nothing of, which holds no tested pressure anywhere. */
    private static final int LEAST_MILLI_PSI = 5_000;

    /** @throws IllegalArgumentException for what no kitchen has */
    public PracticeCanner {
        if (quarts < 0 || quarts > MOST_QUARTS || pints < 0 || pints > MOST_PINTS || quarts + pints > MOST_PINTS) {
            throw new IllegalArgumentException("a canner with %s quarts and %s pints".formatted(quarts, pints));
        }
        if (water.millilitres() < LEAST_WATER_ML || water.millilitres() > MOST_WATER_ML) {
            throw new IllegalArgumentException("between half a litre and six litres of water");
        }
        if (set.milliPsi() < LEAST_MILLI_PSI || set.milliPsi() > MOST_MILLI_PSI) {
            throw new IllegalArgumentException("between 5 and 15 psi: " + set.psi());
        }
        if (Math.abs(error.milliPsi()) > MOST_ERROR) {
            throw new IllegalArgumentException("a dial that is off by " + error.psi());
        }
    }

    /** Seven quarts of hot soup beside the usual water. */
    public static PracticeCanner usual(GaugeKind gauge, GaugePressure set, Altitude altitude) {
        return new PracticeCanner(gauge, set, altitude, false, 7, 0, CannerContents.USUAL_WATER, true, GaugeError.NONE);
    }

    public boolean isDial() {
        return gauge == GaugeKind.DIAL;
    }

    private Vessel vessel() {
        return new Vessel(
                large || quarts + pints > 10 ? LARGE : USUAL, isDial() ? Optional.empty() : Optional.of(set), altitude);
    }

    private CannerContents contents() {
        return new CannerContents(quarts, pints, water, hot);
    }

    /** Standing on a burner that is off. */
    public Scene cold() {
        return new Scene(vessel(), contents(), error);
    }

    /** @throws IllegalArgumentException if that is no snapshot of this canner */
    public Scene goingOn(String snapshot) {
        return Scene.goingOn(vessel(), contents(), error, snapshot);
    }
}
