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
 * @param minutes a sight for each, the first after a minute
 * @param clockStarts index among them of the last before the clock starts; -1 if the pressure was never reached
 * @param start what is seen when it starts, or when it was given up
 */
public record InsideJar(List<Sight> minutes, int clockStarts, Sight start) {

    /** So long the picture goes on after the clock has started; longer than any process of these foods but fish. */
    private static final Duration SHOWN = Duration.ofMinutes(100);

    private static final Duration COOLING = Duration.ofMinutes(30);
    private static final Duration PATIENCE = Duration.ofHours(2);
    private static final Duration STEP = Duration.ofSeconds(5);
    private static final double ABOVE_PSI = 0.15;

    public InsideJar {
        minutes = List.copyOf(minutes);
    }

    /**
     * By the gauge, whatever air is left in there: so does a cook who vented too short.
     *
     * @param vent minutes of steady steam before the weight goes on
     */
    public static InsideJar of(PracticeCanner canner, Minutes vent) {
        Scene scene = canner.cold();
        List<Sight> minutes = new ArrayList<>();
        does(scene, SceneAct.Kind.BURNER, 100);
        while (scene.sight().plume() != Instruments.Plume.STEADY
                && scene.elapsed().compareTo(PATIENCE) < 0) {
            go(scene, minutes);
        }
        goFor(Duration.ofMinutes(vent.value()), scene, minutes, () -> {});
        does(scene, SceneAct.Kind.WEIGHT, 1);
        while (isBelow(scene, canner) && scene.elapsed().compareTo(PATIENCE) < 0) {
            go(scene, minutes);
        }
        Sight start = scene.sight();
        int clockStarts = isBelow(scene, canner) ? -1 : minutes.size() - 1;
        goFor(SHOWN, scene, minutes, () -> hold(scene, canner));
        does(scene, SceneAct.Kind.BURNER, 0);
        goFor(COOLING, scene, minutes, () -> {});
        return new InsideJar(minutes, clockStarts, start);
    }

    private static boolean isBelow(Scene scene, PracticeCanner canner) {
        return scene.sight().pressure().compareTo(canner.set()) < 0;
    }

    private static void goFor(Duration time, Scene scene, List<Sight> minutes, Runnable hand) {
        Duration end = scene.elapsed().plus(time);
        while (scene.elapsed().compareTo(end) < 0) {
            hand.run();
            go(scene, minutes);
        }
    }

    private static void go(Scene scene, List<Sight> minutes) {
        scene.until(scene.elapsed().plus(STEP), STEP, List.of());
        if (scene.elapsed().toSecondsPart() == 0) {
            minutes.add(scene.sight());
        }
    }

    /** A hand at the burner. */
    private static void hold(Scene scene, PracticeCanner canner) {
        double off = (canner.set().milliPsi() - scene.sight().pressure().milliPsi()) / 1_000.0;
        does(scene, SceneAct.Kind.BURNER, (int) Math.round(SteadyHand.percent(off + ABOVE_PSI)));
    }

    private static void does(Scene scene, SceneAct.Kind kind, int value) {
        scene.act(new SceneAct(scene.elapsed(), kind, value));
    }
}
