package org.mobrel.server.demo;

import java.time.Duration;
import java.time.Instant;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.Decision;
import org.mobrel.run.EventKind;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.JarCheck;
import org.mobrel.run.JarFate;
import org.mobrel.run.RunEvent;
import org.mobrel.run.WeightState;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Takes runs of the demo kitchen through their stages, as a careful cook would, at instants in the past. */
@Component
@ConditionalOnProperty(name = "mobrel.demo", havingValue = "true")
class DemoCook {

    /** How a run goes: whether pressure is lost on the way, which jar does not seal, and which burner setting held. */
    record Way(boolean losing, int failing, String burner) {
        Way failing(int jar) {
            return new Way(losing, jar, burner);
        }

        Way burner(String setting) {
            return new Way(losing, failing, setting);
        }
    }

    private final RunService runs;

    DemoCook(RunService runs) {
        this.runs = runs;
    }

    Way clean() {
        return new Way(false, 0, "");
    }

    Way losing() {
        return new Way(true, 0, "");
    }

    void through(long run, Instant start, Way way) {
        Instant out = untilResting(run, start, way);
        int jars = runs.run(run).plan().jars();
        for (int jar = 1; jar <= jars; jar++) {
            JarCheck check = new JarCheck(jar, jar != way.failing(), loss(jar));
            Instant looked = out.plus(Duration.ofHours(15)).plusSeconds(20L * jar);
            runs.tellAt(run, now -> RunEvent.checked(check, now), looked);
        }
        if (way.failing() > 0) {
            JarFate fate = new JarFate(way.failing(), Decision.REFRIGERATED);
            runs.tellAt(run, now -> RunEvent.of(EventKind.JAR_SETTLED, fate, now), out.plus(Duration.ofHours(16)));
        }
    }

    private static JarCheck.LiquidLoss loss(int jar) {
        return jar % 5 == 3 ? JarCheck.LiquidLoss.SOME : JarCheck.LiquidLoss.NONE;
    }

    Instant untilResting(long run, Instant start) {
        return untilResting(run, start, clean());
    }

    private Instant untilResting(long run, Instant start, Way way) {
        Instant holding = way.losing() ? hold(run, lose(run, start)) : hold(run, rise(run, start));
        Run now = runs.run(run);
        Instant off = holding.plus(now.plan().process().duration()).plusSeconds(40);
        look(now, holding, off);
        tell(run, EventKind.HEAT_OFF, off);
        tell(run, EventKind.PRESSURE_ZERO, off.plus(Duration.ofMinutes(38)));
        tell(run, EventKind.WEIGHT_OFF, off.plus(Duration.ofMinutes(39)));
        tell(run, EventKind.LID_OFF, off.plus(Duration.ofMinutes(50)));
        Instant out = off.plus(Duration.ofMinutes(57));
        tell(run, EventKind.JARS_OUT, out);
        if (!way.burner().isEmpty()) {
            runs.tellAt(run, at -> RunEvent.of(EventKind.BURNER, at).with(way.burner()), out.plusSeconds(90));
        }
        return out;
    }

    void untilHolding(long run, Instant start) {
        Instant holding = hold(run, rise(run, start));
        look(runs.run(run), holding, holding.plus(Duration.ofMinutes(68)));
    }

    /** Up to the last reading before the mark. */
    private Instant rise(long run, Instant start) {
        tell(run, EventKind.CHECKS_DONE, start);
        tell(run, EventKind.LID_LOCKED, start.plus(Duration.ofMinutes(9)));
        tell(run, EventKind.STEAM_STEADY, start.plus(Duration.ofMinutes(24)));
        Instant weightOn = start.plus(Duration.ofMinutes(34)).plusSeconds(15);
        tell(run, EventKind.WEIGHT_ON, weightOn);
        read(run, -4_500, WeightState.STILL, weightOn.plus(Duration.ofMinutes(4)));
        read(run, -1_500, WeightState.STILL, weightOn.plus(Duration.ofMinutes(6)));
        return weightOn.plus(Duration.ofMinutes(8));
    }

    private Instant hold(long run, Instant at) {
        read(run, 0, WeightState.PROPER, at);
        return at;
    }

    /** A first hold that falls away after a little more than half an hour. */
    private Instant lose(long run, Instant start) {
        Instant first = hold(run, rise(run, start));
        read(run, 500, WeightState.PROPER, first.plus(Duration.ofMinutes(12)));
        read(run, 500, WeightState.PROPER, first.plus(Duration.ofMinutes(25)));
        read(run, -2_500, WeightState.STILL, first.plus(Duration.ofMinutes(33)));
        return first.plus(Duration.ofMinutes(37));
    }

    /** A look at the instrument every nine minutes or so. */
    private void look(Run run, Instant from, Instant until) {
        int count = 0;
        for (Instant at = from.plus(Duration.ofMinutes(9)); at.isBefore(until); at = at.plus(Duration.ofMinutes(9))) {
            count++;
            read(run.id(), count % 3 == 0 ? 500 : count % 3 == 1 ? 1_000 : 250, WeightState.PROPER, at);
        }
    }

    /** @param offset thousandths of a psi above or below the mark, for a canner with a dial */
    private void read(long run, int offset, WeightState weight, Instant at) {
        Run now = runs.run(run);
        InstrumentReading reading = now.plan().gauge() == GaugeKind.DIAL
                ? InstrumentReading.ofDial(new GaugePressure(now.plan().target().milliPsi() + offset))
                : InstrumentReading.ofWeight(weight);
        runs.tellAt(run, when -> RunEvent.reading(reading, when), at);
    }

    private void tell(long run, EventKind kind, Instant at) {
        runs.tellAt(run, when -> RunEvent.of(kind, when), at);
    }
}
