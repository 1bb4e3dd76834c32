package org.mobrel.server.run;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.DeviceGone;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.platform.Repeating;
import org.mobrel.server.platform.Visitor;
import org.mobrel.server.sharing.Changed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Tells every open page what is written down, as it is written. A page is told of a run from where it stands: only the events it has not got,
 * and only the last state, however many steps there were while it was slow.
 */
@Component
public class RunStream implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(RunStream.class);

    /** A page that hears nothing for longer knows that the line is dead. */
    private static final long BEAT_SECONDS = 2;

    /** What a page needs of every word about a run; anything else may stay unsaid while it stays the same. */
    private static final Set<String> ALWAYS = Set.of("id", "now", "known", "events");

    private final RunService service;
    private final RunResponses answers;
    private final JsonMapper json;
    private final InstantSource clock;
    private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
    private final ExecutorService talking = Executors.newCachedThreadPool(RunStream::daemon);
    private final Repeating beating = new Repeating("run-stream-beat");
    private volatile boolean running;

    RunStream(RunService service, RunResponses answers, JsonMapper json, InstantSource clock) {
        this.service = service;
        this.answers = answers;
        this.json = json;
        this.clock = clock;
    }

    private static Thread daemon(Runnable task) {
        Thread thread = new Thread(task, "run-stream");
        thread.setDaemon(true);
        return thread;
    }

    /** All open runs at once, as far as they are new to whoever listens. */
    public record Opening(List<RunMessages.RunResponse> runs) {}

    /** One line to a page. What is to be said waits as the latest of its kind, so a slow page is never far behind. */
    private final class Listener {
        private final SseEmitter emitter = new SseEmitter(0L);
        private final Map<Long, Integer> sent;
        private final Map<Long, Run> changed = new ConcurrentHashMap<>();
        private final Map<Long, Run> said = new TreeMap<>();
        private final Map<Long, ObjectNode> told = new TreeMap<>();
        private final Map<String, Object> latest = new ConcurrentHashMap<>();
        private final AtomicBoolean busy = new AtomicBoolean(true);
        /** From which it listens. */
        private final Optional<Long> device = Visitor.current().flatMap(Visitor::device);

        private Listener(Map<Long, Integer> seen) {
            sent = new TreeMap<>(seen);
        }

        private void open() {
            try {
                List<Run> runs = service.open();
                // A page that claims more than there is has it of another kitchen, and is told everything.
                List<RunMessages.RunResponse> all = runs.stream()
                        .map(run -> answers.answer(
                                run,
                                sent.getOrDefault(run.id(), 0) <= run.events().size()
                                        ? sent.getOrDefault(run.id(), 0)
                                        : 0))
                        .toList();
                sent.keySet().retainAll(runs.stream().map(Run::id).toList());
                runs.forEach(run -> sent.put(run.id(), run.events().size()));
                all.forEach(run -> told.put(run.id(), json.valueToTree(run)));
                send("runs", new Opening(all));
            } catch (IOException | RuntimeException gone) {
                close();
                return;
            }
            busy.set(false);
            wake();
        }

        private void wake() {
            if (busy.compareAndSet(false, true)) {
                talking.execute(this::talk);
            }
        }

        private void talk() {
            try {
                while (!changed.isEmpty() || !latest.isEmpty()) {
                    for (Long id : Set.copyOf(changed.keySet())) {
                        say(changed.remove(id));
                    }
                    for (String name : Set.copyOf(latest.keySet())) {
                        Object data = latest.remove(name);
                        if (data != null) {
                            send(name.replaceFirst("/.*", ""), data);
                        }
                    }
                }
            } catch (IOException | RuntimeException gone) {
                close();
                return;
            }
            busy.set(false);
            if (!changed.isEmpty() || !latest.isEmpty()) {
                wake();
            }
        }

        private void say(@Nullable Run run) throws IOException {
            int known = run == null ? 0 : sent.getOrDefault(run.id(), 0);
            if (run == null || run.events().size() < known) {
                return;
            }
            Run before = said.put(run.id(), run);
            if (before != null && before.isNewerThan(run)) {
                said.put(run.id(), before);
                return;
            }
            sent.put(run.id(), run.events().size());
            send("run", changed(json.valueToTree(answers.answer(run, known))));
        }

        /** What differs from what this page was told of the run before: a reading changes little, and comes every few seconds. */
        private ObjectNode changed(ObjectNode now) {
            ObjectNode before = told.put(now.get("id").asLong(), now);
            if (before == null) {
                return now;
            }
            ObjectNode less = now.deepCopy();
            now.propertyNames().forEach(name -> {
                if (!ALWAYS.contains(name) && now.get(name).equals(before.get(name))) {
                    less.remove(name);
                }
            });
            return less;
        }

        private void send(String name, Object data) throws IOException {
            emitter.send(SseEmitter.event().name(name).id(SeenEvents.text(sent)).data(data));
        }

        /** The page is gone, or the database is: either way the page will come again and say what it has. */
        private void close() {
            listeners.remove(this);
            emitter.complete();
        }
    }

    /** @param seen what the page has already, as the id of the last message it got */
    SseEmitter subscribe(@Nullable String seen) {
        Listener listener = new Listener(SeenEvents.of(seen));
        listener.emitter.onCompletion(() -> listeners.remove(listener));
        listener.emitter.onTimeout(() -> listeners.remove(listener));
        listener.emitter.onError(gone -> listeners.remove(listener));
        // First on the list, then told: what is written in between waits until it has been told.
        listeners.add(listener);
        talking.execute(listener::open);
        return listener.emitter;
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void heard(RunChanged change) {
        for (Listener listener : listeners) {
            listener.changed.merge(change.run().id(), change.run(), (old, now) -> old.isNewerThan(now) ? old : now);
            listener.wake();
        }
    }

    /** What shows something that was changed looks again; who changed it knows already. */
    @EventListener
    void changed(Changed change) {
        if (change.concept().equals("kitchen")) {
            // A load that waits for its lid goes by the kitchen as it is now.
            service.open().stream().filter(Run::isWaiting).forEach(run -> heard(new RunChanged(run)));
        }
        say(
                "change/%s/%s".formatted(change.concept(), change.page()),
                0,
                new ChangeNote(change.concept(), change.page()));
    }

    /** @param page that changed it; it need not look again */
    record ChangeNote(String concept, String page) {}

    /** Another kitchen: what the pages have of the one before is wrong from the first event on. */
    @TransactionalEventListener
    void replaced(KitchenReplaced replaced) {
        say("restart", 0, new Heartbeat(clock.instant()));
    }

    /** A device that may not in any more hears no more; what it tells is refused at the door. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void gone(DeviceGone gone) {
        listeners.stream()
                .filter(listener ->
                        listener.device.filter(id -> id == gone.device()).isPresent())
                .forEach(Listener::close);
    }

    /** Says something to every page that need not be kept; only the last of each name is of interest. */
    public void say(String name, long id, Object data) {
        for (Listener listener : listeners) {
            listener.latest.put(name + "/" + id, data);
            listener.wake();
        }
    }

    /** A word on the line, so that either end notices when it is cut. */
    record Heartbeat(Instant now) {}

    private void beat() {
        try {
            say("beat", 0, new Heartbeat(clock.instant()));
        } catch (RuntimeException never) {
            LOG.warn("a beat was skipped", never);
        }
    }

    @Override
    public void start() {
        running = true;
        beating.start(Duration.ofSeconds(BEAT_SECONDS), Duration.ofSeconds(BEAT_SECONDS), this::beat);
    }

    /** Before the web server waits for its requests to end: these would never end by themselves. */
    @Override
    public void stop() {
        running = false;
        beating.stop();
        listeners.forEach(listener -> listener.emitter.complete());
        talking.shutdown();
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return Integer.MAX_VALUE;
    }
}
