package org.mobrel.steam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

/** What is done in a scene shows on its instruments and in its jars; where it is left, it goes on. */
class SceneTest {

    private static final Altitude SEA = Altitude.ofFeet(0);
    private static final Vessel AT_TEN = Vessel.weighted(GaugePressure.ofPsi(10), SEA);
    private static final CannerContents SEVEN = new CannerContents(7, 0, CannerContents.USUAL_WATER, true);

    private static Scene scene() {
        return new Scene(AT_TEN, SEVEN, GaugeError.NONE);
    }

    private static SceneAct act(double minute, SceneAct.Kind kind, int value) {
        return new SceneAct(Duration.ofMillis(Math.round(minute * 60_000)), kind, value);
    }

    private static final List<SceneAct> TO_PRESSURE = List.of(
            act(0, SceneAct.Kind.BURNER, 100), act(24, SceneAct.Kind.WEIGHT, 1), act(31, SceneAct.Kind.BURNER, 40));

    private static Duration minutes(double minutes) {
        return Duration.ofMillis(Math.round(minutes * 60_000));
    }

    private static Sight after(Scene scene, double minutes, List<SceneAct> acts) {
        List<Sight> seen = scene.until(minutes(minutes), Duration.ofSeconds(30), acts);
        return seen.get(seen.size() - 1);
    }

    /** Knob to needle: what the published figures of a hot pack say, read off the instruments. */
    @Test
    void from_the_knob_to_the_needle_it_takes_its_time() {
        List<Sight> seen = scene().until(minutes(45), Duration.ofSeconds(1), TO_PRESSURE);
        Duration steady = first(seen, sight -> sight.plume() == Instruments.Plume.STEADY);
        assertThat(steady.toSeconds() / 60.0).isCloseTo(13.9, within(13.9 * 0.15));
        Duration ten = first(seen, sight -> sight.needle().milliPsi() >= 10_000);
        assertThat(ten.toSeconds() / 60.0 - 24).isCloseTo(5.6, within(5.6 * 0.15));
        Sight last = seen.get(seen.size() - 1);
        assertThat(last.jiggles()).isBetween(1, 9);
        assertThat(last.pressure().milliPsi()).isBetween(9_900, 10_600);
        assertThat(last.spilt()).isZero();
    }

    private static Duration first(List<Sight> seen, java.util.function.Predicate<Sight> so) {
        return seen.stream().filter(so).findFirst().orElseThrow().at();
    }

    @ParameterizedTest
    @ValueSource(ints = {250, 1_000, 7_000})
    void left_at_any_moment_and_gone_on_with_it_is_the_same_scene(int everyMillis) {
        Scene whole = scene();
        Sight expected = after(whole, 40, TO_PRESSURE);
        Scene parts = scene();
        for (double minute = 3.3; minute < 40; minute += 3.3) {
            parts.until(minutes(minute), Duration.ofMillis(everyMillis), TO_PRESSURE);
            parts = Scene.goingOn(AT_TEN, SEVEN, GaugeError.NONE, parts.snapshot());
        }
        assertThat(after(parts, 40, TO_PRESSURE)).isEqualTo(expected);
        assertThat(parts.snapshot()).isEqualTo(whole.snapshot());
    }

    @Test
    void a_snapshot_of_something_else_is_refused() {
        String good = scene().snapshot();
        List<String> bad = new ArrayList<>(List.of("", "1", "x", good + ".1", good.replaceFirst("1", "2")));
        String[] parts = good.split("\\.");
        for (int i = 1; i < parts.length; i++) {
            String[] other = parts.clone();
            other[i] = Long.toUnsignedString(Double.doubleToLongBits(Double.NaN), 36);
            bad.add(String.join(".", other));
        }
        for (String text : bad) {
            assertThatThrownBy(() -> Scene.goingOn(AT_TEN, SEVEN, GaugeError.NONE, text))
                    .as(text)
                    .isInstanceOfAny(IllegalArgumentException.class, ArithmeticException.class);
        }
    }

    @Test
    void a_nudged_weight_hisses_and_falls_back() {
        Scene scene = scene();
        Sight before = after(scene, 40, TO_PRESSURE);
        scene.act(act(40, SceneAct.Kind.NUDGE, 1));
        List<Sight> seen = scene.until(minutes(41), Duration.ofSeconds(1), List.of());
        assertThat(seen.get(0).steamMilligrams()).isGreaterThan(5 * before.steamMilligrams());
        assertThat(seen.get(5).pressure()).isLessThan(before.pressure());
        assertThat(seen.get(5).knobs().weightOn()).isTrue();
        assertThat(seen.get(0).knobs().weightOn()).isTrue();
    }

    /** What is lifted, opened or doused under pressure draws the jars empty; what cools by itself does not. */
    @ParameterizedTest
    @CsvSource({"BURNER, 0, 0, 3", "WEIGHT, 0, 25, 65", "LID, 1, 40, 65", "DOUSE, 1, 20, 65"})
    void pressure_that_goes_at_once_empties_jars(SceneAct.Kind kind, int value, int least, int most) {
        Scene scene = scene();
        after(scene, 60, TO_PRESSURE);
        scene.act(act(60, SceneAct.Kind.BURNER, 0));
        scene.act(act(60, kind, value));
        Sight end = after(scene, 110, List.of());
        assertThat(end.hasPressure()).isFalse();
        assertThat(end.spilt()).isBetween(least, most);
    }

    @Test
    void a_lid_that_is_off_makes_a_pot_of_it() {
        Scene scene = scene();
        after(scene, 60, TO_PRESSURE);
        Sight open = after(scene, 70, List.of(act(60, SceneAct.Kind.LID, 1), act(60.5, SceneAct.Kind.BURNER, 100)));
        assertThat(open.pressure()).isEqualTo(GaugePressure.ZERO);
        assertThat(open.steam().celsius()).isCloseTo(100, within(0.2));
        assertThat(open.steamMilligrams()).isZero();
        assertThat(open.knobs().lidOff()).isTrue();
        assertThat(open.water()).isLessThan(after(scene(), 60, TO_PRESSURE).water());
    }

    @Test
    void water_alone_comes_up_sooner_and_has_no_jars() {
        Scene alone = new Scene(AT_TEN, CannerContents.waterOnly(CannerContents.USUAL_WATER), GaugeError.NONE);
        List<Sight> seen = alone.until(minutes(20), Duration.ofSeconds(1), TO_PRESSURE);
        assertThat(first(seen, sight -> sight.plume() == Instruments.Plume.STEADY))
                .isLessThan(minutes(12));
        assertThat(seen.get(0).slowest()).isEmpty();
    }

    /** The picture for learners, in the standard run: quarts at 115 °C. */
    @ParameterizedTest
    @CsvSource({"BROTH, 105, 115, 115, 115", "CHUNKY, 95, 112, 115, 115", "PUREE, 80, 93, 106, 111"})
    void the_thicker_the_jar_the_later_its_slowest_point(
            Filling filling, double atStart, double after25, double after60, double after90) {
        List<Sight> seen = scene().until(minutes(121), Duration.ofSeconds(1), TO_PRESSURE);
        Duration clock = first(seen, sight -> sight.pressure().milliPsi() >= 10_000);
        double[] expected = {atStart, after25, after60, after90};
        int[] minutes = {0, 25, 60, 90};
        for (int i = 0; i < expected.length; i++) {
            int second = (int) clock.plus(minutes(minutes[i])).toSeconds();
            assertThat(Objects.requireNonNull(seen.get(second - 1).slowest().get(filling))
                            .celsius())
                    .as("%s after %s", filling, minutes[i])
                    .isCloseTo(expected[i], within(1.6));
        }
    }
}
