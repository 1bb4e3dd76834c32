package org.mobrel.scaling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarTable;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;

/**
 * Scales a recipe to jars, and amounts in hand to the jars they make.
 *
 * <p>k = share x fill / bulk of the recipe. Broth needed = fill - k x solid volume + 0.08 x k x mass of soaked beans, for beans go on
 * drinking in the jar. Without any solids the broth itself fills the jars: k = fill / broth.
 */
public final class Scaling {

    /** What soaked and boiled beans still take up in the jar, as a share of their mass. */
    private static final double BEANS_TAKE_UP = 0.08;

    private final JarTable jars;

    public Scaling(JarTable jars) {
        this.jars = jars;
    }

    /**
     * The amounts for so many jars, and for what is kept back.
     *
     * @param target the jars to fill
     * @param keepBack leaves the pot before a jar is filled
     * @return empty when nothing in the recipe has an amount to scale by, no jar is asked for, or one is not in the jar table
     */
    public Optional<Scaled> toJars(Pot pot, Headspace headspace, List<JarCount> target, Volume keepBack) {
        Optional<Volume> fill = fill(target, headspace);
        if (pot.isEmpty() || fill.isEmpty() || fill.get().isZero()) {
            return Optional.empty();
        }
        double factor = fill.get().plus(keepBack).dividedBy(pot.makes());
        return Optional.of(scaled(pot, headspace, factor, target, fill.get(), keepBack, Volume.ZERO));
    }

    /**
     * The jars that a multiple of the recipe makes: whole jars of the first kind, then of the next, and what is left.
     *
     * @param factor above 0
     * @param kinds the jars to fill in the order of preference
     * @param mayHold whether so many jars are wanted, such as no more than one canner load
     * @return empty when nothing in the recipe has an amount, or a jar is not in the jar table
     * @throws IllegalArgumentException if it makes more than {@link JarCount#MOST} of a kind, or less than is kept back
     */
    public Optional<Scaled> toFill(
            Pot pot,
            Headspace headspace,
            double factor,
            List<JarKind> kinds,
            Volume keepBack,
            Predicate<List<JarCount>> mayHold) {
        if (pot.isEmpty()
                || fill(kinds.stream().map(kind -> kind.times(1)).toList(), headspace)
                        .isEmpty()) {
            return Optional.empty();
        }
        Volume rest = pot.makes().times(factor).minus(keepBack);
        List<JarCount> filled = new ArrayList<>();
        for (JarKind kind : kinds) {
            Volume each = fillOf(kind, headspace);
            int count = mostOf(kind, (int) Math.min(Integer.MAX_VALUE, rest.dividedBy(each)), filled, mayHold);
            if (count > 0) {
                filled.add(kind.times(count));
                rest = rest.minus(each.times(count));
            }
        }
        return Optional.of(
                scaled(pot, headspace, factor, filled, fill(filled, headspace).orElseThrow(), keepBack, rest));
    }

    /**
     * The smaller jars that what is left would fill: whole ones, the largest first.
     *
     * @param kinds that may be taken, in any order
     */
    public List<JarCount> odd(Volume leftover, Headspace headspace, List<JarKind> kinds) {
        List<JarCount> odd = new ArrayList<>();
        Volume rest = leftover;
        List<JarKind> largestFirst = kinds.stream()
                .sorted(Comparator.comparing((JarKind kind) -> fillOf(kind, headspace))
                        .reversed())
                .toList();
        for (JarKind kind : largestFirst) {
            Volume each = fillOf(kind, headspace);
            int count = (int) Math.min(JarCount.MOST, rest.dividedBy(each));
            if (count > 0) {
                odd.add(kind.times(count));
                rest = rest.minus(each.times(count));
            }
        }
        return odd;
    }

    private static int mostOf(JarKind kind, int most, List<JarCount> beside, Predicate<List<JarCount>> mayHold) {
        int count = most;
        while (count > 0) {
            List<JarCount> all = new ArrayList<>(beside);
            all.add(kind.times(count));
            if (mayHold.test(all)) {
                return count;
            }
            count--;
        }
        return 0;
    }

    private Scaled scaled(
            Pot pot,
            Headspace headspace,
            double factor,
            List<JarCount> filled,
            Volume fill,
            Volume keepBack,
            Volume leftover) {
        // The part of the pot that goes into jars: all of it, but for what is kept back or fills none.
        double inJars = fill.dividedBy(pot.makes());
        Volume needed = broth(pot, inJars, fill);
        Volume keptBack = broth(pot, keepBack.dividedBy(pot.makes()), keepBack);
        List<Scaled.JarShare> perJar = filled.stream()
                .map(jar -> share(pot, headspace, jar, fill, inJars, needed))
                .toList();
        return new Scaled(
                pot,
                factor,
                perJar,
                fill,
                pot.isBrothAlone() ? Volume.ZERO : fill.times(pot.share().value()),
                needed,
                brothInRecipe(pot, factor, needed.plus(keptBack)),
                keepBack,
                keptBack,
                leftover);
    }

    private static Volume brothInRecipe(Pot pot, double factor, Volume needed) {
        if (!pot.uncounted().isZero()) {
            return needed;
        }
        return pot.isBrothAlone() ? pot.makes().times(factor) : pot.broth().times(factor);
    }

    /** The broth in so much of the pot. */
    private static Volume broth(Pot pot, double part, Volume room) {
        if (pot.takesNoLiquid()) {
            return Volume.ZERO;
        }
        if (pot.isBrothAlone()) {
            return room;
        }
        Volume holds = room.plus(Volume.ofMillilitres(pot.beans().grams() * part * BEANS_TAKE_UP));
        Volume displaced = pot.solid().times(part);
        return holds.compareTo(displaced) > 0 ? holds.minus(displaced) : Volume.ZERO;
    }

    private Scaled.JarShare share(
            Pot pot, Headspace headspace, JarCount jar, Volume allJars, double inJars, Volume broth) {
        Volume fill = fillOf(jar.kind(), headspace);
        double part = fill.dividedBy(allJars);
        return new Scaled.JarShare(
                jar,
                fill,
                jars.brim(jar.size(), jar.mouth()).orElse(fill),
                pot.isBrothAlone() ? Volume.ZERO : fill.times(pot.share().value()),
                pot.isBrothAlone() ? Mass.ZERO : pot.inJar().times(inJars * part),
                broth.times(part));
    }

    private Optional<Volume> fill(List<JarCount> target, Headspace headspace) {
        Volume sum = Volume.ZERO;
        for (JarCount jar : target) {
            Optional<Volume> each = jars.fill(jar.size(), jar.mouth(), headspace);
            if (each.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(each.get().times(jar.count()));
        }
        return Optional.of(sum);
    }

    private Volume fillOf(JarKind kind, Headspace headspace) {
        return jars.fill(kind.size(), kind.mouth(), headspace).orElseThrow();
    }
}
