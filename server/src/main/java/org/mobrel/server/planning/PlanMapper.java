package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.day.DishWork;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.method.RequiredStep;
import org.mobrel.method.RequiredSteps;
import org.mobrel.planning.ColdStock;
import org.mobrel.planning.PlannedLoad;
import org.mobrel.prep.Scraps;
import org.mobrel.recipe.LineWriter;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.server.recipe.Note;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.ruling.RulingResponse;
import org.mobrel.server.ruling.RulingService;
import org.mobrel.shopping.Aisle;
import org.mobrel.shopping.ShoppingList;
import org.springframework.stereotype.Component;

/** A plan as the pages get it. */
@Component
class PlanMapper {

    private final RulingService rulings;
    private final RecipeService recipes;
    private final YieldService yields;
    private final RequiredSteps steps;
    private final Scraps scraps;
    private final DayMapper days;

    PlanMapper(
            RulingService rulings,
            RecipeService recipes,
            YieldService yields,
            RequiredSteps steps,
            Scraps scraps,
            DayMapper days) {
        this.rulings = rulings;
        this.recipes = recipes;
        this.yields = yields;
        this.steps = steps;
        this.scraps = scraps;
        this.days = days;
    }

    PlanMessages.PlanResponse answer(PlanView looked) {
        StoredPlan plan = looked.plan();
        return new PlanMessages.PlanResponse(
                plan.id(),
                plan.revision(),
                plan.body(),
                looked.dishes().stream().map(PlanView.DishView::title).collect(Collectors.joining(" and ")),
                plan.away(),
                plan.isAtStove(),
                looked.canner().id(),
                looked.canner().profile().name(),
                looked.dishes().stream().map(dish -> dish(dish, looked)).toList(),
                PlanView.jars(looked.planned()).stream().map(JarRequest::of).toList(),
                fullLoads(looked),
                LoadMapper.answer(looked.chosen()),
                days.answer(looked),
                looked.days().stream()
                        .skip(1)
                        .map(day -> new DayMessages.LaterDayResponse(
                                LoadMapper.answer(day.chosen()), days.answer(day, looked)))
                        .toList(),
                supplies(looked),
                shopping(looked));
    }

    /** What fills each canner once, of each size alone. */
    private static List<PlanMessages.FullLoad> fullLoads(PlanView looked) {
        return List.of(JarSize.QUART, JarSize.PINT).stream()
                .map(size -> new PlanMessages.FullLoad(
                        size.code(), looked.canner().profile().capacity().ofOneLoad(new JarKind(size, Mouth.REGULAR))))
                .toList();
    }

    private DishMessages.DishResponse dish(PlanView.DishView look, PlanView looked) {
        return look.planned().map(dish -> dish(dish, looked)).orElseGet(() -> inTrouble(look));
    }

    private static DishMessages.DishResponse inTrouble(PlanView.DishView look) {
        DishMessages.DishTrouble trouble = look.trouble()
                .map(wrong -> new DishMessages.DishTrouble(wrong.field(), String.valueOf(wrong.getMessage())))
                .orElseThrow();
        return new DishMessages.DishResponse(
                look.dish().key(),
                look.dish().recipeId(),
                0,
                look.title(),
                trouble,
                List.of(),
                null,
                List.of(),
                null,
                null,
                null,
                null,
                List.of(),
                null,
                List.of(),
                null,
                null,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                null,
                null,
                null);
    }

    private DishMessages.DishResponse dish(Planned dish, PlanView looked) {
        RulingResponse ruling = rulings.answer(dish.ruling());
        Optional<Scaled> scaled = dish.scaled();
        DishMapper words = new DishMapper(looked);
        FillingMapper filling = new FillingMapper(looked);
        List<PlannedLoad> loads = looked.loadsOf(dish.dish().key());
        List<RequiredStep> required = dish.worked().isCooked()
                ? List.of()
                : steps.of(
                        dish.lines(),
                        dish.batch().pack(),
                        dish.batch().solidsShare(),
                        dish.batch().method());
        return new DishMessages.DishResponse(
                dish.dish().key(),
                dish.recipe().id(),
                dish.recipe().version(),
                dish.recipe().title(),
                null,
                dish.jars().stream().map(JarRequest::of).toList(),
                ruling,
                loads.stream().map(LoadMapper::card).toList(),
                scaled.map(made -> words.summary(dish, made)).orElse(null),
                scaled.map(made -> words.amounts(dish, made, ruling)).orElse(null),
                scaled.map(made -> words.forecast(dish, made)).orElse(null),
                scaled.map(made -> words.kettle(dish, made)).orElse(null),
                scaled.map(made -> filling.shareOut(dish, made)).orElse(List.of()),
                scaled.map(made -> words.soaked(dish, made)).orElse(null),
                scaled.map(made -> filling.doses(dish, made)).orElse(List.of()),
                scaled.filter(made -> !made.pot().cooked())
                        .map(made -> filling.prep(
                                dish,
                                made,
                                onTheDay(required, dish, looked.plan().body().soaksQuickly()),
                                scraps))
                        .orElse(null),
                correction(dish, looked.plan().id()),
                LoadMapper.remarks(loads),
                filling.variants(dish),
                work(dish, looked),
                required.stream()
                        .map(step -> new DishMessages.PlanStep(
                                step.text(), step.source().text(), step.said().code()))
                        .toList(),
                recipes.notes(dish.recipe().id()).stream().map(Note::text).toList(),
                takenOn(dish).orElse(null),
                looked.plan()
                        .atStove(dish.dish().key())
                        .map(StoredPlan.AtStove::batchId)
                        .orElse(null),
                DishMessages.DishColour.of(dish.lines()));
    }

    private static List<DishMessages.WorkResponse> work(Planned dish, PlanView looked) {
        List<DishMessages.WorkResponse> all = new ArrayList<>();
        DishWork work = looked.works().get(dish.key());
        if (work == null) {
            return all;
        }
        Set<String> own = dish.dish().ownWork().keySet();
        if (work.prep().value() > 0) {
            all.add(new DishMessages.WorkResponse(
                    "prep", "Peel and cut", work.prep().value(), own.contains("prep")));
        }
        work.cook()
                .forEach(each -> all.add(new DishMessages.WorkResponse(
                        each.code(), each.title(), each.hands().usual().value(), own.contains(each.code()))));
        return all;
    }

    /** Beans that are soaked the quick way are soaked on the day, and cold stock is not chilled again. */
    private static List<RequiredStep> onTheDay(List<RequiredStep> required, Planned dish, boolean quickSoak) {
        return required.stream()
                .filter(step -> !ColdStock.isThere(dish.lines(), step))
                .map(step -> quickSoak && step.code().equals("soak") ? step.on(RequiredStep.When.PREPARE) : step)
                .toList();
    }

    /** Who took on what departs: for this plan, or with this version of the recipe where that covers all of it. */
    private Optional<PlanMessages.TakenOn> takenOn(Planned dish) {
        return Optional.ofNullable(dish.dish().takesOn())
                .map(who ->
                        new PlanMessages.TakenOn(who.by().strip(), who.reason().strip()))
                .or(() -> recipes.judgement(dish.recipe().id(), dish.recipe().version())
                        .filter(judgement -> judgement.covers(dish.worked().departs()))
                        .map(judgement -> new PlanMessages.TakenOn(judgement.by(), judgement.reason())));
    }

    private DishMessages.CorrectionResponse correction(Planned dish, long planId) {
        YieldCorrection yield = dish.pot().yield();
        return new DishMessages.CorrectionResponse(
                yield.factor(),
                dish.pot().error().value(),
                yield.days(),
                said(yield, dish.pot()),
                yields.history(dish.recipe().id()).stream()
                        .map(made -> new DishMessages.YieldEntry(
                                made.id(),
                                made.said(),
                                made.made().dividedBy(made.predicted()),
                                made.madeAt(),
                                made.struck(),
                                made.planId() == planId
                                        && made.dish().equals(dish.dish().key())))
                        .toList());
    }

    private static String said(YieldCorrection yield, Pot pot) {
        long percent = Math.round(pot.error().value() * 100);
        if (pot.cooked()) {
            return "Measured in the pot, good to about %s %%.".formatted(percent);
        }
        if (yield.days() == 0 && pot.isBrothAlone()) {
            return percent < 10
                    ? "A liquid by volume, less what boils away: good to about %s %%.".formatted(percent)
                    : "A rough forecast of stock, good to about %s %%; it learns from what you make."
                            .formatted(percent);
        }
        if (yield.days() == 0) {
            return "Kitchen averages, good to about %s %%.".formatted(percent);
        }
        long off = Math.round((yield.factor() - 1) * 100);
        String days = yield.days() == 1 ? "last time" : "on %s days".formatted(yield.days());
        String learnt = off == 0
                ? "made what averages say"
                : "made %s %% %s than averages say".formatted(Math.abs(off), off > 0 ? "more" : "less");
        return "This recipe %s %s, and that is counted in. Good to about %s %%.".formatted(learnt, days, percent);
    }

    private static List<PlanMessages.SupplyResponse> supplies(PlanView looked) {
        List<PlanMessages.SupplyResponse> supplies = new ArrayList<>();
        List<JarCount> jars = PlanView.jars(looked.waiting());
        jars.forEach(jar -> supplies.add(supply(
                "jars",
                jar.size().code(),
                jar.mouth(),
                jar.count(),
                looked.cupboard().empty(jar.kind()),
                jar.size().label())));
        Arrays.stream(Mouth.values()).forEach(mouth -> {
            int need = jars.stream()
                    .filter(jar -> jar.mouth() == mouth)
                    .mapToInt(JarCount::count)
                    .sum();
            if (need > 0) {
                supplies.add(supply("lids", null, mouth, need, looked.cupboard().lids(mouth), "new lid"));
            }
        });
        return supplies;
    }

    private static PlanMessages.SupplyResponse supply(
            String what, @Nullable String size, Mouth mouth, int need, Optional<Integer> have, String label) {
        int lacking = have.map(there -> Math.max(0, need - there)).orElse(0);
        String things = "%s%s".formatted(label, need == 1 ? "" : "s");
        String text = have.map(there -> lacking == 0
                        ? "%s %s, %s mouth: %s there.".formatted(need, things, mouth.code(), there)
                        : "%s %s%s short, %s mouth: %s needed, %s there."
                                .formatted(lacking, label, lacking == 1 ? "" : "s", mouth.code(), need, there))
                .orElse("%s %s, %s mouth: nobody has counted them.".formatted(need, things, mouth.code()));
        return new PlanMessages.SupplyResponse(what, size, mouth.code(), need, have.orElse(null), lacking, text);
    }

    private static List<PlanMessages.AisleResponse> shopping(PlanView looked) {
        KitchenMeasure measure = new KitchenMeasure(looked.kitchen().units());
        Map<Aisle, List<PlanMessages.ShoppingItem>> aisles = new LinkedHashMap<>();
        looked.shopping().items().forEach(item -> aisles.computeIfAbsent(item.aisle(), first -> new ArrayList<>())
                .add(item(item, measure, looked.plan().body().ticked())));
        return aisles.entrySet().stream()
                .map(aisle -> new PlanMessages.AisleResponse(
                        aisle.getKey().code(), aisle.getKey().title(), aisle.getValue()))
                .toList();
    }

    private static PlanMessages.ShoppingItem item(ShoppingList.Item item, KitchenMeasure measure, List<String> ticked) {
        return new PlanMessages.ShoppingItem(
                item.key(),
                item.name(),
                item.need().isMeasured() ? GoodsFormat.toBuy(item.need(), measure) : null,
                item.have().map(LineWriter::amount).orElse(null),
                item.buy().isSomething() ? GoodsFormat.toBuy(item.buy(), measure) : null,
                item.isInHouse() ? null : item.sold().orElse(null),
                item.isInHouse(),
                ticked.contains(item.key()),
                item.parts().stream()
                        .map(part -> new PlanMessages.PartOfItem(part.dish(), GoodsFormat.of(part.goods(), measure)))
                        .toList());
    }
}
