package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
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

    public Without {
        minutes = Map.copyOf(minutes);
    }

    /** One for each line that goes into the jar, in their order. */
    public static List<Without> each(Rulings rulings, Batch batch, Ruling ruling) {
        Batch inPints = batch.with(List.of(new JarCount(JarSize.PINT, Mouth.REGULAR, 1)));
        List<Integer> setters = ruling.timing().map(Timing::pacesetters).orElse(List.of());
        return IntStream.range(0, batch.lines().size())
                .filter(index ->
                        batch.lines().get(index).goesIntoJar() && batch.lines().size() > 1)
                .filter(index -> batch.lines().size() <= MOST_LINES || setters.contains(index))
                .mapToObj(index -> new Without(index, minutes(rulings, inPints, index)))
                .toList();
    }

    private static Map<JarSize, Minutes> minutes(Rulings rulings, Batch batch, int index) {
        List<IngredientLine> others = new ArrayList<>(batch.lines());
        others.remove(index);
        return rulings.rule(batch.withLines(others))
                .timing()
                .map(Timing::minutesBySize)
                .orElse(Map.of());
    }
}
