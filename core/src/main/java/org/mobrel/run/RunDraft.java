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

/** The next state while it is being written, and the steps that more than one kind of event takes. */
final class RunDraft {

    static final Optional<Instant> NEVER = Optional.empty();

    private final RunState from;
    Stage stage;
    boolean holdComplete;
    Optional<Instant> lidLockedAt;
    Optional<Instant> steamSince;
    Optional<Instant> weightOnAt;
    Optional<Instant> holdSince;
    Optional<Instant> lookedAt;
    Optional<Instant> completedAt;
    Optional<Instant> heatOffAt;
    Optional<Instant> weightOffAt;
    Optional<Instant> openedAt;
    Optional<Instant> jarsOutAt;
    Optional<Instant> abandonedAt;
    Optional<Instant> lastAt;
    final List<Deviation> deviations;
    final List<Gap> gaps;
    final Map<CheckTick.Check, Boolean> checks = new EnumMap<>(CheckTick.Check.class);
    final Set<Integer> loaded;
    final Map<Integer, JarCheck> checked;
    final Map<Integer, Decision> fates;
    String watch;
    Hearth hearth;
    Optional<Stage> abandonedFrom;
    Optional<Decision> decision;
    boolean offThePin;
    final Map<Integer, LeftJar.Place> leftOut;
    Water water;
    boolean tooHot;
    Optional<Instant> askedSince;
    Optional<Instant> unansweredSince;
    Optional<Instant> doubtSince;

    RunDraft(RunState from) {
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

    /** The state as it is written now. A tap meant for what was before it turned is not taken. */
    RunState done() {
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

    /** The hold counts for nothing; it begins anew at the mark. */
    void voidHold(RunEvent event, String deviation) {
        forgetHold();
        stage = Stage.RISING;
        deviate(deviation, event);
    }

    /** Neither vent nor hold count: steam first. */
    void backToHeating(RunEvent event, String deviation) {
        forgetHold();
        stage = Stage.HEATING;
        steamSince = NEVER;
        weightOnAt = NEVER;
        deviate(deviation, event);
    }

    private void forgetHold() {
        askedSince = NEVER;
        unansweredSince = NEVER;
        doubtSince = NEVER;
        holdSince = NEVER;
        lookedAt = NEVER;
    }

    /** The load is given up where it stands. */
    void abandon(RunEvent event, String deviation) {
        abandonedFrom = Optional.of(stage);
        askedSince = NEVER;
        doubtSince = NEVER;
        abandonedAt = Optional.of(event.at());
        stage = Stage.ABANDONED;
        deviate(deviation, event);
    }

    /** Somebody has looked, or the hold is over: either way the stretch without a look has an end. */
    void looked(Instant until) {
        lookedAt.filter(since -> Duration.between(since, until).compareTo(RunPlan.READ_WITHIN) > 0)
                .ifPresent(since -> gaps.add(new Gap(since, until)));
        lookedAt = Optional.of(until);
    }

    /** Something the record has to tell. */
    void deviate(String code, RunEvent event) {
        deviations.add(new Deviation(code, event.at(), event.reading()));
    }

    /** @return whether there was one */
    boolean forget(String code) {
        return deviations.removeIf(past -> past.code().equals(code));
    }
}
