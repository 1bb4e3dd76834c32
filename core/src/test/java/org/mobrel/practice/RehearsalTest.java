package org.mobrel.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.steam.Scene;
import org.mobrel.steam.SceneAct;
import org.mobrel.steam.Sight;

/** A rehearsal leads through its steps, counts ten minutes within a pound, and says what went wrong. */
class RehearsalTest {

    private static PracticeCanner water(GaugeKind gauge, int psi) {
        return new PracticeCanner(
                gauge,
                GaugePressure.ofPsi(psi),
                Altitude.ofFeet(600),
                false,
                0,
                0,
                Volume.ofMillilitres(2_840),
                true,
                GaugeError.NONE);
    }

    /** Somebody at the stove who does at each step what it asks, or something else once. */
    private static final class Hand {
        private final PracticeCanner canner;
        private final Scene scene;
        private Rehearsal rehearsal;
        private final List<String> steps = new ArrayList<>();
        private final String mistake;
        private boolean made;

        Hand(PracticeCanner canner, String mistake) {
            this.canner = canner;
            this.scene = canner.cold();
            this.rehearsal = Rehearsal.of(canner);
            this.mistake = mistake;
            act(SceneAct.Kind.BURNER, 100);
        }

        private void act(SceneAct.Kind kind, int value) {
            scene.act(new SceneAct(scene.elapsed(), kind, value));
        }

        private boolean errs(String what) {
            boolean now = mistake.equals(what) && !made;
            made |= now;
            return now;
        }

        void rehearse() {
            for (int second = 0; second < 4 * 3_600 && !rehearsal.isOver(); second++) {
                Sight sight = scene.until(scene.elapsed().plusSeconds(1), Duration.ofSeconds(1), List.of())
                        .get(0);
                rehearsal.see(sight);
                // Put down and taken up again at every second.
                rehearsal = Rehearsal.goingOn(canner, rehearsal.note());
                String step = rehearsal.step().code();
                if (steps.isEmpty() || !steps.get(steps.size() - 1).equals(step)) {
                    steps.add(step);
                }
                does(sight);
            }
        }

        private void does(Sight sight) {
            double mark = canner.set().milliPsi() / 1_000.0;
            double psi = (canner.isDial() ? sight.needle() : sight.pressure()).milliPsi() / 1_000.0;
            switch (rehearsal.step()) {
                case VENT -> {
                    if (rehearsal.inStep().toSeconds() > 100 && errs("vent-cut")) {
                        act(SceneAct.Kind.WEIGHT, 1);
                    }
                }
                case WEIGHT -> act(SceneAct.Kind.WEIGHT, 1);
                case HOLD -> hold(mark, psi);
                case HEAT_OFF -> act(SceneAct.Kind.BURNER, 0);
                case COOL -> {
                    if (errs("forced")) {
                        act(SceneAct.Kind.DOUSE, 1);
                    } else if (errs("opened-under-pressure")) {
                        act(SceneAct.Kind.LID, 1);
                    }
                }
                case WEIGHT_OFF -> act(SceneAct.Kind.WEIGHT, 0);
                case WAIT -> {
                    if (errs("lid-too-soon")) {
                        act(SceneAct.Kind.LID, 1);
                    }
                }
                case LID -> act(SceneAct.Kind.LID, 1);
                case HEAT, RISE -> act(SceneAct.Kind.BURNER, 100);
                case DONE -> {}
            }
        }

        private void hold(double mark, double psi) {
            if (mistake.equals("too-low") && !made) {
                made = rehearsal.slips(Rehearsal.Slip.TOO_LOW) > 0;
                act(SceneAct.Kind.BURNER, 0);
            } else if (mistake.equals("too-high") && !made) {
                made = rehearsal.slips(Rehearsal.Slip.TOO_HIGH) > 0;
                act(SceneAct.Kind.BURNER, 100);
            } else {
                act(SceneAct.Kind.BURNER, (int) Math.max(0, Math.min(100, 22 + (mark + 0.35 - psi) * 80)));
            }
        }
    }

    private static Map<String, Integer> slips(Rehearsal rehearsal) {
        Map<String, Integer> slips = new TreeMap<>();
        for (Rehearsal.Slip slip : Rehearsal.Slip.values()) {
            if (rehearsal.slips(slip) > 0) {
                slips.put(slip.code(), rehearsal.slips(slip));
            }
        }
        return slips;
    }

    @ParameterizedTest
    @CsvSource({"DIAL, 11", "WEIGHTED, 10", "WEIGHTED, 15", "DIAL, 13"})
    void step_by_step_to_its_end(GaugeKind gauge, int psi) {
        Hand hand = new Hand(water(gauge, psi), "none");
        hand.rehearse();
        assertThat(hand.steps)
                .containsExactly(
                        "heat",
                        "vent",
                        "weight",
                        "rise",
                        "hold",
                        "heat-off",
                        "cool",
                        "weight-off",
                        "wait",
                        "lid",
                        "done");
        assertThat(hand.rehearsal.isPassed()).isTrue();
        assertThat(slips(hand.rehearsal)).isEmpty();
        assertThat(hand.rehearsal.furthest()).isLessThanOrEqualTo(GaugePressure.ofPsi(1));
    }

    @ParameterizedTest
    @CsvSource({
        "vent-cut, DIAL, false",
        "too-low, DIAL, true",
        "too-low, WEIGHTED, true",
        "too-high, DIAL, true",
        "too-high, WEIGHTED, true",
        "forced, DIAL, false",
        "opened-under-pressure, WEIGHTED, false",
        "lid-too-soon, DIAL, false"
    })
    void what_goes_wrong_is_said_and_some_of_it_fails(String mistake, GaugeKind gauge, boolean passes) {
        Hand hand = new Hand(water(gauge, gauge == GaugeKind.DIAL ? 11 : 10), mistake);
        hand.rehearse();
        assertThat(hand.rehearsal.isOver()).isTrue();
        assertThat(slips(hand.rehearsal)).containsEntry(mistake, 1);
        assertThat(hand.rehearsal.isPassed()).isEqualTo(passes);
    }

    @ParameterizedTest
    @ValueSource(strings = {"x", "1-2", "99-0-0-0-0-0-0-0-0-0-0-0-0-0", "1--2-0-0-0-0-0-0-0-0-0-0-0-0"})
    void a_note_of_something_else_is_refused(String note) {
        PracticeCanner canner = water(GaugeKind.DIAL, 11);
        assertThatThrownBy(() -> Rehearsal.goingOn(canner, note)).isInstanceOf(IllegalArgumentException.class);
    }
}
