package org.mobrel.server.platform;

import java.time.chrono.IsoChronology;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.FormatStyle;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How times and dates are written for whoever asks. The words are English everywhere.
 *
 * @param twelveHours whether half past four is 4:30 pm, and not 16:30
 * @param first the part that a date begins with
 */
public record Notation(boolean twelveHours, Part first) {

    /** For whoever has no region: paper made without a request, the log. */
    public static final Notation DAY_FIRST = new Notation(false, Part.DAY);

    /** A part of a date. */
    public enum Part {
        DAY,
        MONTH,
        YEAR;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Optional<Part> ofCode(String code) {
            return Optional.of(code).flatMap(wanted -> Arrays.stream(values())
                    .filter(part -> part.code().equals(wanted))
                    .findFirst());
        }
    }

    /** Where the notation of the one who is answered now is known. */
    @FunctionalInterface
    public interface Source {
        Notation now();
    }

    /** How a region writes; a language without one writes as most who speak it. */
    public static Notation of(Locale locale) {
        String date = pattern(FormatStyle.SHORT, null, locale);
        String time = pattern(null, FormatStyle.SHORT, locale);
        int day = date.indexOf('d');
        int month = date.indexOf('M');
        int year = date.indexOf('y');
        Part first = year < day && year < month ? Part.YEAR : day < month ? Part.DAY : Part.MONTH;
        return new Notation(time.indexOf('h') >= 0 || time.indexOf('K') >= 0, first);
    }

    private static String pattern(@Nullable FormatStyle date, @Nullable FormatStyle time, Locale locale) {
        return DateTimeFormatterBuilder.getLocalizedDateTimePattern(date, time, IsoChronology.INSTANCE, locale)
                .replaceAll("'[^']*'", "");
    }
}
