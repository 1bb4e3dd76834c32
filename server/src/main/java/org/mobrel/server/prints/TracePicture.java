package org.mobrel.server.prints;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import org.mobrel.run.Deviation;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunState;
import org.mobrel.run.RunTimestamps;
import org.mobrel.run.WeightState;
import org.mobrel.server.run.Run;

/** What was read of a run's instrument over time: the mark to keep, the hold that counted, and where the pressure was lost. */
final class TracePicture {

    private static final int WIDTH = 1_800;
    private static final int HEIGHT = 720;
    private static final int LEFT = 170;
    private static final int RIGHT = WIDTH - 30;
    private static final int TOP = 66;
    private static final int FOOT = HEIGHT - 62;
    private static final int WORDS = 34;

    /** Below the mark as far as there is nothing to be told apart. */
    private static final double WEIGHT_REACH = 5;

    /** One look at the instrument. @param value in psi, of a weight as far from the mark as what it does */
    private record Point(Instant at, double value, boolean byDevice) {}

    private final Function<Instant, String> time;
    private final RunState state;
    private final double mark;
    private final boolean byWeight;
    private final List<Point> points;
    private final Instant from;
    private final Instant until;
    private final double top;

    private TracePicture(Run run, RunState state, Instant from, List<Point> points, Function<Instant, String> time) {
        this.time = time;
        this.state = state;
        this.from = from;
        this.points = points;
        mark = run.plan().target().psi().doubleValue();
        byWeight = !run.plan().gauge().code().equals("dial");
        until = state.when()
                .heatOffAt()
                .or(state.when()::lastAt)
                .filter(end -> end.isAfter(from.plusSeconds(60)))
                .orElse(from.plus(Duration.ofMinutes(10)));
        double highest = points.stream().mapToDouble(Point::value).max().orElse(mark);
        top = byWeight ? mark + WEIGHT_REACH : Math.max(15, Math.max(mark + 3, highest + 1));
    }

    /** The picture's address for a page; empty for a run of which nothing was read. */
    static Optional<String> of(Run run, RunState state, Function<Instant, String> time) {
        List<Point> points = points(run);
        Optional<Instant> from = state.when().weightOnAt();
        if (points.isEmpty() || from.isEmpty()) {
            return Optional.empty();
        }
        Instant first = points.get(0).at().isBefore(from.get()) ? points.get(0).at() : from.get();
        return Optional.of(Ink.picture(WIDTH, HEIGHT, new TracePicture(run, state, first, points, time)::draw));
    }

    private static List<Point> points(Run run) {
        List<Point> points = new ArrayList<>();
        for (RunEvent event : run.events()) {
            event.as(InstrumentReading.class)
                    .flatMap(reading -> value(run, reading))
                    .ifPresent(value ->
                            points.add(new Point(event.at(), value, event.by().device())));
        }
        points.sort(Comparator.comparing(Point::at));
        return points;
    }

    private static Optional<Double> value(Run run, InstrumentReading reading) {
        double mark = run.plan().target().psi().doubleValue();
        return reading.dial()
                .map(dial -> dial.psi().doubleValue())
                .or(() -> reading.weightBy(run.plan().jiggles()).map(weight -> mark + aside(weight)));
    }

    private static double aside(WeightState weight) {
        return switch (weight) {
            case STILL -> -3;
            case PROPER -> 0.4;
            case FRANTIC -> 3;
        };
    }

    private double x(Instant at) {
        double share = (double) Duration.between(from, at).toMillis()
                / Duration.between(from, until).toMillis();
        return LEFT + Math.min(1, Math.max(0, share)) * (RIGHT - LEFT);
    }

    private double y(double value) {
        double bottom = byWeight ? mark - WEIGHT_REACH : 0;
        return FOOT - (value - bottom) / (top - bottom) * (FOOT - TOP);
    }

    private void draw(Graphics2D ink) {
        hold(ink);
        scale(ink);
        ink.setStroke(new BasicStroke(7, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        Path2D line = new Path2D.Double();
        for (Point point : points) {
            if (line.getCurrentPoint() == null) {
                line.moveTo(x(point.at()), y(point.value()));
            } else {
                line.lineTo(x(point.at()), y(point.value()));
            }
        }
        ink.draw(line);
        for (Point point : points) {
            if (!point.byDevice()) {
                ink.fill(new Ellipse2D.Double(x(point.at()) - 11, y(point.value()) - 11, 22, 22));
            }
        }
        losses(ink);
    }

    /** The stretch that counted, on grey. */
    private void hold(Graphics2D ink) {
        RunTimestamps when = state.when();
        if (!state.holdComplete() || when.holdSince().isEmpty()) {
            return;
        }
        double begin = x(when.holdSince().get());
        double end = x(when.heatOffAt().or(when::completedAt).orElse(until));
        ink.setColor(new Color(214, 214, 214));
        ink.fill(new Rectangle2D.Double(begin, TOP, end - begin, FOOT - TOP));
        ink.setColor(Color.BLACK);
        String words = "counted from " + time.apply(when.holdSince().get());
        Ink.write(ink, words, WORDS, (begin + end) / 2, TOP - 34.0, Ink.Held.MIDDLE);
    }

    private void scale(Graphics2D ink) {
        ink.setStroke(new BasicStroke(2));
        for (Map.Entry<Double, String> tick : ticks().entrySet()) {
            ink.setColor(Color.GRAY);
            ink.draw(new Line2D.Double(LEFT, y(tick.getKey()), RIGHT, y(tick.getKey())));
            ink.setColor(Color.BLACK);
            Ink.write(ink, tick.getValue(), WORDS, LEFT - 18.0, y(tick.getKey()), Ink.Held.RIGHT);
        }
        ink.setStroke(new BasicStroke(6, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 10, new float[] {26, 16}, 0));
        ink.draw(new Line2D.Double(LEFT, y(mark), RIGHT, y(mark)));
        Ink.write(ink, time.apply(from), WORDS, LEFT, HEIGHT - 28.0, Ink.Held.LEFT);
        Ink.write(ink, time.apply(until), WORDS, RIGHT, HEIGHT - 28.0, Ink.Held.RIGHT);
    }

    private Map<Double, String> ticks() {
        if (byWeight) {
            return new TreeMap<>(Map.of(
                    mark + aside(WeightState.STILL), "still",
                    mark + aside(WeightState.PROPER), "proper",
                    mark + aside(WeightState.FRANTIC), "frantic"));
        }
        Map<Double, String> ticks = new TreeMap<>();
        for (int psi = 0; psi <= top; psi += 5) {
            if (Math.abs(psi - mark) >= 1.5) {
                ticks.put((double) psi, psi + " psi");
            }
        }
        String words = mark == Math.rint(mark) ? Long.toString(Math.round(mark)) : Double.toString(mark);
        ticks.put(mark, words + " psi");
        return ticks;
    }

    private void losses(Graphics2D ink) {
        ink.setStroke(new BasicStroke(4, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 10, new float[] {8, 10}, 0));
        for (Deviation deviation : state.deviations()) {
            if (deviation.isLossOfHold()) {
                double at = x(deviation.at());
                ink.draw(new Line2D.Double(at, TOP, at, FOOT));
                Ink.write(ink, "lost " + time.apply(deviation.at()), WORDS, at, TOP - 34.0, Ink.Held.MIDDLE);
            }
        }
    }
}
