package org.mobrel.planning;

import java.util.List;
import java.util.Optional;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Severity;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Variant;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;

/**
 * A dish in jars.
 *
 * @param batch all the jars together; where none is filled, one of each kind
 * @param ruling on that batch and its variants
 * @param jars those that are really filled; empty when there is not enough for one
 * @param scaled empty when nothing has an amount to scale by
 * @param reach how far the things in hand go; empty unless something is used up
 */
public record PlannedDish(
        WantedDish wish,
        Headspace headspace,
        Batch batch,
        Ruling ruling,
        List<JarCount> jars,
        Pot pot,
        Optional<Scaled> scaled,
        Optional<InHand.Reach> reach)
        implements DishOutcome {

    public PlannedDish {
        jars = List.copyOf(jars);
    }

    public String key() {
        return wish.key();
    }

    public String title() {
        return wish.title();
    }

    public List<IngredientLine> lines() {
        return wish.lines();
    }

    public Pack pack() {
        return wish.pack();
    }

    public List<Variant> variants() {
        return wish.variants();
    }

    /** Whether the jars follow from what there is. */
    public boolean usesUp() {
        return wish.amount() instanceof WantedDish.AsMany;
    }

    /** Whether it stands cooked on the stove: nothing of it is bought or cut any more. */
    public boolean isCooked() {
        return wish.amount() instanceof WantedDish.PotAsItIs;
    }

    /** How much of the whole dish its jars hold, above 0 and at most 1: less than all of it when it is canned on several days. */
    double part() {
        Optional<Volume> whole = scaled.map(Scaled::fill).filter(fill -> !fill.isZero());
        double held = scaled.stream()
                .flatMap(all -> all.perJar().stream())
                .mapToDouble(
                        share -> share.fill().millilitres() * count(share.jars().kind()))
                .sum();
        return held == 0
                ? 1
                : whole.map(fill -> Math.min(1, held / fill.millilitres())).orElse(1.0);
    }

    private int count(JarKind kind) {
        return jars.stream()
                .filter(jar -> jar.kind().equals(kind))
                .mapToInt(JarCount::count)
                .sum();
    }

    /** The broth that one jar of a kind takes; empty where nothing has an amount to work it out from. */
    public Optional<Volume> brothIn(JarKind kind) {
        return scaled.stream()
                .flatMap(whole -> whole.perJar().stream())
                .filter(share -> share.jars().kind().equals(kind))
                .map(Scaled.JarShare::broth)
                .findFirst();
    }

    /** The same with other jars, to see what loads they would make; the amounts stay. */
    PlannedDish with(List<JarCount> others, Ruling itsRuling) {
        return new PlannedDish(wish, headspace, batch.with(others), itsRuling, others, pot, scaled, reach);
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
