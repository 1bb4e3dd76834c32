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
import org.mobrel.loading.Loader;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.Setting;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.ruling.VariantRuling;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Scaling;

/**
 * Works one dish of a plan out: amounts, jars and the ruling on them.
 *
 * @param canner the one it is ruled by until the loads are chosen
 * @param jarTable what jars hold in this kitchen
 */
public record DishPlanner(
        Rulings rulings, JarTable jarTable, Altitude altitude, CannerProfile canner, TimingPolicy policy) {

    /** What the jars come to. */
    private record Filling(Optional<Scaled> scaled, Optional<InHand.Reach> reach, List<JarCount> jars) {}

    /** Never fails: what cannot be worked out is a {@link DishOutcome.Problem}. */
    public DishOutcome plan(DishWish wish) {
        Fraction share = Setting.share(
                wish.lines(),
                wish.pack(),
                wish.solidsShare(),
                wish.amount().kinds().get(0).size(),
                jarTable);
        Pot pot = Pot.of(wish.lines(), wish.pack(), share, wish.yield());
        Headspace headspace = rulings.headspace(wish.lines(), wish.pack(), share);
        if (wish.amount() instanceof DishWish.UseUp used) {
            return used(wish, used, share, pot, headspace);
        }
        List<JarCount> wanted = ((DishWish.SoManyJars) wish.amount()).jars();
        return planned(wish, share, pot, headspace, targeted(wanted, pot, headspace, wish.keepBack()));
    }

    private PlannedDish planned(DishWish wish, Fraction share, Pot pot, Headspace headspace, Filling filling) {
        List<JarCount> ruledOn = filling.jars().isEmpty()
                ? wish.amount().kinds().stream().map(kind -> kind.times(1)).toList()
                : filling.jars();
        Batch batch =
                new Batch(wish.lines(), wish.pack(), share, ruledOn, altitude, canner.gauge(), policy, wish.method());
        return new PlannedDish(
                wish,
                headspace,
                batch,
                VariantRuling.rule(rulings, batch, wish.variants()),
                filling.jars(),
                pot,
                filling.scaled(),
                filling.reach());
    }

    private Filling targeted(List<JarCount> wanted, Pot pot, Headspace headspace, Volume keepBack) {
        return new Filling(
                wanted.isEmpty() ? Optional.empty() : new Scaling(jarTable).toJars(pot, headspace, wanted, keepBack),
                Optional.empty(),
                wanted);
    }

    private DishOutcome used(DishWish wish, DishWish.UseUp used, Fraction share, Pot pot, Headspace headspace) {
        Optional<DishOutcome.Problem> wrong = wrongInHand(used.hands(), pot);
        if (wrong.isPresent()) {
            return wrong.get();
        }
        if (used.hands().isEmpty() || pot.isEmpty()) {
            return planned(wish, share, pot, headspace, new Filling(Optional.empty(), Optional.empty(), List.of()));
        }
        InHand.Reach reach = InHand.together(pot, used.hands());
        if (pot.makes().times(reach.factor()).compareTo(wish.keepBack()) < 0) {
            return new DishOutcome.Problem(DishOutcome.Code.KEEPS_BACK_TOO_MUCH, -1);
        }
        Predicate<List<JarCount>> mayHold =
                used.oneLoad() ? jars -> Loader.fits(canner.capacity(), jars) : jars -> true;
        try {
            Scaled scaled = new Scaling(jarTable)
                    .toFill(pot, headspace, reach.factor(), used.kinds(), wish.keepBack(), mayHold)
                    .orElseThrow();
            return planned(
                    wish, share, pot, headspace, new Filling(Optional.of(scaled), Optional.of(reach), scaled.jars()));
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
