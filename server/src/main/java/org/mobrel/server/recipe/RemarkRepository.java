package org.mobrel.server.recipe;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What is said about a recipe beside its versions: notes for next time, own judgements. */
@Repository
class RemarkRepository {

    private final JdbcClient db;

    RemarkRepository(JdbcClient db) {
        this.db = db;
    }

    List<Note> notes(long recipe) {
        return db.sql(
                        """
                        SELECT id, text, written_at FROM recipe_note
                        WHERE recipe_id = :recipe AND done_at IS NULL ORDER BY id
                        """)
                .param("recipe", recipe)
                .query((row, number) ->
                        new Note(row.getLong("id"), row.getString("text"), SqlTime.get(row, "written_at")))
                .list();
    }

    void add(long recipe, String text, Instant at) {
        db.sql("INSERT INTO recipe_note (recipe_id, text, written_at) VALUES (:recipe, :text, :at)")
                .param("recipe", recipe)
                .param("text", text)
                .param("at", SqlTime.of(at))
                .update();
    }

    int done(long recipe, long note, Instant at) {
        return db.sql(
                        """
                        UPDATE recipe_note SET done_at = :at
                        WHERE id = :note AND recipe_id = :recipe AND done_at IS NULL
                        """)
                .param("at", SqlTime.of(at))
                .param("note", note)
                .param("recipe", recipe)
                .update();
    }

    Optional<Judgement> judgement(long recipe, int version) {
        return db.sql(
                        """
                        SELECT number, departs, accepted_by, reason, accepted_at FROM recipe_judgement
                        WHERE recipe_id = :recipe AND number = :version
                        """)
                .param("recipe", recipe)
                .param("version", version)
                .query((row, number) -> new Judgement(
                        row.getInt("number"),
                        row.getString("departs").lines().toList(),
                        row.getString("accepted_by"),
                        row.getString("reason"),
                        SqlTime.get(row, "accepted_at")))
                .optional();
    }

    void judge(long recipe, Judgement judgement) {
        db.sql(
                        """
                        INSERT INTO recipe_judgement (recipe_id, number, departs, accepted_by, reason, accepted_at)
                        VALUES (:recipe, :version, :departs, :by, :reason, :at)
                        ON DUPLICATE KEY UPDATE departs = :departs, accepted_by = :by, reason = :reason, accepted_at = :at
                        """)
                .param("recipe", recipe)
                .param("version", judgement.version())
                .param("departs", String.join("\n", judgement.departs()))
                .param("by", judgement.by())
                .param("reason", judgement.reason())
                .param("at", SqlTime.of(judgement.at()))
                .update();
    }

    int takeBack(long recipe, int version) {
        return db.sql("DELETE FROM recipe_judgement WHERE recipe_id = :recipe AND number = :version")
                .param("recipe", recipe)
                .param("version", version)
                .update();
    }
}
