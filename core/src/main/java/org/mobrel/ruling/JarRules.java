package org.mobrel.ruling;

import java.util.List;
import java.util.stream.Stream;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Source;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarSize;

/** Jars, altitude and gauge. */
final class JarRules {

    private JarRules() {}

    static Stream<Finding> jarIsNoLargerThanAQuart(Examined batch) {
        return batch.batch().sizes().stream()
                .filter(JarSize::isLargerThanAnyTested)
                .map(size -> Say.stop(
                        "jar-too-big",
                        "A %s is larger than any jar low-acid food was tested in.".formatted(size.label()),
                        Source.GUIDE_GENERAL,
                        new Remedy(
                                "smaller-jars", "Use quarts or pints", List.of(Edit.of(Edit.Part.JAR_SIZE, "quart"))),
                        new Remedy(
                                "pints-instead", "Use pints instead", List.of(Edit.of(Edit.Part.JAR_SIZE, "pint")))));
    }

    static Stream<Finding> everySizeHasATime(Examined batch) {
        if (batch.choices().isEmpty()) {
            // Nothing here has a time in any size; that is another rule's finding.
            return Stream.empty();
        }
        return batch.batch().sizes().stream()
                .filter(size -> !size.isLargerThanAnyTested())
                .filter(size -> !batch.choices().containsKey(size))
                .map(size -> Say.stop(
                        "no-time-for-size",
                        "There is no tested time for %ss of this.".formatted(size.label()),
                        Source.GUIDE_GENERAL,
                        remediesFor(batch)));
    }

    private static Remedy[] remediesFor(Examined batch) {
        Remedy pints = new Remedy("pints-instead", "Use pints instead", List.of(Edit.of(Edit.Part.JAR_SIZE, "pint")));
        boolean soupWouldHelp = batch.contents().isMixture()
                && batch.contents().solids().stream()
                        .noneMatch(food -> food.largestJar().isPresent())
                && (!batch.contents().isSoupPack() || batch.contents().pack() == Pack.RAW);
        return soupWouldHelp
                ? new Remedy[] {
                    pints,
                    new Remedy(
                            "half-solids",
                            "Pack hot, half solids in broth, as the soup table has it",
                            List.of(Edit.of(Edit.Part.PACK, "hot"), Edit.of(Edit.Part.SOLIDS_SHARE, "0.5")))
                }
                : new Remedy[] {pints};
    }

    static Stream<Finding> altitudeIsInTheTable(Examined batch) {
        boolean inTable = batch.pressures()
                .band(batch.batch().gauge().kind(), batch.batch().altitude())
                .isPresent();
        return inTable
                ? Stream.empty()
                : Stream.of(Say.stop(
                        "altitude-out-of-range",
                        "The tables end at 8,000 ft; above that no pressure is published.",
                        Source.GUIDE_GENERAL,
                        new Remedy("ask-expert", "Ask your local extension office")));
    }

    static Stream<Finding> gaugeIsCloseEnough(Examined batch) {
        return batch.batch().gauge().isTooFarOff()
                ? Stream.of(Say.stop(
                        "gauge-error-too-big",
                        "This dial is %s psi off; more than 1 high or 2 low cannot be corrected for."
                                .formatted(batch.batch().gauge().error().psi()),
                        new Source("Guide 1, testing dial gauges"),
                        new Remedy("replace-gauge", "Replace the gauge and have the new one tested")))
                : Stream.empty();
    }
}
