package org.mobrel.server.backup;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Which backups are kept: the last of each of seven days, eight weeks and twelve months in which there were any. */
final class KeptBackups {

    private static final int DAYS = 7;
    private static final int WEEKS = 8;
    private static final int MONTHS = 12;

    private KeptBackups() {}

    /** @param made a day for each backup; of two of one day the caller keeps the later */
    static Set<LocalDate> of(Collection<LocalDate> made) {
        List<LocalDate> newestFirst =
                made.stream().distinct().sorted(Comparator.reverseOrder()).toList();
        Set<LocalDate> kept = new HashSet<>();
        lastOfEach(newestFirst, day -> day, DAYS, kept);
        lastOfEach(
                newestFirst,
                day -> day.get(IsoFields.WEEK_BASED_YEAR) * 100 + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR),
                WEEKS,
                kept);
        lastOfEach(newestFirst, YearMonth::from, MONTHS, kept);
        return kept;
    }

    private static void lastOfEach(
            List<LocalDate> newestFirst, Function<LocalDate, Object> span, int most, Set<LocalDate> kept) {
        Set<Object> seen = new HashSet<>();
        for (LocalDate day : newestFirst) {
            if (seen.size() < most && seen.add(span.apply(day))) {
                kept.add(day);
            }
        }
    }
}
