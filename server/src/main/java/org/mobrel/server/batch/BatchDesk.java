package org.mobrel.server.batch;

import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.finding.Finding;
import org.mobrel.jars.JarCount;
import org.mobrel.ruling.Verdict;
import org.mobrel.server.kitchen.CupboardDesk;
import org.mobrel.server.planning.PlanDesk;
import org.mobrel.server.planning.Planned;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.Missing;
import org.mobrel.server.recipe.RecipeDesk;
import org.mobrel.server.ruling.RulingAnswer;
import org.mobrel.server.ruling.RulingDesk;
import org.mobrel.server.run.NewRun;
import org.mobrel.server.run.RunDesk;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Makes batches out of plans, and keeps what was decided then. */
@Service
public class BatchDesk {

    private final BatchStore store;
    private final PlanDesk plans;
    private final RulingDesk rulings;
    private final RunDesk runs;
    private final RecipeDesk recipes;
    private final CupboardDesk cupboard;
    private final InstantSource clock;
    private final JsonMapper json;

    BatchDesk(
            BatchStore store,
            PlanDesk plans,
            RulingDesk rulings,
            RunDesk runs,
            RecipeDesk recipes,
            CupboardDesk cupboard,
            InstantSource clock,
            JsonMapper json) {
        this.store = store;
        this.plans = plans;
        this.rulings = rulings;
        this.runs = runs;
        this.recipes = recipes;
        this.cupboard = cupboard;
        this.clock = clock;
        this.json = json;
    }

    /** A batch that was made, and its runs, one for each load. */
    public record Made(long batchId, List<Long> runIds) {}

    /** Who takes an own judgement on, and why. */
    public record Accepted(String by, String reason) {}

    /**
     * Takes a plan to the stove.
     *
     * @throws Conflict if a finding stops it, or an own judgement has nobody who takes it on
     */
    @Transactional
    public Made make(long recipeId, long cannerId, List<JarCount> jars, Optional<Accepted> accepted) {
        Planned plan = plans.plan(recipeId, cannerId, jars);
        Made made = make(plan, accepted, clock.instant());
        cupboard.take(plan.jars());
        return made;
    }

    /**
     * Takes every dish of a plan to the stove: jars and lids leave the cupboard, own jars the shelf.
     *
     * @throws Conflict if one of them is stopped, needs somebody to take it on, or fills no jar; then none goes
     */
    @Transactional
    public List<Made> makeOf(long planId) {
        Instant now = clock.instant();
        List<Made> made = new ArrayList<>();
        for (Planned dish : plans.toTheStove(planId)) {
            Made batch = make(dish, acceptedInThePlan(dish), now);
            plans.becameBatch(planId, dish, batch.batchId(), now);
            cupboard.take(dish.jars());
            made.add(batch);
        }
        return made;
    }

    private static Optional<Accepted> acceptedInThePlan(Planned dish) {
        return Optional.ofNullable(dish.dish().takesOn())
                .map(who -> new Accepted(who.by().strip(), who.reason().strip()));
    }

    /** As {@link #make}, at an instant of its own; for kitchens that are loaded, not cooked in. */
    @Transactional
    public Made makeAt(
            long recipeId, long cannerId, List<JarCount> jars, Optional<Accepted> acceptedNow, Instant madeAt) {
        return make(plans.plan(recipeId, cannerId, jars), acceptedNow, madeAt);
    }

    private Made make(Planned plan, Optional<Accepted> acceptedNow, Instant madeAt) {
        Optional<Accepted> accepted = acceptedNow.or(() -> acceptedWithTheRecipe(plan));
        refuseWhatMayNotRun(plan, accepted);
        boolean judged = plan.ruling().verdict() == Verdict.OWN_JUDGEMENT;
        long id = store.add(new StoredBatch(
                0,
                plan.recipe().id(),
                plan.recipe().version(),
                plan.recipe().title(),
                plan.canner().id(),
                plan.canner().profile().name(),
                plan.canner().profile().gauge(),
                plan.altitude(),
                plan.ruling().verdict().code(),
                plan.ruling().tableVersion().code(),
                accepted.filter(who -> judged).map(who -> new BatchWire.Acceptance(who.by(), who.reason())),
                json.writeValueAsString(rulings.answer(plan.batch(), plan.variants())),
                madeAt));
        List<Long> runIds = new ArrayList<>();
        for (int load = 0; load < plan.loads().size(); load++) {
            runIds.add(runs.create(run(id, load + 1, plan, plan.loads().get(load))));
        }
        return new Made(id, runIds);
    }

    /** What was taken on with this version of the recipe holds for a batch that departs in nothing else. */
    private Optional<Accepted> acceptedWithTheRecipe(Planned plan) {
        return recipes.judgement(plan.recipe().id(), plan.recipe().version())
                .filter(judgement -> judgement.covers(plan.departs()))
                .map(judgement -> new Accepted(judgement.by(), judgement.reason()));
    }

    private static void refuseWhatMayNotRun(Planned plan, Optional<Accepted> accepted) {
        List<Finding> findings = plan.ruling().findings();
        if (plan.ruling().verdict() == Verdict.STOP) {
            String first = findings.stream()
                    .filter(Finding::isStop)
                    .findFirst()
                    .map(Finding::text)
                    .orElse("");
            throw new Conflict("stopped", "This cannot go to the stove: " + first, Map.of());
        }
        if (plan.ruling().verdict() == Verdict.OWN_JUDGEMENT && accepted.isEmpty()) {
            throw new Conflict(
                    "not-accepted",
                    "Part of this is outside the published tables. Somebody has to take it on by name and say why.",
                    Map.of("findings", findings.stream().map(Finding::code).toList()));
        }
    }

    private static NewRun run(long batchId, int number, Planned plan, Planned.Load load) {
        return new NewRun(
                batchId,
                number,
                plan.recipe().title(),
                plan.canner().id(),
                plan.canner().profile().name(),
                plan.canner().profile().gauge().kind(),
                plan.ruling().verdict(),
                load.ruling().timing().orElseThrow(),
                load.jars());
    }

    @Transactional(readOnly = true)
    List<StoredBatch> batches() {
        return store.batches();
    }

    @Transactional(readOnly = true)
    StoredBatch batch(long id) {
        return store.batch(id).orElseThrow(() -> new Missing("batch", id));
    }

    RulingAnswer ruling(StoredBatch batch) {
        return json.readValue(batch.ruling(), RulingAnswer.class);
    }
}
