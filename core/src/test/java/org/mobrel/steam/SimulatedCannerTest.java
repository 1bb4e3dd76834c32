package org.mobrel.steam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;

/** The simulated canner takes the times that real ones take, within fifteen percent: from what a hand does to what the needle shows. */
class SimulatedCannerTest {

    private static final Altitude SEA = Altitude.ofFeet(0);
    private static final Vessel AT_TEN = Vessel.weighted(GaugePressure.ofPsi(10), SEA);
    private static final CannerContents SEVEN_QUARTS = new CannerContents(7, 0, CannerContents.USUAL_WATER, true);

    private Scene scene = new Scene(AT_TEN, SEVEN_QUARTS, GaugeError.NONE);

    private SimulatedCanner canner() {
        return scene.instruments.canner();
    }

    private void does(SceneAct.Kind kind, int value) {
        scene.act(new SceneAct(scene.elapsed(), kind, value));
    }

    /** A step on; the needle never strays from the truth by more than it trembles and sticks. */
    private void step() {
        scene.until(scene.elapsed().plus(SimulatedCanner.STEP), SimulatedCanner.STEP, List.of());
        if (scene.elapsed().toMillisPart() == 0 && psi() > 0.5) {
            assertThat(scene.sight().needle().milliPsi() / 1_000.0).isCloseTo(psi(), within(0.25));
        }
    }

    private static void about(double measured, double expected) {
        assertThat(measured).isCloseTo(expected, within(expected * 0.15));
    }

    private double minutes() {
        return canner().elapsed().toMillis() / 60_000.0;
    }

    private double psi() {
        return canner().pressure().milliPsi() / 1_000.0;
    }

    private double litres() {
        return canner().waterLeft().millilitres() / 1_000;
    }

    /** How many minutes until something is so. */
    private double until(BooleanSupplier so) {
        double from = minutes();
        while (!so.getAsBoolean() && minutes() < from + 300) {
            step();
        }
        return minutes() - from;
    }

    private double steady() {
        does(SceneAct.Kind.BURNER, 100);
        return until(() -> SimulatedCanner.isPlume(canner().steamMilligrams() / 1e6));
    }

    private void go(double minutes) {
        double end = minutes() + minutes;
        while (minutes() < end) {
            step();
        }
    }

    /** On high heat to ten psi after so many minutes of venting; says how long the rise took. */
    private double atTenAfterVenting(double minutes) {
        steady();
        go(minutes);
        does(SceneAct.Kind.WEIGHT, 1);
        return until(() -> psi() >= 10);
    }

    /** A careful hand at the burner. */
    private void keep(double psi, double minutes) {
        double end = minutes() + minutes;
        while (minutes() < end) {
            int percent = (int) Math.max(0, Math.min(100, 30 + (psi - psi()) * 200));
            does(SceneAct.Kind.BURNER, percent);
            step();
        }
    }

    @Test
    void seven_hot_quarts() {
        about(steady(), 13.9);
        double before = litres();
        go(10);
        about(before - litres(), 0.26);
        does(SceneAct.Kind.WEIGHT, 1);
        about(until(() -> psi() >= 10), 5.6);
        before = litres();
        keep(10.15, 90);
        about(before - litres(), 0.40);
        does(SceneAct.Kind.BURNER, 0);
        about(until(() -> psi() < 0.05), 36.5);
    }

    @Test
    void a_cold_raw_pack_takes_its_time() {
        scene = new Scene(AT_TEN, new CannerContents(7, 0, CannerContents.USUAL_WATER, false), GaugeError.NONE);
        about(steady(), 39);
        go(10);
        does(SceneAct.Kind.WEIGHT, 1);
        until(() -> psi() >= 10);
        about(minutes(), 55);
    }

    @Test
    void sixteen_pints_in_a_larger_canner() {
        scene = new Scene(
                AT_TEN.holding(Volume.ofMillilitres(24_000)),
                new CannerContents(0, 16, CannerContents.USUAL_WATER, true),
                GaugeError.NONE);
        about(steady(), 17);
        go(10);
        does(SceneAct.Kind.WEIGHT, 1);
        about(until(() -> psi() >= 10), 7);
        keep(10.15, 75);
        does(SceneAct.Kind.BURNER, 0);
        about(until(() -> psi() < 0.05), 43);
    }

    @Test
    void a_weight_on_high_heat_holds_the_pressure_and_boils_the_water_away() {
        atTenAfterVenting(10);
        double full = litres();
        go(60);
        about(psi(), 10.8);
        about(full - litres(), 1.9);
        about(60 + until(() -> litres() < 0.25), 71);
        until(canner()::isDry);
        assertThat(canner().isDry()).isTrue();
    }

    @Test
    void a_dial_on_high_heat_runs_away_until_the_plug_goes() {
        scene = new Scene(Vessel.dial(SEA), SEVEN_QUARTS, GaugeError.NONE);
        atTenAfterVenting(10);
        until(() -> psi() >= 11);
        about(until(() -> psi() >= 15), 2.5);
        about(until(canner()::plugIsOpen), 2.9);
        go(5);
        assertThat(psi()).isLessThan(1);
    }

    @ParameterizedTest
    @CsvSource({"0, 0.5, 1.8", "5, 0.6, 2.3", "10, 0.7, 3.4", "15, 1.0, 8.2"})
    void a_burner_set_too_low_loses_the_pressure(int percent, double belowTen, double belowNine) {
        atTenAfterVenting(10);
        keep(10.33, 30);
        does(SceneAct.Kind.BURNER, percent);
        double ten = until(() -> psi() < 10);
        about(ten, belowTen);
        about(ten + until(() -> psi() < 9), belowNine);
    }

    @ParameterizedTest
    @CsvSource({"0, 3.8", "2, 1.7", "5, 0.5", "10, 0.06"})
    void a_vent_cut_short_leaves_the_steam_cooler_than_the_gauge_says(double minutes, double cooler) {
        atTenAfterVenting(minutes);
        double by = canner().coolerByMillikelvin() / 1_000.0;
        assertThat(by).isCloseTo(cooler, within(Math.max(0.02, cooler * 0.15)));
    }

    @Test
    void cold_water_poured_over_it_leaves_the_jars_boiling() {
        atTenAfterVenting(10);
        keep(10.15, 90);
        does(SceneAct.Kind.BURNER, 0);
        does(SceneAct.Kind.DOUSE, 1);
        assertThat(until(() -> psi() < 0.05)).isLessThan(1);
        about(canner().foodAboveBoilingMillikelvin() / 1_000.0, 13);
    }

    @Test
    void a_blown_gasket_and_an_empty_gas_bottle_both_lose_the_pressure() {
        atTenAfterVenting(10);
        keep(10.15, 20);
        does(SceneAct.Kind.BURNER, 40);
        does(SceneAct.Kind.LEAK, 1);
        assertThat(until(() -> psi() < 9)).isLessThan(10);
        does(SceneAct.Kind.BURNER, 100);
        does(SceneAct.Kind.LEAK, 0);
        until(() -> psi() >= 10);
        does(SceneAct.Kind.GAS_OUT, 1);
        assertThat(until(() -> psi() < 9)).isLessThan(3);
    }

    @Test
    void the_needle_trembles_the_same_way_however_often_it_is_looked_at() {
        Instruments often = instruments();
        Instruments seldom = instruments();
        for (int second = 0; second < 3_000; second += 7) {
            often.until(Duration.ofSeconds(second));
        }
        often.until(Duration.ofSeconds(3_000));
        seldom.until(Duration.ofSeconds(3_000));
        assertThat(seldom.needle()).isEqualTo(often.needle());
        assertThat(often.plume()).isEqualTo(Instruments.Plume.STEADY);
        often.canner().turn(often.canner().knobs().weight(true));
        often.until(Duration.ofSeconds(3_480));
        double off = often.needle().milliPsi() - often.canner().pressure().milliPsi();
        assertThat(off).isCloseTo(500, within(160.0));
        assertThat(often.jigglesPerMinute()).isGreaterThan(4);
        often.stick(true);
        GaugePressure stuck = often.needle();
        often.canner().turn(Knobs.OFF.weight(true));
        often.until(Duration.ofSeconds(4_500));
        assertThat(often.needle()).isEqualTo(stuck);
        assertThat(often.jigglesPerMinute()).isZero();
        often.stick(false);
        assertThat(often.needle().milliPsi()).isLessThan(stuck.milliPsi() - 2_000);
    }

    private static Instruments instruments() {
        SimulatedCanner canner = new SimulatedCanner(AT_TEN, SEVEN_QUARTS);
        canner.turn(Knobs.OFF.burner(100));
        return new Instruments(canner, new GaugeError(500));
    }
}
