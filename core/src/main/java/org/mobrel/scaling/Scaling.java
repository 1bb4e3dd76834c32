package org.mobrel.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.foods.Food;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarTable;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/**
 * Scales a recipe to a number of jars.
 *
 * <p>k = share x fill / bulk of the recipe. Broth needed = fill - k x solid volume + 0.08 x k x mass of soaked beans, for beans go on
 * drinking in the jar. Without any solids the broth itself fills the jars: k = fill / broth.
 */
public final class Scaling {

    /** What soaked and boiled beans still take up in the jar, as a share of their mass. */
    private static final double BEANS_TAKE_UP = 0.08;

    /** Boiling liquid to have ready beyond the need. */
    private static final double KETTLE_RESERVE = 0.35;

    private final JarTable jars;

    public Scaling(JarTable jars) {
        this.jars = jars;
    }

    /** The sums over all lines of a recipe as it stands. */
    private record Sums(Volume bulk, Volume solid, Volume broth, Mass inJar, Mass beans, List<Integer> unmeasured) {}

    /**
     * Empty when nothing in the recipe has an amount to scale by, or a jar is not in the jar table.
     *
     * @param target the jars to fill; not empty
     */
    public Optional<Scaled> toJars(
            List<IngredientLine> lines, Pack pack, Fraction share, Headspace headspace, List<JarCount> target) {
        Sums recipe = sums(lines, pack);
        Optional<Volume> fill = fill(target, headspace);
        boolean brothOnly = recipe.bulk().isZero();
        if (fill.isEmpty()
                || fill.get().isZero()
                || (brothOnly && recipe.broth().isZero())) {
            return Optional.empty();
        }
        return Optional.of(
                brothOnly
                        ? broth(recipe, fill.get(), headspace, target)
                        : soup(recipe, fill.get(), share, headspace, target));
    }

    private Scaled broth(Sums recipe, Volume fill, Headspace headspace, List<JarCount> target) {
        double factor = fill.dividedBy(recipe.broth());
        List<Scaled.JarShare> perJar = target.stream()
                .map(jar -> share(jar, headspace, Volume.ZERO, Mass.ZERO, fillOf(jar, headspace)))
                .toList();
        return new Scaled(
                factor, perJar, fill, Volume.ZERO, fill, fill, fill.times(1 + KETTLE_RESERVE), recipe.unmeasured());
    }

    private Scaled soup(Sums recipe, Volume fill, Fraction share, Headspace headspace, List<JarCount> target) {
        Volume solidsBulk = fill.times(share.value());
        double factor = solidsBulk.dividedBy(recipe.bulk());
        Volume displaced = recipe.solid().times(factor);
        Volume drunk = Volume.ofMillilitres(recipe.beans().grams() * factor * BEANS_TAKE_UP);
        Volume needed =
                fill.plus(drunk).compareTo(displaced) > 0 ? fill.plus(drunk).minus(displaced) : Volume.ZERO;
        List<Scaled.JarShare> perJar = target.stream()
                .map(jar -> {
                    double part = fillOf(jar, headspace).dividedBy(fill);
                    return share(
                            jar,
                            headspace,
                            solidsBulk.times(part),
                            recipe.inJar().times(factor * part),
                            needed.times(part));
                })
                .toList();
        return new Scaled(
                factor,
                perJar,
                fill,
                solidsBulk,
                needed,
                recipe.broth().times(factor),
                needed.times(1 + KETTLE_RESERVE),
                recipe.unmeasured());
    }

    private Scaled.JarShare share(JarCount jar, Headspace headspace, Volume solids, Mass mass, Volume broth) {
        Volume fill = fillOf(jar, headspace);
        Volume brim = jars.brim(jar.size(), jar.mouth()).orElse(fill);
        return new Scaled.JarShare(jar, fill, brim, solids, mass, broth);
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

    private Volume fillOf(JarCount jar, Headspace headspace) {
        return jars.fill(jar.size(), jar.mouth(), headspace).orElse(Volume.ZERO);
    }

    private static Sums sums(List<IngredientLine> lines, Pack pack) {
        Sums sums = new Sums(Volume.ZERO, Volume.ZERO, Volume.ZERO, Mass.ZERO, Mass.ZERO, List.of());
        for (int index = 0; index < lines.size(); index++) {
            IngredientLine line = lines.get(index);
            Optional<Portion> portion = Portions.of(line, pack);
            boolean solid = line.food().filter(food -> food.kind().isSolid()).isPresent();
            if (portion.isPresent()) {
                sums = add(
                        sums,
                        portion.get(),
                        solid,
                        line.food().filter(Food::isDriedBeans).isPresent());
            } else if (solid) {
                List<Integer> unmeasured = new ArrayList<>(sums.unmeasured());
                unmeasured.add(index);
                sums = new Sums(
                        sums.bulk(), sums.solid(), sums.broth(), sums.inJar(), sums.beans(), List.copyOf(unmeasured));
            }
        }
        return sums;
    }

    private static Sums add(Sums sums, Portion portion, boolean solid, boolean beans) {
        return new Sums(
                sums.bulk().plus(portion.bulk()),
                sums.solid().plus(portion.solid()),
                sums.broth().plus(portion.broth()),
                solid ? sums.inJar().plus(portion.inJar()) : sums.inJar(),
                beans ? sums.beans().plus(portion.inJar()) : sums.beans(),
                sums.unmeasured());
    }
}
