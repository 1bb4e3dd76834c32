package org.mobrel.recipe;

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
        String what = words(
                line.mentions().isEmpty()
                        ? List.of(line.rest())
                        : line.mentions().stream().map(Mention::phrase).toList(),
                line.states(),
                line.largestPiece().stream().toList());
        return line.amount().map(amount -> amount(amount) + " " + what).orElse(what);
    }

    /** The words behind the amount; what is to be remembered for a wording. */
    public static String words(List<String> foods, Set<State> states, List<Length> piece) {
        List<String> parts = new ArrayList<>(foods);
        new TreeSet<>(states).forEach(state -> parts.add(state.phrases().get(0)));
        piece.forEach(size -> parts.add("in " + size.inches().toPlainString() + "-inch pieces"));
        return parts.stream().collect(Collectors.joining(", "));
    }

    public static String amount(Amount amount) {
        String value = amount.value().stripTrailingZeros().toPlainString();
        return amount.unit().code().isEmpty()
                ? value
                : value + " " + amount.unit().code();
    }
}
