package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mobrel.run.EventKind;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunRules;
import org.mobrel.server.platform.SqlTime;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the clocks of runs going by the time that has passed, when the server's clock was set or Mobrel was not there. */
@Service
class RunClocks {

    /** So long nobody need have looked at the stove; after more the cook is asked whether the pressure was held. */
    static final Duration UNWATCHED = Duration.ofMinutes(3);

    /** A clock that shows so little less than the last event gets there by itself. */
    private static final Duration BEHIND = Duration.ofSeconds(2);

    private static final Reporter MOBREL = Reporter.cook("Mobrel");

    private final RunRepository repository;
    private final RunService service;

    RunClocks(RunRepository repository, RunService service) {
        this.repository = repository;
        this.service = service;
    }

    /**
     * The server's clock was set.
     *
     * @param expected what it would show if it had not been
     * @param shown what it shows
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void set(Instant expected, Instant shown) {
        for (Run open : repository.open()) {
            Run run = repository.runForUpdate(open.id()).orElseThrow();
            goOn(run, run.clock(expected), shown, Duration.between(expected, shown));
        }
    }

    /** Lets a run's clock go on from an instant of its own, never from before its last event: no run stands still. */
    private void goOn(Run run, Instant own, Instant shown, Duration step) {
        if (run.events().isEmpty()) {
            return;
        }
        Instant from = SqlTime.millis(run.state().clock(own));
        int pace = run.pace().map(ClockRate::pace).orElse(1);
        boolean simulated = run.pace().filter(ClockRate::simulated).isPresent();
        ClockRate rate = new ClockRate(SqlTime.millis(shown), from, pace, simulated);
        repository.addStep(run.id(), rate, step.toMillis());
        service.note(
                run.with(rate),
                RunEvent.of(EventKind.CLOCK_SET, from).by(MOBREL).with(words(step)));
    }

    private static String words(Duration step) {
        long seconds = Math.round(step.abs().toMillis() / 1000.0);
        String span = seconds < 120
                ? seconds + " s"
                : seconds < 7_200 ? Math.round(seconds / 60.0) + " min" : Math.round(seconds / 360.0) / 10.0 + " h";
        return "The server's clock was set %s by %s. That is not counted: this run goes on by the time that has passed."
                .formatted(step.isNegative() ? "back" : "forward", span);
    }

    @Transactional
    public void looked(Instant at) {
        repository.lookedAt(at);
    }

    /**
     * Mobrel was not there for a while and is back. What passed meanwhile counts by the clock; but a vent or a hold that nobody watched is asked
     * about, and a clock that shows less than the last event goes on from that.
     */
    @Transactional
    public void cameBack(Instant now) {
        Optional<Instant> looked = repository.lookedAt();
        for (Run open : repository.open()) {
            Run run = repository.runForUpdate(open.id()).orElseThrow();
            Optional<Instant> last = run.state().when().lastAt();
            if (last.isEmpty()) {
                continue;
            }
            Instant shows = run.clock(now);
            if (Duration.between(shows, last.get()).compareTo(BEHIND) > 0) {
                goOn(run, last.get(), now, Duration.between(last.get(), shows));
            } else if (run.pace().filter(ClockRate::simulated).isEmpty()) {
                Instant from =
                        looked.map(run::clock).filter(last.get()::isBefore).orElse(last.get());
                ask(run, from, shows);
            }
        }
    }

    private void ask(Run run, Instant from, Instant now) {
        if (Duration.between(from, now).compareTo(UNWATCHED) <= 0) {
            return;
        }
        RunEvent away = RunEvent.of(EventKind.SERVER_AWAY, SqlTime.millis(from))
                .happened(SqlTime.millis(from), SqlTime.millis(now))
                .by(MOBREL);
        if (RunRules.decide(run.history(), away).event().isPresent()) {
            service.note(run, away);
        }
    }
}
