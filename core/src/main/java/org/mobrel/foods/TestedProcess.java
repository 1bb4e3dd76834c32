package org.mobrel.foods;

import java.util.Map;
import java.util.Optional;
import org.mobrel.finding.Source;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Length;
import org.mobrel.quantity.Minutes;

/**
 * One row of the tested processes: a food in a form and a pack, and its minutes by jar size.
 *
 * @param id of the row, stable: batches name the rows they rest on by it
 * @param food the row's name, such as 'dried beans and peas'
 * @param form the cut the time was tested for
 * @param minutes by tested size; a size that is missing was not tested
 * @param largestPiece the largest tested cut, where the form names one
 * @param largestWhole the largest tested whole piece, where the form names one
 * @param peeled whether the row asks for peeled food
 * @param whole whether a whole one is among what was tested; where not, it is larger than the tested cut
 */
public record TestedProcess(
        String id,
        String food,
        String form,
        Pack pack,
        Map<JarSize, Minutes> minutes,
        Headspace headspace,
        Source source,
        Optional<Length> largestPiece,
        Optional<Length> largestWhole,
        boolean peeled,
        boolean whole,
        String note) {

    public TestedProcess {
        minutes = Map.copyOf(minutes);
    }

    /** The tested time that applies to this size by the jar-size rule; empty where the row allows no jar of that size. */
    public Optional<Minutes> minutesFor(JarSize size) {
        for (JarSize tested : size.timedAs()) {
            Minutes time = minutes.get(tested);
            if (time != null) {
                return Optional.of(time);
            }
        }
        return Optional.empty();
    }
}
