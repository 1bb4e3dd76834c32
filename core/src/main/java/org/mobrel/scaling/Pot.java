package org.mobrel.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/**
 * A recipe as it stands, weighed: what its lines come to, and their sums.
 *
 * @param portions one for each line; empty for a line that cannot be weighed
 * @param share of the jar that is solids
 * @param bulk of all solids, pieces with their gaps
 * @param solid of all solids, the pieces alone: what displaces broth
 * @param broth liquids, and what tomatoes bring
 * @param inJar mass of all solids as packed, without the juice that is counted as broth
 * @param beans mass of dried beans as packed, soaked and boiled
 * @param unmeasured indexes of solid lines that cannot be weighed, and of lines nobody knows; they are not in the sums
 * @param takesNoLiquid raw meat packed solid: it gives its own juice
 * @param uncounted the liquids of a recipe whose solids are counted for each jar: how much of them goes in, the jars decide; zero for
 *     any other recipe
 * @param yield what this recipe's own history says
 * @param error how far off what it makes may be
 * @param cooked whether it stands on the stove already, measured as it is; then the portions are what is in it
 */
public record Pot(
        List<IngredientLine> lines,
        List<Optional<Portion>> portions,
        Fraction share,
        Volume bulk,
        Volume solid,
        Volume broth,
        Mass inJar,
        Mass beans,
        List<Integer> unmeasured,
        boolean takesNoLiquid,
        Volume uncounted,
        YieldCorrection yield,
        Fraction error,
        boolean cooked) {

    /** Nobody pours more exactly than this, stock kept at a boil included (source: ordinary kitchen measures). */
    private static final Fraction POURED = Fraction.of(0.03);

    /** A pot that was measured or weighed; the ladle is not exact. */
    private static final Fraction MEASURED = Fraction.of(0.05);

    /** Of pieces with their gaps, where the recipe does not say: the pieces alone (source: ordinary kitchen measures). */
    private static final double PIECES_WITHOUT_GAPS = 0.55;

    /** Above this share of the jar nothing is left for a broth to be poured into. */
    private static final Fraction SOLID_PACK = Fraction.of(0.9);

    /** Raw meat in pieces packs without gaps, at about 1 g to the mL (source: ordinary kitchen measures). */
    private static final double SOLID_RAW_MEAT_GRAMS_PER_ML = 1;

    public Pot {
        lines = List.copyOf(lines);
        portions = List.copyOf(portions);
        unmeasured = List.copyOf(unmeasured);
    }

    public static Pot of(List<IngredientLine> lines, Pack pack, Fraction share) {
        return of(lines, pack, share, YieldCorrection.NONE);
    }

    /** The recipe with what it made before. */
    public static Pot of(List<IngredientLine> lines, Pack pack, Fraction share, YieldCorrection yield) {
        boolean solidMeat = pack == Pack.RAW && share.isMoreThan(SOLID_PACK) && allMeatInPieces(lines);
        // Where solids are counted for each jar, the amount of a broth is not: it is what the jars still take.
        boolean forEachJar = lines.stream()
                .anyMatch(line -> line.isPerJar()
                        && line.foods().stream().anyMatch(food -> food.kind().isSolid()));
        List<Optional<Portion>> portions = new ArrayList<>(lines.size());
        List<Integer> unmeasured = new ArrayList<>();
        Volume bulk = Volume.ZERO;
        Volume solid = Volume.ZERO;
        Volume broth = Volume.ZERO;
        Volume uncounted = Volume.ZERO;
        Mass inJar = Mass.ZERO;
        Mass beans = Mass.ZERO;
        for (int index = 0; index < lines.size(); index++) {
            IngredientLine line = lines.get(index);
            boolean isSolid = line.food().filter(food -> food.kind().isSolid()).isPresent();
            // One amount beside several foods is the amount of none of them.
            Optional<Portion> asItStands = line.namesSeveralSolids() ? Optional.empty() : Portions.of(line, pack);
            if (forEachJar && !line.isPerJar() && isLiquid(line)) {
                uncounted = uncounted.plus(asItStands.map(Portion::broth).orElse(Volume.ZERO));
                asItStands = Optional.empty();
            }
            Optional<Portion> weighed = asItStands.map(portion -> packed(portion, isSolid, solidMeat, yield.factor()));
            portions.add(weighed);
            if (weighed.isPresent()) {
                Portion portion = weighed.get();
                bulk = bulk.plus(portion.bulk());
                solid = solid.plus(portion.solid());
                broth = broth.plus(portion.broth());
                inJar = isSolid ? inJar.plus(portion.drained()) : inJar;
                beans = line.food().filter(Food::isDriedBeans).isPresent() ? beans.plus(portion.inJar()) : beans;
            } else if (isSolid || line.isUnknown()) {
                unmeasured.add(index);
            }
        }
        return new Pot(
                lines,
                portions,
                share,
                bulk,
                solid,
                broth,
                inJar,
                beans,
                unmeasured,
                solidMeat,
                uncounted,
                yield,
                yield.error(),
                false);
    }

    /**
     * This recipe cooked, as it stands on the stove.
     *
     * @param contents all of it
     * @param solids how much of a jar the solids fill when it is ladled as it is
     */
    public Pot cooked(Volume contents, Fraction solids) {
        Fraction inJar = solids.isMoreThan(share) ? share : solids;
        Volume pieces = contents.times(solids.value());
        double times = bulk.isZero() ? 0 : pieces.dividedBy(bulk);
        Volume alone = bulk.isZero() ? pieces.times(PIECES_WITHOUT_GAPS) : solid.times(times);
        return new Pot(
                lines,
                portions.stream()
                        .map(portion -> portion.filter(each -> times > 0).map(each -> each.times(times)))
                        .toList(),
                inJar,
                pieces,
                alone,
                contents.minus(alone),
                this.inJar.times(times),
                beans.times(times),
                List.of(),
                takesNoLiquid,
                Volume.ZERO,
                YieldCorrection.NONE,
                MEASURED,
                true);
    }

    /** This recipe of bones, which are strained out: nothing but so much stock goes into the jars. */
    public Pot asStock(StockForecast stock) {
        return brothAlone(stock.makes(), stock.error());
    }

    /** A pot of nothing but a liquid, which loses some while it is heated and poured. */
    public Pot heated(Minutes boiled) {
        return brothAlone(BoilingLoss.after(broth, boiled), POURED);
    }

    private Pot brothAlone(Volume made, Fraction off) {
        // A recipe that has learnt from its own days is as good as those were, if that is better.
        Fraction known = yield.days() > 0 && off.isMoreThan(yield.error()) ? yield.error() : off;
        return new Pot(
                lines,
                portions,
                share,
                Volume.ZERO,
                Volume.ZERO,
                made,
                Mass.ZERO,
                Mass.ZERO,
                unmeasured,
                false,
                uncounted,
                yield,
                known,
                cooked);
    }

    private static boolean isLiquid(IngredientLine line) {
        return line.food().filter(food -> food.kind() == FoodKind.LIQUID).isPresent();
    }

    private static Portion packed(Portion portion, boolean isSolid, boolean solidMeat, double room) {
        if (!isSolid) {
            return portion;
        }
        Portion packed = solidMeat
                ? portion.packedSolid(Volume.ofMillilitres(portion.inJar().grams() / SOLID_RAW_MEAT_GRAMS_PER_ML))
                : portion;
        return room == 1 ? packed : packed.swollen(room);
    }

    private static boolean allMeatInPieces(List<IngredientLine> lines) {
        List<Food> solids = lines.stream()
                .flatMap(line -> line.foods().stream())
                .filter(food -> food.kind().isSolid())
                .toList();
        return !solids.isEmpty() && solids.stream().allMatch(Food::isMeatInPieces);
    }

    /** Without any solids the broth itself fills the jars. */
    public boolean isBrothAlone() {
        return bulk.isZero();
    }

    /** Whether anything has an amount to count from. */
    public boolean isEmpty() {
        return bulk.isZero() && broth.isZero();
    }

    /** How much it fills as it stands, broth topped up to the solids' share. */
    public Volume makes() {
        return isBrothAlone() ? broth.times(yield.factor()) : bulk.times(1 / share.value());
    }
}
