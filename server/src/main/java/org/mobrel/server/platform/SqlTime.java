package org.mobrel.server.platform;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Instants in the database: DATETIME(3) columns that always hold UTC, whatever zone server or database think they are in. */
public final class SqlTime {

    private static final DateTimeFormatter TEXT =
            DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm:ss.SSSSSS", Locale.ROOT);

    private SqlTime() {}

    public static LocalDateTime of(Instant instant) {
        return LocalDateTime.ofInstant(millis(instant), ZoneOffset.UTC);
    }

    public static Instant get(ResultSet row, String column) throws SQLException {
        return row.getObject(column, LocalDateTime.class).toInstant(ZoneOffset.UTC);
    }

    /**
     * As SQL writes it, '2026-10-11 09:08:07.062000'; null where there is none. Never by the driver's own text: of 62 ms that makes 620.
     *
     * @param column from 1
     */
    public static @Nullable String text(ResultSet row, int column) throws SQLException {
        LocalDateTime at = row.getObject(column, LocalDateTime.class);
        return at == null ? null : TEXT.format(at);
    }

    /** As precise as the column: so that what is answered now equals what is read back later. */
    public static Instant millis(Instant instant) {
        return instant.truncatedTo(ChronoUnit.MILLIS);
    }
}
