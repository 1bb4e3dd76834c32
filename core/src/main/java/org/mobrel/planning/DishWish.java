package org.mobrel.planning;

import java.util.List;
import java.util.Optional;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.method.Method;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Variant;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.YieldCorrection;

/**
 * A recipe as it was read, and what is wanted of it.
 *
 * @param key what the dish is called in its plan; letters and digits
 * @param title what it is called
 * @param lines of the base
 * @param solidsShare how much of the jar the solids fill, as the recipe says it
 * @param variants what some of the jars hold besides
 * @param yield what was learnt from making it before
 * @param amount how much of it
 * @param keepBack what is kept out of the jars
 * @param prep how long it takes at the board; empty for a kitchen average
 */
public record DishWish(
        String key,
        String title,
        List<IngredientLine> lines,
        Pack pack,
        Fraction solidsShare,
        Method method,
        List<Variant> variants,
        YieldCorrection yield,
        HowMuch amount,
        Volume keepBack,
        Optional<Minutes> prep) {

    public DishWish {
        lines = List.copyOf(lines);
        variants = List.copyOf(variants);
    }

    /** How much of a dish is wanted. */
    public sealed interface HowMuch permits SoManyJars, UseUp {

        /** The kinds of jar that stand ready, the preferred first; each once, and at least one. */
        List<JarKind> kinds();
    }

    /**
     * So many jars.
     *
     * @param jars those that are to be filled; empty as long as no number is said
     */
    public record SoManyJars(List<JarKind> kinds, List<JarCount> jars) implements HowMuch {

        /** @throws IllegalArgumentException if there is no kind of jar */
        public SoManyJars {
            kinds = atLeastOne(kinds);
            jars = List.copyOf(jars);
        }
    }

    /**
     * As much as something in hand makes.
     *
     * @param hands empty as long as nothing is said to be in hand
     * @param oneLoad no more jars than fill the canner once
     */
    public record UseUp(List<JarKind> kinds, List<InHand> hands, boolean oneLoad) implements HowMuch {

        /** @throws IllegalArgumentException if there is no kind of jar */
        public UseUp {
            kinds = atLeastOne(kinds);
            hands = List.copyOf(hands);
        }
    }

    private static List<JarKind> atLeastOne(List<JarKind> kinds) {
        if (kinds.isEmpty()) {
            throw new IllegalArgumentException("a dish without a kind of jar");
        }
        return kinds.stream().distinct().toList();
    }
}
