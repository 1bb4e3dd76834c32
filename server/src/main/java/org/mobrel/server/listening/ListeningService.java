package org.mobrel.server.listening;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.mobrel.listening.HeardMinute;
import org.mobrel.listening.Hearing;
import org.mobrel.listening.Listening;
import org.mobrel.run.EventKind;
import org.mobrel.run.Jiggles;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunState;
import org.mobrel.run.Stage;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.DeviceClock;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.springframework.stereotype.Service;

/**
 * Hands what devices hear to the rule, asks where it says so, and keeps a line a minute. What was heard lately is in memory alone: after a
 * restart a device is listened to from the beginning, which reassures nobody.
 */
@Service
class ListeningService {

    /** One that says nothing for so long is forgotten. */
    private static final Duration GONE = Duration.ofMinutes(10);

    /** More do not stand around one stove. */
    private static final int MOST_EARS = 50;

    /** A device at a run. */
    private record Place(long run, String ear) {}

    private record Ear(DeviceClock clock, Listening listening, HeardMinute minute, Instant lastAt) {}

    /** As the device says it: times in milliseconds of its own clock. */
    record Span(long at, int millis, List<Integer> knocks, boolean knows, boolean drowned, boolean plume) {

        Hearing on(DeviceClock clock) {
            Instant from = clock.instant(at - millis);
            try {
                return new Hearing(
                        from,
                        clock.instant(at),
                        knocks.stream().map(from::plusMillis).toList(),
                        drowned,
                        plume);
            } catch (IllegalArgumentException outside) {
                throw new InvalidField("knocks", "milliseconds from the beginning of the span, in order and within it");
            }
        }
    }

    /** What it sounds like now. */
    record Heard(
            Listening.Sound sound, Optional<Integer> perMinute, Listening.Steam steam, Optional<Instant> askedSince) {}

    private final RunService runs;
    private final InstantSource clock;
    private final Map<Place, Ear> ears = new ConcurrentHashMap<>();

    ListeningService(RunService runs, InstantSource clock) {
        this.runs = runs;
        this.clock = clock;
    }

    /**
     * Takes in what a device heard.
     *
     * @throws Conflict if there is nothing to listen to in this run now: the device stops then
     */
    Heard hear(long id, String name, String device, Span span) {
        Run run = runs.run(id);
        requireSomethingToHear(run);
        Instant now = SqlTime.millis(run.clock(clock.instant()));
        forgetOld(now);
        Place place = new Place(id, name);
        if (ears.size() >= MOST_EARS && !ears.containsKey(place)) {
            throw new Conflict("too-many-ears", "Too many devices listen already.", Map.of());
        }
        Ear ear = ears.merge(place, begin(span, now), (before, any) -> after(before, span, now));
        return told(run, place, ear, device, span.knows(), now);
    }

    private static Ear begin(Span span, Instant now) {
        return after(new Ear(DeviceClock.at(span.at(), now), Listening.nothing(), HeardMinute.empty(), now), span, now);
    }

    private static Ear after(Ear before, Span span, Instant now) {
        DeviceClock clock = before.clock().beside(span.at(), now);
        Hearing heard = span.on(clock);
        Listening listening = before.listening().after(heard);
        boolean keeps = span.knows() && listening != before.listening();
        return new Ear(clock, listening, keeps ? before.minute().after(heard) : before.minute(), now);
    }

    private Heard told(Run run, Place place, Ear ear, String device, boolean knows, Instant now) {
        Jiggles range = run.plan().jiggles();
        Run after = run;
        if (ear.minute().isOver(now)) {
            Optional<RunEvent> minute = ear.minute().heard().map(heard -> RunEvent.of(EventKind.HEARD, heard, now)
                    .by(Reporter.cook(device)));
            ears.replace(place, ear, new Ear(ear.clock(), ear.listening(), HeardMinute.empty(), now));
            if (minute.isPresent()) {
                after = runs.overhear(run.id(), minute.get());
            }
        }
        if (knows && mustAsk(after, ear.listening(), range, now)) {
            after = runs.overhear(
                    run.id(), RunEvent.of(EventKind.NOT_HEARD, now).by(Reporter.cook(device)));
        }
        return new Heard(
                knows ? ear.listening().sound(range) : Listening.Sound.WAITING,
                knows ? ear.listening().perMinute() : Optional.empty(),
                ear.listening().steam(),
                after.state().seenAt(after.plan(), now).askedSince());
    }

    /** A weight is to move in a hold, and only a canner that goes by its weight is asked about. */
    private static boolean mustAsk(Run run, Listening listening, Jiggles range, Instant now) {
        RunState state = run.state().seenAt(run.plan(), now);
        Optional<Instant> asked = run.events().stream()
                .filter(event -> event.kind() == EventKind.NOT_HEARD)
                .map(RunEvent::at)
                .reduce((one, later) -> later);
        return byWeight(run)
                && state.stage() == Stage.HOLDING
                && !state.holdComplete()
                && state.askedSince().isEmpty()
                && state.when()
                        .lookedAt()
                        .filter(looked -> listening.asks(range, looked, asked))
                        .isPresent();
    }

    private static boolean byWeight(Run run) {
        return run.plan().gauge().code().equals("weighted");
    }

    private static void requireSomethingToHear(Run run) {
        Stage stage = run.state().stage();
        if (run.isPractice()) {
            throw new Conflict("nothing-to-hear", "The practice device makes no sound that could be heard.", Map.of());
        }
        if (stage.compareTo(Stage.HEATING) < 0 || stage.compareTo(Stage.HOLDING) > 0) {
            throw new Conflict(
                    "nothing-to-hear", "There is nothing to listen to now: the canner is not on the heat.", Map.of());
        }
    }

    private void forgetOld(Instant now) {
        ears.values().removeIf(ear -> ear.lastAt().isBefore(now.minus(GONE)));
    }
}
