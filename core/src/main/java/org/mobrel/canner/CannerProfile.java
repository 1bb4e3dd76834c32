package org.mobrel.canner;

import java.util.Optional;
import org.mobrel.quantity.Volume;

/**
 * A pressure canner of the kitchen.
 *
 * @param name what the cook calls it, such as 'Big canner'
 * @param weight empty for one with a dial alone
 * @param startWater what is poured in before the jars; empty goes by the usual 2 to 3 inches, about 3 quarts
 * @param burner where it stands, such as 'front left'; two canners on the same burner take turns
 */
public record CannerProfile(
        String name,
        Gauge gauge,
        Capacity capacity,
        Optional<Weight> weight,
        Optional<Volume> startWater,
        String burner) {

    /** @throws IllegalArgumentException if it is too small to be a pressure canner, or has a weight that does not rule it */
    public CannerProfile {
        if (!capacity.holdsFourQuarts()) {
            throw new IllegalArgumentException("a cooker that cannot hold four quart jars is no pressure canner");
        }
        if (weight.isPresent() && gauge.kind() != GaugeKind.WEIGHTED) {
            throw new IllegalArgumentException("a canner with a weight goes by its weight");
        }
    }

    /** One of which nothing more is known. */
    public static CannerProfile of(String name, Gauge gauge, Capacity capacity) {
        return new CannerProfile(name, gauge, capacity, Optional.empty(), Optional.empty(), "");
    }

    public CannerProfile with(Gauge otherGauge) {
        return new CannerProfile(name, otherGauge, capacity, weight, startWater, burner);
    }

    /** Which instrument rules, in one sentence. */
    public String rules() {
        return switch (gauge.kind()) {
            case DIAL -> "Its dial rules: hold the reading, corrected by its last test.";
            case WEIGHTED ->
                weight.filter(Weight::dialBeside).isPresent()
                        ? "Its weight rules; the dial beside it is only a second look."
                        : "Its weight rules: it lets go of steam when the pressure is there.";
        };
    }
}
