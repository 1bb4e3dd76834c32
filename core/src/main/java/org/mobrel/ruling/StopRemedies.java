package org.mobrel.ruling;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Severity;
import org.mobrel.finding.Source;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineEdits;

/** A stopped ingredient as a finding, with what the stop table says to do instead. */
final class StopRemedies {

    private StopRemedies() {}

    static Finding finding(IngredientLine line, int index, StoppedIngredient stop) {
        List<Remedy> remedies =
                stop.remedies().stream().map(text -> remedy(text, line, stop)).toList();
        return new Finding(
                Severity.STOP,
                stop.code(),
                OptionalInt.of(index),
                Say.capital(stop.group()) + ": " + stop.why() + ".",
                remedies,
                Optional.of(stop.isOwnFood() ? new Source("your own food") : Source.GUIDE_SOUPS));
    }

    /** The table's words say what kind of remedy each is. */
    private static Remedy remedy(String text, IngredientLine line, StoppedIngredient stop) {
        String said = Say.capital(text);
        if (text.startsWith("freeze")) {
            return new Remedy("freeze", said);
        }
        if (text.startsWith("leave out")) {
            return new Remedy("leave-out", said, List.of(Edit.leaveOut()));
        }
        if (text.startsWith("brown")) {
            return Remedy.rewrite("brown-and-drain", said, LineEdits.forBrowning(line));
        }
        if (text.startsWith("can the pieces")) {
            return Remedy.rewrite("leave-in-pieces", said, LineEdits.inPieces(line));
        }
        if (text.startsWith("soak")) {
            return Remedy.rewrite("soak-first", said, LineEdits.soaked(line));
        }
        if (text.startsWith("peel")) {
            return Remedy.rewrite("peel", said, LineEdits.unpeeledWords(line, stop));
        }
        if (text.contains("serving") || text.contains("opened")) {
            return Remedy.rewrite("finish-at-serving", said, LineEdits.atServing(line));
        }
        return new Remedy("prepare", said);
    }
}
