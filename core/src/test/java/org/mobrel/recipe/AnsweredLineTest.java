package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;

/** What answers make of a line: each to its own question and words, the last of several. */
class AnsweredLineTest {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private final LineReader reader = new LineReader(CATALOGUE);

    private static List<String> foods(IngredientLine line) {
        return line.foods().stream().map(Food::id).toList();
    }

    private static Answer to(LineQuestion question, int choice) {
        return new Answer(
                question.code(),
                question.words(),
                question.choices().get(choice).code());
    }

    @Test
    void an_answer_settles_its_question_and_says_what_was_answered() {
        IngredientLine line = reader.read("4 lb oxtail");
        LineQuestion bones = line.questions().get(0);
        IngredientLine strained = line.answered(to(bones, 0));
        assertThat(strained.questions()).doesNotContain(bones);
        assertThat(foods(strained)).isNotEqualTo(foods(line.answered(to(bones, 1))));
        assertThat(strained.given()).singleElement().satisfies(given -> {
            assertThat(given.code()).isEqualTo(bones.code());
            assertThat(given.words()).isEqualTo(bones.words());
            assertThat(given.choice()).isEqualTo(bones.choices().get(0));
        });
        assertThat(strained.answer(bones.code(), bones.words()))
                .contains(bones.choices().get(0).code());
        assertThat(strained.answer(bones.code(), "other words")).isEmpty();
    }

    @Test
    void the_last_answer_to_a_question_counts_and_others_stay() {
        IngredientLine line = reader.read("2 lb beef and xyzzy and plugh");
        LineQuestion first = line.questions().get(0);
        IngredientLine one = line.answered(to(first, 0));
        LineQuestion second = one.questions().get(0);
        assertThat(second.words()).isNotEqualTo(first.words());
        IngredientLine both = line.answered(List.of(to(first, 0), to(second, 0)));
        assertThat(both.questions()).isEmpty();
        IngredientLine changed = both.answered(to(first, 1));
        assertThat(changed.answer(first.code(), first.words()))
                .contains(first.choices().get(1).code());
        assertThat(changed.answer(second.code(), second.words()))
                .contains(second.choices().get(0).code());
        assertThat(changed.given()).hasSize(2);
    }

    @Test
    void an_answer_of_other_words_or_another_question_settles_nothing() {
        IngredientLine line = reader.read("4 lb oxtail");
        LineQuestion bones = line.questions().get(0);
        assertThat(line.answered(new Answer(
                                bones.code(), "beef", bones.choices().get(0).code()))
                        .questions())
                .contains(bones);
        assertThat(line.answered(new Answer(QuestionCode.NOT_UNDERSTOOD, bones.words(), "leave-out"))
                        .questions())
                .contains(bones);
        assertThat(line.answered(List.of())).isSameAs(line);
    }

    @Test
    void a_size_that_was_answered_is_told_where_its_shapes_are_and_nowhere_else() {
        IngredientLine chunks = reader.read("2 lb potatoes, peeled, in chunks");
        Answer size = new Answer(QuestionCode.PIECE_SIZE, String.join(", ", chunks.shapes()), Choice.UP_TO_TESTED);
        assertThat(chunks.shapes()).isNotEmpty();
        assertThat(chunks.answered(size).given())
                .extracting(AnsweredQuestion::code)
                .containsExactly(QuestionCode.PIECE_SIZE);
        assertThat(reader.read("2 lb carrots, peeled").answered(size).given()).isEmpty();
    }

    @Test
    void what_a_kitchen_answered_before_counts_for_the_same_wording_or_wherever_the_word_stands() {
        LineQuestion bones = reader.read("4 lb oxtail").questions().get(0);
        Answer strained = to(bones, 0);
        LineReader everywhere = remembering(new LineReader.RememberedAnswer("", strained));
        assertThat(everywhere.read("4 lb oxtail").questions()).isEmpty();
        assertThat(everywhere.read("2 lb oxtail, trimmed").questions()).isEmpty();
        LineReader here = remembering(new LineReader.RememberedAnswer(reader.wording("4 lb oxtail"), strained));
        assertThat(here.read("4 lb oxtail").questions()).isEmpty();
        assertThat(here.read("2 lb oxtail, trimmed").questions()).isNotEmpty();
    }

    private LineReader remembering(LineReader.RememberedAnswer answer) {
        return new LineReader(CATALOGUE, List.of(), Map.of(), List.of(answer));
    }
}
