package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/** What the timelines leave open: checks one by one, interruptions, what comes due, jars that did not seal. */
class RunRulesTest extends RunLog {
    private static final RunPlan WEIGHT =
            new RunPlan(new Minutes(60), GaugePressure.ofPsi(10), GaugeKind.WEIGHTED, 7, new Jiggles(1, 4));
    private static final Outlook.Usual USUAL = new Outlook.Usual(new Minutes(20), new Minutes(8), new Minutes(40));

    @Test
    void every_check_is_ticked_or_waived_by_name_before_the_jars_go_in() {
        for (CheckTick.Check check : CheckTick.Check.ALWAYS) {
            assertThat(state(1).stage()).isEqualTo(Stage.CHECKS);
            boolean old = check == CheckTick.Check.GAUGE;
            RunEvent tick = RunEvent.of(EventKind.CHECK, new CheckTick(check, old), at(1));
            if (old) {
                assertThat(tell(tick)).map(Refusal::why).contains("nobody-answers");
            }
            assertThat(tell(tick.with("Ines: tested 13 months ago"))).isEmpty();
        }
        assertThat(state(1).stage()).isEqualTo(Stage.LOADING);
        assertThat(state(1).checks())
                .containsEntry(CheckTick.Check.GAUGE, true)
                .containsEntry(CheckTick.Check.RACK, false);
        tell(RunEvent.of(EventKind.JAR_IN, new JarSeat(7), at(2)));
        assertThat(tell(RunEvent.of(EventKind.JAR_IN, new JarSeat(8), at(2))))
                .map(Refusal::why)
                .contains("no-such-jar");
        assertThat(state(2).loaded()).containsExactly(7);
    }

    @Test
    void a_care_point_that_is_switched_on_is_ticked_or_waived_before_the_lid() {
        plan = new RunPlan(
                plan.process(),
                plan.target(),
                plan.gauge(),
                plan.jars(),
                plan.jiggles(),
                plan.startWater(),
                plan.zeroNotBefore(),
                Set.of(CheckTick.Check.LID_EVEN, CheckTick.Check.CLAMPS, CheckTick.Check.RIM_NICKS));
        tell(RunEvent.of(EventKind.CHECK, new CheckTick(CheckTick.Check.RIM_NICKS, false), at(0)));
        assertThat(state(0).stage()).isEqualTo(Stage.CHECKS);
        tell(0, EventKind.CHECKS_DONE);
        assertThat(tell(RunEvent.of(EventKind.CHECK, new CheckTick(CheckTick.Check.RACK, false), at(1))))
                .as("the checks of every run are done before the first jar")
                .isPresent();
        assertThat(tell(RunEvent.of(EventKind.LID_LOCKED, at(1))))
                .map(Refusal::text)
                .contains(
                        "Not looked at yet: lid even all round and clamps closed in opposite pairs. Tick it, or waive it.");
        tell(RunEvent.of(EventKind.CHECK, new CheckTick(CheckTick.Check.LID_EVEN, false), at(1)));
        RunEvent waived = RunEvent.of(EventKind.CHECK, new CheckTick(CheckTick.Check.CLAMPS, true), at(1));
        assertThat(tell(waived)).map(Refusal::why).contains("nobody-answers");
        assertThat(tell(RunEvent.of(EventKind.LID_LOCKED, at(1))))
                .map(Refusal::why)
                .contains("care-open");
        tell(waived.with("Ines: this one has a twist lid"));
        assertThat(state(1).stage()).isEqualTo(Stage.LOADING);
        assertThat(tell(RunEvent.of(EventKind.LID_LOCKED, at(2)))).isEmpty();
        assertThat(state(2).stage()).isEqualTo(Stage.HEATING);
    }

    @Test
    void a_gauge_that_sends_by_itself_may_show_zero_until_its_needle_has_left_the_pin() {
        tell(0, EventKind.CHECKS_DONE);
        assertThat(tell(RunEvent.reading(dial(0), at(1)).by(Reporter.gauge("probe"))))
                .map(Refusal::why)
                .contains("not-begun");
        tell(2, EventKind.LID_LOCKED);
        assertThat(tell(RunEvent.reading(dial(0), at(5)).by(Reporter.gauge("probe"))))
                .isEmpty();
        tell(14, EventKind.STEAM_STEADY);
        tell(24, EventKind.WEIGHT_ON);
        tell(RunEvent.reading(dial(0), at(24.2)).by(Reporter.gauge("probe")));
        assertThat(state(24.2).stage()).isEqualTo(Stage.RISING);
        tell(RunEvent.reading(dial(2), at(26)).by(Reporter.gauge("probe")));
        tell(RunEvent.reading(dial(0), at(27)).by(Reporter.gauge("probe")));
        assertThat(state(27).stage()).isEqualTo(Stage.HEATING);
    }

    @ParameterizedTest
    @CsvSource({"20, heating, vent-interrupted", "30, rising, ''", "50, rising, interrupted", "95, holding, ''"})
    void an_interruption_voids_the_vent_before_pressure_and_the_hold_after_it(
            double minute, String stage, String deviation) {
        tell(0, EventKind.CHECKS_DONE);
        tell(2, EventKind.LID_LOCKED);
        tell(14, EventKind.STEAM_STEADY);
        if (minute > 24) {
            tell(24, EventKind.WEIGHT_ON);
        }
        if (minute > 33) {
            read(33, 11);
        }
        tell(minute, EventKind.AWAY);
        tell(minute, EventKind.INTERRUPTED);
        assertThat(state(minute).stage().code()).isEqualTo(stage);
        assertThat(deviations(minute)).isEqualTo(deviation);
    }

    @ParameterizedTest
    @CsvSource({"0, rising", "1, holding", "4, holding", "9, holding"})
    void jiggles_a_minute_are_judged_by_the_range_of_this_weight(int perMinute, String stage) {
        plan = WEIGHT;
        tell(0, EventKind.CHECKS_DONE);
        tell(2, EventKind.LID_LOCKED);
        tell(14, EventKind.STEAM_STEADY);
        tell(24, EventKind.WEIGHT_ON);
        InstrumentReading heard = InstrumentReading.ofJiggles(perMinute);
        tell(RunEvent.reading(heard, at(30)));
        assertThat(state(30).stage().code()).isEqualTo(stage);
        assertThat(plan.isTooHigh(heard)).isEqualTo(perMinute > 4);
        read(31, 0);
        assertThat(state(31).stage().code())
                .as("a dial beside the weight is only noted")
                .isEqualTo(stage);
    }

    @Test
    void a_hold_without_a_look_keeps_its_clock_and_the_gap_is_kept() {
        holding().read(43, 11);
        read(80, 11.2);
        assertThat(state(95).gaps()).containsExactly(new Gap(at(43), at(80)));
        assertThat(state(95).gaps().get(0).missedLooks()).isEqualTo(3);
        assertThat(state(95).holdComplete()).isTrue();
        assertThat(deviations(95)).isEmpty();
        log.remove(log.size() - 1);
        assertThat(state(95).gaps()).containsExactly(new Gap(at(43), at(93)));
    }

    @Test
    void what_comes_due_is_known_beforehand() {
        tell(0, EventKind.CHECKS_DONE);
        tell(2, EventKind.LID_LOCKED);
        assertThat(dues(2)).containsExactly("steam-late 47");
        tell(14, EventKind.STEAM_STEADY);
        assertThat(dues(14)).containsExactly("weight-on 24", "vent-long 29");
        tell(24, EventKind.WEIGHT_ON);
        assertThat(dues(24)).containsExactly("no-pressure 44");
        read(33, 11);
        assertThat(dues(33)).containsExactly("look 43", "reading-missing 48", "heat-off 93");
        read(85, 11);
        assertThat(dues(85)).containsExactly("heat-off 93");
        tell(93, EventKind.HEAT_OFF);
        tell(130, EventKind.PRESSURE_ZERO);
        tell(131, EventKind.WEIGHT_OFF);
        assertThat(dues(131)).containsExactly("lid-off 141");
        tell(141, EventKind.LID_OFF);
        assertThat(dues(141)).containsExactly("jars-inside 171");
        tell(150, EventKind.JARS_OUT);
        assertThat(dues(150)).containsExactly("seal-check 870", "seal-check-late 1473");
    }

    @Test
    void water_is_foretold_at_the_rate_it_goes_now() {
        plan = anHourOnLittleWater();
        tell(0, EventKind.CHECKS_DONE);
        assertThat(dues(1)).isEmpty();
        tell(2, EventKind.LID_LOCKED);
        assertThat(dues(2)).containsExactly("water-low 42", "water-dry 62", "steam-late 47");
        tell(12, EventKind.STEAM_STEADY);
        tell(22, EventKind.WEIGHT_ON);
        read(32, 11);
        // Half is gone; 533 mL more is a third left: at 0.27 L an hour that is 59 min on.
        assertThat(dues(32)).contains("water-low 91", "water-dry 209");
        read(40, 15);
        assertThat(dues(40)).as("far above the mark").contains("water-low 48", "water-dry 68");
        assertThat(dues(90)).as("what has come stays").contains("water-low 48", "water-dry 68");
    }

    private Stream<String> dues(double minute) {
        return Due.of(plan, state(minute)).stream()
                .map(due -> due.what() + " " + Duration.between(START, due.at()).toMinutes());
    }

    @Test
    void heat_off_and_lid_off_are_foretold_and_in_a_hold_certain() {
        tell(0, EventKind.CHECKS_DONE);
        assertThat(Outlook.of(plan, state(1), USUAL, at(1))).isEmpty();
        tell(2, EventKind.LID_LOCKED);
        assertThat(foretold(5)).isEqualTo("100 70 150");
        assertThat(foretold(40)).as("slower than usual").isEqualTo("118 70 168");
        tell(40, EventKind.STEAM_STEADY);
        assertThat(foretold(45)).isEqualTo("118 60 168");
        tell(50, EventKind.WEIGHT_ON);
        assertThat(foretold(52)).isEqualTo("118 60 168");
        read(55, 11);
        assertThat(foretold(60)).isEqualTo("115 0 165");
        tell(115, EventKind.HEAT_OFF);
        assertThat(foretold(120)).isEqualTo("115 0 165");
    }

    private String foretold(double minute) {
        Outlook outlook = Outlook.of(plan, state(minute), USUAL, at(minute)).orElseThrow();
        return "%s %s %s"
                .formatted(
                        Duration.between(START, outlook.heatOff()).toMinutes(),
                        outlook.leastToHeatOff().toMinutes(),
                        Duration.between(START, outlook.lidOff()).toMinutes());
    }

    @Test
    void a_run_given_up_waits_for_a_word_about_its_jars() {
        holding().tell(50, EventKind.STOP_EARLY);
        assertThat(state(50).decideBy()).contains(at(50 + 24 * 60));
        assertThat(state(50).awaitsDecision()).isTrue();
        tell(RunEvent.of(EventKind.DECIDED, Decision.REFRIGERATED, at(60)));
        assertThat(state(60).isClosed()).isTrue();
        assertThat(state(60).decision()).contains(Decision.REFRIGERATED);
    }

    /** Out of the canner and rested at minute 900, the heat off at minute 93. */
    private RunRulesTest rested() {
        holding().tell(93, EventKind.HEAT_OFF);
        tell(130, EventKind.PRESSURE_ZERO);
        tell(131, EventKind.WEIGHT_OFF);
        tell(141, EventKind.LID_OFF);
        tell(150, EventKind.JARS_OUT);
        return this;
    }

    private Optional<Refusal> settle(double minute, int jar, Decision decision) {
        return tell(RunEvent.of(EventKind.JAR_SETTLED, new JarFate(jar, decision), at(minute)));
    }

    @Test
    void an_unsealed_jar_keeps_the_run_open_until_somebody_says_what_was_done_with_it() {
        rested();
        for (int jar = 1; jar <= 7; jar++) {
            tell(RunEvent.checked(new JarCheck(jar, jar != 2 && jar != 5, JarCheck.LiquidLoss.NONE), at(900 + jar)));
        }
        assertThat(state(910).stage()).isEqualTo(Stage.DONE);
        assertThat(state(910).unsettled()).containsExactly(2, 5);
        assertThat(state(910).isClosed()).isFalse();
        assertThat(state(910).decideBy())
                .as("a day from the end of the process")
                .contains(at(93 + 24 * 60));
        assertThat(Due.of(plan, state(910))).containsExactly(new Due(Due.DECIDE, at(93 + 24 * 60)));
        assertThat(settle(911, 1, Decision.FROZEN)).map(Refusal::why).contains("nothing-to-settle");
        assertThat(settle(912, 2, Decision.REFRIGERATED)).isEmpty();
        assertThat(settle(913, 2, Decision.FROZEN)).map(Refusal::why).contains("nothing-to-settle");
        assertThat(settle(93 + 24 * 60 + 1, 5, Decision.PROCESSED_AGAIN))
                .map(Refusal::why)
                .contains("too-late");
        assertThat(settle(93 + 24 * 60 + 2, 5, Decision.DISCARDED)).isEmpty();
        assertThat(state(93 + 24 * 60 + 3).isClosed()).isTrue();
        assertThat(Due.of(plan, state(93 + 24 * 60 + 3))).isEmpty();
    }

    @Test
    void a_lid_that_is_held_by_its_band_is_not_called_sealed() {
        rested();
        JarCheck banded = new JarCheck(1, true, JarCheck.LiquidLoss.NONE, JarCheck.Level.RIGHT, false);
        assertThat(tell(RunEvent.checked(banded, at(900)))).map(Refusal::why).contains("band-on");
    }

    @Test
    void the_lowest_reading_of_the_complete_hold_is_what_speaks_for_the_jars() {
        holding();
        read(50, 10);
        read(55, 12);
        read(70, 11.25);
        read(116, 9);
        assertThat(HeldPressure.of(RunHistory.of(plan, log)))
                .as("of the hold from minute 55 on; what came before and after it does not count")
                .contains(new HeldPressure(new GaugePressure(11_250), 2));
        assertThat(HeldPressure.of(RunHistory.of(plan, log.subList(0, 6))))
                .as("no hold is complete yet")
                .isEmpty();
    }
}
