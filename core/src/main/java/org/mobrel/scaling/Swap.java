package org.mobrel.scaling;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.foods.Pack;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineWriter;
import org.mobrel.recipe.Portions;
import org.mobrel.recipe.State;

/** One food in place of another by weight: what the squash weighed, in carrots. */
public final class Swap {

    /** What is done to the one is done to the other. */
    private static final Set<State> KEPT = EnumSet.of(State.PEELED, State.CUT);

    private Swap() {}

    /** The line with the other food, as a recipe has it; empty for a line that is no solid or cannot be weighed. */
    public static Optional<String> byWeight(IngredientLine line, Food other, Units units) {
        Set<State> states = EnumSet.noneOf(State.class);
        KEPT.stream().filter(line::is).forEach(states::add);
        return Optional.of(line)
                .filter(solid ->
                        solid.food().filter(food -> food.kind().isSolid()).isPresent())
                .flatMap(solid -> Portions.of(solid, Pack.HOT))
                .map(portion -> portion.raw())
                .filter(mass -> !mass.isZero())
                .map(mass -> new KitchenMeasure(units).mass(mass) + " "
                        + LineWriter.words(
                                List.of(other.word()),
                                states,
                                line.largestPiece().stream().toList()));
    }
}
