package org.mobrel.planning;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.day.Day;
import org.mobrel.day.DayConflict;
import org.mobrel.day.DayTarget;
import org.mobrel.day.Workday;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.VariantRuling;

/** Tries changes of a day that does not fit one by one; those that make it fit are offered. */
final class DayRemedies {

    private static final Duration STEP = Duration.ofMinutes(15);

    /** Another start is looked for this far around the one that does not fit. */
    private static final int STEPS = 4 * 36;

    /** A plan has no more days than this. */
    private static final int MOST_DAYS = 4;

    /** More than this nobody weighs against each other. */
    private static final int MOST = 3;

    private final LoadPlanner loads;
    private final Rulings rulings;
    private final DayPlanner.Workplace workplace;
    private final List<PlannedDish> dishes;
    private final ChosenLoads chosen;
    private final DayPlanner.WantedDay wish;
    private final Day day;
    private final List<PlannedDay.Remedy> found = new ArrayList<>();

    DayRemedies(
            LoadPlanner loads,
            Rulings rulings,
            DayPlanner.Workplace workplace,
            List<PlannedDish> dishes,
            ChosenLoads chosen,
            DayPlanner.WantedDay wish,
            Day day) {
        this.loads = loads;
        this.rulings = rulings;
        this.workplace = workplace;
        this.dishes = dishes;
        this.chosen = chosen;
        this.wish = wish;
        this.day = day;
    }

    List<PlannedDay.Remedy> all() {
        startAt();
        soakQuickly();
        moreCanners();
        moreDays();
        pintsOnly();
        fewerJars();
        return found.stream().limit(MOST).toList();
    }

    /** The nearest other start at which nothing is in the way. */
    private void startAt() {
        Workday workday = DayPlanner.workday(chosen, workplace);
        for (int step = 1; step <= STEPS; step++) {
            for (int way : new int[] {-step, step}) {
                Instant start = quarter(day.start()).plus(STEP.multipliedBy(way));
                Day other = DayPlanner.day(workday, chosen, new DayTarget(DayTarget.Kind.START, start), workplace);
                if (other.fits()) {
                    found.add(new PlannedDay.Remedy(PlannedDay.Kind.START_AT, other, PlannedDay.Change.start(start)));
                    return;
                }
            }
        }
    }

    private Instant quarter(Instant at) {
        return Instant.ofEpochSecond(at.getEpochSecond() / STEP.toSeconds() * STEP.toSeconds());
    }

    private void soakQuickly() {
        boolean soaks = chosen.works().stream().anyMatch(work -> work.begins("soak"));
        boolean soakIsAtFault = day.misfits().stream()
                .anyMatch(misfit -> misfit.code() != DayConflict.Code.TOO_LONG
                        && misfit.task().endsWith("-soak"));
        if (soaks && soakIsAtFault && !wish.quickSoak()) {
            attempt(PlannedDay.Kind.QUICK_SOAK, dishes, wish.used(), true, PlannedDay.Change.quickSoaked());
        }
    }

    private void moreCanners() {
        List<PlannedCanner> usable = wish.usable();
        if (usable.size() > wish.used().size()) {
            attempt(
                    PlannedDay.Kind.MORE_CANNERS,
                    dishes,
                    usable,
                    wish.quickSoak(),
                    PlannedDay.Change.canners(
                            usable.stream().map(PlannedCanner::id).toList()));
        }
    }

    /** Two pints for a quart: more of them go into a load, and they may need less time. */
    private void pintsOnly() {
        boolean anyQuart =
                dishes.stream().flatMap(dish -> dish.jars().stream()).anyMatch(jar -> jar.size() == JarSize.QUART);
        if (anyQuart && dishes.stream().noneMatch(dish -> dish.usesUp())) {
            List<PlannedDay.DishJars> jars = dishes.stream()
                    .map(dish -> new PlannedDay.DishJars(dish.key(), inPints(dish.jars())))
                    .toList();
            attempt(
                    PlannedDay.Kind.PINTS_ONLY,
                    with(jars),
                    wish.used(),
                    wish.quickSoak(),
                    PlannedDay.Change.jars(jars));
        }
    }

    private static List<JarCount> inPints(List<JarCount> jars) {
        return jars.stream()
                .map(jar -> jar.size() == JarSize.QUART
                        ? new JarCount(JarSize.PINT, jar.mouth(), Math.min(JarCount.MOST, 2 * jar.count()))
                        : jar)
                .toList();
    }

    /** The loads shared out over as few days as will do, each at the same hour; the first day takes one more where they do not come out even. */
    private void moreDays() {
        int loads = chosen.loads().size();
        for (int days = 2; days <= Math.min(MOST_DAYS, loads); days++) {
            List<List<PlannedDay.DishJars>> split = new ArrayList<>();
            int from = 0;
            for (int day = 0; day < days; day++) {
                int to = from + loads / days + (day < loads % days ? 1 : 0);
                split.add(dishJars(chosen.loads().subList(from, to)));
                from = to;
            }
            Optional<Day> first = fitting(with(split.get(0)), wish.aim());
            boolean all = first.isPresent();
            for (int day = 1; day < days && all; day++) {
                Instant then = wish.aim().at().plus(Duration.ofDays(day));
                all = fitting(with(split.get(day)), new DayTarget(wish.aim().kind(), then))
                        .isPresent();
            }
            if (all) {
                List<List<PlannedDay.DishJars>> later = split.stream()
                        .skip(1)
                        .map(day -> day.stream()
                                .filter(jars -> !jars.jars().isEmpty())
                                .toList())
                        .toList();
                found.add(new PlannedDay.Remedy(
                        PlannedDay.Kind.MORE_DAYS, first.orElseThrow(), PlannedDay.Change.later(later)));
                return;
            }
        }
    }

    private Optional<Day> fitting(List<PlannedDish> some, DayTarget aim) {
        ChosenLoads other =
                loads.choose(some, wish.used(), new LoadPlanner.Wish(workplace.burners(), wish.quickSoak(), false));
        return Optional.of(other)
                .filter(it -> !it.loads().isEmpty())
                .map(it -> DayPlanner.day(DayPlanner.workday(it, workplace), it, aim, workplace))
                .filter(Day::fits);
    }

    private List<PlannedDay.DishJars> dishJars(List<PlannedLoad> some) {
        return dishes.stream()
                .map(dish -> new PlannedDay.DishJars(dish.key(), in(some, dish)))
                .toList();
    }

    /** Without the jars of the last load, then of the last two, and so on. */
    private void fewerJars() {
        if (dishes.stream().anyMatch(dish -> dish.usesUp())) {
            return;
        }
        for (int without = 1; without < chosen.loads().size(); without++) {
            List<PlannedLoad> kept = chosen.loads().subList(0, chosen.loads().size() - without);
            List<PlannedDay.DishJars> jars = dishJars(kept);
            int before = found.size();
            attempt(
                    PlannedDay.Kind.FEWER_JARS,
                    with(jars),
                    wish.used(),
                    wish.quickSoak(),
                    PlannedDay.Change.jars(jars));
            if (found.size() > before) {
                return;
            }
        }
    }

    private static List<JarCount> in(List<PlannedLoad> loads, PlannedDish dish) {
        List<JarCount> all = new ArrayList<>();
        for (JarCount jar : dish.jars()) {
            int count = loads.stream()
                    .flatMap(load -> load.of(dish.key()).stream())
                    .flatMap(share -> share.jars().stream())
                    .filter(its -> its.kind().equals(jar.kind()))
                    .mapToInt(JarCount::count)
                    .sum();
            if (count > 0) {
                all.add(jar.kind().times(count));
            }
        }
        return all;
    }

    private List<PlannedDish> with(List<PlannedDay.DishJars> jars) {
        List<PlannedDish> changed = new ArrayList<>();
        for (int index = 0; index < dishes.size(); index++) {
            PlannedDish dish = dishes.get(index);
            List<JarCount> its = jars.get(index).jars();
            if (!its.isEmpty()) {
                changed.add(
                        dish.with(its, VariantRuling.rule(rulings, dish.batch().with(its), dish.variants())));
            }
        }
        return changed;
    }

    private void attempt(
            PlannedDay.Kind kind,
            List<PlannedDish> jars,
            List<PlannedCanner> pots,
            boolean quick,
            PlannedDay.Change change) {
        ChosenLoads other = loads.choose(jars, pots, workplace.burners(), quick);
        if (!other.loads().isEmpty()) {
            Day instead = DayPlanner.day(DayPlanner.workday(other, workplace), other, wish.aim(), workplace);
            if (instead.fits()) {
                found.add(new PlannedDay.Remedy(kind, instead, change));
            }
        }
    }
}
