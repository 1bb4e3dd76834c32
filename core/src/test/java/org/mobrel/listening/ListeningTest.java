package org.mobrel.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.run.Heard;
import org.mobrel.run.Jiggles;

/** When a device asks, and when it says nothing: silence, frenzy, noise, steam. */
class ListeningTest {

    private static final Instant START = Instant.parse("2026-11-24T09:00:00Z");
    private static final Jiggles ROCKS = Jiggles.NOT_COUNTED;

    private static Instant at(double seconds) {
        return START.plusMillis(Math.round(seconds * 1_000));
    }

    /** What a device tells in spans of five seconds of a weight that knocks at these seconds. */
    private static Listening heard(int seconds, double... knocks) {
        return heard(Listening.nothing(), 0, seconds, knocks);
    }

    private static Listening heard(Listening before, int from, int until, double... knocks) {
        Listening listening = before;
        for (int second = from; second < until; second += 5) {
            List<Instant> own = new ArrayList<>();
            for (double knock : knocks) {
                if (knock >= second && knock < second + 5) {
                    own.add(at(knock));
                }
            }
            listening = listening.after(new Hearing(at(second), at(second + 5), own, false, false));
        }
        return listening;
    }

    private static Listening drowned(Listening before, int from, int until) {
        Listening listening = before;
        for (int second = from; second < until; second += 5) {
            listening = listening.after(new Hearing(at(second), at(second + 5), List.of(), true, false));
        }
        return listening;
    }

    /** Knocks so many times a minute, for so many seconds. */
    private static double[] every(double seconds, int until) {
        double[] knocks = new double[(int) Math.floor(until / seconds)];
        for (int index = 0; index < knocks.length; index++) {
            knocks[index] = index * seconds;
        }
        return knocks;
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 15", "1, 4, 75", "2, 4, 37.5", "3, 6, 25", "10, 20, 15", "60, 90, 15"})
    void a_weight_may_be_still_for_a_quarter_longer_than_its_slowest_beat(int least, int most, double seconds) {
        assertThat(Listening.silenceOf(new Jiggles(least, most)))
                .isEqualTo(Duration.ofMillis(Math.round(seconds * 1_000)));
    }

    @Test
    void a_rocking_weight_that_falls_silent_is_asked_about_after_fifteen_seconds() {
        Listening rocking = heard(60, every(0.4, 60));
        assertThat(rocking.sound(ROCKS)).isEqualTo(Listening.Sound.PROPER);
        assertThat(rocking.perMinute()).contains(150);
        Listening ten = heard(rocking, 60, 70);
        assertThat(ten.asks(ROCKS, START, Optional.empty())).isFalse();
        Listening fifteen = heard(ten, 70, 75);
        assertThat(fifteen.sound(ROCKS)).isEqualTo(Listening.Sound.SILENT);
        assertThat(fifteen.asks(ROCKS, START, Optional.empty())).isTrue();
    }

    @Test
    void noise_is_no_silence_and_asks_nothing() {
        Listening rocking = heard(60, every(0.4, 60));
        Listening hood = drowned(rocking, 60, 180);
        assertThat(hood.sound(ROCKS)).isEqualTo(Listening.Sound.DROWNED);
        assertThat(hood.asks(ROCKS, START, Optional.empty())).isFalse();
        assertThat(heard(hood, 180, 190).asks(ROCKS, START, Optional.empty()))
                .as("ten seconds of silence are not yet fifteen")
                .isFalse();
        assertThat(heard(hood, 180, 195).asks(ROCKS, START, Optional.empty())).isTrue();
    }

    @Test
    void a_device_that_was_away_was_not_listening() {
        Listening rocking = heard(30, every(0.4, 30));
        Listening back = heard(rocking, 90, 100);
        assertThat(back.asks(ROCKS, START, Optional.empty())).isFalse();
        assertThat(rocking.after(new Hearing(at(20), at(25), List.of(), false, false)))
                .as("a repetition")
                .isSameAs(rocking);
    }

    @Test
    void who_looked_is_asked_anew_only_if_the_device_could_hear_it_before() {
        Listening silent = heard(heard(60, every(0.4, 60)), 60, 80);
        assertThat(silent.asks(ROCKS, at(78), Optional.empty()))
                .as("looked two seconds ago, and nothing asked")
                .isFalse();
        assertThat(heard(silent, 80, 95).asks(ROCKS, at(78), Optional.empty())).isTrue();
        Listening deaf = heard(silent, 80, 300);
        assertThat(deaf.asks(ROCKS, at(78), Optional.of(at(75))))
                .as("asked, looked at, and still not heard")
                .isFalse();
        assertThat(heard(deaf, 300, 380).asks(ROCKS, at(78), Optional.of(at(75))))
                .isTrue();
        Listening again = heard(heard(silent, 80, 100, 90.0, 95.0), 100, 115);
        assertThat(again.asks(ROCKS, at(78), Optional.of(at(75))))
                .as("heard again since, and silent again")
                .isTrue();
    }

    @Test
    void a_counted_weight_is_frantic_above_its_range_once_half_a_minute_was_heard() {
        Jiggles range = new Jiggles(1, 4);
        assertThat(heard(25, every(2, 25)).sound(range)).isEqualTo(Listening.Sound.PROPER);
        assertThat(heard(40, every(2, 40)).sound(range)).isEqualTo(Listening.Sound.FRANTIC);
        assertThat(heard(60, every(2, 60)).perMinute()).contains(30);
        assertThat(heard(60, 3, 20, 41).sound(range)).isEqualTo(Listening.Sound.PROPER);
        assertThat(Listening.nothing().sound(range)).isEqualTo(Listening.Sound.WAITING);
        assertThat(heard(10).sound(range)).isEqualTo(Listening.Sound.WAITING);
    }

    @Test
    void steam_that_blows_is_offered_and_its_end_asked_about() {
        Listening listening = Listening.nothing();
        for (int second = 0; second < 10; second += 5) {
            listening = listening.after(new Hearing(at(second), at(second + 5), List.of(), false, true));
            assertThat(listening.steam()).isEqualTo(second == 0 ? Listening.Steam.NONE : Listening.Steam.BLOWS);
        }
        assertThat(drowned(listening, 10, 20).steam()).isEqualTo(Listening.Steam.BLOWS);
        assertThat(heard(listening, 10, 15).steam()).isEqualTo(Listening.Steam.STOPPED);
    }

    @Test
    void a_minute_is_kept_as_two_numbers() {
        HeardMinute minute = HeardMinute.empty();
        for (int second = 0; second < 60; second += 5) {
            minute =
                    minute.after(new Hearing(at(second), at(second + 5), List.of(at(second + 1)), second >= 45, false));
        }
        assertThat(minute.isOver(at(59))).isFalse();
        assertThat(minute.isOver(at(60))).isTrue();
        assertThat(minute.heard()).contains(new Heard(Duration.ofSeconds(45), 9));
        assertThat(minute.heard().orElseThrow().perMinute()).isEqualTo(12);
        assertThat(HeardMinute.empty()
                        .after(new Hearing(at(0), at(5), List.of(), true, false))
                        .heard())
                .isEmpty();
    }

    @Test
    void what_no_device_hears_is_refused() {
        assertThatThrownBy(() -> new Hearing(at(5), at(5), List.of(), false, false))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Hearing(at(0), at(21), List.of(), false, false))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Hearing(at(0), at(5), List.of(at(4), at(3)), false, false))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Hearing(at(0), at(5), List.of(at(6)), false, false))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Sixty seconds of audible silence are always asked about, whatever was heard before, unless somebody looked meanwhile. */
    @Property(tries = 500)
    void a_minute_of_silence_never_goes_unasked(
            @ForAll List<@IntRange(max = 299) Integer> knocks,
            @ForAll @IntRange(min = 2, max = 60) int least,
            @ForAll @IntRange(max = 20) int noisy) {
        double[] sorted =
                knocks.stream().mapToDouble(Integer::doubleValue).sorted().toArray();
        Listening before = drowned(heard(300, sorted), 300, 300 + noisy * 5);
        Listening silent = heard(before, 300 + noisy * 5, 360 + noisy * 5);
        assertThat(silent.asks(new Jiggles(least, least * 2), START, Optional.empty()))
                .isTrue();
        assertThat(silent.asks(ROCKS, START, Optional.empty())).isTrue();
    }
}
