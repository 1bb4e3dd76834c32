package org.mobrel.steam;

import java.time.Duration;
import java.util.Map;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Temperature;
import org.mobrel.quantity.Volume;

/**
 * A simulated canner at a moment: what a cook sees and hears of it, and what only a picture can show.
 *
 * @param at since the burner was lit
 * @param needle what its dial shows
 * @param pressure the true pressure
 * @param jiggles of the weight, in a minute
 * @param steamMilligrams that leave in a second
 * @param steam the temperature in the canner
 * @param coolerMilliKelvin by so much air keeps the steam cooler than the pressure says
 * @param slowest the slowest point of a jar with each filling; empty without jars
 * @param spilt percent of the jars' liquid that was drawn out of them
 */
public record Sight(
        Duration at,
        Knobs knobs,
        GaugePressure needle,
        GaugePressure pressure,
        Instruments.Plume plume,
        int jiggles,
        int steamMilligrams,
        Volume water,
        Temperature steam,
        int coolerMilliKelvin,
        Map<Filling, Temperature> slowest,
        int spilt,
        boolean plugOpen,
        boolean dry) {

    /** The needle never shows less than this of what little is left. */
    private static final int ALMOST_NOTHING_MILLI_PSI = 50;

    public Sight {
        slowest = Map.copyOf(slowest);
    }

    public boolean hasPressure() {
        return pressure.milliPsi() >= ALMOST_NOTHING_MILLI_PSI;
    }

    public Duration since(Duration before) {
        return at.minus(before);
    }
}
