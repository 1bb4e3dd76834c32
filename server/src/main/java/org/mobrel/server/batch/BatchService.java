package org.mobrel.server.batch;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mobrel.canner.CannerProfile;
import org.mobrel.finding.Finding;
import org.mobrel.jars.JarCount;
import org.mobrel.method.StepStatement;
import org.mobrel.planning.PlannedLoad;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.RulingQuestion;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.Jiggles;
import org.mobrel.server.catalogue.RowComparisons;
import org.mobrel.server.kitchen.CupboardService;
import org.mobrel.server.planning.PlanService;
import org.mobrel.server.planning.Planned;
import org.mobrel.server.planning.StoveHandover;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.ruling.RulingService;
import org.mobrel.server.run.NewRun;
import org.mobrel.server.run.RunGroup;
import org.mobrel.server.run.RunService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes batches out of plans, and keeps what was decided then. */
@Service
public class BatchService {

    private final BatchRepository repository;
    private final PlanService plans;
    private final RulingService rulings;
    private final RunService runs;
    private final RecipeService recipes;
    private final CupboardService cupboard;
    private final InstantSource clock;
    private final DecisionService decisions;
    private final RowComparisons comparisons;

    BatchService(
            BatchRepository repository,
            PlanService plans,
            RulingService rulings,
            RunService runs,
            RecipeService recipes,
            CupboardService cupboard,
            InstantSource clock,
            DecisionService decisions,
            RowComparisons comparisons) {
        this.repository = repository;
        this.plans = plans;
        this.rulings = rulings;
        this.runs = runs;
        this.recipes = recipes;
        this.cupboard = cupboard;
        this.clock = clock;
        this.decisions = decisions;
        this.comparisons = comparisons;
    }

    /** What the page of its recipe does otherwise than it was tested, and is done as tested. */
    @Transactional(readOnly = true)
    public List<StepStatement.Departs> settledPractices(long id) {
        StoredBatch batch = batch(id);
        Recipe recipe = recipes.version(batch.recipeId(), batch.recipeVersion());
        List<IngredientLine> lines = rulings.read(recipe.lines(), recipe.answers());
        return rulings.method(recipe.body().method(), lines, recipe.answers()).settledPractices();
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
        StoveHandover plan = plans.plan(recipeId, cannerId, jars);
        Made made = make(plan, accepted, clock.instant());
        cupboard.take(plan.dishes().get(0).jars());
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
        StoveHandover plan = plans.toTheStove(planId);
        Map<String, Long> batches = new LinkedHashMap<>();
        for (Planned dish : plan.dishes()) {
            long batch = batch(dish, firstLoad(dish, plan), acceptedInThePlan(dish), now);
            batches.put(dish.dish().key(), batch);
            plans.becameBatch(planId, dish, batch, now);
            cupboard.take(dish.jars());
        }
        Map<Long, List<Long>> runsOf = new HashMap<>();
        GroupsOfRun groups = new GroupsOfRun(plan.dishes(), batches);
        plan.loads().forEach(load -> {
            long run = runs.create(run(load, groups.of(load)));
            load.shares().forEach(share -> runsOf.computeIfAbsent(batchOf(share, batches), first -> new ArrayList<>())
                    .add(run));
        });
        return batches.values().stream()
                .map(batch -> new Made(batch, runsOf.getOrDefault(batch, List.of())))
                .toList();
    }

    /** The load that a dish goes into first; a batch remembers its canner. */
    private static Optional<PlannedLoad> firstLoad(Planned dish, StoveHandover plan) {
        return plan.loads().stream()
                .filter(load -> load.shares().stream()
                        .anyMatch(share -> share.dish().key().equals(dish.dish().key())))
                .findFirst();
    }

    private static long batchOf(PlannedLoad.Share share, Map<String, Long> batches) {
        return batches.getOrDefault(share.dish().key(), 0L);
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

    private Made make(StoveHandover plan, Optional<Accepted> accepted, Instant madeAt) {
        Planned dish = plan.dishes().get(0);
        long id = batch(dish, firstLoad(dish, plan), accepted, madeAt);
        Map<String, Long> batches = Map.of(dish.dish().key(), id);
        GroupsOfRun groups = new GroupsOfRun(plan.dishes(), batches);
        return new Made(
                id,
                plan.loads().stream()
                        .map(load -> runs.create(run(load, groups.of(load))))
                        .toList());
    }

    /** Keeps what was decided for a dish. */
    private long batch(Planned plan, Optional<PlannedLoad> firstLoad, Optional<Accepted> acceptedNow, Instant madeAt) {
        Optional<Accepted> accepted = acceptedNow.or(() -> acceptedWithTheRecipe(plan));
        refuseWhatMayNotRun(plan, accepted);
        boolean judged = plan.ruling().verdict() == Verdict.OWN_JUDGEMENT;
        long canner =
                firstLoad.map(load -> load.canner().id()).orElse(plan.canner().id());
        CannerProfile profile = firstLoad
                .map(load -> load.canner().profile())
                .orElse(plan.canner().profile());
        Batch ruled = plan.batch().with(profile.gauge());
        StoredDecision decision = DecisionMapper.of(rulings.rule(ruled, plan.variants()), ruled.school());
        long id = repository.add(new StoredBatch(
                0,
                plan.recipe().id(),
                plan.recipe().version(),
                plan.recipe().title(),
                canner,
                profile.name(),
                profile.gauge(),
                plan.batch().altitude(),
                plan.ruling().verdict().code(),
                plan.ruling().tableVersion().code(),
                accepted.filter(who -> judged).map(who -> new BatchMessages.Acceptance(who.by(), who.reason())),
                decisions.written(decision),
                madeAt,
                Optional.empty()));
        repository.add(id, decision.rows());
        return id;
    }

    /** What was taken on with this version of the recipe holds for a batch that departs in nothing else. */
    private Optional<Accepted> acceptedWithTheRecipe(Planned plan) {
        return recipes.judgement(plan.recipe().id(), plan.recipe().version())
                .filter(judgement -> judgement.covers(plan.worked().departs()))
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
        if (plan.ruling().verdict() == Verdict.ASK) {
            String first = plan.ruling().questions().stream()
                    .findFirst()
                    .map(RulingQuestion::text)
                    .orElse("");
            throw new Conflict("asked", "This cannot go to the stove before it is answered: " + first, Map.of());
        }
        if (plan.ruling().verdict() == Verdict.OWN_JUDGEMENT && accepted.isEmpty()) {
            throw new Conflict(
                    "not-accepted",
                    "Part of this is outside the published tables. Somebody has to take it on by name and say why.",
                    Map.of("findings", findings.stream().map(Finding::code).toList()));
        }
    }

    private static NewRun run(PlannedLoad load, List<RunGroup> groups) {
        return new NewRun(
                groups.get(0).batchId(),
                load.number(),
                load.shares().stream().map(share -> share.dish().title()).collect(Collectors.joining(" and ")),
                load.canner().id(),
                load.canner().profile().name(),
                load.canner().profile().gauge().kind(),
                load.verdict(),
                load.timing().minutes(),
                load.timing().reading(),
                load.timing().truePressure(),
                new BigDecimal(load.timing().headspace().inches().toPlainString()),
                load.pack(),
                load.canner()
                        .profile()
                        .weight()
                        .map(weight -> new Jiggles(weight.least(), weight.most()))
                        .orElse(Jiggles.NOT_COUNTED),
                groups,
                Optional.empty());
    }

    /**
     * What of the logbook is asked for.
     *
     * @param words of the dish, a lot or a note; empty for all
     * @param canner 0 for all
     * @param verdict empty for all
     */
    record Wanted(String words, long canner, String verdict, int from, int most) {}

    @Transactional(readOnly = true)
    List<StoredBatch> batches(Wanted wanted) {
        return repository.batches(wanted);
    }

    @Transactional(readOnly = true)
    int count(Wanted wanted) {
        return repository.count(wanted);
    }

    @Transactional(readOnly = true)
    List<Long> againOf(long batch) {
        return repository.againOf(batch);
    }

    @Transactional(readOnly = true)
    StoredBatch batch(long id) {
        return repository.batch(id).orElseThrow(() -> new NotFound("batch", id));
    }

    /**
     * The batches that rest on a row of the tables: by a line, a floor, the pressure or the size of a jar.
     *
     * @param row its stable id
     */
    @Transactional(readOnly = true)
    public List<Long> restingOn(String row) {
        return repository.restingOn(row);
    }

    /** What was decided for a batch, as it is printed and traced. */
    public record Record(
            String title,
            Instant madeAt,
            int recipeVersion,
            String cannerName,
            String tableVersion,
            Optional<Accepted> acceptance,
            BatchMessages.BatchRuling ruling) {}

    /** @throws NotFound if there is no such batch */
    @Transactional(readOnly = true)
    public Record record(long id) {
        StoredBatch batch = batch(id);
        return new Record(
                batch.title(),
                batch.madeAt(),
                batch.recipeVersion(),
                batch.cannerName(),
                batch.tableVersion(),
                batch.acceptance().map(who -> new Accepted(who.by(), who.reason())),
                ruling(batch));
    }

    BatchMessages.BatchRuling ruling(StoredBatch batch) {
        return BatchMessages.BatchRuling.of(decisions.read(batch), comparisons);
    }
}
