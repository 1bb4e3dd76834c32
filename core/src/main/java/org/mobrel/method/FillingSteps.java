package org.mobrel.method;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.LineReader;

/** Reads how jars are filled: hot or raw, and how full of solids. */
final class FillingSteps {

    private static final Fraction THIRD = Fraction.of(1.0 / 3);
    private static final Fraction TWO_THIRDS = Fraction.of(2.0 / 3);
    private static final Fraction FULL = Fraction.of(1);

    private FillingSteps() {}

    /** Hot or raw, and how full: what goes into the jars, and how. */
    static void read(
            Sentence sentence,
            Optional<Sentence> next,
            List<LineReader.Named> named,
            boolean heated,
            List<StepStatement> sayings) {
        boolean raw = sentence.effects().contains("packs-raw");
        boolean filling = sentence.says(StepPhrases.FILLING);
        boolean solids = named.stream().anyMatch(one -> one.mention().foods().stream()
                        .anyMatch(food -> food.kind().isSolid()))
                || StepPhrases.SOLIDS.matcher(sentence.plain()).find();
        // Nothing was heated, food goes into the jars, and boiling water over it: a raw pack, whatever it is called.
        boolean rawWithoutTheWord = filling
                && solids
                && !heated
                && !sentence.says(StepPhrases.HEATS)
                && (StepPhrases.POURS_BOILING.matcher(sentence.plain()).find()
                        || next.filter(one -> StepPhrases.POURS_BOILING
                                                .matcher(one.plain())
                                                .find()
                                        && !one.says(StepPhrases.HEATS))
                                .isPresent());
        if (raw || rawWithoutTheWord) {
            sayings.add(new StepStatement.PacksRaw(sentence.quote()));
        } else if (sentence.effects().contains("packs-hot")) {
            sayings.add(new StepStatement.PacksHot(sentence.quote()));
        }
        if (filling) {
            share(sentence, solids)
                    .ifPresentOrElse(
                            share -> sayings.add(new StepStatement.Fills(sentence.quote(), share, true)),
                            () -> mostly(sentence, sayings));
        }
    }

    /** More solids than liquid, and nobody says how many more. */
    private static void mostly(Sentence sentence, List<StepStatement> sayings) {
        if (sentence.says(StepPhrases.MOSTLY_SOLIDS)) {
            sayings.add(new StepStatement.Fills(sentence.quote(), Fraction.THREE_QUARTERS, false));
        }
    }

    private static Optional<Fraction> share(Sentence sentence, boolean solids) {
        Matcher percent = StepPhrases.PERCENT.matcher(sentence.plain());
        if (percent.find()) {
            int value = Integer.parseInt(percent.group(1));
            return value >= 10 && value <= 100 ? Optional.of(Fraction.of(value / 100.0)) : Optional.empty();
        }
        if (sentence.says(StepPhrases.THREE_QUARTERS)) {
            return Optional.of(Fraction.THREE_QUARTERS);
        }
        if (sentence.says(StepPhrases.TWO_THIRDS)) {
            return Optional.of(TWO_THIRDS);
        }
        if (sentence.says(StepPhrases.HALF)) {
            return Optional.of(Fraction.HALF);
        }
        if (sentence.says(StepPhrases.THIRD)) {
            return Optional.of(THIRD);
        }
        boolean liquidOnly = StepPhrases.LIQUID.matcher(sentence.plain()).find() && !solids;
        boolean bands = StepPhrases.BANDS.matcher(sentence.plain()).find();
        if (sentence.says(StepPhrases.FULL) && !liquidOnly && !bands) {
            return Optional.of(FULL);
        }
        boolean upToHeadspace = sentence.says(StepPhrases.TO_THE_HEADSPACE)
                && solids
                && !StepPhrases.LIQUID.matcher(sentence.plain()).find();
        return upToHeadspace ? Optional.of(FULL) : Optional.empty();
    }
}
