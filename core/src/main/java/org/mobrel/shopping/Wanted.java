package org.mobrel.shopping;

import java.util.Optional;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Measures;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/**
 * One line of one dish, so many times.
 *
 * @param factor what the line's amount is multiplied by, at least 0
 * @param fromShelf how much of it comes out of own jars
 * @param dish what it is for
 */
public record Wanted(IngredientLine line, double factor, Volume fromShelf, String dish) {

    /** @throws IllegalArgumentException if the factor is negative */
    public Wanted {
        if (!(factor >= 0)) {
            throw new IllegalArgumentException("a line is wanted %s times".formatted(factor));
        }
    }

    /** Of solids the mass as bought, of liquids the volume, of seasonings what the recipe measures them by. */
    Goods goods() {
        Optional<Food> food = line.food();
        Optional<Portion> portion = Portions.of(line, Pack.HOT).map(each -> each.times(factor));
        if (line.amount().isEmpty() || food.isEmpty()) {
            return line.amount()
                    .map(amount -> counted(amount.value().doubleValue(), amount.unit()))
                    .orElse(Goods.SOME);
        }
        MeasureUnit unit = line.amount().get().unit();
        if (portion.isEmpty() || unit.kind() == MeasureUnit.Kind.TRACE) {
            return counted(line.amount().get().value().doubleValue(), unit);
        }
        return switch (food.get().kind()) {
            case LIQUID -> Goods.of(less(portion.get().broth(), fromShelf));
            case FLAVOURING ->
                switch (unit.kind()) {
                    case VOLUME ->
                        Goods.of(line.amount().get().volume().orElseThrow().times(factor));
                    case MASS -> Goods.of(portion.get().raw());
                    default -> counted(line.amount().get().value().doubleValue(), unit);
                };
            default -> Goods.of(bought(less(portion.get().raw(), onShelf(food.get()))));
        };
    }

    private Goods counted(double value, MeasureUnit unit) {
        return Goods.of(value * factor, unit);
    }

    /** What an amount in the house comes to, in the measure this is bought by; empty where the two cannot be compared. */
    Optional<Goods> inHouse(Amount amount) {
        Goods bought = goods();
        if (bought.mass().isPresent()) {
            return amount.mass()
                    .or(() -> Portions.rawOf(line, amount, false).map(this::bought))
                    .map(Goods::of);
        }
        if (bought.volume().isPresent()) {
            return amount.volume()
                    .or(() -> Portions.rawOf(line, amount, false).flatMap(this::poured))
                    .map(Goods::of);
        }
        return Optional.of(Goods.of(amount.value().doubleValue(), bought.unit()));
    }

    private Mass bought(Mass raw) {
        return Portions.asBought(line, raw).orElse(raw);
    }

    private Optional<Volume> poured(Mass mass) {
        return line.food()
                .map(food -> Volume.ofCups(
                        (double) mass.milligrams() / food.measures().rawPerCup().milligrams()));
    }

    /** What jars from the shelf hold of a solid, raw prepared. */
    private Mass onShelf(Food food) {
        if (fromShelf.isZero() || food.kind() == FoodKind.LIQUID) {
            return Mass.ZERO;
        }
        Measures measures = food.measures();
        return measures.inJarPerCup().times(fromShelf.cups() / measures.hotMassRatio());
    }

    private static Mass less(Mass all, Mass part) {
        return all.compareTo(part) > 0 ? all.minus(part) : Mass.ZERO;
    }

    private static Volume less(Volume all, Volume part) {
        return all.compareTo(part) > 0 ? all.minus(part) : Volume.ZERO;
    }
}
