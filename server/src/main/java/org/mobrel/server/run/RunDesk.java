package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import org.mobrel.foods.Pack;
import org.mobrel.run.JarCheck;
import org.mobrel.run.Refusal;
import org.mobrel.run.RunAnswer;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunRules;
import org.mobrel.run.RunState;
import org.mobrel.run.RunTimes;
import org.mobrel.run.Stage;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.Missing;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.shelf.ShelfDesk;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Writes down what happens in a run. An event is stored before it is answered, and never changed afterwards. */
@Service
public class RunDesk {

    /** Older runs tell nothing about a stove and a burner of today. */
    private static final int LOOK_BACK = 12;

    /** Past runs by canner, read again once one of them is over. */
    private final Map<Long, List<PastRun>> past = new ConcurrentHashMap<>();

    private final RunStore store;
    private final ShelfDesk shelf;
    private final InstantSource clock;

    RunDesk(RunStore store, ShelfDesk shelf, InstantSource clock) {
        this.store = store;
        this.shelf = shelf;
        this.clock = clock;
    }

    @Transactional
    public long create(NewRun run) {
        return store.add(run);
    }

    /** Runs that are neither done nor abandoned. */
    @Transactional(readOnly = true)
    public List<Run> open() {
        return store.open();
    }

    @Transactional(readOnly = true)
    public List<Run> ofBatch(long batchId) {
        return store.ofBatch(batchId);
    }

    /** @throws Missing if there is no such run */
    @Transactional(readOnly = true)
    public Run run(long id) {
        return store.run(id).orElseThrow(() -> new Missing("run", id));
    }

    /** A clean past run of a canner and how it was packed. */
    public record PastRun(Pack pack, RunTimes times) {}

    /** How long a canner took by itself, of its last runs those that went without a break. */
    @Transactional(readOnly = true)
    public List<PastRun> pastOf(long canner) {
        return past.computeIfAbsent(canner, id -> store.lastOf(id, LOOK_BACK).stream()
                .flatMap(run ->
                        RunTimes.of(run.plan(), run.events()).map(times -> new PastRun(run.pack(), times)).stream())
                .toList());
    }

    /** What a cook wants to write down, as it depends on the instant it reaches the server. */
    public interface Wish {
        RunEvent at(Instant now);
    }

    /**
     * Writes an event down, if it may happen now.
     *
     * @param expected how many events whoever wishes it knew of: a tap on a page that has not seen the latest event may mean
     *     something else by now. Empty to write whatever came meanwhile.
     * @return the run after it
     * @throws Missing if there is no such run
     * @throws Conflict if the run's rules refuse it; it says why and how long still
     */
    @Transactional
    public Run tell(long id, Wish wish, OptionalInt expected) {
        return tell(id, wish, expected, clock.instant());
    }

    /** As {@link #tell}, at an instant of its own; for kitchens that are loaded, not cooked in. */
    @Transactional
    public Run tellAt(long id, Wish wish, Instant now) {
        return tell(id, wish, OptionalInt.empty(), now);
    }

    private Run tell(long id, Wish wish, OptionalInt expected, Instant now) {
        Run run = store.runForUpdate(id).orElseThrow(() -> new Missing("run", id));
        if (expected.isPresent() && expected.getAsInt() != run.events().size()) {
            throw new Conflict(
                    "someone-was-first",
                    "Something was written down meanwhile, by another page or device. Look again and decide.",
                    Map.of("events", run.events().size()));
        }
        RunState before = run.state();
        RunAnswer answer = RunRules.decide(run.plan(), before, wish.at(SqlTime.millis(now)));
        if (answer.refusal().isPresent()) {
            throw refused(answer.refusal().get(), before.seenAt(run.plan(), now));
        }
        RunEvent event = answer.event().orElseThrow();
        store.add(id, run.events().size() + 1, event);
        List<RunEvent> events = new ArrayList<>(run.events());
        events.add(event);
        Run after = run.with(events);
        RunState state = after.state();
        if (state.stage().isOver()) {
            store.close(id);
            forgetPastOf(after.cannerId());
        }
        if (state.stage() == Stage.DONE && before.stage() != Stage.DONE) {
            shelve(after, state, event.at());
        }
        return after;
    }

    /** Once this is stored: read before, the times of the last run would be kept without it. */
    private void forgetPastOf(long canner) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                past.remove(canner);
            }
        });
    }

    private static Conflict refused(Refusal refusal, RunState state) {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("stage", state.stage().code());
        refusal.left().map(Duration::toMillis).ifPresent(millis -> facts.put("waitMillis", millis));
        return new Conflict(refusal.why(), refusal.text(), facts);
    }

    /** Every group of sealed jars is a lot; failed jars never reach the shelf. */
    private void shelve(Run run, RunState state, Instant checkedAt) {
        int first = 1;
        for (RunGroup group : run.groups()) {
            int from = first;
            int to = first + group.jars().count() - 1;
            first = to + 1;
            long sealed = state.checked().values().stream()
                    .filter(JarCheck::sealed)
                    .filter(jar -> jar.jar() >= from && jar.jar() <= to)
                    .count();
            if (sealed > 0) {
                shelf.shelve(
                        new ShelfDesk.Origin(run.id(), group.batchId(), group.title(), group.verdict()),
                        group.jars().kind().times((int) sealed),
                        state.jarsOutAt().orElse(checkedAt),
                        checkedAt);
            }
        }
    }
}
