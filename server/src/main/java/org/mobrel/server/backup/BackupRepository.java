package org.mobrel.server.backup;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.InvalidField;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Reads and writes whole tables, row by row, without holding them in memory. */
@Repository
class BackupRepository {

    private static final int ROWS_AT_A_TIME = 500;

    private final JdbcTemplate db;

    BackupRepository(JdbcTemplate db) {
        this.db = db;
    }

    /** Hands every row over, in the order of its key; values as they are written in the file. */
    void read(Section section, Consumer<List<@Nullable Object>> each) {
        db.query(
                connection -> {
                    PreparedStatement query = connection.prepareStatement(
                            section.select(), ResultSet.TYPE_FORWARD_ONLY, ResultSet.CONCUR_READ_ONLY);
                    query.setFetchSize(ROWS_AT_A_TIME);
                    return query;
                },
                row -> {
                    List<@Nullable Object> values = new ArrayList<>();
                    for (int index = 0; index < section.columns().size(); index++) {
                        values.add(value(row, index + 1, section.columns().get(index)));
                    }
                    each.accept(values);
                });
    }

    private static @Nullable Object value(ResultSet row, int index, Column column) throws SQLException {
        return switch (column.kind()) {
            case INT -> row.getObject(index, Integer.class);
            case LONG -> row.getObject(index, Long.class);
            case BOOL -> {
                boolean value = row.getBoolean(index);
                yield row.wasNull() ? null : (Object) value;
            }
            case TEXT -> row.getString(index);
            case INSTANT -> {
                LocalDateTime utc = row.getObject(index, LocalDateTime.class);
                yield utc == null ? null : utc.toInstant(ZoneOffset.UTC).toString();
            }
            case DATE -> {
                LocalDate day = row.getObject(index, LocalDate.class);
                yield day == null ? null : day.toString();
            }
            case TIME -> {
                LocalTime time = row.getObject(index, LocalTime.class);
                yield time == null ? null : time.toString();
            }
        };
    }

    /**
     * Puts rows of a file into their table.
     *
     * @throws InvalidField where a row says what its table does not hold, such as a number of jars below one
     */
    void write(Section section, List<List<@Nullable Object>> rows) {
        try {
            db.batchUpdate(section.insert(), rows, ROWS_AT_A_TIME, (insert, row) -> {
                for (int index = 0; index < row.size(); index++) {
                    insert.setObject(
                            index + 1, sql(row.get(index), section.columns().get(index)));
                }
            });
        } catch (DataIntegrityViolationException refused) {
            throw BackupFile.wrong("%s has a row that cannot be: %s"
                    .formatted(section.name(), refused.getMostSpecificCause().getMessage()));
        }
    }

    private static @Nullable Object sql(@Nullable Object value, Column column) {
        return value == null
                ? null
                : switch (column.kind()) {
                    case INSTANT -> LocalDateTime.ofInstant(Instant.parse(value.toString()), ZoneOffset.UTC);
                    case DATE -> LocalDate.parse(value.toString());
                    case TIME -> LocalTime.parse(value.toString());
                    case INT, LONG, BOOL, TEXT -> value;
                };
    }

    /** Empties every table; only ever before a backup takes their place, in the same transaction. */
    void empty() {
        for (Section section : Section.ALL) {
            db.update("DELETE FROM " + section.table());
        }
    }

    /** Rows of one table may name each other in any order while a file is read; the reader checks the references itself. */
    void foreignKeys(boolean on) {
        db.execute("SET FOREIGN_KEY_CHECKS = " + (on ? 1 : 0));
    }

    long count(Section section) {
        Long count = db.queryForObject("SELECT COUNT(*) FROM " + section.table(), Long.class);
        return count == null ? 0 : count;
    }

    /** The highest number the database has given in a section. */
    long highest(Section section) {
        Long highest = db.queryForObject(
                "SELECT COALESCE(MAX(" + section.given().orElseThrow().name() + "), 0) FROM " + section.table(),
                Long.class);
        return highest == null ? 0 : highest;
    }
}
