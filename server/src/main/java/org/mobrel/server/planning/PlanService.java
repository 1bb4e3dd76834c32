package org.mobrel.server.planning;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Volume;
import org.mobrel.scaling.Swap;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.run.RunService;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.server.shelf.ShelfService;
import org.mobrel.shelf.LotCode;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps plans: what a cook set. What follows from it is worked out by {@link PlanViewService}. */
@Service
public class PlanService {

    /** So far back is looked for what a cook said of a recipe. */
    private static final int LAST_PLANS = 60;

    private static final Duration FARTHEST = Duration.ofDays(5 * 365);

    private final PlanRepository repository;
    private final PlanViewService looks;
    private final PantryService pantry;
    private final YieldService yields;
    private final RecipeService recipes;
    private final ShelfService shelf;
    private final RunService runs;
    private final Catalogue catalogue;
    private final InstantSource clock;

    PlanService(
            PlanRepository repository,
            PlanViewService looks,
            PantryService pantry,
            YieldService yields,
            RecipeService recipes,
            ShelfService shelf,
            RunService runs,
            Catalogue catalogue,
            InstantSource clock) {
        this.repository = repository;
        this.looks = looks;
        this.pantry = pantry;
        this.yields = yields;
        this.recipes = recipes;
        this.shelf = shelf;
        this.runs = runs;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /**
     * Plans the latest version of a recipe alone, without keeping the plan.
     *
     * @throws Conflict if the kitchen has no altitude yet, for then there is no pressure
     * @throws NotFound if there is no such recipe or canner
     */
    @Transactional(readOnly = true)
    public StoveHandover plan(long recipeId, long cannerId, List<JarCount> asked) {
        return looks.plan(recipes.latest(recipeId), cannerId, asked);
    }

    @Transactional(readOnly = true)
    List<StoredPlan> open() {
        return repository.open();
    }

    /** Whether no canner holds any of its jars any more. */
    @Transactional(readOnly = true)
    boolean isCooked(StoredPlan plan) {
        return runs
                .ofBatches(
                        plan.atStove().stream().map(StoredPlan.AtStove::batchId).toList())
                .stream()
                .noneMatch(run -> run.state().stage().isAtTheStove());
    }

    @Transactional(readOnly = true)
    String title(StoredPlan plan) {
        return plan.body().dishes().stream()
                .map(dish -> recipes.latest(dish.recipeId()).title())
                .collect(Collectors.joining(" and "));
    }

    /** The plan of this recipe alone that is open already, or a new one for a common load: seven quarts. */
    @Transactional
    public long begin(long recipeId) {
        recipes.latest(recipeId);
        Optional<StoredPlan> open = repository.open().stream()
                .filter(plan -> !plan.isAtStove() && plan.body().dishes().size() == 1)
                .filter(plan -> plan.body().dishes().get(0).recipeId() == recipeId)
                .findFirst();
        return open.map(StoredPlan::id)
                .orElseGet(() -> create(PlanBody.Dish.of(
                                "a",
                                recipeId,
                                List.of(
                                        new PlanBody.WantedJars("quart", "regular", 7),
                                        new PlanBody.WantedJars("pint", "regular", 0),
                                        new PlanBody.WantedJars("half-pint", "regular", 0)))
                        .taking(lastTime(recipeId))));
    }

    /** How long the work took when this recipe was planned before, where the cook said so. */
    private List<PlanBody.WorkMinutes> lastTime(long recipeId) {
        return repository.last(LAST_PLANS).stream()
                .flatMap(plan -> plan.body().dishes().stream())
                .filter(dish -> dish.recipeId() == recipeId && !dish.ownWork().isEmpty())
                .findFirst()
                .map(dish -> dish.ownWork().entrySet().stream()
                        .map(work -> new PlanBody.WorkMinutes(
                                work.getKey(), work.getValue().value()))
                        .toList())
                .orElse(List.of());
    }

    /** A new plan of these dishes. */
    @Transactional
    public long create(PlanBody.Dish... dishes) {
        return repository.create(PlanBody.of(List.of(dishes)), clock.instant());
    }

    /**
     * A plan with all that follows from it; a dish that cannot be worked out says why.
     *
     * @throws NotFound if there is no such plan
     * @throws Conflict if the kitchen lacks altitude or canner
     */
    @Transactional(readOnly = true)
    PlanView look(long id) {
        return looks.look(stored(id));
    }

    private StoredPlan stored(long id) {
        return repository.plan(id).orElseThrow(() -> new NotFound("plan", id));
    }

    /**
     * Saves what the cook set.
     *
     * @param basedOn the revision the cook had before
     * @throws InvalidField if something in it cannot be meant; then nothing is saved
     * @throws Conflict if another device was first, or the dish is on the stove already
     */
    @Transactional
    PlanView save(long id, int basedOn, PlanBody body) {
        StoredPlan before = repository.planForUpdate(id).orElseThrow(() -> new NotFound("plan", id));
        if (before.revision() != basedOn) {
            throw new Conflict(
                    "someone-was-first",
                    "This plan was changed meanwhile, by another page or device.",
                    Map.of("latestRevision", before.revision()));
        }
        refuseToChangeWhatIsCooked(before, body);
        refuseKeysTwice(body);
        refuseADayFarAway(body, clock.instant());
        StoredPlan after = new StoredPlan(id, body, basedOn + 1, clock.instant(), before.away(), before.atStove());
        PlanView looked = looks.look(after);
        looked.dishes().forEach(dish -> dish.trouble().ifPresent(wrong -> {
            throw wrong;
        }));
        refuseJarsThatAreNotThere(looked);
        if (repository.save(id, basedOn, body, after.changedAt()) != 1) {
            throw new IllegalStateException("plan %s changed under its lock".formatted(id));
        }
        return looked;
    }

    /** A year that is still being typed, or a slip of the finger. */
    private static void refuseADayFarAway(PlanBody body, Instant now) {
        refuseFarAway(body.day(), "day.at", now);
        for (int day = 0; day < body.laterDays().size(); day++) {
            refuseFarAway(body.laterDays().get(day).day(), "later[%s].day.at".formatted(day), now);
        }
    }

    private static void refuseFarAway(PlanBody.@Nullable DaySettings day, String field, Instant now) {
        Instant at = day == null ? null : day.at();
        if (at != null && (at.isBefore(now.minus(FARTHEST)) || at.isAfter(now.plus(FARTHEST)))) {
            throw new InvalidField(field, "a day within five years of today");
        }
    }

    private static void refuseKeysTwice(PlanBody body) {
        long keys = body.dishes().stream().map(PlanBody.Dish::key).distinct().count();
        if (keys != body.dishes().size()) {
            throw new InvalidField("dishes", "two dishes have the same key");
        }
    }

    /** What is on the stove was decided; what is filled and ticked goes on changing. */
    private static void refuseToChangeWhatIsCooked(StoredPlan before, PlanBody after) {
        for (StoredPlan.AtStove cooked : before.atStove()) {
            boolean same = before.body().dishes().stream()
                    .filter(dish -> dish.key().equals(cooked.dish()))
                    .allMatch(was -> after.dishes().stream().anyMatch(now -> isSameCooking(was, now)));
            if (!same) {
                throw new Conflict(
                        "at-the-stove", "This dish is at the stove already; its jars stay as they were.", Map.of());
            }
        }
    }

    private static boolean isSameCooking(PlanBody.Dish was, PlanBody.Dish now) {
        return was.key().equals(now.key())
                && was.recipeId() == now.recipeId()
                && was.mode().equals(now.mode())
                && was.jars().equals(now.jars())
                && was.hands().equals(now.hands())
                && Objects.equals(was.keepBack(), now.keepBack())
                && was.isOneLoad() == now.isOneLoad()
                && was.isOnHand() == now.isOnHand()
                && Objects.equals(was.times(), now.times())
                && Objects.equals(was.pot(), now.pot())
                && was.ownJars().equals(now.ownJars())
                && was.variants().equals(now.variants());
    }

    private static void refuseJarsThatAreNotThere(PlanView looked) {
        Map<String, Integer> used = new HashMap<>();
        for (int index = 0; index < looked.dishes().size(); index++) {
            PlanView.DishView dish = looked.dishes().get(index);
            if (looked.plan().atStove(dish.dish().key()).isPresent()) {
                continue;
            }
            for (PlanBody.OwnJars own : dish.dish().ownJars()) {
                ShelfLot lot = looked.lots().get(own.lot());
                String field = "dishes[%s].ownJars".formatted(index);
                if (lot == null) {
                    throw new InvalidField(field, "there is no lot " + own.lot());
                }
                if (used.merge(own.lot(), own.jars(), Integer::sum) > lot.lot().jars()) {
                    throw new InvalidField(
                            field,
                            "of lot %s there are %s jars"
                                    .formatted(own.lot(), lot.lot().jars()));
                }
            }
        }
    }

    /** @throws NotFound if there is no such plan */
    @Transactional
    void putAway(long id, boolean away) {
        stored(id);
        repository.putAway(id, away);
    }

    /**
     * The dishes of a plan that are not at the stove yet, held so that nobody else takes them there.
     *
     * @throws Conflict if there is none, or one cannot be worked out
     */
    @Transactional
    public StoveHandover toTheStove(long id) {
        PlanView looked = looks.look(repository.planForUpdate(id).orElseThrow(() -> new NotFound("plan", id)));
        List<Planned> waiting = looked.dishes().stream()
                .filter(dish -> looked.plan().atStove(dish.dish().key()).isEmpty())
                .map(dish -> dish.planned()
                        .orElseThrow(() -> new Conflict(
                                "not-planned",
                                dish.title() + ": "
                                        + dish.trouble()
                                                .map(InvalidField::getMessage)
                                                .orElse(""),
                                Map.of())))
                .toList();
        if (waiting.isEmpty()) {
            throw new Conflict("at-the-stove", "Everything in this plan is at the stove already.", Map.of());
        }
        waiting.forEach(PlanService::refuseWithoutJars);
        looked.days().stream()
                .flatMap(day -> day.chosen().fitsNowhere().stream())
                .findFirst()
                .ifPresent(jars -> {
                    throw new Conflict(
                            "fits-no-canner",
                            "%s: its %ss fit into none of the canners."
                                    .formatted(jars.dish(), jars.kind().size().label()),
                            Map.of());
                });
        Set<Long> taken =
                looked.loads().stream().map(load -> load.canner().id()).collect(Collectors.toSet());
        looked.canners().stream()
                .filter(canner -> taken.contains(canner.id()))
                .flatMap(canner -> canner.outOfUse().stream()
                        .map(why -> "%s: %s".formatted(canner.profile().name(), why)))
                .findFirst()
                .ifPresent(why -> {
                    throw new Conflict("out-of-use", why, Map.of());
                });
        pantry.useUp(looked);
        return new StoveHandover(waiting, looked.loads());
    }

    private static void refuseWithoutJars(Planned dish) {
        if (dish.jars().isEmpty()) {
            throw new Conflict("no-jars", dish.recipe().title() + " fills no jar yet.", Map.of());
        }
    }

    /** Remembers which batch a dish became. */
    @Transactional
    public void becameBatch(long planId, Planned dish, long batchId, Instant at) {
        repository.atStove(
                planId,
                new StoredPlan.AtStove(
                        dish.dish().key(),
                        batchId,
                        dish.recipe().version(),
                        dish.pot().yield()));
        for (PlanBody.OwnJars own : dish.dish().ownJars()) {
            shelf.useIn(batchId, new LotCode(own.lot()), own.jars(), at);
        }
    }

    /**
     * Another food by weight in the place of a line's.
     *
     * @param write whether it is written into the recipe, as its next version
     * @return the new line
     * @throws InvalidField if the line cannot be weighed, or there is no such food
     */
    @Transactional
    String swap(long id, String key, int line, String foodId, boolean write) {
        PlanView looked = look(id);
        Planned dish = planned(looked, key);
        if (line < 0 || line >= dish.lines().size()) {
            throw new InvalidField("line", "the recipe has no such line");
        }
        Food food = catalogue.foods().stream()
                .filter(known -> known.id().equals(foodId) && known.kind().isSolid())
                .findFirst()
                .orElseThrow(() -> new InvalidField("food", "\"" + foodId + "\" is no solid food of the tables"));
        String text = Swap.byWeight(
                        dish.lines().get(line), food, looked.kitchen().units())
                .orElseThrow(() -> new InvalidField(
                        "line", "this line cannot be weighed, so nothing can take its place by weight"));
        if (write) {
            Recipe recipe = dish.recipe();
            recipes.change(recipe.id(), recipe.version(), recipe.body().withLine(line, text));
        }
        return text;
    }

    private static Planned planned(PlanView looked, String key) {
        return looked.planned().stream()
                .filter(dish -> dish.dish().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFound("dish", key));
    }

    /**
     * Says what a dish really made; the recipe learns from it.
     *
     * @param jars what was really filled
     * @param rest what was left besides
     * @throws Conflict if the dish is not at the stove yet
     * @throws InvalidField if it is no plausible yield of this pot
     */
    @Transactional
    void made(long id, String key, List<PlanBody.WantedJars> jars, Volume rest) {
        PlanView looked = look(id);
        Planned dish = planned(looked, key);
        if (looked.plan().atStove(key).isEmpty()) {
            throw new Conflict("not-cooked", "First take it to the stove, then say what it made.", Map.of());
        }
        yields.made(id, dish, looked.jarTable(), jars, rest);
    }
}
