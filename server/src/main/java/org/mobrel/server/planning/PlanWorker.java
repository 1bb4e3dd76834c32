package org.mobrel.server.planning;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.DayTarget;
import org.mobrel.day.DishWork;
import org.mobrel.day.Quiet;
import org.mobrel.day.WorkTable;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.RequiredSteps;
import org.mobrel.planning.ChosenLoads;
import org.mobrel.planning.DayPlanner;
import org.mobrel.planning.DishOutcome;
import org.mobrel.planning.DishPlanner;
import org.mobrel.planning.LoadPlanner;
import org.mobrel.planning.PlannedCanner;
import org.mobrel.planning.PlannedDay;
import org.mobrel.planning.PlannedDish;
import org.mobrel.planning.SpreadOverDays;
import org.mobrel.quantity.Altitude;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.server.kitchen.Cupboard;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.ruling.RulingService;
import org.mobrel.server.run.RunService;
import org.springframework.stereotype.Component;

/** Hands the core what is kept of a plan and this kitchen, to be worked out. */
@Component
class PlanWorker {

    /** What is proposed until the cook says a time. */
    private static final LocalTime USUAL_START = LocalTime.of(9, 0);

    private final RulingService rulings;
    private final RunService runs;
    private final LoadPlanner loads;
    private final DayPlanner days;
    private final InstantSource clock;
    private final ZoneId zone;

    PlanWorker(
            RulingService rulings,
            RunService runs,
            RequiredSteps steps,
            WorkTable works,
            RememberedLoads search,
            InstantSource clock,
            ZoneId zone) {
        this.rulings = rulings;
        this.runs = runs;
        this.loads = new LoadPlanner(rulings.rulings(), steps, works, search);
        this.days = new DayPlanner(loads, rulings.rulings());
        this.clock = clock;
        this.zone = zone;
    }

    /** Works dishes out one after the other, in one kitchen. */
    final class Dishes {
        private final KitchenCanner canner;
        private final WantedDishes wishes;
        private final DishPlanner planner;

        private Dishes(Kitchen kitchen, KitchenCanner canner, Altitude altitude, JarTable jars, Cupboard cupboard) {
            this.canner = canner;
            this.wishes = new WantedDishes(rulings, jars, cupboard, kitchen.household());
            this.planner = new DishPlanner(rulings.rulings(), jars, altitude, canner.profile(), kitchen.school());
        }

        /**
         * @param field where the dish stands in the request, such as 'dishes[0]'
         * @throws InvalidField if something in it cannot be meant
         */
        Planned plan(PlanBody.Dish dish, Recipe recipe, YieldCorrection yield, String field) {
            DishOutcome outcome = planner.plan(wishes.read(dish, recipe, yield, field));
            if (outcome instanceof DishOutcome.Problem problem) {
                throw WantedDishes.words(problem, field);
            }
            return new Planned(dish, recipe, canner, (PlannedDish) outcome);
        }
    }

    /** @throws Conflict if the kitchen has no altitude yet, for then there is no pressure */
    Dishes dishes(Kitchen kitchen, KitchenCanner canner, JarTable jars, Cupboard cupboard) {
        Altitude altitude = kitchen.altitude()
                .orElseThrow(() -> new Conflict(
                        "no-altitude", "The pressure depends on your altitude: say it in Kitchen first.", Map.of()));
        return new Dishes(kitchen, canner, altitude, jars, cupboard);
    }

    /** What each of these dishes asks of the cook, by its key. */
    Map<String, DishWork> works(List<Planned> dishes, boolean quickSoak) {
        Map<String, DishWork> works = new HashMap<>();
        dishes.forEach(dish -> works.put(dish.key(), loads.work(dish.worked(), quickSoak)));
        return works;
    }

    /** The best loads for one dish alone. */
    ChosenLoads loads(Planned dish, KitchenCanner canner, Kitchen kitchen) {
        return loads.choose(
                List.of(dish.worked()),
                withTheirRuns(List.of(canner)),
                kitchen.workplace().burners(),
                false);
    }

    /**
     * The days of these dishes, each with its loads.
     *
     * @param usable the canners that the loads could be spread over as well
     */
    List<PlanView.DayView> days(
            PlanBody body,
            Kitchen kitchen,
            List<KitchenCanner> used,
            List<KitchenCanner> usable,
            List<Planned> dishes) {
        List<PlannedCanner> pots = withTheirRuns(used);
        List<PlannedCanner> all = withTheirRuns(usable);
        List<List<PlannedDish>> split = SpreadOverDays.of(
                rulings.rulings(),
                dishes.stream().map(Planned::worked).toList(),
                body.laterDays().stream().map(PlanWorker::moved).toList());
        List<PlanView.DayView> views = new ArrayList<>();
        int before = 0;
        Instant begun = nextMorning(clock.instant());
        for (int day = 0; day < split.size(); day++) {
            PlanBody.DaySettings settings =
                    day == 0 ? body.day() : body.laterDays().get(day - 1).day();
            boolean quickSoak = settings != null && Boolean.TRUE.equals(settings.quickSoak());
            ChosenLoads chosen = loads.choose(
                    split.get(day),
                    pots,
                    new LoadPlanner.Wish(kitchen.workplace().burners(), quickSoak, body.isEven()));
            Optional<DayTarget> wished = Optional.ofNullable(settings).flatMap(PlanBody.DaySettings::aims);
            Instant proposed = day == 0 ? begun : begun.plus(Duration.ofDays(1));
            DayPlanner.WantedDay wish = new DayPlanner.WantedDay(
                    wished.orElseGet(() -> new DayTarget(DayTarget.Kind.START, proposed)),
                    wished.isPresent(),
                    quickSoak,
                    pots,
                    all);
            Optional<PlannedDay> planned = days.plan(split.get(day), chosen, wish, workplace(kitchen));
            views.add(new PlanView.DayView(before, chosen.after(before), planned, quickSoak));
            before += chosen.loads().size();
            begun = planned.map(its -> its.day().start()).orElse(wish.aim().at());
        }
        return views;
    }

    private static List<PlannedDay.DishJars> moved(PlanBody.LaterDay day) {
        return day.jars().stream()
                .flatMap(jars -> jars(jars).stream().map(count -> new PlannedDay.DishJars(jars.dish(), List.of(count))))
                .toList();
    }

    /** Empty for none, and for a kind of jar that is no longer known. */
    private static Optional<JarCount> jars(PlanBody.MovedJars moved) {
        return moved.count() == 0
                ? Optional.empty()
                : JarSize.ofCode(moved.size()).flatMap(size -> Mouth.ofCode(moved.mouth())
                        .map(mouth -> new JarCount(size, mouth, moved.count())));
    }

    private DayPlanner.Workplace workplace(Kitchen kitchen) {
        Quiet quiet =
                new Quiet(kitchen.workplace().quietFrom(), kitchen.workplace().quietUntil(), zone);
        return new DayPlanner.Workplace(kitchen.workplace().burners(), quiet, clock.instant());
    }

    private Instant nextMorning(Instant now) {
        return now.atZone(zone)
                .toLocalDate()
                .plusDays(1)
                .atTime(USUAL_START)
                .atZone(zone)
                .toInstant();
    }

    private List<PlannedCanner> withTheirRuns(List<KitchenCanner> canners) {
        return canners.stream()
                .map(canner -> new PlannedCanner(
                        canner.id(),
                        canner.profile(),
                        runs.pastOf(canner.id()).stream()
                                .map(past -> new CannerTimes.Seen(
                                        past.pack(),
                                        past.times().heatUp(),
                                        past.times().comeUp(),
                                        past.times().coolDown()))
                                .toList()))
                .toList();
    }
}
