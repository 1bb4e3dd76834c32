package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.mobrel.canner.Gauge;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.method.Method;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;

/**
 * Everything a ruling depends on.
 *
 * @param lines the ingredients; indexes in the ruling count them from 0
 * @param solidsShare bulk solids as a share of the jar's fill volume, 0.1 to 1
 * @param method its steps, which can do what no ingredient may
 * @param jars the jars of one canner load; not empty
 */
public record Batch(
        List<IngredientLine> lines,
        Pack pack,
        Fraction solidsShare,
        List<JarCount> jars,
        Altitude altitude,
        Gauge gauge,
        TimingPolicy school,
        Method method) {

    private static final Fraction LEAST_SHARE = Fraction.of(0.1);

    /** @throws IllegalArgumentException if there are no jars or the share is below a tenth */
    public Batch {
        lines = List.copyOf(lines);
        jars = List.copyOf(jars);
        method = method.within(lines);
        if (jars.isEmpty()) {
            throw new IllegalArgumentException("a batch without jars");
        }
        if (LEAST_SHARE.isMoreThan(solidsShare)) {
            throw new IllegalArgumentException("solids share is below 0.1: " + solidsShare.value());
        }
    }

    /** A batch of lines alone, of which no steps are known. */
    public Batch(
            List<IngredientLine> lines,
            Pack pack,
            Fraction solidsShare,
            List<JarCount> jars,
            Altitude altitude,
            Gauge gauge,
            TimingPolicy school) {
        this(lines, pack, solidsShare, jars, altitude, gauge, school, Method.NONE);
    }

    /** The sizes among its jars, smallest first. */
    public Set<JarSize> sizes() {
        Set<JarSize> sizes = new TreeSet<>();
        jars.forEach(jar -> sizes.add(jar.size()));
        return sizes;
    }

    public Batch with(List<JarCount> otherJars) {
        return new Batch(lines, pack, solidsShare, otherJars, altitude, gauge, school, method);
    }

    public Batch with(Gauge otherGauge) {
        return new Batch(lines, pack, solidsShare, jars, altitude, otherGauge, school, method);
    }

    public Batch with(Pack otherPack) {
        return new Batch(lines, otherPack, solidsShare, jars, altitude, gauge, school, method);
    }

    public Batch with(Fraction otherShare) {
        return new Batch(lines, pack, otherShare, jars, altitude, gauge, school, method);
    }

    /** The same with a question of one line answered. */
    public Batch answering(int line, Answer answer) {
        List<IngredientLine> answered = new ArrayList<>(lines);
        answered.set(line, lines.get(line).answered(answer));
        return withLines(answered);
    }

    /** The same with a question of its steps answered. */
    public Batch answering(Answer answer) {
        return with(method.answered(List.of(answer)));
    }

    public Batch with(Method otherMethod) {
        return new Batch(lines, pack, solidsShare, jars, altitude, gauge, school, otherMethod);
    }

    public Batch withLines(List<IngredientLine> otherLines) {
        return new Batch(otherLines, pack, solidsShare, jars, altitude, gauge, school, method);
    }
}
