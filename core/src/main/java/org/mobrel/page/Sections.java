package org.mobrel.page;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mobrel.page.PageReader.Section;

/** Parts the lines of a page into its beginning, its list, its method and its notes, by all of them together: no single line decides. */
final class Sections {

    private static final int NEVER = 1_000;
    /** A heading says where it begins. */
    private static final int TOO_EARLY = 4;

    private static final int TURNS_BACK = 5;
    private static final int BEGINNING = Section.FRONT.ordinal();
    private static final int LIST = Section.LIST.ordinal();
    private static final int METHOD = Section.METHOD.ordinal();
    private static final int NOTES = Section.NOTES.ordinal();

    private Sections() {}

    /** The section of each line, at the least cost over the page. */
    static List<Section> of(List<PageLine> lines) {
        int sections = Section.values().length;
        int[][] from = new int[lines.size()][sections];
        int[] costs = new int[sections];
        Arrays.fill(costs, NEVER);
        costs[BEGINNING] = 0;
        int lastMethod = lastHeading(lines, Section.METHOD);
        int lastList = lastHeading(lines, Section.LIST);
        for (int at = 0; at < lines.size(); at++) {
            Optional<Section> heading = lines.get(at).heading();
            int[] own = costs(lines.get(at));
            int[] next = new int[sections];
            for (int to = 0; to < sections; to++) {
                int best = NEVER;
                for (int before = 0; before < sections; before++) {
                    int cost = costs[before]
                            + (heading.isPresent()
                                    ? heading.get().ordinal() == to ? 0 : NEVER
                                    : goesOn(before, to, at < lastMethod, at < lastList) + own[to]);
                    if (cost < best) {
                        best = cost;
                        from[at][to] = before;
                    }
                }
                next[to] = best;
            }
            costs = next;
        }
        int last = 0;
        for (int section = 1; section < sections; section++) {
            last = costs[section] < costs[last] ? section : last;
        }
        List<Section> found = new ArrayList<>();
        for (int at = lines.size() - 1; at >= 0; at--) {
            found.add(0, Section.values()[last]);
            last = from[at][last];
        }
        return found;
    }

    private static int lastHeading(List<PageLine> lines, Section section) {
        int last = -1;
        for (int at = 0; at < lines.size(); at++) {
            last = lines.get(at).heading().filter(section::equals).isPresent() ? at : last;
        }
        return last;
    }

    /** What it costs that a section begins, or goes on, without a heading. */
    private static int goesOn(int before, int to, boolean methodFollows, boolean listFollows) {
        if (before == to) {
            return 0;
        }
        if (to == BEGINNING || to == NOTES || before == NOTES) {
            return NEVER;
        }
        if (before == METHOD) {
            return TURNS_BACK;
        }
        boolean early = to == METHOD && methodFollows || before == BEGINNING && listFollows;
        return early ? TOO_EARLY : to == METHOD ? 1 : 0;
    }

    /** What a line costs in each section. */
    private static int[] costs(PageLine line) {
        int[] costs = new int[Section.values().length];
        if (line.isNote()
                || line.aside().filter(kind -> kind != Asides.Kind.METHOD).isPresent()) {
            return costs;
        }
        int ingredient = line.ingredient();
        int step = line.step();
        costs[BEGINNING] = Math.max(0, Math.max(ingredient, line.isWork() ? step : step / 2) - 1);
        costs[LIST] = Math.max(0, step - ingredient);
        costs[METHOD] = Math.max(0, ingredient - step);
        return costs;
    }
}
