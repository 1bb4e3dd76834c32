package org.mobrel.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.method.RequiredStep;
import org.mobrel.quantity.Mass;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;
import org.mobrel.recipe.State;

/**
 * The work before the jars.
 *
 * @param foods one for each line that something is done to, what begins earliest first
 * @param together steps for all of it
 */
public record PrepList(List<FoodPrep> foods, List<RequiredStep> together) {

    public PrepList {
        foods = List.copyOf(foods);
        together = List.copyOf(together);
    }

    /**
     * What is done to one food.
     *
     * @param line its index
     * @param bought as it comes from the shop; empty where that is not known
     * @param prepared after peeling and trimming, before it is cooked
     * @param scraps about how much is cut away; empty where that is not worth a pot
     * @param keep what of it is worth keeping
     */
    public record FoodPrep(
            int line,
            Optional<Mass> bought,
            Optional<Mass> prepared,
            List<Step> steps,
            Optional<Mass> scraps,
            Optional<Scraps.Keepsake> keep) {

        public FoodPrep {
            steps = List.copyOf(steps);
        }

        private RequiredStep.When begins() {
            return steps.isEmpty() ? RequiredStep.When.PREPARE : steps.get(0).when();
        }
    }

    /** One thing to do. */
    public record Step(RequiredStep.When when, String text) {}

    /** A handful is not worth a pot. */
    private static final Mass WORTH_KEEPING = Mass.ofGrams(60);

    private static final Step THAW = new Step(RequiredStep.When.EVENING, "Thaw it in the refrigerator");

    /**
     * Sorts the steps of a recipe by food.
     *
     * @param portions of the lines as scaled
     */
    public static PrepList of(
            List<IngredientLine> lines, List<Optional<Portion>> portions, List<RequiredStep> steps, Scraps scraps) {
        List<FoodPrep> foods = IntStream.range(0, lines.size())
                .filter(index -> isWorkedOn(lines.get(index)))
                .mapToObj(index -> food(index, lines.get(index), portions.get(index), steps, scraps))
                .sorted(Comparator.comparing(FoodPrep::begins))
                .toList();
        return new PrepList(
                foods, steps.stream().filter(step -> step.lines().isEmpty()).toList());
    }

    private static boolean isWorkedOn(IngredientLine line) {
        return line.goesIntoJar()
                && line.food()
                        .filter(food -> food.kind() != FoodKind.FLAVOURING || line.is(State.CUT))
                        .filter(food -> !food.has(FoodTrait.FROM_THE_TAP))
                        .isPresent();
    }

    private static FoodPrep food(
            int index, IngredientLine line, Optional<Portion> portion, List<RequiredStep> required, Scraps scraps) {
        Food food = line.food().orElseThrow();
        Optional<Mass> prepared =
                portion.map(Portion::raw).filter(raw -> food.kind().isSolid() && !raw.isZero());
        Optional<Mass> bought = prepared.flatMap(raw -> Portions.asBought(line, raw));
        Optional<Mass> away = bought.map(whole -> whole.minus(smaller(whole, prepared.orElse(whole))))
                .filter(mass -> mass.compareTo(WORTH_KEEPING) >= 0 && !food.isDriedBeans());
        return new FoodPrep(
                index, bought, prepared, steps(index, line, required), away, away.flatMap(mass -> scraps.of(food)));
    }

    private static Mass smaller(Mass one, Mass other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    private static List<Step> steps(int index, IngredientLine line, List<RequiredStep> required) {
        List<Step> steps = new ArrayList<>();
        if (line.is(State.FROZEN)
                && line.food()
                        .filter(food -> food.kind() == FoodKind.MEAT || food.kind() == FoodKind.SEAFOOD)
                        .isPresent()) {
            steps.add(THAW);
        }
        required.stream()
                .filter(step -> step.lines().contains(index))
                .forEach(step -> steps.add(new Step(step.when(), step.text())));
        line.largestPiece()
                .filter(size -> line.is(State.CUT)
                        && steps.stream()
                                .noneMatch(step -> step.text().contains("cut it in")
                                        || step.text().startsWith("Cut the")))
                .ifPresent(size -> steps.add(new Step(
                        RequiredStep.When.PREPARE,
                        "Cut it to %s in at most".formatted(size.inches().toPlainString()))));
        steps.sort(Comparator.comparing(Step::when));
        return steps;
    }
}
