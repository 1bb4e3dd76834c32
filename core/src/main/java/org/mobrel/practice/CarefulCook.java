package org.mobrel.practice;

import java.time.Duration;
import java.util.List;
import java.util.function.Predicate;
import org.mobrel.steam.Instruments;
import org.mobrel.steam.Scene;
import org.mobrel.steam.SceneAct;
import org.mobrel.steam.Sight;

/** Somebody who does everything right, and so brings a canner to the moment at which a drill begins. */
public final class CarefulCook {

    private static final Duration TICK = Duration.ofSeconds(1);
    private static final Duration VENT = Duration.ofMinutes(10);
    private static final int FULL = 100;

    private static final double ABOVE_PSI = 0.25;

    /** How much the last five seconds weigh beside those before. */
    private static final double LATELY = 0.08;

    /** Longer than any canner takes to come to a moment; past it there is something wrong with the model. */
    private static final Duration PATIENCE = Duration.ofHours(3);

    private final PracticeCanner canner;
    private final Scene scene;

    private CarefulCook(PracticeCanner canner) {
        this.canner = canner;
        this.scene = canner.cold();
    }

    /** A scene at a moment. */
    public static Scene at(PracticeCanner canner, Moment moment) {
        CarefulCook cook = new CarefulCook(canner);
        cook.bringTo(moment);
        return cook.scene;
    }

    private void bringTo(Moment moment) {
        Moment.Stage stage = moment.stage();
        if (stage == Moment.Stage.COLD) {
            return;
        }
        does(SceneAct.Kind.BURNER, FULL);
        if (stage == Moment.Stage.HEATING) {
            go(Duration.ofMinutes(moment.amount()));
            return;
        }
        until(sight -> sight.plume() == Instruments.Plume.STEADY);
        if (stage == Moment.Stage.VENTING) {
            go(Duration.ofMinutes(moment.amount()));
            return;
        }
        go(VENT);
        does(SceneAct.Kind.WEIGHT, 1);
        if (stage == Moment.Stage.RISING) {
            until(sight -> sight.pressure().milliPsi() >= moment.amount());
            return;
        }
        until(sight -> seen(sight) >= canner.set().milliPsi());
        hold(stage == Moment.Stage.HOLDING ? Duration.ofMinutes(moment.amount()) : Duration.ofMinutes(25));
        if (stage == Moment.Stage.COOLING) {
            does(SceneAct.Kind.BURNER, 0);
            until(sight -> sight.pressure().milliPsi() <= moment.amount());
        }
    }

    /** A cook goes by the needle of a dial; a weight needs none. */
    private int seen(Sight sight) {
        return canner.isDial() ? sight.needle().milliPsi() : sight.pressure().milliPsi();
    }

    /** A little more heat below the mark, a little less above it; at the end the knob is left about where it was lately. */
    private void hold(Duration time) {
        Duration end = scene.elapsed().plus(time);
        double wanted = canner.set().milliPsi() / 1_000.0 + ABOVE_PSI;
        double usual = SteadyHand.HOLDING_PERCENT;
        while (scene.elapsed().compareTo(end) < 0) {
            double off = wanted - seen(scene.sight()) / 1_000.0;
            double percent = SteadyHand.percent(off);
            usual += (percent - usual) * LATELY;
            does(SceneAct.Kind.BURNER, (int) Math.round(percent));
            go(TICK.multipliedBy(5));
        }
        does(SceneAct.Kind.BURNER, (int) Math.round(usual));
    }

    private void does(SceneAct.Kind kind, int value) {
        scene.act(new SceneAct(scene.elapsed(), kind, value));
    }

    private void go(Duration time) {
        scene.until(scene.elapsed().plus(time), time.isZero() ? TICK : time, List.of());
    }

    private void until(Predicate<Sight> so) {
        while (!so.test(scene.sight())) {
            if (scene.elapsed().compareTo(PATIENCE) > 0) {
                throw new IllegalStateException("a canner that does not come to its moment: " + canner);
            }
            go(TICK);
        }
    }
}
