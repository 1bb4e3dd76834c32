package org.mobrel.server.device;

import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.mobrel.canner.CannerProfile;
import org.mobrel.quantity.Altitude;
import org.mobrel.run.Stage;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunChanged;
import org.mobrel.server.run.RunService;
import org.mobrel.server.run.RunStream;
import org.mobrel.steam.CannerContents;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Keeps simulated canners going, and lets their knobs be turned. */
@Service
public class SimulationService implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(SimulationService.class);
    private static final long TICK_MILLIS = 250;

    /** So many readings are written down while a run is held. */
    private static final int AT_ONCE = 20;

    /** What is known of one simulated run; only the ticking thread lets it go on. */
    private static final class Running {
        private volatile Run run;
        private volatile List<KnobChange> turns;
        private Optional<Simulation> simulation = Optional.empty();
        private final List<RunService.Sent> unsent = new ArrayList<>();

        private Running(Run run, List<KnobChange> turns) {
            this.run = run;
            this.turns = List.copyOf(turns);
        }
    }

    private final Map<Long, Running> all = new ConcurrentHashMap<>();
    private final DeviceRepository repository;
    private final DeviceService devices;
    private final RunService runs;
    private final RunStream stream;
    private final KitchenService kitchens;
    private final InstantSource clock;
    private final boolean offered;
    private final ScheduledExecutorService ticking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "simulated-canners");
        thread.setDaemon(true);
        return thread;
    });
    private volatile boolean running;

    SimulationService(
            DeviceRepository repository,
            DeviceService devices,
            RunService runs,
            RunStream stream,
            KitchenService kitchens,
            InstantSource clock,
            @Value("${mobrel.simulation}") boolean offered) {
        this.repository = repository;
        this.devices = devices;
        this.runs = runs;
        this.stream = stream;
        this.kitchens = kitchens;
        this.clock = clock;
        this.offered = offered;
    }

    /** Whether this kitchen lends the simulated canner at all. */
    boolean isOffered() {
        return offered;
    }

    /**
     * Puts the load of a run on the simulated canner, or lets one that is there go at another pace.
     *
     * @throws Conflict if this kitchen does not lend it, or the lid is on a real canner already
     */
    void pace(long id, int pace) {
        Run run = runs.run(id);
        boolean there = repository.isSimulated(id);
        if (!there && !offered) {
            throw new Conflict(
                    "not-offered",
                    "The simulated canner belongs to the demo kitchen; real jars want a real gauge.",
                    Map.of());
        }
        if (!there && run.state().stage().compareTo(Stage.LOADING) > 0) {
            throw new Conflict("too-late", "The lid is on already; this load goes on as it began.", Map.of());
        }
        runs.pace(id, pace);
        if (!there) {
            repository.add(id, new KnobChange(runs.run(id).clock(clock.instant()), KnobChange.Knob.BURNER, 100));
        }
        // One that is on goes on as it is: it has heard of its new pace already.
        all.computeIfAbsent(id, known -> new Running(runs.run(known), repository.turns(known)));
    }

    /** @throws Conflict if the run is not on the simulated canner */
    void turn(long id, KnobChange.Knob knob, int value) {
        if (!repository.isSimulated(id)) {
            throw new Conflict("not-simulated", "This load is in a real canner.", Map.of());
        }
        repository.add(id, new KnobChange(runs.run(id).clock(clock.instant()), knob, value));
        Running known = all.computeIfAbsent(id, run -> new Running(runs.run(run), List.of()));
        known.turns = List.copyOf(repository.turns(id));
    }

    /** What is seen of it now; empty before its lid is on and after it is off. */
    Optional<Simulation> simulation(long id) {
        return Optional.ofNullable(all.get(id)).flatMap(known -> known.simulation);
    }

    List<KnobChange> turns(long id) {
        return repository.turns(id);
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void heard(RunChanged change) {
        Running known = all.get(change.run().id());
        if (known != null && !known.run.isNewerThan(change.run())) {
            known.run = change.run();
        }
    }

    @TransactionalEventListener
    void replaced(KitchenReplaced replaced) {
        all.clear();
        ticking.execute(this::findThemAgain);
    }

    private void tick() {
        all.forEach((id, known) -> {
            try {
                goOn(id, known);
            } catch (RuntimeException notNow) {
                // The readings are kept and sent with the next tick, as a gauge would that cannot reach the server.
                LOG.debug("a simulated canner waits for the server", notNow);
            }
        });
    }

    private void goOn(long id, Running known) {
        Run run = known.run;
        if (known.simulation.isEmpty() && Simulation.isOn(run)) {
            known.simulation = Simulation.lidOn(run).map(at -> begin(run, at));
        }
        Optional<Simulation> simulation = known.simulation;
        if (simulation.isEmpty()) {
            return;
        }
        if (!Simulation.isOn(run)) {
            all.remove(id);
            return;
        }
        Instant now = run.clock(clock.instant());
        known.unsent.addAll(simulation.get().until(now, run, known.turns));
        stream.say("simulation", id, SimulationMessages.answer(id, known.turns, simulation));
        // A few at a time: behind a machine that stood still there may be hundreds, and a tap of the cook's comes in
        // between.
        while (!known.unsent.isEmpty()) {
            List<RunService.Sent> some = known.unsent.subList(0, Math.min(AT_ONCE, known.unsent.size()));
            devices.takeSimulated(id, List.copyOf(some));
            some.clear();
        }
    }

    private Simulation begin(Run run, Instant lidOn) {
        Kitchen kitchen = kitchens.kitchen();
        Optional<CannerProfile> profile = kitchen.canners().stream()
                .filter(canner -> canner.id() == run.cannerId())
                .findFirst()
                .map(KitchenCanner::profile);
        return new Simulation(
                run,
                lidOn,
                profile.map(canner -> canner.capacity().quarts()).orElse(7),
                profile.flatMap(CannerProfile::startWater).orElse(CannerContents.USUAL_WATER),
                kitchen.altitude().orElse(Altitude.ofFeet(0)));
    }

    /** Those that were on when the server went down go on, and tell what their gauges saw meanwhile. */
    private void findThemAgain() {
        try {
            runs.open().stream()
                    .filter(run -> run.pace().isPresent() && repository.isSimulated(run.id()))
                    .forEach(run -> all.put(run.id(), new Running(run, repository.turns(run.id()))));
        } catch (RuntimeException notYet) {
            LOG.warn("simulated canners cannot be found yet", notYet);
            ticking.schedule(this::findThemAgain, 2, TimeUnit.SECONDS);
        }
    }

    @Override
    public void start() {
        running = true;
        ticking.execute(this::findThemAgain);
        ticking.scheduleWithFixedDelay(this::tick, TICK_MILLIS, TICK_MILLIS, TimeUnit.MILLISECONDS);
    }

    @Override
    public void stop() {
        running = false;
        ticking.shutdownNow();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
