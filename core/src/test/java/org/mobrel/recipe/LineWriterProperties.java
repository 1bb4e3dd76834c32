package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.mobrel.Cases;
import org.mobrel.foods.Catalogue;

/** What Mobrel prints, it reads again as the same. */
class LineWriterProperties {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final LineReader READER = new LineReader(CATALOGUE);

    @Provide
    Arbitrary<IngredientLine> lines() {
        List<String> written = Cases.text("/cases/lines.csv")
                .lines()
                .filter(line -> !line.startsWith("#"))
                .map(line -> line.split("\\|")[0])
                .toList();
        List<String> phrases = CATALOGUE.foods().stream()
                .flatMap(food -> food.phrases().stream())
                .toList();
        Arbitrary<String> made = Combinators.combine(
                        Arbitraries.of(
                                "1 cup", "2 lb", "350 g", "1 1/3 qt", "3", "2 bunches", "1 can", "", "a pinch of"),
                        Arbitraries.of(phrases),
                        Arbitraries.of(State.values()).set().ofMaxSize(3),
                        Arbitraries.of("", ", in 1/2-inch cubes", ", 2 cm pieces", ", 1-2 inch chunks"))
                .as((amount, phrase, states, cut) ->
                        amount + " " + phrase + ", " + LineWriter.words(List.of(), states, List.of()) + cut);
        return Arbitraries.oneOf(Arbitraries.of(written), made)
                .map(READER::read)
                .filter(line ->
                        line.kind() == LineKind.INGREDIENT && !line.mentions().isEmpty());
    }

    @Property(tries = 3_000)
    void a_printed_line_is_read_as_it_was_meant(@ForAll("lines") IngredientLine line) {
        String printed = LineWriter.write(line);
        IngredientLine again = READER.read(printed);
        assertThat(again.amount()).as(printed).isEqualTo(line.amount());
        assertThat(again.states()).as(printed).isEqualTo(line.states());
        assertThat(Set.copyOf(again.foods())).as(printed).isEqualTo(Set.copyOf(line.foods()));
        assertThat(Set.copyOf(again.stopped())).as(printed).isEqualTo(Set.copyOf(line.stopped()));
        assertThat(again.largestPiece().map(piece -> piece.inches()))
                .as(printed)
                .isEqualTo(line.largestPiece().map(piece -> piece.inches()));
    }
}
