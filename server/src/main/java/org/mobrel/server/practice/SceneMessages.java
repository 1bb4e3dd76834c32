package org.mobrel.server.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.GaugeKind;
import org.mobrel.practice.PracticeCanner;
import org.mobrel.practice.Rehearsal;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Temperature;
import org.mobrel.quantity.Volume;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.steam.SceneAct;
import org.mobrel.steam.Sight;

/** Simulated canners over the wire. */
final class SceneMessages {

    private SceneMessages() {}

    /**
     * A canner on the practice stove.
     *
     * @param gauge dial or weighted
     * @param psi what its weight is set to, or the reading of the dial that is aimed at
     * @param quarts and pints: no jars at all is a rehearsal with water
     * @param errorPsi by how much its dial reads high
     */
    record PracticeCannerBody(
            @NotNull(message = "dial or weighted") @Pattern(regexp = "dial|weighted", message = "dial or weighted")
                    String gauge,
            @NotNull(message = "between 5 and 15")
                    @DecimalMin(value = "5", message = "between 5 and 15")
                    @DecimalMax(value = "15", message = "between 5 and 15")
                    BigDecimal psi,
            @DecimalMin(value = "-1000", message = "between -1000 and 12000")
                    @DecimalMax(value = "12000", message = "between -1000 and 12000")
                    double altitudeFt,
            boolean large,
            @Min(value = 0, message = "between 0 and 9") @Max(value = 9, message = "between 0 and 9") int quarts,
            @Min(value = 0, message = "between 0 and 20") @Max(value = 20, message = "between 0 and 20") int pints,
            @Min(value = 500, message = "between half a litre and six")
                    @Max(value = 6000, message = "between half a litre and six")
                    int waterMl,
            boolean hot,
            @DecimalMin(value = "-3", message = "between -3 and 3")
                    @DecimalMax(value = "3", message = "between -3 and 3")
                    BigDecimal errorPsi) {

        PracticeCanner toCore() {
            try {
                return new PracticeCanner(
                        GaugeKind.ofCode(gauge).orElseThrow(),
                        GaugePressure.ofPsi(psi),
                        Altitude.ofFeet(altitudeFt),
                        large,
                        quarts,
                        pints,
                        Volume.ofMillilitres(waterMl),
                        hot,
                        GaugeError.ofPsi(errorPsi));
            } catch (IllegalArgumentException nobodyHasIt) {
                throw new InvalidField("canners", String.valueOf(nobodyHasIt.getMessage()));
            }
        }

        static PracticeCannerBody of(PracticeCanner canner) {
            return new PracticeCannerBody(
                    canner.gauge().code(),
                    canner.set().psi(),
                    Math.round(canner.altitude().feet()),
                    canner.large(),
                    canner.quarts(),
                    canner.pints(),
                    (int) Math.round(canner.water().millilitres()),
                    canner.hot(),
                    canner.error().psi());
        }
    }

    /**
     * Something that is done to a canner.
     *
     * @param atMillis since the burner was lit, or since the moment where one is meant
     * @param what burner, weight, nudge, lid, douse, gas-out, leak or dial-sticks
     * @param value percent for the burner, else 1 or 0
     */
    record SceneActBody(
            @Min(value = 0, message = "not before the beginning")
                    @Max(value = 30_000_000, message = "within eight hours")
                    long atMillis,
            @NotNull(message = "what is done?") String what,
            @Min(value = 0, message = "between 0 and 100") @Max(value = 100, message = "between 0 and 100") int value) {

        SceneAct toCore() {
            SceneAct.Kind kind = SceneAct.Kind.ofCode(what)
                    .orElseThrow(() -> new InvalidField("acts", "nothing on a canner is called " + what));
            try {
                return new SceneAct(Duration.ofMillis(atMillis), kind, value);
            } catch (IllegalArgumentException beyond) {
                throw new InvalidField("acts", String.valueOf(beyond.getMessage()));
            }
        }

        static SceneActBody of(SceneAct act) {
            return new SceneActBody(act.at().toMillis(), act.kind().code(), act.value());
        }
    }

    /**
     * One canner of a scene.
     *
     * @param snapshot where it goes on from; null where the burner has not been lit yet
     * @param acts what is done meanwhile; those of times that have passed are left out
     * @param rehearsal the note of the rehearsal so far, empty where it begins; null where nobody rehearses
     */
    record SceneCannerRequest(
            @Valid @NotNull(message = "which canner?") PracticeCannerBody canner,
            @Size(max = 2000, message = "no snapshot") @Nullable String snapshot,
            @NotNull(message = "a list") @Size(max = 2000, message = "2000 at most")
                    List<@NotNull @Valid SceneActBody> acts,
            @Size(max = 400, message = "no note of a rehearsal") @Nullable String rehearsal) {}

    /**
     * @param forMillis how long it goes on; 0 only looks
     * @param everyMillis how often it is looked at, in quarters of a second
     */
    record SceneRequest(
            @NotNull(message = "one or two canners") @Size(min = 1, max = 2, message = "one or two canners")
                    List<@NotNull @Valid SceneCannerRequest> canners,
            @Min(value = 0, message = "at most an hour") @Max(value = 3_600_000, message = "at most an hour")
                    int forMillis,
            @Min(value = 250, message = "between 250 and 60000") @Max(value = 60_000, message = "between 250 and 60000")
                    int everyMillis) {}

    /**
     * A canner at a moment.
     *
     * @param psi the true pressure
     * @param plume none, wisp or steady
     * @param steamMg that leave in a second
     * @param coolerC by so much air keeps the steam cooler than its pressure says
     * @param slowest of a jar of broth, chunky or puree, in degrees Celsius: an illustration; it sets no time
     * @param spilt percent of the jars' liquid that was drawn out
     */
    record SightResponse(
            long atMillis,
            int burner,
            boolean weightOn,
            boolean lidOff,
            BigDecimal needlePsi,
            BigDecimal psi,
            String plume,
            int jiggles,
            int steamMg,
            int waterMl,
            BigDecimal steamC,
            BigDecimal coolerC,
            Map<String, BigDecimal> slowest,
            int spilt,
            boolean plugOpen,
            boolean dry) {

        static SightResponse of(Sight sight) {
            Map<String, BigDecimal> slowest = new TreeMap<>();
            sight.slowest().forEach((filling, temperature) -> slowest.put(filling.code(), tenths(temperature)));
            return new SightResponse(
                    sight.at().toMillis(),
                    sight.knobs().burnerPercent(),
                    sight.knobs().weightOn(),
                    sight.knobs().lidOff(),
                    sight.needle().psi(),
                    sight.pressure().psi(),
                    sight.plume().name().toLowerCase(Locale.ROOT),
                    sight.jiggles(),
                    sight.steamMilligrams(),
                    (int) Math.round(sight.water().millilitres()),
                    tenths(sight.steam()),
                    BigDecimal.valueOf(sight.coolerMilliKelvin(), 3).setScale(1, RoundingMode.HALF_UP),
                    slowest,
                    sight.spilt(),
                    sight.plugOpen(),
                    sight.dry());
        }
    }

    static BigDecimal tenths(Temperature temperature) {
        return BigDecimal.valueOf(temperature.milliCelsius(), 3).setScale(1, RoundingMode.HALF_UP);
    }

    /**
     * Where a rehearsal is.
     *
     * @param step heat, vent, weight, rise, hold, heat-off, cool, weight-off, wait, lid or done
     * @param inStepSeconds of the hold, how long it has been within a pound without a break
     * @param lastsSeconds null where the step takes what it takes
     * @param slips how often each thing went wrong
     * @param note to be sent with the next request
     */
    record RehearsalResponse(
            String step,
            long inStepSeconds,
            @Nullable Long lastsSeconds,
            Map<String, Integer> slips,
            boolean passed,
            String note) {

        static RehearsalResponse of(Rehearsal rehearsal) {
            return new RehearsalResponse(
                    rehearsal.step().code(),
                    rehearsal.inStep().toSeconds(),
                    rehearsal.lasts().map(Duration::toSeconds).orElse(null),
                    slipsOf(rehearsal),
                    rehearsal.isPassed(),
                    rehearsal.note());
        }
    }

    static Map<String, Integer> slipsOf(Rehearsal rehearsal) {
        Map<String, Integer> slips = new TreeMap<>();
        for (Rehearsal.Slip slip : Rehearsal.Slip.values()) {
            if (rehearsal.slips(slip) > 0) {
                slips.put(slip.code(), rehearsal.slips(slip));
            }
        }
        return slips;
    }

    /**
     * @param snapshot from which it goes on
     * @param rehearsal one for each sight; none where nobody rehearses
     */
    record SceneCannerResponse(List<SightResponse> sights, String snapshot, List<RehearsalResponse> rehearsal) {}

    record SceneResponse(List<SceneCannerResponse> canners) {}
}
