package org.mobrel.run;

import java.util.Optional;
import org.mobrel.quantity.GaugePressure;

/**
 * One look at an instrument: a number on a dial, what the weight does, or how often it jiggles in a minute. Exactly one of them.
 *
 * @param dial as read, not corrected for the dial's error
 * @param jiggles in a minute, 0 to {@value #MOST_JIGGLES}
 */
public record InstrumentReading(Optional<GaugePressure> dial, Optional<WeightState> weight, Optional<Integer> jiggles)
        implements EventDetail {

    /** More than anybody hears apart. */
    public static final int MOST_JIGGLES = 600;

    /** @throws IllegalArgumentException unless it is exactly one of the three, or for a rate nobody can hear */
    public InstrumentReading {
        if ((dial.isPresent() ? 1 : 0) + (weight.isPresent() ? 1 : 0) + (jiggles.isPresent() ? 1 : 0) != 1) {
            throw new IllegalArgumentException("a reading is of the dial, of the weight, or of its jiggles");
        }
        if (jiggles.isPresent() && (jiggles.get() < 0 || jiggles.get() > MOST_JIGGLES)) {
            throw new IllegalArgumentException("jiggles a minute: " + jiggles.get());
        }
    }

    public static InstrumentReading ofDial(GaugePressure read) {
        return new InstrumentReading(Optional.of(read), Optional.empty(), Optional.empty());
    }

    public static InstrumentReading ofWeight(WeightState state) {
        return new InstrumentReading(Optional.empty(), Optional.of(state), Optional.empty());
    }

    public static InstrumentReading ofJiggles(int perMinute) {
        return new InstrumentReading(Optional.empty(), Optional.empty(), Optional.of(perMinute));
    }

    boolean isZero() {
        return dial.filter(GaugePressure.ZERO::equals).isPresent();
    }

    /** What it says of the weight; empty for a look at the dial. */
    public Optional<WeightState> weightBy(Jiggles range) {
        return weight.or(() -> jiggles.map(range::at));
    }

    /** Whether it is of the same instrument, so that one can stand for the other. */
    boolean isComparableTo(InstrumentReading other) {
        return dial.isPresent() == other.dial.isPresent();
    }

    /** The one of two that says less: a correction never lifts a reading. */
    InstrumentReading lowerOf(InstrumentReading other, Jiggles range) {
        if (dial.isPresent() && other.dial.isPresent()) {
            return dial.get().compareTo(other.dial.get()) <= 0 ? this : other;
        }
        Optional<WeightState> own = weightBy(range);
        Optional<WeightState> theirs = other.weightBy(range);
        return own.isPresent() && theirs.isPresent() && theirs.get().compareTo(own.get()) < 0 ? other : this;
    }
}
