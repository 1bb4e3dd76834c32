package org.mobrel.planning;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.mobrel.day.Day;
import org.mobrel.day.DayTarget;
import org.mobrel.day.LoadWork;
import org.mobrel.day.Quiet;
import org.mobrel.day.Workday;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Minutes;
import org.mobrel.ruling.Rulings;

/** Sets the loads of a plan at a time, says what does not fit and tries out what would. */
public final class DayPlanner {

    private final LoadPlanner loads;
    private final Rulings rulings;

    public DayPlanner(LoadPlanner loads, Rulings rulings) {
        this.loads = loads;
        this.rulings = rulings;
    }

    /**
     * Where and when the work is done.
     *
     * @param burners of the stove, from 1
     * @param quiet hours in which nobody wants to stand in the kitchen
     * @param now nothing can begin before it
     */
    public record Workplace(int burners, Quiet quiet, Instant now) {}

    /**
     * What the cook set of the day, and what could be changed of it.
     *
     * @param aim when it is to be; where nothing was said, what is proposed
     * @param isWished whether the cook said so
     * @param quickSoak whether beans are soaked the quick way
     * @param used the canners that are used
     * @param usable all that could be
     */
    public record WantedDay(
            DayTarget aim, boolean isWished, boolean quickSoak, List<PlannedCanner> used, List<PlannedCanner> usable) {

        public WantedDay {
            used = List.copyOf(used);
            usable = List.copyOf(usable);
        }
    }

    /** The day of these loads; empty when there is none. */
    public Optional<PlannedDay> plan(
            List<PlannedDish> dishes, ChosenLoads chosen, WantedDay wish, Workplace workplace) {
        if (chosen.loads().isEmpty()) {
            return Optional.empty();
        }
        Workday workday = workday(chosen, workplace);
        Day day = day(workday, chosen, wish.aim(), workplace);
        List<PlannedDay.Remedy> remedies =
                day.fits() ? List.of() : new DayRemedies(loads, rulings, workplace, dishes, chosen, wish, day).all();
        return Optional.of(new PlannedDay(workday, day, wish.aim(), wish.isWished(), remedies));
    }

    static Day day(Workday workday, ChosenLoads chosen, DayTarget aim, Workplace workplace) {
        return Day.of(workday, chosen.works(), aim, workplace.quiet(), workplace.now());
    }

    static Workday workday(ChosenLoads chosen, Workplace workplace) {
        List<LoadWork> works = chosen.loads().stream()
                .map(load -> new LoadWork(
                        load.load().canner(),
                        load.canner().profile().name(),
                        load.canner().burner(),
                        load.shares().stream().map(share -> share.dish().key()).toList(),
                        load.shares().stream()
                                .flatMap(share -> share.jars().stream())
                                .mapToInt(JarCount::count)
                                .sum(),
                        load.minutes(),
                        chosen.times().get(load.load().canner()),
                        new Minutes(load.load().start())))
                .toList();
        return Workday.of(chosen.morning(), works, workplace.burners());
    }
}
