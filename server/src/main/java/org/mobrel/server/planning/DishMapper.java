package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineWriter;
import org.mobrel.recipe.Portions;
import org.mobrel.scaling.Dose;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.Kettle;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.SoakedLot;
import org.mobrel.server.ruling.RulingResponse;

/** Amounts, jars and kettle of one dish, in words. */
final class DishMapper {

    /** Less than that is not worth a word. */
    private static final double WORTH_CUPS = 0.25;

    private final PlanView looked;
    private final KitchenMeasure measure;
    private final SummaryMapper summary;

    DishMapper(PlanView looked) {
        this.looked = looked;
        this.measure = new KitchenMeasure(looked.kitchen().units());
        this.summary = new SummaryMapper(measure);
    }

    DishMessages.SummaryResponse summary(Planned dish, Scaled scaled) {
        return summary.of(dish, scaled);
    }

    DishMessages.AmountsResponse amounts(Planned dish, Scaled scaled, RulingResponse ruling) {
        boolean cooked = scaled.pot().cooked();
        return new DishMessages.AmountsResponse(
                scaled.factor(),
                scaled.pot().error().value(),
                IntStream.range(0, dish.lines().size())
                        .filter(index -> !cooked && dish.lines().get(index).goesIntoJar())
                        .mapToObj(index -> line(index, ruling.lines().get(index).role(), dish, scaled))
                        .toList(),
                scaled.fill().millilitres(),
                scaled.brothNeeded().millilitres(),
                scaled.brothInRecipe().millilitres(),
                measure.volume(scaled.brothNeeded(), true),
                summary.lacks(scaled).orElse(null),
                worth(scaled.brothLeft()).orElse(null),
                worth(scaled.kettle()).orElse(null),
                cooked,
                scaled.perJar().stream().map(this::fill).toList(),
                scaled.pot().unmeasured());
    }

    private Optional<String> worth(Volume volume) {
        return volume.cups() < WORTH_CUPS ? Optional.empty() : Optional.of(measure.volume(volume, true));
    }

    private DishMessages.LineAmount line(int index, String role, Planned dish, Scaled scaled) {
        IngredientLine line = dish.lines().get(index);
        double times = PlanView.times(line, dish, scaled);
        Optional<Mass> raw = Portions.of(line, dish.recipe().pack())
                .map(portion -> portion.raw().times(times))
                .filter(mass -> !mass.isZero()
                        && line.food().filter(food -> food.kind().isSolid()).isPresent());
        return new DishMessages.LineAmount(
                index,
                nameOf(line),
                role,
                line.amount().map(LineWriter::amount).orElse(null),
                measure.of(line, times).orElse(null),
                asBought(line, raw).orElse(null),
                raw.map(Mass::grams).orElse(null),
                raw.map(measure::mass).orElse(null),
                worth(looked.ownJars(dish, index)).orElse(null));
    }

    /** The line without its amount: what stands behind the number in the list. */
    static String nameOf(IngredientLine line) {
        String rest = line.rest().isBlank() ? line.text() : line.rest();
        return line.isPerJar() || Dose.of(line).isPresent() ? Dose.withoutEach(rest) : rest;
    }

    /** The food alone, where a name has to be short. */
    static String shortNameOf(IngredientLine line) {
        return line.mentions().isEmpty() ? nameOf(line) : line.mentions().get(0).phrase();
    }

    /** What to buy for it, as a shop sells it. */
    private Optional<String> asBought(IngredientLine line, Optional<Mass> raw) {
        return raw.flatMap(mass -> Portions.asBought(line, mass)).map(measure::toBuy);
    }

    private DishMessages.JarFill fill(Scaled.JarShare jar) {
        return new DishMessages.JarFill(
                jar.jars().size().code(),
                jar.jars().mouth().code(),
                jar.jars().count(),
                jar.fill().millilitres(),
                jar.brim().millilitres(),
                jar.solids().millilitres(),
                jar.solidsMass().grams(),
                jar.broth().millilitres(),
                jar.solidsMass().isZero() ? "" : measure.mass(jar.solidsMass()),
                measure.about(jar.broth()),
                looked.kitchen().household().servings(jar.fill()));
    }

    /** What a soaked lot on the scale gives to each jar; null until it was weighed. */
    DishMessages.@Nullable SoakedResponse soaked(Planned dish, Scaled scaled) {
        String weighed = dish.dish().weighed();
        if (weighed == null || weighed.isBlank()) {
            return null;
        }
        Optional<Mass> lot = Amount.read(weighed).flatMap(Amount::mass);
        return lot.map(mass -> new DishMessages.SoakedResponse(
                        measure.exactly(mass),
                        SoakedLot.of(mass, scaled).perJar().stream()
                                .map(each -> new DishMessages.SoakedJar(
                                        each.jars().size().code(),
                                        each.jars().mouth().code(),
                                        each.jars().count(),
                                        measure.exactly(each.each()),
                                        "%s a %s"
                                                .formatted(
                                                        measure.exactly(each.each()),
                                                        each.jars().size().label())))
                                .toList()))
                .orElse(null);
    }

    /** Null where nothing is boiled beside the pot. */
    DishMessages.@Nullable KettleResponse kettle(Planned dish, Scaled scaled) {
        if (scaled.kettle().isZero()) {
            return null;
        }
        Volume boiling = dish.dish().kettle() == null
                ? scaled.kettle()
                : dish.dish().kettle().volume("kettle", looked.kitchen().household());
        Kettle kettle = Kettle.at(
                boiling,
                scaled.perJar().stream()
                        .map(jar -> new Kettle.Filled(jar, filled(dish, jar.jars())))
                        .toList());
        return new DishMessages.KettleResponse(
                boiling.millilitres(),
                measure.volume(boiling, true),
                measure.volume(kettle.left(), true),
                kettle.moreJars(),
                kettle.toCome(),
                kettle.missing().isZero() ? null : measure.volume(kettle.missing(), true),
                said(kettle));
    }

    private static int filled(Planned dish, JarCount jars) {
        return dish.dish().filled().stream()
                .filter(wanted -> wanted.size().equals(jars.size().code())
                        && wanted.mouth().equals(jars.mouth().code()))
                .mapToInt(wanted -> Math.min(wanted.count(), jars.count()))
                .findFirst()
                .orElse(0);
    }

    private String said(Kettle kettle) {
        if (kettle.toCome() == 0) {
            return "All jars are filled.";
        }
        if (kettle.missing().isZero()) {
            return kettle.toCome() == 1
                    ? "Enough for the last jar."
                    : "Enough for all %s jars to come.".formatted(kettle.toCome());
        }
        String enough = kettle.moreJars() == 0
                ? "Not enough for another jar"
                : "Enough for %s more %s".formatted(kettle.moreJars(), kettle.moreJars() == 1 ? "jar" : "jars");
        return "%s, of %s: put another %s on now."
                .formatted(enough, kettle.toCome(), measure.volume(kettle.missing(), true));
    }

    DishMessages.ForecastResponse forecast(Planned dish, Scaled scaled) {
        Household household = looked.kitchen().household();
        Optional<String> leftover = worth(scaled.leftover());
        Optional<Integer> limit = dish.worked().reach().map(reach -> reach.limitedBy());
        return new DishMessages.ForecastResponse(
                scaled.inPot().millilitres(),
                measure.volume(scaled.inPot(), true),
                scaled.leftover().millilitres(),
                worth(scaled.leftover())
                        .map(rest -> measure.about(scaled.leftover()))
                        .orElse(null),
                leftover.isPresent() ? new LeftoverRoutes(looked).of(dish, scaled) : List.of(),
                worth(scaled.keptBack()).orElse(null),
                household.servings(scaled.keptBack()),
                limit.orElse(null),
                limit.map(line -> nameOf(dish.lines().get(line))).orElse(null),
                rests(dish),
                household.servings(scaled.fill()),
                household.meals(scaled.fill()));
    }

    private List<DishMessages.RestResponse> rests(Planned dish) {
        List<DishMessages.RestResponse> rests = new ArrayList<>();
        dish.worked().reach().ifPresent(reach -> {
            for (int index = 0; index < reach.rests().size(); index++) {
                int line = dish.dish().hands().get(index).line();
                Mass rest = reach.rests().get(index);
                if (rest.grams() >= 1) {
                    rests.add(new DishMessages.RestResponse(
                            line, nameOf(dish.lines().get(line)), said(dish, line, rest)));
                }
            }
        });
        return rests;
    }

    /** Liquids are poured, solids weighed. */
    private String said(Planned dish, int line, Mass rest) {
        return dish.lines()
                .get(line)
                .food()
                .filter(food -> !food.kind().isSolid())
                .map(food -> measure.volume(
                        Volume.ofCups((double) rest.milligrams()
                                / food.measures().rawPerCup().milligrams()),
                        true))
                .orElseGet(() -> measure.mass(rest));
    }
}
