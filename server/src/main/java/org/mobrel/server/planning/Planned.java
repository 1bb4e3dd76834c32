package org.mobrel.server.planning;

import java.util.List;
import java.util.Optional;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Severity;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Volume;
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
 * A recipe in jars, in this kitchen.
 *
 * @param canner the one it is ruled by until the loads are chosen
 * @param batch all the jars together
 * @param variants what some of the jars hold besides
 * @param jars those that are really filled; empty when there is not enough for one
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
        Pot pot,
        Optional<Scaled> scaled,
        Optional<InHand.Reach> reach) {

    /** The broth that one jar of a kind takes; empty where nothing has an amount to work it out from. */
    public Optional<Volume> brothIn(JarKind kind) {
        return scaled.stream()
                .flatMap(whole -> whole.perJar().stream())
                .filter(share -> share.jars().kind().equals(kind))
                .map(Scaled.JarShare::broth)
                .findFirst();
    }

    /** The same with other jars, to see what loads they would make; the amounts stay. */
    Planned with(List<JarCount> others, Ruling itsRuling) {
        return new Planned(
                dish,
                recipe,
                canner,
                altitude,
                headspace,
                lines,
                batch.with(others),
                variants,
                itsRuling,
                others,
                pot,
                scaled,
                reach);
    }

    /** What departs from the tables and has to be taken on by name, as it is shown. */
    public List<String> departs() {
        return ruling.findings().stream()
                .filter(finding -> finding.severity() == Severity.OWN_JUDGEMENT)
                .map(Finding::text)
                .distinct()
                .toList();
    }
}
