package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same regions as the pages' own table: paper and sentences of the server are written as the page around them. */
class NotationTest {

    private static final LocalDateTime AT = LocalDateTime.of(2026, 11, 23, 16, 2, 5);
    private static final LocalDateTime NIGHT = LocalDateTime.of(2026, 1, 4, 0, 5);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            en-US | 4:02 pm | 12:05 am | 4:02:05 pm | November 23, 2026 | Nov 23, 2026 | Nov 23, 4:02 pm
            en-GB | 16:02   | 00:05    | 16:02:05   | 23 November 2026  | 23 Nov 2026  | 23 Nov, 16:02
            de-DE | 16:02   | 00:05    | 16:02:05   | 23 November 2026  | 23 Nov 2026  | 23 Nov, 16:02
            fr-FR | 16:02   | 00:05    | 16:02:05   | 23 November 2026  | 23 Nov 2026  | 23 Nov, 16:02
            en-AU | 4:02 pm | 12:05 am | 4:02:05 pm | 23 November 2026  | 23 Nov 2026  | 23 Nov, 4:02 pm
            en-CA | 4:02 pm | 12:05 am | 4:02:05 pm | 2026-11-23        | 2026-11-23   | Nov 23, 4:02 pm
            """)
    void a_region_writes_its_way(
            String region, String time, String night, String second, String day, String shortDay, String moment) {
        Dates dates = new Dates(() -> Notation.of(Locale.forLanguageTag(region)));
        assertThat(dates.time(AT)).isEqualTo(time);
        assertThat(dates.time(NIGHT)).isEqualTo(night);
        assertThat(dates.second(AT)).isEqualTo(second);
        assertThat(dates.weekdayTime(AT)).isEqualTo("Monday " + time);
        assertThat(dates.day(AT)).isEqualTo(day);
        assertThat(dates.shortDay(AT)).isEqualTo(shortDay);
        assertThat(dates.moment(AT)).isEqualTo(moment);
    }
}
