package org.mobrel.server.planning;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.Volume;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What recipes really made. */
@Repository
class YieldRepository {

    private final JdbcClient db;

    YieldRepository(JdbcClient db) {
        this.db = db;
    }

    /** @param said the jars, in words */
    record MadeYield(
            long id,
            long recipeId,
            long planId,
            String dish,
            Volume predicted,
            Volume made,
            String said,
            Instant madeAt,
            boolean struck) {}

    /** Every day of a recipe, the newest first, those struck out too. */
    List<MadeYield> ofRecipe(long recipeId) {
        return db.sql(
                        """
                        SELECT id, recipe_id, plan_id, dish, predicted_ul, made_ul, said, made_at, struck_at
                        FROM made_yield WHERE recipe_id = :recipe ORDER BY id DESC
                        """)
                .param("recipe", recipeId)
                .query((row, number) -> made(row))
                .list();
    }

    List<MadeYield> last(int most) {
        return db.sql(
                        """
                        SELECT id, recipe_id, plan_id, dish, predicted_ul, made_ul, said, made_at, struck_at
                        FROM made_yield WHERE struck_at IS NULL ORDER BY id DESC LIMIT :most
                        """)
                .param("most", most)
                .query((row, number) -> made(row))
                .list();
    }

    List<MadeYield> ofBatch(long batchId) {
        return db.sql(
                        """
                        SELECT y.id, y.recipe_id, y.plan_id, y.dish, y.predicted_ul, y.made_ul, y.said, y.made_at, y.struck_at
                        FROM made_yield y JOIN plan_batch p ON p.plan_id = y.plan_id AND p.dish = y.dish
                        WHERE p.batch_id = :batch AND y.struck_at IS NULL ORDER BY y.id
                        """)
                .param("batch", batchId)
                .query((row, number) -> made(row))
                .list();
    }

    Optional<MadeYield> made(long id) {
        return db.sql(
                        """
                        SELECT id, recipe_id, plan_id, dish, predicted_ul, made_ul, said, made_at, struck_at
                        FROM made_yield WHERE id = :id
                        """)
                .param("id", id)
                .query((row, number) -> made(row))
                .optional();
    }

    private static MadeYield made(ResultSet row) throws SQLException {
        return new MadeYield(
                row.getLong("id"),
                row.getLong("recipe_id"),
                row.getLong("plan_id"),
                row.getString("dish"),
                new Volume(row.getLong("predicted_ul")),
                new Volume(row.getLong("made_ul")),
                row.getString("said"),
                SqlTime.get(row, "made_at"),
                row.getTimestamp("struck_at") != null);
    }

    void add(MadeYield made) {
        db.sql(
                        """
                        INSERT INTO made_yield (recipe_id, plan_id, dish, predicted_ul, made_ul, said, made_at)
                        VALUES (:recipe, :plan, :dish, :predicted, :made, :said, :at)
                        """)
                .param("recipe", made.recipeId())
                .param("plan", made.planId())
                .param("dish", made.dish())
                .param("predicted", made.predicted().microlitres())
                .param("made", made.made().microlitres())
                .param("said", made.said())
                .param("at", SqlTime.of(made.madeAt()))
                .update();
    }

    /** Strikes what a dish was said to have made, for something else is said now. */
    void strikeOf(long planId, String dish, Instant at) {
        db.sql("UPDATE made_yield SET struck_at = :at WHERE plan_id = :plan AND dish = :dish AND struck_at IS NULL")
                .param("at", SqlTime.of(at))
                .param("plan", planId)
                .param("dish", dish)
                .update();
    }

    void strike(long id, Instant at) {
        db.sql("UPDATE made_yield SET struck_at = :at WHERE id = :id AND struck_at IS NULL")
                .param("at", SqlTime.of(at))
                .param("id", id)
                .update();
    }

    void unstrike(long id) {
        db.sql("UPDATE made_yield SET struck_at = NULL WHERE id = :id")
                .param("id", id)
                .update();
    }
}
