package org.mobrel.server.planning;

import java.util.List;
import java.util.Optional;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.planning.PlannedDish;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Variant;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.recipe.Recipe;

/**
 * A recipe of the book in jars, in this kitchen: what was set, and what the core worked out from it.
 *
 * @param canner the one it is ruled by until the loads are chosen
 */
public record Planned(PlanBody.Dish dish, Recipe recipe, KitchenCanner canner, PlannedDish worked) {

    public String key() {
        return dish.key();
    }

    public Ruling ruling() {
        return worked.ruling();
    }

    public Batch batch() {
        return worked.batch();
    }

    public List<Variant> variants() {
        return worked.variants();
    }

    public List<JarCount> jars() {
        return worked.jars();
    }

    List<IngredientLine> lines() {
        return worked.lines();
    }

    Headspace headspace() {
        return worked.headspace();
    }

    Pot pot() {
        return worked.pot();
    }

    Optional<Scaled> scaled() {
        return worked.scaled();
    }
}
