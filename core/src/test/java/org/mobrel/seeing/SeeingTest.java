package org.mobrel.seeing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.Seen;

/** When a device asks what a dial reads, and when it says nothing. */
class SeeingTest {

    private static final Instant START = Instant.parse("2026-11-30T09:00:00Z");
    private static final GaugePressure MARK = GaugePressure.ofPsi(11);

    private static Instant at(int seconds) {
        return START.plusSeconds(seconds);
    }

    /** A look every five seconds; a dash is one in which no needle was seen. */
    private static Seeing seen(Seeing before, int from, String looks) {
        Seeing seeing = before;
        int second = from;
        for (String look : looks.split(" ")) {
            seeing = seeing.after(new Sight(at(second), needle(look)));
            second += 5;
        }
        return seeing;
    }

    private static Seeing seen(String looks) {
        return seen(Seeing.nothing(), 0, looks);
    }

    private static Optional<GaugePressure> needle(String look) {
        return look.equals("-") ? Optional.empty() : Optional.of(GaugePressure.ofPsi(new BigDecimal(look)));
    }

    private static String unseen(int looks) {
        return "- ".repeat(looks).strip();
    }

    @ParameterizedTest
    @CsvSource({
        "12, waiting",
        "12 12, at-mark",
        "11 11, at-mark",
        "12 10.9, low",
        "10.9 12, low",
        "12 -, not-seen",
        "- 12, waiting",
        "14 14, high",
        "14 13.9, at-mark",
        "9 9 12 12, at-mark"
    })
    void the_lower_one_of_two_looks_in_a_row_counts(String looks, String view) {
        assertThat(seen(looks).view(MARK).code()).isEqualTo(view);
    }

    @Test
    void a_needle_that_sinks_is_asked_about_at_once_and_one_odd_look_is_not() {
        Seeing proper = seen("12 12 12");
        assertThat(proper.asks(MARK, START, Optional.empty())).isFalse();
        assertThat(seen(proper, 15, "10.5").asks(MARK, START, Optional.empty())).isFalse();
        assertThat(seen(proper, 15, "10.5 12").asks(MARK, START, Optional.empty()))
                .isFalse();
        assertThat(seen(proper, 15, "10.5 10.4").asks(MARK, START, Optional.empty()))
                .isTrue();
    }

    @Test
    void what_was_seen_before_the_cook_looked_is_not_asked_about_after_it() {
        Seeing low = seen("12 10 10");
        assertThat(low.asks(MARK, at(7), Optional.empty())).isFalse();
        assertThat(seen(low, 15, "10").asks(MARK, at(7), Optional.empty())).isTrue();
    }

    @Test
    void a_cook_who_reads_another_number_is_left_in_peace_for_two_minutes_or_until_it_was_seen_right() {
        Seeing low = seen("10 10 10 10");
        assertThat(low.asks(MARK, at(2), Optional.of(at(1)))).isFalse();
        assertThat(seen(low, 120, "10 10").asks(MARK, at(2), Optional.of(at(1))))
                .isTrue();
        assertThat(seen("10 12 10 10").asks(MARK, at(2), Optional.of(at(1)))).isTrue();
    }

    @Test
    void a_dial_that_is_hidden_for_a_minute_is_asked_about_once() {
        Seeing hidden = seen("12 " + unseen(11));
        assertThat(hidden.asks(MARK, START, Optional.empty())).isFalse();
        Seeing minute = seen(hidden, 60, "-");
        assertThat(minute.asks(MARK, START, Optional.empty())).isTrue();
        assertThat(seen(minute, 65, unseen(40)).asks(MARK, at(70), Optional.of(at(60))))
                .as("the cook has looked, and it is as blind as before")
                .isFalse();
        Seeing again = seen(seen(minute, 65, unseen(2)), 75, "12 " + unseen(14));
        assertThat(again.asks(MARK, at(70), Optional.of(at(60)))).isTrue();
    }

    @Test
    void a_device_that_slept_saw_nothing_and_hides_nothing() {
        Seeing slept = seen(seen("12 12 -"), 200, "-");
        assertThat(slept.asks(MARK, START, Optional.empty())).isFalse();
        assertThat(seen(seen("12"), 30, "12").needle()).isEmpty();
    }

    @Test
    void a_look_told_twice_counts_once() {
        Seeing once = seen("12 9");
        assertThat(once.after(new Sight(at(5), needle("9")))).isSameAs(once);
    }

    @Test
    void a_minute_is_kept_from_its_lowest_to_its_highest() {
        SeenMinute minute = SeenMinute.empty();
        for (int look = 0; look <= 12; look++) {
            assertThat(minute.isOver(at(look * 5 - 1))).isFalse();
            minute = minute.after(new Sight(at(look * 5), look % 3 == 0 ? Optional.empty() : needle("1" + look % 3)));
        }
        assertThat(minute.isOver(at(60))).isTrue();
        assertThat(minute.seen()).contains(new Seen(GaugePressure.ofPsi(11), GaugePressure.ofPsi(12), 8));
        assertThat(SeenMinute.empty().after(new Sight(START, Optional.empty())).seen())
                .isEmpty();
        assertThatThrownBy(() -> new Sight(START, needle("61"))).isInstanceOf(IllegalArgumentException.class);
    }

    /** Whatever it saw: with the last two looks below the mark somebody is asked, unless a cook has just said otherwise. */
    @Property(tries = 300)
    void two_low_looks_are_never_passed_over(
            @ForAll @Size(max = 40) List<@IntRange(min = 0, max = 20) Integer> before) {
        Seeing seeing = Seeing.nothing();
        int second = 0;
        for (int look : before) {
            Optional<GaugePressure> needle = look == 0 ? Optional.empty() : Optional.of(GaugePressure.ofPsi(look));
            seeing = seeing.after(new Sight(at(second += 5), needle));
        }
        Seeing low = seen(seeing, second + 5, "10.9 10.9");
        assertThat(low.view(MARK)).isEqualTo(Seeing.View.LOW);
        assertThat(low.asks(MARK, START.minusSeconds(1), Optional.empty())).isTrue();
        assertThat(low.asks(MARK, at(second + 4), Optional.of(at(second + 3)))).isFalse();
    }
}
