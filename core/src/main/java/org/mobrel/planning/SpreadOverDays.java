package org.mobrel.planning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.VariantRuling;

/** Which jars of a plan are canned on which of its days; every jar on one of them. */
public final class SpreadOverDays {

    private SpreadOverDays() {}

    /**
     * The dishes of each day, the first day first; a dish that has no jars on a day is not among that day's.
     *
     * @param later the jars that each later day takes, as far as there are so many
     */
    public static List<List<PlannedDish>> of(
            Rulings rulings, List<PlannedDish> dishes, List<List<PlannedDay.DishJars>> later) {
        List<List<PlannedDish>> days = new ArrayList<>();
        days.add(new ArrayList<>());
        later.forEach(day -> days.add(new ArrayList<>()));
        for (PlannedDish dish : dishes) {
            Map<JarKind, Integer> rest = new LinkedHashMap<>();
            dish.jars().forEach(jar -> rest.merge(jar.kind(), jar.count(), Integer::sum));
            for (int day = 0; day < later.size(); day++) {
                List<JarCount> its = taken(rest, later.get(day), dish.key());
                add(rulings, days.get(day + 1), dish, its);
            }
            add(rulings, days.get(0), dish, counts(rest));
        }
        return days;
    }

    private static List<JarCount> taken(Map<JarKind, Integer> rest, List<PlannedDay.DishJars> day, String dish) {
        Map<JarKind, Integer> taken = new LinkedHashMap<>();
        day.stream()
                .filter(jars -> jars.dish().equals(dish))
                .flatMap(jars -> jars.jars().stream())
                .forEach(jar -> {
                    int there = rest.getOrDefault(jar.kind(), 0);
                    int count = Math.min(there, jar.count());
                    taken.merge(jar.kind(), count, Integer::sum);
                    rest.put(jar.kind(), there - count);
                });
        return counts(taken);
    }

    private static List<JarCount> counts(Map<JarKind, Integer> jars) {
        return jars.entrySet().stream()
                .filter(jar -> jar.getValue() > 0)
                .map(jar -> jar.getKey().times(jar.getValue()))
                .toList();
    }

    private static void add(Rulings rulings, List<PlannedDish> day, PlannedDish dish, List<JarCount> jars) {
        if (jars.equals(dish.jars())) {
            day.add(dish);
        } else if (!jars.isEmpty()) {
            day.add(dish.with(jars, VariantRuling.rule(rulings, dish.batch().with(jars), dish.variants())));
        }
    }
}
