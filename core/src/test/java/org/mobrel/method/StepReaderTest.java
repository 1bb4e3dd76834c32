package org.mobrel.method;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.Cases;
import org.mobrel.foods.Catalogue;
import org.mobrel.recipe.LineReader;

/** Sentences of methods as cooks write them, and what each says of the jar. */
class StepReaderTest {

    private static final LineReader READER = new LineReader(Catalogue.load());

    static Stream<String> sentences() {
        return Cases.text("/cases/step-sentences.csv").lines().filter(line -> line.contains("|"));
    }

    @ParameterizedTest
    @MethodSource("sentences")
    void a_sentence_says(String row) {
        String[] cells = row.split("\\|");
        Method method = Method.of(List.of(cells[0]), List.of(), READER);
        String said = method.sayings().stream()
                .map(StepReaderTest::code)
                .filter(code -> !code.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new))
                .stream()
                .collect(Collectors.joining(" "));
        assertThat(said.isEmpty() ? "-" : said).as(cells[0]).isEqualTo(cells[1]);
    }

    private static String code(StepStatement saying) {
        if (saying instanceof StepStatement.Fills fills) {
            return "f" + Math.round(fills.share().value() * 100);
        }
        if (saying instanceof StepStatement.Soaks soaks) {
            return "s" + soaks.soak();
        }
        if (saying instanceof StepStatement.BoilsBeans boils) {
            return "b" + boils.minutes();
        }
        if (saying instanceof StepStatement.Departs departs) {
            return departs.departure() == Departure.OTHER_METHOD
                    ? "o"
                    : "o" + departs.departure().name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
        return switch (saying.getClass().getSimpleName()) {
            case "Purees" -> "p";
            case "Thickens" -> "t";
            case "AddsStopped" -> "a";
            case "DryBeans" -> "d";
            case "ShortVent" -> "v";
            case "ForcedCooling" -> "c";
            case "PacksRaw" -> "r";
            case "PacksHot" -> "h";
            case "Unpeeled" -> "u";
            case "States" -> "x";
            default -> "";
        };
    }
}
