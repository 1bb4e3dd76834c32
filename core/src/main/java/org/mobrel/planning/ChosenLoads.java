package org.mobrel.planning;

import java.util.List;
import java.util.Optional;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.DishWork;
import org.mobrel.day.PreparationSchedule;
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;

/**
 * The loads chosen for some dishes and canners.
 *
 * @param canners in the order of the loading day
 * @param times of each canner, in the same order
 * @param day what was to be loaded; empty when no dish can be, or something fits nowhere
 * @param best the best plan for it
 * @param loads the same with dishes, canners and rulings
 * @param fitsNowhere jars that go into none of the canners
 */
public record ChosenLoads(
        List<PlannedCanner> canners,
        List<CannerTimes> times,
        List<DishWork> works,
        PreparationSchedule morning,
        Optional<LoadingDay> day,
        Optional<LoadingPlan> best,
        List<PlannedLoad> loads,
        Optional<JarGroup> fitsNowhere) {

    public ChosenLoads {
        canners = List.copyOf(canners);
        times = List.copyOf(times);
        works = List.copyOf(works);
        loads = List.copyOf(loads);
    }

    /** The same, its loads numbered on from so many of the days before. */
    public ChosenLoads after(int before) {
        return new ChosenLoads(
                canners,
                times,
                works,
                morning,
                day,
                best,
                loads.stream()
                        .map(load -> load.numbered(load.number() + before))
                        .toList(),
                fitsNowhere);
    }

    /** The loads that hold jars of a dish. */
    public List<PlannedLoad> of(String dish) {
        return loads.stream().filter(load -> load.of(dish).isPresent()).toList();
    }
}
