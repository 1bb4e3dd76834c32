package org.mobrel.loading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The day as the search sees it: groups that no canner can tell apart (same room, same minutes, ready together) are one crate. Crates
 * whose jars take the same room in every canner have one shape, so what fits is asked of shapes and not of groups.
 */
final class EquivalenceGroups {

    /** More than this and the search is not begun: it would not end in time. */
    static final int MOST_CRATES = 9;

    private static final int BITS = 7;

    final int size;
    final int[] count;
    final int[] process;
    final int[] ready;
    final int[] shapeOf;
    final int shapes;

    /** Shape by shape the crates of it, the most demanding first: what fewer loads may take goes first into those that may. */
    final int[][] ofShape;

    private final List<List<Integer>> members;
    private final Rack[] racks;

    private record Same(List<Integer> room, boolean tall, int process, int ready) {
        Shape shape() {
            return new Shape(room, tall);
        }
    }

    private record Shape(List<Integer> room, boolean tall) {}

    EquivalenceGroups(LoadingDay day) {
        Map<Same, List<Integer>> crates = new LinkedHashMap<>();
        for (int group = 0; group < day.groups().size(); group++) {
            crates.computeIfAbsent(same(day, day.groups().get(group)), first -> new ArrayList<>())
                    .add(group);
        }
        List<Same> kinds = List.copyOf(crates.keySet());
        List<Shape> allShapes = kinds.stream().map(Same::shape).distinct().toList();
        this.size = kinds.size();
        this.members = List.copyOf(crates.values());
        this.count = members.stream()
                .mapToInt(all -> all.stream()
                        .mapToInt(group -> day.groups().get(group).count())
                        .sum())
                .toArray();
        this.process = kinds.stream().mapToInt(Same::process).toArray();
        this.ready = kinds.stream().mapToInt(Same::ready).toArray();
        this.shapeOf =
                kinds.stream().mapToInt(kind -> allShapes.indexOf(kind.shape())).toArray();
        this.shapes = allShapes.size();
        this.ofShape = new int[shapes][];
        List<JarGroup> samples = new ArrayList<>();
        for (int shape = 0; shape < shapes; shape++) {
            ofShape[shape] = demandingFirst(shape);
            samples.add(day.groups().get(members.get(ofShape[shape][0]).get(0)));
        }
        this.racks = day.canners().stream()
                .map(canner -> new Rack(canner.capacity(), samples))
                .toArray(Rack[]::new);
    }

    private static Same same(LoadingDay day, JarGroup group) {
        return new Same(
                day.canners().stream()
                        .map(canner -> canner.capacity().of(group.kind()))
                        .toList(),
                !group.kind().size().isShort(),
                group.process().value(),
                group.ready().value());
    }

    private int[] demandingFirst(int shape) {
        List<Integer> mine = new ArrayList<>();
        for (int crate = 0; crate < size; crate++) {
            if (shapeOf[crate] == shape) {
                mine.add(crate);
            }
        }
        mine.sort((one, other) -> process[one] != process[other]
                ? Integer.compare(process[other], process[one])
                : Integer.compare(ready[other], ready[one]));
        return mine.stream().mapToInt(crate -> crate).toArray();
    }

    /** Whether the search can number what is left of it in one word. */
    boolean isSmall() {
        if (size > MOST_CRATES) {
            return false;
        }
        for (int jars : count) {
            if (jars >= 1 << BITS) {
                return false;
            }
        }
        return true;
    }

    long key(int[] left) {
        long key = 0;
        for (int jars : left) {
            key = key << BITS | jars;
        }
        return key;
    }

    /** Whether whatever may take the first crate may also take the other. */
    boolean isAsDemanding(int one, int other) {
        return process[one] >= process[other] && ready[one] >= ready[other];
    }

    Rack rack(int canner) {
        return racks[canner];
    }

    boolean fitsIn(int crate, int canner) {
        return racks[canner].weight(shapeOf[crate]) <= racks[canner].full();
    }

    /** Hands the jars of each load back to the groups they came from. */
    List<int[]> backToGroups(List<int[]> loads, LoadingDay day) {
        int[] left = day.groups().stream().mapToInt(JarGroup::count).toArray();
        List<int[]> back = new ArrayList<>();
        for (int[] load : loads) {
            int[] jars = new int[left.length];
            for (int crate = 0; crate < size; crate++) {
                int more = load[crate];
                for (int group : members.get(crate)) {
                    int taken = Math.min(more, left[group]);
                    jars[group] += taken;
                    left[group] -= taken;
                    more -= taken;
                }
            }
            back.add(jars);
        }
        return back;
    }
}
