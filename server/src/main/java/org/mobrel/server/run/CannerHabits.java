package org.mobrel.server.run;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.mobrel.day.CannerTimes;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Minutes;
import org.mobrel.run.RunPlan;
import org.mobrel.run.RunTimes;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.platform.PeerChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** How long a canner takes by itself, as its past runs say; read again once one of them is over. */
@Component
class CannerHabits {

    /** Older runs tell nothing about a stove and a burner of today. */
    private static final int LOOK_BACK = 12;

    /** A canner that has left the kitchen is taken for the usual size. */
    private static final int USUAL_QUARTS = 7;

    private final Map<Long, List<RunService.PastRun>> past = new ConcurrentHashMap<>();
    private final RunRepository repository;
    private final KitchenService kitchens;

    CannerHabits(RunRepository repository, KitchenService kitchens) {
        this.repository = repository;
        this.kitchens = kitchens;
    }

    /** Its last runs, of those that went without a break. */
    List<RunService.PastRun> pastOf(long canner) {
        return past.computeIfAbsent(canner, id -> repository.lastOf(id, LOOK_BACK).stream()
                .flatMap(run ->
                        RunTimes.of(run.plan(), run.events())
                                .map(times -> new RunService.PastRun(run.pack(), times))
                                .stream())
                .toList());
    }

    /** Once this is stored: read before, the times of the last run would be kept without it. */
    void forgetOnceStored(long canner) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                past.remove(canner);
            }
        });
    }

    @TransactionalEventListener
    void forget(KitchenReplaced replaced) {
        past.clear();
    }

    @EventListener
    void forget(PeerChanged change) {
        past.clear();
    }

    /** What is usual for a run: by its canner's own last runs of the same pack, or by kitchen averages. */
    CannerTimes timesOf(Run run) {
        return CannerTimes.of(
                pastOf(run.cannerId()).stream()
                        .map(seen -> new CannerTimes.Seen(
                                seen.pack(),
                                seen.times().heatUp(),
                                seen.times().comeUp(),
                                seen.times().coolDown()))
                        .toList(),
                run.pack(),
                canner(run).map(its -> its.profile().capacity().quarts()).orElse(USUAL_QUARTS));
    }

    /** So long after the heat went off a zero is doubted. */
    Duration zeroNotBefore(Run run) {
        CannerTimes times = timesOf(run);
        Optional<Minutes> own = times.runs() == 0
                ? Optional.empty()
                : Optional.of(times.coolDown().usual());
        return RunPlan.zeroNotBefore(own, isSmall(run));
    }

    /** A load that fills less than half of its canner. */
    private boolean isSmall(Run run) {
        int jars = run.jars().stream().mapToInt(JarCount::count).sum();
        return canner(run)
                .map(its -> 2 * jars < its.profile().capacity().ofOneLoad(new JarKind(JarSize.QUART, Mouth.REGULAR)))
                .orElse(false);
    }

    private Optional<KitchenCanner> canner(Run run) {
        return kitchens.kitchen().canner(run.cannerId());
    }
}
