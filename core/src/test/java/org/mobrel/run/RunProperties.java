package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;

/** What holds for every sequence of commands, sensible or not. */
class RunProperties {

    private static final Instant START = Instant.parse("2026-03-07T14:00:00Z");
    private static final Duration SOON = Duration.ofMinutes(8);
    private static final Volume WATER = Volume.ofMillilitres(1_500);
    private static final RunPlan PLAN = new RunPlan(
            new Minutes(20),
            GaugePressure.ofPsi(11),
            GaugeKind.DIAL,
            2,
            Jiggles.NOT_COUNTED,
            Optional.of(WATER),
            SOON,
            Set.of());

    private static final Set<EventKind> RARE = Set.of(
            EventKind.ABANDON,
            EventKind.STOP_EARLY,
            EventKind.STEAM_STOPPED,
            EventKind.FORCED_COOLING,
            EventKind.BOILED_DRY,
            EventKind.JAR_LEFT,
            EventKind.WEIGHT_KNOCKED,
            EventKind.CANNER_MOVED,
            EventKind.PRESSURE_NEEDED);

    /** @param late how many minutes before it is told a reading was taken; 0 for most */
    private record Wish(int dice, EventKind any, int step, int psi, int late, int event) {}

    @Provide
    Arbitrary<List<Wish>> commands() {
        Arbitrary<EventKind> kinds = Arbitraries.of(EventKind.values());
        Arbitrary<Integer> steps = Arbitraries.frequencyOf(
                Tuple.of(8, Arbitraries.integers().between(0, 12)),
                Tuple.of(1, Arbitraries.integers().between(-5, -1)),
                Tuple.of(1, Arbitraries.integers().between(20, 800)));
        Arbitrary<Integer> late = Arbitraries.frequencyOf(
                Tuple.of(4, Arbitraries.just(0)),
                Tuple.of(1, Arbitraries.integers().between(1, 30)));
        return Combinators.combine(
                        Arbitraries.integers().between(0, 9),
                        kinds,
                        steps,
                        Arbitraries.of(0, 9, 11, 11, 11, 11, 12, 15),
                        late,
                        Arbitraries.integers().between(1, 30))
                .as(Wish::new)
                .list()
                .ofMinSize(10)
                .ofMaxSize(70);
    }

    /** The log of those commands that were accepted; most of them go on along the course, some say anything at all. */
    private static List<RunEvent> accepted(List<Wish> commands) {
        List<RunEvent> log = new ArrayList<>();
        Instant now = START;
        for (Wish command : commands) {
            now = now.plus(Duration.ofMinutes(command.step()));
            RunState state = RunState.after(PLAN, log);
            EventKind kind = command.dice() > 2 || RARE.contains(command.any()) && command.dice() > 0
                    ? next(state)
                    : command.any();
            RunRules.decide(RunHistory.of(PLAN, log), event(kind, command, now))
                    .event()
                    .ifPresent(log::add);
        }
        return log;
    }

    private static EventKind next(RunState state) {
        return switch (state.stage()) {
            case CHECKS -> EventKind.CHECKS_DONE;
            case LOADING -> EventKind.LID_LOCKED;
            case HEATING -> EventKind.STEAM_STEADY;
            case VENTING -> EventKind.WEIGHT_ON;
            case RISING -> EventKind.READING;
            case HOLDING -> state.turn() % 3 == 0 ? EventKind.READING : EventKind.HEAT_OFF;
            case COOLING -> EventKind.PRESSURE_ZERO;
            case DEPRESSURISED -> EventKind.WEIGHT_OFF;
            case SETTLING -> EventKind.LID_OFF;
            case OPENED -> EventKind.JARS_OUT;
            case RESTING, CHECKING -> EventKind.JAR_CHECKED;
            case DONE, ABANDONED -> EventKind.NOTE;
        };
    }

    private static RunEvent event(EventKind kind, Wish command, Instant now) {
        InstrumentReading read = InstrumentReading.ofDial(GaugePressure.ofPsi(command.psi()));
        RunEvent plain =
                switch (kind) {
                    case READING -> RunEvent.reading(read, now.minus(Duration.ofMinutes(command.late())));
                    case JAR_CHECKED ->
                        RunEvent.checked(new JarCheck(1 + command.psi() % 2, true, JarCheck.LiquidLoss.NONE), now);
                    case CHECK ->
                        RunEvent.of(kind, new CheckTick(CheckTick.Check.values()[command.event() % 6], false), now);
                    case JAR_LEFT -> RunEvent.of(kind, new LeftJar(1 + command.psi() % 3, LeftJar.Place.TONIGHT), now);
                    case WATER_SEEN -> RunEvent.of(kind, new WaterSeen(command.event() % 3 > 0), now);
                    case PRESSURE_ZERO ->
                        command.late() > 5
                                ? RunEvent.of(
                                        kind,
                                        new ZeroSigns(Set.of(ZeroSigns.Sign.NO_HISS), command.event() % 2 == 0),
                                        now)
                                : RunEvent.of(kind, now);
                    case SEEN -> RunEvent.of(kind, seen(command.psi()), now);
                    case HEARD -> RunEvent.of(kind, new Heard(Duration.ofMinutes(1), command.psi()), now);
                    case JAR_IN, JAR_BACK -> RunEvent.of(kind, new JarSeat(1 + command.psi() % 3), now);
                    case JAR_SETTLED ->
                        RunEvent.of(kind, new JarFate(1 + command.psi() % 2, Decision.REFRIGERATED), now);
                    case ALARM_ANSWERED -> RunEvent.of(kind, new AnsweredAlarm("look"), now);
                    case PRESSURE_NEEDED ->
                        RunEvent.of(
                                kind, InstrumentReading.ofDial(GaugePressure.ofPsi(command.late() > 5 ? 20 : 5)), now);
                    case DECIDED -> RunEvent.of(kind, Decision.FROZEN, now);
                    case CORRECTION ->
                        RunEvent.of(
                                kind,
                                new Correction(
                                        command.event(), command.late() > 10 ? Optional.of(read) : Optional.empty()),
                                now);
                    default -> RunEvent.of(kind, now);
                };
        Reporter by = command.event() % 2 == 0 ? Reporter.gauge("probe") : Reporter.cook("Ines");
        return plain.heardAt(now)
                .by(kind == EventKind.READING ? by : Reporter.cook("Ines"))
                .with("words");
    }

    @Property
    void a_hold_is_complete_only_if_the_readings_support_it(@ForAll("commands") List<Wish> commands) {
        List<RunEvent> log = accepted(commands);
        Instant end = lastOf(log);
        if (RunState.after(PLAN, log).seenAt(PLAN, end).holdComplete()) {
            assertThat(log.stream().anyMatch(event -> holdsFrom(event, log, end)))
                    .as("a reading at the mark with twenty minutes behind it and none below in them")
                    .isTrue();
        }
    }

    /** A second, simpler witness, which reads the log as it was written and believes no correction that lifts a reading. */
    private static boolean holdsFrom(RunEvent first, List<RunEvent> log, Instant now) {
        Instant until = first.at().plus(PLAN.process().duration());
        return isAtMark(first)
                && !until.isAfter(now)
                && log.stream()
                        .filter(event -> event.reading().isPresent() && !isAtMark(event))
                        .noneMatch(
                                low -> low.at().isAfter(first.at()) && low.at().isBefore(until));
    }

    private static boolean isAtMark(RunEvent event) {
        return event.reading()
                .flatMap(InstrumentReading::dial)
                .filter(read -> read.compareTo(PLAN.target()) >= 0)
                .isPresent();
    }

    private static Instant lastOf(List<RunEvent> log) {
        return log.stream().map(RunEvent::heard).max(Instant::compareTo).orElse(START);
    }

    /** What a device overhears may ask and hold a lot back; with it or without it the run is the same. */
    @Property
    void a_history_that_grows_comes_to_the_same_as_one_that_is_read_anew(@ForAll("commands") List<Wish> commands) {
        List<RunEvent> log = accepted(commands);
        RunHistory grown = RunHistory.of(PLAN, List.of());
        for (int many = 0; many < log.size(); many++) {
            // Asked for now and then, as a server asks: what is not asked for is not worked out.
            if (many % 5 < 4) {
                grown.state();
            }
            grown = grown.and(log.get(many));
            if (many % 3 == 0) {
                assertThat(grown.state()).isEqualTo(RunState.after(PLAN, log.subList(0, many + 1)));
            }
        }
        assertThat(grown.state()).isEqualTo(RunState.after(PLAN, log));
    }

    @Property
    void nothing_that_is_overheard_moves_a_run(
            @ForAll("commands") List<Wish> commands,
            @ForAll @Size(min = 1, max = 60) List<@IntRange(max = 999) Integer> when) {
        List<RunEvent> log = accepted(commands);
        List<RunEvent> overheard = overhearing(log, when);
        RunState with = RunState.after(PLAN, overheard);
        for (Instant now : List.of(lastOf(log), lastOf(log).plus(Duration.ofHours(3)))) {
            RunState bare = RunState.after(PLAN, without(overheard)).seenAt(PLAN, now);
            RunState heard = with.seenAt(PLAN, now);
            assertThat(heard.stage()).isEqualTo(bare.stage());
            assertThat(heard.holdComplete()).isEqualTo(bare.holdComplete());
            assertThat(heard.when()).isEqualTo(bare.when());
            assertThat(heard.turn()).isEqualTo(bare.turn());
            assertThat(heard.water()).isEqualTo(bare.water());
            assertThat(heard.heldFor()).containsAll(bare.heldFor());
            assertThat(heard.deviations().stream()
                            .filter(deviation -> !deviation.code().equals(PLAN.unanswered())))
                    .containsExactlyElementsOf(bare.deviations());
        }
    }

    private static Seen seen(int psi) {
        return new Seen(GaugePressure.ofPsi(psi), GaugePressure.ofPsi(psi + 1), 12);
    }

    /** The log with questions and minutes of a device put in, of its own time and at any place. */
    private static List<RunEvent> overhearing(List<RunEvent> log, List<Integer> when) {
        Map<Integer, List<RunEvent>> at = new TreeMap<>();
        for (int dice : when) {
            int place = dice % (log.size() + 1);
            Instant then = (place == 0 ? START : log.get(place - 1).heard()).plusSeconds(dice * 7L);
            at.computeIfAbsent(place, any -> new ArrayList<>())
                    .add(
                            switch (dice % 4) {
                                case 0 -> RunEvent.of(EventKind.NOT_HEARD, then);
                                case 1 -> RunEvent.of(EventKind.HEARD, new Heard(Duration.ofMinutes(1), dice), then);
                                case 2 -> RunEvent.of(EventKind.NOT_SEEN, then);
                                default -> RunEvent.of(EventKind.SEEN, seen(dice % 20), then);
                            });
        }
        List<RunEvent> all = new ArrayList<>();
        List<Integer> moved = new ArrayList<>();
        for (int index = 0; index <= log.size(); index++) {
            all.addAll(at.getOrDefault(index, List.of()));
            if (index < log.size()) {
                moved.add(all.size() + 1);
                all.add(renumbered(log.get(index), moved));
            }
        }
        return all;
    }

    private static List<RunEvent> without(List<RunEvent> all) {
        List<RunEvent> left = new ArrayList<>();
        List<Integer> moved = new ArrayList<>();
        for (RunEvent event : all) {
            boolean stays = !event.kind().isOverheard();
            moved.add(stays ? left.size() + 1 : 0);
            if (stays) {
                left.add(renumbered(event, moved));
            }
        }
        return left;
    }

    /** A correction names its event by its number in the log, which is another now. */
    private static RunEvent renumbered(RunEvent event, List<Integer> moved) {
        return event.correction()
                .map(correction -> new RunEvent(
                        event.kind(),
                        event.at(),
                        event.heard(),
                        Optional.of(new Correction(moved.get(correction.event() - 1), correction.instead())),
                        event.by(),
                        event.note()))
                .orElse(event);
    }

    @Property
    void the_lid_never_comes_off_before_zero_and_ten_minutes(@ForAll("commands") List<Wish> commands) {
        List<RunEvent> log = accepted(commands);
        for (RunEvent lid : ofKind(EventKind.LID_OFF, log)) {
            assertThat(ofKind(EventKind.PRESSURE_ZERO, log))
                    .anyMatch(zero -> !zero.at().isAfter(lid.at().minus(RunPlan.SETTLE)));
            assertThat(ofKind(EventKind.WEIGHT_OFF, log))
                    .anyMatch(off -> !off.at().isAfter(lid.at().minus(RunPlan.SETTLE)));
        }
    }

    /** Nothing comes off the stove as if all were well when it boiled dry, was disturbed, or lost its pressure too soon. */
    @Property
    void no_order_of_events_completes_a_run_that_was_dry_or_at_zero_too_soon(@ForAll("commands") List<Wish> commands) {
        List<RunEvent> log = accepted(commands);
        RunState state = RunState.after(PLAN, log).seenAt(PLAN, lastOf(log));
        boolean foundDry = ofKind(EventKind.WATER_SEEN, log).stream()
                .anyMatch(seen -> !seen.as(WaterSeen.class).orElseThrow().left());
        boolean saidDry = !ofKind(EventKind.BOILED_DRY, log).isEmpty();
        assertThat(state.holdComplete() && foundDry || saidDry && state.stage() != Stage.ABANDONED)
                .isFalse();
        if (state.stage() == Stage.DONE && state.heldFor().isEmpty()) {
            Instant locked = last(EventKind.LID_LOCKED, log);
            Instant off = last(EventKind.HEAT_OFF, log);
            boolean sawWater = !ofKind(EventKind.WATER_SEEN, log).isEmpty();
            // Whatever the heat was, it was never less than in a hold that is held well.
            double leastUsed = 270.0
                    / 60
                    * Duration.between(locked, state.when().completedAt().orElseThrow())
                            .toMinutes();
            assertThat(sawWater || leastUsed < WATER.millilitres()).isTrue();
            assertThat(Duration.between(off, last(EventKind.PRESSURE_ZERO, log)))
                    .isGreaterThanOrEqualTo(SOON);
        }
    }

    private static Instant last(EventKind kind, List<RunEvent> log) {
        List<RunEvent> all = ofKind(kind, log);
        return all.get(all.size() - 1).at();
    }

    /** One count of jars: what was loaded is what is checked, and of every other one somebody has said where it went. */
    @Property
    void every_jar_is_checked_or_was_asked_for(@ForAll("commands") List<Wish> commands) {
        List<RunEvent> log = accepted(commands);
        RunState state = RunState.after(PLAN, log);
        if (state.stage().compareTo(Stage.HEATING) >= 0 && state.stage() != Stage.ABANDONED) {
            assertThat(state.missing(PLAN)).isEmpty();
            assertThat(state.inCanner(PLAN)).isNotEmpty();
            assertThat(state.inCanner(PLAN).size() + state.leftOut().size()).isEqualTo(PLAN.jars());
        }
        if (state.stage() == Stage.DONE) {
            assertThat(state.checked().keySet()).isEqualTo(state.inCanner(PLAN));
        }
    }

    private static List<RunEvent> ofKind(EventKind kind, List<RunEvent> log) {
        return log.stream().filter(event -> event.kind() == kind).toList();
    }

    @Property
    void a_correction_lets_nothing_end_earlier(@ForAll("commands") List<Wish> commands) {
        List<RunEvent> log = accepted(commands);
        for (int index = 0; index < log.size(); index++) {
            if (log.get(index).kind() == EventKind.CORRECTION) {
                Instant now = log.get(index).at();
                RunState before = RunState.after(PLAN, log.subList(0, index)).seenAt(PLAN, now);
                RunState after = RunState.after(PLAN, log.subList(0, index + 1)).seenAt(PLAN, now);
                assertThat(after.holdComplete() && !before.holdComplete()).isFalse();
                assertThat(after.stage()).isLessThanOrEqualTo(before.stage());
                if (after.stage() == Stage.HOLDING) {
                    assertThat(before.stage() == Stage.HOLDING
                                    && before.when()
                                            .holdSince()
                                            .orElseThrow()
                                            .isAfter(after.when().holdSince().orElseThrow()))
                            .as("the clock of the hold began earlier by a correction")
                            .isFalse();
                }
            }
        }
    }

    @Property
    void only_late_readings_lie_before_what_was_written_earlier(@ForAll("commands") List<Wish> commands) {
        List<RunEvent> log = accepted(commands);
        Instant last = Instant.MIN;
        for (RunEvent event : log) {
            if (event.kind().isOverheard()) {
                // It moves nothing, the run's clock included.
                continue;
            }
            boolean late = event.kind() == EventKind.READING && event.isHeardLate();
            assertThat(late || !event.at().isBefore(last)).isTrue();
            last = event.at().isAfter(last) ? event.at() : last;
        }
    }

    /** Which of two late readings got through first must not matter. */
    @Property
    void readings_written_down_in_any_order_give_the_same_state(
            @ForAll("commands") List<Wish> commands, @ForAll Random random) {
        List<RunEvent> log = accepted(commands).stream()
                .filter(event -> event.kind() != EventKind.CORRECTION)
                .toList();
        List<RunEvent> others = new ArrayList<>(
                log.stream().filter(event -> event.reading().isEmpty()).toList());
        List<RunEvent> readings = new ArrayList<>(
                log.stream().filter(event -> event.reading().isPresent()).toList());
        long instants = log.stream().map(RunEvent::at).distinct().count();
        if (instants == log.size()) {
            Collections.shuffle(readings, random);
            others.addAll(readings);
            assertThat(RunState.after(PLAN, others)).isEqualTo(RunState.after(PLAN, log));
        }
    }
}
