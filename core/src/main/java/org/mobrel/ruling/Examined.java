package org.mobrel.ruling;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.mobrel.canner.PressureTable;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** A batch together with all that the rules look at. */
record Examined(
        Batch batch,
        JarContents contents,
        List<LineRuling> lines,
        Map<JarSize, ProcessTimeSelector.Chosen> choices,
        PressureTable pressures,
        JarTable jars,
        LineReader reader) {

    IntStream indexes() {
        return IntStream.range(0, lines.size());
    }

    IngredientLine line(int index) {
        return lines.get(index).line();
    }
}
