package org.mobrel.steam;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Temperature;

/**
 * A simulated canner with jars in it and a hand on its knobs. The same acts at the same times always give the same scene, and a scene
 * that is left at a moment goes on from there by its {@link #snapshot}. Practice only: nothing here sets a process.
 */
public final class Scene {

    /** How long a nudged weight lets steam out. */
    private static final Duration NUDGE = Duration.ofSeconds(2);

    private static final Duration TICK = Duration.ofSeconds(1);

    /** In an ordinary cool-down the food is some six kelvin hotter than water boils around it, and stays in the jar. */
    private static final double CALM_KELVIN = 7;

    private static final double PERCENT_A_KELVIN_SECOND = 0.15;
    private static final double MOST_PERCENT = 65;

    final Vessel vessel;
    final CannerContents contents;
    final Instruments instruments;
    private final List<SlowestPoint> points;
    private double spilt;
    private Duration nudgedUntil;

    /** Cold, with the burner off, at its first second. */
    public Scene(Vessel vessel, CannerContents contents, GaugeError error) {
        this(
                vessel,
                contents,
                new Instruments(new SimulatedCanner(vessel, contents), error),
                firstPoints(contents),
                0,
                Duration.ZERO);
    }

    Scene(
            Vessel vessel,
            CannerContents contents,
            Instruments instruments,
            List<SlowestPoint> points,
            double spilt,
            Duration nudgedUntil) {
        this.vessel = vessel;
        this.contents = contents;
        this.instruments = instruments;
        this.points = new ArrayList<>(points);
        this.spilt = spilt;
        this.nudgedUntil = nudgedUntil;
    }

    /**
     * Goes on from where another scene was left.
     *
     * @param snapshot of a scene with the same canner and contents
     * @throws IllegalArgumentException if it is none
     */
    public static Scene goingOn(Vessel vessel, CannerContents contents, GaugeError error, String snapshot) {
        return SceneSnapshot.read(vessel, contents, error, snapshot);
    }

    private static List<SlowestPoint> firstPoints(CannerContents contents) {
        List<SlowestPoint> points = new ArrayList<>();
        if (contents.hasJars()) {
            for (Filling filling : Filling.values()) {
                points.add(SlowestPoint.atFirst(
                        filling, contents.quarts() > 0, contents.foodKelvin() - Steam.ZERO_CELSIUS));
            }
        }
        return points;
    }

    public Duration elapsed() {
        return instruments.canner().elapsed();
    }

    /** Everything that is needed to go on from here, as text. */
    public String snapshot() {
        return SceneSnapshot.write(this);
    }

    List<SlowestPoint> points() {
        return points;
    }

    double spilt() {
        return spilt;
    }

    Duration nudgedUntil() {
        return nudgedUntil;
    }

    /**
     * Goes on, with what is done on the way.
     *
     * @param end since the burner was lit; nothing happens where it has passed
     * @param every how often to look
     * @param acts in any order; those of moments that have passed are left out
     * @return what was seen at each look, the last at the end
     */
    public List<Sight> until(Duration end, Duration every, List<SceneAct> acts) {
        List<SceneAct> ahead = acts.stream()
                .filter(act -> act.at().compareTo(elapsed()) >= 0)
                .sorted(Comparator.comparing(SceneAct::at))
                .toList();
        List<Sight> seen = new ArrayList<>();
        int done = 0;
        Duration look = elapsed().plus(every);
        while (elapsed().compareTo(end) < 0) {
            Duration next = earlier(earlier(look, end), wholeSecondAfter(elapsed()));
            while (done < ahead.size() && ahead.get(done).at().compareTo(elapsed()) <= 0) {
                act(ahead.get(done++));
            }
            if (done < ahead.size()) {
                next = earlier(next, later(ahead.get(done).at(), elapsed().plus(SimulatedCanner.STEP)));
            }
            go(next);
            if (elapsed().compareTo(look) >= 0 || elapsed().compareTo(end) >= 0) {
                seen.add(sight());
                look = look.plus(every);
            }
        }
        return seen;
    }

    private static Duration earlier(Duration one, Duration other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    private static Duration later(Duration one, Duration other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    private static Duration wholeSecondAfter(Duration time) {
        return Duration.ofSeconds(time.toSeconds()).plus(TICK);
    }

    private void go(Duration to) {
        instruments.until(to);
        // Once a second, however often somebody looks: else the scene would depend on its looks.
        if (elapsed().toMillisPart() == 0) {
            Temperature canner = instruments.canner().temperature();
            points.replaceAll(point -> point.after(1, canner));
            if (contents.hasJars()) {
                double over = instruments.canner().foodAboveBoilingKelvin() - CALM_KELVIN;
                spilt = Math.min(MOST_PERCENT, spilt + Math.max(0, over) * PERCENT_A_KELVIN_SECOND);
            }
        }
        if (!nudgedUntil.isZero() && elapsed().compareTo(nudgedUntil) >= 0) {
            turn(knobs().weight(true));
            nudgedUntil = Duration.ZERO;
        }
    }

    /** Does something now. */
    public void act(SceneAct act) {
        boolean on = act.value() != 0;
        switch (act.kind()) {
            case BURNER -> turn(knobs().burner(act.value()));
            case WEIGHT -> {
                nudgedUntil = Duration.ZERO;
                turn(knobs().weight(on));
            }
            case NUDGE -> {
                if (knobs().weightOn()) {
                    turn(knobs().weight(false));
                    nudgedUntil = elapsed().plus(NUDGE);
                }
            }
            case LID -> turn(knobs().open());
            case DOUSE -> turn(knobs().douse(on));
            case GAS_OUT -> turn(knobs().gas(on));
            case LEAK -> turn(knobs().leak(on));
            case DIAL_STICKS -> instruments.stick(on);
        }
    }

    public Knobs knobs() {
        return instruments.canner().knobs();
    }

    private void turn(Knobs knobs) {
        instruments.canner().turn(knobs);
    }

    public Sight sight() {
        SimulatedCanner canner = instruments.canner();
        Map<Filling, Temperature> slowest = new EnumMap<>(Filling.class);
        points.forEach(point -> slowest.put(point.filling(), point.temperature()));
        return new Sight(
                elapsed(),
                nudgedUntil.isZero() ? knobs() : knobs().weight(true),
                instruments.needle(),
                canner.pressure(),
                instruments.plume(),
                instruments.jigglesPerMinute(),
                canner.steamMilligrams(),
                canner.waterLeft(),
                canner.temperature(),
                canner.coolerByMillikelvin(),
                slowest,
                (int) Math.round(spilt),
                canner.plugIsOpen(),
                canner.isDry());
    }
}
