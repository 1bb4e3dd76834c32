package org.mobrel.planning;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.mobrel.day.Day;
import org.mobrel.day.DayTarget;
import org.mobrel.day.Workday;
import org.mobrel.jars.JarCount;

/**
 * The day of a plan.
 *
 * @param aim when it is to be
 * @param wished whether the cook said so; else it is only a proposal
 * @param remedies what would make it fit; empty when it does
 */
public record PlannedDay(Workday workday, Day day, DayTarget aim, boolean wished, List<Remedy> remedies) {

    public PlannedDay {
        remedies = List.copyOf(remedies);
    }

    /** A change that makes a day fit, tried out. */
    public record Remedy(Kind kind, Day day, Change change) {}

    public enum Kind {
        START_AT("start-at"),
        QUICK_SOAK("quick-soak"),
        MORE_CANNERS("more-canners"),
        PINTS_ONLY("pints-only"),
        FEWER_JARS("fewer-jars"),
        MORE_DAYS("more-days");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /**
     * What to change; everything else stays.
     *
     * @param jars of each dish by its key; null where they stay
     * @param later what is canned on each day after the first; empty where all stays on one day
     */
    public record Change(
            Optional<Instant> start,
            boolean quickSoak,
            List<Long> canners,
            List<DishJars> jars,
            List<List<DishJars>> later) {

        public Change {
            canners = List.copyOf(canners);
            jars = List.copyOf(jars);
            later = later.stream().map(List::copyOf).toList();
        }

        static Change start(Instant start) {
            return new Change(Optional.of(start), false, List.of(), List.of(), List.of());
        }

        static Change quickSoaked() {
            return new Change(Optional.empty(), true, List.of(), List.of(), List.of());
        }

        static Change canners(List<Long> canners) {
            return new Change(Optional.empty(), false, canners, List.of(), List.of());
        }

        static Change jars(List<DishJars> jars) {
            return new Change(Optional.empty(), false, List.of(), jars, List.of());
        }

        static Change later(List<List<DishJars>> later) {
            return new Change(Optional.empty(), false, List.of(), List.of(), later);
        }
    }

    public record DishJars(String dish, List<JarCount> jars) {
        public DishJars {
            jars = List.copyOf(jars);
        }
    }
}
