package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.FindingCode;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Severity;
import org.mobrel.finding.Source;
import org.mobrel.foods.Food;
import org.mobrel.foods.StopRemedy;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineEdits;
import org.mobrel.recipe.LineReader;

/** Every finding on lines, pack and jars: rules hand in the facts, and here alone are the sentence, the source and the remedies. */
final class Findings {

    private static final Source BEANS = new Source("Guide 4, beans or peas shelled dried");
    private static final Source MEATS = new Source("Guide 5, strips cubes or chunks of meat");
    private static final Remedy HALF = new Remedy(
            "half-solids",
            "Fill jars half way with solids, then broth",
            List.of(Edit.of(Edit.Part.SOLIDS_SHARE, "0.5")));
    private static final Remedy HOT = new Remedy(
            "hot-pack", "Boil everything together 5 min and pack hot", List.of(Edit.of(Edit.Part.PACK, "hot")));
    private static final Remedy PINTS =
            new Remedy("pints-instead", "Use pints instead", List.of(Edit.of(Edit.Part.JAR_SIZE, "pint")));

    private Findings() {}

    private static Finding stop(FindingCode code, int line, String text, Source source, Remedy... remedies) {
        return new Finding(Severity.STOP, code, OptionalInt.of(line), text, List.of(remedies), Optional.of(source));
    }

    private static Finding stop(FindingCode code, String text, Source source, Remedy... remedies) {
        return new Finding(Severity.STOP, code, OptionalInt.empty(), text, List.of(remedies), Optional.of(source));
    }

    private static Finding judge(FindingCode code, int line, String text, Source source, Remedy... remedies) {
        return new Finding(
                Severity.OWN_JUDGEMENT, code, OptionalInt.of(line), text, List.of(remedies), Optional.of(source));
    }

    private static Finding judge(FindingCode code, String text, Source source, Remedy... remedies) {
        return new Finding(
                Severity.OWN_JUDGEMENT, code, OptionalInt.empty(), text, List.of(remedies), Optional.of(source));
    }

    static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    // --- what is in a line ---------------------------------------------------------------------

    static Finding unknownFood(int index, IngredientLine line, Optional<LineReader.Respelled> meant) {
        Stream<Remedy> named = meant.stream()
                .map(one -> Remedy.rewrite(
                        "choose-food", "Did you mean %s?".formatted(one.food().name()), Optional.of(one.text())));
        Stream<Remedy> leave = Stream.of(
                Remedy.leaveOut("Leave it out"),
                Remedy.rewrite("finish-at-serving", "Add it at serving", LineEdits.atServing(line)));
        return new Finding(
                Severity.STOP,
                FindingCode.UNKNOWN_FOOD,
                OptionalInt.of(index),
                "Nothing in the tables is called that, so no tested time is known for it.",
                Stream.concat(named, leave).toList(),
                Optional.empty());
    }

    /** The code, the reason and the remedies are those of the table of stopped ingredients. */
    static Finding stopped(int index, IngredientLine line, StoppedIngredient stop) {
        return new Finding(
                Severity.STOP,
                FindingCode.ofCode(stop.code()).orElseThrow(),
                OptionalInt.of(index),
                capital(stop.group()) + ": " + stop.why() + ".",
                stop.remedies().stream()
                        .map(remedy -> remedy(remedy, line, stop))
                        .toList(),
                Optional.of(stop.isOwnFood() ? new Source("your own food") : Source.GUIDE_SOUPS));
    }

    private static Remedy remedy(StopRemedy remedy, IngredientLine line, StoppedIngredient stop) {
        String code = remedy.kind().code();
        String said = capital(remedy.words());
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

    static Finding dryBeans(int index, IngredientLine line) {
        return stop(
                FindingCode.DRY_BEANS,
                index,
                "Dry beans swell by an unknown amount in the jar and heat unevenly; packing them dry was never tested.",
                BEANS,
                Remedy.rewrite(
                        "soak-first",
                        "Soak overnight 12-18 h, or boil 2 min and rest 1 h; then boil 30 min",
                        LineEdits.soaked(line)));
    }

    /** @param most the largest piece that was tested */
    static Finding piecesTooLarge(int index, IngredientLine line, Length pieces, Length most, Source source) {
        return stop(
                FindingCode.PIECE_TOO_BIG,
                index,
                "Pieces of %s in: the time was tested for at most %s in. A larger piece heats more slowly."
                        .formatted(pieces.inches(), most.inches()),
                source,
                Remedy.rewrite(
                        "cut-smaller",
                        "Cut to %s in or smaller".formatted(most.inches()),
                        LineEdits.cutTo(line, most)));
    }

    static Finding wholeWhereCutWasTested(int index, IngredientLine line, TestedProcess row) {
        return stop(
                FindingCode.PIECE_TOO_BIG,
                index,
                "Whole: the time was tested for %s. A larger piece heats more slowly.".formatted(row.form()),
                row.source(),
                Remedy.rewrite("cut-smaller", "Cut it: %s".formatted(row.form()), LineEdits.cutUp(line)));
    }

    static Finding saidLarger(int index, IngredientLine line, TestedProcess row) {
        return stop(
                FindingCode.PIECE_TOO_BIG,
                index,
                "The time was tested for %s. A larger piece heats more slowly.".formatted(row.form()),
                row.source(),
                Remedy.rewrite(
                        "cut-smaller",
                        "Cut it: %s".formatted(row.form()),
                        LineEdits.cutSmall(line, row.largestPiece())));
    }

    static Finding unpeeled(int index, IngredientLine line, TestedProcess row) {
        return stop(
                FindingCode.UNPEELED,
                index,
                "Skins carry more spores than the process was tested for.",
                row.source(),
                Remedy.rewrite("peel", "Peel, and cut out the eyes", LineEdits.peeled(line)));
    }

    /** @param less the line with no more of it than flavours */
    static Finding tooMuchCuredMeat(int index, Optional<String> less) {
        return judge(
                FindingCode.CURED_MEAT,
                index,
                "Cured or smoked meat beyond an eighth of the solids: it is drier and denser than the fresh meat the time was tested with.",
                MEATS,
                Remedy.rewrite("use-less", "Use at most an eighth of the solids, as a flavouring", less),
                Remedy.leaveOut("Leave it out"));
    }

    static Finding tooMuchSauce(int index, IngredientLine line, Optional<String> less) {
        return judge(
                FindingCode.BOTTLED_SAUCE,
                index,
                "More than a tablespoon a jar: a sauce of unknown thickener slows the heat on its way in.",
                Source.GUIDE_SOUPS,
                Remedy.rewrite("use-less", "Use a tablespoon a jar at most", less),
                new Remedy("read-label", "Read the label for starch"),
                Remedy.rewrite("finish-at-serving", "Leave it out and season at serving", LineEdits.atServing(line)));
    }

    static Finding tooMuchOil(int index, IngredientLine line, Optional<String> less) {
        return stop(
                FindingCode.FAT,
                index,
                "More than a tablespoon of oil a jar: fat shields spores and creeps under the lid.",
                Source.GUIDE_SOUPS,
                Remedy.rewrite("use-less", "Use a tablespoon a jar at most", less),
                Remedy.rewrite("brown-and-drain", "Brown in it and drain it off", LineEdits.forBrowning(line)),
                Remedy.leaveOut("Leave it out"));
    }

    // --- how it goes together ------------------------------------------------------------------

    static Finding nothingTimed(List<Food> foods) {
        String names = foods.isEmpty() ? "this" : foods.stream().map(Food::name).collect(Collectors.joining(" and "));
        return stop(
                FindingCode.NO_TESTED_PROCESS,
                "%s on its own has no published process; it is covered only as part of a soup with a food that has one."
                        .formatted(capital(names)),
                Source.GUIDE_SOUPS,
                new Remedy("freeze", "Freeze it instead"),
                new Remedy("add-food", "Add a food with a tested process and make it a soup"));
    }

    static Finding rootOfStateTables(int index) {
        return judge(
                FindingCode.NO_TESTED_PROCESS,
                index,
                "The guide has no row for this root; only state extension tables list it. No time is put on it here.",
                Source.GUIDE_SOUPS,
                new Remedy("ask-expert", "Ask your local extension office for its table"),
                Remedy.leaveOut("Leave it out, or use carrots instead"));
    }

    static Finding beansPackedRaw(int index) {
        return stop(
                FindingCode.DRY_BEANS,
                index,
                "Dried beans were tested soaked, boiled 30 min and packed hot only.",
                BEANS,
                HOT);
    }

    static Finding mixturePackedRaw() {
        return judge(
                FindingCode.RAW_PACK_UNTESTED,
                "No published table describes a mixture packed raw: cold jars heat later than the tested hot ones.",
                Source.GUIDE_SOUPS,
                HOT);
    }

    static Finding testedHotOnly(Food food) {
        return judge(
                FindingCode.RAW_PACK_UNTESTED,
                "%s: tested packed hot only.".formatted(capital(food.name())),
                Source.GUIDE_GENERAL,
                HOT);
    }

    static Finding testedRawOnly(Food food) {
        return stop(
                FindingCode.NO_TESTED_PROCESS,
                "%s on its own was tested packed raw only.".formatted(capital(food.name())),
                Source.GUIDE_GENERAL,
                new Remedy("raw-pack", "Pack it raw, without liquid", List.of(Edit.of(Edit.Part.PACK, "raw"))));
    }

    static Finding tooManySolids() {
        return judge(
                FindingCode.TOO_MANY_SOLIDS,
                "Solids fill more than half of the jar: the soup table was tested at half, and a denser jar heats more slowly.",
                Source.GUIDE_SOUPS,
                HALF);
    }

    static Finding overfull() {
        return stop(
                FindingCode.OVERFULL_SOLIDS,
                "Solids fill more than three quarters of the jar; nothing published comes near that for this mixture.",
                Source.GUIDE_SOUPS,
                HALF);
    }

    // --- jars, altitude, gauge -----------------------------------------------------------------

    static Finding jarTooLarge(JarSize size) {
        return stop(
                FindingCode.JAR_TOO_BIG,
                "A %s is larger than any jar low-acid food was tested in.".formatted(size.label()),
                Source.GUIDE_GENERAL,
                new Remedy("smaller-jars", "Use quarts or pints", List.of(Edit.of(Edit.Part.JAR_SIZE, "quart"))),
                PINTS);
    }

    /** @param soupWouldHelp whether the soup table has a time for this size, were it packed as that has it */
    static Finding noTimeForSize(JarSize size, boolean soupWouldHelp) {
        List<Remedy> remedies = new ArrayList<>(List.of(PINTS));
        if (soupWouldHelp) {
            remedies.add(new Remedy(
                    "half-solids",
                    "Pack hot, half solids in broth, as the soup table has it",
                    List.of(Edit.of(Edit.Part.PACK, "hot"), Edit.of(Edit.Part.SOLIDS_SHARE, "0.5"))));
        }
        return stop(
                FindingCode.NO_TIME_FOR_SIZE,
                "There is no tested time for %ss of this.".formatted(size.label()),
                Source.GUIDE_GENERAL,
                remedies.toArray(Remedy[]::new));
    }

    static Finding rowSuspended(String row, OptionalInt line) {
        return new Finding(
                Severity.STOP,
                FindingCode.ROW_SUSPENDED,
                line,
                "The row \"%s\" of the tables was found to differ from a printed copy. Nothing goes by it until the tables are put right."
                        .formatted(row),
                List.of(new Remedy("compare-row", "Get updated tables, or compare the row again under Tested times")),
                Optional.empty());
    }

    static Finding altitudeOutOfRange() {
        return stop(
                FindingCode.ALTITUDE_OUT_OF_RANGE,
                "The tables end at 8,000 ft (2,438 m); above that no pressure is published.",
                Source.GUIDE_GENERAL,
                new Remedy("ask-expert", "Ask your local extension office"));
    }

    static Finding gaugeTooFarOff(GaugeError error) {
        return stop(
                FindingCode.GAUGE_ERROR_TOO_BIG,
                "This dial is %s psi off; more than 1 high or 2 low cannot be corrected for.".formatted(error.psi()),
                new Source("Guide 1, testing dial gauges"),
                new Remedy("replace-gauge", "Replace the gauge and have the new one tested"));
    }

    /** What a step does; its sentences stand with the rules of steps, beside the words they quote. */
    static Finding ofStep(
            FindingCode code, OptionalInt line, Finding.Said said, String text, Source source, Remedy... remedies) {
        return new Finding(
                Severity.STOP,
                code,
                line,
                line.isPresent() ? Optional.empty() : Optional.of(said),
                text,
                Arrays.asList(remedies),
                Optional.of(source));
    }
}
