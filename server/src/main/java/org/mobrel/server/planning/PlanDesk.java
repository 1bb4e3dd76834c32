package org.mobrel.server.planning;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mobrel.canner.Gauge;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.loading.Loads;
import org.mobrel.quantity.Altitude;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.Variant;
import org.mobrel.scaling.Scaling;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.kitchen.KitchenDesk;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.recipe.RecipeDesk;
import org.mobrel.server.ruling.RulingDesk;
import org.springframework.stereotype.Service;

/** Plans a recipe in jars: rules on the whole, divides it into loads, rules on each, and scales the amounts. */
@Service
public class PlanDesk {

    private final RecipeDesk recipes;
    private final KitchenDesk kitchens;
    private final RulingDesk rulings;
    private final Scaling scaling;

    PlanDesk(RecipeDesk recipes, KitchenDesk kitchens, RulingDesk rulings, Scaling scaling) {
        this.recipes = recipes;
        this.kitchens = kitchens;
        this.rulings = rulings;
        this.scaling = scaling;
    }

    /**
     * Plans the latest version of a recipe.
     *
     * @throws Conflict if the kitchen has no altitude yet, for then there is no pressure
     * @throws org.mobrel.server.platform.Missing if there is no such recipe or canner
     */
    public Planned plan(long recipeId, long cannerId, List<JarCount> asked) {
        Recipe recipe = recipes.latest(recipeId);
        Kitchen kitchen = kitchens.kitchen();
        KitchenCanner canner = kitchens.canner(cannerId);
        Altitude altitude = kitchen.altitude()
                .orElseThrow(() -> new Conflict(
                        "no-altitude", "The pressure depends on your altitude: say it in Kitchen first.", Map.of()));
        List<JarCount> jars = merged(asked);
        List<IngredientLine> lines = rulings.read(recipe.lines());
        Gauge gauge = canner.profile().gauge();
        Batch batch = new Batch(lines, recipe.pack(), recipe.solidsShare(), jars, altitude, gauge, kitchen.school());
        List<Variant> variants = recipe.body().variants().stream()
                .map(variant -> new Variant(variant.name(), rulings.read(variant.lines())))
                .toList();
        Ruling ruling = rulings.rule(batch, variants);
        List<Planned.Load> loads = ruling.timing().isEmpty()
                ? List.of()
                : Loads.inOrder(canner.profile().capacity(), jars).stream()
                        .map(load -> new Planned.Load(load, rulings.rule(batch.with(load), variants)))
                        .toList();
        Headspace headspace = ruling.timing().map(Timing::headspace).orElse(Headspace.ONE_INCH);
        return new Planned(
                recipe,
                canner,
                altitude,
                lines,
                batch,
                variants,
                ruling,
                loads,
                scaling.toJars(lines, recipe.pack(), recipe.solidsShare(), headspace, jars));
    }

    /** The same size and mouth asked for twice is one group. */
    private static List<JarCount> merged(List<JarCount> asked) {
        record Kind(JarSize size, Mouth mouth) {}
        Map<Kind, Integer> counts = new LinkedHashMap<>();
        asked.forEach(jars -> counts.merge(new Kind(jars.size(), jars.mouth()), jars.count(), Integer::sum));
        return counts.entrySet().stream()
                .map(kind -> new JarCount(kind.getKey().size(), kind.getKey().mouth(), kind.getValue()))
                .toList();
    }
}
