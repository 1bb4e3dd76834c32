package org.mobrel.server.run;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.Deviation;
import org.mobrel.run.JarCheck;
import org.mobrel.run.Reading;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunPlan;
import org.mobrel.run.RunState;
import org.mobrel.run.WeightState;
import org.mobrel.server.ruling.JarAsk;

/** Words a run for the wire; decides nothing. */
public final class RunWords {

    private RunWords() {}

    public static RunWire.RunAnswer answer(Run run, Instant clock) {
        RunState folded = run.state();
        Instant now = folded.clock(clock);
        RunState state = folded.seenAt(run.plan(), now);
        Optional<Instant> since = clockSince(state);
        List<RunWire.EventAnswer> events = IntStream.range(0, run.events().size())
                .mapToObj(index -> event(run, index))
                .toList();
        return new RunWire.RunAnswer(
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
                run.headspaceIn().stripTrailingZeros(),
                run.jars().stream().map(JarAsk::of).toList(),
                run.groups().stream().map(RunGroup::title).toList(),
                run.plan().jars(),
                now,
                state.stage().code(),
                state.stage().isAtTheStove(),
                state.holdComplete(),
                or(since),
                or(clockEndsAt(run.plan(), state)),
                or(state.weightOnAt()),
                or(state.heatOffAt()),
                or(state.openedAt()),
                or(state.jarsOutAt()),
                or(state.jarsOutAt().map(out -> out.plus(RunPlan.REST))),
                or(state.jarsOutAt().map(out -> out.plus(RunPlan.CHECK_BY))),
                or(state.heatOffAt().map(off -> off.plus(RunPlan.CHECK_BY))),
                events.stream()
                        .filter(event -> event.type().equals("reading"))
                        .reduce((first, last) -> last)
                        .orElse(null),
                state.deviations().stream().map(RunWords::deviation).toList(),
                events,
                state.checked().values().stream().map(jar -> jar(run, jar)).toList());
    }

    private static Optional<Instant> clockSince(RunState state) {
        return switch (state.stage()) {
            case VENTING -> state.steamSince();
            case HOLDING -> state.holdSince();
            case SETTLING -> state.weightOffAt();
            case RESTING, CHECKING -> state.jarsOutAt();
            default -> Optional.empty();
        };
    }

    private static Optional<Instant> clockEndsAt(RunPlan plan, RunState state) {
        return switch (state.stage()) {
            case VENTING -> state.steamSince().map(since -> since.plus(RunPlan.VENT));
            case HOLDING -> state.earliestHeatOff(plan);
            case SETTLING -> state.weightOffAt().map(since -> since.plus(RunPlan.SETTLE));
            case RESTING, CHECKING -> state.jarsOutAt().map(since -> since.plus(RunPlan.REST));
            default -> Optional.empty();
        };
    }

    private static RunWire.EventAnswer event(Run run, int index) {
        RunEvent event = run.events().get(index);
        return new RunWire.EventAnswer(
                index + 1,
                event.kind().code(),
                event.at(),
                psi(event.reading()),
                weight(event.reading()),
                or(event.jar().map(jar -> jar(run, jar))),
                event.note());
    }

    private static RunWire.DeviationAnswer deviation(Deviation deviation) {
        return new RunWire.DeviationAnswer(
                deviation.code(), deviation.at(), psi(deviation.reading()), weight(deviation.reading()));
    }

    private static RunWire.JarAnswer jar(Run run, JarCheck jar) {
        return new RunWire.JarAnswer(
                jar.jar(),
                run.groupOf(jar.jar()).jars().size().code(),
                jar.sealed(),
                jar.loss().code());
    }

    private static @Nullable BigDecimal psi(Optional<Reading> reading) {
        return or(reading.flatMap(Reading::dial).map(GaugePressure::psi));
    }

    private static @Nullable String weight(Optional<Reading> reading) {
        return or(reading.flatMap(Reading::weight).map(WeightState::code));
    }

    private static <T> @Nullable T or(Optional<T> value) {
        return value.orElse(null);
    }
}
