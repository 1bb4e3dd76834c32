package org.mobrel.server.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.loading.Loader;
import org.mobrel.run.Decision;
import org.mobrel.run.EventKind;
import org.mobrel.run.JarFate;
import org.mobrel.run.Jiggles;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunState;
import org.mobrel.run.Stage;
import org.mobrel.server.kitchen.CupboardService;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Processes jars again: the same jars of the same batch, the full time, new lids where the first ones were heated. Glass and food are not
 * counted twice.
 */
@Service
class NextTryService {

    private final RunService runs;
    private final KitchenService kitchens;
    private final CupboardService cupboard;

    NextTryService(RunService runs, KitchenService kitchens, CupboardService cupboard) {
        this.runs = runs;
        this.kitchens = kitchens;
        this.cupboard = cupboard;
    }

    /**
     * @param some the jars that did not seal; empty for all of a run that was given up
     * @param otherCanner where they go in, if not into the one they were in
     * @param by who says so; may be empty
     * @return the next try; the one that is there already for a run that was given up and has one
     * @throws Conflict if it is too late, something else was done with them, or they do not go into the canner
     */
    @Transactional
    public Run of(long id, Optional<List<Integer>> some, Optional<Long> otherCanner, String by) {
        Run first = runs.firstHeld(id);
        RunState state = first.state();
        boolean givenUp = state.stage() == Stage.ABANDONED;
        if (givenUp && first.nextTry().isPresent()) {
            return runs.besideHeld(first.nextTry().get());
        }
        if (!givenUp && some.isEmpty()) {
            throw new InvalidField("jars", "which of the jars that did not seal");
        }
        List<Integer> jars = some.filter(said -> !givenUp)
                .orElseGet(() -> state.inCanner(first.plan()).stream().sorted().toList());
        if (jars.isEmpty()) {
            throw givenUp
                    ? new Conflict("no-jars", "No jar was in the canner when this load was given up.", Map.of())
                    : new InvalidField("jars", "which of the jars that did not seal");
        }
        // What may be done with them, and until when, is for the rules to say.
        if (givenUp) {
            refuseWhatWasDecided(state);
            tell(id, RunEvent.of(EventKind.DECIDED, Decision.PROCESSED_AGAIN, Instant.EPOCH), by);
        } else {
            jars.stream()
                    .distinct()
                    .forEach(jar -> tell(
                            id,
                            RunEvent.of(
                                    EventKind.JAR_SETTLED, new JarFate(jar, Decision.PROCESSED_AGAIN), Instant.EPOCH),
                            by));
        }
        List<RunGroup> groups = groups(first, jars);
        boolean wasHeated = state.abandonedFrom()
                .map(from -> from.compareTo(Stage.HEATING) >= 0)
                .orElse(true);
        if (wasHeated) {
            cupboard.takeLids(groups.stream().map(RunGroup::jars).toList());
        }
        Instant until = state.decideBy().orElseThrow();
        return runs.besideHeld(runs.create(next(first, groups, otherCanner, new Run.Again(id, until))));
    }

    private static void refuseWhatWasDecided(RunState state) {
        state.decision().filter(done -> done != Decision.PROCESSED_AGAIN).ifPresent(done -> {
            throw new Conflict(
                    "decided-otherwise",
                    "Something else was done with these jars already: %s.".formatted(done.code()),
                    Map.of("decision", done.code()));
        });
    }

    private void tell(long run, RunEvent event, String by) {
        runs.tellHeld(run, now -> event.happened(now, now).by(Reporter.cook(by)), RunService.Tap.PLAIN);
    }

    /** The groups of the first try with those of its jars that go in again. */
    private static List<RunGroup> groups(Run first, Collection<Integer> jars) {
        List<RunGroup> groups = new ArrayList<>();
        int from = 1;
        for (RunGroup group : first.groups()) {
            int to = from + group.jars().count();
            int least = from;
            int count = (int) jars.stream()
                    .distinct()
                    .filter(jar -> jar >= least && jar < to)
                    .count();
            if (count > 0) {
                groups.add(group.with(group.jars().kind().times(count)));
            }
            from = to;
        }
        return groups;
    }

    private NewRun next(Run first, List<RunGroup> groups, Optional<Long> otherCanner, Run.Again again) {
        KitchenCanner canner = kitchens.canner(otherCanner.orElse(first.cannerId()));
        List<JarCount> jars = groups.stream().map(RunGroup::jars).toList();
        if (!Loader.fits(canner.profile().capacity(), jars)) {
            throw new Conflict(
                    "does-not-fit",
                    "These jars do not all go into %s."
                            .formatted(canner.profile().name()),
                    Map.of());
        }
        return new NewRun(
                groups.get(0).batchId(),
                runs.nextLoad(groups.get(0).batchId()),
                first.title(),
                canner.id(),
                canner.profile().name(),
                canner.profile().gauge().kind(),
                first.verdict(),
                first.plan().process(),
                first.plan().target(),
                first.truePressure(),
                first.headspaceIn(),
                first.pack(),
                canner.profile()
                        .weight()
                        .map(weight -> new Jiggles(weight.least(), weight.most()))
                        .orElse(Jiggles.NOT_COUNTED),
                groups,
                Optional.of(again));
    }
}
