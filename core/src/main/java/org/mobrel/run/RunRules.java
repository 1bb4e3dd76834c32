package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What may happen when. A command is answered by the event it becomes, or by a refusal that says why and how long still. */
public final class RunRules {

    private static final Set<EventKind> TAKEN_BACK_ANY_TIME =
            EnumSet.of(EventKind.READING, EventKind.AWAY, EventKind.BURNER, EventKind.NOTE);

    private RunRules() {}

    /**
     * Decides on a command. The event it becomes carries the run's own clock, which never steps back; only a reading that was kept or
     * sent late keeps an earlier time of its own.
     *
     * @param written all events so far, in the order they were written down
     * @param command with the instant at which it was uttered
     */
    public static CommandResult decide(RunHistory written, RunEvent command) {
        RunPlan plan = written.plan();
        RunState state = written.state();
        RunEvent event = plain(plan, state, timed(state, command));
        RunState then =
                event.at().isBefore(state.when().lastAt().orElse(event.at())) ? upTo(written, event.at()) : state;
        Optional<Refusal> refusal = guard(plan, then.seenAt(plan, event.at()), event, written.events());
        return refusal.map(CommandResult::refuse).orElseGet(() -> CommandResult.accept(event));
    }

    /** Signs are asked for where a zero comes too soon; told without need they say nothing. */
    private static RunEvent plain(RunPlan plan, RunState state, RunEvent event) {
        return event.kind() == EventKind.PRESSURE_ZERO && !isTooSoon(plan, state, event) ? event.without() : event;
    }

    private static boolean isTooSoon(RunPlan plan, RunState state, RunEvent zero) {
        return state.when()
                .heatOffAt()
                .filter(off -> zero.at().isBefore(off.plus(plan.zeroNotBefore())))
                .isPresent();
    }

    private static RunEvent timed(RunState state, RunEvent command) {
        Instant heard = state.clock(command.heard());
        Instant at =
                command.isHeardLate() && command.kind() == EventKind.READING ? command.at() : state.clock(command.at());
        return command.happened(at.isAfter(heard) ? heard : at, heard);
    }

    /** The state as it was when a late reading was taken. */
    private static RunState upTo(RunHistory written, Instant at) {
        RunState state = RunState.start();
        for (EventTimeline.Step step : EventTimeline.of(written.plan(), written.events())) {
            if (!step.event().at().isAfter(at)) {
                state = state.after(written.plan(), step);
            }
        }
        return state;
    }

    /** The legal moves, as a table. */
    private static Set<Stage> allowedIn(EventKind kind) {
        return switch (kind) {
            case CHECKS_DONE -> EnumSet.of(Stage.CHECKS);
            case CHECK -> EnumSet.of(Stage.CHECKS, Stage.LOADING);
            case JAR_IN, JAR_BACK, JAR_LEFT, LID_LOCKED -> EnumSet.of(Stage.LOADING);
            case STEAM_STEADY -> EnumSet.of(Stage.HEATING);
            case STEAM_STOPPED, WEIGHT_ON -> EnumSet.of(Stage.VENTING);
            case READING -> EnumSet.of(Stage.RISING, Stage.HOLDING);
            case INTERRUPTED, BOILED_DRY -> EnumSet.range(Stage.HEATING, Stage.HOLDING);
            case STANDS_ON -> EnumSet.range(Stage.CHECKS, Stage.HOLDING);
            case WEIGHT_KNOCKED, CANNER_MOVED -> EnumSet.range(Stage.HEATING, Stage.COOLING);
            case HEAT_OFF -> EnumSet.of(Stage.HOLDING);
            case NOT_HEARD, NOT_SEEN -> EnumSet.of(Stage.HOLDING);
            case HEARD, SEEN -> EnumSet.range(Stage.HEATING, Stage.HOLDING);
            case SERVER_AWAY, HELD -> EnumSet.range(Stage.VENTING, Stage.HOLDING);
            case STOP_EARLY -> EnumSet.of(Stage.RISING, Stage.HOLDING);
            case FORCED_COOLING, PRESSURE_ZERO -> EnumSet.of(Stage.COOLING);
            case WEIGHT_OFF -> EnumSet.of(Stage.DEPRESSURISED);
            case LID_OFF -> EnumSet.of(Stage.SETTLING);
            case WATER_SEEN -> EnumSet.of(Stage.OPENED, Stage.RESTING, Stage.CHECKING);
            case JARS_OUT -> EnumSet.of(Stage.OPENED);
            case LIDS_POPPED -> EnumSet.range(Stage.OPENED, Stage.CHECKING);
            case JAR_CHECKED -> EnumSet.of(Stage.RESTING, Stage.CHECKING);
            case JAR_SETTLED -> EnumSet.of(Stage.CHECKING, Stage.DONE);
            case ABANDON -> EnumSet.range(Stage.CHECKS, Stage.SETTLING);
            case DECIDED -> EnumSet.of(Stage.ABANDONED);
            case PRESSURE_NEEDED -> {
                EnumSet<Stage> underWay = EnumSet.range(Stage.HEATING, Stage.CHECKING);
                underWay.add(Stage.ABANDONED);
                yield underWay;
            }
            case AWAY, CLOCK_SET, ALARM_ANSWERED, WATCH, BURNER, NOTE, CORRECTION -> EnumSet.allOf(Stage.class);
        };
    }

    /**
     * Whether an event that was written down still follows, now that something before it turned out otherwise. That the heat went
     * off, or that the run was given up, has happened in any case.
     */
    static boolean follows(RunPlan plan, RunState state, RunEvent event) {
        boolean happenedAnyway = event.kind() == EventKind.HEAT_OFF || event.kind() == EventKind.STOP_EARLY;
        if (happenedAnyway) {
            return state.stage().compareTo(Stage.HEATING) >= 0 && state.stage().compareTo(Stage.HOLDING) <= 0;
        }
        boolean noted = event.kind() == EventKind.READING && event.by().device();
        return (noted || allowedIn(event.kind()).contains(state.stage()))
                && inDoubt(state, event).isEmpty()
                && timeIsUp(plan, state, event).isEmpty();
    }

    private static Optional<Refusal> guard(RunPlan plan, RunState state, RunEvent command, List<RunEvent> written) {
        if (command.kind() == EventKind.READING && command.by().device()) {
            return fromADevice(state);
        }
        if (!allowedIn(command.kind()).contains(state.stage())) {
            return Optional.of(outOfTurn(state, command));
        }
        Optional<Refusal> waiting = inDoubt(state, command).or(() -> timeIsUp(plan, state, command));
        if (waiting.isPresent()) {
            return waiting;
        }
        return switch (command.kind()) {
            case CHECK -> ticked(state, command);
            case STOP_EARLY ->
                state.holdComplete()
                        ? Optional.of(refuse("hold-is-complete", "The time is over; turn the heat off instead."))
                        : Optional.empty();
            case JAR_IN, JAR_BACK ->
                thatJar(plan, command.as(JarSeat.class).orElseThrow().jar());
            case JAR_LEFT ->
                thatJar(plan, command.as(LeftJar.class).orElseThrow().jar());
            case LID_LOCKED -> everyJarIsSomewhere(plan, state).or(() -> carePointsAreDone(plan, state));
            case PRESSURE_ZERO -> notSoSoon(plan, state, command);
            case JAR_CHECKED ->
                wasInCanner(plan, state, command.jar().orElseThrow().jar())
                        .or(() -> bandIsOff(command.jar().orElseThrow()));
            case DECIDED ->
                command.as(Decision.class).orElseThrow() == Decision.PROCESSED_AGAIN
                        ? tooLate(state, command.at())
                        : Optional.empty();
            case JAR_SETTLED -> settles(state, command.as(JarFate.class).orElseThrow(), command.at());
            case CORRECTION ->
                correctable(state, command.correction().orElseThrow(), written).or(() -> saysWhy(command));
            default -> command.kind().needsWords() ? saysWhy(command) : Optional.empty();
        };
    }

    /** Nothing ends on time that nobody watched, before somebody has said how it was; and an answer needs its question. */
    private static Optional<Refusal> inDoubt(RunState state, RunEvent command) {
        boolean doubt = state.doubtSince().isPresent();
        return switch (command.kind()) {
            case WEIGHT_ON, HEAT_OFF ->
                doubt
                        ? Optional.of(refuse(
                                "in-doubt",
                                "Mobrel was away for a while. First say whether the %s all that time."
                                        .formatted(
                                                state.stage() == Stage.VENTING ? "steam blew" : "pressure was held")))
                        : Optional.empty();
            case HELD -> doubt ? Optional.empty() : Optional.of(refuse("no-doubt", "Nothing is in doubt here."));
            default -> Optional.empty();
        };
    }

    /** What is refused only because it is too early. */
    private static Optional<Refusal> timeIsUp(RunPlan plan, RunState state, RunEvent command) {
        Instant now = command.at();
        return switch (command.kind()) {
            case WEIGHT_ON ->
                waiting(
                        state.ventRemaining(now),
                        "vent-not-done",
                        "The vent is not done: ten minutes of unbroken steam drive the air out.");
            case HEAT_OFF ->
                state.holdComplete()
                        ? Optional.empty()
                        : waiting(
                                Optional.of(plan.process().duration().minus(state.holdElapsed(plan, now))),
                                "hold-not-complete",
                                "The time at pressure is not over.");
            case LID_OFF ->
                waiting(
                        state.settleRemaining(now),
                        "settling",
                        "Ten minutes after the weight: the jars are still boiling inside.");
            case JAR_CHECKED ->
                waiting(state.restRemaining(now), "still-resting", "Jars rest 12 hours before a seal can be judged.");
            default -> Optional.empty();
        };
    }

    /** A gauge that sends by itself sends all the time; before the lid is on and after it is off there is nothing to read. */
    private static Optional<Refusal> fromADevice(RunState state) {
        if (state.stage().compareTo(Stage.HEATING) < 0) {
            return Optional.of(refuse("not-begun", "The lid is not on yet; there is no pressure to read."));
        }
        return state.stage().compareTo(Stage.SETTLING) > 0
                ? Optional.of(refuse("run-is-over", "The canner is open; there is no pressure to read."))
                : Optional.empty();
    }

    private static Optional<Refusal> thatJar(RunPlan plan, int jar) {
        return jar < 1 || jar > plan.jars()
                ? Optional.of(refuse("no-such-jar", "There are %s jars in this load.".formatted(plan.jars())))
                : Optional.empty();
    }

    /** A jar that is neither in nor left out would be missed at the seal check. */
    private static Optional<Refusal> everyJarIsSomewhere(RunPlan plan, RunState state) {
        if (state.inCanner(plan).isEmpty()) {
            return Optional.of(refuse("no-jars", "No jar is in the canner."));
        }
        List<Integer> missing = state.missing(plan);
        return missing.isEmpty()
                ? Optional.empty()
                : Optional.of(refuse(
                        "jars-missing",
                        "%s not in. Say where %s: the next load, the refrigerator, the freezer, or tonight's table."
                                .formatted(
                                        missing.size() == 1
                                                ? "Jar " + missing.get(0) + " is"
                                                : "Jars " + words(missing) + " are",
                                        missing.size() == 1 ? "it went" : "they went")));
    }

    private static String words(List<Integer> jars) {
        return listed(jars.stream().map(String::valueOf).toList());
    }

    private static String listed(List<String> several) {
        String all = String.join(", ", several);
        int last = all.lastIndexOf(", ");
        return last < 0 ? all : all.substring(0, last) + " and" + all.substring(last + 1);
    }

    /** The care points wait until the lid; the checks of every run are done before the first jar. */
    private static Optional<Refusal> ticked(RunState state, RunEvent command) {
        CheckTick tick = command.as(CheckTick.class).orElseThrow();
        if (state.stage() == Stage.LOADING && !tick.check().isCarePoint()) {
            return Optional.of(outOfTurn(state, command));
        }
        return tick.waived() && command.note().isBlank()
                ? Optional.of(refuse("nobody-answers", "Who goes on without this check, and why?"))
                : Optional.empty();
    }

    private static Optional<Refusal> carePointsAreDone(RunPlan plan, RunState state) {
        List<String> open = plan.care().stream()
                .filter(point -> !state.checks().containsKey(point))
                .sorted()
                .map(CheckTick.Check::label)
                .toList();
        return open.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        refuse("care-open", "Not looked at yet: %s. Tick it, or waive it.".formatted(listed(open))));
    }

    /** Sooner than this canner ever cools by itself, something cooled it or the sign was none. */
    private static Optional<Refusal> notSoSoon(RunPlan plan, RunState state, RunEvent command) {
        return isTooSoon(plan, state, command) && command.detail().isEmpty()
                ? Optional.of(
                        refuse(
                                "early-zero",
                                "That is sooner than this canner cools by itself. What shows that the pressure is gone, and did water or a fan help?"))
                : Optional.empty();
    }

    private static Optional<Refusal> wasInCanner(RunPlan plan, RunState state, int jar) {
        return thatJar(plan, jar)
                .or(() -> state.inCanner(plan).contains(jar)
                        ? Optional.empty()
                        : Optional.of(refuse("jar-was-left-out", "Jar %s was not in the canner.".formatted(jar))));
    }

    private static Optional<Refusal> bandIsOff(JarCheck jar) {
        return jar.sealed() && !jar.bandOff()
                ? Optional.of(refuse("band-on", "Take the band off first: it may hold a lid down that has not sealed."))
                : Optional.empty();
    }

    private static Optional<Refusal> settles(RunState state, JarFate fate, Instant now) {
        if (!state.unsettled().contains(fate.jar())) {
            return Optional.of(
                    refuse("nothing-to-settle", "Jar %s is no jar that waits for a decision.".formatted(fate.jar())));
        }
        return fate.decision() == Decision.PROCESSED_AGAIN ? tooLate(state, now) : Optional.empty();
    }

    private static Optional<Refusal> tooLate(RunState state, Instant now) {
        return state.decideBy()
                .filter(now::isAfter)
                .map(by -> refuse("too-late", "More than 24 hours have passed: it is too late to process it again."));
    }

    private static Optional<Refusal> saysWhy(RunEvent command) {
        return command.note().isBlank()
                ? Optional.of(refuse("without-words", "Say it in a word or two."))
                : Optional.empty();
    }

    private static Optional<Refusal> correctable(RunState state, Correction correction, List<RunEvent> written) {
        if (correction.event() < 1 || correction.event() > written.size()) {
            return Optional.of(refuse("no-such-event", "There is no such entry in this run."));
        }
        RunEvent event = written.get(correction.event() - 1);
        boolean open = TAKEN_BACK_ANY_TIME.contains(event.kind())
                || takenBackIn(event.kind()).contains(state.stage());
        if (!open) {
            return Optional.of(refuse(
                    "stands",
                    "That stays as it was written: taking it back would undo what has happened to the jars."));
        }
        return correction
                .instead()
                .filter(instead -> event.reading()
                        .filter(read -> read.isComparableTo(instead))
                        .isEmpty())
                .map(other -> refuse("another-instrument", "Only a reading of the same instrument can stand for it."));
    }

    /** What can be taken back as long as nothing has come of it that cannot. Whatever is taken back, nothing ends earlier by it. */
    private static Set<Stage> takenBackIn(EventKind kind) {
        return switch (kind) {
            case CHECK, CHECKS_DONE -> EnumSet.of(Stage.CHECKS, Stage.LOADING);
            case LID_LOCKED -> EnumSet.of(Stage.HEATING);
            case STEAM_STEADY, WEIGHT_ON -> EnumSet.range(Stage.VENTING, Stage.SETTLING);
            case HEAT_OFF -> EnumSet.of(Stage.COOLING);
            case PRESSURE_ZERO -> EnumSet.of(Stage.DEPRESSURISED, Stage.SETTLING);
            case WEIGHT_OFF -> EnumSet.of(Stage.SETTLING);
            default -> EnumSet.noneOf(Stage.class);
        };
    }

    private static Optional<Refusal> waiting(Optional<Duration> left, String why, String text) {
        return left.filter(wait -> !wait.isZero()).map(wait -> new Refusal(why, text, Optional.of(wait)));
    }

    private static Refusal outOfTurn(RunState state, RunEvent command) {
        boolean underPressure =
                state.stage().compareTo(Stage.VENTING) >= 0 && state.stage().compareTo(Stage.COOLING) <= 0;
        boolean opens = command.kind() == EventKind.WEIGHT_OFF || command.kind() == EventKind.LID_OFF;
        return opens && underPressure
                ? refuse("pressure-not-zero", "The canner is under pressure. Wait until it is zero by itself.")
                : refuse(
                        "wrong-stage",
                        "That does not follow from where this run stands (%s)."
                                .formatted(state.stage().code()));
    }

    private static Refusal refuse(String why, String text) {
        return new Refusal(why, text, Optional.empty());
    }
}
