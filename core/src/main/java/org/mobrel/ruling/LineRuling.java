package org.mobrel.ruling;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.finding.Source;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;

/**
 * What the tables say of one line.
 *
 * @param form the cut its time was tested for; empty for a line without a row of its own
 * @param minutes tested times by every size that is allowed; empty for a line without a row of its own
 * @param rows ids of all rows that apply to it, of which the longest holds
 */
public record LineRuling(
        IngredientLine line,
        Optional<String> form,
        Map<JarSize, Minutes> minutes,
        Optional<Source> source,
        List<String> rows) {

    public LineRuling {
        minutes = Map.copyOf(minutes);
        rows = List.copyOf(rows);
    }

    public boolean hasRow() {
        return source.isPresent();
    }

    public Optional<Minutes> minutesFor(JarSize size) {
        return Optional.ofNullable(minutes.get(size));
    }
}
