package org.mobrel.server.shelf;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.Volume;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

/** Boxes in the freezer: what was put in is never changed, what was taken out is a line of its own. */
@Repository
class FreezerRepository {

    private static final String BOXES =
            """
            SELECT b.id, b.title, b.recipe_id, b.boxes, b.each_ul, b.frozen_on, b.best_by, b.note,
                   b.boxes - COALESCE((SELECT SUM(t.boxes) FROM freezer_taken t
                                       WHERE t.box_id = b.id AND t.undone_at IS NULL), 0) AS remaining
            FROM freezer_box b
            """;

    private final JdbcClient db;

    FreezerRepository(JdbcClient db) {
        this.db = db;
    }

    /**
     * Boxes that were frozen together.
     *
     * @param recipeId null where they are of no recipe
     * @param boxes that were put in
     * @param left that are still there
     */
    record Frozen(
            long id,
            String title,
            @Nullable Long recipeId,
            int boxes,
            int left,
            Volume each,
            LocalDate frozenOn,
            LocalDate bestBy,
            String note) {}

    /** Those of which something is left, the oldest first. */
    List<Frozen> there() {
        return db.sql("SELECT * FROM (" + BOXES + ") all_boxes WHERE remaining > 0 ORDER BY best_by, id LIMIT 500")
                .query((row, number) -> frozen(row))
                .list();
    }

    /** Held until the transaction ends: two devices cannot both take the last box. */
    Optional<Frozen> forUpdate(long id) {
        db.sql("SELECT id FROM freezer_box WHERE id = :id FOR UPDATE")
                .param("id", id)
                .query(Long.class)
                .optional();
        return db.sql(BOXES + " WHERE b.id = :id")
                .param("id", id)
                .query((row, number) -> frozen(row))
                .optional();
    }

    private static Frozen frozen(ResultSet row) throws SQLException {
        long recipe = row.getLong("recipe_id");
        return new Frozen(
                row.getLong("id"),
                row.getString("title"),
                row.wasNull() ? null : recipe,
                row.getInt("boxes"),
                row.getInt("remaining"),
                new Volume(row.getLong("each_ul")),
                row.getObject("frozen_on", LocalDate.class),
                row.getObject("best_by", LocalDate.class),
                row.getString("note"));
    }

    long put(Frozen boxes, Instant at) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO freezer_box (title, recipe_id, boxes, each_ul, frozen_on, best_by, note, put_at)
                        VALUES (:title, :recipe, :boxes, :each, :frozen, :best, :note, :at)
                        """)
                .param("title", boxes.title())
                .param("recipe", boxes.recipeId())
                .param("boxes", boxes.boxes())
                .param("each", boxes.each().microlitres())
                .param("frozen", boxes.frozenOn())
                .param("best", boxes.bestBy())
                .param("note", boxes.note())
                .param("at", SqlTime.of(at))
                .update(key, "id");
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    long take(long box, int boxes, Instant at) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql("INSERT INTO freezer_taken (box_id, boxes, taken_at) VALUES (:box, :boxes, :at)")
                .param("box", box)
                .param("boxes", boxes)
                .param("at", SqlTime.of(at))
                .update(key, "id");
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    /** @return whether there was such a line that was not taken back yet */
    boolean putBack(long taken, Instant at) {
        return db.sql("UPDATE freezer_taken SET undone_at = :at WHERE id = :id AND undone_at IS NULL")
                        .param("at", SqlTime.of(at))
                        .param("id", taken)
                        .update()
                == 1;
    }
}
