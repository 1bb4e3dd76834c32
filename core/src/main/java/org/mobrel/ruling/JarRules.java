package org.mobrel.ruling;

import java.util.stream.Stream;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarSize;

/** Jars, altitude and gauge. */
final class JarRules {

    private JarRules() {}

    static Stream<Finding> jarIsNoLargerThanAQuart(Examined batch) {
        return batch.batch().sizes().stream()
                .filter(JarSize::isLargerThanAnyTested)
                .map(size -> Findings.jarTooLarge(size));
    }

    static Stream<Finding> everySizeHasATime(Examined batch) {
        if (batch.choices().isEmpty()) {
            // Nothing here has a time in any size; that is another rule's finding.
            return Stream.empty();
        }
        return batch.batch().sizes().stream()
                .filter(size -> !size.isLargerThanAnyTested())
                .filter(size -> !batch.choices().containsKey(size))
                .map(size -> Findings.noTimeForSize(size, soupWouldHelp(batch)));
    }

    /** Packed hot and half full the soup table itself would have a time for this size. */
    private static boolean soupWouldHelp(Examined batch) {
        return batch.contents().isMixture()
                && batch.contents().solids().stream()
                        .noneMatch(food -> food.largestJar().isPresent())
                && (!batch.contents().isSoupPack() || batch.contents().pack() == Pack.RAW);
    }

    static Stream<Finding> altitudeIsInTheTable(Examined batch) {
        boolean inTable = batch.pressures()
                .band(batch.batch().gauge().kind(), batch.batch().altitude())
                .isPresent();
        return inTable ? Stream.empty() : Stream.of(Findings.altitudeOutOfRange());
    }

    static Stream<Finding> gaugeIsCloseEnough(Examined batch) {
        return batch.batch().gauge().isTooFarOff()
                ? Stream.of(Findings.gaugeTooFarOff(batch.batch().gauge().error()))
                : Stream.empty();
    }
}
