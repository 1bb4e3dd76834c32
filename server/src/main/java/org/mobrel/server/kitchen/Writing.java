package org.mobrel.server.kitchen;

import java.util.Optional;
import org.mobrel.server.platform.Notation;

/**
 * How the kitchen writes times and dates on every device.
 *
 * @param twelveHours empty where each device does it its own way
 * @param first the part that a date begins with; empty as before
 */
public record Writing(Optional<Boolean> twelveHours, Optional<Notation.Part> first) {

    /** What is stored and sent for "as the device does". */
    static final String DEVICE = "device";

    String hours() {
        return twelveHours.map(twelve -> twelve ? "12" : "24").orElse(DEVICE);
    }

    String dates() {
        return first.map(Notation.Part::code).orElse(DEVICE);
    }

    /** @throws IllegalArgumentException if there is no such way */
    static Optional<Boolean> hours(String code) {
        return switch (code) {
            case DEVICE -> Optional.empty();
            case "12" -> Optional.of(true);
            case "24" -> Optional.of(false);
            default -> throw new IllegalArgumentException("12, 24 or device");
        };
    }

    /** @throws IllegalArgumentException if there is no such way */
    static Optional<Notation.Part> dates(String code) {
        if (code.equals(DEVICE)) {
            return Optional.empty();
        }
        return Optional.of(Notation.Part.ofCode(code)
                .orElseThrow(() -> new IllegalArgumentException("day, month, year or device")));
    }
}
