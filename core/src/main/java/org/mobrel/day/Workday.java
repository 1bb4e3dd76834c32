package org.mobrel.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.loading.LoadingCanner;

/**
 * All tasks of a day in minutes from its beginning, with one pair of hands and so many burners.
 *
 * @param tasks in the order they start
 * @param loads number n is load n + 1
 */
public record Workday(List<Task> tasks, List<LoadWork> loads) {

    public Workday {
        tasks = List.copyOf(tasks);
        loads = List.copyOf(loads);
    }

    /** Minutes from the first task to the end of the last. */
    public int length() {
        return tasks.stream().mapToInt(Task::end).max().orElse(0);
    }

    /** @param loads in the order they start */
    public static Workday of(PreparationSchedule morning, List<LoadWork> loads, int burners) {
        Layout layout = new Layout(morning, burners);
        for (int load = 0; load < loads.size(); load++) {
            layout.add(load + 1, loads.get(load), morning);
        }
        List<Task> tasks = new ArrayList<>(layout.tasks);
        tasks.sort(Comparator.comparingInt(Task::start).thenComparingInt(Task::end));
        return new Workday(tasks, loads);
    }

    /** A time during which somebody has to stay in the kitchen. */
    public record Watch(int start, int end) {}

    /** When canners are watched; two side by side are watched once. */
    public List<Watch> watches() {
        List<Watch> watches = new ArrayList<>();
        for (Task task : tasks) {
            if (!task.isWatch()) {
                continue;
            }
            Watch last = watches.isEmpty() ? null : watches.get(watches.size() - 1);
            if (last != null && task.start() <= last.end()) {
                watches.set(watches.size() - 1, new Watch(last.start(), Math.max(last.end(), task.end())));
            } else {
                watches.add(new Watch(task.start(), task.end()));
            }
        }
        return watches;
    }

    private static final class Layout {
        private final List<Task> tasks;
        private final Timeline hands = new Timeline(1);
        private final Timeline burners;
        private final Map<Integer, Task> lastOfCanner = new HashMap<>();
        private final Map<String, Integer> burnerFree = new HashMap<>();

        Layout(PreparationSchedule morning, int burners) {
            this.tasks = new ArrayList<>(morning.tasks());
            this.burners = new Timeline(burners);
            for (Task task : tasks) {
                if (task.attention() == Attention.HANDS) {
                    hands.take(task.start(), task.end());
                }
                if (task.burner()) {
                    this.burners.take(task.start(), task.end());
                }
            }
        }

        void add(int number, LoadWork load, PreparationSchedule morning) {
            int fill = load.fill().value();
            int run = load.times().heatUp().minutes()
                    + LoadingCanner.VENT
                    + load.times().comeUp().minutes()
                    + load.process().value();
            int cool = load.times().coolDown().minutes() + LoadingCanner.WAIT;
            int heat = firstHeat(load, morning, fill, run + cool);
            List<String> before = new ArrayList<>();
            load.dishes().forEach(dish -> lastOf(dish).ifPresent(before::add));
            Optional.ofNullable(lastOfCanner.get(load.canner())).map(Task::id).ifPresent(before::add);
            hands.take(heat - fill, heat);
            Task last = put(number, load, "fill", "Fill and load", heat - fill, fill, Attention.HANDS, before);
            last = then(number, load, "heat", "Heat up", load.times().heatUp().minutes(), last);
            last = then(number, load, "vent", "Vent", LoadingCanner.VENT, last);
            last = then(number, load, "rise", "Come up", load.times().comeUp().minutes(), last);
            last = then(number, load, "hold", "Hold", load.process().value(), last);
            last = put(
                    number,
                    load,
                    "cool",
                    "Cool down",
                    last.end(),
                    load.times().coolDown().minutes(),
                    Attention.FREE,
                    List.of(last.id()));
            last = put(
                    number,
                    load,
                    "wait",
                    "Weight off, wait",
                    last.end(),
                    LoadingCanner.WAIT,
                    Attention.FREE,
                    List.of(last.id()));
            int out = hands.firstFree(last.end(), LoadingCanner.UNLOAD);
            hands.take(out, out + LoadingCanner.UNLOAD);
            last = put(
                    number, load, "unload", "Jars out", out, LoadingCanner.UNLOAD, Attention.HANDS, List.of(last.id()));
            lastOfCanner.put(load.canner(), last);
            burnerFree.put(load.burner(), last.end());
            burners.take(heat, last.end());
        }

        private int firstHeat(LoadWork load, PreparationSchedule morning, int fill, int closed) {
            int ready = 0;
            for (String dish : load.dishes()) {
                ready = Math.max(ready, morning.readyAt(dish).value());
            }
            int free = Optional.ofNullable(lastOfCanner.get(load.canner()))
                    .map(Task::end)
                    .orElse(0);
            int heat = Math.max(Math.max(ready, free) + fill, load.earliest().value());
            heat = Math.max(heat, burnerFree.getOrDefault(load.burner(), 0));
            while (true) {
                int filled = hands.firstFree(heat - fill, fill) + fill;
                // It stands on its burner until hands are free to empty it.
                int empty = hands.firstFree(filled + closed, LoadingCanner.UNLOAD) + LoadingCanner.UNLOAD;
                int burning = burners.firstFree(filled, empty - filled);
                if (burning == heat) {
                    return heat;
                }
                heat = burning;
            }
        }

        private Optional<String> lastOf(String dish) {
            return tasks.stream()
                    .filter(task -> task.dish().equals(Optional.of(dish)))
                    .max(Comparator.comparingInt(Task::end))
                    .map(Task::id);
        }

        private Task then(int number, LoadWork load, String code, String title, int minutes, Task before) {
            return put(number, load, code, title, before.end(), minutes, Attention.KITCHEN, List.of(before.id()));
        }

        private Task put(
                int number,
                LoadWork load,
                String code,
                String title,
                int start,
                int minutes,
                Attention attention,
                List<String> after) {
            Task task = new Task(
                    "load-%s-%s".formatted(number, code),
                    code,
                    title,
                    Optional.empty(),
                    number,
                    load.canner(),
                    start,
                    start + minutes,
                    attention,
                    after,
                    false);
            tasks.add(task);
            return task;
        }
    }
}
