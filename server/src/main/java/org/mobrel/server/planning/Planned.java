package org.mobrel.server.planning;

import java.util.List;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Altitude;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.scaling.Scaled;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.recipe.Recipe;

/**
 * A recipe in jars, in this kitchen's canner.
 *
 * @param batch all the jars together
 * @param loads empty when something stops the whole
 * @param scaled empty when nothing has an amount to scale by
 */
public record Planned(
        Recipe recipe,
        KitchenCanner canner,
        Altitude altitude,
        List<IngredientLine> lines,
        Batch batch,
        Ruling ruling,
        List<Load> loads,
        Optional<Scaled> scaled) {

    /** The jars of one canner load and the ruling they get; its timing is always there. */
    public record Load(List<JarCount> jars, Ruling ruling) {}
}
