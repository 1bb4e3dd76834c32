package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mobrel.Cases;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;

/** Every food, every way to write an amount, every trap: lines as cooks write them and what they mean. */
class ReadingTableTest {

    private static final String TABLE = "/cases/lines.csv";

    private static final LineReader reader = new LineReader(Catalogue.load());

    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void a_line_is_understood(String row) {
        String[] cells = Arrays.copyOf(row.split("\\|"), 4);
        IngredientLine read = reader.read(cells[0].strip());
        String understood = "%s | %s | %s"
                .formatted(
                        read.amount().map(LineWriter::amount).orElse(""),
                        read.kind() == LineKind.STEP ? "" : names(read),
                        more(read));
        assertThat(understood)
                .isEqualTo("%s | %s | %s".formatted(text(cells[1]), text(cells[2]), words(text(cells[3]))));
    }

    static Stream<String> rows() {
        return Cases.text(TABLE).lines().filter(line -> !line.startsWith("#"));
    }

    private static String text(String cell) {
        return Objects.requireNonNullElse(cell, "").strip();
    }

    private static String names(IngredientLine line) {
        return line.mentions().stream()
                .map(mention -> mention.food()
                        .map(Food::id)
                        .orElseGet(() -> "stop:" + mention.stop().orElseThrow().code()))
                .distinct()
                .collect(Collectors.joining(" "));
    }

    private static Set<String> more(IngredientLine line) {
        if (line.kind() != LineKind.INGREDIENT) {
            return Set.of(line.kind().name().toLowerCase(Locale.ROOT));
        }
        return Stream.concat(
                        line.states().stream().map(State::code),
                        line.largestPiece().stream().map(piece -> piece.inches().toPlainString() + "in"))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> words(String cell) {
        return Arrays.stream(cell.split(" "))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void no_food_of_the_catalogue_is_missing_from_the_table() {
        String table = Cases.text(TABLE);
        assertThat(rows().count()).isGreaterThanOrEqualTo(250);
        assertThat(Catalogue.load().foods())
                .allSatisfy(food -> assertThat(table).containsPattern("\\b" + food.id() + "\\b"));
    }
}
