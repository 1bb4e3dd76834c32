package org.mobrel.steam;

/**
 * What is done to a canner from outside.
 *
 * @param burnerPercent of full heat, 0 to 100
 * @param weightOn whether the vent is covered
 * @param gasOut the flame is out, whatever the knob says
 * @param leaking the gasket blows
 * @param doused cold water runs over it
 * @param lidOff whether the lid was taken off
 */
public record Knobs(
        int burnerPercent, boolean weightOn, boolean gasOut, boolean leaking, boolean doused, boolean lidOff) {

    public static final Knobs OFF = new Knobs(0, false, false, false, false, false);

    /** @throws IllegalArgumentException for a burner beyond its stops */
    public Knobs {
        if (burnerPercent < 0 || burnerPercent > 100) {
            throw new IllegalArgumentException("a burner at %s percent".formatted(burnerPercent));
        }
    }

    public Knobs burner(int percent) {
        return new Knobs(percent, weightOn, gasOut, leaking, doused, lidOff);
    }

    public Knobs weight(boolean on) {
        return new Knobs(burnerPercent, on, gasOut, leaking, doused, lidOff);
    }

    public Knobs gas(boolean out) {
        return new Knobs(burnerPercent, weightOn, out, leaking, doused, lidOff);
    }

    public Knobs leak(boolean blows) {
        return new Knobs(burnerPercent, weightOn, gasOut, blows, doused, lidOff);
    }

    public Knobs douse(boolean water) {
        return new Knobs(burnerPercent, weightOn, gasOut, leaking, water, lidOff);
    }

    /** The lid comes off, whatever the pressure. */
    public Knobs open() {
        return new Knobs(burnerPercent, weightOn, gasOut, leaking, doused, true);
    }

    double share() {
        return gasOut ? 0 : burnerPercent / 100.0;
    }
}
