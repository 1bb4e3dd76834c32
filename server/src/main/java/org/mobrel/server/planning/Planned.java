package org.mobrel.server.planning;

import java.util.List;
import java.util.Optional;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Severity;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Altitude;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Variant;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.recipe.Recipe;

/**
 * A recipe in jars, in this kitchen's canner.
 *
 * @param batch all the jars together
 * @param variants what some of the jars hold besides
 * @param jars those that are really filled; empty when there is not enough for one
 * @param loads empty when something stops the whole
 * @param scaled empty when nothing has an amount to scale by
 * @param reach how far the things in hand go; empty unless something is used up
 */
public record Planned(
        PlanBody.Dish dish,
        Recipe recipe,
        KitchenCanner canner,
        Altitude altitude,
        Headspace headspace,
        List<IngredientLine> lines,
        Batch batch,
        List<Variant> variants,
        Ruling ruling,
        List<JarCount> jars,
        List<Load> loads,
        Pot pot,
        Optional<Scaled> scaled,
        Optional<InHand.Reach> reach) {

    /** What departs from the tables and has to be taken on by name, as it is shown. */
    public List<String> departs() {
        return ruling.findings().stream()
                .filter(finding -> finding.severity() == Severity.OWN_JUDGEMENT)
                .map(Finding::text)
                .distinct()
                .toList();
    }

    /** The jars of one canner load and the ruling they get; its timing is always there. */
    public record Load(List<JarCount> jars, Ruling ruling) {}
}
