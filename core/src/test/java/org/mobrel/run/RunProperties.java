package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/** What holds for every sequence of wishes, sensible or not. */
class RunProperties {

    private static final Instant START = Instant.parse("2026-03-07T14:00:00Z");
    private static final RunPlan PLAN = new RunPlan(new Minutes(20), GaugePressure.ofPsi(11), GaugeKind.DIAL, 2);

    /** Wishes that mostly follow a run's course, some of them out of turn, with a clock that now and then steps back. */
    @Provide
    Arbitrary<List<RunEvent>> wishes() {
        Arbitrary<EventKind> kinds = Arbitraries.of(EventKind.values());
        Arbitrary<EventKind> course = Arbitraries.of(
                EventKind.CHECKS_DONE,
                EventKind.LID_LOCKED,
                EventKind.STEAM_STEADY,
                EventKind.WEIGHT_ON,
                EventKind.READING,
                EventKind.READING,
                EventKind.READING,
                EventKind.HEAT_OFF,
                EventKind.PRESSURE_ZERO,
                EventKind.WEIGHT_OFF,
                EventKind.LID_OFF,
                EventKind.JARS_OUT,
                EventKind.JAR_CHECKED);
        Arbitrary<Integer> steps = Arbitraries.frequencyOf(
                Tuple.of(8, Arbitraries.integers().between(0, 12)),
                Tuple.of(1, Arbitraries.integers().between(-5, -1)),
                Tuple.of(1, Arbitraries.integers().between(20, 800)));
        Arbitrary<Integer> psi = Arbitraries.of(0, 9, 11, 11, 11, 12, 15);
        return Combinators.combine(Arbitraries.oneOf(course, course, kinds), steps, psi)
                .as(Wish::new)
                .list()
                .ofMinSize(5)
                .ofMaxSize(80)
                .map(RunProperties::timed);
    }

    private record Wish(EventKind kind, int step, int psi) {}

    private static List<RunEvent> timed(List<Wish> wishes) {
        List<RunEvent> events = new ArrayList<>();
        Instant now = START;
        for (Wish wish : wishes) {
            now = now.plus(Duration.ofMinutes(wish.step()));
            events.add(
                    switch (wish.kind()) {
                        case READING -> RunEvent.reading(Reading.ofDial(GaugePressure.ofPsi(wish.psi())), now);
                        case JAR_CHECKED ->
                            RunEvent.checked(new JarCheck(1 + wish.psi() % 2, true, JarCheck.LiquidLoss.NONE), now);
                        default -> RunEvent.of(wish.kind(), now);
                    });
        }
        return events;
    }

    private static List<RunEvent> accepted(List<RunEvent> wishes) {
        RunState state = RunState.start();
        List<RunEvent> events = new ArrayList<>();
        for (RunEvent wish : wishes) {
            Optional<RunEvent> event = RunRules.decide(PLAN, state, wish).event();
            if (event.isPresent()) {
                events.add(event.get());
                state = state.after(PLAN, event.get());
            }
        }
        return events;
    }

    @Property(tries = 2_000)
    void a_hold_is_complete_only_if_the_readings_support_it(@ForAll("wishes") List<RunEvent> wishes) {
        List<RunEvent> events = accepted(wishes);
        if (events.stream().anyMatch(event -> event.kind() == EventKind.HEAT_OFF)) {
            assertThat(longestHold(events))
                    .isGreaterThanOrEqualTo(PLAN.process().duration());
        }
    }

    /** A second, simpler witness: the longest stretch of readings without one below the mark. */
    private static Duration longestHold(List<RunEvent> events) {
        Duration longest = Duration.ZERO;
        Optional<Instant> since = Optional.empty();
        for (RunEvent event : events) {
            if (since.isPresent()) {
                Duration held = Duration.between(since.get(), event.at());
                longest = held.compareTo(longest) > 0 ? held : longest;
            }
            if (event.reading().isPresent()) {
                boolean atMark = event.reading().get().dial().orElseThrow().compareTo(PLAN.target()) >= 0;
                since = atMark ? since.or(() -> Optional.of(event.at())) : Optional.empty();
            }
        }
        return longest;
    }

    @Property(tries = 1_000)
    void the_lid_never_comes_off_before_zero_and_ten_minutes(@ForAll("wishes") List<RunEvent> wishes) {
        Optional<Instant> zero = Optional.empty();
        Optional<Instant> weightOff = Optional.empty();
        for (RunEvent event : accepted(wishes)) {
            if (event.kind() == EventKind.PRESSURE_ZERO) {
                zero = Optional.of(event.at());
            }
            if (event.kind() == EventKind.WEIGHT_OFF) {
                assertThat(zero).isPresent();
                weightOff = Optional.of(event.at());
            }
            if (event.kind() == EventKind.LID_OFF) {
                assertThat(Duration.between(weightOff.orElseThrow(), event.at()))
                        .isGreaterThanOrEqualTo(RunPlan.SETTLE);
            }
        }
    }

    @Property(tries = 1_000)
    void times_never_go_back_and_replaying_gives_the_same_state(@ForAll("wishes") List<RunEvent> wishes) {
        List<RunEvent> events = accepted(wishes);
        for (int index = 1; index < events.size(); index++) {
            assertThat(events.get(index).at())
                    .isAfterOrEqualTo(events.get(index - 1).at());
        }
        RunState stepwise = RunState.start();
        for (RunEvent event : events) {
            stepwise = stepwise.after(PLAN, event);
        }
        assertThat(RunState.after(PLAN, List.copyOf(events))).isEqualTo(stepwise);
    }
}
