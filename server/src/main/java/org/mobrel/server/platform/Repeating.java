package org.mobrel.server.platform;

import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A task that is done again and again on a daemon thread of its own. Whatever it throws is logged, and it is tried again at its next turn. */
public final class Repeating {

    private static final Logger LOG = LoggerFactory.getLogger(Repeating.class);

    private final String name;
    private final ScheduledExecutorService executor;

    /** @param name of its thread */
    public Repeating(String name) {
        this.name = name;
        this.executor = Executors.newSingleThreadScheduledExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /**
     * Begins.
     *
     * @param first before it is done for the first time
     * @param pause between its end and its next turn
     */
    public void start(Duration first, Duration pause, Runnable task) {
        executor.scheduleWithFixedDelay(
                () -> {
                    try {
                        task.run();
                    } catch (RuntimeException | Error e) { // an executor drops a task that throws, without a word
                        LOG.error("{} failed; it is tried again", name, e);
                    }
                },
                first.toMillis(),
                pause.toMillis(),
                TimeUnit.MILLISECONDS);
    }

    public void stop() {
        executor.shutdownNow();
    }
}
