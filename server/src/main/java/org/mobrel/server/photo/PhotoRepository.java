package org.mobrel.server.photo;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class PhotoRepository {

    private static final String SELECT =
            "SELECT id, run_id, jar, lot_code, moment, taken_at, taken_by, width, height, size, sha256 FROM photo ";

    private final JdbcClient db;

    PhotoRepository(JdbcClient db) {
        this.db = db;
    }

    long insert(Photo photo) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO photo (run_id, jar, lot_code, moment, taken_at, taken_by, width, height, size, sha256)
                        VALUES (:run, :jar, :lot, :moment, :at, :by, :width, :height, :size, :sha256)
                        """)
                .param("run", photo.run())
                .param("jar", photo.jar().isPresent() ? photo.jar().getAsInt() : null)
                .param("lot", photo.lot().orElse(null))
                .param("moment", photo.moment().code())
                .param("at", SqlTime.of(photo.takenAt()))
                .param("by", photo.by())
                .param("width", photo.width())
                .param("height", photo.height())
                .param("size", photo.bytes())
                .param("sha256", photo.sha256())
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    Optional<Photo> find(long id) {
        return db.sql(SELECT + "WHERE id = :id")
                .param("id", id)
                .query((row, number) -> photo(row))
                .optional();
    }

    List<Photo> ofRuns(Collection<Long> runs) {
        return runs.isEmpty()
                ? List.of()
                : db.sql(SELECT + "WHERE run_id IN (:runs) ORDER BY taken_at, id")
                        .param("runs", runs)
                        .query((row, number) -> photo(row))
                        .list();
    }

    /** Of the lot itself, and of the load it comes from where they are of no other lot. */
    List<Photo> ofLot(String code, long run) {
        return db.sql(SELECT + "WHERE lot_code = :code OR (run_id = :run AND lot_code IS NULL) ORDER BY taken_at, id")
                .param("code", code)
                .param("run", run)
                .query((row, number) -> photo(row))
                .list();
    }

    int count(long run) {
        return db.sql("SELECT COUNT(*) FROM photo WHERE run_id = :run")
                .param("run", run)
                .query(Integer.class)
                .single();
    }

    /** Whether it was there. */
    boolean delete(long id) {
        return db.sql("DELETE FROM photo WHERE id = :id").param("id", id).update() > 0;
    }

    private static Photo photo(ResultSet row) throws SQLException {
        int jar = row.getInt("jar");
        return new Photo(
                row.getLong("id"),
                row.getLong("run_id"),
                row.getObject("jar") == null ? OptionalInt.empty() : OptionalInt.of(jar),
                Optional.ofNullable(row.getString("lot_code")),
                Photo.Moment.ofCode(row.getString("moment")).orElse(Photo.Moment.OTHER),
                SqlTime.get(row, "taken_at"),
                row.getString("taken_by"),
                row.getInt("width"),
                row.getInt("height"),
                row.getInt("size"),
                row.getString("sha256"));
    }
}
