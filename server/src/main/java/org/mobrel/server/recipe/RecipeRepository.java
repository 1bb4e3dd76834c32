package org.mobrel.server.recipe;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.platform.RecordCheck;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.ruling.QuestionAnswer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class RecipeRepository implements RecordCheck {

    private final JdbcClient db;
    private final JsonMapper json;

    RecipeRepository(JdbcClient db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /**
     * The latest version of every recipe that is in the book, or out of it, last saved first.
     *
     * @param words what title, ingredients, method or tags must hold; empty for all
     */
    List<Recipe> latest(boolean archived, String words) {
        Map<List<Long>, List<QuestionAnswer>> answers = answers(null);
        return db.sql(
                        """
                        SELECT v.recipe_id, v.number, v.title, v.body, v.pack, v.solids_share, v.saved_at, v.method, v.tags,
                               v.settled, v.variants, v.imported
                        FROM recipe r
                        JOIN recipe_version v ON v.recipe_id = r.id
                        WHERE r.archived = :archived
                          AND v.number = (SELECT MAX(number) FROM recipe_version WHERE recipe_id = r.id)
                          AND (:words = '' OR LOCATE(:words, v.title) > 0 OR LOCATE(:words, v.body) > 0
                               OR LOCATE(:words, v.tags) > 0 OR LOCATE(:words, v.method) > 0)
                        ORDER BY v.saved_at DESC, v.recipe_id DESC
                        """)
                .param("archived", archived)
                .param("words", words)
                .query((row, number) -> recipe(row, answers))
                .list();
    }

    @Override
    public List<Fault> unreadable() {
        List<Long> ids =
                db.sql("SELECT id FROM recipe ORDER BY id").query(Long.class).list();
        return RecordCheck.unreadable("recipes", ids, this::versions);
    }

    /** All versions, the newest first. */
    List<Recipe> versions(long id) {
        return db.sql(
                        """
                        SELECT recipe_id, number, title, body, pack, solids_share, saved_at, method, tags, settled, variants, imported
                        FROM recipe_version WHERE recipe_id = :id ORDER BY number DESC
                        """)
                .param("id", id)
                .query((row, number) -> recipe(row, answers(id)))
                .list();
    }

    Optional<Recipe> latest(long id) {
        return db.sql(
                        """
                        SELECT recipe_id, number, title, body, pack, solids_share, saved_at, method, tags, settled, variants, imported
                        FROM recipe_version WHERE recipe_id = :id ORDER BY number DESC LIMIT 1
                        """)
                .param("id", id)
                .query((row, number) -> recipe(row, answers(id)))
                .optional();
    }

    Optional<Recipe> version(long id, int version) {
        return db.sql(
                        """
                        SELECT recipe_id, number, title, body, pack, solids_share, saved_at, method, tags, settled, variants, imported
                        FROM recipe_version WHERE recipe_id = :id AND number = :version
                        """)
                .param("id", id)
                .param("version", version)
                .query((row, number) -> recipe(row, answers(id)))
                .optional();
    }

    /** The answers of each version, by recipe and number. */
    private Map<List<Long>, List<QuestionAnswer>> answers(@Nullable Long recipe) {
        Map<List<Long>, List<QuestionAnswer>> answers = new HashMap<>();
        db.sql(
                        """
                        SELECT recipe_id, number, line, code, words, choice FROM recipe_answer
                        WHERE :recipe IS NULL OR recipe_id = :recipe ORDER BY recipe_id, number, position
                        """)
                .param("recipe", recipe)
                .query(row -> {
                    answers.computeIfAbsent(
                                    List.of(row.getLong("recipe_id"), (long) row.getInt("number")),
                                    version -> new ArrayList<>())
                            .add(new QuestionAnswer(
                                    row.getString("line"),
                                    row.getString("code"),
                                    row.getString("words"),
                                    row.getString("choice")));
                });
        return answers;
    }

    private void addAnswers(long id, int version, List<QuestionAnswer> answers) {
        for (int position = 0; position < answers.size(); position++) {
            QuestionAnswer answer = answers.get(position);
            db.sql(
                            """
                            INSERT INTO recipe_answer (recipe_id, number, position, line, code, words, choice)
                            VALUES (:id, :version, :position, :line, :code, :words, :choice)
                            """)
                    .param("id", id)
                    .param("version", version)
                    .param("position", position)
                    .param("line", answer.line())
                    .param("code", answer.code())
                    .param("words", Objects.requireNonNullElse(answer.words(), ""))
                    .param("choice", answer.choice())
                    .update();
        }
    }

    private Recipe recipe(ResultSet row, Map<List<Long>, List<QuestionAnswer>> answers) throws SQLException {
        return new Recipe(
                row.getLong("recipe_id"),
                row.getInt("number"),
                new RecipeDraft(
                        row.getString("title"),
                        lines(row, "body"),
                        Pack.ofCode(row.getString("pack")).orElseThrow(),
                        new Fraction(row.getInt("solids_share")),
                        lines(row, "method"),
                        lines(row, "tags"),
                        List.of(json.readValue(row.getString("variants"), RecipeDraft.AddIn[].class)),
                        lines(row, "settled"),
                        answers.getOrDefault(List.of(row.getLong("recipe_id"), (long) row.getInt("number")), List.of()),
                        Optional.ofNullable(row.getString("imported"))),
                SqlTime.get(row, "saved_at"));
    }

    private static List<String> lines(ResultSet row, String column) throws SQLException {
        return row.getString(column).lines().toList();
    }

    long create() {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql("INSERT INTO recipe (archived) VALUES (FALSE)").update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    void add(long id, int version, RecipeDraft draft, Instant savedAt) {
        db.sql(
                        """
                        INSERT INTO recipe_version (recipe_id, number, title, body, pack, solids_share, saved_at,
                                                    method, tags, settled, variants, imported)
                        VALUES (:id, :version, :title, :body, :pack, :share, :savedAt,
                                :method, :tags, :settled, :variants, :imported)
                        """)
                .param("id", id)
                .param("version", version)
                .param("title", draft.title())
                .param("body", String.join("\n", draft.lines()))
                .param("pack", draft.pack().code())
                .param("share", draft.solidsShare().millionths())
                .param("savedAt", SqlTime.of(savedAt))
                .param("method", String.join("\n", draft.method()))
                .param("tags", String.join("\n", draft.tags()))
                .param("settled", String.join("\n", draft.settled()))
                .param("variants", json.writeValueAsString(draft.variants()))
                .param("imported", draft.imported().orElse(null))
                .update();
        addAnswers(id, version, draft.answers());
    }

    int archive(long id, boolean archived) {
        return db.sql("UPDATE recipe SET archived = :archived WHERE id = :id AND archived <> :archived")
                .param("id", id)
                .param("archived", archived)
                .update();
    }
}
