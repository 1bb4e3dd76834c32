package org.mobrel.server.kitchen;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;

/**
 * A canner of this kitchen.
 *
 * @param id the number it is known by
 * @param tests of its dial, in the order they were written down
 * @param inspections in the order they were written down
 */
public record KitchenCanner(long id, CannerProfile profile, List<GaugeTest> tests, List<Inspection> inspections) {

    public KitchenCanner {
        tests = List.copyOf(tests);
        inspections = List.copyOf(inspections);
    }

    /** Why no run is possible with it now; empty when one is. */
    public Optional<String> outOfUse() {
        if (profile.gauge().isTooFarOff()) {
            return Optional.of("Its dial is more than 1 psi high or 2 low: replace the gauge before the next run.");
        }
        return Stream.of(Inspection.Part.values())
                .filter(part -> Inspection.last(part, inspections)
                        .filter(last -> last.look() == Inspection.Look.MEND)
                        .isPresent())
                .findFirst()
                .map(part -> "%s: to be mended before the next run.".formatted(part.label()));
    }
}
