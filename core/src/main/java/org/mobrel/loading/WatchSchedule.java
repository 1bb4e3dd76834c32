package org.mobrel.loading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * When to start the loads of several canners, so that the time on watch is least: a load may wait until another is watched anyway.
 *
 * <p>The watch falls into sessions. Which loads share a session, and in which order a canner takes its loads, is tried out; with that
 * chosen, the starts follow from when the sessions begin, and the sum of their lengths is convex in a way (L-natural) that lets a
 * descent by steps of whole minutes find the least.
 */
final class WatchSchedule {

    private static final int[] STEPS = {64, 16, 4, 1};

    /** Starts by canner and load, and the minutes on watch. */
    record Starts(int watched, int[][] at) {}

    private record Span(int length, int ready, int load) {}

    private final int deadline;
    private final int[] after;
    private final Span[][] spans;
    private final boolean[][] used;
    private final int[] left;
    private final List<int[][]> sessions = new ArrayList<>();
    private final int least;
    private int below;
    private Optional<Starts> best = Optional.empty();

    private final SearchDeadline stop;

    private WatchSchedule(LoadingDay day, List<CannerPlan> plans, int deadline, int below, SearchDeadline stop) {
        this.stop = stop;
        this.deadline = deadline;
        this.below = below;
        this.after = plans.stream()
                .mapToInt(plan -> day.canners().get(plan.canner()).after())
                .toArray();
        this.spans = plans.stream().map(plan -> spans(day, plan)).toArray(Span[][]::new);
        this.used = plans.stream().map(plan -> new boolean[plan.loads().size()]).toArray(boolean[][]::new);
        this.left = plans.stream().mapToInt(CannerPlan::watched).toArray();
        this.least = leastLeft();
    }

    /**
     * No sessions of the loads that are left are shorter than this. Where no canner takes two loads in one session, the sum is least when
     * the longest go with the longest; a canner that does take two is watched, in that session, through the whole gap between them.
     */
    private int leastLeft() {
        int most = 0;
        for (int sum : left) {
            most = Math.max(most, sum);
        }
        int least = Integer.MAX_VALUE;
        for (int chained = 0; chained < 1 << spans.length; chained++) {
            int bound = most;
            boolean can = true;
            for (int canner = 0; canner < spans.length; canner++) {
                if ((chained & 1 << canner) != 0) {
                    can &= open(canner) > 1;
                    bound = Math.max(bound, left[canner] + after[canner] + LoadingCanner.RELOAD);
                }
            }
            if (can && bound < least) {
                least = Math.min(least, Math.max(bound, longestTogether(chained)));
            }
        }
        return least;
    }

    private int open(int canner) {
        int open = 0;
        for (boolean gone : used[canner]) {
            open += gone ? 0 : 1;
        }
        return open;
    }

    /** The longest open loads of each canner side by side, then the next longest, and so on. */
    private int longestTogether(int without) {
        int sum = 0;
        int[] next = new int[spans.length];
        while (true) {
            int longest = 0;
            for (int canner = 0; canner < spans.length; canner++) {
                while (next[canner] < spans[canner].length && used[canner][next[canner]]) {
                    next[canner]++;
                }
                if (next[canner] < spans[canner].length && (without & 1 << canner) == 0) {
                    longest = Math.max(longest, spans[canner][next[canner]].length());
                }
                next[canner]++;
            }
            if (longest == 0) {
                return sum;
            }
            sum += longest;
        }
    }

    private static Span[] spans(LoadingDay day, CannerPlan plan) {
        List<Span> spans = new ArrayList<>();
        for (int load = 0; load < plan.loads().size(); load++) {
            LoadType type = plan.loads().get(load);
            spans.add(new Span(day.canners().get(plan.canner()).before() + type.process(), type.ready(), load));
        }
        spans.sort(Comparator.comparingInt(Span::length).reversed());
        return spans.toArray(Span[]::new);
    }

    /** The starts with the least time on watch, if it is below a bound; every load done by the deadline. */
    static Optional<Starts> least(
            LoadingDay day, List<CannerPlan> plans, int deadline, int below, SearchDeadline stop) {
        WatchSchedule watch = new WatchSchedule(day, plans, deadline, below, stop);
        if (watch.least >= below) {
            return Optional.empty();
        }
        if (plans.stream().filter(plan -> !plan.loads().isEmpty()).count() == 1) {
            // One canner is watched for as long as it takes, whatever the order.
            return Optional.of(new Starts(watch.least, asSoonAsTheyMay(day, plans)));
        }
        watch.nextSession(0, new int[plans.size()]);
        return watch.best;
    }

    /** Every load as soon as its canner is free and its jars are ready. */
    static int[][] asSoonAsTheyMay(LoadingDay day, List<CannerPlan> plans) {
        int[][] at = new int[plans.size()][];
        for (int canner = 0; canner < at.length; canner++) {
            CannerPlan plan = plans.get(canner);
            LoadingCanner pot = day.canners().get(plan.canner());
            at[canner] = new int[plan.loads().size()];
            int free = 0;
            for (int load = 0; load < at[canner].length; load++) {
                LoadType type = plan.loads().get(load);
                at[canner][load] = Math.max(free, type.ready());
                free = at[canner][load] + pot.before() + type.process() + pot.after() + LoadingCanner.RELOAD;
            }
        }
        return at;
    }

    private boolean isDone() {
        return best.isPresent() && best.get().watched() == least || stop.now();
    }

    /**
     * @param spent minutes on watch that the sessions so far take at least
     * @param free when each canner may take its next load at the earliest
     */
    private void nextSession(int spent, int[] free) {
        int open = leastLeft();
        if (open == 0) {
            begin();
        } else if (spent + open < below && !isDone()) {
            choose(0, new int[spans.length][], 0, spent, free);
        }
    }

    /** Chooses what a canner adds to the session: one load, none, or several after each other while others are watched. */
    private void choose(int canner, int[][] session, int longest, int spent, int[] free) {
        if (isDone()) {
            return;
        }
        if (canner == spans.length) {
            if (longest > 0) {
                sessions.add(session.clone());
                nextSession(spent + longest, free);
                sessions.remove(sessions.size() - 1);
            }
            return;
        }
        add(canner, session, new int[0], 0, longest, spent, free);
        session[canner] = new int[0];
        choose(canner + 1, session, longest, spent, free);
    }

    private void add(int canner, int[][] session, int[] chain, int length, int longest, int spent, int[] free) {
        Span[] mine = spans[canner];
        for (int at = 0; at < mine.length; at++) {
            if (used[canner][at] || isTwin(canner, at)) {
                continue;
            }
            Span span = mine[at];
            int start = Math.max(free[canner], span.ready());
            int longer = length + span.length() + (chain.length == 0 ? 0 : after[canner] + LoadingCanner.RELOAD);
            if (start + span.length() + after[canner] > deadline || spent + Math.max(longest, longer) >= below) {
                continue;
            }
            used[canner][at] = true;
            left[canner] -= span.length();
            int[] next = Arrays.copyOf(chain, chain.length + 1);
            next[chain.length] = at;
            int[] later = free.clone();
            later[canner] = start + span.length() + after[canner] + LoadingCanner.RELOAD;
            session[canner] = next;
            choose(canner + 1, session, Math.max(longest, longer), spent, later);
            add(canner, session, next, longer, longest, spent, later);
            left[canner] += span.length();
            used[canner][at] = false;
        }
    }

    /** Of loads that are alike the first free one is taken. */
    private boolean isTwin(int canner, int at) {
        Span[] mine = spans[canner];
        return at > 0
                && !used[canner][at - 1]
                && mine[at - 1].length() == mine[at].length()
                && mine[at - 1].ready() == mine[at].ready();
    }

    /** All loads have a session: finds when the sessions begin best. */
    private void begin() {
        int count = sessions.size();
        int[] begins = new int[count];
        int watched = watched(begins, null);
        if (watched == Integer.MAX_VALUE) {
            return;
        }
        for (int step : STEPS) {
            boolean moved = true;
            while (moved) {
                moved = false;
                for (int some = 1; some < 1 << count; some++) {
                    int later = moved(begins, some, step, watched);
                    moved |= later < watched;
                    watched = Math.min(watched, later);
                    int sooner = moved(begins, some, -step, watched);
                    moved |= sooner < watched;
                    watched = Math.min(watched, sooner);
                }
            }
        }
        if (watched < below) {
            int[][] at = new int[spans.length][];
            for (int canner = 0; canner < at.length; canner++) {
                at[canner] = new int[spans[canner].length];
            }
            watched(begins, at);
            below = watched;
            best = Optional.of(new Starts(watched, at));
        }
    }

    /** Moves some of the sessions for as long as that helps. */
    private int moved(int[] begins, int some, int step, int before) {
        int watched = before;
        while (true) {
            shift(begins, some, step);
            int next = watched(begins, null);
            if (next >= watched) {
                shift(begins, some, -step);
                return watched;
            }
            watched = next;
        }
    }

    private static void shift(int[] begins, int some, int step) {
        for (int session = 0; session < begins.length; session++) {
            begins[session] += (some & 1 << session) == 0 ? 0 : step;
        }
    }

    /** The lengths of all sessions when each begins no sooner than so; too much to count if a load would end too late. */
    private int watched(int[] begins, int @Nullable [][] into) {
        int[] free = new int[spans.length];
        int sum = 0;
        for (int session = 0; session < begins.length; session++) {
            int end = begins[session];
            int[][] chains = sessions.get(session);
            for (int canner = 0; canner < chains.length; canner++) {
                for (int at : chains[canner]) {
                    Span span = spans[canner][at];
                    int start = Math.max(Math.max(free[canner], span.ready()), begins[session]);
                    int off = start + span.length();
                    if (off + after[canner] > deadline) {
                        return Integer.MAX_VALUE;
                    }
                    free[canner] = off + after[canner] + LoadingCanner.RELOAD;
                    end = Math.max(end, off);
                    if (into != null) {
                        into[canner][span.load()] = start;
                    }
                }
            }
            sum += end - begins[session];
        }
        return sum;
    }
}
