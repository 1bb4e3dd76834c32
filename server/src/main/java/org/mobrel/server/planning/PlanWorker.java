package org.mobrel.server.planning;

import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.DayTarget;
import org.mobrel.day.Quiet;
import org.mobrel.day.WorkTable;
import org.mobrel.jars.JarTable;
import org.mobrel.method.RequiredSteps;
import org.mobrel.planning.ChosenLoads;
import org.mobrel.planning.DayPlanner;
import org.mobrel.planning.DishOutcome;
import org.mobrel.planning.DishPlanner;
import org.mobrel.planning.LoadPlanner;
import org.mobrel.planning.PlannedCanner;
import org.mobrel.planning.PlannedDay;
import org.mobrel.planning.PlannedDish;
import org.mobrel.quantity.Altitude;
import org.mobrel.scaling.YieldCorrection;
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
        private final DishWishes wishes;
        private final DishPlanner planner;

        private Dishes(Kitchen kitchen, KitchenCanner canner, Altitude altitude, JarTable jars) {
            this.canner = canner;
            this.wishes = new DishWishes(rulings, jars, kitchen.household());
            this.planner = new DishPlanner(rulings.rulings(), jars, altitude, canner.profile(), kitchen.school());
        }

        /**
         * @param field where the dish stands in the request, such as 'dishes[0]'
         * @throws InvalidField if something in it cannot be meant
         */
        Planned plan(PlanBody.Dish dish, Recipe recipe, YieldCorrection yield, String field) {
            DishOutcome outcome = planner.plan(wishes.read(dish, recipe, yield, field));
            if (outcome instanceof DishOutcome.Problem problem) {
                throw DishWishes.words(problem, field);
            }
            return new Planned(dish, recipe, canner, (PlannedDish) outcome);
        }
    }

    /** @throws Conflict if the kitchen has no altitude yet, for then there is no pressure */
    Dishes dishes(Kitchen kitchen, KitchenCanner canner, JarTable jars) {
        Altitude altitude = kitchen.altitude()
                .orElseThrow(() -> new Conflict(
                        "no-altitude", "The pressure depends on your altitude: say it in Kitchen first.", Map.of()));
        return new Dishes(kitchen, canner, altitude, jars);
    }

    /** The best loads for these dishes. */
    ChosenLoads loads(List<Planned> dishes, List<KitchenCanner> canners, Kitchen kitchen, boolean quickSoak) {
        return loads.choose(
                worked(dishes), withTheirRuns(canners), kitchen.workplace().burners(), quickSoak);
    }

    /**
     * The day of these loads; empty when there is none.
     *
     * @param usable the canners that the loads could be spread over as well
     */
    Optional<PlannedDay> day(
            PlanBody body,
            Kitchen kitchen,
            List<KitchenCanner> used,
            List<KitchenCanner> usable,
            List<Planned> dishes,
            ChosenLoads chosen) {
        Optional<DayTarget> wished = Optional.ofNullable(body.day()).flatMap(PlanBody.DaySettings::aims);
        Instant now = clock.instant();
        DayPlanner.DayWish wish = new DayPlanner.DayWish(
                wished.orElseGet(() -> new DayTarget(DayTarget.Kind.START, nextMorning(now))),
                wished.isPresent(),
                body.soaksQuickly(),
                withTheirRuns(used),
                withTheirRuns(usable));
        Quiet quiet =
                new Quiet(kitchen.workplace().quietFrom(), kitchen.workplace().quietUntil(), zone);
        return days.plan(
                worked(dishes),
                chosen,
                wish,
                new DayPlanner.Workplace(kitchen.workplace().burners(), quiet, now));
    }

    private Instant nextMorning(Instant now) {
        return now.atZone(zone)
                .toLocalDate()
                .plusDays(1)
                .atTime(USUAL_START)
                .atZone(zone)
                .toInstant();
    }

    private static List<PlannedDish> worked(List<Planned> dishes) {
        return dishes.stream().map(Planned::worked).toList();
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
