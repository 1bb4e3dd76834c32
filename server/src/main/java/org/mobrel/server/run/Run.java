package org.mobrel.server.run;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunHistory;
import org.mobrel.run.RunPlan;
import org.mobrel.run.RunState;
import org.mobrel.run.Stage;

/**
 * A run as it is stored: its plan and its events. What the plan takes from the kitchen is of today until the lid is locked, and does not change
 * afterwards.
 *
 * @param loadNumber which load of its batch it is, from 1
 * @param sentTarget what was to be read by the kitchen as it stood when the plan was sent
 * @param pack how it was packed; cold if any of it was
 * @param groups its jars, batch by batch
 * @param again whose jars it processes again, and until when that may be
 * @param nextTry the first run that processes jars of this one again
 * @param pace of its clock, where that is not the server's
 * @param history its plan and its events in the order they were written down; event n is number n + 1
 */
public record Run(
        long id,
        long batchId,
        int loadNumber,
        String title,
        long cannerId,
        String cannerName,
        Verdict verdict,
        GaugePressure truePressure,
        GaugePressure sentTarget,
        BigDecimal headspaceIn,
        Pack pack,
        List<RunGroup> groups,
        Optional<Again> again,
        Optional<Long> nextTry,
        Optional<ClockRate> pace,
        RunHistory history) {

    public Run {
        groups = List.copyOf(groups);
    }

    /**
     * That it processes jars of another run again.
     *
     * @param run the other one
     * @param until a day from when the heat of that one went off, or from when it was given up
     */
    public record Again(long run, Instant until) {}

    /** The batches whose jars are in the load, each once. */
    public List<Long> batchIds() {
        return groups.stream().map(RunGroup::batchId).distinct().toList();
    }

    public RunPlan plan() {
        return history.plan();
    }

    public List<RunEvent> events() {
        return history.events();
    }

    public RunState state() {
        return history.state();
    }

    /** Whether it is on the practice device: nothing of it was canned, and nothing of it counts. */
    public boolean isPractice() {
        return pace.filter(ClockRate::simulated).isPresent();
    }

    /** Whether it still goes by the kitchen as it is now, because its lid is not on. */
    boolean isWaiting() {
        Stage stage = state().stage();
        return stage == Stage.CHECKS || stage == Stage.LOADING;
    }

    /** The run's own clock, from the server's. */
    public Instant clock(Instant server) {
        return pace.map(own -> own.at(server)).orElse(server);
    }

    /** Whether it was stored after another look at the same run; two transactions may be heard of in the wrong order. */
    public boolean isNewerThan(Run other) {
        return events().size() != other.events().size()
                ? events().size() > other.events().size()
                : pacedAt().isAfter(other.pacedAt());
    }

    private Instant pacedAt() {
        return pace.map(ClockRate::realAt).orElse(Instant.MIN);
    }

    Run with(ClockRate other) {
        return as(truePressure, Optional.of(other), history);
    }

    /** With one more event at its end. */
    Run and(RunEvent event) {
        return as(truePressure, pace, history.and(event));
    }

    /** As the kitchen says it should be run. */
    Run by(RunSetting setting) {
        RunPlan plan = plan();
        RunPlan other = new RunPlan(
                plan.process(),
                setting.target(),
                setting.gauge().kind(),
                plan.jars(),
                setting.jiggles(),
                setting.startWater(),
                setting.zeroNotBefore(),
                setting.care());
        return as(setting.truePressure(), pace, RunHistory.of(other, events()));
    }

    private Run as(GaugePressure needed, Optional<ClockRate> rate, RunHistory other) {
        return new Run(
                id,
                batchId,
                loadNumber,
                title,
                cannerId,
                cannerName,
                verdict,
                needed,
                sentTarget,
                headspaceIn,
                pack,
                groups,
                again,
                nextTry,
                rate,
                other);
    }

    public List<JarCount> jars() {
        return groups.stream().map(RunGroup::jars).toList();
    }

    /** Its jars of one batch. */
    public List<JarCount> jarsOf(long batch) {
        return groups.stream()
                .filter(group -> group.batchId() == batch)
                .map(RunGroup::jars)
                .toList();
    }

    /** As {@link #jarsOf}, of those that are in the canner or were: a jar that was left out is none of them. */
    public List<JarCount> insideOf(long batch) {
        Set<Integer> inside = state().inCanner(plan());
        List<JarCount> jars = new ArrayList<>();
        int from = 1;
        for (RunGroup group : groups) {
            int to = from + group.jars().count();
            int least = from;
            int count = (int)
                    inside.stream().filter(jar -> jar >= least && jar < to).count();
            if (group.batchId() == batch && count > 0) {
                jars.add(group.jars().kind().times(count));
            }
            from = to;
        }
        return jars;
    }

    /** The group of a jar by its number; jars are numbered group by group. */
    public RunGroup groupOf(int jar) {
        int before = 0;
        for (RunGroup group : groups) {
            before += group.jars().count();
            if (jar <= before) {
                return group;
            }
        }
        throw new IllegalArgumentException("run %s has no jar %s".formatted(id, jar));
    }
}
