package org.mobrel.ruling;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Severity;
import org.mobrel.finding.Source;
import org.mobrel.foods.StopRemedy;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineEdits;

/** A stopped ingredient as a finding, with what the stop table says to do instead. */
final class StopRemedies {

    private StopRemedies() {}

    static Finding finding(IngredientLine line, int index, StoppedIngredient stop) {
        List<Remedy> remedies =
                stop.remedies().stream().map(said -> remedy(said, line, stop)).toList();
        return new Finding(
                Severity.STOP,
                stop.code(),
                OptionalInt.of(index),
                Say.capital(stop.group()) + ": " + stop.why() + ".",
                remedies,
                Optional.of(stop.isOwnFood() ? new Source("your own food") : Source.GUIDE_SOUPS));
    }

    private static Remedy remedy(StopRemedy remedy, IngredientLine line, StoppedIngredient stop) {
        String code = remedy.kind().code();
        String said = Say.capital(remedy.words());
        return switch (remedy.kind()) {
            case LEAVE_OUT -> new Remedy(code, said, List.of(Edit.leaveOut()));
            case FREEZE, PREPARE -> new Remedy(code, said);
            case BROWN_AND_DRAIN -> Remedy.rewrite(code, said, LineEdits.forBrowning(line));
            case LEAVE_IN_PIECES -> Remedy.rewrite(code, said, LineEdits.inPieces(line));
            case SOAK_FIRST -> Remedy.rewrite(code, said, LineEdits.soaked(line));
            case PEEL -> Remedy.rewrite(code, said, LineEdits.unpeeledWords(line, stop));
            case FINISH_AT_SERVING -> Remedy.rewrite(code, said, LineEdits.atServing(line));
        };
    }
}
