package org.mobrel.run;

import java.util.Optional;
import org.mobrel.quantity.GaugePressure;

/**
 * One look at an instrument: a number on a dial, or what the weight does. Exactly one of the two.
 *
 * @param dial as read, not corrected for the dial's error
 */
public record Reading(Optional<GaugePressure> dial, Optional<WeightState> weight) {

    /** @throws IllegalArgumentException unless it is exactly one of the two */
    public Reading {
        if (dial.isPresent() == weight.isPresent()) {
            throw new IllegalArgumentException("a reading is either of the dial or of the weight");
        }
    }

    public static Reading ofDial(GaugePressure read) {
        return new Reading(Optional.of(read), Optional.empty());
    }

    public static Reading ofWeight(WeightState state) {
        return new Reading(Optional.empty(), Optional.of(state));
    }

    boolean isZero() {
        return dial.filter(GaugePressure.ZERO::equals).isPresent();
    }
}
