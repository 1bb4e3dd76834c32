package org.mobrel.scaling;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Portion;

/**
 * How the solids of a pot are shared out, so that the seventh jar is not all carrots: for one jar, what it gets of each line.
 *
 * @param lines in the order of the recipe
 * @param total the sum of the lines, as they are rounded
 */
public record ShareOut(Scaled.JarShare jar, List<OfLine> lines, Mass total) {

    /** What one jar gets of one line: to weigh, or to measure by the cup. */
    public record OfLine(int line, Mass mass, Volume bulk) {}

    /** A kitchen scale shows whole grams. */
    private static final long MILLIGRAMS_A_STEP = 1_000;

    public ShareOut {
        lines = List.copyOf(lines);
    }

    /** One for each kind of jar; without solids there is nothing to share out. */
    public static List<ShareOut> of(Scaled scaled) {
        Pot pot = scaled.pot();
        List<Integer> solids = IntStream.range(0, pot.lines().size())
                .filter(index -> pot.portions()
                        .get(index)
                        .filter(portion -> !portion.bulk().isZero())
                        .isPresent())
                .boxed()
                .toList();
        return solids.isEmpty()
                ? List.of()
                : scaled.perJar().stream().map(jar -> of(pot, solids, jar)).toList();
    }

    private static ShareOut of(Pot pot, List<Integer> solids, Scaled.JarShare jar) {
        double part = jar.fill().dividedBy(pot.makes());
        List<Portion> portions = solids.stream()
                .map(index -> pot.portions().get(index).orElseThrow().times(part))
                .toList();
        List<Mass> rounded =
                keepingTheSum(portions.stream().map(Portion::drained).toList());
        List<OfLine> lines = IntStream.range(0, solids.size())
                .mapToObj(index -> new OfLine(
                        solids.get(index),
                        rounded.get(index),
                        portions.get(index).bulk()))
                .toList();
        return new ShareOut(jar, lines, rounded.stream().reduce(Mass.ZERO, Mass::plus));
    }

    /** Each mass to the gram, up or down so that their sum is the sum to the gram. */
    static List<Mass> keepingTheSum(List<Mass> exact) {
        long sum = exact.stream().mapToLong(Mass::milligrams).sum();
        long steps = Math.round((double) sum / MILLIGRAMS_A_STEP);
        long[] rounded = exact.stream()
                .mapToLong(mass -> mass.milligrams() / MILLIGRAMS_A_STEP)
                .toArray();
        long lacking = steps - Arrays.stream(rounded).sum();
        // The steps that lack go to those that were cut off most.
        List<Integer> byRest = new ArrayList<>(IntStream.range(0, exact.size())
                .boxed()
                .sorted(Comparator.comparingLong(index -> -(exact.get(index).milligrams() % MILLIGRAMS_A_STEP)))
                .toList());
        for (int index = 0; index < lacking; index++) {
            rounded[byRest.get(index)]++;
        }
        return Arrays.stream(rounded)
                .mapToObj(count -> new Mass(count * MILLIGRAMS_A_STEP))
                .toList();
    }
}
