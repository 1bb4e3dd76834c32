package org.mobrel.steam;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.GaugeError;

/** A scene at a moment as a line of numbers, exact to the last bit, so that going on from it is as if nobody had stopped. */
final class SceneSnapshot {

    private static final String VERSION = "1";
    private static final String BETWEEN = ".";
    private static final int KNOB_BITS = 7;
    private static final int FIXED = 16;
    private static final int NOT_STUCK = -1;

    private SceneSnapshot() {}

    static String write(Scene scene) {
        SimulatedCanner canner = scene.instruments.canner();
        List<Long> numbers = new ArrayList<>();
        numbers.add(canner.elapsed().dividedBy(SimulatedCanner.STEP));
        for (double value : canner.inside().asVector()) {
            numbers.add(Double.doubleToLongBits(value));
        }
        numbers.add(bits(
                canner.inside().pocketsFormed(),
                canner.inside().plugOpen(),
                canner.knobs().weightOn(),
                canner.knobs().gasOut(),
                canner.knobs().leaking(),
                canner.knobs().doused(),
                canner.knobs().lidOff()));
        numbers.add((long) canner.knobs().burnerPercent());
        numbers.add((long) scene.instruments.shown());
        numbers.add((long) scene.instruments.stuckAt().orElse(NOT_STUCK));
        numbers.add(Double.doubleToLongBits(scene.spilt()));
        numbers.add(scene.nudgedUntil().toMillis());
        numbers.add((long) scene.points().size());
        for (SlowestPoint point : scene.points()) {
            numbers.add(Double.doubleToLongBits(point.halfway()));
            numbers.add(Double.doubleToLongBits(point.slowest()));
        }
        StringBuilder text = new StringBuilder(VERSION);
        numbers.forEach(number -> text.append(BETWEEN).append(Long.toUnsignedString(number, 36)));
        return text.toString();
    }

    private static long bits(boolean... all) {
        long bits = 0;
        for (boolean one : all) {
            bits = bits << 1 | (one ? 1 : 0);
        }
        return bits;
    }

    /** @throws IllegalArgumentException if the text is no snapshot of such a scene */
    static Scene read(Vessel vessel, CannerContents contents, GaugeError error, String text) {
        String[] parts = text.split("\\" + BETWEEN, -1);
        int points = contents.hasJars() ? Filling.values().length : 0;
        if (!parts[0].equals(VERSION) || parts.length != FIXED + 2 * points) {
            throw new IllegalArgumentException("no snapshot of such a canner");
        }
        long[] numbers = new long[parts.length - 1];
        for (int part = 1; part < parts.length; part++) {
            numbers[part - 1] = Long.parseUnsignedLong(parts[part], 36);
        }
        double[] vector = new double[7];
        for (int i = 0; i < vector.length; i++) {
            vector[i] = finite(numbers[1 + i], i < 3 ? 200 : 0, i == 6 ? 1e5 : 600);
        }
        long bits = numbers[8];
        if (bits < 0 || bits >= 1 << KNOB_BITS || numbers[14] != points) {
            throw new IllegalArgumentException("no snapshot of such a canner");
        }
        Knobs knobs = new Knobs(
                Math.toIntExact(numbers[9]), bit(bits, 4), bit(bits, 3), bit(bits, 2), bit(bits, 1), bit(bits, 0));
        Inside inside = new Inside(0, 0, 0, 0, 0, 0, 0, bit(bits, 6), bit(bits, 5)).withVector(vector);
        long steps = between(numbers[0], 0, 2_000_000);
        SimulatedCanner canner = new SimulatedCanner(vessel, contents, inside, knobs, steps);
        long stuck = between(numbers[11], NOT_STUCK, 100_000);
        Instruments instruments = new Instruments(
                canner,
                error,
                (int) between(numbers[10], 0, 100_000),
                stuck == NOT_STUCK ? Optional.empty() : Optional.of((int) stuck));
        List<SlowestPoint> slowest = new ArrayList<>();
        for (int i = 0; i < points; i++) {
            slowest.add(new SlowestPoint(
                    Filling.values()[i],
                    contents.quarts() > 0,
                    finite(numbers[15 + 2 * i], -50, 300),
                    finite(numbers[16 + 2 * i], -50, 300)));
        }
        return new Scene(
                vessel,
                contents,
                instruments,
                slowest,
                finite(numbers[12], 0, 100),
                Duration.ofMillis(between(numbers[13], 0, 1L << 40)));
    }

    private static boolean bit(long bits, int number) {
        return (bits >> number & 1) == 1;
    }

    private static double finite(long bits, double least, double most) {
        double value = Double.longBitsToDouble(bits);
        // Not a number is neither more nor less than anything.
        if (value >= least && value <= most) {
            return value;
        }
        throw new IllegalArgumentException("no snapshot of such a canner: %s".formatted(value));
    }

    private static long between(long value, long least, long most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException("no snapshot of such a canner: %s".formatted(value));
        }
        return value;
    }
}
