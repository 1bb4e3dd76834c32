package org.mobrel.ruling;

import java.util.stream.Stream;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;

/** How the foods go into the jar together. */
final class PackRules {

    private PackRules() {}

    static Stream<Finding> somethingHasATestedProcess(Examined batch) {
        JarContents contents = batch.contents();
        boolean timedSolid = contents.solids().stream()
                .anyMatch(food -> food.processRow().isPresent() && (contents.isMixture() || !isOnlyTimedInSoup(food)));
        boolean timedBroth = contents.solids().isEmpty()
                && contents.foods().stream()
                        .anyMatch(food -> food.processRow().isPresent()
                                && (food.kind() == FoodKind.LIQUID || contents.isStockFrom(food)))
                && contents.foods().stream().noneMatch(PackRules::hasNoRowAlone);
        if (timedSolid || timedBroth || batch.lines().stream().anyMatch(PackRules::isStoppedAnyway)) {
            return Stream.empty();
        }
        return Stream.of(Findings.nothingTimed(contents.solids().isEmpty() ? contents.foods() : contents.solids()));
    }

    /** The reason for a stop is already said for a line that is unknown or stopped by itself. */
    private static boolean isStoppedAnyway(LineRuling ruled) {
        return ruled.line().isUnknown() || !ruled.line().stopped().isEmpty();
    }

    private static boolean isOnlyTimedInSoup(Food food) {
        return food.kind().isSolid() && food.has(FoodTrait.ONLY_IN_SOUP);
    }

    private static boolean hasNoRowAlone(Food food) {
        return food.has(FoodTrait.ONLY_IN_SOUP);
    }

    static Stream<Finding> rootsAreListedByStateTablesOnly(Examined batch) {
        boolean insideSoup = batch.contents().solids().stream()
                .anyMatch(food -> food.processRow().isPresent());
        return batch.indexes()
                .filter(index -> insideSoup)
                .filter(index -> IngredientRules.has(batch.line(index), food -> food.kind() == FoodKind.ROOT))
                .mapToObj(index -> Findings.rootOfStateTables(index));
    }

    static Stream<Finding> driedBeansAreNeverRawPacked(Examined batch) {
        return batch.indexes()
                .filter(index -> batch.batch().pack() == Pack.RAW)
                .filter(index -> IngredientRules.has(batch.line(index), Food::isDriedBeans))
                .mapToObj(index -> Findings.beansPackedRaw(index));
    }

    static Stream<Finding> rawPackIsTested(Examined batch) {
        JarContents contents = batch.contents();
        if (contents.pack() == Pack.HOT) {
            return Stream.empty();
        }
        if (contents.isMixture()) {
            return Stream.of(Findings.mixturePackedRaw());
        }
        return contents.foods().stream()
                .filter(food -> food.kind().isSolid() || contents.solids().isEmpty())
                .filter(food -> food.kind() != FoodKind.FLAVOURING && !food.isDriedBeans())
                .filter(food -> hasRow(batch, food, Pack.HOT) && !hasRow(batch, food, Pack.RAW))
                .limit(1)
                .map(food -> Findings.testedHotOnly(food));
    }

    static Stream<Finding> hotPackIsTested(Examined batch) {
        JarContents contents = batch.contents();
        if (contents.pack() == Pack.RAW || contents.isMixture()) {
            return Stream.empty();
        }
        return contents.solids().stream()
                .filter(food -> food.processRow().isPresent() && !hasRow(batch, food, Pack.HOT))
                .map(food -> Findings.testedRawOnly(food));
    }

    private static boolean hasRow(Examined batch, Food food, Pack pack) {
        return food.processRow()
                .filter(row -> batch.reader().catalogue().row(row, pack).isPresent())
                .isPresent();
    }

    static Stream<Finding> solidsFillAtMostHalf(Examined batch) {
        JarContents contents = batch.contents();
        boolean dense = contents.isMixture()
                && contents.share().isMoreThan(Fraction.HALF)
                && !contents.share().isMoreThan(Fraction.THREE_QUARTERS)
                && !contents.onlyMixableVegetables();
        return dense ? Stream.of(Findings.tooManySolids()) : Stream.empty();
    }

    static Stream<Finding> solidsLeaveRoomForBroth(Examined batch) {
        JarContents contents = batch.contents();
        boolean overfull = contents.isMixture()
                && contents.share().isMoreThan(Fraction.THREE_QUARTERS)
                && !contents.onlyMixableVegetables();
        return overfull ? Stream.of(Findings.overfull()) : Stream.empty();
    }
}
