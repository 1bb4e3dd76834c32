package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;

/** What phrases mean, made anew from catalogue and word lists for each test. */
class LexiconTest {

    private final Lexicon lexicon = new Lexicon(Catalogue.load(), List.of());

    /** What a line mentions: 'stop:rice', 'food:carrot', in the order of the line. */
    private String mentioned(String text) {
        return lexicon.mentions(Tokenizer.of(text)).stream()
                .map(found -> found.meaning().stop().isPresent()
                        ? "stop:" + found.meaning().phrase()
                        : found.meaning().open() != null
                                ? "ask:" + found.meaning().phrase()
                                : "food:"
                                        + found.meaning().foods().stream()
                                                .map(Food::id)
                                                .collect(Collectors.joining("+")))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "carrots, food:carrots",
        "rice, stop:rice",
        "carrots and rice, food:carrots stop:rice",
        "oxtail, ask:oxtails",
    })
    void foods_stops_and_questions_are_told_apart(String text, String mentions) {
        assertThat(mentioned(text)).isEqualTo(mentions);
    }

    @Test
    void a_mixture_with_a_name_is_all_that_is_in_it() {
        assertThat(mentioned("mirepoix")).contains("food:").contains("+");
        assertThat(lexicon.meaning("mirepoix").orElseThrow().foods()).hasSizeGreaterThan(2);
    }

    @Test
    void a_vinegar_of_rice_is_vinegar_and_an_egg_before_beans_is_still_an_egg() {
        assertThat(mentioned("white rice vinegar")).isEqualTo("food:acid-liquids");
        assertThat(mentioned("egg white beans")).contains("stop:egg").contains("bean");
    }

    @Test
    void where_two_phrases_lay_claim_to_one_word_both_count() {
        assertThat(mentioned("beets green beans")).contains("beets").contains("green-beans");
        assertThat(mentioned("carrots")).doesNotContain(" ");
    }

    @Test
    void phrases_of_several_words_may_be_written_as_one_and_single_words_are_none() {
        assertThat(lexicon.writtenAsOne("splitpea")).isPresent();
        assertThat(lexicon.writtenAsOne("carrot")).isEmpty();
        assertThat(lexicon.isKnown("carrot")).isTrue();
        assertThat(lexicon.isKnown("carrotss")).isFalse();
    }

    @ParameterizedTest(name = "{0} may be {1}")
    @CsvSource({"noodel, noodle", "flouer, flour", "cremam, cream", "carrott, -"})
    void a_misspelled_stop_is_found(String typed, String stop) {
        assertThat(lexicon.nearStop(typed).map(Mention::phrase).orElse("-")).startsWith(stop);
    }

    @ParameterizedTest(name = "{0} may be {1}")
    @CsvSource({"carots, carrots", "carot, carrot", "potatos, potato", "xyzzy, -"})
    void a_misspelled_food_is_offered_as_it_is_written(String typed, String food) {
        assertThat(lexicon.nearFoodWord(typed).orElse("-")).isEqualTo(food);
    }

    @Test
    void descriptions_come_from_the_list_with_the_foods_they_may_stand_beside() {
        assertThat(lexicon.allDescriptors()).hasSizeGreaterThan(100);
        assertThat(lexicon.allDescriptors().values())
                .allSatisfy(kinds -> assertThat(kinds).isNotEmpty().doesNotContainNull());
        assertThat(lexicon.descriptors(Tokenizer.of("large organic carrots"))).hasSizeGreaterThanOrEqualTo(2);
    }

    @Test
    void every_open_meaning_has_at_least_two_choices_that_are_foods_or_stops() {
        assertThat(Vocabulary.open(Catalogue.load())).isNotEmpty().allSatisfy(mention -> assertThat(
                        java.util.Objects.requireNonNull(mention.open()).options())
                .hasSizeGreaterThan(1)
                .allSatisfy(option -> assertThat(
                                option.foods().isEmpty() && option.stop().isEmpty())
                        .as(mention.phrase() + ": " + option.choice())
                        .isFalse()));
    }

    @Test
    void mixtures_name_foods_that_are_there() {
        assertThat(Vocabulary.mixtures(Catalogue.load()))
                .isNotEmpty()
                .allSatisfy(mixture -> assertThat(mixture.foods()).isNotEmpty().doesNotContainNull());
    }
}
