package org.mobrel.day;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.quantity.Minutes;

/**
 * The work before the jars, one dish after the other at the board while the pots stand on the stove.
 *
 * @param tasks in the order they are done
 * @param ready when each dish can be filled, by its key
 */
public record PreparationSchedule(List<Task> tasks, Map<String, Minutes> ready) {

    public PreparationSchedule {
        tasks = List.copyOf(tasks);
        ready = Map.copyOf(ready);
    }

    /** When a dish can be filled; at once if it is none of this morning's. */
    public Minutes readyAt(String dish) {
        return ready.getOrDefault(dish, new Minutes(0));
    }

    /** @param burners how many pots can stand side by side, at least 1 */
    public static PreparationSchedule of(List<DishWork> dishes, int burners, WorkTable table) {
        Layout layout = new Layout(burners);
        Map<String, Minutes> ready = new HashMap<>();
        WorkTable.Work jars = table.of("jars-hot").orElseThrow();
        for (DishWork dish : dishes) {
            // What waits for nothing is put on first; peeling and cutting is done while it boils.
            List<String> last = layout.add(dish, dish.cook(), false, List.of());
            if (dish.prep().value() > 0) {
                last = new ArrayList<>(last);
                last.add(layout.add(
                        dish,
                        "prep",
                        "Peel and cut",
                        Attention.HANDS,
                        dish.prep().value(),
                        List.of(),
                        false));
            }
            layout.add(dish, dish.cook(), true, last);
            int end = layout.tasks.stream()
                    .filter(task -> task.dish().equals(Optional.of(dish.key())))
                    .mapToInt(Task::end)
                    .max()
                    .orElse(0);
            if (ready.isEmpty()) {
                end = Math.max(end, layout.jarsHot(dish, jars, end));
            }
            ready.put(dish.key(), new Minutes(end));
        }
        return new PreparationSchedule(layout.tasks, ready);
    }

    private static final class Layout {
        private final List<Task> tasks = new ArrayList<>();
        private final Timeline hands = new Timeline(1);
        private final Timeline burners;

        Layout(int burners) {
            this.burners = new Timeline(burners);
        }

        /** Just in time for the first dish; answers when they are. */
        int jarsHot(DishWork dish, WorkTable.Work work, int wanted) {
            int minutes = work.hands().minutes();
            int start = hands.firstFree(Math.max(0, wanted - minutes), minutes);
            hands.take(start, start + minutes);
            tasks.add(new Task(
                    "dish-%s-%s".formatted(dish.key(), work.code()),
                    work.code(),
                    work.title(),
                    Optional.of(dish.key()),
                    0,
                    -1,
                    start,
                    start + minutes,
                    work.attention(),
                    List.of(),
                    false));
            return start + minutes;
        }

        /** Puts works one after the other; answers what the next one waits for. */
        List<String> add(DishWork dish, List<WorkTable.Work> works, boolean board, List<String> after) {
            List<String> last = after;
            for (WorkTable.Work work : works) {
                if (work.board() != board) {
                    continue;
                }
                last = List.of(add(
                        dish,
                        work.code(),
                        work.title(),
                        work.attention(),
                        work.hands().minutes(),
                        last,
                        work.burner()));
                if (!work.rest().isNone()) {
                    last = List.of(add(
                            dish,
                            work.code() + "-rest",
                            work.rest().title(),
                            Attention.FREE,
                            work.rest().least().value(),
                            last,
                            false));
                }
            }
            return last;
        }

        /** Puts a step as early as it can be; its id is returned for the one that follows. */
        String add(
                DishWork dish,
                String code,
                String title,
                Attention attention,
                int minutes,
                List<String> after,
                boolean burner) {
            int start = tasks.stream()
                    .filter(task -> after.contains(task.id()))
                    .mapToInt(Task::end)
                    .max()
                    .orElse(0);
            int free;
            do {
                free = start;
                start = attention == Attention.HANDS ? hands.firstFree(start, minutes) : start;
                start = burner ? burners.firstFree(start, minutes) : start;
            } while (start != free);
            if (attention == Attention.HANDS) {
                hands.take(start, start + minutes);
            }
            if (burner) {
                burners.take(start, start + minutes);
            }
            String id = "dish-%s-%s".formatted(dish.key(), code);
            tasks.add(new Task(
                    id, code, title, Optional.of(dish.key()), 0, -1, start, start + minutes, attention, after, burner));
            return id;
        }
    }
}
