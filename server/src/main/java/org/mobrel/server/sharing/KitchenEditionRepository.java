package org.mobrel.server.sharing;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class KitchenEditionRepository {

    private final JdbcClient db;

    KitchenEditionRepository(JdbcClient db) {
        this.db = db;
    }

    String read() {
        return db.sql("SELECT edition FROM kitchen_edition").query(String.class).single();
    }

    void write(String edition) {
        db.sql("UPDATE kitchen_edition SET edition = :edition")
                .param("edition", edition)
                .update();
    }
}
