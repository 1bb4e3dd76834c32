package org.mobrel.server.recipe;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class RecipeStore {

    private final JdbcClient db;

    RecipeStore(JdbcClient db) {
        this.db = db;
    }

    /** The book: the latest version of every recipe that is not archived, last saved first. */
    List<Recipe> latest() {
        return db.sql(
                        """
                        SELECT v.recipe_id, v.number, v.title, v.body, v.pack, v.solids_share, v.saved_at
                        FROM recipe r
                        JOIN recipe_version v ON v.recipe_id = r.id
                        WHERE NOT r.archived
                          AND v.number = (SELECT MAX(number) FROM recipe_version WHERE recipe_id = r.id)
                        ORDER BY v.saved_at DESC, v.recipe_id DESC
                        """)
                .query((row, number) -> recipe(row))
                .list();
    }

    Optional<Recipe> latest(long id) {
        return db.sql(
                        """
                        SELECT recipe_id, number, title, body, pack, solids_share, saved_at
                        FROM recipe_version WHERE recipe_id = :id ORDER BY number DESC LIMIT 1
                        """)
                .param("id", id)
                .query((row, number) -> recipe(row))
                .optional();
    }

    Optional<Recipe> version(long id, int version) {
        return db.sql(
                        """
                        SELECT recipe_id, number, title, body, pack, solids_share, saved_at
                        FROM recipe_version WHERE recipe_id = :id AND number = :version
                        """)
                .param("id", id)
                .param("version", version)
                .query((row, number) -> recipe(row))
                .optional();
    }

    private static Recipe recipe(ResultSet row) throws SQLException {
        return new Recipe(
                row.getLong("recipe_id"),
                row.getInt("number"),
                row.getString("title"),
                row.getString("body").lines().toList(),
                Pack.ofCode(row.getString("pack")).orElseThrow(),
                new Fraction(row.getInt("solids_share")),
                SqlTime.get(row, "saved_at"));
    }

    long create() {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql("INSERT INTO recipe (archived) VALUES (FALSE)").update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    void add(long id, int version, RecipeDraft draft, Instant savedAt) {
        db.sql(
                        """
                        INSERT INTO recipe_version (recipe_id, number, title, body, pack, solids_share, saved_at)
                        VALUES (:id, :version, :title, :body, :pack, :share, :savedAt)
                        """)
                .param("id", id)
                .param("version", version)
                .param("title", draft.title())
                .param("body", String.join("\n", draft.lines()))
                .param("pack", draft.pack().code())
                .param("share", draft.solidsShare().millionths())
                .param("savedAt", SqlTime.of(savedAt))
                .update();
    }

    int archive(long id, boolean archived) {
        return db.sql("UPDATE recipe SET archived = :archived WHERE id = :id AND archived <> :archived")
                .param("id", id)
                .param("archived", archived)
                .update();
    }
}
