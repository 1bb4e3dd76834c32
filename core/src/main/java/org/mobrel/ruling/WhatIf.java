package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;

/**
 * What the time would be if the batch were a little different; each is a ruling of its own, asked for in full.
 *
 * @param without indexes of the lines left out
 * @param minutes empty where the changed batch would be stopped
 */
public record WhatIf(String text, List<Integer> without, Optional<Minutes> minutes) {

    public WhatIf {
        without = List.copyOf(without);
    }

    /** Without each pacesetter, and without all of them; nothing where no line sets the time. */
    public static List<WhatIf> withoutPacesetters(Rulings rulings, Batch batch, Timing timing, List<LineRuling> lines) {
        List<Integer> setters = timing.pacesetters();
        List<WhatIf> changes = new ArrayList<>();
        if (setters.size() > 1) {
            setters.forEach(index -> changes.add(without(rulings, batch, List.of(index), lines)));
        }
        if (!setters.isEmpty()) {
            changes.add(without(rulings, batch, setters, lines));
        }
        return changes;
    }

    private static WhatIf without(Rulings rulings, Batch batch, List<Integer> left, List<LineRuling> lines) {
        List<IngredientLine> others = IntStream.range(0, batch.lines().size())
                .filter(index -> !left.contains(index))
                .mapToObj(batch.lines()::get)
                .toList();
        Ruling ruling = rulings.rule(batch.withLines(others));
        List<String> names = left.stream()
                .map(index -> Headline.name(lines.get(index).line()))
                .distinct()
                .toList();
        return new WhatIf(
                "Without " + Headline.joined(names), left, ruling.timing().map(Timing::minutes));
    }
}
