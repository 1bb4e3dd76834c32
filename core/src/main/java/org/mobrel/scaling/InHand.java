package org.mobrel.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.Mass;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.Portions;

/**
 * Something there is a given amount of and that is to be used up, such as '9 lb lamb as bought'.
 *
 * @param line the index of the ingredient line it is for
 * @param asBought whether a mass is meant before peeling and trimming
 */
public record InHand(int line, Amount amount, boolean asBought) {

    /**
     * How far several things in hand go.
     *
     * @param factor what the recipe is multiplied by: as far as the scarcest goes
     * @param limitedBy the line that runs out first
     * @param rests what is left of each, raw prepared, in the order they were given; zero for the one that runs out
     */
    public record Reach(double factor, int limitedBy, List<Mass> rests) {

        public Reach {
            rests = List.copyOf(rests);
        }
    }

    /**
     * The factor of this alone.
     *
     * @return empty when the line has no amount, or one of the two cannot be weighed
     */
    public Optional<Double> factor(Pot pot) {
        return available(pot)
                .flatMap(mass -> pot.portions()
                        .get(line)
                        .filter(portion -> !portion.raw().isZero())
                        .map(portion ->
                                (double) mass.milligrams() / portion.raw().milligrams()))
                .or(() -> counted(pot));
    }

    /** Carcasses are weighed by nobody: so many for so many. */
    private Optional<Double> counted(Pot pot) {
        return pot.lines()
                .get(line)
                .amount()
                .filter(said -> said.unit() == amount.unit() && available(pot).isEmpty())
                .map(said -> amount.value().doubleValue() / said.value().doubleValue());
    }

    private Optional<Mass> available(Pot pot) {
        return Portions.rawOf(pot.lines().get(line), amount, asBought);
    }

    /**
     * Uses up several things at once: the one that runs out first limits the pot.
     *
     * @param hands at least one, each with a {@link #factor}
     * @throws IllegalArgumentException if one of them has none, or there are none
     */
    public static Reach together(Pot pot, List<InHand> hands) {
        InHand scarcest = null;
        double least = Double.POSITIVE_INFINITY;
        for (InHand hand : hands) {
            double factor = hand.factor(pot)
                    .orElseThrow(
                            () -> new IllegalArgumentException("line %s cannot be weighed".formatted(hand.line())));
            if (factor < least) {
                least = factor;
                scarcest = hand;
            }
        }
        if (scarcest == null) {
            throw new IllegalArgumentException("nothing is in hand");
        }
        List<Mass> rests = new ArrayList<>();
        for (InHand hand : hands) {
            double times = least;
            Mass had = hand.available(pot).orElse(Mass.ZERO);
            Mass used = pot.portions()
                    .get(hand.line())
                    .map(portion -> portion.raw().times(times))
                    .orElse(Mass.ZERO);
            // Of the scarcest nothing is left, whatever rounding says.
            rests.add(hand == scarcest || had.compareTo(used) <= 0 ? Mass.ZERO : had.minus(used));
        }
        return new Reach(least, scarcest.line(), rests);
    }
}
