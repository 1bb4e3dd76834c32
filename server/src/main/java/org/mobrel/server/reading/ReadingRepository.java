package org.mobrel.server.reading;

import java.time.Instant;
import java.util.List;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class ReadingRepository {

    private final JdbcClient db;

    ReadingRepository(JdbcClient db) {
        this.db = db;
    }

    List<TaughtWording> wordings() {
        return db.sql("SELECT words, meaning FROM wording ORDER BY taught_at DESC, words")
                .query((row, number) -> new TaughtWording(row.getString("words"), row.getString("meaning")))
                .list();
    }

    void teach(TaughtWording wording, Instant at) {
        db.sql(
                        """
                        INSERT INTO wording (words, meaning, taught_at) VALUES (:words, :meaning, :at)
                        ON DUPLICATE KEY UPDATE meaning = :meaning, taught_at = :at
                        """)
                .param("words", wording.words())
                .param("meaning", wording.meaning())
                .param("at", SqlTime.of(at))
                .update();
    }

    int forget(String words) {
        return db.sql("DELETE FROM wording WHERE words = :words")
                .param("words", words)
                .update();
    }

    List<StoredAnswer> answers() {
        return db.sql(
                        "SELECT code, words, wording, choice FROM reading_answer ORDER BY answered_at DESC, words, wording")
                .query((row, number) -> new StoredAnswer(
                        row.getString("code"),
                        row.getString("words"),
                        row.getString("wording"),
                        row.getString("choice")))
                .list();
    }

    void remember(StoredAnswer answer, Instant at) {
        db.sql(
                        """
                        INSERT INTO reading_answer (code, words, wording, choice, answered_at)
                        VALUES (:code, :words, :wording, :choice, :at)
                        ON DUPLICATE KEY UPDATE choice = :choice, answered_at = :at
                        """)
                .param("code", answer.code())
                .param("words", answer.words())
                .param("wording", answer.wording())
                .param("choice", answer.choice())
                .param("at", SqlTime.of(at))
                .update();
    }

    int forgetAnswer(String code, String words, String wording) {
        return db.sql("DELETE FROM reading_answer WHERE code = :code AND words = :words AND wording = :wording")
                .param("code", code)
                .param("words", words)
                .param("wording", wording)
                .update();
    }

    List<OwnFood> ownFoods() {
        return db.sql("SELECT id, name, note FROM own_food ORDER BY name")
                .query((row, number) -> new OwnFood(row.getLong("id"), row.getString("name"), row.getString("note")))
                .list();
    }

    void add(String name, String note, Instant at) {
        db.sql("INSERT INTO own_food (name, note, added_at) VALUES (:name, :note, :at)")
                .param("name", name)
                .param("note", note)
                .param("at", SqlTime.of(at))
                .update();
    }

    int remove(long id) {
        return db.sql("DELETE FROM own_food WHERE id = :id").param("id", id).update();
    }
}
