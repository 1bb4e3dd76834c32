package org.mobrel.server.device;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.run.ClockRate;
import org.mobrel.steam.Instruments;

/** The simulated canner over the wire. */
final class SimulationMessages {

    private SimulationMessages() {}

    /**
     * What is seen and heard of a simulated canner, and how its knobs stand.
     *
     * @param burnerPercent as the knob stands; turning the heat off does that too
     * @param needlePsi what its dial shows; null before the lid is on
     * @param plume none, wisp or steady
     * @param jiggles of the weight, in a minute
     * @param dry whether it has boiled dry
     * @param plugOpen whether the overpressure plug has let go
     */
    record SimulationResponse(
            long runId,
            int burnerPercent,
            boolean gasOut,
            boolean leaking,
            boolean dialStuck,
            boolean doused,
            @Nullable BigDecimal needlePsi,
            @Nullable String plume,
            int jiggles,
            boolean weightOn,
            int waterMl,
            boolean dry,
            boolean plugOpen) {}

    /** Whatever is given is done; null leaves it as it is. */
    record SimulationRequest(
            @Min(value = 1, message = "between 1 and 120")
                    @Max(value = ClockRate.FASTEST, message = "between 1 and 120")
                    @Nullable
                    Integer pace,
            @Min(value = 0, message = "between 0 and 100 percent")
                    @Max(value = 100, message = "between 0 and 100 percent")
                    @Nullable
                    Integer burnerPercent,
            @Nullable Boolean gasOut,
            @Nullable Boolean leaking,
            @Nullable Boolean dialStuck,
            @Nullable Boolean doused) {}

    static SimulationResponse answer(long run, List<KnobChange> turns, Optional<Simulation> simulation) {
        Optional<Instruments> seen = simulation.map(Simulation::instruments);
        return new SimulationResponse(
                run,
                seen.map(each -> each.canner().knobs().burnerPercent())
                        .orElseGet(() -> last(KnobChange.Knob.BURNER, turns)),
                last(KnobChange.Knob.GAS_OUT, turns) != 0,
                last(KnobChange.Knob.LEAKING, turns) != 0,
                last(KnobChange.Knob.DIAL_STUCK, turns) != 0,
                seen.map(each -> each.canner().knobs().doused()).orElse(false),
                seen.map(each -> each.needle().psi()).orElse(null),
                seen.map(each -> each.plume().name().toLowerCase(Locale.ROOT)).orElse(null),
                seen.map(Instruments::jigglesPerMinute).orElse(0),
                seen.map(each -> each.canner().knobs().weightOn()).orElse(false),
                seen.map(each -> (int) Math.round(each.canner().waterLeft().millilitres()))
                        .orElse(0),
                seen.map(each -> each.canner().isDry()).orElse(false),
                seen.map(each -> each.canner().plugIsOpen()).orElse(false));
    }

    private static int last(KnobChange.Knob knob, List<KnobChange> turns) {
        return turns.stream()
                .filter(turn -> turn.knob() == knob)
                .reduce((first, last) -> last)
                .map(KnobChange::value)
                .orElse(0);
    }
}
