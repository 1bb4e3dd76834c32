package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.mobrel.foods.Catalogue;

/** One table for the numbers of lines, sizes and times, whatever way they are written. */
class NumbersTest {

    private static final LineReader READER = new LineReader(Catalogue.load());

    private static String amount(String text) {
        Optional<Amount> amount = READER.read(text).amount();
        return amount.map(known -> (known.value().stripTrailingZeros().toPlainString() + " "
                                + known.unit().code())
                        .strip())
                .orElse("none");
    }

    private static String size(String text) {
        String inLine = inches(READER.pieces("beef, cut in " + text + " cubes"));
        String inStep = inches(READER.pieces("Cut the beef into " + text + " cubes."));
        return inLine.equals(inStep) ? inLine : inLine + " in a line, " + inStep + " in a step";
    }

    private static String inches(Optional<org.mobrel.quantity.Length> size) {
        return size.map(known -> known.inches().stripTrailingZeros().toPlainString())
                .orElse("none");
    }

    private static String time(String text) {
        return Times.in(PlainText.of("Simmer for " + text + " and stir.")).stream()
                .map(Times.Span::most)
                .max(Comparator.naturalOrder())
                .map(String::valueOf)
                .orElse("");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvFileSource(
            resources = "/cases/numbers.csv",
            delimiter = '|',
            numLinesToSkip = 2,
            quoteCharacter = '~',
            emptyValue = "")
    void a_number_is_read_as_it_is_meant(String kind, String text, String meant) {
        String read =
                switch (kind) {
                    case "amount" -> amount(text);
                    case "size" -> size(text);
                    case "time" -> time(text);
                    default -> throw new IllegalArgumentException(kind);
                };
        assertThat(read).isEqualTo(meant == null ? "" : meant);
    }
}
