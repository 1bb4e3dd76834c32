package org.mobrel.server.device;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.run.Deviation;
import org.mobrel.run.EventKind;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.RunEvent;
import org.mobrel.run.Stage;
import org.mobrel.run.WeightState;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.mobrel.steam.CannerContents;
import org.mobrel.steam.Instruments;
import org.mobrel.steam.Knobs;
import org.mobrel.steam.SimulatedCanner;
import org.mobrel.steam.Vessel;

/**
 * One simulated canner. It follows from the run's events and the knobs turned: told again from the beginning, after the server was
 * killed, it comes to where it was.
 */
final class Simulation {

    /** Its gauge sends a reading so often, by the run's clock. */
    static final Duration EVERY = Duration.ofSeconds(15);

    private static final int FULL = 100;
    private static final Volume LARGE = Volume.ofMillilitres(24_000);
    private static final Volume SMALL = Volume.ofMillilitres(13_000);
    private static final int MANY_PINTS = 10;

    private final Instruments instruments;
    private final Instant lidOn;
    private final GaugeKind gauge;
    private final boolean counted;
    private final List<Act> ahead = new ArrayList<>();
    private long sent;
    private int eventsDone;
    private int turnsDone;

    /** @param lidOn when the burner was lit under it */
    Simulation(Run run, Instant lidOn, int quarts, Volume water, Altitude altitude) {
        this.lidOn = lidOn;
        this.gauge = run.plan().gauge();
        this.counted = run.plan().jiggles().areCounted();
        Vessel vessel = gauge == GaugeKind.DIAL
                ? Vessel.dial(altitude)
                : Vessel.weighted(run.plan().target(), altitude);
        CannerContents contents = contents(run, water);
        Volume room = quarts < 7 && contents.quarts() <= quarts
                ? SMALL
                : contents.pints() > MANY_PINTS ? LARGE : Volume.ofMillilitres(21_000);
        SimulatedCanner canner = new SimulatedCanner(vessel.holding(room), contents);
        canner.turn(Knobs.OFF.burner(FULL));
        int error = gauge == GaugeKind.DIAL
                ? run.plan().target().milliPsi() - run.truePressure().milliPsi()
                : 0;
        instruments = new Instruments(canner, new GaugeError(error));
    }

    private static CannerContents contents(Run run, Volume water) {
        int tall = run.jars().stream()
                .filter(jars -> !jars.size().isShort())
                .mapToInt(jars -> jars.count())
                .sum();
        return new CannerContents(tall, run.plan().jars() - tall, water, run.pack() == Pack.HOT);
    }

    /**
     * Goes on to an instant, with everything that was done to the canner on the way.
     *
     * @return the readings its gauge took meanwhile
     */
    List<RunService.Sent> until(Instant now, Run run, List<KnobChange> turns) {
        List<RunService.Sent> readings = new ArrayList<>();
        for (Act act : acts(now, run, turns)) {
            read(act.at(), readings);
            act.does().run();
        }
        read(now, readings);
        return readings;
    }

    private record Act(Instant at, Runnable does) {}

    /** What is new since the last time and has happened by now, in the order it happened. */
    private List<Act> acts(Instant now, Run run, List<KnobChange> turns) {
        for (RunEvent event : run.events()
                .subList(Math.min(eventsDone, run.events().size()), run.events().size())) {
            ahead.add(new Act(event.at(), () -> happened(event)));
        }
        eventsDone = run.events().size();
        for (KnobChange turn : turns.subList(turnsDone, turns.size())) {
            ahead.add(new Act(turn.at(), () -> turned(turn)));
        }
        turnsDone = turns.size();
        // A knob may be turned between the look at the clock and the look at the knobs: it waits for its instant.
        List<Act> acts = new ArrayList<>(
                ahead.stream().filter(act -> !act.at().isAfter(now)).toList());
        ahead.removeAll(acts);
        // Where the vent is void, whoever stands there takes the weight off to vent again.
        run.state().deviations().stream()
                .filter(deviation -> deviation.code().equals(Deviation.VENT_INTERRUPTED) || isZero(deviation))
                .filter(deviation ->
                        !deviation.at().isBefore(at(instruments.canner().elapsed())))
                .filter(deviation -> !deviation.at().isAfter(now))
                .forEach(deviation -> acts.add(new Act(deviation.at(), () -> weight(false))));
        acts.sort(Comparator.comparing(Act::at));
        return acts;
    }

    private static boolean isZero(Deviation deviation) {
        return deviation
                .reading()
                .flatMap(InstrumentReading::dial)
                .filter(GaugePressure.ZERO::equals)
                .isPresent();
    }

    private void happened(RunEvent event) {
        if (event.kind() == EventKind.WEIGHT_ON) {
            weight(true);
        } else if (event.kind() == EventKind.WEIGHT_OFF || event.kind() == EventKind.STEAM_STEADY) {
            weight(false);
        } else if (event.kind() == EventKind.HEAT_OFF
                || event.kind() == EventKind.STOP_EARLY
                || event.kind() == EventKind.ABANDON) {
            instruments.canner().turn(instruments.canner().knobs().burner(0));
        } else if (event.kind() == EventKind.FORCED_COOLING) {
            instruments.canner().turn(instruments.canner().knobs().douse(true));
        }
    }

    private void weight(boolean on) {
        instruments.canner().turn(instruments.canner().knobs().weight(on));
    }

    private void turned(KnobChange turn) {
        instruments.canner().turn(turn.on(instruments.canner().knobs()));
        if (turn.knob() == KnobChange.Knob.DIAL_STUCK) {
            instruments.stick(turn.value() != 0);
        }
    }

    /** Goes on to an instant, and takes the readings that are due on the way. */
    private void read(Instant until, List<RunService.Sent> readings) {
        Instant next = lidOn.plus(EVERY.multipliedBy(sent + 1));
        while (!next.isAfter(until)) {
            instruments.until(Duration.between(lidOn, next));
            sent++;
            readings.add(new RunService.Sent(sent, reading(), next));
            next = next.plus(EVERY);
        }
        instruments.until(Duration.between(lidOn, until));
    }

    private InstrumentReading reading() {
        if (gauge == GaugeKind.DIAL) {
            return InstrumentReading.ofDial(instruments.needle());
        }
        return counted
                ? InstrumentReading.ofJiggles(instruments.jigglesPerMinute())
                : InstrumentReading.ofWeight(
                        instruments.jigglesPerMinute() == 0 ? WeightState.STILL : WeightState.PROPER);
    }

    private Instant at(Duration elapsed) {
        return lidOn.plus(elapsed);
    }

    Instruments instruments() {
        return instruments;
    }

    /** When its lid went on; empty before. */
    static Optional<Instant> lidOn(Run run) {
        return run.state().when().lidLockedAt();
    }

    /** Whether there is still something to simulate. */
    static boolean isOn(Run run) {
        Stage stage = run.state().stage();
        return stage.compareTo(Stage.HEATING) >= 0 && stage.compareTo(Stage.SETTLING) <= 0;
    }
}
