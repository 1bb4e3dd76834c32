package org.mobrel.method;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

class RequiredStepsTest {

    private static final LineReader reader = new LineReader(Catalogue.load());
    private final RequiredSteps steps = RequiredSteps.load();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # lines                                          | pack | method               | steps and where they are said
            2 lb dried pinto beans + 1 lb carrots            | HOT  | ''                   | soak:nowhere boil-beans:nowhere peel-carrots:nowhere cut-carrots:nowhere boil-together:nowhere fill-half:nowhere
            2 lb dried pinto beans, soaked + 1 lb carrots, peeled | HOT | Boil 30 minutes. | soak:in-line boil-beans:in-method peel-carrots:in-line cut-carrots:nowhere boil-together:nowhere fill-half:nowhere
            2 cans pinto beans + 1 lb peas                   | HOT  | Boil 5 minutes.      | boil-together:in-method fill-half:nowhere
            2 lb ground beef + 1 lb peas                     | HOT  | Brown the meat.      | brown:in-method boil-together:nowhere fill-half:nowhere
            2 lb ground beef, browned + 1 lb peas            | HOT  | ''                   | brown:in-line boil-together:nowhere fill-half:nowhere
            6 qt pork stock, skimmed                         | HOT  | ''                   | skim:in-line
            6 qt turkey stock                                | HOT  | ''                   | skim:nowhere
            4 lb potatoes, peeled                            | HOT  | ''                   | peel-potatoes:in-line boil-potatoes:nowhere cut-potatoes:nowhere
            3 lb beef in 1-inch cubes                        | RAW  | ''                   | trim:nowhere cut-meat:in-line no-liquid:nowhere
            2 tbsp oil + 1 lb peas                           | HOT  | Drain.               | drain-oil:in-method
            """)
    void the_rows_demand_their_steps(String lines, Pack pack, String method, String expected) {
        List<IngredientLine> read = reader.readAll(Arrays.asList(lines.split(" \\+ ")));
        String found = steps.of(read, pack, Fraction.HALF, Method.of(List.of(method), read, reader)).stream()
                .map(step -> step.code() + ":" + step.said().code())
                .collect(Collectors.joining(" "));
        assertThat(found).isEqualTo(expected);
    }

    @Test
    void a_step_names_its_lines_and_its_source() {
        RequiredStep soak = steps.of(
                        reader.readAll(List.of("1 lb peas", "1 lb navy beans", "1 lb chickpeas")),
                        Pack.HOT,
                        Fraction.HALF,
                        Method.NONE)
                .get(0);
        assertThat(soak.lines()).containsExactly(1, 2);
        assertThat(soak.source().text()).isEqualTo("Guide 4, beans or peas shelled dried");
    }
}
