package org.mobrel.loading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.UpperLayer;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Minutes;
import tools.jackson.databind.JsonNode;

/** Days to load: as they are written down, and made up by chance. */
final class Days {

    static final JarKind QUART = new JarKind(JarSize.QUART, Mouth.REGULAR);
    static final JarKind PINT = new JarKind(JarSize.PINT, Mouth.REGULAR);
    static final JarKind WIDE_PINT = new JarKind(JarSize.PINT, Mouth.WIDE);
    static final JarKind HALF_PINT = new JarKind(JarSize.HALF_PINT, Mouth.REGULAR);
    private static final List<JarKind> KINDS = List.of(QUART, PINT, WIDE_PINT, HALF_PINT);

    private Days() {}

    static LoadingDay read(JsonNode request) {
        return new LoadingDay(
                request.get("canners").valueStream().map(Days::canner).toList(),
                request.get("groups").valueStream().map(Days::group).toList());
    }

    private static LoadingCanner canner(JsonNode canner) {
        Map<JarKind, Integer> capacity = new HashMap<>();
        canner.get("capacity")
                .properties()
                .forEach(jar -> capacity.put(kind(jar.getKey()), jar.getValue().asInt()));
        return new LoadingCanner(
                canner.get("id").asString(),
                new Capacity(
                        capacity,
                        canner.get("layers").asInt(),
                        UpperLayer.ofCode(canner.get("upperLayer").asString()).orElseThrow()),
                minutes(canner, "heatUp"),
                minutes(canner, "comeUp"),
                minutes(canner, "coolDown"));
    }

    private static JarGroup group(JsonNode group) {
        return new JarGroup(
                group.get("id").asString(),
                group.get("recipe").asString(),
                kind(group.get("jar").asString()),
                group.get("count").asInt(),
                minutes(group, "process"),
                minutes(group, "ready"));
    }

    private static Minutes minutes(JsonNode node, String field) {
        return new Minutes(node.get(field).asInt());
    }

    static JarKind kind(String name) {
        Mouth mouth = name.endsWith("-wide") || name.equals("pint-and-a-half") ? Mouth.WIDE : Mouth.REGULAR;
        return new JarKind(
                JarSize.ofCode(name.replaceFirst("-(wide|regular)$", "")).orElseThrow(), mouth);
    }

    /** A day so small that every way to load it can be tried. */
    static LoadingDay tiny(Random chance) {
        List<LoadingCanner> canners = new ArrayList<>();
        int count = 1 + chance.nextInt(2);
        for (int canner = 0; canner < count; canner++) {
            Map<JarKind, Integer> capacity = new HashMap<>();
            capacity.put(QUART, 1 + chance.nextInt(3));
            capacity.put(PINT, 1 + chance.nextInt(4));
            capacity.put(WIDE_PINT, 1 + chance.nextInt(3));
            capacity.put(HALF_PINT, 2 + chance.nextInt(3));
            canners.add(new LoadingCanner(
                    String.valueOf(canner),
                    new Capacity(
                            capacity,
                            1 + chance.nextInt(2),
                            chance.nextInt(3) == 0 ? UpperLayer.ANY : UpperLayer.SHORT),
                    new Minutes(1 + chance.nextInt(12)),
                    new Minutes(chance.nextInt(6)),
                    new Minutes(chance.nextInt(15))));
        }
        return new LoadingDay(canners, groups(chance, 1 + chance.nextInt(3), 4, 45, 60));
    }

    /** A day as kitchens have them. */
    static LoadingDay usual(Random chance, int mostCanners, int mostGroups, int mostJars) {
        List<LoadingCanner> canners = new ArrayList<>();
        int count = 1 + chance.nextInt(mostCanners);
        for (int canner = 0; canner < count; canner++) {
            int quarts = 4 + chance.nextInt(4);
            Map<JarKind, Integer> capacity = new HashMap<>();
            capacity.put(QUART, quarts);
            capacity.put(PINT, quarts + 1 + chance.nextInt(2));
            capacity.put(WIDE_PINT, quarts + 1);
            capacity.put(HALF_PINT, quarts + 3);
            canners.add(new LoadingCanner(
                    String.valueOf(canner),
                    new Capacity(
                            capacity,
                            1 + chance.nextInt(2),
                            chance.nextInt(3) == 0 ? UpperLayer.ANY : UpperLayer.SHORT),
                    new Minutes(15 + chance.nextInt(12)),
                    new Minutes(6 + chance.nextInt(8)),
                    new Minutes(28 + chance.nextInt(28))));
        }
        int groups = 1 + chance.nextInt(mostGroups);
        return new LoadingDay(canners, groups(chance, groups, mostJars / groups, 100, 150));
    }

    private static List<JarGroup> groups(Random chance, int count, int mostJars, int longest, int latest) {
        List<JarGroup> groups = new ArrayList<>();
        for (int group = 0; group < count; group++) {
            groups.add(new JarGroup(
                    String.valueOf(group),
                    "dish " + group,
                    KINDS.get(chance.nextInt(KINDS.size())),
                    1 + chance.nextInt(mostJars),
                    new Minutes(5 + 5 * chance.nextInt(longest / 5)),
                    new Minutes(chance.nextInt(2) * chance.nextInt(latest))));
        }
        return groups;
    }
}
