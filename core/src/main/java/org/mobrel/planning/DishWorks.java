package org.mobrel.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.mobrel.day.Attention;
import org.mobrel.day.DishWork;
import org.mobrel.day.Span;
import org.mobrel.day.WorkTable;
import org.mobrel.foods.Pack;
import org.mobrel.method.Method;
import org.mobrel.method.RequiredStep;
import org.mobrel.method.RequiredSteps;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.State;

/** What a dish asks of the cook before its jars can be filled: the steps its rows demand, and the recipe's own long ones. */
record DishWorks(RequiredSteps steps, WorkTable works) {

    /** Shorter work is part of boiling all together. */
    private static final int LONG_WORK = 30;

    private static final int MOST_WORK = 12 * 60;
    private static final int MOST_CHILL = 20 * 60;

    /** What the work at the board is called among the cook's own times. */
    private static final String PREP = "prep";

    /** @param quickSoak whether beans are soaked the quick way */
    DishWork of(PlannedDish dish, boolean quickSoak) {
        List<WorkTable.Work> before = new ArrayList<>();
        List<WorkTable.Work> cook = new ArrayList<>();
        if (dish.isCooked()) {
            works.of("heat-pot").ifPresent(cook::add);
            return new DishWork(dish.key(), dish.title(), before, new Minutes(0), cook);
        }
        Method method = dish.batch().method();
        boolean saidQuick = method.soak()
                .filter(said -> said.soak() == StepStatement.Soak.QUICK)
                .isPresent();
        for (RequiredStep step :
                steps.of(dish.lines(), dish.batch().pack(), dish.batch().solidsShare(), method)) {
            boolean soakedQuickly = (quickSoak || saidQuick) && step.code().equals("soak");
            if (soakedQuickly) {
                works.of("quick-soak").ifPresent(cook::add);
            } else if (ColdStock.isThere(dish.lines(), step)) {
                continue; // The stock was chilled and skimmed before.
            } else if (step.when() == RequiredStep.When.EVENING) {
                works.of(step.code()).filter(work -> !before.contains(work)).ifPresent(before::add);
            } else if (step.when() == RequiredStep.When.COOK) {
                works.of(step.code()).ifPresent(cook::add);
            }
        }
        if (dish.lines().stream().anyMatch(line -> line.goesIntoJar() && line.is(State.FROZEN))) {
            works.of("thaw").ifPresent(before::add);
        }
        for (StepStatement.Work kind : StepStatement.Work.values()) {
            int minutes = method.all(StepStatement.Takes.class).stream()
                    .filter(takes -> takes.work() == kind)
                    .mapToInt(StepStatement.Takes::minutes)
                    .sum();
            if (minutes >= LONG_WORK && kind != StepStatement.Work.CHILL) {
                cook.add(ownWork(kind, Math.min(minutes, MOST_WORK)));
            } else if (minutes >= LONG_WORK
                    && before.stream().noneMatch(work -> work.code().equals("skim"))) {
                before.add(chill(Math.min(minutes, MOST_CHILL)));
            }
        }
        if (cook.isEmpty() && dish.pack() == Pack.HOT) {
            works.of("heat-pot").ifPresent(cook::add);
        }
        Map<String, Minutes> own = dish.wish().work();
        Minutes prep = Optional.ofNullable(own.get(PREP))
                .map(whole -> new Minutes((int) Math.round(whole.value() * dish.part())))
                .orElseGet(() -> DishWork.prepFor(atTheBoard(dish).times(dish.part())));
        return new DishWork(
                dish.key(),
                dish.title(),
                before,
                prep,
                cook.stream().map(work -> asLongAs(work, own)).toList());
    }

    /** As long as the cook says, but never shorter than the tested rows ask for. */
    private WorkTable.Work asLongAs(WorkTable.Work work, Map<String, Minutes> own) {
        Minutes said = own.get(work.code());
        if (said == null) {
            return work;
        }
        int least = works.of(work.code())
                .map(known -> known.hands().least().value())
                .orElse(0);
        int minutes = Math.max(least, said.value());
        return new WorkTable.Work(
                work.code(),
                work.title().replaceFirst(" \\d.*, as the recipe says$", ""),
                work.attention(),
                Span.of(minutes, minutes, minutes),
                work.rest(),
                work.burner());
    }

    /** Work of the recipe's own that takes long enough to shape the day. */
    private static WorkTable.Work ownWork(StepStatement.Work kind, int minutes) {
        return new WorkTable.Work(
                kind.name().toLowerCase(Locale.ROOT),
                "%s %s, as the recipe says"
                        .formatted(kind == StepStatement.Work.ROAST ? "Roast" : "Simmer", span(minutes)),
                Attention.KITCHEN,
                Span.of(minutes, minutes, minutes),
                new WorkTable.Rest(new Minutes(0), new Minutes(0), ""),
                kind == StepStatement.Work.SIMMER);
    }

    private static WorkTable.Work chill(int minutes) {
        return new WorkTable.Work(
                "chill",
                "Set it to chill",
                Attention.HANDS,
                Span.of(5, 5, 10),
                new WorkTable.Rest(
                        new Minutes(minutes),
                        new Minutes(Math.max(minutes, MOST_CHILL)),
                        "It chills, %s as the recipe says".formatted(span(minutes))),
                false);
    }

    private static String span(int minutes) {
        return minutes < 60
                ? minutes + " min"
                : minutes % 60 == 0 ? minutes / 60 + " h" : minutes / 60 + " h " + minutes % 60 + " min";
    }

    /** What is peeled and cut; beans are only sorted. */
    private static Mass atTheBoard(PlannedDish dish) {
        Mass sum = Mass.ZERO;
        for (int line = 0; line < dish.lines().size(); line++) {
            int index = line;
            boolean cut = dish.lines().get(line).goesIntoJar()
                    && dish.lines()
                            .get(line)
                            .food()
                            .filter(food -> food.kind().isSolid() && !food.isDriedBeans())
                            .isPresent();
            if (cut) {
                sum = sum.plus(dish.scaled()
                        .flatMap(scaled -> scaled.portion(index))
                        .map(Portion::raw)
                        .orElse(Mass.ZERO));
            }
        }
        return sum;
    }
}
