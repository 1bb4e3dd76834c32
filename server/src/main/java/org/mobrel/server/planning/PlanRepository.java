package org.mobrel.server.planning;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.quantity.Fraction;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.server.platform.RecordCheck;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Plans, the batches made of them, and the pantry. */
@Repository
class PlanRepository implements RecordCheck {

    private final JdbcClient db;
    private final JsonMapper json;

    PlanRepository(JdbcClient db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    long create(PlanBody body, Instant at) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql("INSERT INTO plan (body, revision, changed_at) VALUES (:body, 1, :at)")
                .param("body", json.writeValueAsString(body))
                .param("at", SqlTime.of(at))
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    @Override
    public List<Fault> unreadable() {
        List<Long> ids =
                db.sql("SELECT id FROM plan ORDER BY id").query(Long.class).list();
        return RecordCheck.unreadable("plans", ids, this::plan);
    }

    /** The plans that are not put away, the one touched last first. */
    List<StoredPlan> open() {
        return db.sql("SELECT id, body, revision, changed_at, away FROM plan WHERE NOT away"
                        + " ORDER BY changed_at DESC, id DESC LIMIT 100")
                .query((row, number) -> plan(row))
                .list();
    }

    /** The last plans, put away or not, the one touched last first. */
    List<StoredPlan> last(int most) {
        return db.sql(
                        "SELECT id, body, revision, changed_at, away FROM plan ORDER BY changed_at DESC, id DESC LIMIT :most")
                .param("most", most)
                .query((row, number) -> plan(row))
                .list();
    }

    Optional<StoredPlan> plan(long id) {
        return db.sql("SELECT id, body, revision, changed_at, away FROM plan WHERE id = :id")
                .param("id", id)
                .query((row, number) -> plan(row))
                .optional();
    }

    /** Holds the plan until the transaction ends: two devices cannot both take it to the stove. */
    Optional<StoredPlan> planForUpdate(long id) {
        return db.sql("SELECT id, body, revision, changed_at, away FROM plan WHERE id = :id FOR UPDATE")
                .param("id", id)
                .query((row, number) -> plan(row))
                .optional();
    }

    private StoredPlan plan(ResultSet row) throws SQLException {
        long id = row.getLong("id");
        return new StoredPlan(
                id,
                json.readValue(row.getString("body"), PlanBody.class),
                row.getInt("revision"),
                SqlTime.get(row, "changed_at"),
                row.getBoolean("away"),
                atStove(id));
    }

    private List<StoredPlan.AtStove> atStove(long id) {
        return db.sql("SELECT dish, batch_id, version, yield_factor, yield_error, yield_days FROM plan_batch"
                        + " WHERE plan_id = :id ORDER BY batch_id")
                .param("id", id)
                .query((row, number) -> new StoredPlan.AtStove(
                        row.getString("dish"),
                        row.getLong("batch_id"),
                        row.getInt("version"),
                        new YieldCorrection(
                                row.getInt("yield_factor") / 1e6,
                                new Fraction(row.getInt("yield_error")),
                                row.getInt("yield_days"))))
                .list();
    }

    /** How many plans were saved: 1, or 0 when another device was first. */
    int save(long id, int basedOn, PlanBody body, Instant at) {
        return db.sql("UPDATE plan SET body = :body, revision = revision + 1, changed_at = :at"
                        + " WHERE id = :id AND revision = :basedOn")
                .param("body", json.writeValueAsString(body))
                .param("at", SqlTime.of(at))
                .param("id", id)
                .param("basedOn", basedOn)
                .update();
    }

    int putAway(long id, boolean away) {
        return db.sql("UPDATE plan SET away = :away WHERE id = :id")
                .param("away", away)
                .param("id", id)
                .update();
    }

    void atStove(long id, StoredPlan.AtStove dish) {
        db.sql(
                        """
                        INSERT INTO plan_batch (plan_id, dish, batch_id, version, yield_factor, yield_error, yield_days)
                        VALUES (:plan, :dish, :batch, :version, :factor, :error, :days)
                        """)
                .param("plan", id)
                .param("dish", dish.dish())
                .param("batch", dish.batchId())
                .param("version", dish.version())
                .param("factor", Math.round(dish.yield().factor() * 1e6))
                .param("error", dish.yield().error().millionths())
                .param("days", dish.yield().days())
                .update();
    }

    /** What is in the house, as the cook said it, by the keys of the shopping list. */
    Map<String, String> pantry() {
        Map<String, String> pantry = new LinkedHashMap<>();
        db.sql("SELECT item, amount FROM pantry ORDER BY item").query(row -> {
            pantry.put(row.getString("item"), row.getString("amount"));
        });
        return pantry;
    }

    void inPantry(String item, String amount) {
        db.sql("INSERT INTO pantry (item, amount) VALUES (:item, :amount) ON DUPLICATE KEY UPDATE amount = :amount")
                .param("item", item)
                .param("amount", amount)
                .update();
    }

    void outOfPantry(String item) {
        db.sql("DELETE FROM pantry WHERE item = :item").param("item", item).update();
    }
}
