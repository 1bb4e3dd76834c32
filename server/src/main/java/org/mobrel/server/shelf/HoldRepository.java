package org.mobrel.server.shelf;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.shelf.LotCode;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class HoldRepository {

    private static final String COLUMNS =
            "id, lot_code, reason, text, cause, held_at, released_at, released_by, released_why";

    private final JdbcClient db;

    HoldRepository(JdbcClient db) {
        this.db = db;
    }

    /** @return whether it is new: the same cause holds a lot once, also after it was released */
    boolean add(LotCode lot, String reason, String text, String cause, Instant at) {
        return db.sql(
                                """
                        INSERT IGNORE INTO hold (lot_code, reason, text, cause, held_at)
                        VALUES (:lot, :reason, :text, :cause, :at)
                        """)
                        .param("lot", lot.text())
                        .param("reason", reason)
                        .param("text", text)
                        .param("cause", cause)
                        .param("at", SqlTime.of(at))
                        .update()
                > 0;
    }

    int release(long id, Hold.Release release) {
        return db.sql(
                        """
                        UPDATE hold SET released_at = :at, released_by = :by, released_why = :why
                        WHERE id = :id AND released_at IS NULL
                        """)
                .param("at", SqlTime.of(release.at()))
                .param("by", release.by())
                .param("why", release.why())
                .param("id", id)
                .update();
    }

    /** Those that hold, by lot. */
    Map<LotCode, List<Hold>> holding(Collection<String> lots) {
        if (lots.isEmpty()) {
            return Map.of();
        }
        return db
                .sql("SELECT " + COLUMNS + " FROM hold WHERE lot_code IN (:lots) AND released_at IS NULL ORDER BY id")
                .param("lots", lots)
                .query((row, number) -> hold(row))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Hold::lot));
    }

    /** All that hold, the newest first; with those that were released if asked. */
    List<Hold> all(boolean released) {
        return db.sql("SELECT " + COLUMNS + " FROM hold WHERE :released OR released_at IS NULL ORDER BY id DESC")
                .param("released", released)
                .query((row, number) -> hold(row))
                .list();
    }

    List<Hold> ofLot(LotCode lot) {
        return db.sql("SELECT " + COLUMNS + " FROM hold WHERE lot_code = :lot ORDER BY id")
                .param("lot", lot.text())
                .query((row, number) -> hold(row))
                .list();
    }

    Optional<Hold> hold(long id) {
        return db.sql("SELECT " + COLUMNS + " FROM hold WHERE id = :id")
                .param("id", id)
                .query((row, number) -> hold(row))
                .optional();
    }

    /** Those that a cause brought on and that hold. */
    List<Hold> causedBy(String cause) {
        return db.sql("SELECT " + COLUMNS + " FROM hold WHERE cause = :cause AND released_at IS NULL ORDER BY id")
                .param("cause", cause)
                .query((row, number) -> hold(row))
                .list();
    }

    private static Hold hold(ResultSet row) throws SQLException {
        return new Hold(
                row.getLong("id"),
                new LotCode(row.getString("lot_code")),
                row.getString("reason"),
                row.getString("text"),
                row.getString("cause"),
                SqlTime.get(row, "held_at"),
                row.getObject("released_at") == null
                        ? Optional.empty()
                        : Optional.of(new Hold.Release(
                                SqlTime.get(row, "released_at"),
                                row.getString("released_by"),
                                row.getString("released_why"))));
    }
}
