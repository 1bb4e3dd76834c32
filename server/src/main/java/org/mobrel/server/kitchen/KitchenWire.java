package org.mobrel.server.kitchen;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
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
            int people,
            double servingMl,
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

    /**
     * Altitude in feet or in metres, whichever the cook knows.
     *
     * @param people null leaves the household as it is
     * @param servingMl null leaves the serving as it is
     */
    record KitchenChange(
            @Nullable Double altitudeFt,
            @Nullable Double altitudeM,
            @NotNull String units,
            @NotNull String school,
            @Nullable Integer people,
            @Nullable Double servingMl) {}

    record CupboardAnswer(List<CupboardJar> jars, List<CupboardLids> lids) {}

    /**
     * @param empty null until somebody counts
     * @param tableMl the average of its kind, to one inch below the rim
     * @param waterMl what was measured with water; null where nobody did
     */
    record CupboardJar(String size, String mouth, @Nullable Integer empty, double tableMl, @Nullable Double waterMl) {}

    /** @param fresh null until somebody counts */
    record CupboardLids(String mouth, @Nullable Integer fresh) {}

    /** @param empty null forgets the count */
    record JarsCounted(
            @NotNull(message = "a jar size") String size,
            @NotNull(message = "regular or wide") String mouth,
            @Min(value = 0, message = "between 0 and 2000") @Max(value = 2000, message = "between 0 and 2000") @Nullable
                    Integer empty) {}

    /** @param waterMl null goes back to the average */
    record JarMeasured(
            @NotNull(message = "a jar size") String size,
            @NotNull(message = "regular or wide") String mouth,
            @Nullable Double waterMl) {}

    /** @param fresh null forgets the count */
    record LidsCounted(
            @NotNull(message = "regular or wide") String mouth,
            @Min(value = 0, message = "between 0 and 2000") @Max(value = 2000, message = "between 0 and 2000") @Nullable
                    Integer fresh) {}

    record CannerChange(
            @NotBlank(message = "give it a name") @Size(max = 60, message = "60 characters at most") String name,
            @NotNull(message = "dial or weighted") String gauge,
            @Nullable BigDecimal gaugeErrorPsi,
            int quarts,
            int pints,
            int shortLayers) {}
}
