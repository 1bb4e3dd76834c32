package org.mobrel.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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

    /** @param quickSoak whether beans are soaked the quick way */
    DishWork of(PlannedDish dish, boolean quickSoak) {
        List<WorkTable.Work> before = new ArrayList<>();
        List<WorkTable.Work> cook = new ArrayList<>();
        Method method = dish.batch().method();
        boolean saidQuick = method.soak()
                .filter(said -> said.soak() == StepStatement.Soak.QUICK)
                .isPresent();
        for (RequiredStep step :
                steps.of(dish.lines(), dish.batch().pack(), dish.batch().solidsShare(), method)) {
            boolean soakedQuickly = (quickSoak || saidQuick) && step.code().equals("soak");
            if (soakedQuickly) {
                works.of("quick-soak").ifPresent(cook::add);
            } else if (step.code().equals("skim") && step.said() == RequiredStep.Said.IN_LINE) {
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
        method.all(StepStatement.Takes.class).stream()
                .filter(takes -> takes.minutes() >= LONG_WORK)
                .flatMap(takes -> work(takes).stream())
                .forEach(cook::add);
        if (cook.isEmpty() && dish.pack() == Pack.HOT) {
            works.of("heat-pot").ifPresent(cook::add);
        }
        Minutes prep = dish.wish().prep().orElseGet(() -> DishWork.prepFor(atTheBoard(dish)));
        return new DishWork(dish.key(), dish.title(), before, prep, cook);
    }

    /** Work of the recipe's own that takes long enough to shape the day. */
    private static Optional<WorkTable.Work> work(StepStatement.Takes takes) {
        String title =
                switch (takes.work()) {
                    case SIMMER -> "Simmer";
                    case ROAST -> "Roast";
                    case CHILL -> "";
                };
        int minutes = Math.min(takes.minutes(), MOST_WORK);
        return title.isEmpty()
                ? Optional.empty()
                : Optional.of(new WorkTable.Work(
                        takes.work().name().toLowerCase(Locale.ROOT),
                        "%s %s, as the recipe says".formatted(title, span(minutes)),
                        Attention.KITCHEN,
                        Span.of(minutes, minutes, minutes),
                        new WorkTable.Rest(new Minutes(0), new Minutes(0), ""),
                        takes.work() == StepStatement.Work.SIMMER));
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
