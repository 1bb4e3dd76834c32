package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One slip is believed in a word of four letters and more, two in a long one; nothing else is. */
class SpellingTest {

    private static String nearest(String typed, String... known) {
        return new Spelling(List.of(known)).nearest(typed).orElse("-");
    }

    @ParameterizedTest(name = "{0} may be {1}")
    @CsvSource({
        "rice, rice",
        "rics, rice",
        "rce, rice",
        "ric, rice",
        "riice, rice",
        "irce, rice",
        "rcie, rice",
        "riec, rice",
        "rixx, -",
        "ri, -",
        "r, -",
        "cire, -",
        "rciee, -",
    })
    void a_short_word_has_one_slip(String typed, String found) {
        assertThat(nearest(typed, "rice")).isEqualTo(found);
    }

    @ParameterizedTest(name = "{0} may be {1}")
    @CsvSource({
        "cornstrach, cornstarch",
        "cornstach, cornstarch",
        "kornstarck, cornstarch",
        "cornstarrrch, cornstarch",
        "cornstarcxx, cornstarch",
        "korxxtarch, -",
        "cornstar, -",
    })
    void a_word_of_ten_letters_has_two(String typed, String found) {
        assertThat(nearest(typed, "cornstarch")).isEqualTo(found);
    }

    @ParameterizedTest(name = "{0} may be {1}")
    @CsvSource({
        "spagehtti, spaghetti",
        "spagetti, spaghetti",
        "spageti, -",
        "xpaghettx, -",
    })
    void one_of_nine_letters_has_one(String typed, String found) {
        assertThat(nearest(typed, "spaghetti")).isEqualTo(found);
    }

    @Test
    void two_slips_are_believed_only_where_both_words_are_long() {
        assertThat(nearest("vermicelllii", "vermicelli")).isEqualTo("vermicelli");
        assertThat(nearest("breadcrumxx", "breadcrum")).isEqualTo("-");
    }

    @Test
    void known_words_of_three_letters_have_no_neighbours() {
        assertThat(nearest("egh", "egg")).isEqualTo("-");
        assertThat(nearest("eggg", "egg")).isEqualTo("-");
        assertThat(nearest("oatz", "oats")).isEqualTo("oats");
    }

    @Test
    void the_nearest_is_taken_and_of_two_as_near_the_first_by_the_alphabet() {
        assertThat(nearest("vermicelly", "vermicella", "vermicelly")).isEqualTo("vermicelly");
        assertThat(nearest("roxe", "rose", "role", "robe")).isEqualTo("robe");
        assertThat(nearest("roxe", "robe", "rose", "role")).isEqualTo("robe");
        assertThat(nearest("breadcrunb", "breadcrumb", "breadcrust")).isEqualTo("breadcrumb");
    }

    @Test
    void letters_that_changed_places_are_one_slip_only_beside_each_other() {
        assertThat(nearest("nodole", "noodle")).isEqualTo("noodle");
        assertThat(nearest("dooenl", "noodle")).isEqualTo("-");
        assertThat(nearest("nooedl", "noodle")).isEqualTo("-");
        assertThat(nearest("noodel", "noodle")).isEqualTo("noodle");
        assertThat(nearest("onodle", "noodle")).isEqualTo("noodle");
        assertThat(nearest("onodel", "noodle")).isEqualTo("-");
    }

    /** Each pair of its letters would be taken away in turn: that ends, but nobody would see it. */
    @Test
    @Timeout(120)
    void a_word_without_end_is_no_word_and_is_not_tried_letter_by_letter() {
        assertThat(nearest("corn" + "x".repeat(20_000) + "starch", "cornstarch"))
                .isEqualTo("-");
    }
}
