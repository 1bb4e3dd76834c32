package org.mobrel.ruling;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.Pack;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Length;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineEdits;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;
import org.mobrel.recipe.State;

/** What each ingredient has to be, by itself. */
final class IngredientRules {

    /** Cured or smoked meat up to this share of the solids is a flavouring. */
    private static final double FLAVOURING_SHARE = 1.0 / 8;

    /** A tablespoon: the most of a bottled sauce that a jar may hold before its thickener matters. */
    private static final Volume SPOONFUL = Volume.ofMillilitres(236.59 / 16);

    private IngredientRules() {}

    static Stream<Finding> everyIngredientIsKnown(Examined batch) {
        return lines(batch)
                .filter(index -> batch.line(index).isUnknown())
                .mapToObj(index -> Findings.unknownFood(
                        index, batch.line(index), batch.reader().respelled(batch.line(index))));
    }

    static Stream<Finding> nothingStoppedIsInTheJar(Examined batch) {
        return lines(batch).boxed().flatMap(index -> batch.line(index).stopped().stream()
                .map(stop -> Findings.stopped(index, batch.line(index), stop)));
    }

    static Stream<Finding> driedBeansAreRehydrated(Examined batch) {
        return lines(batch)
                .filter(index -> batch.line(index).is(State.UNSOAKED) && has(batch.line(index), Food::isDriedBeans))
                .mapToObj(index -> Findings.dryBeans(index, batch.line(index)));
    }

    static Stream<Finding> piecesAreNoLargerThanTested(Examined batch) {
        LineTimes times = new LineTimes(batch.reader().catalogue());
        return lines(batch)
                .filter(index -> batch.line(index).largestPiece().isPresent())
                .boxed()
                .flatMap(index -> {
                    IngredientLine line = batch.line(index);
                    // Of several limits in one line the smallest is the one to cut to.
                    return line.foods().stream()
                            .flatMap(food -> times.rows(food, line, batch.contents()))
                            .filter(row -> isOver(line, row))
                            .min(Comparator.comparing(row -> limit(row, line).orElseThrow()))
                            .map(row -> tooBig(index, line, row))
                            .stream();
                });
    }

    private static boolean isOver(IngredientLine line, TestedProcess row) {
        return limit(row, line)
                .filter(most -> line.largestPiece().orElseThrow().compareTo(most) > 0)
                .isPresent();
    }

    private static Optional<Length> limit(TestedProcess row, IngredientLine line) {
        return line.is(State.WHOLE) ? row.largestWhole() : row.largestPiece();
    }

    private static Finding tooBig(int index, IngredientLine line, TestedProcess row) {
        Length most = limit(row, line).orElseThrow();
        return Findings.piecesTooLarge(index, line, line.largestPiece().orElseThrow(), most, row.source());
    }

    static Stream<Finding> nothingIsWholeThatWasTestedCut(Examined batch) {
        LineTimes times = new LineTimes(batch.reader().catalogue());
        return lines(batch)
                .filter(index -> batch.line(index).is(State.WHOLE)
                        && !batch.line(index).is(State.CUT)
                        && batch.line(index).largestPiece().isEmpty())
                .boxed()
                .flatMap(index -> batch.line(index).foods().stream()
                        .flatMap(food -> times.rows(food, batch.line(index), batch.contents()))
                        .filter(row -> !row.whole())
                        .filter(row -> batch.line(index).shapes().isEmpty()
                                || RulingQuestions.sizeAsked(batch, index).isEmpty())
                        .limit(1)
                        .map(row -> Findings.wholeWhereCutWasTested(index, batch.line(index), row)));
    }

    /** What the cook said of shapes such as 'chunks'. */
    static Stream<Finding> nothingIsSaidToBeLarger(Examined batch) {
        return lines(batch)
                .filter(index -> RulingQuestions.isSaidLarger(batch.line(index)))
                .boxed()
                .flatMap(
                        index -> RulingQuestions.sizeAsked(batch, index)
                                .map(row -> Findings.saidLarger(index, batch.line(index), row))
                                .stream());
    }

    static Stream<Finding> whatTheRowPeelsIsPeeled(Examined batch) {
        LineTimes times = new LineTimes(batch.reader().catalogue());
        return lines(batch)
                .filter(index -> batch.line(index).is(State.UNPEELED))
                .boxed()
                .flatMap(index -> batch.line(index).foods().stream()
                        .flatMap(food -> times.rows(food, batch.line(index), batch.contents()))
                        .filter(TestedProcess::peeled)
                        .limit(1)
                        .map(row -> Findings.unpeeled(index, batch.line(index), row)));
    }

    static Stream<Finding> curedMeatIsOnlyAFlavouring(Examined batch) {
        if (lines(batch).noneMatch(index -> has(batch.line(index), Food::isCuredMeat))) {
            return Stream.empty();
        }
        Optional<Mass> solids = solidMass(batch);
        return lines(batch)
                .filter(index -> has(batch.line(index), Food::isCuredMeat))
                .filter(index -> !isFlavouring(batch, index, solids))
                .mapToObj(index -> Findings.tooMuchCuredMeat(index, lessCured(batch, index, solids)));
    }

    /** The amount at which the cured meat is an eighth of all solids: a seventh of the others. */
    private static Optional<String> lessCured(Examined batch, int index, Optional<Mass> solids) {
        Optional<Mass> cured =
                Portions.of(batch.line(index), batch.batch().pack()).map(Portion::inJar);
        if (cured.isEmpty() || solids.isEmpty() || cured.get().isZero()) {
            return Optional.empty();
        }
        double mine = cured.get().milligrams();
        double others = solids.get().milligrams() - mine;
        return LineEdits.reduced(batch.line(index), others * FLAVOURING_SHARE / (1 - FLAVOURING_SHARE) / mine);
    }

    private static boolean isFlavouring(Examined batch, int index, Optional<Mass> solids) {
        Optional<Mass> cured =
                Portions.of(batch.line(index), batch.batch().pack()).map(Portion::inJar);
        return cured.isPresent()
                && solids.isPresent()
                && cured.get().milligrams() <= solids.get().milligrams() * FLAVOURING_SHARE;
    }

    /** The mass of all solids in the jars; empty if any of them has no amount that can be weighed. */
    private static Optional<Mass> solidMass(Examined batch) {
        Mass sum = Mass.ZERO;
        for (LineRuling ruled : batch.lines()) {
            if (has(ruled.line(), food -> food.kind().isSolid())) {
                Optional<Portion> portion =
                        Portions.of(ruled.line(), batch.batch().pack());
                if (portion.isEmpty()) {
                    return Optional.empty();
                }
                sum = sum.plus(portion.get().inJar());
            }
        }
        return Optional.of(sum);
    }

    static Stream<Finding> bottledSauceIsOnlyASpoonful(Examined batch) {
        if (lines(batch).noneMatch(index -> has(batch.line(index), IngredientRules::mayHoldThickener))) {
            return Stream.empty();
        }
        double jars = jarsMade(batch);
        return lines(batch)
                .filter(index -> has(batch.line(index), IngredientRules::mayHoldThickener))
                .filter(index -> perJar(batch.line(index), jars).compareTo(SPOONFUL) > 0
                        || has(
                                batch.line(index),
                                food -> food.has(FoodTrait.MAY_BE_THICKENED)
                                        && RulingQuestions.isSaidMore(batch.line(index), food)))
                .mapToObj(index -> Findings.tooMuchSauce(index, batch.line(index), lessSauce(batch.line(index), jars)));
    }

    private static Optional<String> lessSauce(IngredientLine line, double jars) {
        double now = perJar(line, jars).millilitres();
        return now > 0 ? LineEdits.reduced(line, SPOONFUL.millilitres() / now) : Optional.empty();
    }

    private static boolean mayHoldThickener(Food food) {
        return food.has(FoodTrait.MAY_BE_THICKENED);
    }

    /** Oil browns, and is drained; beyond a spoonful a jar it is fat in the jar. */
    static Stream<Finding> oilIsOnlyASpoonful(Examined batch) {
        if (lines(batch).noneMatch(index -> has(batch.line(index), IngredientRules::isOil))) {
            return Stream.empty();
        }
        double jars = jarsMade(batch);
        return lines(batch)
                .filter(index -> has(batch.line(index), IngredientRules::isOil)
                        && !batch.line(index).is(State.DRAINED))
                .filter(index -> perJar(batch.line(index), jars).compareTo(SPOONFUL) > 0
                        || has(
                                batch.line(index),
                                food -> isOil(food) && RulingQuestions.isSaidMore(batch.line(index), food)))
                .mapToObj(index -> Findings.tooMuchOil(index, batch.line(index), lessSauce(batch.line(index), jars)));
    }

    private static boolean isOil(Food food) {
        return food.has(FoodTrait.FOR_BROWNING);
    }

    private static Volume perJar(IngredientLine line, double jars) {
        return line.food()
                .flatMap(food -> Portions.of(line, Pack.HOT)
                        .map(portion -> Volume.ofCups((double) portion.raw().milligrams()
                                / food.measures().rawPerCup().milligrams()
                                / jars)))
                .orElse(Volume.ZERO);
    }

    /** How many jars of the smallest size asked for the recipe fills as it stands, at least one. */
    private static double jarsMade(Examined batch) {
        JarCount smallest = batch.batch().jars().stream()
                .min(Comparator.comparing(JarCount::size))
                .orElseThrow();
        double bulk = batch.lines().stream()
                .flatMap(ruled -> Portions.of(ruled.line(), batch.batch().pack()).stream())
                .mapToDouble(portion -> portion.bulk().millilitres())
                .sum();
        return batch.jars()
                .fill(smallest.size(), smallest.mouth(), Headspace.ONE_INCH)
                .map(fill -> bulk / batch.batch().solidsShare().value() / fill.millilitres())
                .filter(jars -> jars > 1)
                .orElse(1.0);
    }

    private static IntStream lines(Examined batch) {
        return batch.indexes();
    }

    static boolean has(IngredientLine line, Predicate<Food> what) {
        for (Food food : line.foods()) {
            if (what.test(food)) {
                return true;
            }
        }
        return false;
    }
}
