package org.mobrel.server.planning;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.Day;
import org.mobrel.day.DayConflict;
import org.mobrel.day.DayTarget;
import org.mobrel.day.LoadWork;
import org.mobrel.day.Quiet;
import org.mobrel.day.Workday;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Minutes;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.ruling.RulingService;
import org.springframework.stereotype.Component;

/** Sets the loads of a plan at a time, says what does not fit and tries out what would. */
@Component
class DayPlanner {

    /** What is proposed until the cook says a time. */
    private static final LocalTime USUAL_START = LocalTime.of(9, 0);

    private static final Duration STEP = Duration.ofMinutes(15);

    /** Another start is looked for this far around the one that does not fit. */
    private static final int STEPS = 4 * 36;

    private static final int SMALL_BATCH_OF_REMEDIES = 3;

    private final LoadChooser chooser;
    private final RulingService rulings;
    private final InstantSource clock;
    private final ZoneId zone;

    DayPlanner(LoadChooser chooser, RulingService rulings, InstantSource clock, ZoneId zone) {
        this.chooser = chooser;
        this.rulings = rulings;
        this.clock = clock;
        this.zone = zone;
    }

    /** The day of these loads; empty when there is none. */
    Optional<DayView> look(
            PlanBody body, Kitchen kitchen, List<KitchenCanner> canners, List<Planned> dishes, ChosenLoads chosen) {
        if (chosen.loads().isEmpty()) {
            return Optional.empty();
        }
        Optional<DayTarget> wished = Optional.ofNullable(body.day()).flatMap(PlanBody.DaySettings::aims);
        DayTarget aim = wished.orElseGet(() -> new DayTarget(DayTarget.Kind.START, tomorrow()));
        Workday workday = workday(chosen, kitchen);
        Day day = day(workday, chosen, aim, kitchen);
        List<DayView.Remedy> remedies = day.fits()
                ? List.of()
                : new Remedies(kitchen, canners, dishes, chosen, aim, body.soaksQuickly(), day).all();
        return Optional.of(new DayView(workday, day, aim, wished.isPresent(), remedies));
    }

    private Instant tomorrow() {
        return clock.instant()
                .atZone(zone)
                .toLocalDate()
                .plusDays(1)
                .atTime(USUAL_START)
                .atZone(zone)
                .toInstant();
    }

    private Day day(Workday workday, ChosenLoads chosen, DayTarget aim, Kitchen kitchen) {
        Quiet quiet =
                new Quiet(kitchen.workplace().quietFrom(), kitchen.workplace().quietUntil(), zone);
        return Day.of(workday, chosen.works(), aim, quiet, clock.instant());
    }

    private Workday workday(ChosenLoads chosen, Kitchen kitchen) {
        List<LoadWork> works = chosen.loads().stream()
                .map(load -> new LoadWork(
                        load.load().canner(),
                        load.canner().profile().name(),
                        burner(load.canner()),
                        load.shares().stream()
                                .map(share -> share.dish().dish().key())
                                .toList(),
                        load.shares().stream()
                                .flatMap(share -> share.jars().stream())
                                .mapToInt(JarCount::count)
                                .sum(),
                        load.minutes(),
                        times(chosen, load),
                        new Minutes(load.load().start())))
                .toList();
        return Workday.of(chosen.morning(), works, kitchen.workplace().burners());
    }

    private static String burner(KitchenCanner canner) {
        String burner = canner.profile().burner();
        return burner.isBlank() ? "canner " + canner.id() : burner;
    }

    private CannerTimes times(ChosenLoads chosen, PlannedLoad load) {
        return chosen.times().get(load.load().canner());
    }

    /** Tries changes one by one; those that make the day fit are offered. */
    private final class Remedies {
        private final Kitchen kitchen;
        private final List<KitchenCanner> canners;
        private final List<Planned> dishes;
        private final ChosenLoads chosen;
        private final DayTarget aim;
        private final boolean quickSoak;
        private final Day day;
        private final List<DayView.Remedy> found = new ArrayList<>();

        Remedies(
                Kitchen kitchen,
                List<KitchenCanner> canners,
                List<Planned> dishes,
                ChosenLoads chosen,
                DayTarget aim,
                boolean quickSoak,
                Day day) {
            this.kitchen = kitchen;
            this.canners = canners;
            this.dishes = dishes;
            this.chosen = chosen;
            this.aim = aim;
            this.quickSoak = quickSoak;
            this.day = day;
        }

        List<DayView.Remedy> all() {
            startAt();
            soakQuickly();
            moreCanners();
            pintsOnly();
            fewerJars();
            return found.stream().limit(SMALL_BATCH_OF_REMEDIES).toList();
        }

        /** The nearest other start at which nothing is in the way. */
        private void startAt() {
            Workday workday = workday(chosen, kitchen);
            for (int step = 1; step <= STEPS; step++) {
                for (int way : new int[] {-step, step}) {
                    Instant start = quarter(day.start()).plus(STEP.multipliedBy(way));
                    Day other = day(workday, chosen, new DayTarget(DayTarget.Kind.START, start), kitchen);
                    if (other.fits()) {
                        found.add(new DayView.Remedy(
                                DayView.Kind.START_AT,
                                other,
                                new DayView.Change(Optional.of(start), false, List.of(), List.of())));
                        return;
                    }
                }
            }
        }

        private Instant quarter(Instant at) {
            return Instant.ofEpochSecond(at.getEpochSecond() / STEP.toSeconds() * STEP.toSeconds());
        }

        private void soakQuickly() {
            boolean soaks = chosen.works().stream().anyMatch(work -> work.before().stream()
                    .anyMatch(each -> each.code().equals("soak")));
            boolean soakIsAtFault = day.misfits().stream()
                    .anyMatch(misfit -> misfit.code() != DayConflict.Code.TOO_LONG
                            && misfit.task().endsWith("-soak"));
            if (soaks && soakIsAtFault && !quickSoak) {
                attempt(
                        DayView.Kind.QUICK_SOAK,
                        dishes,
                        canners,
                        true,
                        new DayView.Change(Optional.empty(), true, List.of(), List.of()));
            }
        }

        private void moreCanners() {
            List<KitchenCanner> usable = PlanViewService.usable(kitchen);
            if (usable.size() > canners.size()) {
                attempt(
                        DayView.Kind.MORE_CANNERS,
                        dishes,
                        usable,
                        quickSoak,
                        new DayView.Change(
                                Optional.empty(),
                                false,
                                usable.stream().map(KitchenCanner::id).toList(),
                                List.of()));
            }
        }

        /** Two pints for a quart: more of them go into a load, and they may need less time. */
        private void pintsOnly() {
            boolean anyQuart =
                    dishes.stream().flatMap(dish -> dish.jars().stream()).anyMatch(jar -> jar.size() == JarSize.QUART);
            if (anyQuart && dishes.stream().noneMatch(dish -> dish.dish().usesUp())) {
                List<DayView.DishJars> jars = dishes.stream()
                        .map(dish -> new DayView.DishJars(dish.dish().key(), inPints(dish.jars())))
                        .toList();
                attempt(
                        DayView.Kind.PINTS_ONLY,
                        with(jars),
                        canners,
                        quickSoak,
                        new DayView.Change(Optional.empty(), false, List.of(), jars));
            }
        }

        private static List<JarCount> inPints(List<JarCount> jars) {
            return jars.stream()
                    .map(jar -> jar.size() == JarSize.QUART
                            ? new JarCount(JarSize.PINT, jar.mouth(), Math.min(JarCount.MOST, 2 * jar.count()))
                            : jar)
                    .toList();
        }

        /** Without the jars of the last load, then of the last two, and so on. */
        private void fewerJars() {
            if (dishes.stream().anyMatch(dish -> dish.dish().usesUp())) {
                return;
            }
            for (int without = 1; without < chosen.loads().size(); without++) {
                List<PlannedLoad> kept =
                        chosen.loads().subList(0, chosen.loads().size() - without);
                List<DayView.DishJars> jars = dishes.stream()
                        .map(dish -> new DayView.DishJars(dish.dish().key(), in(kept, dish)))
                        .toList();
                int before = found.size();
                attempt(
                        DayView.Kind.FEWER_JARS,
                        with(jars),
                        canners,
                        quickSoak,
                        new DayView.Change(Optional.empty(), false, List.of(), jars));
                if (found.size() > before) {
                    return;
                }
            }
        }

        private static List<JarCount> in(List<PlannedLoad> loads, Planned dish) {
            List<JarCount> all = new ArrayList<>();
            for (JarCount jar : dish.jars()) {
                int count = loads.stream()
                        .flatMap(load -> load.of(dish.dish().key()).stream())
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

        private List<Planned> with(List<DayView.DishJars> jars) {
            List<Planned> changed = new ArrayList<>();
            for (int index = 0; index < dishes.size(); index++) {
                Planned dish = dishes.get(index);
                List<JarCount> its = jars.get(index).jars();
                if (!its.isEmpty()) {
                    changed.add(dish.with(its, rulings.rule(dish.batch().with(its), dish.variants())));
                }
            }
            return changed;
        }

        private void attempt(
                DayView.Kind kind, List<Planned> jars, List<KitchenCanner> pots, boolean quick, DayView.Change change) {
            ChosenLoads other = chooser.choose(jars, pots, kitchen.workplace().burners(), quick);
            if (!other.loads().isEmpty()) {
                Day instead = day(workday(other, kitchen), other, aim, kitchen);
                if (instead.fits()) {
                    found.add(new DayView.Remedy(kind, instead, change));
                }
            }
        }
    }
}
