package org.mobrel.server.formats;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Types;
import java.util.Set;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** The tables for other programs: one row a line, read and written as they come. */
@Repository
class CsvRepository {

    /** A cell that begins so would be taken for a formula by a spreadsheet. */
    private static final Set<Character> FORMULA = Set.of('=', '+', '-', '@', '\t', '\r');

    private final JdbcTemplate db;

    CsvRepository(JdbcTemplate db) {
        this.db = db;
    }

    /** What can be had as a table, and the question it answers. */
    enum Sheet {
        SHELF(
                """
                SELECT l.code AS lot, l.title AS dish, l.variant, l.size, l.mouth, s.place, s.jars, l.canned_on, l.best_by, l.finish,
                       IF(EXISTS (SELECT 1 FROM hold h WHERE h.lot_code = l.code AND h.released_at IS NULL), 'yes', 'no') AS on_hold
                FROM lot_stand s JOIN lot l ON l.code = s.lot_code ORDER BY l.canned_on, LENGTH(l.code), l.code, s.place
                """),
        LOTS(
                """
                SELECT l.code AS lot, l.title AS dish, l.variant, l.size, l.mouth, l.verdict, l.canned_on, l.best_by, l.finish,
                       l.batch_id AS batch, l.run_id AS run,
                       (SELECT COALESCE(SUM(m.jars), 0) FROM movement m WHERE m.lot_code = l.code AND m.kind = 'shelved') AS shelved,
                       (SELECT COALESCE(SUM(s.jars), 0) FROM lot_stand s WHERE s.lot_code = l.code) AS jars
                FROM lot l ORDER BY l.canned_on, LENGTH(l.code), l.code
                """),
        BATCHES(
                """
                SELECT b.id AS batch, b.title AS dish, b.recipe_id AS recipe, b.recipe_version, b.made_at, b.canner_name AS canner,
                       b.gauge_kind AS gauge, b.gauge_error / 1000 AS gauge_error_psi, b.verdict, b.table_version, b.accepted_by,
                       r.load_number AS `load`, r.id AS run, r.process_min AS minutes, r.target_psi / 1000 AS reading_psi,
                       r.true_psi / 1000 AS true_psi
                FROM batch b LEFT JOIN run r ON r.batch_id = b.id ORDER BY b.id, r.load_number
                """),
        READINGS(
                """
                SELECT r.id AS run, r.title AS dish, r.canner_name AS canner, e.number, e.happened_at AS at, e.dial_psi / 1000 AS psi,
                       e.weight, e.jiggles, e.told_by AS `by`, IF(e.device_id IS NULL, 'no', 'yes') AS by_gauge
                FROM run_event e JOIN run r ON r.id = e.run_id WHERE e.kind = 'reading' ORDER BY r.id, e.number
                """);

        private final String question;

        Sheet(String question) {
            this.question = question;
        }
    }

    void write(Sheet sheet, CSVPrinter out) {
        db.query(
                connection -> {
                    PreparedStatement query = connection.prepareStatement(
                            sheet.question, ResultSet.TYPE_FORWARD_ONLY, ResultSet.CONCUR_READ_ONLY);
                    query.setFetchSize(500);
                    return query;
                },
                (ResultSet rows) -> {
                    try {
                        return write(rows, out);
                    } catch (IOException gone) {
                        throw new UncheckedIOException(gone);
                    }
                });
    }

    /** How many rows there were. */
    private static int write(ResultSet rows, CSVPrinter out) throws SQLException, IOException {
        ResultSetMetaData columns = rows.getMetaData();
        for (int column = 1; column <= columns.getColumnCount(); column++) {
            out.print(columns.getColumnLabel(column));
        }
        out.println();
        int count = 0;
        while (rows.next()) {
            count++;
            for (int column = 1; column <= columns.getColumnCount(); column++) {
                out.print(
                        columns.getColumnType(column) == Types.TIMESTAMP
                                ? SqlTime.text(rows, column)
                                : harmless(rows.getString(column)));
            }
            out.println();
        }
        return count;
    }

    /** With an apostrophe before what a spreadsheet would take for a formula; numbers stay numbers. */
    static @Nullable String harmless(@Nullable String cell) {
        if (cell == null || cell.isEmpty() || !FORMULA.contains(cell.charAt(0))) {
            return cell;
        }
        return cell.matches("-?\\d+(\\.\\d+)?") ? cell : "'" + cell;
    }
}
