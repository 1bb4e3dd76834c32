package org.mobrel.server.run;

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
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.CommandResult;
import org.mobrel.run.EventKind;
import org.mobrel.run.Hearth;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.Refusal;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunRules;
import org.mobrel.run.RunState;
import org.mobrel.run.RunTimes;
import org.mobrel.run.Stage;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.shelf.HoldService;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what happens in a run. An event is stored before it is answered, and never changed afterwards. */
@Service
public class RunService {

    private final RunRepository repository;
    private final RunSettings settings;
    private final CannerHabits habits;
    private final RunRefusals refusals;
    private final ObjectProvider<ClockWatch> watch;
    private final SealedJars shelving;
    private final HoldService holds;
    private final InstantSource clock;
    private final ApplicationEventPublisher news;

    RunService(
            RunRepository repository,
            RunSettings settings,
            CannerHabits habits,
            RunRefusals refusals,
            ObjectProvider<ClockWatch> watch,
            SealedJars shelving,
            HoldService holds,
            InstantSource clock,
            ApplicationEventPublisher news) {
        this.repository = repository;
        this.settings = settings;
        this.habits = habits;
        this.refusals = refusals;
        this.watch = watch;
        this.shelving = shelving;
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

    /** @throws NotFound if there is no such run */
    @Transactional(readOnly = true)
    public Run run(long id) {
        look();
        return besideHeld(id);
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

    /** Runs that are over and were held at less than a true pressure. */
    @Transactional(readOnly = true)
    public List<Run> heldBelow(GaugeKind gauge, GaugePressure least) {
        return repository.heldBelow(gauge, least);
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
    public interface Command {
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
     * @throws NotFound if there is no such run
     * @throws Conflict if the run's rules refuse it; it says why and how long still
     */
    @Transactional
    public Run tell(long id, Command command, Tap tap) {
        look();
        return tellHeld(id, command, tap);
    }

    /** As {@link #tell}, for whoever holds a run already and has looked at the clock before. */
    Run tellHeld(long id, Command command, Tap tap) {
        Run run = held(id);
        if (tap.key().flatMap(key -> repository.numberOf(id, key)).isPresent()) {
            return run;
        }
        Instant now = SqlTime.millis(run.clock(clock.instant()));
        RunEvent said = command.at(now);
        if (tap.expected().isPresent() && !said.kind().isRemark()) {
            RunRefusals.ofAnotherCourse(run, tap.expected().getAsInt());
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
    public Run tellAt(long id, Command command, Instant now) {
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
        Run run = firstHeld(id);
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
            CommandResult answer = RunRules.decide(run.history(), command);
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

    /** Writes down what a device overheard, if it follows; returns the run as it is then. */
    @Transactional
    public Run overhear(long id, RunEvent event) {
        Run run = held(id);
        CommandResult answer = RunRules.decide(run.history(), event);
        if (answer.event().isEmpty()) {
            return run;
        }
        Run after = append(run, answer.event().get(), RunRepository.RunOrigin.UNKNOWN);
        changed(after);
        return after;
    }

    /** A reading in one of its three shapes; empty for none of them. */
    public static Optional<InstrumentReading> reading(
            @Nullable GaugePressure dial, @Nullable String weight, @Nullable Integer jiggles) {
        return RunCommands.reading(dial, weight, jiggles);
    }

    /** Lets a run's clock go faster from now on; it never goes back. */
    @Transactional
    public Run pace(long id, int pace) {
        Run run = firstHeld(id);
        Instant now = SqlTime.millis(clock.instant());
        Run after = run.with(new ClockRate(now, SqlTime.millis(run.clock(now)), pace, true));
        repository.add(id, after.pace().orElseThrow());
        changed(after);
        return after;
    }

    /** As {@link #held}, with a look at the clock before it: the first run that a transaction holds. */
    Run firstHeld(long id) {
        look();
        return held(id);
    }

    /** A run as it is now, for whoever holds one already. */
    Run besideHeld(long id) {
        return settings.current(repository.run(id).orElseThrow(() -> new NotFound("run", id)));
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
        CommandResult answer = RunRules.decide(run.history(), command);
        if (answer.refusal().isPresent()) {
            throw RunRefusals.conflict(answer.refusal().get(), run.state().seenAt(run.plan(), command.heard()));
        }
        Run after = append(run, answer.event().orElseThrow(), origin);
        changed(after);
        return after;
    }

    /** From now on this load goes by the kitchen as it is. */
    private Run lock(Run run) {
        refusals.atTheLid(run);
        RunSetting setting = settings.atTheLid(run);
        repository.lock(run.id(), setting);
        return run.by(setting);
    }

    private Run append(Run held, RunEvent event, RunRepository.RunOrigin origin) {
        refusals.ofJarElsewhere(held, event);
        Run run = event.kind() == EventKind.LID_LOCKED ? lock(held) : held;
        repository.add(run.id(), run.events().size() + 1, event, origin);
        Run after = run.and(event);
        RunState before = run.state();
        RunState state = after.state();
        if (state.isClosed()) {
            repository.close(run.id());
        }
        if (state.stage().isOver()) {
            habits.forgetOnceStored(after.cannerId());
        }
        // There is nothing to eat in the jars of the practice device.
        if (state.stage() == Stage.DONE && before.stage() != Stage.DONE && !run.isPractice()) {
            shelving.shelve(after, state, event.at());
        }
        state.heldFor().forEach(reason -> holds.ofRun(run.id(), reason, event.heard()));
        return after;
    }

    /** Once it is stored, everybody hears of it. */
    private void changed(Run after) {
        news.publishEvent(new RunChanged(after));
    }
}
