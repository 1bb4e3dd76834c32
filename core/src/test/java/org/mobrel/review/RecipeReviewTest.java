package org.mobrel.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.recipe.LineReader;

/** What a recipe leaves open is asked; what is plain is not. */
class RecipeReviewTest {

    private static final LineReader reader = new LineReader(Catalogue.load());

    private List<ReviewQuestion> review(String lines) {
        return RecipeReview.of(reader.readAll(Arrays.asList(lines.split(" \\+ "))), reader, Set.of());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                                        | questions, each with the lines it is about
            2 lb carrots + 1 lb peas + 2 qt water                          | ''
            2 cups carrots + 1 lb peas + 3 cups carrots + 2 qt water       | twice-different[0, 2]
            2 cups carrots + 1 lb peas + 2 cups carrots + 2 qt water       | ''
            1 tsp salt + 2 cups carrots + 1 tbsp salt + 1 qt water         | ''
            half a turkey or half a pound + 2 cups carrots + 1 qt water    | two-amounts[0] how-heavy[0]
            2 cups kale or chard + 2 cups carrots + 1 qt water             | ''
            2 cups kale or beets + 2 cups carrots + 1 qt water             | which-of-two[0]
            1 or 2 carrots + 1 lb peas + 1 qt water                        | ''
            carrots + 1 lb peas + 1 qt water                               | no-amount[0]
            1 can pinto beans + 1 lb peas + 1 qt water                     | how-large[0]
            1 bunch kale + 1 lb peas + 1 qt water                          | how-large[0]
            1 turkey + 1 lb peas + 1 qt water                              | how-heavy[0]
            2 onions + 1 lb peas + 1 qt water                              | ''
            1 lb dried pinto beans, soaked                                 | beans-without-liquid[]
            1 lb carrots + 1 lb peas                                       | no-broth[]
            2 cups celery, carrots and onions + 1 qt water                 | several-foods[0]
            two cups celery, two cups carrots and one big onion + 1 qt water | several-foods[0]
            2 cups frozen peas and carrots + 1 lb corn + 1 qt water        | ''
            1 lb carrots                                                   | ''
            1 lb peas + 2 cups chopped tomatoes                            | ''
            1 lb carrots + 1 lb peas + chicken stock                       | no-broth-amount[2]
            1 lb carrots + 1 lb peas + chicken stock + 1 qt water          | ''
            """)
    void what_is_not_plain_is_asked(String lines, String expected) {
        String asked = review(lines).stream()
                .map(question -> question.code() + question.lines())
                .collect(Collectors.joining(" "));
        assertThat(asked).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            two cups celery, two cups carrots and one big onion, chopped | two cups celery/two cups carrots/one big onion, chopped
            2 cups celery, carrots and onions                            | 2 cup celery/2 cup carrots/2 cup onions; 0.67 cup celery/0.67 cup carrots/0.67 cup onions
            1 lb beef & 2 lb potatoes, peeled                            | 1 lb beef/2 lb potatoes, peeled
            """)
    void several_foods_in_one_breath_fall_apart_by_a_tap(String line, String offered) {
        String answers = review(line + " + 1 qt water").stream()
                .filter(question -> question.code().equals("several-foods"))
                .flatMap(question -> question.answers().stream())
                .map(answer -> answer.to().orElse("").replace("\n", "/"))
                .collect(Collectors.joining("; "));
        assertThat(answers).isEqualTo(offered);
    }

    @Test
    void an_answer_by_a_tap_settles_the_question() {
        List<ReviewQuestion> asked = review("half a turkey or half a pound + 2 cups carrots + 1 qt water");
        assertThat(asked.get(0).answers())
                .extracting(answer -> answer.to().orElseThrow())
                .containsExactly("half a turkey", "half a pound turkey");
        assertThat(reader.read("half a pound turkey")
                        .amount()
                        .orElseThrow()
                        .unit()
                        .code())
                .isEqualTo("lb");
    }

    @Test
    void a_bunch_is_offered_as_a_weight_that_the_line_keeps() {
        ReviewQuestion bunch =
                review("2 bunches kale, chopped + 1 lb peas + 1 qt water").get(0);
        assertThat(bunch.answers())
                .extracting(answer -> answer.text() + " " + answer.to().orElseThrow())
                .containsExactly(
                        "About 16 oz (455 g) 16 oz kale, chopped",
                        "About 24 oz (680 g) 24 oz kale, chopped",
                        "About 12 oz (340 g) 12 oz kale, chopped");
        assertThat(review("16 oz kale, chopped + 1 lb peas + 1 qt water")).isEmpty();
    }

    @Test
    void what_was_answered_is_not_asked_again_until_the_line_changes() {
        List<ReviewQuestion> asked = review("2 cups carrots + 3 cups carrots + 1 lb peas + 1 qt water");
        Set<String> settled = Set.of(asked.get(0).key());
        assertThat(RecipeReview.of(
                        reader.readAll(List.of("2 cups carrots", "3 cups carrots", "1 lb peas", "1 qt water")),
                        reader,
                        settled))
                .isEmpty();
        assertThat(RecipeReview.of(
                        reader.readAll(List.of("2 cups carrots", "4 cups carrots", "1 lb peas", "1 qt water")),
                        reader,
                        settled))
                .hasSize(1);
    }
}
