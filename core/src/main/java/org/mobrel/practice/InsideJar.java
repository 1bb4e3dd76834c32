package org.mobrel.practice;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.mobrel.quantity.Minutes;
import org.mobrel.steam.Instruments;
import org.mobrel.steam.Scene;
import org.mobrel.steam.SceneAct;
import org.mobrel.steam.Sight;

/**
 * A whole load as a picture: the canner and the slowest point of its jars, minute by minute, from the lit burner to the cold canner. An
 * illustration; it sets no time.
 *
 * @param vent minutes of steady steam before the weight goes on
 * @param minutes a sight for each, the first after a minute
 * @param clockStarts index among them of the minute in which the clock starts; -1 if the pressure was never reached
 */
public record InsideJar(Minutes vent, List<Sight> minutes, int clockStarts) {

    /** So long the picture goes on after the clock has started; longer than any process of these foods but fish. */
    private static final Duration SHOWN = Duration.ofMinutes(100);

    private static final Duration COOLING = Duration.ofMinutes(30);
    private static final Duration MINUTE = Duration.ofMinutes(1);
    private static final Duration PATIENCE = Duration.ofHours(2);
    private static final int HOLDING_PERCENT = 24;
    private static final double PERCENT_A_PSI = 60;

    public InsideJar {
        minutes = List.copyOf(minutes);
    }

    /** By the gauge, whatever air is left in there: so does a cook who vented too short. */
    public static InsideJar of(PracticeCanner canner, Minutes vent) {
        Scene scene = canner.cold();
        List<Sight> minutes = new ArrayList<>();
        does(scene, SceneAct.Kind.BURNER, 100);
        while (scene.sight().plume() != Instruments.Plume.STEADY
                && scene.elapsed().compareTo(PATIENCE) < 0) {
            minutes.addAll(scene.until(scene.elapsed().plus(MINUTE), MINUTE, List.of()));
        }
        for (int minute = 0; minute < vent.value(); minute++) {
            minutes.addAll(scene.until(scene.elapsed().plus(MINUTE), MINUTE, List.of()));
        }
        does(scene, SceneAct.Kind.WEIGHT, 1);
        while (scene.sight().pressure().compareTo(canner.set()) < 0
                && scene.elapsed().compareTo(PATIENCE) < 0) {
            hold(scene, canner, minutes);
        }
        int start = scene.sight().pressure().compareTo(canner.set()) < 0 ? -1 : minutes.size() - 1;
        Duration end = scene.elapsed().plus(SHOWN);
        while (scene.elapsed().compareTo(end) < 0) {
            hold(scene, canner, minutes);
        }
        does(scene, SceneAct.Kind.BURNER, 0);
        minutes.addAll(scene.until(scene.elapsed().plus(COOLING), MINUTE, List.of()));
        return new InsideJar(vent, minutes, start);
    }

    /** A minute with a hand at the burner. */
    private static void hold(Scene scene, PracticeCanner canner, List<Sight> minutes) {
        Duration end = scene.elapsed().plus(MINUTE);
        while (scene.elapsed().compareTo(end) < 0) {
            double off = (canner.set().milliPsi() - scene.sight().pressure().milliPsi()) / 1_000.0;
            int percent = (int) Math.max(0, Math.min(100, Math.round(HOLDING_PERCENT + (off + 0.1) * PERCENT_A_PSI)));
            does(scene, SceneAct.Kind.BURNER, percent);
            scene.until(scene.elapsed().plusSeconds(5), Duration.ofSeconds(5), List.of());
        }
        minutes.add(scene.sight());
    }

    private static void does(Scene scene, SceneAct.Kind kind, int value) {
        scene.act(new SceneAct(scene.elapsed(), kind, value));
    }
}
