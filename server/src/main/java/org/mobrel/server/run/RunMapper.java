package org.mobrel.server.run;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.CheckTick;
import org.mobrel.run.Correction;
import org.mobrel.run.Decision;
import org.mobrel.run.Deviation;
import org.mobrel.run.Due;
import org.mobrel.run.EventKind;
import org.mobrel.run.Gap;
import org.mobrel.run.Heard;
import org.mobrel.run.Hearth;
import org.mobrel.run.HeatSource;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.JarCheck;
import org.mobrel.run.JarFate;
import org.mobrel.run.Jiggles;
import org.mobrel.run.Outlook;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunPlan;
import org.mobrel.run.RunState;
import org.mobrel.run.RunTimestamps;
import org.mobrel.run.Seen;
import org.mobrel.run.Stage;
import org.mobrel.run.WaterSeen;
import org.mobrel.run.WeightState;
import org.mobrel.run.ZeroSigns;
import org.mobrel.server.ruling.JarRequest;

/** Words a run for the wire; decides nothing. */
final class RunMapper {

    /** So late a gauge may send without having been late. */
    private static final Duration SAVED_UP = Duration.ofMinutes(1);

    private RunMapper() {}

    static RunMessages.RunResponse answer(Run run, Instant server, RunResponses.Past past, int known) {
        RunState folded = run.state();
        Instant now = folded.clock(run.clock(server));
        RunState state = folded.seenAt(run.plan(), now);
        RunTimestamps when = state.when();
        Optional<RunEvent> lastReading = run.events().stream()
                .filter(event -> event.reading().isPresent())
                .reduce((first, last) -> last);
        return new RunMessages.RunResponse(
                run.id(),
                run.batchId(),
                run.loadNumber(),
                run.title(),
                run.cannerId(),
                run.cannerName(),
                run.plan().gauge().code(),
                run.verdict().code(),
                run.plan().process().value(),
                run.plan().target().psi(),
                run.truePressure().psi(),
                run.sentTarget().equals(run.plan().target())
                        ? null
                        : run.sentTarget().psi(),
                run.headspaceIn().stripTrailingZeros(),
                run.jars().stream().map(JarRequest::of).toList(),
                run.groups().stream().map(RunGroup::name).toList(),
                run.batchIds(),
                run.groups().stream().map(RunMapper::brothMl).toList(),
                run.plan().jars(),
                jiggles(run.plan().jiggles()),
                now,
                run.pace().map(ClockRate::pace).orElse(1),
                run.isPractice(),
                run.pace().isPresent(),
                state.stage().code(),
                state.turn(),
                state.stage().isAtTheStove(),
                state.isClosed(),
                state.holdComplete(),
                or(state.doubtSince()),
                or(state.askedSince()),
                or(clockSince(state)),
                or(clockEndsAt(run.plan(), state)),
                or(when.lidLockedAt()),
                or(when.weightOnAt()),
                or(when.completedAt()),
                or(when.heatOffAt()),
                or(zeroDoubtedUntil(run.plan(), state)),
                or(when.openedAt()),
                or(when.jarsOutAt()),
                or(when.jarsOutAt().map(out -> out.plus(RunPlan.REST))),
                or(state.checkBy()),
                or(state.decideBy()),
                or(state.lostNow().map(RunMapper::deviation)),
                or(lastReading.map(reading -> event(run, run.events().lastIndexOf(reading)))),
                lastReading
                        .flatMap(RunEvent::reading)
                        .filter(run.plan()::isTooHigh)
                        .isPresent(),
                or(Outlook.of(run.plan(), state, past.usual(), now).map(RunMapper::outlook)),
                Due.of(run.plan(), state).stream()
                        .map(due -> new RunMessages.DueResponse(due.what(), due.at()))
                        .toList(),
                state.checks().entrySet().stream()
                        .map(tick -> new RunMessages.CheckResponse(tick.getKey().code(), tick.getValue()))
                        .toList(),
                run.plan().care().stream().sorted().map(CheckTick.Check::code).toList(),
                state.loaded().stream().sorted().toList(),
                state.leftOut().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(left -> new RunMessages.LeftJarResponse(
                                left.getKey(), left.getValue().code()))
                        .toList(),
                state.inCanner(run.plan()).stream().sorted().toList(),
                or(water(run.plan(), state)),
                or(run.again().map(Run.Again::run)),
                or(run.again().map(Run.Again::until)),
                or(run.nextTry()),
                state.watch(),
                or(Optional.of(state.hearth())
                        .filter(where -> !where.isSameAs(Hearth.USUAL))
                        .map(RunMapper::hearth)),
                or(burner(run, state, past)),
                state.gaps().stream().map(RunMapper::gap).toList(),
                state.deviations().stream().map(RunMapper::deviation).toList(),
                state.heldFor(),
                state.awaitsDecision(),
                or(state.decision().map(Decision::code)),
                known,
                IntStream.range(known, run.events().size())
                        .mapToObj(index -> event(run, index))
                        .toList(),
                state.checked().values().stream()
                        .sorted(Comparator.comparing(JarCheck::jar))
                        .map(jar -> jar(run, jar))
                        .toList(),
                state.fates().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(fate -> new RunMessages.FateResponse(
                                fate.getKey(), fate.getValue().code()))
                        .toList(),
                state.unsettled());
    }

    private static Optional<Instant> zeroDoubtedUntil(RunPlan plan, RunState state) {
        return plan.zeroNotBefore().isZero() || state.stage() != Stage.COOLING
                ? Optional.empty()
                : state.when().heatOffAt().map(off -> off.plus(plan.zeroNotBefore()));
    }

    private static Optional<RunMessages.WaterResponse> water(RunPlan plan, RunState state) {
        return state.stage().compareTo(Stage.HOLDING) > 0
                ? Optional.empty()
                : plan.startWater().flatMap(start -> state.waterLeft(plan)
                        .map(left -> new RunMessages.WaterResponse(
                                (int) Math.round(start.millilitres()),
                                (int) Math.round(left.millilitres()),
                                or(state.waterLowAt(plan)),
                                or(state.waterDryAt(plan)))));
    }

    private static Optional<Instant> clockSince(RunState state) {
        return switch (state.stage()) {
            case VENTING -> state.when().steamSince();
            case HOLDING -> state.when().holdSince();
            case SETTLING -> state.when().weightOffAt();
            case RESTING, CHECKING -> state.when().jarsOutAt();
            default -> Optional.empty();
        };
    }

    private static Optional<Instant> clockEndsAt(RunPlan plan, RunState state) {
        return switch (state.stage()) {
            case VENTING -> state.when().steamSince().map(since -> since.plus(RunPlan.VENT));
            case HOLDING -> state.earliestHeatOff(plan);
            case SETTLING -> state.when().weightOffAt().map(since -> since.plus(RunPlan.SETTLE));
            case RESTING, CHECKING -> state.when().jarsOutAt().map(since -> since.plus(RunPlan.REST));
            default -> Optional.empty();
        };
    }

    private static RunMessages.EventResponse event(Run run, int index) {
        RunEvent event = run.events().get(index);
        Optional<InstrumentReading> reading =
                event.as(InstrumentReading.class).or(() -> event.correction().flatMap(Correction::instead));
        return new RunMessages.EventResponse(
                index + 1,
                event.kind().code(),
                event.at(),
                or(heardLate(event)),
                psi(reading),
                weight(reading),
                or(reading.flatMap(InstrumentReading::jiggles)),
                or(event.jar().map(jar -> jar(run, jar))),
                or(event.jar().isPresent() ? Optional.empty() : EventRow.whichJar(event)),
                or(event.as(CheckTick.class)
                        .map(tick -> new RunMessages.CheckResponse(tick.check().code(), tick.waived()))),
                or(event.correction().map(Correction::event)),
                or(event.as(Decision.class)
                        .or(() -> event.as(JarFate.class).map(JarFate::decision))
                        .map(Decision::code)),
                or(event.as(ZeroSigns.class).map(zero -> zero.seen().stream()
                        .map(ZeroSigns.Sign::code)
                        .sorted()
                        .toList())),
                or(event.as(ZeroSigns.class).map(ZeroSigns::cooled)),
                or(EventRow.place(event)),
                or(event.as(WaterSeen.class).map(WaterSeen::left)),
                or(event.as(Heard.class).map(Heard::perMinute)),
                or(event.as(Seen.class).map(seen -> seen.lowest().psi())),
                or(event.as(Seen.class).map(seen -> seen.highest().psi())),
                said(event.by().device() ? "" : event.by().name()),
                said(event.by().device() ? event.by().name() : ""),
                said(event.note()));
    }

    /** When it was told, if that was later than it happened; a gauge saves up a few readings, of which nobody need hear. */
    private static Optional<Instant> heardLate(RunEvent event) {
        boolean savedUp = event.by().device()
                && Duration.between(event.at(), event.heard()).compareTo(SAVED_UP) <= 0;
        return event.isHeardLate() && !savedUp ? Optional.of(event.heard()) : Optional.empty();
    }

    /** There are many events: what is not said costs nothing. */
    private static @Nullable String said(String words) {
        return words.isEmpty() ? null : words;
    }

    private static RunMessages.DeviationResponse deviation(Deviation deviation) {
        return new RunMessages.DeviationResponse(
                deviation.code(),
                deviation.at(),
                psi(deviation.reading()),
                weight(deviation.reading()),
                or(deviation.reading().flatMap(InstrumentReading::jiggles)));
    }

    private static RunMessages.GapResponse gap(Gap gap) {
        return new RunMessages.GapResponse(gap.from(), gap.until(), gap.missedLooks());
    }

    private static RunMessages.OutlookResponse outlook(Outlook outlook) {
        return new RunMessages.OutlookResponse(
                outlook.heatOff(), outlook.leastToHeatOff().toMillis(), outlook.zero(), outlook.lidOff());
    }

    /** What was said since it stands where it does, or else what held the last time. */
    private static Optional<RunMessages.BurnerResponse> burner(Run run, RunState state, RunResponses.Past past) {
        return run.events().stream()
                .filter(event -> event.kind() == EventKind.BURNER || event.kind() == EventKind.STANDS_ON)
                .reduce((first, last) -> last)
                .filter(event -> event.kind() == EventKind.BURNER)
                .map(event -> new RunMessages.BurnerResponse(event.note(), event.at(), true, null))
                .or(() -> state.hearth()
                        .lastOf(past.burner())
                        .map(last -> new RunMessages.BurnerResponse(
                                last.words(),
                                last.at(),
                                false,
                                last.where().isSameAs(state.hearth()) ? null : hearth(last.where()))));
    }

    private static RunMessages.HearthResponse hearth(Hearth where) {
        return new RunMessages.HearthResponse(where.burner(), or(where.source().map(HeatSource::code)));
    }

    private static @Nullable Integer brothMl(RunGroup group) {
        return or(group.broth().map(broth -> (int) Math.round(broth.millilitres())));
    }

    private static RunMessages.@Nullable JiggleRange jiggles(Jiggles range) {
        return range.areCounted() ? new RunMessages.JiggleRange(range.least(), range.most()) : null;
    }

    private static RunMessages.JarResponse jar(Run run, JarCheck jar) {
        return new RunMessages.JarResponse(
                jar.jar(),
                run.groupOf(jar.jar()).jars().size().code(),
                jar.sealed(),
                jar.loss().code(),
                jar.level().code());
    }

    private static @Nullable BigDecimal psi(Optional<InstrumentReading> reading) {
        return or(reading.flatMap(InstrumentReading::dial).map(GaugePressure::psi));
    }

    private static @Nullable String weight(Optional<InstrumentReading> reading) {
        return or(reading.flatMap(InstrumentReading::weight).map(WeightState::code));
    }

    private static <T> @Nullable T or(Optional<T> value) {
        return value.orElse(null);
    }
}
