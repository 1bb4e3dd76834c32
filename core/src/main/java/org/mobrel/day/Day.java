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
                Instant needed = needed(dish, start);
                for (List<WorkTable.Work> chain : dish.before()) {
                    List<Instant> begins = free(chain, needed).orElseGet(() -> latest(chain, needed));
                    for (int at = 0; at < chain.size(); at++) {
                        Instant until = at + 1 < chain.size() ? begins.get(at + 1) : needed;
                        add(dish, chain.get(at), begins.get(at), until);
                    }
                }
            }
        }

        /** When each of a chain begins, somebody being up for all of it; empty if there is no such time. */
        private Optional<List<Instant>> free(List<WorkTable.Work> chain, Instant needed) {
            if (chain.isEmpty()) {
                return Optional.of(List.of());
            }
            WorkTable.Work work = chain.get(chain.size() - 1);
            List<WorkTable.Work> earlier = chain.subList(0, chain.size() - 1);
            int hands = work.hands().minutes();
            for (int rest = work.rest().least().value();
                    rest <= work.rest().most().value();
                    rest += STEP) {
                Instant begin = at(needed, -rest - hands);
                Optional<List<Instant>> before = isFree(work, begin) ? free(earlier, begin) : Optional.empty();
                if (before.isPresent()) {
                    List<Instant> all = new ArrayList<>(before.get());
                    all.add(begin);
                    return Optional.of(all);
                }
            }
            return Optional.empty();
        }

        private static List<Instant> latest(List<WorkTable.Work> chain, Instant needed) {
            List<Instant> begins = new ArrayList<>();
            Instant until = needed;
            for (int at = chain.size() - 1; at >= 0; at--) {
                WorkTable.Work work = chain.get(at);
                until = at(until, -work.rest().least().value() - work.hands().minutes());
                begins.add(0, until);
            }
            return begins;
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

        private void add(DishWork dish, WorkTable.Work work, Instant begin, Instant needed) {
            int hands = work.hands().minutes();
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

        private boolean isFree(WorkTable.Work work, Instant begin) {
            Instant end = at(begin, work.hands().minutes());
            boolean handsFree = work.attention() != Attention.HANDS
                    || tasks.stream()
                            .filter(timed -> timed.task().attention() == Attention.HANDS)
                            .noneMatch(timed -> timed.start().isBefore(end) && begin.isBefore(timed.end()));
            return handsFree
                    && (work.attention() == Attention.FREE || !quiet.next(begin).isBefore(end));
        }
    }
}
