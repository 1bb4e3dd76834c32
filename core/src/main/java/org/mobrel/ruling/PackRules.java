package org.mobrel.ruling;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Source;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;

/** How the foods go into the jar together. */
final class PackRules {

    private static final Source BEANS = new Source("Guide 4, beans or peas shelled dried");
    private static final Remedy HALF = new Remedy(
            "half-solids",
            "Fill jars half way with solids, then broth",
            List.of(Edit.of(Edit.Part.SOLIDS_SHARE, "0.5")));
    private static final Remedy HOT = new Remedy(
            "hot-pack", "Boil everything together 5 min and pack hot", List.of(Edit.of(Edit.Part.PACK, "hot")));

    private PackRules() {}

    static Stream<Finding> somethingHasATestedProcess(Examined batch) {
        Contents contents = batch.contents();
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
        return Stream.of(Say.stop(
                "no-tested-process",
                "%s on its own has no published process; it is covered only as part of a soup with a food that has one."
                        .formatted(
                                Say.capital(names(contents.solids().isEmpty() ? contents.foods() : contents.solids()))),
                Source.GUIDE_SOUPS,
                new Remedy("freeze", "Freeze it instead"),
                new Remedy("add-food", "Add a food with a tested process and make it a soup")));
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

    private static String names(List<Food> foods) {
        return foods.isEmpty() ? "this" : foods.stream().map(Food::name).collect(Collectors.joining(" and "));
    }

    static Stream<Finding> rootsAreListedByStateTablesOnly(Examined batch) {
        boolean insideSoup = batch.contents().solids().stream()
                .anyMatch(food -> food.processRow().isPresent());
        return batch.indexes()
                .filter(index -> insideSoup)
                .filter(index -> IngredientRules.has(batch.line(index), food -> food.kind() == FoodKind.ROOT))
                .mapToObj(index -> Say.judge(
                        "no-tested-process",
                        index,
                        "The guide has no row for this root; only state extension tables list it. No time is put on it here.",
                        Source.GUIDE_SOUPS,
                        new Remedy("ask-expert", "Ask your local extension office for its table"),
                        Remedy.leaveOut("Leave it out, or use carrots instead")));
    }

    static Stream<Finding> driedBeansAreNeverRawPacked(Examined batch) {
        return batch.indexes()
                .filter(index -> batch.batch().pack() == Pack.RAW)
                .filter(index -> IngredientRules.has(batch.line(index), Food::isDriedBeans))
                .mapToObj(index -> Say.stop(
                        "dry-beans",
                        index,
                        "Dried beans were tested soaked, boiled 30 min and packed hot only.",
                        BEANS,
                        HOT));
    }

    static Stream<Finding> rawPackIsTested(Examined batch) {
        Contents contents = batch.contents();
        if (contents.pack() == Pack.HOT) {
            return Stream.empty();
        }
        if (contents.isMixture()) {
            return Stream.of(Say.judge(
                    "raw-pack-untested",
                    "No published table describes a mixture packed raw: cold jars heat later than the tested hot ones.",
                    Source.GUIDE_SOUPS,
                    HOT));
        }
        return contents.foods().stream()
                .filter(food -> food.kind().isSolid() || contents.solids().isEmpty())
                .filter(food -> food.kind() != FoodKind.FLAVOURING && !food.isDriedBeans())
                .filter(food -> hasRow(batch, food, Pack.HOT) && !hasRow(batch, food, Pack.RAW))
                .limit(1)
                .map(food -> Say.judge(
                        "raw-pack-untested",
                        "%s: tested packed hot only.".formatted(Say.capital(food.name())),
                        Source.GUIDE_GENERAL,
                        HOT));
    }

    static Stream<Finding> hotPackIsTested(Examined batch) {
        Contents contents = batch.contents();
        if (contents.pack() == Pack.RAW || contents.isMixture()) {
            return Stream.empty();
        }
        return contents.solids().stream()
                .filter(food -> food.processRow().isPresent() && !hasRow(batch, food, Pack.HOT))
                .map(food -> Say.stop(
                        "no-tested-process",
                        "%s on its own was tested packed raw only.".formatted(Say.capital(food.name())),
                        Source.GUIDE_GENERAL,
                        new Remedy(
                                "raw-pack", "Pack it raw, without liquid", List.of(Edit.of(Edit.Part.PACK, "raw")))));
    }

    private static boolean hasRow(Examined batch, Food food, Pack pack) {
        return food.processRow()
                .filter(row -> batch.reader().catalogue().row(row, pack).isPresent())
                .isPresent();
    }

    static Stream<Finding> solidsFillAtMostHalf(Examined batch) {
        Contents contents = batch.contents();
        boolean dense = contents.isMixture()
                && contents.share().isMoreThan(Fraction.HALF)
                && !contents.share().isMoreThan(Fraction.THREE_QUARTERS)
                && !contents.onlyMixableVegetables();
        return dense
                ? Stream.of(Say.judge(
                        "too-many-solids",
                        "Solids fill more than half of the jar: the soup table was tested at half, and a denser jar heats more slowly.",
                        Source.GUIDE_SOUPS,
                        HALF))
                : Stream.empty();
    }

    static Stream<Finding> solidsLeaveRoomForBroth(Examined batch) {
        Contents contents = batch.contents();
        boolean overfull = contents.isMixture()
                && contents.share().isMoreThan(Fraction.THREE_QUARTERS)
                && !contents.onlyMixableVegetables();
        return overfull
                ? Stream.of(Say.stop(
                        "overfull-solids",
                        "Solids fill more than three quarters of the jar; nothing published comes near that for this mixture.",
                        Source.GUIDE_SOUPS,
                        HALF))
                : Stream.empty();
    }
}
