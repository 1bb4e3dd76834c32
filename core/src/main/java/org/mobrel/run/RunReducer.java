package org.mobrel.run;

import static org.mobrel.run.RunDraft.NEVER;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.Volume;

/** What an event makes of a run; the only place where one state turns into the next, but for what is taken back ({@link TakenBack}). */
final class RunReducer {

    private final RunPlan plan;
    private final RunState from;
    private final RunDraft next;
    private boolean afterCorrected;

    RunReducer(RunPlan plan, RunState from) {
        this.plan = plan;
        this.from = from;
        next = new RunDraft(from);
    }

    RunState apply(RunEvent event, EventTimeline.Step step) {
        next.lastAt = Optional.of(event.at());
        if (RunRules.follows(plan, from, event)) {
            afterCorrected = step.afterCorrected();
            take(event);
            next.tooHot = next.tooHot || step.tooHigh();
            step.takesBack().ifPresent(kind -> new TakenBack(plan, next).apply(kind, event));
        }
        return next.done();
    }

    /**
     * A reading that was struck out counts for nothing; but the needle may have left its pin, so that no zero after it becomes one before
     * pressure, and heat that was too high may have been.
     */
    RunState strike(EventTimeline.Step step) {
        RunEvent event = step.event();
        next.tooHot = next.tooHot || step.tooHigh();
        boolean underWeight = next.stage == Stage.RISING || next.stage == Stage.HOLDING;
        next.offThePin = next.offThePin
                || underWeight
                        && event.reading().flatMap(InstrumentReading::dial).isPresent();
        return next.done();
    }

    /**
     * What a device heard or saw leaves the run as it is, its clock too: without it every other event has to mean the same. Only its question is
     * kept, as long as there is a hold that it can be about.
     */
    RunState overhear(RunEvent event) {
        boolean asks = event.kind().isAsked() && next.stage == Stage.HOLDING && !next.holdComplete;
        boolean over = from.earliestHeatOff(plan)
                .filter(end -> !end.isAfter(event.at()))
                .isPresent();
        if (asks && !over && next.askedSince.isEmpty()) {
            next.askedSince = Optional.of(event.at());
        }
        return next.done();
    }

    RunState seenAt(Instant now) {
        next.water = next.water.until(now, plan.startWater(), from.waterPerHour());
        if (!next.holdComplete
                && !from.isUnderPressure()
                && next.stage == Stage.HOLDING
                && next.holdSince.isPresent()
                && next.doubtSince.isEmpty()) {
            Instant end = next.holdSince.get().plus(plan.process().duration());
            boolean dry = next.water.dryAt().filter(at -> at.isBefore(end)).isPresent();
            if (!end.isAfter(now) && !dry) {
                next.looked(end);
                next.holdComplete = true;
                next.completedAt = Optional.of(end);
            }
        }
        return next.done();
    }

    private void take(RunEvent event) {
        Optional<Instant> now = Optional.of(event.at());
        switch (event.kind()) {
            case CHECK -> tick(event.as(CheckTick.class).orElseThrow());
            case CHECKS_DONE -> next.stage = Stage.LOADING;
            case JAR_IN -> {
                next.loaded.add(event.as(JarSeat.class).orElseThrow().jar());
                next.leftOut.remove(event.as(JarSeat.class).orElseThrow().jar());
            }
            case JAR_LEFT -> {
                LeftJar left = event.as(LeftJar.class).orElseThrow();
                next.loaded.remove(left.jar());
                next.leftOut.put(left.jar(), left.place());
            }
            case JAR_BACK ->
                next.loaded.remove(event.as(JarSeat.class).orElseThrow().jar());
            case LID_LOCKED -> {
                next.stage = Stage.HEATING;
                next.lidLockedAt = now;
                next.water = new Water(Volume.ZERO, now, NEVER, NEVER);
                next.tooHot = false;
            }
            case STEAM_STEADY -> {
                next.stage = Stage.VENTING;
                next.steamSince = now;
            }
            case STEAM_STOPPED -> next.backToHeating(event, Deviation.VENT_INTERRUPTED);
            case WEIGHT_ON -> {
                next.stage = Stage.RISING;
                next.weightOnAt = now;
                next.offThePin = false;
            }
            case READING -> read(event, event.reading().orElseThrow());
            case INTERRUPTED -> interrupt(event);
            case SERVER_AWAY -> {
                // What was complete before it went away is complete; and on the way up there is nothing to lose, unless
                // it
                // is only a correction that says it was still on the way: that takes no question back.
                if (!next.holdComplete && (next.stage != Stage.RISING || afterCorrected) && next.doubtSince.isEmpty()) {
                    next.doubtSince = now;
                }
            }
            case HELD -> next.doubtSince = NEVER;
            case WEIGHT_KNOCKED -> disturb(event, Deviation.WEIGHT_KNOCKED);
            case CANNER_MOVED -> disturb(event, Deviation.CANNER_MOVED);
            case BOILED_DRY -> next.abandon(event, Deviation.BOILED_DRY);
            case WATER_SEEN ->
                waterSeen(event, event.as(WaterSeen.class).orElseThrow().left());
            case HEAT_OFF -> heatOff(event);
            case STOP_EARLY -> next.abandon(event, Deviation.STOPPED_EARLY);
            case ABANDON -> next.abandon(event, Deviation.ABANDONED);
            case FORCED_COOLING -> next.deviate(Deviation.FORCED_COOLING, event);
            case PRESSURE_ZERO -> {
                next.stage = Stage.DEPRESSURISED;
                event.as(ZeroSigns.class).ifPresent(signs -> {
                    next.deviate(Deviation.EARLY_ZERO, event);
                    if (signs.cooled()) {
                        next.deviate(Deviation.FORCED_COOLING, event);
                    }
                });
            }
            case WEIGHT_OFF -> {
                next.stage = Stage.SETTLING;
                next.weightOffAt = now;
            }
            case LID_OFF -> {
                next.stage = Stage.OPENED;
                next.openedAt = now;
            }
            case JARS_OUT -> {
                next.stage = Stage.RESTING;
                next.jarsOutAt = now;
            }
            case JAR_CHECKED -> check(event.jar().orElseThrow());
            case JAR_SETTLED -> {
                JarFate fate = event.as(JarFate.class).orElseThrow();
                next.fates.put(fate.jar(), fate.decision());
            }
            case DECIDED -> next.decision = event.as(Decision.class);
            case WATCH -> next.watch = event.note();
            case STANDS_ON -> next.hearth = new Hearth(event.note(), event.as(HeatSource.class));
            case PRESSURE_NEEDED -> needs(event);
            case AWAY,
                    CLOCK_SET,
                    ALARM_ANSWERED,
                    BURNER,
                    NOTE,
                    LIDS_POPPED,
                    HEARD,
                    NOT_HEARD,
                    SEEN,
                    NOT_SEEN,
                    CORRECTION -> {
                // Kept in the record; the run does not change. A correction works on the event it is about.
            }
        }
    }

    private void tick(CheckTick tick) {
        next.checks.put(tick.check(), tick.waived());
        if (next.checks.keySet().containsAll(plan.checks())) {
            next.stage = Stage.LOADING;
        }
    }

    private void read(RunEvent event, InstrumentReading reading) {
        next.tooHot = plan.isTooHigh(reading);
        if (next.holdComplete || next.stage != Stage.RISING && next.stage != Stage.HOLDING) {
            // What the instrument does before the weight is on or after the full time does not matter to the process.
            return;
        }
        if (next.stage == Stage.HOLDING) {
            next.looked(event.at());
            answered(event);
        }
        if (plan.gauge() == GaugeKind.DIAL && reading.isZero()) {
            zero(event);
            return;
        }
        next.offThePin = next.offThePin || reading.dial().isPresent();
        Optional<Boolean> atMark = plan.isAtMark(reading);
        if (next.stage == Stage.RISING && atMark.equals(Optional.of(true))) {
            next.stage = Stage.HOLDING;
            next.holdSince = Optional.of(event.at());
            next.lookedAt = next.holdSince;
        } else if (next.stage == Stage.HOLDING && atMark.equals(Optional.of(false))) {
            next.voidHold(event, Deviation.PRESSURE_LOST);
        }
    }

    /** At zero air may be back in the canner: vent again, from the beginning. */
    private void zero(RunEvent event) {
        if (event.by().device() && next.stage == Stage.RISING && !next.offThePin) {
            // A gauge that sends by itself also sends before the needle has left its pin for the first time.
            return;
        }
        next.backToHeating(event, next.stage == Stage.HOLDING ? Deviation.PRESSURE_LOST : Deviation.VENT_INTERRUPTED);
    }

    /**
     * The run keeps its own pressure for the record. Less than is needed now counts for nothing: on the heat until it begins again, off the heat
     * its jars wait for a decision.
     */
    private void needs(RunEvent event) {
        Optional<InstrumentReading> needed = event.as(InstrumentReading.class);
        boolean enough = needed.flatMap(InstrumentReading::dial)
                .filter(least -> least.compareTo(plan.target()) <= 0)
                .isPresent();
        boolean was = next.forget(Deviation.UNDER_PRESSURE);
        if (enough) {
            if (was && next.stage == Stage.ABANDONED && next.decision.isEmpty()) {
                next.stage = next.abandonedFrom.orElseThrow();
                next.abandonedFrom = Optional.empty();
                next.abandonedAt = NEVER;
            }
            return;
        }
        boolean offTheHeat = next.stage.compareTo(Stage.COOLING) >= 0 && next.stage.compareTo(Stage.SETTLING) <= 0;
        if (offTheHeat) {
            next.abandon(event, Deviation.UNDER_PRESSURE);
            next.forget(Deviation.UNDER_PRESSURE);
        }
        next.deviations.add(new Deviation(Deviation.UNDER_PRESSURE, event.at(), needed));
    }

    /** Like a reading below the mark, unless a dial that was looked at says that the pressure held. */
    private void disturb(RunEvent event, String deviation) {
        boolean held = event.as(InstrumentReading.class)
                .flatMap(InstrumentReading::dial)
                .filter(read -> read.compareTo(plan.target()) >= 0)
                .isPresent();
        if (next.stage == Stage.VENTING) {
            // The plume was not steady, or air came in: the whole ten minutes again.
            next.backToHeating(event, deviation);
        } else if (next.stage == Stage.HOLDING && !next.holdComplete && !held) {
            next.voidHold(event, deviation);
        }
    }

    /** Water that is found takes back the doubt about a time that ran in full; a dry canner is dry whatever was reckoned. */
    private void waterSeen(RunEvent event, boolean left) {
        boolean doubted = next.forget(Deviation.MAY_BE_DRY);
        if (!left) {
            next.holdComplete = false;
            if (next.deviations.stream().noneMatch(past -> past.code().equals(Deviation.BOILED_DRY))) {
                next.deviate(Deviation.BOILED_DRY, event);
            }
        } else if (doubted) {
            next.holdComplete = true;
            next.completedAt =
                    next.holdSince.map(since -> since.plus(plan.process().duration()));
        }
    }

    private void interrupt(RunEvent event) {
        if (next.stage == Stage.VENTING) {
            next.backToHeating(event, Deviation.VENT_INTERRUPTED);
        } else if (next.stage == Stage.HOLDING && !next.holdComplete) {
            next.voidHold(event, Deviation.INTERRUPTED);
        } else if (next.stage == Stage.RISING) {
            next.doubtSince = NEVER;
        }
    }

    /** Somebody looked, in time or too late; a gauge that goes on sending knows nothing of the weight. */
    private void answered(RunEvent event) {
        if (!event.by().device()) {
            leaveUnanswered(event.at());
        }
    }

    private void leaveUnanswered(Instant until) {
        if (next.unansweredSince.isEmpty()) {
            next.unansweredSince = next.askedSince.filter(
                    since -> Duration.between(since, until).compareTo(RunPlan.ANSWER_WITHIN) > 0);
        }
        next.askedSince = NEVER;
    }

    private void heatOff(RunEvent event) {
        boolean ranInFull = from.timeIsOver(plan, event.at());
        next.stage = Stage.COOLING;
        next.heatOffAt = Optional.of(event.at());
        if (!next.holdComplete && ranInFull && next.water.dryAt().isPresent()) {
            next.deviate(Deviation.MAY_BE_DRY, event);
        } else if (!next.holdComplete && !from.isUnderPressure()) {
            // The heat did go off; that the time was not full came to light afterwards.
            next.deviate(Deviation.HOLD_UNSUPPORTED, event);
        }
        if (from.isUnderPressure()) {
            next.abandonedFrom = Optional.of(next.stage);
            next.abandonedAt = next.heatOffAt;
            next.stage = Stage.ABANDONED;
        }
        // The end of the hold is no answer to what was asked in it.
        next.unansweredSince
                .or(() -> next.askedSince)
                .ifPresent(since -> next.deviations.add(new Deviation(plan.unanswered(), since, Optional.empty())));
        next.askedSince = NEVER;
    }

    private void check(JarCheck jar) {
        next.checked.put(jar.jar(), jar);
        next.stage = next.checked.keySet().containsAll(from.inCanner(plan)) ? Stage.DONE : Stage.CHECKING;
    }
}
