package org.mobrel.server.seeing;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.EventKind;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunState;
import org.mobrel.run.Stage;
import org.mobrel.seeing.Seeing;
import org.mobrel.seeing.SeenMinute;
import org.mobrel.seeing.Sight;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.DeviceClock;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.springframework.stereotype.Service;

/** Hands what devices see to the rule, asks where it says so, and keeps a line a minute. What was seen lately is in memory alone. */
@Service
class SeeingService {

    /** One that says nothing for so long is forgotten. */
    private static final Duration GONE = Duration.ofMinutes(10);

    /** More do not stand around one stove. */
    private static final int MOST_EYES = 50;

    /** A device at a run. */
    private record Place(long run, String eye) {}

    private record Eye(DeviceClock clock, Seeing seeing, SeenMinute minute, Instant lastAt) {

        static Eye opened(long millis, Instant now) {
            return new Eye(DeviceClock.at(millis, now), Seeing.nothing(), SeenMinute.empty(), now);
        }

        Eye after(long millis, Optional<GaugePressure> needle, Instant now) {
            DeviceClock beside = clock.beside(millis, now);
            Sight look = new Sight(SqlTime.millis(beside.instant(millis)), needle);
            Seeing after = seeing.after(look);
            return new Eye(beside, after, after == seeing ? minute : minute.after(look), now);
        }

        Eye withNewMinute() {
            return new Eye(clock, seeing, SeenMinute.empty(), lastAt);
        }
    }

    /** What the dial looks like now. */
    record Seen(Seeing.View view, Optional<GaugePressure> needle, Optional<Instant> askedSince) {}

    private final RunService runs;
    private final InstantSource clock;
    private final Map<Place, Eye> eyes = new ConcurrentHashMap<>();

    SeeingService(RunService runs, InstantSource clock) {
        this.runs = runs;
        this.clock = clock;
    }

    /**
     * Takes in what a device saw.
     *
     * @param millis when, by the device's own clock
     * @throws Conflict if there is no dial to look at in this run now: the device stops then
     */
    Seen see(long id, String name, String device, long millis, Optional<GaugePressure> needle) {
        Run run = runs.run(id);
        requireSomethingToSee(run);
        Instant now = SqlTime.millis(run.clock(clock.instant()));
        eyes.values().removeIf(eye -> eye.lastAt().isBefore(now.minus(GONE)));
        Place place = new Place(id, name);
        if (eyes.size() >= MOST_EYES && !eyes.containsKey(place)) {
            throw new Conflict("too-many-eyes", "Too many devices look already.", Map.of());
        }
        Eye eye = eyes.merge(
                place,
                Eye.opened(millis, now).after(millis, needle, now),
                (before, any) -> before.after(millis, needle, now));
        Run after = eye.minute().isOver(now) ? kept(run, place, eye, device, now) : run;
        if (mustAsk(after, eye.seeing(), now)) {
            after = runs.overhear(id, RunEvent.of(EventKind.NOT_SEEN, now).by(Reporter.cook(device)));
        }
        return new Seen(
                eye.seeing().view(after.plan().target()),
                eye.seeing().needle(),
                after.state().seenAt(after.plan(), now).askedSince());
    }

    private Run kept(Run run, Place place, Eye eye, String device, Instant now) {
        // Only who takes the minute away writes it down.
        boolean mine = eyes.replace(place, eye, eye.withNewMinute());
        return eye.minute()
                .seen()
                .filter(seen -> mine)
                .map(seen -> runs.overhear(
                        run.id(), RunEvent.of(EventKind.SEEN, seen, now).by(Reporter.cook(device))))
                .orElse(run);
    }

    /** The needle is to stand at the mark in a hold. */
    private static boolean mustAsk(Run run, Seeing seeing, Instant now) {
        RunState state = run.state().seenAt(run.plan(), now);
        Optional<Instant> asked = run.events().stream()
                .filter(event -> event.kind() == EventKind.NOT_SEEN)
                .map(RunEvent::at)
                .reduce((one, later) -> later);
        return state.stage() == Stage.HOLDING
                && !state.holdComplete()
                && state.askedSince().isEmpty()
                && state.when()
                        .lookedAt()
                        .filter(looked -> seeing.asks(run.plan().target(), looked, asked))
                        .isPresent();
    }

    private static void requireSomethingToSee(Run run) {
        Stage stage = run.state().stage();
        if (run.isPractice()) {
            throw new Conflict("nothing-to-see", "The practice device has no dial that could be looked at.", Map.of());
        }
        if (run.plan().gauge() != GaugeKind.DIAL) {
            throw new Conflict(
                    "nothing-to-see", "This canner goes by its weight: a device can listen to it.", Map.of());
        }
        if (stage.compareTo(Stage.HEATING) < 0 || stage.compareTo(Stage.HOLDING) > 0) {
            throw new Conflict(
                    "nothing-to-see", "There is nothing to look at now: the canner is not on the heat.", Map.of());
        }
    }
}
