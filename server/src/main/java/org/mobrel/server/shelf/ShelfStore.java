package org.mobrel.server.shelf;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.ruling.Verdict;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.shelf.Lot;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.Movement;
import org.mobrel.shelf.MovementKind;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class ShelfStore {

    private final JdbcClient db;

    ShelfStore(JdbcClient db) {
        this.db = db;
    }

    private record Moved(String lotCode, Movement movement) {}

    /** All lots, oldest first. */
    List<ShelfLot> lots() {
        Map<String, List<Movement>> movements = db
                .sql("SELECT lot_code, kind, jars FROM movement ORDER BY id")
                .query((row, number) -> moved(row))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Moved::lotCode, Collectors.mapping(Moved::movement, Collectors.toList())));
        return db.sql(
                        """
                        SELECT code, run_id, batch_id, title, size, mouth, verdict, canned_on, best_by,
                               (SELECT GROUP_CONCAT(reason ORDER BY held_at, reason) FROM lot_hold WHERE lot_code = code) AS held
                        FROM lot ORDER BY canned_on, LENGTH(code), code
                        """)
                .query((row, number) -> lot(row, movements.getOrDefault(row.getString("code"), List.of())))
                .list();
    }

    /** One lot, held until the transaction ends so that two devices cannot both take its last jar. */
    Optional<ShelfLot> lotForUpdate(LotCode code) {
        return db.sql(
                        """
                        SELECT code, run_id, batch_id, title, size, mouth, verdict, canned_on, best_by,
                               (SELECT GROUP_CONCAT(reason ORDER BY held_at, reason) FROM lot_hold WHERE lot_code = code) AS held
                        FROM lot WHERE code = :code FOR UPDATE
                        """)
                .param("code", code.text())
                .query((row, number) -> lot(row, movements(code)))
                .optional();
    }

    private List<Movement> movements(LotCode code) {
        return db.sql("SELECT lot_code, kind, jars FROM movement WHERE lot_code = :code ORDER BY id")
                .param("code", code.text())
                .query((row, number) -> moved(row).movement())
                .list();
    }

    private static Moved moved(ResultSet row) throws SQLException {
        MovementKind kind = MovementKind.ofCode(row.getString("kind")).orElseThrow();
        return new Moved(row.getString("lot_code"), new Movement(kind, row.getInt("jars")));
    }

    private static ShelfLot lot(ResultSet row, List<Movement> movements) throws SQLException {
        return new ShelfLot(
                new Lot(new LotCode(row.getString("code")), movements),
                row.getLong("run_id"),
                row.getLong("batch_id"),
                row.getString("title"),
                JarSize.ofCode(row.getString("size")).orElseThrow(),
                Mouth.ofCode(row.getString("mouth")).orElseThrow(),
                Verdict.ofCode(row.getString("verdict")).orElseThrow(),
                row.getObject("canned_on", LocalDate.class),
                row.getObject("best_by", LocalDate.class),
                Optional.ofNullable(row.getString("held"))
                        .map(reasons -> List.of(reasons.split(",")))
                        .orElse(List.of()));
    }

    void hold(long runId, String reason, Instant at) {
        db.sql(
                        """
                        INSERT IGNORE INTO lot_hold (lot_code, reason, held_at)
                        SELECT code, :reason, :at FROM lot WHERE run_id = :run
                        """)
                .param("reason", reason)
                .param("at", SqlTime.of(at))
                .param("run", runId)
                .update();
    }

    int lotsOf(LocalDate day) {
        return db.sql("SELECT COUNT(*) FROM lot WHERE canned_on = :day")
                .param("day", day)
                .query(Integer.class)
                .single();
    }

    void add(ShelfLot lot) {
        db.sql(
                        """
                        INSERT INTO lot (code, run_id, batch_id, title, size, mouth, verdict, canned_on, best_by)
                        VALUES (:code, :run, :batch, :title, :size, :mouth, :verdict, :cannedOn, :bestBy)
                        """)
                .param("code", lot.lot().code().text())
                .param("run", lot.runId())
                .param("batch", lot.batchId())
                .param("title", lot.title())
                .param("size", lot.size().code())
                .param("mouth", lot.mouth().code())
                .param("verdict", lot.verdict().code())
                .param("cannedOn", lot.cannedOn())
                .param("bestBy", lot.bestBy())
                .update();
    }

    void add(LotCode code, Movement movement, Instant at) {
        db.sql("INSERT INTO movement (lot_code, kind, jars, moved_at) VALUES (:code, :kind, :jars, :at)")
                .param("code", code.text())
                .param("kind", movement.kind().code())
                .param("jars", movement.jars())
                .param("at", SqlTime.of(at))
                .update();
    }

    void addUsed(LotCode code, Movement movement, long batchId, Instant at) {
        db.sql(
                        """
                        INSERT INTO movement (lot_code, kind, jars, batch_id, moved_at)
                        VALUES (:code, :kind, :jars, :batch, :at)
                        """)
                .param("code", code.text())
                .param("kind", movement.kind().code())
                .param("jars", movement.jars())
                .param("batch", batchId)
                .param("at", SqlTime.of(at))
                .update();
    }

    List<ShelfDesk.UsedJars> usedIn(long batchId) {
        return db.sql(
                        """
                        SELECT l.code, l.title, SUM(m.jars) AS jars
                        FROM movement m JOIN lot l ON l.code = m.lot_code
                        WHERE m.batch_id = :batch GROUP BY l.code, l.title ORDER BY MIN(m.id)
                        """)
                .param("batch", batchId)
                .query((row, number) ->
                        new ShelfDesk.UsedJars(row.getString("code"), row.getString("title"), row.getInt("jars")))
                .list();
    }
}
