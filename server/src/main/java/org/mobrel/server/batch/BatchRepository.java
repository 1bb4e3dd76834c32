package org.mobrel.server.batch;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class BatchRepository {

    private static final String COLUMNS =
            "id, recipe_id, recipe_version, title, canner_id, canner_name, gauge_kind, gauge_error, altitude_um, verdict,"
                    + " table_version, accepted_by, accepted_reason, ruling, made_at, again_of";

    private static final String FILTER =
            """
            (:words = '' OR b.title LIKE :like
              OR b.id IN (SELECT l.batch_id FROM lot l WHERE l.code LIKE :like)
              OR b.id IN (SELECT r.batch_id FROM run_event e JOIN run r ON r.id = e.run_id
                          WHERE e.kind IN ('note', 'correction') AND e.note LIKE :like))
            AND (:canner = 0 OR b.canner_id = :canner)
            AND (:verdict = '' OR b.verdict = :verdict)
            """;

    private final JdbcClient db;

    BatchRepository(JdbcClient db) {
        this.db = db;
    }

    /** Batches, the newest first. */
    List<StoredBatch> batches(BatchService.Wanted wanted) {
        return params(
                        db.sql("SELECT " + COLUMNS + " FROM batch b WHERE " + FILTER
                                + " ORDER BY made_at DESC, id DESC LIMIT :most OFFSET :from"),
                        wanted)
                .param("most", wanted.most())
                .param("from", wanted.from())
                .query((row, number) -> batch(row))
                .list();
    }

    int count(BatchService.Wanted wanted) {
        return params(db.sql("SELECT COUNT(*) FROM batch b WHERE " + FILTER), wanted)
                .query(Integer.class)
                .single();
    }

    private static JdbcClient.StatementSpec params(JdbcClient.StatementSpec query, BatchService.Wanted wanted) {
        return query.param("words", wanted.words())
                .param(
                        "like",
                        "%"
                                + wanted.words()
                                        .replace("\\", "\\\\")
                                        .replace("%", "\\%")
                                        .replace("_", "\\_") + "%")
                .param("canner", wanted.canner())
                .param("verdict", wanted.verdict());
    }

    /** The batches that rest on a row of the tables. */
    List<Long> restingOn(String row) {
        return db.sql("SELECT DISTINCT batch_id FROM batch_row WHERE row_id = :row ORDER BY batch_id")
                .param("row", row)
                .query(Long.class)
                .list();
    }

    /** Batches of which no rows are kept: an earlier program made them, or a backup brought them. */
    List<StoredBatch> withoutRows() {
        return db.sql("SELECT " + COLUMNS + " FROM batch b WHERE NOT EXISTS"
                        + " (SELECT 1 FROM batch_row r WHERE r.batch_id = b.id) ORDER BY id")
                .query((row, number) -> batch(row))
                .list();
    }

    /** Keeps a decision in the place of what stood there, with its rows. */
    void store(long id, String ruling, List<StoredDecision.Row> rows) {
        db.sql("UPDATE batch SET ruling = :ruling WHERE id = :id")
                .param("ruling", ruling)
                .param("id", id)
                .update();
        add(id, rows);
    }

    void add(long id, List<StoredDecision.Row> rows) {
        for (int position = 0; position < rows.size(); position++) {
            db.sql("INSERT INTO batch_row (batch_id, position, row_id, part) VALUES (:batch, :position, :row, :part)")
                    .param("batch", id)
                    .param("position", position)
                    .param("row", rows.get(position).row())
                    .param("part", rows.get(position).part())
                    .update();
        }
    }

    /** The latest first. */
    List<Long> latest(int most) {
        return db.sql("SELECT id FROM batch ORDER BY id DESC LIMIT :most")
                .param("most", most)
                .query(Long.class)
                .list();
    }

    /** The batches that process jars of a batch again. */
    List<Long> againOf(long batch) {
        return db.sql("SELECT id FROM batch WHERE again_of = :batch ORDER BY id")
                .param("batch", batch)
                .query(Long.class)
                .list();
    }

    /** When each recipe was last made. */
    Map<Long, Instant> lastMade() {
        Map<Long, Instant> made = new HashMap<>();
        db.sql("SELECT recipe_id, MAX(made_at) AS made_at FROM batch GROUP BY recipe_id")
                .query(row -> {
                    made.put(row.getLong("recipe_id"), SqlTime.get(row, "made_at"));
                });
        return made;
    }

    List<Long> ids() {
        return db.sql("SELECT id FROM batch ORDER BY id").query(Long.class).list();
    }

    Optional<StoredBatch> batch(long id) {
        return db.sql("SELECT " + COLUMNS + " FROM batch WHERE id = :id")
                .param("id", id)
                .query((row, number) -> batch(row))
                .optional();
    }

    private static StoredBatch batch(ResultSet row) throws SQLException {
        return new StoredBatch(
                row.getLong("id"),
                row.getLong("recipe_id"),
                row.getInt("recipe_version"),
                row.getString("title"),
                row.getLong("canner_id"),
                row.getString("canner_name"),
                new Gauge(
                        GaugeKind.ofCode(row.getString("gauge_kind")).orElseThrow(),
                        new GaugeError(row.getInt("gauge_error"))),
                new Altitude(row.getLong("altitude_um")),
                row.getString("verdict"),
                row.getString("table_version"),
                acceptance(row),
                row.getString("ruling"),
                SqlTime.get(row, "made_at"),
                Optional.ofNullable(row.getObject("again_of", Long.class)));
    }

    private static Optional<BatchMessages.Acceptance> acceptance(ResultSet row) throws SQLException {
        String by = row.getString("accepted_by");
        return by == null
                ? Optional.empty()
                : Optional.of(new BatchMessages.Acceptance(by, row.getString("accepted_reason")));
    }

    /** @param batch its id is not looked at; the database gives one */
    long add(StoredBatch batch) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO batch (recipe_id, recipe_version, title, canner_id, canner_name, gauge_kind, gauge_error,
                                           altitude_um, verdict, table_version, accepted_by, accepted_reason, ruling, made_at, again_of)
                        VALUES (:recipe, :version, :title, :canner, :cannerName, :gauge, :error,
                                :altitude, :verdict, :tables, :acceptedBy, :reason, :ruling, :madeAt, :againOf)
                        """)
                .param("recipe", batch.recipeId())
                .param("version", batch.recipeVersion())
                .param("title", batch.title())
                .param("canner", batch.cannerId())
                .param("cannerName", batch.cannerName())
                .param("gauge", batch.gauge().kind().code())
                .param("error", batch.gauge().error().milliPsi())
                .param("altitude", batch.altitude().micrometres())
                .param("verdict", batch.verdict())
                .param("tables", batch.tableVersion())
                .param(
                        "acceptedBy",
                        batch.acceptance().map(BatchMessages.Acceptance::by).orElse(null))
                .param(
                        "reason",
                        batch.acceptance().map(BatchMessages.Acceptance::reason).orElse(null))
                .param("ruling", batch.ruling())
                .param("madeAt", SqlTime.of(batch.madeAt()))
                .param("againOf", batch.againOf().orElse(null))
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }
}
