package org.mobrel.server.batch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mobrel.jars.JarCount;
import org.mobrel.server.planning.PlanBody;

/**
 * Which of a dish's jars hold which variant: the first jars that are loaded hold the first variant, and so on; the rest hold the base
 * alone. Each is a label and a lot of its own.
 */
final class VariantShares {

    private final Map<String, Map<String, Integer>> left = new HashMap<>();

    /** @param variant empty for the base alone */
    record Part(JarCount jars, String variant) {}

    /** Shares out jars of one kind of a dish, after those that were shared out before. */
    List<Part> of(PlanBody.Dish dish, JarCount jars) {
        Map<String, Integer> open = left.computeIfAbsent(dish.key(), key -> wished(dish));
        List<Part> parts = new ArrayList<>();
        int rest = jars.count();
        for (Map.Entry<String, Integer> variant : open.entrySet()) {
            int taken = Math.min(rest, variant.getValue());
            if (taken > 0) {
                parts.add(new Part(jars.kind().times(taken), variant.getKey()));
                variant.setValue(variant.getValue() - taken);
                rest -= taken;
            }
        }
        if (rest > 0) {
            parts.add(new Part(jars.kind().times(rest), ""));
        }
        return parts;
    }

    private static Map<String, Integer> wished(PlanBody.Dish dish) {
        Map<String, Integer> wished = new LinkedHashMap<>();
        dish.variants().forEach(variant -> wished.merge(variant.name(), variant.jars(), Integer::sum));
        return wished;
    }
}
