package org.mobrel.steam;

import java.util.Optional;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;

/**
 * A canner as heat and steam see it, on its burner.
 *
 * @param holds the room inside, up to the lid
 * @param weight the pressure its weight is set to; empty for a canner with a dial alone
 * @param altitude of the kitchen
 */
public record Vessel(Volume holds, Optional<GaugePressure> weight, Altitude altitude) {

    /** Cast aluminium, and what it loses to the room. */
    static final double METAL_KG = 6.5;

    static final double METAL_HEAT = 900;
    static final double LOSS_W_PER_K = 3.2;
    static final double ROOM_K = 22 + Steam.ZERO_CELSIUS;

    /** A large kitchen burner, and the share of its heat that gets into the pot. */
    static final double BURNER_W = 2_800 * 0.56;

    /** The seven-quart canner of most kitchens. */
    public static Vessel dial(Altitude altitude) {
        return new Vessel(Volume.ofMillilitres(21_000), Optional.empty(), altitude);
    }

    public static Vessel weighted(GaugePressure weight, Altitude altitude) {
        return new Vessel(Volume.ofMillilitres(21_000), Optional.of(weight), altitude);
    }

    public Vessel holding(Volume room) {
        return new Vessel(room, weight, altitude);
    }

    double atmosphere() {
        return Steam.atmosphere(altitude);
    }

    double cubicMetres() {
        return holds.millilitres() / 1e6;
    }
}
