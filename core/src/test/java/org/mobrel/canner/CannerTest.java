package org.mobrel.canner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;

/** Canners, what fits them, and what is written down about them. */
class CannerTest {

    private static final JarKind QUART = new JarKind(JarSize.QUART, Mouth.REGULAR);
    private static final LocalDate SPRING = LocalDate.of(2026, 4, 10);

    @ParameterizedTest
    @CsvSource({
        "QUART, REGULAR, 7",
        "QUART, WIDE, 6",
        "PINT, REGULAR, 8",
        "PINT, WIDE, 8",
        "HALF_PINT, WIDE, 8",
        "TWELVE_OUNCE, REGULAR, 8",
        "PINT_AND_A_HALF, WIDE, 6",
        "HALF_GALLON, WIDE, 0",
    })
    void a_kind_nobody_counted_goes_by_its_next_of_kin(JarSize size, Mouth mouth, int places) {
        Capacity capacity = new Capacity(
                Map.of(
                        QUART,
                        7,
                        new JarKind(JarSize.QUART, Mouth.WIDE),
                        6,
                        new JarKind(JarSize.PINT, Mouth.REGULAR),
                        8),
                2,
                UpperLayer.SHORT);
        assertThat(capacity.of(new JarKind(size, mouth))).isEqualTo(places);
        assertThat(capacity.ofOneLoad(new JarKind(size, mouth))).isEqualTo(size.isShort() ? 2 * places : places);
    }

    @ParameterizedTest
    @CsvSource({"3, 3, false", "4, 3, true", "3, 4, true", "0, 0, false"})
    void four_quarts_of_either_mouth_make_a_canner(int regular, int wide, boolean isOne) {
        Capacity capacity =
                new Capacity(Map.of(QUART, regular, new JarKind(JarSize.QUART, Mouth.WIDE), wide), 1, UpperLayer.SHORT);
        assertThat(capacity.holdsFourQuarts()).isEqualTo(isOne);
        if (!isOne) {
            assertThatThrownBy(() -> CannerProfile.of("Toy", Gauge.weighted(), capacity))
                    .hasMessageContaining("no pressure canner");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "JIGGLES, 1, 4, At pressure it jiggles 1 to 4 times a minute.",
        "JIGGLES, 3, 3, At pressure it jiggles 3 times a minute.",
        "ROCKS, 0, 0, At pressure it rocks steadily.",
        "MANUAL, 0, 0, What it does at pressure is in the canner's manual.",
        "JIGGLES, 0, 4,",
        "JIGGLES, 4, 1,",
        "JIGGLES, 1, 61,",
        "ROCKS, 1, 4,",
    })
    void a_weight_says_what_to_listen_for(Weight.Sound sound, int least, int most, String sentence) {
        if (sentence == null) {
            assertThatThrownBy(() -> new Weight(Weight.Shows.HOLES, sound, least, most, false))
                    .isInstanceOf(IllegalArgumentException.class);
        } else {
            assertThat(new Weight(Weight.Shows.HOLES, sound, least, most, false).sentence())
                    .isEqualTo(sentence);
        }
    }

    @Test
    void one_sentence_says_which_instrument_rules() {
        CannerProfile weighted = CannerProfile.of("Pot", Gauge.weighted(), Capacity.of(7, 8, 2));
        assertThat(weighted.rules()).isEqualTo("Its weight rules: it lets go of steam when the pressure is there.");
        Weight withDial = new Weight(Weight.Shows.RINGS, Weight.Sound.ROCKS, 0, 0, true);
        CannerProfile both = new CannerProfile(
                "Pot", Gauge.weighted(), Capacity.of(7, 8, 2), Optional.of(withDial), Optional.empty(), "");
        assertThat(both.rules()).isEqualTo("Its weight rules; the dial beside it is only a second look.");
        Gauge dial = new Gauge(GaugeKind.DIAL, GaugeError.NONE);
        assertThat(weighted.with(dial).rules()).startsWith("Its dial rules");
        assertThatThrownBy(() -> both.with(dial)).hasMessageContaining("goes by its weight");
    }

    private static GaugeTest test(LocalDate on, String read) {
        return new GaugeTest(on, GaugePressure.ofPsi(new BigDecimal(read)), GaugePressure.ofPsi(10), "Ada");
    }

    @Test
    void the_last_test_by_date_counts_and_of_one_day_the_one_written_last() {
        assertThat(GaugeTest.last(List.of())).isEmpty();
        GaugeTest last = GaugeTest.last(List.of(
                        test(SPRING, "10.5"),
                        test(SPRING.plusDays(1), "9"),
                        test(SPRING.plusDays(1), "10.75"),
                        test(SPRING.minusYears(1), "12")))
                .orElseThrow();
        assertThat(last.error().psi()).isEqualByComparingTo("0.75");
        assertThat(last.dueOn()).isEqualTo(SPRING.plusDays(1).plusYears(1));
        assertThat(test(SPRING, "8.5").error().psi()).isEqualByComparingTo("-1.5");
        assertThatThrownBy(() -> new GaugeTest(SPRING, GaugePressure.ofPsi(4), GaugePressure.ofPsi(4), "Ada"))
                .hasMessageContaining("below 5");
    }

    @Test
    void a_part_is_as_it_was_last_looked_at_and_due_after_a_year() {
        List<Inspection> looks = List.of(
                look(SPRING, Inspection.Part.SEAL, Inspection.Look.MEND),
                look(SPRING.plusDays(2), Inspection.Part.SEAL, Inspection.Look.GOOD),
                look(SPRING.plusDays(9), Inspection.Part.VENT, Inspection.Look.WORN));
        Inspection.Last seal = Inspection.last(Inspection.Part.SEAL, looks).orElseThrow();
        assertThat(seal.look()).isEqualTo(Inspection.Look.GOOD);
        assertThat(seal.isDue(SPRING.plusDays(1).plusYears(1))).isFalse();
        assertThat(seal.isDue(SPRING.plusDays(2).plusYears(1))).isTrue();
        assertThat(Inspection.last(Inspection.Part.BODY, looks)).isEmpty();
    }

    private static Inspection look(LocalDate on, Inspection.Part part, Inspection.Look look) {
        return new Inspection(on, Map.of(part, look), "Ada", "");
    }
}
