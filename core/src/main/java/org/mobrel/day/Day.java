package org.mobrel.day;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A workday set at a time, with the evening before.
 *
 * @param start when the first hand is put to it on the day itself
 * @param end when the last jar is out
 * @param tasks all of them, in the order they start
 * @param watches when somebody has to stay in the kitchen
 * @param misfits why it cannot be like that; empty when it fits
 */
public record Day(Instant start, Instant end, List<Timed> tasks, List<Watch> watches, List<DayConflict> misfits) {

    /** A longer day is not a plan. */
    public static final Duration LONGEST = Duration.ofHours(16);

    /** Slots of the evening before are looked for in steps of so many minutes. */
    private static final int STEP = 5;

    public Day {
        tasks = List.copyOf(tasks);
        watches = List.copyOf(watches);
        misfits = List.copyOf(misfits);
    }

    /** A task and when it is. */
    public record Timed(Task task, Instant start, Instant end) {}

    public record Watch(Instant start, Instant end) {}

    public boolean fits() {
        return misfits.isEmpty();
    }

    /**
     * Sets a workday at a time.
     *
     * @param now nothing can begin before it
     */
    public static Day of(Workday workday, List<DishWork> dishes, DayTarget aim, Quiet quiet, Instant now) {
        Instant start = aim.kind() == DayTarget.Kind.START ? aim.at() : at(aim.at(), -workday.length());
        List<Timed> tasks = new ArrayList<>();
        workday.tasks().forEach(task -> tasks.add(new Timed(task, at(start, task.start()), at(start, task.end()))));
        new Evening(tasks, quiet).add(dishes, start);
        tasks.sort(Comparator.comparing(Timed::start).thenComparing(Timed::end));
        List<Watch> watches = workday.watches().stream()
                .map(watch -> new Watch(at(start, watch.start()), at(start, watch.end())))
                .toList();
        Instant end = at(start, workday.length());
        return new Day(start, end, tasks, watches, misfits(tasks, start, end, quiet, now));
    }

    private static Instant at(Instant start, int minutes) {
        return start.plus(Duration.ofMinutes(minutes));
    }

    private static List<DayConflict> misfits(List<Timed> tasks, Instant start, Instant end, Quiet quiet, Instant now) {
        List<DayConflict> misfits = new ArrayList<>();
        if (Duration.between(start, end).compareTo(LONGEST) > 0) {
            misfits.add(new DayConflict(DayConflict.Code.TOO_LONG, end, ""));
        }
        tasks.stream()
                .filter(timed -> timed.start().isBefore(now))
                .findFirst()
                .ifPresent(timed -> misfits.add(new DayConflict(
                        DayConflict.Code.IS_PAST, timed.start(), timed.task().id())));
        tasks.stream()
                .filter(timed -> timed.task().attention() != Attention.FREE)
                .filter(timed -> quiet.next(timed.start()).isBefore(timed.end()))
                .max(Comparator.comparing(Timed::end))
                .ifPresent(timed -> misfits.add(new DayConflict(
                        DayConflict.Code.IN_QUIET_HOURS,
                        timed.end(),
                        timed.task().id())));
        return misfits;
    }

    /** What begins the evening before: as late as it may and somebody is up, in time for the dish that waits for it. */
    private static final class Evening {
        private final List<Timed> tasks;
        private final Quiet quiet;

        Evening(List<Timed> tasks, Quiet quiet) {
            this.tasks = tasks;
            this.quiet = quiet;
        }

        void add(List<DishWork> dishes, Instant start) {
            for (DishWork dish : dishes) {
                for (WorkTable.Work work : dish.before()) {
                    add(dish, work, needed(dish, start));
                }
            }
        }

        /** When the dish's first task on the burner begins: until then it may lie. */
        private Instant needed(DishWork dish, Instant start) {
            return tasks.stream()
                    .filter(timed -> timed.task().dish().equals(Optional.of(dish.key()))
                            && timed.task().burner())
                    .map(Timed::start)
                    .min(Comparator.naturalOrder())
                    .orElse(start);
        }

        private void add(DishWork dish, WorkTable.Work work, Instant needed) {
            int hands = work.hands().minutes();
            Instant latest = at(needed, -work.rest().least().value() - hands);
            Instant earliest = at(needed, -work.rest().most().value() - hands);
            Instant begin = latest;
            while (!isFree(begin, hands) && begin.isAfter(earliest)) {
                begin = at(begin, -STEP);
            }
            if (!isFree(begin, hands)) {
                begin = latest;
            }
            String id = "dish-%s-%s".formatted(dish.key(), work.code());
            Task set = new Task(
                    id,
                    work.code(),
                    work.title(),
                    Optional.of(dish.key()),
                    0,
                    -1,
                    0,
                    hands,
                    work.attention(),
                    List.of(),
                    false);
            tasks.add(new Timed(set, begin, at(begin, hands)));
            if (!work.rest().isNone()) {
                int rest = (int) Duration.between(at(begin, hands), needed).toMinutes();
                Task lie = new Task(
                        id + "-rest",
                        work.code() + "-rest",
                        work.rest().title(),
                        Optional.of(dish.key()),
                        0,
                        -1,
                        0,
                        rest,
                        Attention.FREE,
                        List.of(id),
                        false);
                tasks.add(new Timed(lie, at(begin, hands), needed));
            }
        }

        private boolean isFree(Instant begin, int minutes) {
            Instant end = at(begin, minutes);
            boolean handsFree = tasks.stream()
                    .filter(timed -> timed.task().attention() == Attention.HANDS)
                    .noneMatch(timed -> timed.start().isBefore(end) && begin.isBefore(timed.end()));
            return handsFree && !quiet.next(begin).isBefore(end);
        }
    }
}
