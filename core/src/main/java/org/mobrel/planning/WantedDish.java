package org.mobrel.planning;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.canner.Capacity;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.loading.Loader;
import org.mobrel.method.Method;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Variant;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.PotMeasure;
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
 * @param work how long the cook's own work takes, by its code such as 'prep' or 'simmer'; a kitchen average or the recipe's own words
 *     where it is not there
 */
public record WantedDish(
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
        Map<String, Minutes> work) {

    public WantedDish {
        lines = List.copyOf(lines);
        variants = List.copyOf(variants);
        work = Map.copyOf(work);
    }

    /** How much of a dish is wanted. */
    public sealed interface HowMuch permits SoManyJars, AsMany {

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
     * The jars that stand ready where their number follows from the pot.
     *
     * @param kinds the preferred first; each once, and at least one
     * @param oneLoad no more jars than fill the canner once
     * @param onHand how many there are of each kind; empty: as many as are wanted
     */
    public record Ready(List<JarKind> kinds, boolean oneLoad, Map<JarKind, Integer> onHand) {

        /** @throws IllegalArgumentException if there is no kind of jar */
        public Ready {
            kinds = atLeastOne(kinds);
            onHand = Map.copyOf(onHand);
        }

        /** As many as are wanted of each. */
        public static Ready of(JarKind... kinds) {
            return new Ready(List.of(kinds), false, Map.of());
        }

        boolean allow(List<JarCount> jars, Capacity canner) {
            return (!oneLoad || Loader.fits(canner, jars))
                    && (onHand.isEmpty()
                            || jars.stream().allMatch(jar -> jar.count() <= onHand.getOrDefault(jar.kind(), 0)));
        }
    }

    /** As many jars as there turn out to be. */
    public sealed interface AsMany extends HowMuch permits UseUp, TimesRecipe, PotAsItIs {

        Ready ready();

        @Override
        default List<JarKind> kinds() {
            return ready().kinds();
        }
    }

    /**
     * As much as something in hand makes.
     *
     * @param hands empty as long as nothing is said to be in hand
     */
    public record UseUp(Ready ready, List<InHand> hands) implements AsMany {

        public UseUp {
            hands = List.copyOf(hands);
        }
    }

    /**
     * The recipe so many times; once is the recipe as it is written.
     *
     * @param times above 0
     */
    public record TimesRecipe(Ready ready, double times) implements AsMany {

        /** @throws IllegalArgumentException if it is not above 0 */
        public TimesRecipe {
            if (!(times > 0)) {
                throw new IllegalArgumentException("a recipe %s times".formatted(times));
            }
        }
    }

    /**
     * The pot as it stands cooked on the stove.
     *
     * @param pot how much is in it; empty as long as nobody said
     * @param solids how much of a jar the solids fill when it is ladled as it is; empty: as the recipe has it
     */
    public record PotAsItIs(Ready ready, Optional<PotMeasure> pot, Optional<Fraction> solids) implements AsMany {}

    /** The same with the lines as they are counted. */
    WantedDish with(List<IngredientLine> counted) {
        return new WantedDish(key, title, counted, pack, solidsShare, method, variants, yield, amount, keepBack, work);
    }

    private static List<JarKind> atLeastOne(List<JarKind> kinds) {
        if (kinds.isEmpty()) {
            throw new IllegalArgumentException("a dish without a kind of jar");
        }
        return kinds.stream().distinct().toList();
    }
}
