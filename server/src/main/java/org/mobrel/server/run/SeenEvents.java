package org.mobrel.server.run;

import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What a page has of each run: how many of its events. Written as '3:57,4:12', so that a browser can hand it back. */
final class SeenEvents {

    private static final Pattern ONE = Pattern.compile("(\\d{1,18}):(\\d{1,9})");

    private SeenEvents() {}

    /** What cannot be read counts as nothing seen: then everything is said again. */
    static Map<Long, Integer> of(@Nullable String text) {
        Map<Long, Integer> seen = new TreeMap<>();
        Matcher each = ONE.matcher(text == null ? "" : text);
        while (each.find()) {
            seen.put(Long.valueOf(each.group(1)), Integer.valueOf(each.group(2)));
        }
        return seen;
    }

    static String text(Map<Long, Integer> seen) {
        return seen.entrySet().stream()
                .map(run -> run.getKey() + ":" + run.getValue())
                .collect(Collectors.joining(","));
    }
}
