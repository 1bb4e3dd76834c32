package org.mobrel.server.sharing;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class SharedFieldRepository {

    private final JdbcClient db;

    SharedFieldRepository(JdbcClient db) {
        this.db = db;
    }

    long version() {
        return db.sql("SELECT number FROM shared_counter WHERE id = 1")
                .query(Long.class)
                .single();
    }

    /** The number of a new change; the row stays locked until the transaction ends. */
    long next() {
        db.sql("UPDATE shared_counter SET number = number + 1 WHERE id = 1").update();
        return version();
    }

    void lock() {
        db.sql("SELECT number FROM shared_counter WHERE id = 1 FOR UPDATE")
                .query(Long.class)
                .single();
    }

    long replaced() {
        return db.sql("SELECT replaced FROM shared_counter WHERE id = 1")
                .query(Long.class)
                .single();
    }

    /** Assignments go from left to right: what was replaced last is the change just counted. */
    void replaceAll() {
        db.sql("UPDATE shared_counter SET number = number + 1, replaced = number WHERE id = 1")
                .update();
    }

    /** The fields of a thing that were ever written, each with the number of its last change. */
    Map<String, Long> fields(String concept, String item) {
        Map<String, Long> fields = new HashMap<>();
        db.sql("SELECT field, number FROM shared_field WHERE concept = :concept AND item = :item")
                .param("concept", concept)
                .param("item", item)
                .query(row -> {
                    fields.put(row.getString("field"), row.getLong("number"));
                });
        return fields;
    }

    void wrote(String concept, String item, String field, long number, Instant at) {
        db.sql(
                        """
                        INSERT INTO shared_field (concept, item, field, number, changed_at)
                        VALUES (:concept, :item, :field, :number, :at)
                        ON DUPLICATE KEY UPDATE number = :number, changed_at = :at
                        """)
                .param("concept", concept)
                .param("item", item)
                .param("field", field)
                .param("number", number)
                .param("at", SqlTime.of(at))
                .update();
    }
}
