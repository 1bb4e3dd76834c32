package org.mobrel.method;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mobrel.Approved;
import org.mobrel.foods.Catalogue;
import org.mobrel.recipe.LineReader;

/** Every step that Mobrel itself writes into a recipe is read back as what it means. */
class OwnStepsTest {

    private static final LineReader READER = new LineReader(Catalogue.load());

    /** Those of remedies, beside the steps that the rows demand. */
    private static final List<String> REMEDIES = List.of(
            "Soak the beans overnight, 12 to 18 hours, and drain them. Boil them 30 minutes in fresh water.",
            "When you open the jar: puree until smooth.",
            "When you open the jar: stir in the noodles.",
            "When you open the jar: whisk in flour.",
            "Vent the canner 10 minutes before the weight goes on.",
            "Peel them and cut out the eyes.",
            "Let the canner cool by itself until the pressure is zero.",
            "Cut it small: strips, cubes or chunks up to 1 inch, boneless.");

    @Test
    void what_mobrel_writes_it_reads() {
        Map<String, List<String>> told = new LinkedHashMap<>();
        Stream.concat(RequiredSteps.load().texts().stream(), REMEDIES.stream()).forEach(step -> {
            List<String> said = new ArrayList<>();
            Method.of(List.of(step), List.of(), READER).sayings().stream()
                    .map(OwnStepsTest::word)
                    .filter(word -> !word.startsWith("Names"))
                    .forEach(said::add);
            told.put(step, said.isEmpty() ? List.of("nothing") : said);
        });
        Approved.holds("own-steps.txt", told);
    }

    private static String word(StepStatement said) {
        String all = said.toString().replaceFirst("quote=Quote\\[.*?\\](, )?", "");
        return said instanceof StepStatement.Names ? "Names" : all.replaceAll("\\[\\]", "");
    }
}
