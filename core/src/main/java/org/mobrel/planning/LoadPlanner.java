package org.mobrel.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.DishWork;
import org.mobrel.day.LoadWork;
import org.mobrel.day.PreparationSchedule;
import org.mobrel.day.WorkTable;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.loading.CannerLoad;
import org.mobrel.loading.EvenLoads;
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.LoadingCanner;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;
import org.mobrel.loading.PlanCost;
import org.mobrel.method.RequiredSteps;
import org.mobrel.quantity.Minutes;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.VariantRuling;

/** Chooses the loads of a plan: what is ready when, what needs how long, and the best way through the canners. */
public final class LoadPlanner {

    private static final PlanCost NEVER =
            new PlanCost(Integer.MAX_VALUE, Integer.MAX_VALUE, Integer.MAX_VALUE, Integer.MAX_VALUE);

    private final Rulings rulings;
    private final DishWorks dishWorks;
    private final WorkTable works;
    private final LoadSearch search;

    public LoadPlanner(Rulings rulings, RequiredSteps steps, WorkTable works, LoadSearch search) {
        this.rulings = rulings;
        this.dishWorks = new DishWorks(steps, works);
        this.works = works;
        this.search = search;
    }

    /**
     * The best loads for these dishes; those that something stops or that fill no jar are left out.
     *
     * @param burners of the stove
     * @param quickSoak whether beans are soaked the quick way
     */
    public ChosenLoads choose(List<PlannedDish> dishes, List<PlannedCanner> canners, int burners, boolean quickSoak) {
        return choose(dishes, canners, new Wish(burners, quickSoak, false));
    }

    /** What a dish asks of the cook before its jars. */
    public DishWork work(PlannedDish dish, boolean quickSoak) {
        return dishWorks.of(dish, quickSoak);
    }

    /**
     * What the cook wants of the loads.
     *
     * @param burners of the stove
     * @param quickSoak whether beans are soaked the quick way
     * @param even whether like loads hold like many jars, in place of full ones and a rest
     */
    public record Wish(int burners, boolean quickSoak, boolean even) {}

    /** The best loads for these dishes; those that something stops or that fill no jar are left out. */
    public ChosenLoads choose(List<PlannedDish> dishes, List<PlannedCanner> canners, Wish wish) {
        return onBurnersOfTheirOwn(canners).stream()
                .map(some -> chooseFor(dishes, some, wish))
                .min(Comparator.comparing(
                        chosen -> chosen.best().map(LoadingPlan::figures).orElse(NEVER)))
                .orElseThrow();
    }

    /** Of canners that share a burner only one can be used: every choice of them. */
    private static List<List<PlannedCanner>> onBurnersOfTheirOwn(List<PlannedCanner> canners) {
        List<List<PlannedCanner>> choices = new ArrayList<>(List.of(List.of()));
        for (PlannedCanner canner : canners) {
            String burner = canner.profile().burner();
            boolean shared = !burner.isBlank()
                    && canners.stream()
                            .anyMatch(other -> other.id() != canner.id()
                                    && other.profile().burner().equalsIgnoreCase(burner));
            List<List<PlannedCanner>> longer = new ArrayList<>();
            for (List<PlannedCanner> choice : choices) {
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

    private ChosenLoads chooseFor(List<PlannedDish> dishes, List<PlannedCanner> canners, Wish wish) {
        List<PlannedDish> ready = dishes.stream()
                .filter(dish ->
                        dish.ruling().timing().isPresent() && !dish.jars().isEmpty())
                .toList();
        Pack coldest = ready.stream().anyMatch(dish -> dish.pack() == Pack.RAW) ? Pack.RAW : Pack.HOT;
        List<CannerTimes> times =
                canners.stream().map(canner -> canner.times(coldest)).toList();
        List<DishWork> work =
                ready.stream().map(dish -> dishWorks.of(dish, wish.quickSoak())).toList();
        PreparationSchedule morning = PreparationSchedule.of(work, wish.burners(), works);
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
        LoadingPlan found = search.best(day);
        LoadingPlan best = wish.even() ? EvenLoads.of(day, found) : found;
        List<PlannedLoad> loads = loads(best, day, canners, ready);
        boolean ruled = loads.stream()
                .flatMap(load -> load.shares().stream())
                .allMatch(share -> share.ruling().timing().isPresent());
        return new ChosenLoads(
                canners,
                times,
                work,
                morning,
                Optional.of(day).filter(its -> ruled),
                Optional.of(best).filter(its -> ruled),
                ruled ? loads : List.of(),
                nowhere);
    }

    private static LoadingCanner pot(PlannedCanner canner, CannerTimes times) {
        return new LoadingCanner(
                canner.profile().name(),
                canner.profile().capacity(),
                times.heatUp().usual(),
                times.comeUp().usual(),
                times.coolDown().usual());
    }

    /** Each kind of jar of each dish, with the minutes it needs alone; the first load is filled before it starts. */
    private List<JarGroup> groups(List<PlannedDish> dishes, PreparationSchedule morning) {
        List<JarGroup> groups = new ArrayList<>();
        for (PlannedDish dish : dishes) {
            Minutes filled = LoadWork.fillFor(1);
            Minutes ready = new Minutes(morning.readyAt(dish.key()).value() + filled.value());
            for (JarCount jar : dish.jars()) {
                String id = "%s/%s/%s"
                        .formatted(dish.key(), jar.size().code(), jar.mouth().code());
                Optional<Timing> alone = VariantRuling.rule(
                                rulings, dish.batch().with(List.of(jar)), dish.variants())
                        .timing();
                if (alone.isEmpty()) {
                    return List
                            .of(); // A row was put to rest since the dish was ruled on; asked again, the dish says so.
                }
                groups.add(new JarGroup(
                        id, dish.title(), jar.kind(), jar.count(), alone.get().minutes(), ready));
            }
        }
        return groups;
    }

    private List<PlannedLoad> loads(
            LoadingPlan plan, LoadingDay day, List<PlannedCanner> canners, List<PlannedDish> dishes) {
        List<PlannedLoad> loads = new ArrayList<>();
        for (CannerLoad load : plan.loads()) {
            PlannedCanner canner = canners.get(load.canner());
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
    public static String keyOf(JarGroup group) {
        return group.id().substring(0, group.id().indexOf('/'));
    }

    private static PlannedDish dish(List<PlannedDish> dishes, String key) {
        return dishes.stream()
                .filter(dish -> dish.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** Ruled on by the canner it goes into: its gauge decides what to read. */
    private PlannedLoad.Share share(PlannedDish dish, List<JarCount> jars, PlannedCanner canner) {
        Batch batch = dish.batch().with(jars).with(canner.profile().gauge());
        return new PlannedLoad.Share(dish, jars, VariantRuling.rule(rulings, batch, dish.variants()));
    }
}
