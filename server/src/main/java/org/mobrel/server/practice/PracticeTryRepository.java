package org.mobrel.server.practice;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Tries of exercises: added, never changed. */
@Repository
class PracticeTryRepository {

    private static final String BETWEEN = " ";
    private static final String COLUMNS =
            "SELECT kind, exercise, seed, tried_at, passed, misses, held_s, furthest FROM practice_try ";

    /** So many are looked at; somebody who tried more has long passed the drills. */
    private static final int MOST = 5_000;

    private final JdbcClient db;

    PracticeTryRepository(JdbcClient db) {
        this.db = db;
    }

    /** The first answer to what chance gave, if there was one. */
    Optional<PracticeTry> find(PracticeTry.Kind kind, String exercise, long seed) {
        return db.sql(COLUMNS + "WHERE kind = :kind AND exercise = :exercise AND seed = :seed ORDER BY id LIMIT 1")
                .param("kind", kind.code())
                .param("exercise", exercise)
                .param("seed", seed)
                .query((row, number) -> read(row))
                .optional();
    }

    /** Those of one exercise, the earliest first. */
    List<PracticeTry> of(PracticeTry.Kind kind, String exercise) {
        return db.sql(COLUMNS + "WHERE kind = :kind AND exercise = :exercise ORDER BY id")
                .param("kind", kind.code())
                .param("exercise", exercise)
                .query((row, number) -> read(row))
                .list();
    }

    /** The earliest first. */
    List<PracticeTry> all() {
        return db.sql("SELECT * FROM (" + COLUMNS.replace("SELECT ", "SELECT id, ")
                        + "ORDER BY id DESC LIMIT :most) newest ORDER BY id")
                .param("most", MOST)
                .query((row, number) -> read(row))
                .list();
    }

    private static PracticeTry read(ResultSet row) throws SQLException {
        return new PracticeTry(
                PracticeTry.Kind.ofCode(row.getString("kind")),
                row.getString("exercise"),
                row.getLong("seed"),
                SqlTime.get(row, "tried_at"),
                row.getBoolean("passed"),
                Arrays.stream(row.getString("misses").split(BETWEEN))
                        .filter(miss -> !miss.isEmpty())
                        .toList(),
                Optional.ofNullable(row.getObject("held_s", Integer.class)).map(Duration::ofSeconds),
                Optional.ofNullable(row.getObject("furthest", Integer.class)).map(GaugePressure::new));
    }

    void add(PracticeTry one) {
        db.sql(
                        """
                        INSERT INTO practice_try (kind, exercise, seed, tried_at, passed, misses, held_s, furthest)
                        VALUES (:kind, :exercise, :seed, :at, :passed, :misses, :held, :furthest)
                        """)
                .param("kind", one.kind().code())
                .param("exercise", one.exercise())
                .param("seed", one.seed())
                .param("at", SqlTime.of(one.at()))
                .param("passed", one.passed())
                .param("misses", String.join(BETWEEN, one.misses()))
                .param("held", one.held().map(Duration::toSeconds).orElse(null))
                .param("furthest", one.furthest().map(GaugePressure::milliPsi).orElse(null))
                .update();
    }
}
