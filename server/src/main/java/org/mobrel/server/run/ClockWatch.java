package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.Elapsed;
import org.mobrel.server.platform.Repeating;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * Holds the server's clock against time as it passes. Clocks are set: by hand, by the network, by a summer time that somebody did not believe in.
 * What such a step adds has not passed at the stove, so runs go on by what did pass.
 */
@Component
class ClockWatch implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(ClockWatch.class);

    /** A clock that differs by less was only drawn to the right time. */
    private static final Duration SET = Duration.ofSeconds(2);

    /** Between the looks at the two clocks no more may pass: a machine that stood still there would seem to have been set. */
    private static final long AT_ONCE_NANOS = 200_000_000;

    private static final int TRIES = 5;

    private static final long LOOK_SECONDS = 1;

    /** How often it is kept that Mobrel was there; what is missing in a crash is at most so much. */
    private static final Duration KEEP_EVERY = Duration.ofSeconds(15);

    private final RunClocks clocks;
    private final PressureWatch pressures;
    private final InstantSource clock;
    private final Elapsed elapsed;
    private final Repeating looking = new Repeating("clock-watch");
    private @Nullable Look last;
    private Instant kept = Instant.EPOCH;
    private volatile boolean running;

    ClockWatch(RunClocks clocks, PressureWatch pressures, InstantSource clock, Elapsed elapsed) {
        this.clocks = clocks;
        this.pressures = pressures;
        this.clock = clock;
        this.elapsed = elapsed;
    }

    private record Look(Instant wall, long nanos) {}

    /** Both clocks as they stood together; empty on a machine that does not get to it now. */
    private Optional<Look> both() {
        for (int tried = 0; tried < TRIES; tried++) {
            long before = elapsed.nanos();
            Instant wall = clock.instant();
            if (Math.abs(elapsed.nanos() - before) <= AT_ONCE_NANOS) {
                return Optional.of(new Look(wall, before));
            }
        }
        return Optional.empty();
    }

    /**
     * Looks at both clocks; whoever asks for the time of a run looks first, so that no step comes between. Nobody who holds a run may look: what a
     * step adds is written into all of them.
     */
    synchronized void look() {
        both().ifPresent(this::compare);
    }

    private void compare(Look now) {
        if (last != null) {
            Instant expected = last.wall().plusNanos(now.nanos() - last.nanos());
            if (Duration.between(expected, now.wall()).abs().compareTo(SET) > 0) {
                LOG.warn(
                        "the clock was set from {} to {}; runs go on by the time that has passed",
                        expected,
                        now.wall());
                clocks.set(expected, now.wall());
            }
        }
        // Only now: a step that could not be written down is found again at the next look.
        last = now;
    }

    private void lookNow() {
        try {
            look();
            Instant now = clock.instant();
            if (Duration.between(kept, now).abs().compareTo(KEEP_EVERY) >= 0) {
                clocks.looked(now);
                kept = now;
            }
        } catch (DataAccessException | TransactionException away) {
            LOG.debug("the clock is looked at again in a moment", away);
        }
    }

    @Override
    public void start() {
        running = true;
        clocks.cameBack(clock.instant());
        pressures.check();
        lookNow();
        looking.start(Duration.ofSeconds(LOOK_SECONDS), Duration.ofSeconds(LOOK_SECONDS), this::lookNow);
    }

    @Override
    public void stop() {
        running = false;
        looking.stop();
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** Before the first request is heard. */
    @Override
    public int getPhase() {
        return 0;
    }
}
