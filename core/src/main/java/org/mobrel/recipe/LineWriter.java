package org.mobrel.recipe;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.mobrel.quantity.Length;

/** Writes what was understood as a line that is read the same again: '1.5 lb kidney beans, dried, soaked, in 1-inch pieces'. */
public final class LineWriter {

    private LineWriter() {}

    public static String write(IngredientLine line) {
        Set<State> inNames = line.mentions().stream()
                .filter(mention ->
                        mention.food().filter(food -> food.kind().isSolid()).isPresent())
                .flatMap(mention -> State.in(Tokenizer.of(mention.phrase())).stream())
                .map(Phrases.Found::meaning)
                .filter(State::countsInName)
                .collect(Collectors.toSet());
        String what = words(
                line.mentions().isEmpty()
                        ? List.of(line.rest())
                        : line.mentions().stream().map(Mention::phrase).toList(),
                // What a name says already is said of that food alone.
                line.states().stream().filter(state -> !inNames.contains(state)).collect(Collectors.toSet()),
                line.largestPiece().stream().toList());
        return line.amount().map(amount -> amount(amount) + " " + what).orElse(what);
    }

    /** The words behind the amount; what is to be remembered for a wording. */
    public static String words(List<String> foods, Set<State> states, List<Length> piece) {
        List<String> parts = new ArrayList<>(foods);
        boolean cut = states.contains(State.CUT);
        new TreeSet<>(states)
                .stream()
                        .filter(state -> state != State.CUT || piece.isEmpty())
                        .forEach(state -> parts.add(state.phrases().get(0)));
        // 'Pieces' says that it is cut; where the cook did not, the size stands alone.
        piece.forEach(size -> parts.add(
                (cut ? "in %s-inch pieces" : "%s-inch").formatted(size.inches().toPlainString())));
        return parts.stream().collect(Collectors.joining(", "));
    }

    public static String amount(Amount amount) {
        BigDecimal bare = amount.value().stripTrailingZeros();
        // '1.200 g' would be read as thousands.
        boolean small = amount.unit() == MeasureUnit.GRAM || amount.unit() == MeasureUnit.MILLILITRE;
        String value = (small && bare.scale() == 3 ? bare.setScale(4) : bare).toPlainString();
        return amount.unit().code().isEmpty()
                ? value
                : value + " " + amount.unit().code();
    }
}
