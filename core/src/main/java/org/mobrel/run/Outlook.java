package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mobrel.quantity.Minutes;

/**
 * When the heat can go off and the lid can come off, as far as can be told. Only in a hold is the first one certain; the rest rests on how
 * long the canner usually takes by itself, and nothing is decided by it.
 *
 * @param heatOff the likely instant; the certain one in a hold, the past one afterwards
 * @param leastToHeatOff however early everything else comes, so much lies between any "now" and the heat going off
 * @param zero when the pressure is likely to be gone
 * @param lidOff ten minutes after that
 */
public record Outlook(Instant heatOff, Duration leastToHeatOff, Instant zero, Instant lidOff) {

    /** How long a canner usually takes by itself. */
    public record Usual(Minutes heatUp, Minutes comeUp, Minutes coolDown) {}

    /** Empty where there is nothing to look out for: before the lid is on, and once it is off. */
    public static Optional<Outlook> of(RunPlan plan, RunState state, Usual usual, Instant clock) {
        Instant now = state.clock(clock);
        Duration process = plan.process().duration();
        Duration rise = usual.comeUp().duration();
        return switch (state.stage()) {
            case HEATING ->
                Optional.of(on(
                        later(
                                        now,
                                        state.when()
                                                .lidLockedAt()
                                                .orElse(now)
                                                .plus(usual.heatUp().duration()))
                                .plus(RunPlan.VENT)
                                .plus(rise)
                                .plus(process),
                        RunPlan.VENT.plus(process),
                        usual));
            case VENTING ->
                Optional.of(on(
                        now.plus(state.ventRemaining(now).orElse(RunPlan.VENT))
                                .plus(rise)
                                .plus(process),
                        process,
                        usual));
            case RISING ->
                Optional.of(on(
                        later(now, state.when().weightOnAt().orElse(now).plus(rise))
                                .plus(process),
                        process,
                        usual));
            case HOLDING ->
                state.earliestHeatOff(plan)
                        // Whether this hold counts at all is for the cook to say first.
                        .filter(end -> state.doubtSince().isEmpty() && !state.isUnderPressure())
                        .map(end -> on(later(now, end), Duration.ZERO, usual));
            case COOLING -> state.when().heatOffAt().map(off -> on(off, Duration.ZERO, usual));
            case DEPRESSURISED ->
                state.when().heatOffAt().map(off -> new Outlook(off, Duration.ZERO, now, now.plus(RunPlan.SETTLE)));
            case SETTLING ->
                state.when()
                        .weightOffAt()
                        .map(off -> new Outlook(
                                state.when().heatOffAt().orElse(off), Duration.ZERO, off, off.plus(RunPlan.SETTLE)));
            default -> Optional.empty();
        };
    }

    private static Outlook on(Instant heatOff, Duration least, Usual usual) {
        Instant zero = heatOff.plus(usual.coolDown().duration());
        return new Outlook(heatOff, least, zero, zero.plus(RunPlan.SETTLE));
    }

    private static Instant later(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }
}
