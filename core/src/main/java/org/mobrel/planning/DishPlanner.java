package org.mobrel.planning;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.mobrel.canner.CannerProfile;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarTable;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.Setting;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.ruling.VariantRuling;
import org.mobrel.scaling.BoilingLoss;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Scaling;
import org.mobrel.scaling.StockForecast;

/**
 * Works one dish of a plan out: amounts, jars and the ruling on them.
 *
 * @param canner the one it is ruled by until the loads are chosen
 * @param jarTable what jars hold in this kitchen
 */
public record DishPlanner(
        Rulings rulings, JarTable jarTable, Altitude altitude, CannerProfile canner, TimingPolicy policy) {

    /** Onions and herbs that are strained out with the bones take up less of the pot than this; what is eaten takes more. */
    private static final double STRAINED_OUT = 0.3;

    /** What the jars come to. */
    private record Filling(Optional<Scaled> scaled, Optional<InHand.Reach> reach, List<JarCount> jars) {
        static final Filling NONE = new Filling(Optional.empty(), Optional.empty(), List.of());
    }

    /** Never fails: what cannot be worked out is a {@link DishOutcome.Problem}. */
    public DishOutcome plan(WantedDish said) {
        WantedDish wish = said.with(CountedByJars.lines(said.lines()));
        Fraction share = Setting.share(
                said.lines(),
                wish.pack(),
                wish.solidsShare(),
                wish.amount().kinds().get(0).size(),
                jarTable);
        Headspace headspace = rulings.headspace(said.lines(), wish.pack(), share);
        Recipe recipe = new Recipe(wish, said.lines(), share, pot(wish, share), headspace);
        if (wish.amount() instanceof WantedDish.UseUp used) {
            return used(recipe, used);
        }
        if (wish.amount() instanceof WantedDish.TimesRecipe many) {
            return filled(recipe, many.times(), many.ready(), Optional.empty());
        }
        if (wish.amount() instanceof WantedDish.PotAsItIs stands) {
            return asItIs(recipe, stands);
        }
        return targeted(recipe, ((WantedDish.SoManyJars) wish.amount()).jars());
    }

    /**
     * A wish with what its lines come to.
     *
     * @param said the lines as the recipe has them: no amount that is only counted from is ever ruled on
     */
    private record Recipe(WantedDish wish, List<IngredientLine> said, Fraction share, Pot pot, Headspace headspace) {

        Recipe with(Pot other) {
            return new Recipe(wish, said, share, other, headspace);
        }
    }

    private static Pot pot(WantedDish wish, Fraction share) {
        Pot pot = Pot.of(wish.lines(), wish.pack(), share, wish.yield());
        int simmered = wish.method().all(StepStatement.Takes.class).stream()
                .filter(takes -> takes.work() == StepStatement.Work.SIMMER)
                .mapToInt(StepStatement.Takes::minutes)
                .sum();
        Optional<StockForecast> stock = StockForecast.of(
                        wish.lines(), simmered > 0 ? Optional.of(new Minutes(simmered)) : Optional.empty())
                .filter(made -> pot.isBrothAlone()
                        || wish.method().strainsAndKeepsNothing() && pot.bulk().dividedBy(made.makes()) < STRAINED_OUT);
        return stock.map(pot::asStock)
                .orElseGet(() -> pot.isBrothAlone() && !pot.isEmpty()
                        ? pot.heated(new Minutes(BoilingLoss.WHILE_FILLING.value() + simmered))
                        : pot);
    }

    private PlannedDish planned(Recipe recipe, Filling filling) {
        WantedDish wish = recipe.wish();
        List<JarCount> ruledOn = filling.jars().isEmpty()
                ? wish.amount().kinds().stream().map(kind -> kind.times(1)).toList()
                : filling.jars();
        Batch batch = new Batch(
                recipe.said(), wish.pack(), recipe.share(), ruledOn, altitude, canner.gauge(), policy, wish.method());
        return new PlannedDish(
                wish,
                recipe.headspace(),
                batch,
                VariantRuling.rule(rulings, batch, wish.variants()),
                filling.jars(),
                recipe.pot(),
                filling.scaled(),
                filling.reach());
    }

    private PlannedDish targeted(Recipe recipe, List<JarCount> wanted) {
        Optional<Scaled> scaled = wanted.isEmpty()
                ? Optional.empty()
                : new Scaling(jarTable)
                        .toJars(
                                recipe.pot(),
                                recipe.headspace(),
                                wanted,
                                recipe.wish().keepBack());
        return planned(recipe, new Filling(scaled, Optional.empty(), wanted));
    }

    private DishOutcome used(Recipe recipe, WantedDish.UseUp used) {
        Optional<DishOutcome.Problem> wrong = wrongInHand(used.hands(), recipe.pot());
        if (wrong.isPresent()) {
            return wrong.get();
        }
        if (used.hands().isEmpty() || recipe.pot().isEmpty()) {
            return planned(recipe, Filling.NONE);
        }
        InHand.Reach reach = InHand.together(recipe.pot(), used.hands());
        return filled(recipe, reach.factor(), used.ready(), Optional.of(reach));
    }

    private DishOutcome asItIs(Recipe recipe, WantedDish.PotAsItIs stands) {
        if (stands.pot().isEmpty()) {
            return planned(recipe, Filling.NONE);
        }
        Volume contents = stands.pot().get().contents(recipe.pot());
        if (contents.isZero()) {
            return new DishOutcome.Problem(DishOutcome.Code.EMPTY_POT, -1);
        }
        Fraction solids = stands.solids().orElseGet(() -> solidsAsWritten(recipe.pot()));
        return filled(recipe.with(recipe.pot().cooked(contents, solids)), 1, stands.ready(), Optional.empty());
    }

    /** How much of a jar the solids fill when the recipe is ladled as it is written; at most as much as they may. */
    private static Fraction solidsAsWritten(Pot pot) {
        if (pot.isBrothAlone()) {
            return pot.unmeasured().isEmpty() ? Fraction.of(0) : pot.share();
        }
        Volume all = pot.solid().plus(pot.broth());
        double share = pot.broth().isZero() ? 1 : pot.bulk().dividedBy(all);
        return Fraction.of(Math.min(pot.share().value(), share));
    }

    /** As many jars as so many times the pot makes. */
    private DishOutcome filled(Recipe recipe, double factor, WantedDish.Ready ready, Optional<InHand.Reach> reach) {
        Pot pot = recipe.pot();
        if (pot.isEmpty()) {
            return planned(recipe, Filling.NONE);
        }
        if (pot.makes().times(factor).compareTo(recipe.wish().keepBack()) < 0) {
            return new DishOutcome.Problem(DishOutcome.Code.KEEPS_BACK_TOO_MUCH, -1);
        }
        try {
            Scaled scaled = new Scaling(jarTable)
                    .toFill(
                            pot,
                            recipe.headspace(),
                            factor,
                            ready.kinds(),
                            recipe.wish().keepBack(),
                            jars -> ready.allow(jars, canner.capacity()))
                    .orElseThrow();
            return planned(recipe, new Filling(Optional.of(scaled), reach, scaled.jars()));
        } catch (IllegalArgumentException tooMuch) {
            return new DishOutcome.Problem(DishOutcome.Code.TOO_MANY_JARS, 0);
        }
    }

    /** The first thing in hand that the pot cannot be measured by. */
    private static Optional<DishOutcome.Problem> wrongInHand(List<InHand> hands, Pot pot) {
        OptionalInt gone = first(hands, hand -> hand.line() >= pot.lines().size());
        if (gone.isPresent()) {
            return Optional.of(new DishOutcome.Problem(DishOutcome.Code.LINE_GONE, gone.getAsInt()));
        }
        OptionalInt unfit = pot.isEmpty()
                ? OptionalInt.empty()
                : first(hands, hand -> hand.factor(pot).isEmpty());
        return unfit.stream()
                .mapToObj(index -> new DishOutcome.Problem(
                        pot.lines().get(hands.get(index).line()).amount().isEmpty()
                                ? DishOutcome.Code.LINE_WITHOUT_AMOUNT
                                : DishOutcome.Code.MEASURE_DOES_NOT_FIT,
                        index))
                .findFirst();
    }

    private static OptionalInt first(List<InHand> hands, Predicate<InHand> wanted) {
        return IntStream.range(0, hands.size())
                .filter(index -> wanted.test(hands.get(index)))
                .findFirst();
    }
}
