package org.mobrel.bench;

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
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.LoadingCanner;
import org.mobrel.loading.LoadingDay;
import org.mobrel.quantity.Minutes;

/** Days as kitchens have them, made up by chance and the same in every run. */
final class MadeUpDays {

    private static final List<JarKind> KINDS = List.of(
            new JarKind(JarSize.QUART, Mouth.REGULAR),
            new JarKind(JarSize.PINT, Mouth.REGULAR),
            new JarKind(JarSize.PINT, Mouth.WIDE),
            new JarKind(JarSize.HALF_PINT, Mouth.REGULAR));

    private static final int[] PROCESSES = {20, 25, 35, 40, 45, 55, 60, 75, 85, 90, 100};

    private final Random chance;

    MadeUpDays(long seed) {
        this.chance = new Random(seed);
    }

    /** Up to so many jars. */
    LoadingDay upTo(int canners, int groups, int jars) {
        int few = 1 + chance.nextInt(groups);
        return day(1 + chance.nextInt(canners), few, few + chance.nextInt(jars - few + 1));
    }

    /** Exactly so many. */
    LoadingDay day(int canners, int groups, int jars) {
        List<LoadingCanner> pots = new ArrayList<>();
        for (int canner = 0; canner < canners; canner++) {
            pots.add(pot("c" + canner));
        }
        List<JarGroup> heaps = new ArrayList<>();
        int left = jars;
        for (int group = 0; group < groups; group++) {
            int rest = groups - group - 1;
            int fair = (left - rest) / (rest + 1);
            int count = rest == 0 ? left : Math.max(1, fair / 2 + chance.nextInt(fair + 1));
            left -= count;
            heaps.add(new JarGroup(
                    "g" + group,
                    "dish " + group,
                    KINDS.get(chance.nextInt(KINDS.size())),
                    count,
                    new Minutes(PROCESSES[chance.nextInt(PROCESSES.length)]),
                    new Minutes(chance.nextInt(2) * chance.nextInt(150))));
        }
        return new LoadingDay(pots, heaps);
    }

    private LoadingCanner pot(String id) {
        int quarts = 4 + chance.nextInt(4);
        Map<JarKind, Integer> perLayer = new HashMap<>();
        perLayer.put(KINDS.get(0), quarts);
        perLayer.put(KINDS.get(1), quarts + 1 + chance.nextInt(2));
        perLayer.put(KINDS.get(2), quarts + 1);
        perLayer.put(KINDS.get(3), quarts + 3);
        return new LoadingCanner(
                id,
                new Capacity(
                        perLayer, 1 + chance.nextInt(2), chance.nextInt(4) == 0 ? UpperLayer.ANY : UpperLayer.SHORT),
                new Minutes(15 + chance.nextInt(12)),
                new Minutes(6 + chance.nextInt(8)),
                new Minutes(28 + chance.nextInt(28)));
    }
}
