package org.mobrel.server.photo;

import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class PhotoFileRepository {

    private final JdbcClient db;

    PhotoFileRepository(JdbcClient db) {
        this.db = db;
    }

    /** Keeps a picture; one that is kept already stays as it is. */
    void keep(String sha256, byte[] jpeg) {
        db.sql(
                        "INSERT INTO photo_file (sha256, bytes) VALUES (:sha256, :bytes) ON DUPLICATE KEY UPDATE sha256 = sha256")
                .param("sha256", sha256)
                .param("bytes", jpeg)
                .update();
    }

    Optional<byte[]> find(String sha256) {
        return db.sql("SELECT bytes FROM photo_file WHERE sha256 = :sha256")
                .param("sha256", sha256)
                .query(byte[].class)
                .optional();
    }

    /** What the pictures are called that photographs need, in order. */
    List<String> needed() {
        return db.sql("SELECT DISTINCT sha256 FROM photo ORDER BY sha256")
                .query(String.class)
                .list();
    }

    /** Lets go of pictures that no photograph needs. */
    void forgetUnused() {
        db.sql("DELETE FROM photo_file WHERE sha256 NOT IN (SELECT sha256 FROM photo)")
                .update();
    }

    PhotoFiles.Sum sum() {
        return db.sql("SELECT COUNT(*) AS photos, COALESCE(SUM(size), 0) AS bytes FROM photo")
                .query((row, number) -> new PhotoFiles.Sum(row.getInt("photos"), row.getLong("bytes")))
                .single();
    }
}
