package org.mobrel.seeing;

import java.time.Instant;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;

/**
 * One look of a device at a dial; a number, no picture.
 *
 * @param needle where it stands, as read off the dial; empty where the device is not sure, for whatever reason
 */
public record Sight(Instant at, Optional<GaugePressure> needle) {

    /** No dial of a canner goes further. */
    public static final GaugePressure MOST = GaugePressure.ofPsi(60);

    /** @throws IllegalArgumentException for a needle that stands on no dial */
    public Sight {
        if (needle.filter(read -> read.compareTo(GaugePressure.ZERO) < 0 || read.compareTo(MOST) > 0)
                .isPresent()) {
            throw new IllegalArgumentException("a needle at " + needle);
        }
    }
}
