package org.mobrel.server.platform;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;

/** Instants in the database: DATETIME(3) columns that always hold UTC, whatever zone server or database think they are in. */
public final class SqlTime {

    private SqlTime() {}

    public static LocalDateTime of(Instant instant) {
        return LocalDateTime.ofInstant(millis(instant), ZoneOffset.UTC);
    }

    public static Instant get(ResultSet row, String column) throws SQLException {
        return row.getObject(column, LocalDateTime.class).toInstant(ZoneOffset.UTC);
    }

    /** As precise as the column: so that what is answered now equals what is read back later. */
    public static Instant millis(Instant instant) {
        return instant.truncatedTo(ChronoUnit.MILLIS);
    }
}
