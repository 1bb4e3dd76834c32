package org.mobrel.server.platform;

import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Writes times and dates as whoever is answered does; the one place of the server where a pattern of them stands. */
@Component
public class Dates {

    /** For a sentence that is stored: whoever reads it later may write otherwise, and a month in letters is understood by all. */
    public static final Dates AS_STORED = new Dates(() -> Notation.DAY_FIRST);

    private final Notation.Source notation;

    public Dates(Notation.Source notation) {
        this.notation = notation;
    }

    /** '16:42' or '4:42 pm'. */
    public String time(TemporalAccessor at) {
        return written("HH:mm", "h:mm", at);
    }

    /** '16:42:05' or '4:42:05 pm', for a record. */
    public String second(TemporalAccessor at) {
        return written("HH:mm:ss", "h:mm:ss", at);
    }

    /** 'Sunday 16:42', for a time within a few days. */
    public String weekdayTime(TemporalAccessor at) {
        return format("EEEE", at) + " " + time(at);
    }

    /** '11 October 2026', 'October 11, 2026' or '2026-10-11'. */
    public String day(TemporalAccessor day) {
        return switch (notation.now().first()) {
            case DAY -> format("d MMMM uuuu", day);
            case MONTH -> format("MMMM d, uuuu", day);
            case YEAR -> format("uuuu-MM-dd", day);
        };
    }

    /** The same with a short month, for labels and lists. */
    public String shortDay(TemporalAccessor day) {
        return switch (notation.now().first()) {
            case DAY -> format("d MMM uuuu", day);
            case MONTH -> format("MMM d, uuuu", day);
            case YEAR -> format("uuuu-MM-dd", day);
        };
    }

    /** '11 Oct, 16:42', for something within a year. */
    public String moment(TemporalAccessor at) {
        String day = format(notation.now().first() == Notation.Part.DAY ? "d MMM" : "MMM d", at);
        return day + ", " + time(at);
    }

    private String written(String of24, String of12, TemporalAccessor at) {
        return notation.now().twelveHours()
                ? format(of12, at) + format(" a", at).toLowerCase(Locale.ROOT)
                : format(of24, at);
    }

    private static String format(String pattern, TemporalAccessor at) {
        return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH).format(at);
    }
}
