package org.mobrel.server.catalogue;

import java.time.LocalDate;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class RowComparisonRepository {

    private final JdbcClient db;

    RowComparisonRepository(JdbcClient db) {
        this.db = db;
    }

    List<RowComparison> all() {
        return db.sql("SELECT row_id, agrees, edition, compared_by, compared_on, note FROM row_comparison")
                .query((row, number) -> new RowComparison(
                        row.getString("row_id"),
                        row.getBoolean("agrees"),
                        row.getString("edition"),
                        row.getString("compared_by"),
                        row.getObject("compared_on", LocalDate.class),
                        row.getString("note")))
                .list();
    }

    void store(RowComparison comparison) {
        db.sql(
                        """
                        REPLACE INTO row_comparison (row_id, agrees, edition, compared_by, compared_on, note)
                        VALUES (:row, :agrees, :edition, :by, :on, :note)
                        """)
                .param("row", comparison.row())
                .param("agrees", comparison.agrees())
                .param("edition", comparison.edition())
                .param("by", comparison.by())
                .param("on", comparison.on())
                .param("note", comparison.note())
                .update();
    }

    int remove(String row) {
        return db.sql("DELETE FROM row_comparison WHERE row_id = :row")
                .param("row", row)
                .update();
    }
}
