package org.mobrel.planning;

import java.util.ArrayList;
import java.util.Comparator;
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
    private static final int LONG_WORK = 10;

    /** A pot that simmers longer than this stands through the night. */
    private static final int MOST_WORK = 12 * 60;

    private static final int MOST_CHILL = 20 * 60;

    /** What the work at the board is called among the cook's own times. */
    private static final String PREP = "prep";

    private static final String SOAK = "soak";
    private static final String BOIL_BEANS = "boil-beans";
    private static final String SKIM = "skim";

    /** @param quickSoak whether beans are soaked the quick way */
    DishWork of(PlannedDish dish, boolean quickSoak) {
        List<WorkTable.Work> cook = new ArrayList<>();
        if (dish.isCooked()) {
            works.of("heat-pot").ifPresent(cook::add);
            return new DishWork(dish.key(), dish.title(), List.of(), new Minutes(0), cook);
        }
        Method method = dish.batch().method();
        List<StepStatement.Takes> acts = method.all(StepStatement.Takes.class).stream()
                .filter(act -> !steps.isOffered(act.quote().words()))
                .toList();
        boolean quick = quickSoak
                || method.soak()
                        .filter(said -> said.soak() == StepStatement.Soak.QUICK)
                        .isPresent();
        List<WorkTable.Work> beans = new ArrayList<>();
        List<WorkTable.Work> chilled = new ArrayList<>();
        boolean boiled = false;
        for (RequiredStep step :
                steps.of(dish.lines(), dish.batch().pack(), dish.batch().solidsShare(), method)) {
            Optional<WorkTable.Work> work = works.of(step.code());
            if (step.code().equals(SOAK)) {
                (quick ? works.of("quick-soak") : work).ifPresent((quick ? cook : beans)::add);
            } else if (ColdStock.isThere(dish.lines(), step)) {
                continue; // The stock was chilled and skimmed before.
            } else if (step.when() == RequiredStep.When.EVENING) {
                work.filter(known -> !chilled.contains(known)).ifPresent(chilled::add);
            } else if (step.code().equals(BOIL_BEANS)) {
                boiled = true;
                work.map(known -> atLeast(known, minutes(acts, StepStatement.Work.BOIL_BEANS)))
                        .ifPresent(cook::add);
            } else if (step.when() == RequiredStep.When.COOK) {
                work.ifPresent(cook::add);
            }
        }
        // What is strained out last is done before the skimming.
        chilled.sort(Comparator.comparing(work -> work.code().equals(SKIM)));
        int chills = lastOf(acts, StepStatement.Work.CHILL);
        List<WorkTable.Work> stock = new ArrayList<>();
        List<StepStatement.Takes> day = new ArrayList<>();
        for (int at = 0; at < acts.size(); at++) {
            StepStatement.Takes act = acts.get(at);
            boolean ofStock = at < chills || !chilled.isEmpty() && method.isBeforeStraining(act.quote());
            boolean inThePot = act.work() == StepStatement.Work.SIMMER
                    || act.work() == StepStatement.Work.ROAST
                    || act.work() == StepStatement.Work.REST;
            if (act.work() == StepStatement.Work.FREEZE) {
                beans.add(resting("freeze", "Set it to freeze", "It freezes", act.minutes()));
            } else if (inThePot && act.minutes() > MOST_WORK) {
                stock.add(resting("stock-pot-" + at, "Set the pot to simmer", "It simmers", act.minutes()));
            } else if (inThePot && ofStock) {
                stock.add(ownWork("stock-", act.work(), act.minutes(), "-" + at));
            } else if (inThePot || act.work() == StepStatement.Work.BOIL_BEANS && !boiled) {
                day.add(act);
            }
        }
        int chill = minutes(acts, StepStatement.Work.CHILL);
        if (chill >= LONG_WORK && chilled.stream().noneMatch(work -> work.code().equals(SKIM))) {
            chilled.add(resting("chill", "Set it to chill", "It chills", Math.min(chill, MOST_CHILL)));
        }
        stock.addAll(chilled);
        day.stream().map(act -> inTheDay(act.work())).distinct().forEach(kind -> {
            int minutes = day.stream()
                    .filter(act -> inTheDay(act.work()) == kind)
                    .mapToInt(StepStatement.Takes::minutes)
                    .sum();
            if (minutes >= LONG_WORK) {
                cook.add(ownWork("", kind, minutes, ""));
            }
        });
        if (cook.isEmpty() && dish.pack() == Pack.HOT) {
            works.of("heat-pot").ifPresent(cook::add);
        }
        boolean frozen = dish.lines().stream().anyMatch(line -> line.goesIntoJar() && line.is(State.FROZEN));
        Map<String, Minutes> own = dish.wish().work();
        Minutes prep = Optional.ofNullable(own.get(PREP))
                .map(whole -> new Minutes((int) Math.round(whole.value() * dish.part())))
                .orElseGet(() -> DishWork.prepFor(atTheBoard(dish).times(dish.part())));
        return new DishWork(
                dish.key(),
                dish.title(),
                List.of(beans, stock, frozen ? works.of("thaw").stream().toList() : List.of()),
                prep,
                cook.stream().map(work -> asLongAs(work, own)).toList());
    }

    /** Beans that no row boils simmer like everything else. */
    private static StepStatement.Work inTheDay(StepStatement.Work work) {
        return work == StepStatement.Work.BOIL_BEANS ? StepStatement.Work.SIMMER : work;
    }

    private static int minutes(List<StepStatement.Takes> acts, StepStatement.Work kind) {
        return acts.stream()
                .filter(act -> act.work() == kind)
                .mapToInt(StepStatement.Takes::minutes)
                .sum();
    }

    private static int lastOf(List<StepStatement.Takes> acts, StepStatement.Work kind) {
        int last = -1;
        for (int at = 0; at < acts.size(); at++) {
            last = acts.get(at).work() == kind ? at : last;
        }
        return last;
    }

    /** Work of the tables that a recipe makes longer. */
    private static WorkTable.Work atLeast(WorkTable.Work work, int minutes) {
        Span hands = work.hands();
        int more = Math.max(0, Math.min(minutes, MOST_WORK) - hands.least().value());
        int least = hands.least().value() + more;
        return work.lasting(Span.of(
                least,
                Math.max(hands.usual().value(), least),
                Math.max(hands.most().value(), least)));
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
        return work.titled(work.title().replaceFirst(" \\d.*, as the recipe says$", ""))
                .lasting(Span.of(minutes, minutes, minutes));
    }

    /** Work of the recipe's own that takes long enough to shape the day. */
    private static WorkTable.Work ownWork(String ahead, StepStatement.Work kind, int minutes, String behind) {
        int counted = Math.min(minutes, MOST_WORK);
        String title =
                switch (kind) {
                    case ROAST -> "Roast";
                    case REST -> "Let it stand";
                    default -> "Simmer";
                };
        return new WorkTable.Work(
                ahead + kind.name().toLowerCase(Locale.ROOT) + behind,
                "%s %s, as the recipe says".formatted(title, span(counted)),
                kind == StepStatement.Work.REST ? Attention.FREE : Attention.KITCHEN,
                Span.of(counted, counted, counted),
                new WorkTable.Rest(new Minutes(0), new Minutes(0), ""),
                kind == StepStatement.Work.SIMMER,
                true);
    }

    /** Work of the recipe's own that then goes on by itself. */
    private static WorkTable.Work resting(String code, String title, String rests, int minutes) {
        return new WorkTable.Work(
                code,
                title,
                Attention.HANDS,
                Span.of(5, 5, 10),
                new WorkTable.Rest(
                        new Minutes(minutes),
                        new Minutes(Math.max(minutes, MOST_CHILL)),
                        "%s, %s as the recipe says".formatted(rests, span(minutes))),
                false,
                true);
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
