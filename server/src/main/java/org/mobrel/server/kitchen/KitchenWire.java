package org.mobrel.server.kitchen;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the kitchen says and is told over the wire. */
final class KitchenWire {

    private KitchenWire() {}

    record KitchenAnswer(
            @Nullable Double altitudeFt,
            @Nullable Double altitudeM,
            String units,
            String school,
            List<CannerAnswer> canners) {}

    /**
     * @param pressurePsi the true pressure at this altitude; null without an altitude, or above the tables
     * @param readingPsi what to read on this instrument for it
     * @param trouble why no run is possible with it now
     */
    record CannerAnswer(
            long id,
            String name,
            String gauge,
            BigDecimal gaugeErrorPsi,
            int quarts,
            int pints,
            int shortLayers,
            @Nullable BigDecimal pressurePsi,
            @Nullable BigDecimal readingPsi,
            @Nullable String trouble) {}

    /** Altitude in feet or in metres, whichever the cook knows. */
    record KitchenChange(
            @Nullable Double altitudeFt, @Nullable Double altitudeM, @NotNull String units, @NotNull String school) {}

    record CannerChange(
            @NotBlank(message = "give it a name") @Size(max = 60, message = "60 characters at most") String name,
            @NotNull(message = "dial or weighted") String gauge,
            @Nullable BigDecimal gaugeErrorPsi,
            int quarts,
            int pints,
            int shortLayers) {}
}
