package org.mobrel.server.planning;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.canner.Gauge;
import org.mobrel.jars.JarCount;
import org.mobrel.method.RequiredSteps;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Portions;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.Variant;
import org.mobrel.run.RunPlan;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Scaled;
import org.mobrel.server.kitchen.KitchenDesk;
import org.mobrel.server.recipe.Note;
import org.mobrel.server.recipe.RecipeDesk;
import org.mobrel.server.ruling.JarAsk;
import org.mobrel.server.ruling.RulingAnswer;
import org.mobrel.server.ruling.RulingDesk;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PlanController {

    private final PlanDesk desk;
    private final RulingDesk rulings;
    private final KitchenDesk kitchens;
    private final RecipeDesk recipes;
    private final RequiredSteps steps;

    PlanController(PlanDesk desk, RulingDesk rulings, KitchenDesk kitchens, RecipeDesk recipes, RequiredSteps steps) {
        this.desk = desk;
        this.rulings = rulings;
        this.kitchens = kitchens;
        this.recipes = recipes;
        this.steps = steps;
    }

    @PostMapping("/api/plans")
    PlanWire.PlanAnswer plan(@Valid @RequestBody PlanWire.PlanRequest request) {
        Planned plan = desk.plan(request.recipeId(), request.cannerId(), RulingDesk.jars(request.jars()));
        RulingAnswer ruling = rulings.answer(plan.batch(), plan.variants());
        return new PlanWire.PlanAnswer(
                plan.recipe().id(),
                plan.recipe().version(),
                plan.recipe().title(),
                ruling,
                IntStream.range(0, plan.loads().size())
                        .mapToObj(index -> card(index + 1, plan.loads().get(index), plan))
                        .toList(),
                plan.scaled().map(scaled -> amounts(plan, scaled, ruling)).orElse(null),
                remarks(plan),
                plan.variants().stream().map(Variant::name).toList(),
                steps
                        .of(
                                plan.lines(),
                                plan.recipe().pack(),
                                plan.recipe().body().method())
                        .stream()
                        .map(step -> new PlanWire.PlanStep(
                                step.text(), step.source().text(), step.said().code()))
                        .toList(),
                recipes.notes(plan.recipe().id()).stream().map(Note::text).toList(),
                recipes.judgement(plan.recipe().id(), plan.recipe().version())
                        .filter(judgement -> judgement.covers(plan.departs()))
                        .map(judgement -> new PlanWire.TakenOn(judgement.by(), judgement.reason()))
                        .orElse(null));
    }

    private static PlanWire.LoadAnswer card(int number, Planned.Load load, Planned plan) {
        Ruling ruling = load.ruling();
        Timing timing = ruling.timing().orElseThrow();
        Gauge gauge = plan.canner().profile().gauge();
        return new PlanWire.LoadAnswer(
                number,
                load.jars().stream().map(JarAsk::of).toList(),
                timing.minutes().value(),
                ruling.headline(),
                timing.setBy().code(),
                timing.timedBy().code(),
                timing.truePressure().psi(),
                timing.reading().psi(),
                gauge.kind().code(),
                gauge.error().psi(),
                timing.headspace().inches(),
                (int) RunPlan.VENT.toMinutes(),
                (int) RunPlan.SETTLE.toMinutes());
    }

    private PlanWire.AmountsAnswer amounts(Planned plan, Scaled scaled, RulingAnswer ruling) {
        KitchenMeasure measure = new KitchenMeasure(kitchens.kitchen().units());
        return new PlanWire.AmountsAnswer(
                scaled.factor(),
                Scaled.ERROR.value(),
                IntStream.range(0, plan.lines().size())
                        .filter(index -> plan.lines().get(index).goesIntoJar())
                        .mapToObj(index -> line(
                                plan.lines().get(index),
                                ruling.lines().get(index).role(),
                                plan,
                                scaled.factor(),
                                measure))
                        .toList(),
                scaled.fill().millilitres(),
                scaled.brothNeeded().millilitres(),
                scaled.brothInRecipe().millilitres(),
                measure.volume(scaled.brothNeeded(), true),
                scaled.topUp().cups() < 0.25 ? null : measure.volume(scaled.topUp(), true),
                scaled.brothLeft().cups() < 0.25 ? null : measure.volume(scaled.brothLeft(), true),
                measure.volume(scaled.kettle(), true),
                scaled.perJar().stream().map(jar -> fill(jar, measure)).toList(),
                scaled.unmeasured());
    }

    private static PlanWire.LineAmount line(
            IngredientLine line, String role, Planned plan, double factor, KitchenMeasure measure) {
        return new PlanWire.LineAmount(
                nameOf(line),
                role,
                measure.of(line, factor).orElse(null),
                asBought(line, plan, factor, measure).orElse(null));
    }

    /** The line without its amount: what stands behind the number in the list. */
    private static String nameOf(IngredientLine line) {
        return line.rest().isBlank() ? line.text() : line.rest();
    }

    /** What to buy for it, where peeling and trimming leave less than was bought. */
    private static Optional<String> asBought(IngredientLine line, Planned plan, double factor, KitchenMeasure measure) {
        return line.food()
                .filter(food -> food.kind().isSolid() && !food.isDriedBeans())
                .flatMap(food -> food.measures().asBoughtYield())
                .flatMap(yield -> Portions.of(line, plan.recipe().pack())
                        .map(portion -> measure.mass(portion.raw().times(factor / yield))));
    }

    private static PlanWire.JarFill fill(Scaled.JarShare jar, KitchenMeasure measure) {
        return new PlanWire.JarFill(
                jar.jars().size().code(),
                jar.jars().mouth().code(),
                jar.jars().count(),
                jar.fill().millilitres(),
                jar.brim().millilitres(),
                jar.solids().millilitres(),
                jar.solidsMass().grams(),
                jar.broth().millilitres(),
                measure.mass(jar.solidsMass()),
                measure.volume(jar.broth(), false));
    }

    private static List<String> remarks(Planned plan) {
        List<String> remarks = new ArrayList<>();
        if (plan.loads().size() > 1) {
            remarks.add("%s takes this in %d loads, one after the other."
                    .formatted(plan.canner().profile().name(), plan.loads().size()));
        }
        plan.loads().stream()
                .filter(load ->
                        load.jars().stream().map(JarCount::size).distinct().count() > 1)
                .findFirst()
                .ifPresent(load -> remarks.add("Sizes that share a load all get the longest time in it."));
        return remarks;
    }
}
