package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.mobrel.finding.Finding;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;

/**
 * What the time would be without one line, by size: each a ruling of its own.
 *
 * @param line the index of the line left out
 * @param minutes a size is missing where it would not be allowed; all are where the rest would be stopped
 */
public record Without(int line, Map<JarSize, Minutes> minutes) {

    /** Beyond so many lines only those that set the time are asked about. */
    private static final int MOST_LINES = 40;

    /**
     * From so many stopped lines on leaving out a single one mends nothing. With fewer it may: what stops one line, such as much fat, can rest on
     * another.
     */
    private static final int MANY_STOPS = 6;

    public Without {
        minutes = Map.copyOf(minutes);
    }

    /** One for each line that goes into the jar, in their order. */
    public static List<Without> each(Rulings rulings, Batch batch, Ruling ruling) {
        Batch inPints = batch.with(List.of(new JarCount(JarSize.PINT, Mouth.REGULAR, 1)));
        Map<JarSize, Minutes> whole = rulings.minutes(inPints);
        boolean manyStop = ruling.findings().stream()
                        .filter(finding -> finding.isStop() && finding.line().isPresent())
                        .map(Finding::line)
                        .distinct()
                        .count()
                > MANY_STOPS;
        List<Integer> setters = ruling.timing().map(Timing::pacesetters).orElse(List.of());
        return IntStream.range(0, batch.lines().size())
                .filter(index ->
                        batch.lines().get(index).goesIntoJar() && batch.lines().size() > 1)
                .filter(index -> batch.lines().size() <= MOST_LINES || setters.contains(index))
                .mapToObj(index -> new Without(
                        index,
                        manyStop || addsNoTime(batch, batch.lines().get(index), whole)
                                ? whole
                                : minutes(rulings, inPints, index)))
                .toList();
    }

    /** A flavouring or a broth in a soup that may be canned: the time is the same without it, and need not be asked for. */
    private static boolean addsNoTime(Batch batch, IngredientLine line, Map<JarSize, Minutes> whole) {
        return !whole.isEmpty()
                && line.foods().stream().noneMatch(food -> food.kind().isSolid() || food.isSeafood())
                && batch.lines().stream()
                        .flatMap(other -> other.foods().stream())
                        .anyMatch(food -> food.kind().isSolid());
    }

    private static Map<JarSize, Minutes> minutes(Rulings rulings, Batch batch, int index) {
        List<IngredientLine> others = new ArrayList<>(batch.lines());
        others.remove(index);
        return rulings.minutes(batch.withLines(others));
    }
}
