package org.mobrel.ruling;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/**
 * The process a batch gets; it exists only where nothing stops the batch.
 *
 * @param minutes for one load holding all the jars: the longest over their sizes
 * @param minutesBySize pint, quart and every size asked for; a size that is not allowed is missing
 * @param timedBy the size whose time the load gets
 * @param pacesetters indexes of the lines whose own tested time is the load's; several when they tie, none when a table's floor or
 *     a single food's row sets it
 * @param otherSchool what the school that the kitchen does not follow would give; empty where it does not apply
 * @param truePressure the least pressure in the canner
 * @param reading the least reading on this canner's own instrument
 */
public record Timing(
        Minutes minutes,
        Map<JarSize, Minutes> minutesBySize,
        JarSize timedBy,
        SetBy setBy,
        List<Integer> pacesetters,
        Optional<Minutes> otherSchool,
        GaugePressure truePressure,
        GaugePressure reading,
        Headspace headspace) {

    public Timing {
        minutesBySize = Map.copyOf(minutesBySize);
        pacesetters = List.copyOf(pacesetters);
    }

    /** The same in a load with jars that need another headspace. */
    public Timing with(Headspace other) {
        return new Timing(
                minutes, minutesBySize, timedBy, setBy, pacesetters, otherSchool, truePressure, reading, other);
    }

    public Optional<Minutes> minutesFor(JarSize size) {
        return Optional.ofNullable(minutesBySize.get(size));
    }
}
