package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.Volume;

/** A state being written; the only place where one turns into the next. */
final class RunReducer {

    private static final Optional<Instant> NEVER = Optional.empty();

    private final RunPlan plan;
    private final RunState from;
    private Stage stage;
    private boolean holdComplete;
    private Optional<Instant> lidLockedAt;
    private Optional<Instant> steamSince;
    private Optional<Instant> weightOnAt;
    private Optional<Instant> holdSince;
    private Optional<Instant> lookedAt;
    private Optional<Instant> completedAt;
    private Optional<Instant> heatOffAt;
    private Optional<Instant> weightOffAt;
    private Optional<Instant> openedAt;
    private Optional<Instant> jarsOutAt;
    private Optional<Instant> abandonedAt;
    private Optional<Instant> lastAt;
    private final List<Deviation> deviations;
    private final List<Gap> gaps;
    private final Map<CheckTick.Check, Boolean> checks = new EnumMap<>(CheckTick.Check.class);
    private final Set<Integer> loaded;
    private final Map<Integer, JarCheck> checked;
    private final Map<Integer, Decision> fates;
    private String watch;
    private Hearth hearth;
    private Optional<Stage> abandonedFrom;
    private Optional<Decision> decision;
    private boolean offThePin;
    private final Map<Integer, LeftJar.Place> leftOut;
    private Water water;
    private boolean tooHot;
    private boolean afterCorrected;
    private Optional<Instant> askedSince;
    private Optional<Instant> unansweredSince;
    private Optional<Instant> doubtSince;

    RunReducer(RunPlan plan, RunState from) {
        this.plan = plan;
        this.from = from;
        stage = from.stage();
        holdComplete = from.holdComplete();
        lidLockedAt = from.when().lidLockedAt();
        steamSince = from.when().steamSince();
        weightOnAt = from.when().weightOnAt();
        holdSince = from.when().holdSince();
        lookedAt = from.when().lookedAt();
        completedAt = from.when().completedAt();
        heatOffAt = from.when().heatOffAt();
        weightOffAt = from.when().weightOffAt();
        openedAt = from.when().openedAt();
        jarsOutAt = from.when().jarsOutAt();
        abandonedAt = from.when().abandonedAt();
        lastAt = from.when().lastAt();
        deviations = new ArrayList<>(from.deviations());
        gaps = new ArrayList<>(from.gaps());
        checks.putAll(from.checks());
        loaded = new TreeSet<>(from.loaded());
        checked = new TreeMap<>(from.checked());
        fates = new TreeMap<>(from.fates());
        watch = from.watch();
        hearth = from.hearth();
        abandonedFrom = from.abandonedFrom();
        decision = from.decision();
        offThePin = from.offThePin();
        leftOut = new TreeMap<>(from.leftOut());
        water = from.water();
        tooHot = from.tooHot();
        askedSince = from.askedSince();
        unansweredSince = from.unansweredSince();
        doubtSince = from.doubtSince();
    }

    RunState apply(RunEvent event, EventTimeline.Step step) {
        lastAt = Optional.of(event.at());
        if (RunRules.follows(plan, from, event)) {
            afterCorrected = step.afterCorrected();
            take(event);
            tooHot = tooHot || step.tooHigh();
            step.takesBack().ifPresent(kind -> takeBack(kind, event));
        }
        return done();
    }

    /**
     * A reading that was struck out counts for nothing; but the needle may have left its pin, so that no zero after it becomes one before
     * pressure, and heat that was too high may have been.
     */
    RunState strike(EventTimeline.Step step) {
        RunEvent event = step.event();
        tooHot = tooHot || step.tooHigh();
        boolean underWeight = stage == Stage.RISING || stage == Stage.HOLDING;
        offThePin = offThePin
                || underWeight
                        && event.reading().flatMap(InstrumentReading::dial).isPresent();
        return done();
    }

    /**
     * What a device heard or saw leaves the run as it is, its clock too: without it every other event has to mean the same. Only its question is
     * kept, as long as there is a hold that it can be about.
     */
    RunState overhear(RunEvent event) {
        boolean asks = event.kind().isAsked() && stage == Stage.HOLDING && !holdComplete;
        boolean over = from.earliestHeatOff(plan)
                .filter(end -> !end.isAfter(event.at()))
                .isPresent();
        if (asks && !over && askedSince.isEmpty()) {
            askedSince = Optional.of(event.at());
        }
        return done();
    }

    RunState seenAt(Instant now) {
        water = water.until(now, plan.startWater(), from.waterPerHour());
        if (!holdComplete && stage == Stage.HOLDING && holdSince.isPresent() && doubtSince.isEmpty()) {
            Instant end = holdSince.get().plus(plan.process().duration());
            boolean dry = water.dryAt().filter(at -> at.isBefore(end)).isPresent();
            if (!end.isAfter(now) && !dry) {
                looked(end);
                holdComplete = true;
                completedAt = Optional.of(end);
            }
        }
        return done();
    }

    private RunState done() {
        boolean turned = stage != from.stage()
                || !holdSince.equals(from.when().holdSince())
                || !steamSince.equals(from.when().steamSince());
        return new RunState(
                stage,
                holdComplete,
                new RunTimestamps(
                        lidLockedAt,
                        steamSince,
                        weightOnAt,
                        holdSince,
                        lookedAt,
                        completedAt,
                        heatOffAt,
                        weightOffAt,
                        openedAt,
                        jarsOutAt,
                        abandonedAt,
                        lastAt),
                turned ? from.turn() + 1 : from.turn(),
                deviations,
                gaps,
                checks,
                loaded,
                checked,
                fates,
                watch,
                hearth,
                abandonedFrom,
                decision,
                offThePin,
                leftOut,
                water,
                tooHot,
                askedSince,
                unansweredSince,
                doubtSince);
    }

    private void take(RunEvent event) {
        Optional<Instant> now = Optional.of(event.at());
        switch (event.kind()) {
            case CHECK -> tick(event.as(CheckTick.class).orElseThrow());
            case CHECKS_DONE -> stage = Stage.LOADING;
            case JAR_IN -> {
                loaded.add(event.as(JarSeat.class).orElseThrow().jar());
                leftOut.remove(event.as(JarSeat.class).orElseThrow().jar());
            }
            case JAR_LEFT -> {
                LeftJar left = event.as(LeftJar.class).orElseThrow();
                loaded.remove(left.jar());
                leftOut.put(left.jar(), left.place());
            }
            case JAR_BACK -> loaded.remove(event.as(JarSeat.class).orElseThrow().jar());
            case LID_LOCKED -> {
                stage = Stage.HEATING;
                lidLockedAt = now;
                water = new Water(Volume.ZERO, now, NEVER, NEVER);
                tooHot = false;
            }
            case STEAM_STEADY -> {
                stage = Stage.VENTING;
                steamSince = now;
            }
            case STEAM_STOPPED -> backToHeating(event, Deviation.VENT_INTERRUPTED);
            case WEIGHT_ON -> {
                stage = Stage.RISING;
                weightOnAt = now;
                offThePin = false;
            }
            case READING -> read(event, event.reading().orElseThrow());
            case INTERRUPTED -> interrupt(event);
            case SERVER_AWAY -> {
                // What was complete before it went away is complete; and on the way up there is nothing to lose, unless
                // it is only a
                // correction that says it was still on the way: that takes no question back.
                if (!holdComplete && (stage != Stage.RISING || afterCorrected) && doubtSince.isEmpty()) {
                    doubtSince = now;
                }
            }
            case HELD -> doubtSince = NEVER;
            case WEIGHT_KNOCKED -> disturb(event, Deviation.WEIGHT_KNOCKED);
            case CANNER_MOVED -> disturb(event, Deviation.CANNER_MOVED);
            case BOILED_DRY -> abandon(event, Deviation.BOILED_DRY);
            case WATER_SEEN ->
                waterSeen(event, event.as(WaterSeen.class).orElseThrow().left());
            case HEAT_OFF -> heatOff(event);
            case STOP_EARLY -> abandon(event, Deviation.STOPPED_EARLY);
            case ABANDON -> abandon(event, Deviation.ABANDONED);
            case FORCED_COOLING -> deviate(Deviation.FORCED_COOLING, event);
            case PRESSURE_ZERO -> {
                stage = Stage.DEPRESSURISED;
                event.as(ZeroSigns.class).ifPresent(signs -> {
                    deviate(Deviation.EARLY_ZERO, event);
                    if (signs.cooled()) {
                        deviate(Deviation.FORCED_COOLING, event);
                    }
                });
            }
            case WEIGHT_OFF -> {
                stage = Stage.SETTLING;
                weightOffAt = now;
            }
            case LID_OFF -> {
                stage = Stage.OPENED;
                openedAt = now;
            }
            case JARS_OUT -> {
                stage = Stage.RESTING;
                jarsOutAt = now;
            }
            case JAR_CHECKED -> check(event.jar().orElseThrow());
            case JAR_SETTLED -> {
                JarFate fate = event.as(JarFate.class).orElseThrow();
                fates.put(fate.jar(), fate.decision());
            }
            case DECIDED -> decision = event.as(Decision.class);
            case WATCH -> watch = event.note();
            case STANDS_ON -> hearth = new Hearth(event.note(), event.as(HeatSource.class));
            case AWAY, CLOCK_SET, BURNER, NOTE, LIDS_POPPED, HEARD, NOT_HEARD, SEEN, NOT_SEEN, CORRECTION -> {
                // Kept in the record; the run does not change. A correction works on the event it is about.
            }
        }
    }

    /** It was written down and was not so: the run goes back to where that leaves it, from now on. */
    private void takeBack(EventKind kind, RunEvent event) {
        switch (kind) {
            case CHECK, CHECKS_DONE -> {
                checks.clear();
                stage = Stage.CHECKS;
            }
            case LID_LOCKED -> {
                stage = Stage.LOADING;
                lidLockedAt = NEVER;
            }
            case STEAM_STEADY, WEIGHT_ON -> takeBackVent(event);
            case HEAT_OFF -> {
                stage = holdComplete ? Stage.HOLDING : Stage.RISING;
                heatOffAt = NEVER;
                forget(Deviation.MAY_BE_DRY);
                // The heat went off on a question; that is taken back, the question is not.
                deviations.stream()
                        .filter(past -> past.code().equals(plan.unanswered()))
                        .findFirst()
                        .ifPresent(past -> unansweredSince = Optional.of(past.at()));
                forget(plan.unanswered());
            }
            case PRESSURE_ZERO -> {
                stage = Stage.COOLING;
                weightOffAt = NEVER;
                forget(Deviation.EARLY_ZERO);
            }
            case WEIGHT_OFF -> {
                stage = Stage.DEPRESSURISED;
                weightOffAt = NEVER;
            }
            default -> {
                // A reading is corrected where it stands in the course; notes change nothing.
            }
        }
    }

    /** Without its vent no hold counts: what is still on the heat vents again, what is off it is not supported. */
    private void takeBackVent(RunEvent event) {
        holdComplete = false;
        completedAt = NEVER;
        if (stage.compareTo(Stage.HOLDING) <= 0) {
            backToHeating(event, Deviation.VENT_INTERRUPTED);
        } else if (deviations.stream().noneMatch(past -> past.code().equals(Deviation.HOLD_UNSUPPORTED))) {
            deviate(Deviation.HOLD_UNSUPPORTED, event);
        }
    }

    private void tick(CheckTick tick) {
        checks.put(tick.check(), tick.waived());
        if (checks.keySet().containsAll(CheckTick.Check.ALWAYS)) {
            stage = Stage.LOADING;
        }
    }

    private void read(RunEvent event, InstrumentReading reading) {
        tooHot = plan.isTooHigh(reading);
        if (holdComplete || stage != Stage.RISING && stage != Stage.HOLDING) {
            // What the instrument does before the weight is on or after the full time does not matter to the process.
            return;
        }
        if (stage == Stage.HOLDING) {
            looked(event.at());
            answered(event);
        }
        if (plan.gauge() == GaugeKind.DIAL && reading.isZero()) {
            zero(event);
            return;
        }
        offThePin = offThePin || reading.dial().isPresent();
        Optional<Boolean> atMark = plan.isAtMark(reading);
        if (stage == Stage.RISING && atMark.equals(Optional.of(true))) {
            stage = Stage.HOLDING;
            holdSince = Optional.of(event.at());
            lookedAt = holdSince;
        } else if (stage == Stage.HOLDING && atMark.equals(Optional.of(false))) {
            voidHold(event, Deviation.PRESSURE_LOST);
        }
    }

    /** At zero air may be back in the canner: vent again, from the beginning. */
    private void zero(RunEvent event) {
        if (event.by().device() && stage == Stage.RISING && !offThePin) {
            // A gauge that sends by itself also sends before the needle has left its pin for the first time.
            return;
        }
        backToHeating(event, stage == Stage.HOLDING ? Deviation.PRESSURE_LOST : Deviation.VENT_INTERRUPTED);
    }

    /** Like a reading below the mark, unless a dial that was looked at says that the pressure held. */
    private void disturb(RunEvent event, String deviation) {
        boolean held = event.as(InstrumentReading.class)
                .flatMap(InstrumentReading::dial)
                .filter(read -> read.compareTo(plan.target()) >= 0)
                .isPresent();
        if (stage == Stage.HOLDING && !holdComplete && !held) {
            voidHold(event, deviation);
        }
    }

    /** Water that is found takes back the doubt about a time that ran in full; a dry canner is dry whatever was reckoned. */
    private void waterSeen(RunEvent event, boolean left) {
        boolean doubted = forget(Deviation.MAY_BE_DRY);
        if (!left) {
            holdComplete = false;
            if (deviations.stream().noneMatch(past -> past.code().equals(Deviation.BOILED_DRY))) {
                deviate(Deviation.BOILED_DRY, event);
            }
        } else if (doubted) {
            holdComplete = true;
            completedAt = holdSince.map(since -> since.plus(plan.process().duration()));
        }
    }

    private boolean forget(String code) {
        return deviations.removeIf(past -> past.code().equals(code));
    }

    private void interrupt(RunEvent event) {
        if (stage == Stage.VENTING) {
            backToHeating(event, Deviation.VENT_INTERRUPTED);
        } else if (stage == Stage.HOLDING && !holdComplete) {
            voidHold(event, Deviation.INTERRUPTED);
        } else if (stage == Stage.RISING) {
            doubtSince = NEVER;
        }
    }

    /** Somebody looked, in time or too late; a gauge that goes on sending knows nothing of the weight. */
    private void answered(RunEvent event) {
        if (!event.by().device()) {
            leaveUnanswered(event.at());
        }
    }

    private void leaveUnanswered(Instant until) {
        if (unansweredSince.isEmpty()) {
            unansweredSince =
                    askedSince.filter(since -> Duration.between(since, until).compareTo(RunPlan.ANSWER_WITHIN) > 0);
        }
        askedSince = NEVER;
    }

    private void voidHold(RunEvent event, String deviation) {
        askedSince = NEVER;
        unansweredSince = NEVER;
        doubtSince = NEVER;
        stage = Stage.RISING;
        holdSince = NEVER;
        lookedAt = NEVER;
        deviate(deviation, event);
    }

    private void backToHeating(RunEvent event, String deviation) {
        askedSince = NEVER;
        unansweredSince = NEVER;
        doubtSince = NEVER;
        stage = Stage.HEATING;
        steamSince = NEVER;
        holdSince = NEVER;
        lookedAt = NEVER;
        weightOnAt = NEVER;
        deviate(deviation, event);
    }

    private void heatOff(RunEvent event) {
        boolean ranInFull = from.timeIsOver(plan, event.at());
        stage = Stage.COOLING;
        heatOffAt = Optional.of(event.at());
        if (!holdComplete && ranInFull && water.dryAt().isPresent()) {
            deviate(Deviation.MAY_BE_DRY, event);
        } else if (!holdComplete) {
            // The heat did go off; that the time was not full came to light afterwards.
            deviate(Deviation.HOLD_UNSUPPORTED, event);
        }
        // The end of the hold is no answer to what was asked in it.
        unansweredSince
                .or(() -> askedSince)
                .ifPresent(since -> deviations.add(new Deviation(plan.unanswered(), since, Optional.empty())));
        askedSince = NEVER;
    }

    private void abandon(RunEvent event, String deviation) {
        abandonedFrom = Optional.of(stage);
        askedSince = NEVER;
        doubtSince = NEVER;
        abandonedAt = Optional.of(event.at());
        stage = Stage.ABANDONED;
        deviate(deviation, event);
    }

    private void check(JarCheck jar) {
        checked.put(jar.jar(), jar);
        stage = checked.keySet().containsAll(from.inCanner(plan)) ? Stage.DONE : Stage.CHECKING;
    }

    /** Somebody has looked, or the hold is over: either way the stretch without a look has an end. */
    private void looked(Instant until) {
        lookedAt.filter(since -> Duration.between(since, until).compareTo(RunPlan.READ_WITHIN) > 0)
                .ifPresent(since -> gaps.add(new Gap(since, until)));
        lookedAt = Optional.of(until);
    }

    private void deviate(String code, RunEvent event) {
        deviations.add(new Deviation(code, event.at(), event.reading()));
    }
}
