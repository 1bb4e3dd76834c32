package org.mobrel.server.kitchen;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class CupboardRepository {

    private final JdbcClient db;

    CupboardRepository(JdbcClient db) {
        this.db = db;
    }

    private record Row(JarKind kind, @Nullable Integer empty, @Nullable Long water) {}

    Cupboard cupboard() {
        Map<JarKind, Integer> empty = new HashMap<>();
        Map<JarKind, Volume> water = new HashMap<>();
        for (Row row : db.sql("SELECT size, mouth, empty, water_ul FROM cupboard_jar")
                .query((row, number) -> row(row))
                .list()) {
            if (row.empty() != null) {
                empty.put(row.kind(), row.empty());
            }
            if (row.water() != null) {
                water.put(row.kind(), new Volume(row.water()));
            }
        }
        Map<Mouth, Integer> lids = new EnumMap<>(Mouth.class);
        db.sql("SELECT mouth, fresh FROM cupboard_lid").query(row -> {
            lids.put(Mouth.ofCode(row.getString("mouth")).orElseThrow(), row.getInt("fresh"));
        });
        return new Cupboard(empty, water, lids);
    }

    private static Row row(ResultSet row) throws SQLException {
        JarKind kind = new JarKind(
                JarSize.ofCode(row.getString("size")).orElseThrow(),
                Mouth.ofCode(row.getString("mouth")).orElseThrow());
        return new Row(kind, row.getObject("empty", Integer.class), row.getObject("water_ul", Long.class));
    }

    void count(JarKind kind, @Nullable Integer empty) {
        db.sql("INSERT INTO cupboard_jar (size, mouth, empty) VALUES (:size, :mouth, :empty)"
                        + " ON DUPLICATE KEY UPDATE empty = :empty")
                .param("size", kind.size().code())
                .param("mouth", kind.mouth().code())
                .param("empty", empty)
                .update();
    }

    void measure(JarKind kind, @Nullable Long microlitres) {
        db.sql("INSERT INTO cupboard_jar (size, mouth, water_ul) VALUES (:size, :mouth, :water)"
                        + " ON DUPLICATE KEY UPDATE water_ul = :water")
                .param("size", kind.size().code())
                .param("mouth", kind.mouth().code())
                .param("water", microlitres)
                .update();
    }

    void count(Mouth mouth, int fresh) {
        db.sql("INSERT INTO cupboard_lid (mouth, fresh) VALUES (:mouth, :fresh) ON DUPLICATE KEY UPDATE fresh = :fresh")
                .param("mouth", mouth.code())
                .param("fresh", fresh)
                .update();
    }

    void forget(Mouth mouth) {
        db.sql("DELETE FROM cupboard_lid WHERE mouth = :mouth")
                .param("mouth", mouth.code())
                .update();
    }

    /** Adds to a count that somebody made, or takes from it; never below zero. A kind nobody counted stays uncounted. */
    void add(JarKind kind, int jars) {
        db.sql("UPDATE cupboard_jar SET empty = GREATEST(0, empty + :jars)"
                        + " WHERE size = :size AND mouth = :mouth AND empty IS NOT NULL")
                .param("jars", jars)
                .param("size", kind.size().code())
                .param("mouth", kind.mouth().code())
                .update();
    }

    void useLids(Mouth mouth, int lids) {
        db.sql("UPDATE cupboard_lid SET fresh = GREATEST(0, fresh - :lids) WHERE mouth = :mouth")
                .param("lids", lids)
                .param("mouth", mouth.code())
                .update();
    }
}
