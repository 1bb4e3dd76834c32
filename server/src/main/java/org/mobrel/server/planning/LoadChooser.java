package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.day.Attention;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.DishWork;
import org.mobrel.day.LoadWork;
import org.mobrel.day.PreparationSchedule;
import org.mobrel.day.Span;
import org.mobrel.day.WorkTable;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.loading.CannerLoad;
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.Loader;
import org.mobrel.loading.LoadingCanner;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;
import org.mobrel.loading.PlanCost;
import org.mobrel.method.Method;
import org.mobrel.method.RequiredStep;
import org.mobrel.method.RequiredSteps;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.State;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Timing;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.platform.TimeLimit;
import org.mobrel.server.ruling.RulingService;
import org.mobrel.server.run.RunService;
import org.springframework.stereotype.Component;

/** Chooses the loads of a plan: what is ready when, what needs how long, and the best way through the canners. */
@Component
class LoadChooser {

    /** Shorter work is part of boiling all together. */
    private static final int LONG_WORK = 30;

    private static final int MOST_WORK = 12 * 60;

    /** A page waits no longer for a proof. */
    private static final long LIMIT_MILLIS = 1_000;

    private static final PlanCost NEVER =
            new PlanCost(Integer.MAX_VALUE, Integer.MAX_VALUE, Integer.MAX_VALUE, Integer.MAX_VALUE);

    /** The same day is asked for again at every tap and every look. */
    private static final int REMEMBERED = 64;

    private final RulingService rulings;
    private final RunService runs;
    private final RequiredSteps steps;
    private final WorkTable works;
    private final Map<LoadingDay, LoadingPlan> known = new LinkedHashMap<>(REMEMBERED, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<LoadingDay, LoadingPlan> eldest) {
            return size() > REMEMBERED;
        }
    };

    LoadChooser(RulingService rulings, RunService runs, RequiredSteps steps, WorkTable works) {
        this.rulings = rulings;
        this.runs = runs;
        this.steps = steps;
        this.works = works;
    }

    /**
     * The best loads for these dishes; those that something stops or that fill no jar are left out.
     *
     * @param burners of the stove
     * @param quickSoak whether beans are soaked the quick way
     */
    ChosenLoads choose(List<Planned> dishes, List<KitchenCanner> canners, int burners, boolean quickSoak) {
        return onBurnersOfTheirOwn(canners).stream()
                .map(some -> chooseFor(dishes, some, burners, quickSoak))
                .min(Comparator.comparing(
                        chosen -> chosen.best().map(LoadingPlan::figures).orElse(NEVER)))
                .orElseThrow();
    }

    /** Of canners that share a burner only one can be used: every choice of them. */
    private static List<List<KitchenCanner>> onBurnersOfTheirOwn(List<KitchenCanner> canners) {
        List<List<KitchenCanner>> choices = new ArrayList<>(List.of(List.of()));
        for (KitchenCanner canner : canners) {
            String burner = canner.profile().burner();
            boolean shared = !burner.isBlank()
                    && canners.stream()
                            .anyMatch(other -> other.id() != canner.id()
                                    && other.profile().burner().equalsIgnoreCase(burner));
            List<List<KitchenCanner>> longer = new ArrayList<>();
            for (List<KitchenCanner> choice : choices) {
                boolean taken = choice.stream()
                        .anyMatch(other -> other.profile().burner().equalsIgnoreCase(burner));
                if (!shared || !taken) {
                    longer.add(Stream.concat(choice.stream(), Stream.of(canner)).toList());
                }
                if (shared) {
                    longer.add(choice);
                }
            }
            choices = longer;
        }
        return choices.stream().filter(choice -> !choice.isEmpty()).toList();
    }

    private ChosenLoads chooseFor(List<Planned> dishes, List<KitchenCanner> canners, int burners, boolean quickSoak) {
        List<Planned> ready = dishes.stream()
                .filter(dish ->
                        dish.ruling().timing().isPresent() && !dish.jars().isEmpty())
                .toList();
        Pack coldest = ready.stream().anyMatch(dish -> dish.recipe().pack() == Pack.RAW) ? Pack.RAW : Pack.HOT;
        List<CannerTimes> times =
                canners.stream().map(canner -> times(canner, coldest)).toList();
        List<DishWork> work = ready.stream().map(dish -> work(dish, quickSoak)).toList();
        PreparationSchedule morning = PreparationSchedule.of(work, burners, works);
        List<JarGroup> groups = groups(ready, morning);
        if (groups.isEmpty()) {
            return new ChosenLoads(
                    canners, times, work, morning, Optional.empty(), Optional.empty(), List.of(), Optional.empty());
        }
        LoadingDay day = new LoadingDay(
                IntStream.range(0, canners.size())
                        .mapToObj(index -> pot(canners.get(index), times.get(index)))
                        .toList(),
                groups);
        Optional<JarGroup> nowhere = day.fitsNowhere();
        if (nowhere.isPresent()) {
            return new ChosenLoads(
                    canners, times, work, morning, Optional.empty(), Optional.empty(), List.of(), nowhere);
        }
        LoadingPlan best = best(day);
        return new ChosenLoads(
                canners,
                times,
                work,
                morning,
                Optional.of(day),
                Optional.of(best),
                loads(best, day, canners, ready),
                nowhere);
    }

    private static LoadingCanner pot(KitchenCanner canner, CannerTimes times) {
        return new LoadingCanner(
                canner.profile().name(),
                canner.profile().capacity(),
                times.heatUp().usual(),
                times.comeUp().usual(),
                times.coolDown().usual());
    }

    /** How long a canner takes, by its own last runs or by kitchen averages. */
    CannerTimes times(KitchenCanner canner, Pack pack) {
        return CannerTimes.of(
                runs.pastOf(canner.id()).stream()
                        .map(past -> new CannerTimes.Seen(
                                past.pack(),
                                past.times().heatUp(),
                                past.times().comeUp(),
                                past.times().coolDown()))
                        .toList(),
                pack,
                canner.profile().capacity().quarts());
    }

    private LoadingPlan best(LoadingDay day) {
        synchronized (known) {
            LoadingPlan before = known.get(day);
            if (before != null) {
                return before;
            }
        }
        TimeLimit limit = TimeLimit.ofMillis(LIMIT_MILLIS);
        LoadingPlan best = Loader.best(day, limit::isUp);
        synchronized (known) {
            known.put(day, best);
        }
        return best;
    }

    /** Each kind of jar of each dish, with the minutes it needs alone; the first load is filled before it starts. */
    private List<JarGroup> groups(List<Planned> dishes, PreparationSchedule morning) {
        List<JarGroup> groups = new ArrayList<>();
        for (Planned dish : dishes) {
            Minutes filled = LoadWork.fillFor(1);
            Minutes ready = new Minutes(morning.readyAt(dish.dish().key()).value() + filled.value());
            for (JarCount jar : dish.jars()) {
                String id = "%s/%s/%s"
                        .formatted(
                                dish.dish().key(),
                                jar.size().code(),
                                jar.mouth().code());
                Timing alone = rulings.rule(dish.batch().with(List.of(jar)), dish.variants())
                        .timing()
                        .orElseThrow();
                groups.add(new JarGroup(id, dish.recipe().title(), jar.kind(), jar.count(), alone.minutes(), ready));
            }
        }
        return groups;
    }

    private List<PlannedLoad> loads(
            LoadingPlan plan, LoadingDay day, List<KitchenCanner> canners, List<Planned> dishes) {
        List<PlannedLoad> loads = new ArrayList<>();
        for (CannerLoad load : plan.loads()) {
            KitchenCanner canner = canners.get(load.canner());
            Map<String, List<JarCount>> byDish = new LinkedHashMap<>();
            for (int group = 0; group < day.groups().size(); group++) {
                int count = load.count(group);
                if (count > 0) {
                    byDish.computeIfAbsent(keyOf(day.groups().get(group)), first -> new ArrayList<>())
                            .add(day.groups().get(group).kind().times(count));
                }
            }
            List<PlannedLoad.Share> shares = byDish.entrySet().stream()
                    .map(share -> share(dish(dishes, share.getKey()), share.getValue(), canner))
                    .toList();
            loads.add(new PlannedLoad(loads.size() + 1, canner, load, shares));
        }
        return loads;
    }

    /** The key of a group's dish; ids of groups begin with it. */
    static String keyOf(JarGroup group) {
        return group.id().substring(0, group.id().indexOf('/'));
    }

    private static Planned dish(List<Planned> dishes, String key) {
        return dishes.stream()
                .filter(dish -> dish.dish().key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** Ruled on by the canner it goes into: its gauge decides what to read. */
    private PlannedLoad.Share share(Planned dish, List<JarCount> jars, KitchenCanner canner) {
        Batch batch = dish.batch().with(jars).with(canner.profile().gauge());
        return new PlannedLoad.Share(dish, jars, rulings.rule(batch, dish.variants()));
    }

    private DishWork work(Planned dish, boolean quickSoak) {
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
        if (cook.isEmpty() && dish.recipe().pack() == Pack.HOT) {
            works.of("heat-pot").ifPresent(cook::add);
        }
        Minutes prep = dish.dish().prepMinutes() != null
                ? new Minutes(dish.dish().prepMinutes())
                : DishWork.prepFor(atTheBoard(dish));
        return new DishWork(dish.dish().key(), dish.recipe().title(), before, prep, cook);
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
    private static Mass atTheBoard(Planned dish) {
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
