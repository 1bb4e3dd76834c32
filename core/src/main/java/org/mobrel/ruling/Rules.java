package org.mobrel.ruling;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.mobrel.finding.Finding;

/** Every rule a batch has to answer, in one list; all of them speak, none stops the others. */
final class Rules {

    private static final List<Function<Examined, Stream<Finding>>> ALL = List.of(
            IngredientRules::everyIngredientIsKnown,
            IngredientRules::nothingStoppedIsInTheJar,
            IngredientRules::driedBeansAreRehydrated,
            IngredientRules::piecesAreNoLargerThanTested,
            IngredientRules::nothingIsWholeThatWasTestedCut,
            IngredientRules::nothingIsSaidToBeLarger,
            IngredientRules::whatTheRowPeelsIsPeeled,
            IngredientRules::curedMeatIsOnlyAFlavouring,
            IngredientRules::bottledSauceIsOnlyASpoonful,
            IngredientRules::oilIsOnlyASpoonful,
            PackRules::somethingHasATestedProcess,
            PackRules::rootsAreListedByStateTablesOnly,
            PackRules::driedBeansAreNeverRawPacked,
            PackRules::rawPackIsTested,
            PackRules::hotPackIsTested,
            PackRules::solidsFillAtMostHalf,
            PackRules::solidsLeaveRoomForBroth,
            StepRules::nothingIsPureed,
            StepRules::nothingIsThickened,
            StepRules::nothingStoppedIsAdded,
            StepRules::beansDoNotGoInDry,
            StepRules::skinsComeOff,
            StepRules::cutsNoLargerThanTested,
            StepRules::ventsTenMinutes,
            StepRules::coolsByItself,
            StepRules::nothingIsDoneAgainstTheProcess,
            JarRules::jarIsNoLargerThanAQuart,
            JarRules::everySizeHasATime,
            JarRules::altitudeIsInTheTable,
            JarRules::gaugeIsCloseEnough);

    private Rules() {}

    static List<Finding> askAll(Examined batch) {
        return ALL.stream().flatMap(rule -> rule.apply(batch)).toList();
    }
}
