package org.mobrel.day;

import java.util.ArrayList;
import java.util.List;

/** Who or what is taken when: hands, which are one pair, or burners, which are several. */
final class Timeline {

    private record Taken(int start, int end) {}

    private final int places;
    private final List<Taken> taken = new ArrayList<>();

    Timeline(int places) {
        this.places = places;
    }

    /** The first minute from one on at which a place is free for so long. */
    int firstFree(int from, int length) {
        int start = from;
        while (true) {
            int busyUntil = busyUntil(start, start + length);
            if (busyUntil <= start) {
                return start;
            }
            start = busyUntil;
        }
    }

    /** The first end of what stands in the way; the start itself when nothing does. */
    private int busyUntil(int start, int end) {
        int first = start;
        for (int minute = start; minute < end; minute++) {
            int busy = 0;
            int ends = Integer.MAX_VALUE;
            for (Taken other : taken) {
                if (other.start <= minute && minute < other.end) {
                    busy++;
                    ends = Math.min(ends, other.end);
                }
            }
            if (busy >= places) {
                first = Math.max(first, ends);
                return first;
            }
        }
        return first;
    }

    void take(int start, int end) {
        if (end > start) {
            taken.add(new Taken(start, end));
        }
    }
}
