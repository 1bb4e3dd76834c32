package org.mobrel.steam;

import java.time.Duration;
import java.util.Optional;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

/**
 * What a cook sees and hears of a simulated canner: a needle that is off by its own error, trembles and sticks a little; the weight; the
 * steam from the vent.
 */
public final class Instruments {

    /** The steam at the vent, as it looks. */
    public enum Plume {
        NONE,
        WISP,
        STEADY
    }

    private static final Duration TICK = Duration.ofSeconds(1);
    private static final int NOISE_MILLI_PSI = 100;
    private static final int STICKS_BELOW_MILLI_PSI = 60;
    private static final int WISP_MG = 20;

    /** One jiggle lets out about so much steam. */
    private static final double MG_A_SECOND_PER_JIGGLE = 30;

    private final SimulatedCanner canner;
    private final GaugeError error;
    private int shown;
    private Optional<Integer> stuckAt = Optional.empty();

    public Instruments(SimulatedCanner canner, GaugeError error) {
        this.canner = canner;
        this.error = error;
    }

    /** Those of a canner that goes on from a moment. */
    Instruments(SimulatedCanner canner, GaugeError error, int shown, Optional<Integer> stuckAt) {
        this.canner = canner;
        this.error = error;
        this.shown = shown;
        this.stuckAt = stuckAt;
    }

    int shown() {
        return shown;
    }

    Optional<Integer> stuckAt() {
        return stuckAt;
    }

    public SimulatedCanner canner() {
        return canner;
    }

    /** Goes on to a time since the start; the needle follows second by second, however far apart the calls are. */
    public void until(Duration time) {
        while (canner.elapsed().compareTo(time) < 0) {
            Duration next = Duration.ofSeconds(canner.elapsed().toSeconds()).plus(TICK);
            canner.until(next.compareTo(time) < 0 ? next : time);
            // At whole seconds only: what the needle shows does not depend on how often it is looked at.
            if (canner.elapsed().toMillisPart() == 0) {
                follow();
            }
        }
    }

    private void follow() {
        int pressure = canner.pressure().milliPsi();
        int wanted = Math.max(0, pressure + (pressure > 0 ? error.milliPsi() + tremble() : 0));
        if (Math.abs(wanted - shown) >= STICKS_BELOW_MILLI_PSI || wanted == 0) {
            shown = wanted;
        }
    }

    /** The same second always trembles the same way, so that a run told again is the same run. */
    private int tremble() {
        long mixed = canner.elapsed().toSeconds() * 0x9E3779B97F4A7C15L;
        mixed ^= mixed >>> 29;
        return (int) Math.floorMod(mixed * 0xBF58476D1CE4E5B9L >>> 33, (long) NOISE_MILLI_PSI) - NOISE_MILLI_PSI / 2;
    }

    /** The needle stays where it is, whatever the pressure does; or goes free again. */
    public void stick(boolean stuck) {
        stuckAt = stuck ? stuckAt.or(() -> Optional.of(shown)) : Optional.empty();
    }

    /** The dial, as finely as it can be read: to a tenth of a psi. */
    public GaugePressure needle() {
        return new GaugePressure(Math.round(stuckAt.orElse(shown) / 100f) * 100);
    }

    /** How often the weight jiggles in a minute; 0 where it is still, or off. */
    public int jigglesPerMinute() {
        return canner.lifted() == 0
                ? 0
                : (int) Math.max(1, Math.round(canner.steamMilligrams() / MG_A_SECOND_PER_JIGGLE));
    }

    public Plume plume() {
        int steam = canner.steamMilligrams();
        if (canner.knobs().weightOn() || steam < WISP_MG) {
            return Plume.NONE;
        }
        return SimulatedCanner.isPlume(steam / 1e6) ? Plume.STEADY : Plume.WISP;
    }
}
