package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.method.RequiredStep;
import org.mobrel.prep.PrepList;
import org.mobrel.prep.Scraps;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.scaling.Dose;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.ShareOut;

/** What is done to each food, and what each jar gets of it, in words. */
final class FillingMapper {

    private final KitchenMeasure measure;

    FillingMapper(PlanView looked) {
        this.measure = new KitchenMeasure(looked.kitchen().units());
    }

    List<DishMessages.ShareResponse> shareOut(Planned dish, Scaled scaled) {
        return ShareOut.of(scaled).stream()
                .map(out -> new DishMessages.ShareResponse(
                        out.jar().jars().size().code(),
                        out.jar().jars().mouth().code(),
                        out.lines().stream()
                                .map(line -> new DishMessages.ShareLine(
                                        line.line(),
                                        asPacked(dish.lines().get(line.line())),
                                        Math.round(line.mass().grams()),
                                        measure.mass(line.mass()),
                                        measure.about(line.bulk())))
                                .toList(),
                        Math.round(out.total().grams()),
                        measure.mass(out.total())))
                .toList();
    }

    /** Dried beans are soaked and boiled by the time they are shared out. */
    private static String asPacked(IngredientLine line) {
        String name = DishMapper.shortNameOf(line);
        return line.food().filter(Food::isDriedBeans).isPresent()
                ? name.replaceFirst("^dr(?:ied|y) ", "") + ", boiled"
                : name;
    }

    /** Seasonings by the jar, for those who season jars and not the pot. */
    List<DishMessages.DoseResponse> doses(Planned dish, Scaled scaled) {
        return IntStream.range(0, dish.lines().size())
                .filter(index ->
                        isSeasoning(dish.lines().get(index)) && !dish.jars().isEmpty())
                .mapToObj(index -> dose(index, dish, scaled))
                .toList();
    }

    private static boolean isSeasoning(IngredientLine line) {
        return line.goesIntoJar()
                && line.amount().isPresent()
                && line.food()
                        .filter(food ->
                                food.kind() == FoodKind.FLAVOURING && !food.id().equals("oil"))
                        .isPresent();
    }

    private DishMessages.DoseResponse dose(int index, Planned dish, Scaled scaled) {
        IngredientLine line = dish.lines().get(index);
        Optional<Dose> byJar = Dose.of(line);
        List<DishMessages.DoseOfJar> perJar = scaled.perJar().stream()
                .map(jar -> new DishMessages.DoseOfJar(
                        jar.jars().size().code(),
                        jar.jars().mouth().code(),
                        measure.of(
                                        line,
                                        byJar.map(dose -> dose.times(jar.jars().size()))
                                                .orElseGet(() -> scaled.factor()
                                                        * jar.fill().dividedBy(scaled.inPot())))
                                .orElse("")))
                .toList();
        return new DishMessages.DoseResponse(
                index,
                DishMapper.shortNameOf(line),
                perJar,
                measure.of(line, PlanView.times(line, dish, scaled)).orElse(""));
    }

    List<DishMessages.VariantShare> variants(Planned dish) {
        return dish.variants().stream()
                .map(variant -> {
                    int jars = PlanView.jarsOf(dish, variant.name());
                    return new DishMessages.VariantShare(
                            variant.name(),
                            jars,
                            dish.scaled()
                                    .map(scaled -> addIns(dish, scaled, variant.addIns(), jars))
                                    .orElse(List.of()));
                })
                .toList();
    }

    private List<String> addIns(Planned dish, Scaled scaled, List<IngredientLine> lines, int jars) {
        List<String> words = new ArrayList<>();
        for (IngredientLine line : lines) {
            double times = PlanView.timesForSome(line, dish, scaled, jars);
            words.add((jars == 0 ? Optional.<String>empty() : measure.of(line, times))
                    .map(amount -> amount + " " + DishMapper.nameOf(line))
                    .orElse(DishMapper.nameOf(line)));
        }
        return words;
    }

    DishMessages.PrepResponse prep(Planned dish, Scaled scaled, List<RequiredStep> steps, Scraps scraps) {
        PrepList list = PrepList.of(
                dish.lines(),
                IntStream.range(0, dish.lines().size())
                        .mapToObj(scaled::portion)
                        .toList(),
                steps,
                scraps);
        return new DishMessages.PrepResponse(
                list.foods().stream().map(food -> food(food, dish, scaled)).toList(),
                list.together().stream()
                        .map(step -> new DishMessages.PrepStep(step.when().code(), step.text()))
                        .toList());
    }

    private DishMessages.FoodPrepResponse food(PrepList.FoodPrep food, Planned dish, Scaled scaled) {
        IngredientLine line = dish.lines().get(food.line());
        return new DishMessages.FoodPrepResponse(
                food.line(),
                DishMapper.nameOf(line),
                food.bought().map(measure::toBuy).orElse(null),
                food.prepared().map(measure::mass).orElse(null),
                measure.of(line, PlanView.times(line, dish, scaled)).orElse(null),
                food.steps().stream()
                        .map(step -> new DishMessages.PrepStep(step.when().code(), step.text()))
                        .toList(),
                food.keep().isPresent() ? food.scraps().map(measure::mass).orElse(null) : null,
                food.keep()
                        .map(keep -> "%s, for %s".formatted(keep.keep(), keep.use()))
                        .orElse(null));
    }
}
