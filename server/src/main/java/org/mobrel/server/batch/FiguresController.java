package org.mobrel.server.batch;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.run.JarCheck;
import org.mobrel.run.RunTimes;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.planning.MadeYields;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How it has been going, in figures: canner by canner, and how near yields came. */
@RestController
class FiguresController {

    private static final int RUNS = 24;
    private static final int YIELDS = 12;

    /** @param comeUpMin null for a run with a break, which tells nothing about the next; so is coolDownMin */
    record RunFigure(Instant at, @Nullable Integer comeUpMin, @Nullable Integer coolDownMin, int checked, int sealed) {}

    /** @param runs the oldest first */
    record CannerFigures(String canner, List<RunFigure> runs) {}

    /** @param share of what was foreseen */
    record YieldFigure(String title, Instant at, double share) {}

    record FiguresResponse(List<CannerFigures> canners, List<YieldFigure> yields) {}

    private final KitchenService kitchens;
    private final RunService runs;
    private final MadeYields yields;

    FiguresController(KitchenService kitchens, RunService runs, MadeYields yields) {
        this.kitchens = kitchens;
        this.runs = runs;
        this.yields = yields;
    }

    @GetMapping("/api/figures")
    FiguresResponse figures() {
        return new FiguresResponse(
                kitchens.kitchen().canners().stream()
                        .map(canner -> new CannerFigures(
                                canner.profile().name(),
                                runs.lastOf(canner.id(), RUNS).stream()
                                        .filter(run -> !run.state().checked().isEmpty())
                                        .map(FiguresController::figure)
                                        .sorted((one, other) -> one.at().compareTo(other.at()))
                                        .toList()))
                        .toList(),
                yields.last(YIELDS).stream()
                        .map(made -> new YieldFigure(made.title(), made.at(), made.share()))
                        .toList());
    }

    private static RunFigure figure(Run run) {
        Optional<RunTimes> times = RunTimes.of(run.plan(), run.events());
        List<JarCheck> checked = List.copyOf(run.state().checked().values());
        return new RunFigure(
                run.events().get(0).at(),
                times.map(each -> each.comeUp().value()).orElse(null),
                times.map(each -> each.coolDown().value()).orElse(null),
                checked.size(),
                (int) checked.stream().filter(JarCheck::sealed).count());
    }
}
