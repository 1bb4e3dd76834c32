package org.mobrel.server.shelf;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.shelf.MealKit;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class NeedRepository {

    private final JdbcClient db;

    NeedRepository(JdbcClient db) {
        this.db = db;
    }

    /** A dish as it was ever canned; jars on the shelf by kind. */
    record Dish(long recipeId, String title, Instant firstShelved, Map<JarKind, Integer> jars) {}

    /** Every dish that was ever shelved, or that the household wants. */
    List<Dish> dishes() {
        Map<Long, Dish> all = new HashMap<>();
        db.sql(
                        """
                        SELECT b.recipe_id, l.size, l.mouth, MIN(l.canned_on) AS first, MAX(CONCAT(l.canned_on, l.title)) AS latest,
                               COALESCE(SUM(s.jars), 0) AS jars
                        FROM lot l JOIN batch b ON b.id = l.batch_id LEFT JOIN lot_stand s ON s.lot_code = l.code
                        GROUP BY b.recipe_id, l.size, l.mouth
                        """)
                .query(row -> {
                    long recipe = row.getLong("recipe_id");
                    Instant first = row.getTimestamp("first").toInstant();
                    Dish before = all.getOrDefault(
                            recipe, new Dish(recipe, row.getString("latest").substring(10), first, Map.of()));
                    Map<JarKind, Integer> jars = new HashMap<>(before.jars());
                    jars.put(kind(row), row.getInt("jars"));
                    all.put(
                            recipe,
                            new Dish(
                                    recipe,
                                    before.title(),
                                    first.isBefore(before.firstShelved()) ? first : before.firstShelved(),
                                    jars));
                });
        return new ArrayList<>(all.values());
    }

    private static JarKind kind(ResultSet row) throws SQLException {
        return new JarKind(
                JarSize.ofCode(row.getString("size")).orElseThrow(),
                Mouth.ofCode(row.getString("mouth")).orElseThrow());
    }

    /** Jars eaten, given away and cooked with since an instant, by recipe; without those that were taken back. */
    Map<Long, Integer> takenSince(Instant since) {
        Map<Long, Integer> taken = new HashMap<>();
        db.sql(
                        """
                        SELECT b.recipe_id, SUM(m.jars) AS jars
                        FROM movement m JOIN lot l ON l.code = m.lot_code JOIN batch b ON b.id = l.batch_id
                             LEFT JOIN movement u ON u.undoes = m.id
                        WHERE m.kind IN ('eaten', 'given', 'used') AND m.moved_at >= :since AND u.id IS NULL
                        GROUP BY b.recipe_id
                        """)
                .param("since", SqlTime.of(since))
                .query(row -> {
                    taken.put(row.getLong("recipe_id"), row.getInt("jars"));
                });
        return taken;
    }

    Map<Long, Integer> targets() {
        Map<Long, Integer> targets = new HashMap<>();
        db.sql("SELECT recipe_id, jars FROM shelf_target").query(row -> {
            targets.put(row.getLong("recipe_id"), row.getInt("jars"));
        });
        return targets;
    }

    void target(long recipe, int jars) {
        db.sql(
                        "INSERT INTO shelf_target (recipe_id, jars) VALUES (:recipe, :jars) ON DUPLICATE KEY UPDATE jars = :jars")
                .param("recipe", recipe)
                .param("jars", jars)
                .update();
    }

    /** A meal kit as it is stored. */
    record StoredKit(long id, String name, long recipeId, MealKit kit) {}

    List<StoredKit> kits() {
        return db.sql("SELECT id, name, recipe_id, jars FROM meal_kit ORDER BY name, id")
                .query((row, number) -> new StoredKit(
                        row.getLong("id"),
                        row.getString("name"),
                        row.getLong("recipe_id"),
                        new MealKit(row.getInt("jars"), goods(row.getLong("id")))))
                .list();
    }

    private List<MealKit.Good> goods(long kit) {
        return db.sql("SELECT name, per_kit, have FROM meal_kit_good WHERE kit_id = :kit ORDER BY position")
                .param("kit", kit)
                .query((row, number) ->
                        new MealKit.Good(row.getString("name"), row.getInt("per_kit"), row.getInt("have")))
                .list();
    }

    /** Keeps a kit, anew or in place of one. */
    long keep(Optional<Long> id, String name, long recipe, MealKit kit) {
        long kept = id.orElseGet(() -> add(name, recipe, kit));
        db.sql("UPDATE meal_kit SET name = :name, recipe_id = :recipe, jars = :jars WHERE id = :id")
                .param("name", name)
                .param("recipe", recipe)
                .param("jars", kit.jars())
                .param("id", kept)
                .update();
        db.sql("DELETE FROM meal_kit_good WHERE kit_id = :id").param("id", kept).update();
        for (int position = 0; position < kit.goods().size(); position++) {
            MealKit.Good good = kit.goods().get(position);
            db.sql(
                            """
                            INSERT INTO meal_kit_good (kit_id, position, name, per_kit, have)
                            VALUES (:kit, :position, :name, :perKit, :have)
                            """)
                    .param("kit", kept)
                    .param("position", position)
                    .param("name", good.name())
                    .param("perKit", good.perKit())
                    .param("have", good.have())
                    .update();
        }
        return kept;
    }

    private long add(String name, long recipe, MealKit kit) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql("INSERT INTO meal_kit (name, recipe_id, jars) VALUES (:name, :recipe, :jars)")
                .param("name", name)
                .param("recipe", recipe)
                .param("jars", kit.jars())
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    int remove(long id) {
        db.sql("DELETE FROM meal_kit_good WHERE kit_id = :id").param("id", id).update();
        return db.sql("DELETE FROM meal_kit WHERE id = :id").param("id", id).update();
    }
}
