package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.Loader;
import org.mobrel.loading.LoadingDay;
import org.mobrel.planning.PlannedLoad;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Verdict;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.ruling.RulingService;
import org.springframework.stereotype.Component;

/** What else could go into a load that is not full: the same pressure it gets anyway, and no more minutes. */
@Component
class CompatibleRecipes {

    private static final List<JarSize> SIZES = List.of(JarSize.QUART, JarSize.PINT, JarSize.HALF_PINT);
    private static final int MOST = 8;

    private final RecipeService recipes;
    private final RulingService rulings;

    CompatibleRecipes(RecipeService recipes, RulingService rulings) {
        this.recipes = recipes;
        this.rulings = rulings;
    }

    /** @throws NotFound if the plan has no such load */
    List<DayMessages.CompanyRecipe> of(PlanView looked, int number) {
        PlannedLoad load = looked.loads().stream()
                .filter(each -> each.number() == number)
                .findFirst()
                .orElseThrow(() -> new NotFound("load", number));
        LoadingDay day = looked.days().stream()
                .map(PlanView.DayView::chosen)
                .filter(chosen -> chosen.loads().contains(load))
                .flatMap(chosen -> chosen.day().stream())
                .findFirst()
                .orElseThrow();
        List<DayMessages.CompanyRecipe> company = new ArrayList<>();
        for (Recipe recipe : recipes.book(false, "")) {
            boolean isHere =
                    looked.dishes().stream().anyMatch(dish -> dish.dish().recipeId() == recipe.id());
            if (!isHere && company.size() < MOST) {
                fitting(recipe, load, day, looked).ifPresent(company::add);
            }
        }
        return company;
    }

    /** The largest size of jar in which it would go along. */
    private Optional<DayMessages.CompanyRecipe> fitting(
            Recipe recipe, PlannedLoad load, LoadingDay day, PlanView looked) {
        List<IngredientLine> lines = rulings.read(recipe.lines(), recipe.answers());
        for (JarSize size : SIZES) {
            JarKind kind = new JarKind(size, Mouth.REGULAR);
            int room = Loader.roomFor(day, load.load(), new JarGroup("", "", kind, 1, new Minutes(1), new Minutes(0)));
            Optional<Minutes> minutes =
                    room == 0 ? Optional.empty() : minutes(recipe, lines, kind.times(1), load, looked);
            if (minutes.filter(its -> its.compareTo(load.minutes()) <= 0).isPresent()) {
                return Optional.of(new DayMessages.CompanyRecipe(
                        recipe.id(),
                        recipe.title(),
                        minutes.get().value(),
                        "%s, needs %s min"
                                .formatted(size.counted(room), minutes.get().value())));
            }
        }
        return Optional.empty();
    }

    private Optional<Minutes> minutes(
            Recipe recipe, List<IngredientLine> lines, JarCount jar, PlannedLoad load, PlanView looked) {
        Ruling ruling = rulings.rule(
                new Batch(
                        lines,
                        recipe.pack(),
                        recipe.solidsShare(),
                        List.of(jar),
                        load.longest().dish().batch().altitude(),
                        load.canner().profile().gauge(),
                        looked.kitchen().school(),
                        rulings.method(recipe.body().method(), lines, recipe.answers())),
                List.of());
        return ruling.verdict() == Verdict.COVERED ? ruling.timing().map(timing -> timing.minutes()) : Optional.empty();
    }
}
