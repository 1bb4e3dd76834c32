package org.mobrel.server.kitchen;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What the kitchen says and is told over the wire. */
final class KitchenMessages {

    private KitchenMessages() {}

    /**
     * @param version the number of the last change this shows; whoever changes something names it
     * @param hours 12, 24, or device for what each device is used to
     * @param boilToTasteMin how long a jar is boiled before anybody tastes it; null where the altitude is not known: at least 10, more above
     *     1,000 ft
     * @param dates which part of a date comes first: day, month, year or device
     * @param zone the time zone whose clock and days the kitchen goes by, such as Europe/Berlin
     */
    record KitchenResponse(
            long version,
            @Nullable Double altitudeFt,
            @Nullable Double altitudeM,
            String units,
            String school,
            int people,
            double servingMl,
            int burners,
            String quietFrom,
            String quietUntil,
            int bestMonths,
            String hours,
            String dates,
            String zone,
            List<String> care,
            @Nullable Integer boilToTasteMin,
            List<BandResponse> bands,
            List<CannerResponse> canners) {}

    /**
     * The pressure of a kind of gauge at this altitude, and where the next one begins.
     *
     * @param upToFt the last foot of this band
     * @param nextPsi null above the last band
     */
    record BandResponse(String gauge, BigDecimal psi, double upToFt, double upToM, @Nullable BigDecimal nextPsi) {}

    /**
     * @param quarts the most of either mouth in a layer
     * @param capacity of a layer, kind by kind
     * @param rules which instrument rules, in a sentence
     * @param pressurePsi the true pressure at this altitude; null without an altitude, or above the tables
     * @param readingPsi what to read on this instrument for it
     * @param trouble why no run is possible with it now
     * @param testedOn of its dial; null where nobody wrote a test down
     * @param due what is to be done about it soon
     */
    record CannerResponse(
            long id,
            String name,
            String gauge,
            BigDecimal gaugeErrorPsi,
            int quarts,
            int pints,
            int shortLayers,
            String upperLayer,
            List<LayerPlaces> capacity,
            @Nullable WeightResponse weight,
            @Nullable Double startWaterMl,
            String burner,
            String rules,
            @Nullable BigDecimal pressurePsi,
            @Nullable BigDecimal readingPsi,
            @Nullable String trouble,
            @Nullable LocalDate testedOn,
            List<String> due) {}

    /** @param jars that fill one layer alone */
    record LayerPlaces(
            @NotNull(message = "a jar size") String size,
            @NotNull(message = "regular or wide") String mouth,
            int jars) {}

    record WeightResponse(
            String shows, String sound, int jigglesLeast, int jigglesMost, boolean dialBeside, String sentence) {}

    /** @param sound rocks, jiggles or manual; jiggles a minute only where it jiggles */
    record WeightRequest(
            @NotNull(message = "holes or rings") String shows,
            @NotNull(message = "rocks, jiggles or manual") String sound,
            @Nullable Integer jigglesLeast,
            @Nullable Integer jigglesMost,
            @Nullable Boolean dialBeside) {}

    /** What was written down about a canner, the newest first. */
    record CareResponse(List<TestResponse> tests, List<InspectionResponse> inspections, List<PartResponse> parts) {}

    record TestResponse(
            long id,
            LocalDate on,
            BigDecimal readPsi,
            BigDecimal masterPsi,
            BigDecimal errorPsi,
            String by,
            boolean struck,
            boolean counts) {}

    record InspectionResponse(LocalDate on, String by, String note, List<PartFound> found) {}

    /**
     * A part to look at, and how it was last.
     *
     * @param look good, worn or mend; null if nobody ever looked
     */
    record PartResponse(
            String part, String label, String lookFor, @Nullable String look, @Nullable LocalDate on, boolean isDue) {}

    record PartFound(
            @NotNull(message = "which part") String part, @NotNull(message = "good, worn or mend") String look) {}

    /** @param readPsi on the canner's own dial while the master shows {@code masterPsi} */
    record GaugeTestRequest(
            @NotNull(message = "the day of the test") LocalDate on,
            @NotNull(message = "between 0 and 30 psi")
                    @DecimalMin(value = "0", message = "between 0 and 30 psi")
                    @DecimalMax(value = "30", message = "between 0 and 30 psi")
                    BigDecimal readPsi,
            @NotNull(message = "between 5 and 30 psi")
                    @DecimalMin(value = "5", message = "between 5 and 30 psi: lower tests nothing")
                    @DecimalMax(value = "30", message = "between 5 and 30 psi")
                    BigDecimal masterPsi,
            @NotBlank(message = "who tested it") @Size(max = 60, message = "60 characters at most") String by) {}

    record InspectionRequest(
            @NotNull(message = "the day") LocalDate on,
            @NotBlank(message = "who looked") @Size(max = 60, message = "60 characters at most") String by,
            @Size(max = 400, message = "400 characters at most") @Nullable String note,
            @NotNull(message = "what was looked at") @Size(max = 10, message = "10 at most") @Valid
                    List<@NotNull PartFound> found) {}

    /**
     * What is to be changed; what is null or left out stays as it is.
     *
     * @param basedOn the version that whoever changes something had seen
     * @param altitudeFt in feet or in metres, whichever the cook knows
     * @param quietFrom such as 22:00
     * @param hours 12, 24 or device
     * @param dates which part comes first: day, month, year or device
     * @param care by the codes of care points, whether each is to be looked at from now on; those that are not named stay as they are
     */
    record KitchenChange(
            @NotNull(message = "the version of the kitchen that this changes") Long basedOn,
            @Nullable Double altitudeFt,
            @Nullable Double altitudeM,
            @Nullable String units,
            @Nullable String school,
            @Nullable Integer people,
            @Nullable Double servingMl,
            @Nullable Integer burners,
            @Nullable String quietFrom,
            @Nullable String quietUntil,
            @Min(value = Kitchen.LEAST_MONTHS, message = "between 1 and 18 months")
                    @Max(value = Kitchen.MOST_MONTHS, message = "between 1 and 18 months")
                    @Nullable
                    Integer bestMonths,
            @Nullable String hours,
            @Nullable String dates,
            @Size(max = 20, message = "20 at most") @Nullable Map<@NotNull String, @NotNull Boolean> care) {}

    /** @param version the number of the last change this shows */
    record CupboardResponse(long version, List<CupboardJar> jars, List<CupboardLids> lids) {}

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
            @NotNull(message = "the version of the cupboard that this changes") Long basedOn,
            @NotNull(message = "a jar size") String size,
            @NotNull(message = "regular or wide") String mouth,
            @Min(value = 0, message = "between 0 and 2000") @Max(value = 2000, message = "between 0 and 2000") @Nullable
                    Integer empty) {}

    /** @param waterMl null goes back to the average */
    record JarMeasured(
            @NotNull(message = "the version of the cupboard that this changes") Long basedOn,
            @NotNull(message = "a jar size") String size,
            @NotNull(message = "regular or wide") String mouth,
            @Nullable Double waterMl) {}

    /** @param fresh null forgets the count */
    record LidsCounted(
            @NotNull(message = "the version of the cupboard that this changes") Long basedOn,
            @NotNull(message = "regular or wide") String mouth,
            @Min(value = 0, message = "between 0 and 2000") @Max(value = 2000, message = "between 0 and 2000") @Nullable
                    Integer fresh) {}

    /**
     * @param gaugeErrorPsi what its last test showed; null leaves it as it is. A test that was written down goes before it
     * @param quarts in a layer; read only where {@code capacity} is null
     * @param shortLayers layers in all
     * @param upperLayer short (only short jars may stand above others) or any; null for short
     * @param capacity kind by kind; null where quarts and pints tell it
     * @param weight null for a canner with a dial alone, or where nothing is known of the weight
     */
    record CannerChange(
            @NotBlank(message = "give it a name") @Size(max = 60, message = "60 characters at most") String name,
            @NotNull(message = "dial or weighted") String gauge,
            @Nullable BigDecimal gaugeErrorPsi,
            int quarts,
            int pints,
            int shortLayers,
            @Nullable String upperLayer,
            @Size(max = 12, message = "12 kinds of jar at most") @Valid @Nullable List<@NotNull LayerPlaces> capacity,
            @Valid @Nullable WeightRequest weight,
            @Nullable Double startWaterMl,
            @Size(max = 60, message = "60 characters at most") @Nullable String burner) {}

    /**
     * A canner as it is to be, of which only what is named is changed.
     *
     * @param basedOn the version of the kitchen that whoever changes it had seen
     * @param changed name, gauge, capacity, weight, startWater or burner
     */
    record CannerRevision(
            @NotNull(message = "the version of the kitchen that this changes") Long basedOn,
            @NotEmpty(message = "what of it is changed") @Size(max = 6, message = "6 at most")
                    List<@NotNull String> changed,
            @NotNull(message = "the canner as it is to be") @Valid CannerChange canner) {}
}
