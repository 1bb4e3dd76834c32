package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.CommandResult;
import org.mobrel.run.EventKind;
import org.mobrel.run.Hearth;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.JarCheck;
import org.mobrel.run.JarSeat;
import org.mobrel.run.Refusal;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunRules;
import org.mobrel.run.RunState;
import org.mobrel.run.RunTimes;
import org.mobrel.run.Stage;
import org.mobrel.server.catalogue.RowComparisons;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.PeerChanged;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.shelf.HoldService;
import org.mobrel.server.shelf.ShelfService;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Writes down what happens in a run. An event is stored before it is answered, and never changed afterwards. */
@Service
public class RunService {

    private final RunRepository repository;
    private final MovedJarRepository moved;
    private final RunSettings settings;
    private final CannerHabits habits;
    private final RowComparisons comparisons;
    private final ObjectProvider<ClockWatch> watch;
    private final ShelfService shelf;
    private final HoldService holds;
    private final InstantSource clock;
    private final ApplicationEventPublisher news;

    RunService(
            RunRepository repository,
            MovedJarRepository moved,
            RunSettings settings,
            CannerHabits habits,
            RowComparisons comparisons,
            ObjectProvider<ClockWatch> watch,
            ShelfService shelf,
            HoldService holds,
            InstantSource clock,
            ApplicationEventPublisher news) {
        this.repository = repository;
        this.moved = moved;
        this.settings = settings;
        this.habits = habits;
        this.comparisons = comparisons;
        this.watch = watch;
        this.shelf = shelf;
        this.holds = holds;
        this.clock = clock;
        this.news = news;
    }

    @Transactional
    public long create(NewRun run) {
        long id = repository.add(run);
        changed(settings.current(repository.run(id).orElseThrow()));
        return id;
    }

    /** The number of one more load of a batch. */
    int nextLoad(long batch) {
        return repository.nextLoad(batch);
    }

    /** Runs that still need somebody. */
    @Transactional(readOnly = true)
    public List<Run> open() {
        look();
        return current(repository.open());
    }

    @Transactional(readOnly = true)
    public List<Run> ofBatch(long batchId) {
        return current(repository.ofBatch(batchId));
    }

    /** The runs of some batches, read at once; a load may hold jars of several. */
    @Transactional(readOnly = true)
    public List<Run> ofBatches(Collection<Long> batches) {
        return current(repository.ofBatches(batches));
    }

    /** @throws Missing if there is no such run */
    @Transactional(readOnly = true)
    public Run run(long id) {
        look();
        return settings.current(repository.run(id).orElseThrow(() -> new NotFound("run", id)));
    }

    private List<Run> current(List<Run> runs) {
        return runs.stream().map(settings::current).toList();
    }

    /** Whoever asks what time a run shows sees no step of the server's clock in it. */
    private void look() {
        watch.getObject().look();
    }

    /** The runs of a canner that went by its dial and whose heat went off in a span of time. */
    @Transactional(readOnly = true)
    public List<Run> dialRuns(long canner, Instant from, Instant until) {
        return repository.dialRuns(canner, from, until);
    }

    /** The last runs of a canner that are over, the newest first. */
    @Transactional(readOnly = true)
    public List<Run> lastOf(long canner, int most) {
        return repository.lastOf(canner, most);
    }

    /** A clean past run of a canner and how it was packed. */
    public record PastRun(Pack pack, RunTimes times) {}

    /** How long a canner took by itself, of its last runs those that went without a break. */
    @Transactional(readOnly = true)
    public List<PastRun> pastOf(long canner) {
        return habits.pastOf(canner);
    }

    /** What was written down of the burner with this run's canner, in other runs. */
    @Transactional(readOnly = true)
    public List<Hearth.Setting> burnerSettings(Run run) {
        return repository.burnerSettings(run.cannerId(), run.id());
    }

    /** What a cook wants to write down, as it depends on the instant it reaches the server. */
    public interface Wish {
        RunEvent at(Instant now);
    }

    /**
     * How a command got here.
     *
     * @param expected how many events whoever sends it knew of: if the run has taken another course since, a tap may mean something
     *     else by now. Empty to write whatever came meanwhile.
     * @param happened when, by the run's clock, if the tap was kept while the server could not be reached
     * @param key made where it was tapped; a command of a key that is written down already is answered and not written twice
     */
    public record Tap(OptionalInt expected, Optional<Instant> happened, Optional<String> key) {

        public static final Tap PLAIN = new Tap(OptionalInt.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * Writes an event down, if it may happen now.
     *
     * @return the run after it
     * @throws Missing if there is no such run
     * @throws Conflict if the run's rules refuse it; it says why and how long still
     */
    @Transactional
    public Run tell(long id, Wish command, Tap tap) {
        look();
        Run run = held(id);
        if (tap.key().flatMap(key -> repository.numberOf(id, key)).isPresent()) {
            return run;
        }
        Instant now = SqlTime.millis(run.clock(clock.instant()));
        RunEvent said = command.at(now);
        if (tap.expected().isPresent() && !said.kind().isRemark()) {
            sameCourse(run, tap.expected().getAsInt());
        }
        RunEvent asked = tap.happened()
                .map(SqlTime::millis)
                .filter(at -> at.isBefore(now))
                .map(at -> said.happened(at, now))
                .orElse(said);
        return write(run, asked, tap.key().map(RunRepository.RunOrigin::tap).orElse(RunRepository.RunOrigin.UNKNOWN));
    }

    /** As {@link #tell}, at an instant of its own; for kitchens that are loaded, not cooked in. */
    @Transactional
    public Run tellAt(long id, Wish command, Instant now) {
        Run run = held(id);
        return write(run, command.at(SqlTime.millis(now)), RunRepository.RunOrigin.UNKNOWN);
    }

    /** One of a gauge's readings. */
    public record Sent(long seq, InstrumentReading reading, Instant happened) {}

    /**
     * What became of a gauge's readings.
     *
     * @param stored written down now
     * @param repeated known already, and ignored
     * @param refused by their number, and why
     */
    public record Received(Run run, List<Long> stored, List<Long> repeated, Map<Long, Refusal> refused) {}

    /**
     * Writes down what a gauge sends by itself; late readings are sorted in by their time, known ones ignored.
     *
     * @param heard the instant they came in, by the run's clock; none of them lies after it
     */
    @Transactional
    public Received read(long id, long device, String name, List<Sent> readings) {
        look();
        Run run = held(id);
        Set<Long> known = repository.numbersOf(id, device);
        Instant heard = SqlTime.millis(run.clock(clock.instant()));
        List<Long> stored = new ArrayList<>();
        List<Long> repeated = new ArrayList<>();
        Map<Long, Refusal> refused = new LinkedHashMap<>();
        for (Sent sent : readings) {
            if (!known.add(sent.seq())) {
                repeated.add(sent.seq());
                continue;
            }
            Instant at = SqlTime.millis(sent.happened().isAfter(heard) ? heard : sent.happened());
            RunEvent command =
                    RunEvent.reading(sent.reading(), at).happened(at, heard).by(Reporter.gauge(name));
            CommandResult answer = RunRules.decide(run.plan(), run.events(), command);
            if (answer.event().isPresent()) {
                run = append(run, answer.event().get(), RunRepository.RunOrigin.gauge(device, sent.seq()));
                stored.add(sent.seq());
            } else {
                refused.put(sent.seq(), answer.refusal().orElseThrow());
            }
        }
        if (!stored.isEmpty()) {
            changed(run);
        }
        return new Received(run, stored, repeated, refused);
    }

    /** A reading in one of its three shapes; empty for none of them. */
    public static Optional<InstrumentReading> reading(
            @Nullable GaugePressure dial, @Nullable String weight, @Nullable Integer jiggles) {
        return RunCommands.reading(dial, weight, jiggles);
    }

    /** Lets a run's clock go faster from now on; it never goes back. */
    @Transactional
    public Run pace(long id, int pace) {
        look();
        Run run = held(id);
        Instant now = SqlTime.millis(clock.instant());
        Run after = run.with(new ClockRate(now, SqlTime.millis(run.clock(now)), pace, true));
        repository.add(id, after.pace().orElseThrow());
        changed(after);
        return after;
    }

    /** Whoever was first has decided what a tap means; readings and notes that left the course alone do not matter. */
    private static void sameCourse(Run run, int known) {
        List<RunEvent> events = run.events();
        if (known == events.size()) {
            return;
        }
        boolean sameSince = known >= 0
                && known < events.size()
                && RunState.after(run.plan(), events.subList(0, known)).turn()
                        == run.state().turn();
        if (!sameSince) {
            Map<String, Object> facts = new LinkedHashMap<>();
            facts.put("events", events.size());
            // A page may know more events than there are: of a kitchen that was restored since.
            if (!events.isEmpty()) {
                RunEvent other = events.get(Math.max(0, Math.min(known, events.size() - 1)));
                facts.put("first", other.kind().code());
                facts.put("firstAt", other.at().toString());
                facts.put("firstBy", other.by().name());
            }
            throw new Conflict(
                    "someone-was-first",
                    "Something was written down meanwhile, by another page or device. Look again and decide.",
                    facts);
        }
    }

    /** A run that nobody else changes until this transaction ends. */
    Run held(long id) {
        return settings.current(repository.runForUpdate(id).orElseThrow(() -> new NotFound("run", id)));
    }

    /** Writes down what Mobrel itself has noticed about a run that is held for it. */
    void note(Run run, RunEvent event) {
        changed(append(run, event, RunRepository.RunOrigin.UNKNOWN));
    }

    private Run write(Run run, RunEvent command, RunRepository.RunOrigin origin) {
        CommandResult answer = RunRules.decide(run.plan(), run.events(), command);
        if (answer.refusal().isPresent()) {
            throw refused(answer.refusal().get(), run.state().seenAt(run.plan(), command.heard()));
        }
        Run after = append(run, answer.event().orElseThrow(), origin);
        changed(after);
        return after;
    }

    /** From now on this load goes by the kitchen as it is. */
    private Run lock(Run run) {
        refuseSuspendedRows(run);
        refuseWhatIsTooOld(run);
        RunSetting setting = settings.atTheLid(run);
        repository.lock(run.id(), setting);
        return run.by(setting);
    }

    /** A row that was found to differ since the plan was sent stops what waits for it, too. */
    private void refuseSuspendedRows(Run run) {
        Set<String> suspended = comparisons.suspended();
        if (suspended.isEmpty()) {
            return;
        }
        Set<Long> batches = run.groups().stream().map(RunGroup::batchId).collect(Collectors.toSet());
        repository.rowsOf(batches).stream()
                .filter(suspended::contains)
                .sorted()
                .findFirst()
                .ifPresent(row -> {
                    throw new Conflict(
                            "row-suspended",
                            "This load rests on the row \"%s\" of the tables, which %s. Keep the jars cold and do not process them by it."
                                    .formatted(row, comparisons.inWords(row)),
                            Map.of("row", row));
                });
    }

    /** Jars that wait for their second try do so for a day. */
    private void refuseWhatIsTooOld(Run run) {
        run.again()
                .filter(again -> run.clock(clock.instant()).isAfter(again.until()))
                .ifPresent(again -> {
                    throw new Conflict(
                            "too-late",
                            "More than 24 hours have passed since the first try: these jars may not be processed again.",
                            Map.of("until", again.until().toString()));
                });
    }

    /** A jar that another load took is in that one, and would be counted twice. */
    private void refuseWhatWentElsewhere(Run run, RunEvent event) {
        event.as(JarSeat.class)
                .filter(seat -> event.kind() == EventKind.JAR_IN)
                .flatMap(seat -> moved.takenBy(new MovedJarRepository.Seat(run.id(), seat.jar())))
                .ifPresent(other -> {
                    throw new Conflict(
                            "jar-is-elsewhere", "That jar went into another load meanwhile.", Map.of("run", other));
                });
    }

    private Run append(Run held, RunEvent event, RunRepository.RunOrigin origin) {
        refuseWhatWentElsewhere(held, event);
        Run run = event.kind() == EventKind.LID_LOCKED ? lock(held) : held;
        repository.add(run.id(), run.events().size() + 1, event, origin);
        List<RunEvent> events = new ArrayList<>(run.events());
        events.add(event);
        Run after = run.with(events);
        RunState before = run.state();
        RunState state = after.state();
        if (state.isClosed()) {
            repository.close(run.id());
        }
        if (state.stage().isOver()) {
            forgetPastOf(after.cannerId());
        }
        // There is nothing to eat in the jars of the practice device.
        if (state.stage() == Stage.DONE && before.stage() != Stage.DONE && !run.isPractice()) {
            shelve(after, state, event.at());
        }
        state.heldFor().forEach(reason -> holds.ofRun(run.id(), reason, event.heard()));
        return after;
    }

    /** Once it is stored, everybody hears of it. */
    private void changed(Run after) {
        news.publishEvent(new RunChanged(after));
    }

    @TransactionalEventListener
    void forget(KitchenReplaced replaced) {
        habits.forgetAll();
    }

    @EventListener
    void forget(PeerChanged change) {
        habits.forgetAll();
    }

    /** Once this is stored: read before, the times of the last run would be kept without it. */
    private void forgetPastOf(long canner) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                habits.forget(canner);
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
                        new ShelfService.LotOrigin(
                                run.id(),
                                group.batchId(),
                                group.title(),
                                group.variant(),
                                group.verdict(),
                                group.finish()),
                        group.jars().kind().times((int) sealed),
                        state.when().jarsOutAt().orElse(checkedAt),
                        checkedAt);
            }
        }
    }
}
