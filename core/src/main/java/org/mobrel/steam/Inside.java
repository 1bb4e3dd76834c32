package org.mobrel.steam;

/**
 * The inside of a simulated canner at an instant, in SI units.
 *
 * @param kelvin of water, metal and steam, which are one
 * @param outer kelvin of the glass and the outer food
 * @param inner kelvin of the slow part of the food
 * @param water kilograms left
 * @param air kilograms mixed with the steam
 * @param pockets kilograms of air that hide between the jars
 * @param power watts that reach the pot
 * @param pocketsFormed whether steaming has begun, so that the air has parted
 * @param plugOpen whether the overpressure plug has let go; it does not close again
 */
record Inside(
        double kelvin,
        double outer,
        double inner,
        double water,
        double air,
        double pockets,
        double power,
        boolean pocketsFormed,
        boolean plugOpen) {

    static Inside atFirst(Vessel vessel, CannerContents contents) {
        double water = contents.water().millilitres() / 1_000;
        double waterHeat = water * SimulatedCanner.WATER_HEAT;
        double metalHeat = Vessel.METAL_KG * Vessel.METAL_HEAT;
        double kelvin = (waterHeat * contents.waterKelvin() + metalHeat * Vessel.ROOM_K) / (waterHeat + metalHeat);
        Inside empty = new Inside(kelvin, contents.foodKelvin(), contents.foodKelvin(), water, 0, 0, 0, false, false);
        double airPressure = vessel.atmosphere() - Steam.saturationPressure(kelvin);
        return empty.withAir(
                airPressure * SimulatedCanner.headSpace(vessel, contents, water) / (SimulatedCanner.AIR_GAS * kelvin));
    }

    private Inside withAir(double kilograms) {
        return new Inside(kelvin, outer, inner, water, kilograms, pockets, power, pocketsFormed, plugOpen);
    }

    /** Steaming begins: a share of the air stays behind between the jars. */
    Inside partingAir(double share) {
        return new Inside(kelvin, outer, inner, water, air * (1 - share), air * share, power, true, plugOpen);
    }

    Inside blowingPlug() {
        return new Inside(kelvin, outer, inner, water, air, pockets, power, pocketsFormed, true);
    }

    /** The lid comes off: what is hotter than boiling boils at once, and takes its heat with it. */
    Inside opened(double boiling) {
        double over = Math.max(0, kelvin - boiling);
        double heat = over * (Vessel.METAL_KG * Vessel.METAL_HEAT + water * SimulatedCanner.WATER_HEAT);
        double flashed = Math.min(water, heat / Steam.latentHeat(kelvin));
        return new Inside(kelvin - over, outer, inner, water - flashed, air, pockets, power, pocketsFormed, plugOpen);
    }

    double[] asVector() {
        return new double[] {kelvin, outer, inner, water, air, pockets, power};
    }

    Inside withVector(double[] y) {
        return new Inside(
                y[0],
                y[1],
                y[2],
                Math.max(0, y[3]),
                Math.max(0, y[4]),
                Math.max(0, y[5]),
                y[6],
                pocketsFormed,
                plugOpen);
    }
}
