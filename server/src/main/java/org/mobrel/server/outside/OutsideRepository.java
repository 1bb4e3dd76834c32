package org.mobrel.server.outside;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.run.Decision;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class OutsideRepository {

    private final JdbcClient db;

    OutsideRepository(JdbcClient db) {
        this.db = db;
    }

    /** What was written down of it. */
    record Stored(
            long id, String title, boolean covered, String finding, Instant finishedAt, Optional<Decision> decision) {}

    long add(String title, String said, boolean covered, String finding, Instant finishedAt, Instant now) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO outside_process (title, said, covered, finding, finished_at, written_at)
                        VALUES (:title, :said, :covered, :finding, :finished, :now)
                        """)
                .param("title", title)
                .param("said", said)
                .param("covered", covered)
                .param("finding", finding)
                .param("finished", SqlTime.of(finishedAt))
                .param("now", SqlTime.of(now))
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    /** The last ones, the newest first. */
    List<Stored> all(int most) {
        return db.sql("SELECT id, title, covered, finding, finished_at, decision FROM outside_process"
                        + " ORDER BY id DESC LIMIT :most")
                .param("most", most)
                .query((row, number) -> stored(row))
                .list();
    }

    private static Stored stored(ResultSet row) throws SQLException {
        return new Stored(
                row.getLong("id"),
                row.getString("title"),
                row.getBoolean("covered"),
                row.getString("finding"),
                SqlTime.get(row, "finished_at"),
                Optional.ofNullable(row.getString("decision")).flatMap(Decision::ofCode));
    }

    int decide(long id, Decision decision, Instant now) {
        return db.sql("UPDATE outside_process SET decision = :decision, decided_at = :now WHERE id = :id")
                .param("decision", decision.code())
                .param("now", SqlTime.of(now))
                .param("id", id)
                .update();
    }
}
