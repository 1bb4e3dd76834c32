package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarTable;
import org.mobrel.planning.ChosenLoads;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.server.kitchen.Cupboard;
import org.mobrel.server.kitchen.CupboardService;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.server.shelf.ShelfService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what follows from plans. Nothing of it is kept, so a recipe or a jar that changed is seen at once. */
@Service
class PlanViewService {

    /** As many as one person can watch side by side. */
    private static final int MOST_CANNERS = 3;

    private final YieldService yields;
    private final RecipeService recipes;
    private final KitchenService kitchens;
    private final CupboardService cupboards;
    private final ShelfService shelf;
    private final PantryService pantry;
    private final PlanWorker worker;

    PlanViewService(
            YieldService yields,
            RecipeService recipes,
            KitchenService kitchens,
            CupboardService cupboards,
            ShelfService shelf,
            PantryService pantry,
            PlanWorker worker) {
        this.yields = yields;
        this.recipes = recipes;
        this.kitchens = kitchens;
        this.cupboards = cupboards;
        this.shelf = shelf;
        this.pantry = pantry;
        this.worker = worker;
    }

    /**
     * Plans a recipe alone, without keeping the plan.
     *
     * @throws Conflict if the kitchen has no altitude yet, for then there is no pressure
     * @throws NotFound if there is no such recipe or canner
     */
    @Transactional(readOnly = true)
    StoveHandover plan(Recipe recipe, long cannerId, List<JarCount> asked) {
        Kitchen kitchen = kitchens.kitchen();
        List<PlanBody.WantedJars> jars = asked.stream()
                .map(jar ->
                        new PlanBody.WantedJars(jar.size().code(), jar.mouth().code(), jar.count()))
                .toList();
        KitchenCanner canner = kitchens.canner(cannerId);
        Cupboard cupboard = cupboards.cupboard();
        Planned dish = worker.dishes(kitchen, canner, cupboards.jars(cupboard), cupboard)
                .plan(PlanBody.Dish.of("a", recipe.id(), jars), recipe, yields.of(recipe.id()), "");
        ChosenLoads chosen = worker.loads(dish, canner, kitchen);
        return new StoveHandover(List.of(dish), chosen.loads());
    }

    /**
     * A plan with all that follows from it; a dish that cannot be worked out says why.
     *
     * @throws Conflict if the kitchen lacks altitude or canner
     */
    @Transactional(readOnly = true)
    PlanView look(StoredPlan plan) {
        Kitchen kitchen = kitchens.kitchen();
        List<KitchenCanner> canners = canners(kitchen, plan.body());
        Cupboard cupboard = cupboards.cupboard();
        JarTable jars = cupboards.jars(cupboard);
        PlanWorker.Dishes planner = worker.dishes(kitchen, canners.get(0), jars, cupboard);
        List<PlanView.DishView> dishes = new ArrayList<>();
        for (int index = 0; index < plan.body().dishes().size(); index++) {
            dishes.add(look(plan, plan.body().dishes().get(index), planner, "dishes[%s]".formatted(index)));
        }
        List<Planned> loaded = loaded(plan, dishes);
        return new PlanView(
                plan,
                kitchen,
                canners,
                cupboard,
                jars,
                lots(plan.body()),
                pantry.all(),
                dishes,
                worker.days(plan.body(), kitchen, canners, usable(kitchen), loaded),
                worker.works(loaded, plan.body().soaksQuickly()));
    }

    /** What is cooked is loaded already: only the others are chosen for, or all once nothing is left to choose. */
    private static List<Planned> loaded(StoredPlan plan, List<PlanView.DishView> dishes) {
        return dishes.stream()
                .filter(dish ->
                        plan.isAtStove() || plan.atStove(dish.dish().key()).isEmpty())
                .flatMap(dish -> dish.planned().stream())
                .toList();
    }

    private PlanView.DishView look(StoredPlan plan, PlanBody.Dish dish, PlanWorker.Dishes planner, String field) {
        Optional<StoredPlan.AtStove> cooked = plan.atStove(dish.key());
        Recipe recipe = cooked.map(then -> recipes.version(dish.recipeId(), then.version()))
                .orElseGet(() -> recipes.latest(dish.recipeId()));
        YieldCorrection yield = cooked.map(StoredPlan.AtStove::yield).orElseGet(() -> yields.of(dish.recipeId()));
        try {
            return new PlanView.DishView(
                    dish, recipe.title(), Optional.of(planner.plan(dish, recipe, yield, field)), Optional.empty());
        } catch (InvalidField wrong) {
            return new PlanView.DishView(dish, recipe.title(), Optional.empty(), Optional.of(wrong));
        }
    }

    /** Those that were chosen; else the kitchen's own that can be used. */
    private static List<KitchenCanner> canners(Kitchen kitchen, PlanBody body) {
        if (kitchen.canners().isEmpty()) {
            throw new Conflict("no-canner", "Say in Kitchen first what you can in.", Map.of());
        }
        List<KitchenCanner> chosen = kitchen.canners().stream()
                .filter(canner -> body.chosenCanners().contains(canner.id()))
                .toList();
        List<KitchenCanner> good =
                chosen.stream().filter(canner -> canner.outOfUse().isEmpty()).toList();
        if (!chosen.isEmpty()) {
            // One that is out of use takes no load as long as another can; alone it says why at the stove.
            return good.isEmpty() ? chosen.subList(0, 1) : good;
        }
        List<KitchenCanner> usable = usable(kitchen);
        return usable.isEmpty() ? kitchen.canners().subList(0, 1) : usable;
    }

    /** As many as one person can watch. */
    private static List<KitchenCanner> usable(Kitchen kitchen) {
        return kitchen.canners().stream()
                .filter(canner -> canner.outOfUse().isEmpty())
                .limit(MOST_CANNERS)
                .toList();
    }

    private Map<String, ShelfLot> lots(PlanBody body) {
        boolean none = body.dishes().stream().allMatch(dish -> dish.ownJars().isEmpty());
        return none
                ? Map.of()
                : shelf
                        .lots(body.dishes().stream()
                                .flatMap(dish -> dish.ownJars().stream())
                                .map(PlanBody.OwnJars::lot)
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(lot -> lot.lot().code().text(), lot -> lot));
    }
}
