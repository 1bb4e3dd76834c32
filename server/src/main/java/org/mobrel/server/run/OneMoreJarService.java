package org.mobrel.server.run;

import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mobrel.jars.JarCount;
import org.mobrel.loading.Loader;
import org.mobrel.run.EventKind;
import org.mobrel.run.LeftJar;
import org.mobrel.run.OneMoreJar;
import org.mobrel.run.Refusal;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunPlan;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts one more jar into a load than was planned: of its own food, or one that another load left out for the next one. */
@Service
class OneMoreJarService {

    private final RunService runs;
    private final MovedJarRepository moved;
    private final KitchenService kitchens;
    private final InstantSource clock;

    OneMoreJarService(RunService runs, MovedJarRepository moved, KitchenService kitchens, InstantSource clock) {
        this.runs = runs;
        this.moved = moved;
        this.kitchens = kitchens;
        this.clock = clock;
    }

    /**
     * A jar that waits for a next load.
     *
     * @param from the load that left it out
     * @param number in that load
     */
    record WaitingJar(Run from, int number, Instant since) {

        RunGroup group() {
            return from.groupOf(number);
        }

        OneMoreJar.Waiting asked() {
            return new OneMoreJar.Waiting(from.plan(), from.state(), number, since);
        }
    }

    /**
     * What may still go into a load beside what was planned.
     *
     * @param groups of which of its own kinds one more would fit, from 0
     */
    record Room(List<Integer> groups, List<WaitingJar> waiting) {}

    @Transactional(readOnly = true)
    public Room room(long id) {
        Run run = runs.run(id);
        List<RunGroup> kinds = run.groups().stream()
                .map(group -> group.with(group.jars().kind().times(1)))
                .toList();
        Set<Integer> taken = moved.takenFromOthers(id);
        Set<RunGroup> own = IntStream.rangeClosed(1, run.plan().jars())
                .filter(jar -> !taken.contains(jar))
                .mapToObj(run::groupOf)
                .map(group -> group.with(group.jars().kind().times(1)))
                .collect(Collectors.toSet());
        List<Integer> groups = IntStream.range(0, kinds.size())
                // A kind of which one was added stands there twice; a pot of another load has been left behind by it.
                .filter(group -> kinds.indexOf(kinds.get(group)) == group && own.contains(kinds.get(group)))
                .filter(group ->
                        refusal(run, kinds.get(group), Optional.empty()).isEmpty())
                .boxed()
                .toList();
        return new Room(groups, isPractice(run) ? List.of() : waitingFor(run));
    }

    /** Jars that other loads left out and that may go into this one. A simulated load has no jars. */
    private List<WaitingJar> waitingFor(Run run) {
        return moved.waitingSince(clock.instant().minus(RunPlan.DECIDE_WITHIN)).stream()
                .filter(seat -> seat.run() != run.id())
                .flatMap(seat -> {
                    Run from = runs.run(seat.run());
                    return waits(from, seat.jar())
                            .filter(since -> !isPractice(from))
                            .map(since -> new WaitingJar(from, seat.jar(), since))
                            .stream();
                })
                .filter(jar ->
                        refusal(run, jar.group(), Optional.of(jar.asked())).isEmpty())
                .toList();
    }

    private Optional<Refusal> refusal(Run run, RunGroup kind, Optional<OneMoreJar.Waiting> from) {
        List<JarCount> all = new ArrayList<>(run.jars());
        all.add(kind.jars().kind().times(1));
        // A canner that left the kitchen takes nothing more.
        boolean fits = kitchens.kitchen()
                .canner(run.cannerId())
                .filter(canner -> Loader.fits(canner.profile().capacity(), all))
                .isPresent();
        return OneMoreJar.refusal(run.plan(), run.state(), fits, from, run.clock(clock.instant()));
    }

    /** Since when a jar waits for the next load; empty where it does not. */
    private static Optional<Instant> waits(Run run, int jar) {
        return run.state().leftOut().get(jar) != LeftJar.Place.NEXT_LOAD
                ? Optional.empty()
                : run.events().stream()
                        .filter(event -> event.kind() == EventKind.JAR_LEFT
                                && event.as(LeftJar.class).orElseThrow().jar() == jar)
                        .map(RunEvent::at)
                        .max(Comparator.naturalOrder());
    }

    private static boolean isPractice(Run run) {
        return run.isPractice();
    }

    /**
     * One more jar of the load's own food.
     *
     * @param group which of its kinds, from 0
     * @param seen how many jars the load had when that was said
     * @throws Conflict if it does not fit, the lid is on, or somebody else added one meanwhile
     */
    @Transactional
    public Run ofItsOwn(long id, int group, int seen, String by) {
        Run run = runs.firstHeld(id);
        if (group < 0 || group >= run.groups().size()) {
            throw new InvalidField(
                    "group", "one of the load's %s".formatted(run.groups().size()));
        }
        return add(run, run.groups().get(group), seen, Optional.empty(), by);
    }

    /** A jar that another load left out, as {@link #ofItsOwn}. */
    @Transactional
    public Run leftOver(long id, long fromRun, int fromJar, int seen, String by) {
        if (fromRun == id) {
            throw new InvalidField("fromRun", "another load");
        }
        // Always in the same order: two loads that take jars of each other do not wait for one another.
        Run first = runs.firstHeld(Math.min(id, fromRun));
        Run second = runs.held(Math.max(id, fromRun));
        Run run = first.id() == id ? first : second;
        Run from = first.id() == id ? second : first;
        MovedJarRepository.Seat seat = new MovedJarRepository.Seat(fromRun, fromJar);
        Optional<Instant> since =
                isPractice(from) || isPractice(run) || moved.takenBy(seat).isPresent()
                        ? Optional.empty()
                        : waits(from, fromJar);
        WaitingJar waiting = new WaitingJar(
                from,
                fromJar,
                since.orElseThrow(
                        () -> new Conflict("jar-is-elsewhere", "That jar does not wait for a next load.", Map.of())));
        Run after = add(run, waiting.group(), seen, Optional.of(waiting.asked()), by);
        moved.move(seat, new MovedJarRepository.Seat(id, after.plan().jars()));
        return after;
    }

    private Run add(Run run, RunGroup kind, int seen, Optional<OneMoreJar.Waiting> from, String by) {
        if (run.plan().jars() != seen) {
            throw new Conflict(
                    "someone-was-first",
                    "Another page or device has put a jar in meanwhile. Look again and decide.",
                    Map.of("jars", run.plan().jars()));
        }
        RunGroup one = kind.with(kind.jars().kind().times(1));
        refusal(run, one, from).ifPresent(refusal -> {
            throw new Conflict(refusal.why(), refusal.text(), Map.of("jars", seen));
        });
        moved.append(run.id(), one);
        String words = "Jar %s, one more than planned: %s of %s%s."
                .formatted(
                        seen + 1,
                        one.jars().size().counted(1),
                        one.name(),
                        from.map(jar -> ", left out of another load").orElse(""));
        return runs.tellHeld(
                run.id(),
                now -> RunEvent.of(EventKind.NOTE, now).with(words).by(Reporter.cook(by)),
                RunService.Tap.PLAIN);
    }
}
